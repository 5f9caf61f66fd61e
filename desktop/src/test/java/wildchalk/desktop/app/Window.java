package wildchalk.desktop.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ConcurrentModificationException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.stage.Stage;
import org.testfx.api.FxRobot;
import org.testfx.api.FxRobotException;
import org.testfx.service.locator.BoundsLocatorException;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Saying;
import wildchalk.desktop.board.BoardView;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.NextFrame;
import wildchalk.picture.paint.Bodies;

/** The real window for tests, with answers instead of the system's file dialogs. */
public final class Window {

    final Shell shell;
    final Path folder;
    /** Where its settings are. */
    final Path home;
    /** What the next save dialog answers. */
    Path saveAnswer;
    /** What the next folder dialog answers. */
    Path folderAnswer;
    /** What the next open dialog answers. */
    Path openAnswer;
    /** Under which name the last save dialog offered to save, and where. */
    Path saveOffered;
    /** What was opened with another application last. */
    Path openedOutside;

    private Window(Stage stage, Path binder, Path home) throws Exception {
        this.folder = binder;
        this.home = home;
        this.shell = WildChalkApp.show(stage, new Settings(home), binder, Optional.empty(), new FileDialogs() {
            @Override
            public Optional<Path> open(javafx.stage.Window owner, Path at) {
                return Optional.ofNullable(openAnswer);
            }

            @Override
            public Optional<Path> save(javafx.stage.Window owner, Path at, String name) {
                saveOffered = at.resolve(name);
                return Optional.ofNullable(saveAnswer);
            }

            @Override
            public void openOutside(Path file) {
                openedOutside = file;
            }

            @Override
            public Optional<Path> folder(javafx.stage.Window owner, Path at) {
                return Optional.ofNullable(folderAnswer);
            }
        });
    }

    public static Window open(Stage stage, Path binder) throws Exception {
        return new Window(stage, binder, Files.createTempDirectory("wildchalk-test-home"));
    }

    /** On a copy of the demo binder. */
    static Window openDemo(Stage stage) throws Exception {
        Path binder = Files.createTempDirectory("wildchalk-binder");
        Files.createDirectories(binder.resolve("drills"));
        for (Path file : Demo.files()) {
            Files.copy(file, binder.resolve("drills").resolve(file.getFileName()));
        }
        for (String more : List.of("squads", "sessions/2026-12-03-before-the-weekend")) {
            Path from = Demo.folder().resolve("..").resolve(more).normalize();
            Path to = Files.createDirectories(binder.resolve(more));
            try (Stream<Path> files = Files.list(from)) {
                for (Path file : files.toList()) {
                    Files.copy(file, to.resolve(file.getFileName()));
                }
            }
        }
        return open(stage, binder);
    }

    /** Opens a drill of the binder on the Board. */
    void openDrill(String id) throws Exception {
        open(folder.resolve("drills").resolve(id + DrillFile.SUFFIX));
    }

    /** Opens a drill's file on the Board. */
    void open(Path file) throws Exception {
        fx(() -> shell.openFile(file));
        until(() -> shell.document()
                .flatMap(DrillDocument::file)
                .filter(file::equals)
                .isPresent());
        settled();
    }

