package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;

/** Which drills of a binder are favourites, by the names of their files: {@code binder.json} beside the drills. */
public final class Favourites {

    private static final String FORMAT = "wild-chalk-binder";
    private static final int VERSION = 1;

    private final Path file;
    private final Extras extras = new Extras();
    private final Set<String> stems = new TreeSet<>();

    private Favourites(Path file) {
        this.file = file;
    }

    /** Those of a binder; none where there is no such file. */
    public static Favourites of(Binder binder) throws IOException {
        Favourites f = new Favourites(binder.folder().resolve("binder.json"));
        if (Files.exists(f.file)) {
            new Fields(f.file, f.extras, JsonTree.read(f.file), "").readAll(root -> {
                root.object("format").readAll(g -> g.format(FORMAT, VERSION));
                return f.stems.addAll(root.texts("favourites", 200));
            });
        }
        return f;
    }

    public boolean has(Path drill) {
        return stems.contains(Binder.stem(drill));
    }

    /** Adds a drill or takes it out, and stores that. */
    public void toggle(Path drill) throws IOException {
        String stem = Binder.stem(drill);
        if (!stems.remove(stem)) {
            stems.add(stem);
        }
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.putObject("format").put("name", FORMAT).put("version", VERSION);
        ArrayNode list = root.putArray("favourites");
        stems.forEach(list::add);
        extras.addTo("", root);
        SafeFiles.write(file, JsonText.of(root).getBytes(StandardCharsets.UTF_8));
    }
}
