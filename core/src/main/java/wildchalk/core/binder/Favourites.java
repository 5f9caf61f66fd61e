package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.JsonText;
import wildchalk.core.json.JsonTree;

/**
 * Which drills of a binder are favourites, by the names of their files: {@code binder.json} beside the drills. What two
 * windows change at the same time is put together; a file that cannot be read hides no drill and is never written over.
 */
public final class Favourites {

    private static final String FORMAT = "wild-chalk-binder";
    private static final int VERSION = 1;

    private final Path file;
    private final Extras extras = new Extras();
    private final Set<String> stems = new TreeSet<>();
    private Optional<IOException> problem = Optional.empty();

    private Favourites(Path file) {
        this.file = file;
    }

    /** Those of a binder; none where there is no such file, or where it cannot be read. */
    public static Favourites of(Binder binder) {
        Favourites f = new Favourites(binder.folder().resolve("binder.json"));
        try {
            f.read();
        } catch (IOException e) {
            f.problem = Optional.of(e);
        }
        return f;
    }

    private void read() throws IOException {
        if (Files.exists(file)) {
            new Fields(file, extras, JsonTree.read(file), "").readAll(root -> {
                root.object("format").readAll(g -> g.format(FORMAT, VERSION));
                return stems.addAll(root.texts("favourites", 200));
            });
        }
    }

    /** Why the file cannot be used, where it cannot. */
    public Optional<IOException> problem() {
        return problem;
    }

    public boolean has(Path drill) {
        return stems.contains(Binder.stem(drill));
    }

    /**
     * Makes a drill a favourite or not, and stores that; what others have stored meanwhile stays.
     *
     * @throws IOException also when what is stored cannot be read: it is not written over
     */
    public void set(Path drill, boolean wanted) throws IOException {
        change(mark -> {
            if (wanted) {
                mark.add(Binder.stem(drill));
            } else {
                mark.remove(Binder.stem(drill));
            }
        });
    }

    /** A drill's file has another name: if it was a favourite, it is one under that. */
    static void follow(Binder binder, Path from, Path to) throws IOException {
        Favourites now = of(binder);
        boolean same = Binder.stem(from).equals(Binder.stem(to));
        if (now.problem.isEmpty() && now.has(from) && !same) {
            now.change(mark -> {
                mark.remove(Binder.stem(from));
                mark.add(Binder.stem(to));
            });
        }
    }

    private void change(Consumer<Set<String>> change) throws IOException {
        try (FolderLock turn = FolderLock.of(file.getParent())) {
            Favourites newest = new Favourites(file);
            newest.read();
            change.accept(newest.stems);
            newest.store();
            stems.clear();
            stems.addAll(newest.stems);
            problem = Optional.empty();
        }
    }

    private void store() throws IOException {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.putObject("format").put("name", FORMAT).put("version", VERSION);
        ArrayNode list = root.putArray("favourites");
        stems.forEach(list::add);
        extras.addTo("", root);
        SafeFiles.write(file, JsonText.of(root).getBytes(StandardCharsets.UTF_8));
    }
}
