package wildchalk.desktop.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import javafx.stage.Window;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.LargeShapes;
import wildchalk.desktop.binder.BinderView;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.NextFrame;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.Exports;

/**
 * Opens a binder with the largest permitted drill in the real window, opens it, edits, steps through, saves, searches and
 * exports it, while a watchdog measures how long whoever presses a key would have waited at worst.
 */
public final class WatchdogForBench extends Application {

    private static final long PING_MILLIS = 5;
    /** A sheet of the largest permitted drill is some hundred pictures: what must not wait meanwhile is the window. */
    private static final long LONGEST_SECONDS = 240;

    private Shell shell;
    private volatile Thread windowThread;
    private final AtomicLong longest = new AtomicLong();
    private volatile String where = "";

    @Override
    public void start(Stage stage) throws Exception {
        windowThread = Thread.currentThread();
        Path folder = Files.createTempDirectory("wildchalk-bench-large");
        Files.createDirectories(folder.resolve("drills"));
        for (Path file : Demo.files()) {
            Files.copy(file, folder.resolve("drills").resolve(file.getFileName()));
        }
        Path empty = Files.createTempDirectory("wildchalk-bench-empty");
        Path out = Files.createTempDirectory("wildchalk-bench-out");
        Drill largest = LargeShapes.largest();
        Path file = folder.resolve("drills/largest" + DrillFile.SUFFIX);
        Files.writeString(file, DrillFile.ofNew(largest).toText());
        Path home = Files.createTempDirectory("wildchalk-bench-home");
        shell = WildChalkApp.show(stage, new Settings(home), empty, Optional.empty(), new Answering(folder, out));
        Thread driver = new Thread(() -> drive(file, out), "bench-driver");
        driver.setDaemon(true);
        driver.start();
        Thread dog = new Thread(this::watch, "bench-watchdog");
        dog.setDaemon(true);
        dog.start();
    }