    /** Does something on the thread of the windows, and waits for it. */
    public static void fx(Runnable action) throws Exception {
        WaitForAsyncUtils.asyncFx(action).get();
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** With settings and journals that were there before. */
    static Window open(Stage stage, Path binder, Path home) throws Exception {
        return new Window(stage, binder, home);
    }

    DrillDocument document() {
        return shell.document().orElseThrow();
    }

    BoardView board() {
        return shell.board().orElseThrow().view();
    }

    /** The pixel of the screen over a place of the surface. */
    Point2D screen(Point metres) {
        var p = board().viewport().toPixels(metres);
        return board().localToScreen(p.getX(), p.getY());
    }

    /** A new drill with people as they were placed by words; what follows is done by hand. */
    void placed(String surface, String text) throws Exception {
        fx(() -> shell.startNew(Drill.blank("Hand", new SurfaceUse(surface, "whole"), Audience.USUAL)));
        settled();
        var path = document().path();
        fx(() -> document()
                .edit(
                        "said",
                        Saying.edit(
                                document().drill(), path, path.steps().get(0).id(), LengthUnit.METRES, text)));
        settled();
        fx(() -> board().requestFocus());
    }

    /** Where a player's body is on the screen. */
    Point2D body(String role) {
        var p = Bodies.of(document().frame(), board().viewport(), new RoleId(role));
        return board().localToScreen(p.getX(), p.getY());
    }

    /** Pulls with the mouse from one pixel through others, as a hand does: in small moves. */
    void pull(FxRobot robot, Point2D from, Point2D... through) {
        moveTo(robot, from);
        robot.press(javafx.scene.input.MouseButton.PRIMARY);
        Point2D at = from;
        for (Point2D next : through) {
            for (int i = 1; i <= 6; i++) {
                moveTo(robot, at.interpolate(next, i / 6.0));
            }
            at = next;
        }
        robot.release(javafx.scene.input.MouseButton.PRIMARY);
        settled();
    }

    /** Moves the mouse there at once; a robot that strolls takes most of a test's time. */
    static void moveTo(FxRobot robot, Point2D place) {
        robot.robotContext().getBaseRobot().moveMouse(place);
        WaitForAsyncUtils.waitForFxEvents(1);
    }

    static void click(FxRobot robot, Point2D place) {
        moveTo(robot, place);
        robot.clickOn();
    }

    /** The button of a drill's card in the Binder. */
    static Node card(FxRobot robot, String drill) {
        return part(robot, "card", drill);
    }

    /** The menu in the corner of a drill's card. */
    static Node cardMenu(FxRobot robot, String drill) {
        return part(robot, "card-menu", drill);
    }

    private static Node part(FxRobot robot, String styleClass, String drill) {
        Node[] found = new Node[1];
        until(() -> {
            WaitForAsyncUtils.waitForFxEvents();
            found[0] = robot.lookup("." + styleClass).queryAll().stream()
                    .filter(n -> drill.equals(n.getProperties().get("drill")))
                    .findFirst()
                    .orElse(null);
            return found[0] != null;
        });
        return found[0];
    }

    static boolean hasCard(FxRobot robot, String drill) {
        return robot.lookup(".card").queryAll().stream()
                .anyMatch(n -> drill.equals(n.getProperties().get("drill")));
    }

    /** Waits until the window has worked out what it shows. */
    void settled() {
        until(() -> {
            WaitForAsyncUtils.waitForFxEvents(2);
            return shell.isWhole()
                    && shell.document().map(DrillDocument::isUpToDate).orElse(true);
        });
        frames(1);
    }

    /** The slot of a sentence, such as "m3-MANNER", once it is written. */
    static Node slot(FxRobot robot, String which) {
        Node[] found = new Node[1];
        until(() -> {
            WaitForAsyncUtils.waitForFxEvents();
            found[0] = robot.lookup(".slot").queryAll().stream()
                    .filter(n -> which.equals(n.getProperties().get("slot")))
                    .findFirst()
                    .orElse(null);
            return found[0] != null;
        });
        return found[0];
    }

    static void pressSlot(FxRobot robot, String which) {
        press(() -> place(() -> robot.point(slot(robot, which)).query()), robot);
    }

    /** Clicks a node once it is there, can be seen and stands still: a dialog takes a moment to be laid out. */
    public static void press(FxRobot robot, String query) {
        press(() -> place(() -> robot.point(query).query()), robot);
    }

    private static void press(Supplier<Optional<Point2D>> place, FxRobot robot) {
        Point2D[] before = new Point2D[1];
        until(() -> {
            frames(2);
            Optional<Point2D> now = place.get();
            boolean still = now.isPresent() && now.get().equals(before[0]);
            before[0] = now.orElse(null);
            return still;
        });
        click(robot, before[0]);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static Optional<Point2D> place(Supplier<Point2D> where) {
        try {
            return Optional.of(where.get());
        } catch (FxRobotException notVisible) {
            return Optional.empty();
        } catch (RuntimeException failed) {
            for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
                if (cause instanceof BoundsLocatorException) {
                    return Optional.empty(); // it is there, but not yet where it can be seen
                }
            }
            throw failed;
        }
    }

    /** Waits until the window has shown some frames: only then is what was asked of it laid out, however busy the machine is. */
    static void frames(int count) {
        CountDownLatch left = new CountDownLatch(count);
        Platform.runLater(() -> next(left));
        try {
            left.await(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void next(CountDownLatch left) {
        if (left.getCount() > 0) {
            NextFrame.run(() -> {
                left.countDown();
                next(left);
            });
        }
    }

    public static void until(Callable<Boolean> condition) {
        try {
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> holds(condition));
        } catch (Exception e) {
            throw new AssertionError("The window never came to it.", e);
        }
    }

    /** What is looked for among nodes that change meanwhile is not there yet. */
    private static boolean holds(Callable<Boolean> condition) throws Exception {
        try {
            return condition.call();
        } catch (IndexOutOfBoundsException | ConcurrentModificationException e) {
            return false;
        }
    }
}
