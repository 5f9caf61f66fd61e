package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.stage.Stage;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Tellings;
import wildchalk.core.edit.Versions;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.desktop.document.Consent;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.FileDialogs;

/**
 * The real window, edited without a pause until it is killed: drags, versions, forks, deletions, undoing, saving, saving
 * elsewhere and renaming. What each edit has made, and in which file it belongs, is said on standard output with the time
 * once it has been made; what is about to be written is said before.
 */
public final class KillTrial extends Application {

    private static final int MOST_VERSIONS = 5;
    private static final int MOST_FORKS = 2;

    private Shell shell;
    private Random random;
    private Optional<Path> answer = Optional.empty();
    private int edits;
    private int files;

    @Override
    public void start(Stage stage) throws Exception {
        Path home = Path.of(getParameters().getRaw().get(0));
        Path drill = Path.of(getParameters().getRaw().get(1));
        random = new Random(Long.parseLong(getParameters().getRaw().get(2)));
        shell = WildChalkApp.show(
                stage, new Settings(home), drill.getParent().getParent(), Optional.of(drill), new Answers());
        shell.document().orElseThrow().setConsent(Consent.ALWAYS); // nobody is there to answer
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames % 3 == 0) {
                    act();
                }
            }
        }.start();
    }

    private void act() {
        DrillDocument document = shell.document().orElseThrow();
        switch (random.nextInt(20)) {
            case 0, 1 -> save(document);
            case 2 -> saveElsewhere(document);
            case 3 -> rename(document);
            case 4 -> show(document);
            case 5 -> document.undo();
            default -> document.edit("edit " + edits, edit(document));
        }
        edits++;
        System.out.println("edit " + edits + " " + System.currentTimeMillis() + " " + KillRun.hash(document.drill())
                + " " + document.file().orElseThrow().getFileName());
    }

    private Edit edit(DrillDocument document) {
        Progression version = document.version();
        return switch (random.nextInt(10)) {
            case 0 ->
                document.drill().progressions().size() < MOST_VERSIONS
                        ? Versions.add("Version " + edits)
                        : Versions.title("Called " + edits);
            case 1 ->
                version.course().forks().size() < MOST_FORKS
                        ? Tellings.fork(document.currentStep(), Fork.By.CHANCE)
                        : Tellings.coachingPoint(document.currentStep(), -1, "Point " + edits);
            case 2 ->
                version.moves().size() > 2
                        ? Arrangements.delete(Set.of(version.moves()
                                .get(random.nextInt(version.moves().size()))
                                .id()))
                        : drag(version);
            default -> drag(version);
        };
    }

    private Edit drag(Progression version) {
        RoleId role =
                version.roles().get(random.nextInt(version.roles().size())).id();
        Point by = new Point(random.nextInt(21) / 10.0 - 1, random.nextInt(21) / 10.0 - 1);
        return Arrangements.carry(Set.of(role), PlaneMap.shift(by));
    }

    private void show(DrillDocument document) {
        List<Progression> all = document.drill().progressions();
        document.show(all.get(random.nextInt(all.size())).id());
    }

    private void save(DrillDocument document) {
        writes(document.drill());
        shell.save();
    }

    private void saveElsewhere(DrillDocument document) {
        writes(document.drill());
        answer = Optional.of(shell.binder().drillsFolder().resolve("elsewhere-" + ++files + DrillFile.SUFFIX));
        shell.saving().saveAs();
    }

    /** As the Binder does it: on the disk, and then the open drill is told. */
    private void rename(DrillDocument document) {
        Path from = document.file().orElseThrow();
        String title = "Renamed " + ++files;
        try {
            writes(Binder.renamed(DrillFile.read(from).value(), title));
            shell.moved(from, shell.binder().rename(from, title));
        } catch (IOException e) {
            System.out.println("failed " + e.getMessage());
        }
    }

    private static void writes(Drill drill) {
        System.out.println("writes " + KillRun.hash(drill));
    }

    private final class Answers implements FileDialogs {
        @Override
        public Optional<Path> open(javafx.stage.Window owner, Path at) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> save(javafx.stage.Window owner, Path at, String name) {
            return answer;
        }

        @Override
        public Optional<Path> folder(javafx.stage.Window owner, Path at) {
            return Optional.empty();
        }
    }

    /** Starts it from a class that is no application. */
    public static final class Start {
        private Start() {}

        public static void main(String[] arguments) {
            Application.launch(KillTrial.class, arguments);
        }
    }
}