    private void watch() {
        try {
            while (true) {
                CountDownLatch answered = new CountDownLatch(1);
                long asked = System.nanoTime();
                Platform.runLater(answered::countDown);
                Map<String, Integer> seen = new TreeMap<>();
                while (!answered.await(PING_MILLIS, TimeUnit.MILLISECONDS)) {
                    seen.merge(place(), 1, Integer::sum);
                }
                long waited = System.nanoTime() - asked;
                if (waited > longest.get()) {
                    longest.set(waited);
                    where = seen.entrySet().stream()
                            .sorted(Map.Entry.<String, Integer>comparingByValue()
                                    .reversed())
                            .limit(3)
                            .map(e -> e.getKey() + " " + e.getValue())
                            .collect(Collectors.joining(", "));
                }
                Thread.sleep(PING_MILLIS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Where the window's thread is: the methods of ours that are on its stack, or what the toolkit does. */
    private String place() {
        String ours = Arrays.stream(windowThread.getStackTrace())
                .filter(e -> e.getClassName().startsWith("wildchalk"))
                .map(e -> e.getClassName().replaceAll(".*\\.", "") + "." + e.getMethodName())
                .filter(e -> !e.contains("ambda"))
                .distinct()
                .limit(7)
                .collect(Collectors.joining(" < "));
        String toolkit = Arrays.stream(windowThread.getStackTrace())
                .map(StackTraceElement::getMethodName)
                .filter(Set.of("doCSSPass", "doLayoutPass", "layout", "show")::contains)
                .reduce((a, b) -> b)
                .orElse("toolkit");
        return ours.isEmpty() ? toolkit : ours;
    }

    private void drive(Path file, Path out) {
        try {
            until(() -> shell.shown() instanceof BinderView);
            Thread.sleep(1500);
            phase("binder", shell::openBinderByDialog, () -> view().found().size() > 10);
            phase("search", () -> search("larg"), () -> view().found().size() == 1);
            phase("open", () -> shell.openFile(file), () -> shell.document().isPresent() && shell.isWhole());
            DrillDocument document = shell.document().orElseThrow();
            until(document::isUpToDate);
            phase("edit step", () -> document.goToStep(50), document::isUpToDate);
            phase("edit thing", () -> move(document, new Point(1, 1)), document::isUpToDate);
            phase("edit path", () -> path(document), document::isUpToDate);
            phase("edit undo", document::undo, document::isUpToDate);
            phase(
                    "edit version",
                    () -> document.show(document.drill().progressions().get(1).id()),
                    document::isUpToDate);
            phase(
                    "play",
                    document::togglePlaying,
                    () -> document.secondsProperty().get() > 1);
            phase("stop", document::togglePlaying, document::isUpToDate);
            phase("edit again", () -> move(document, new Point(2, 1)), document::isUpToDate);
            phase("save", shell::save, document::isSaved);
            for (String id : List.of("html", "pdf", "svg")) {
                Export kind = Exports.find(id).orElseThrow();
                phase("export " + kind, () -> share(kind), () -> written(out, kind));
            }
            phase("back", shell::showBinder, () -> view().found().size() > 0);
            System.out.println("watched");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            Platform.exit();
        }
    }

    private static void move(DrillDocument document, Point by) {
        ElementId gear = document.version().gear().get(7).id();
        document.edit("move", Arrangements.carry(Set.of(gear), PlaneMap.shift(by)));
    }

    private static void path(DrillDocument document) {
        MoveId id = document.path().moves().get(40).id();
        document.edit("path", Arrangements.carry(Set.of(id), PlaneMap.shift(new Point(0.5, 0))));
    }

    /** Asks, and saves without changing anything. */
    private void share(Export kind) {
        Platform.runLater(() -> shell.share(kind));
        NextFrame.run(WatchdogForBench::save);
    }

    /** Presses the dialog's button as soon as there is one. */
    private static void save() {
        Optional<Button> button = javafx.stage.Window.getWindows().stream()
                .map(w -> w.getScene().lookup("#share-save"))
                .filter(Button.class::isInstance)
                .map(Button.class::cast)
                .findFirst();
        if (button.isPresent()) {
            button.get().fire();
        } else {
            NextFrame.run(WatchdogForBench::save);
        }
    }

    private static boolean written(Path out, Export kind) {
        return Files.exists(out.resolve("largest." + kind.suffix()));
    }

    private BinderView view() {
        return (BinderView) shell.shown();
    }

    private void search(String text) {
        ((TextField) shell.lookup("#binder-search")).setText(text);
    }

    /** Does something as a key would, waits until it is done and the window has settled, and says the longest wait. */
    private void phase(String what, Runnable action, BooleanSupplier done) throws InterruptedException {
        longest.set(0);
        where = "";
        long start = System.nanoTime();
        Platform.runLater(action);
        until(done);
        long took = System.nanoTime() - start;
        Thread.sleep(700); // what comes after: cards, rows and pictures that are dealt later
        System.out.printf("wait %s %.0f ms, done after %.0f ms %s%n", what, longest.get() / 1e6, took / 1e6, where);
    }

    /** Looked at on the window's own thread. */
    private static void until(BooleanSupplier condition) throws InterruptedException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(LONGEST_SECONDS);
        while (System.nanoTime() < end) {
            CountDownLatch looked = new CountDownLatch(1);
            boolean[] is = {false};
            Platform.runLater(() -> {
                is[0] = condition.getAsBoolean();
                looked.countDown();
            });
            looked.await();
            if (is[0]) {
                return;
            }
            Thread.sleep(PING_MILLIS);
        }
        throw new IllegalStateException("It never came.");
    }

    /** Somebody chooses a folder to open and a place to save. */
    private record Answering(Path chosen, Path out) implements FileDialogs {
        @Override
        public Optional<Path> open(Window owner, Path at) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> save(Window owner, Path at, String name) {
            return Optional.of(out.resolve(name));
        }

        @Override
        public Optional<Path> folder(Window owner, Path at) {
            return Optional.of(chosen);
        }
    }

    /** Starts it from a class that is no application. */
    public static final class Start {
        private Start() {}

        public static void main(String[] arguments) {
            Application.launch(WatchdogForBench.class, arguments);
        }
    }
}
