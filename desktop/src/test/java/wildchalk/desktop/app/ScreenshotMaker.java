package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.web.WebView;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.Demo;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Removals;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ladder.CompareWindow;
import wildchalk.desktop.reps.RepsView;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Exports;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;
import wildchalk.picture.handout.Handout;
import wildchalk.picture.handout.HandoutOptions;
import wildchalk.picture.handout.Handouts;
import wildchalk.picture.handout.HourTold;
import wildchalk.picture.style.Ground;

/**
 * Makes the pictures of {@code docs/screenshots} from the demo drills: {@code docs/screenshots/make}. Its name keeps it out
 * of the usual test run.
 */
@ExtendWith(ApplicationExtension.class)
class ScreenshotMaker {

    private static final int DRILLS = 30;

    private final Path target =
            Demo.folder().resolve("../../../docs/screenshots").normalize();
    private Window window;
    private Stage stage;

    @Start
    void start(Stage primary) throws Exception {
        stage = primary;
        Path binder = Files.createTempDirectory("wildchalk").resolve("Tern Point");
        Files.createDirectories(binder.resolve("drills"));
        List<Drill> drills = new ArrayList<>();
        Demo.files()
                .forEach(f -> drills.add(Demo.read(f.getFileName().toString().replace(DrillFile.SUFFIX, ""))));
        for (int i = 0; drills.size() < DRILLS; i++) {
            Drill other = Transforms.drill(drills.get(i), Symmetry.ACROSS_WIDTH);
            drills.add(other.withTitle(other.title() + ", other side").withId(new DrillId(other.id() + "-other-side")));
        }
        for (Drill drill : drills) {
            DrillFile.ofNew(drill).save(binder.resolve("drills/" + drill.id() + DrillFile.SUFFIX));
        }
        window = Window.open(stage, binder);
    }

    @Test
    void make(FxRobot robot) throws Exception {
        Window.until(() -> robot.lookup(".card .image-view").queryAll().size() >= 9);
        Window.fx(() -> window.shell.demo().isCopyProperty().set(true));
        WaitForAsyncUtils.waitForFxEvents(20);
        shoot("binder.png");
        board("second-wave-from-the-left", 2.3);
        Window.fx(() -> window.document().selectionProperty().set(Selection.of(new MoveId("m3"))));
        shoot("board-slate.png");
        session(robot);
        board("ebb-or-flow", 8.2);
        Window.fx(() -> window.document()
                .choose(Outcomes.choosing(window.document().version(), Choices.USUAL, "save")
                        .orElseThrow()));
        window.settled();
        Window.fx(() -> {
            window.document().seek(11.4);
            window.document().selectionProperty().set(Selection.of(new MoveId("m9")));
        });
        shoot("board-outcomes.png");
        findings(robot);
        reps(robot);
        present(robot);
        compare(robot);
        share(robot);
        faults();
        twoStates(robot);
        chooser(robot);
        editor(robot);
        Window.fx(window.shell::toggleGround);
        board("breakwater-breakout", 9.5);
        shoot("board-paper.png");
        sheet();
        phone();
        try (Stream<Path> made = Files.list(target)) {
            assertTrue(made.filter(p -> p.toString().endsWith(".png")).count() >= 14);
        }
    }

    /** Without its ball, so that there is something to look at. */
    private void findings(FxRobot robot) throws Exception {
        board("second-wave-from-the-left", 2.3);
        Set<ElementId> balls = new LinkedHashSet<>();
        window.document().version().balls().forEach(b -> balls.add(b.id()));
        Window.fx(() -> window.document().edit("Take the ball away", Arrangements.delete(balls)));
        window.settled();
        Window.press(robot, "#look");
        Window.until(() -> !robot.lookup(".remedy").queryAll().isEmpty());
        shoot("findings.png");
        Window.fx(() -> window.document().undo());
        window.settled();
    }

    /** Fifteen people for ten minutes, a minute and a half into them. */
    private void reps(FxRobot robot) throws Exception {
        board("gull-wing-draw-and-pass", 0);
        Window.press(robot, "#reps");
        Window.until(() -> !robot.lookup("#reps-people").queryAll().isEmpty());
        Slider people = robot.lookup("#reps-people").query();
        Window.fx(() -> people.setValue(15));
        Window.until(() -> !robot.lookup("#reps-more-0").queryAll().isEmpty()
                && !robot.lookup("#reps-more").query().isDisabled());
        RepsView view = robot.lookup("#reps-view").query();
        Window.fx(() -> window.shell
                .board()
                .orElseThrow()
                .view()
                .showBlock(view.outlookProperty().get(), 94));
        shoot("reps.png");
        Window.fx(() -> window.shell.board().orElseThrow().view().repsProperty().set(false));
        Window.press(robot, "#words");
    }

    private void present(FxRobot robot) throws Exception {
        board("lantern-ladder", 0);
        Window.press(robot, "#present");
        Window.until(() -> !robot.lookup("#present-caption").queryAll().isEmpty());
        robot.type(KeyCode.RIGHT);
        Window.until(() -> !robot.lookup("#present-go-on").queryAll().isEmpty());
        robot.type(KeyCode.A);
        dialog(robot, "#present-caption", "present.png");
        robot.type(KeyCode.ESCAPE);
        Window.until(() -> robot.lookup("#present-caption").queryAll().isEmpty());
    }

    private void compare(FxRobot robot) throws Exception {
        Told before =
                Told.of(window.document().drill(), window.document().drill().base());
        Told after = Told.of(
                window.document().drill(),
                window.document().drill().progressions().get(2));
        Window.fx(() -> CompareWindow.show(stage, before, after, Ground.SLATE));
        Window.until(() -> !robot.lookup("#compare-time").queryAll().isEmpty());
        Window.fx(() -> ((Slider) robot.lookup("#compare-time").query()).setValue(3.4));
        dialog(robot, "#compare-time", "compare.png");
        robot.type(KeyCode.ESCAPE);
        Window.until(() -> robot.lookup("#compare-time").queryAll().isEmpty());
    }

    /** What comes of a sheet, before it is made. */
    private void share(FxRobot robot) throws Exception {
        board("lantern-ladder", 0);
        Platform.runLater(() -> window.shell.share(Exports.SHEET));
        Window.until(() -> robot.lookup("#preview-about")
                .tryQueryAs(Labeled.class)
                .filter(l -> l.getText().contains("A4"))
                .isPresent());
        dialog(robot, "#preview-about", "share.png");
        Window.press(robot, "Cancel");
    }

    /** The journal has no room, and an edit went too far. */
    private void faults() throws Exception {
        board("second-wave-from-the-left", 2.3);
        Faults faults = window.shell.faults();
        Window.fx(() -> {
            faults.told(Faults.Kind.JOURNAL, new IOException("No space left on device"));
            faults.told(Faults.Kind.REFUSED, new IllegalArgumentException("The player may be 500 m away at most."));
        });
        shoot("faults.png");
        Window.fx(() -> {
            faults.mended(Faults.Kind.JOURNAL);
            faults.mended(Faults.Kind.REFUSED);
        });
    }

    /** Somebody else has saved the open drill meanwhile, and the journal has no room. */
    private void twoStates(FxRobot robot) throws Exception {
        board("second-wave-from-the-left", 2.3);
        Path file = window.document().file().orElseThrow();
        Drill drill = window.document().drill();
        Progression base = drill.base();
        Drill theirs = drill.withTitle("Second wave, with a runner")
                .withProgression(Removals.move(
                                base, base.moves().get(base.moves().size() - 1).id())
                        .withTitle("Free shot, no keeper"));
        Window.fx(() -> window.document()
                .edit("move", Arrangements.carry(Set.of(base.roles().get(0).id()), PlaneMap.shift(new Point(-3, 1)))));
        window.settled();
        DrillFile.ofNew(theirs).save(file);
        Platform.runLater(window.shell::save);
        Window.until(() -> !robot.lookup("#differences").queryAll().isEmpty());
        dialog(robot, "#differences", "two-states.png");
        Window.press(robot, Ui.text("conflict.keep-here"));
        Window.until(() -> window.document().isSaved());
    }

    /** The demo session, with a coach who leads two stations, so that there is something to look at. */
    private void session(FxRobot robot) throws Exception {
        for (String more : List.of("squads", "sessions")) {
            Path from = Demo.folder().resolve("..").resolve(more).normalize();
            try (Stream<Path> files = Files.walk(from)) {
                for (Path file : files.filter(Files::isRegularFile).toList()) {
                    Path to = window.folder
                            .resolve(more)
                            .resolve(from.relativize(file).toString());
                    Files.createDirectories(to.getParent());
                    Files.copy(file, to);
                }
            }
        }
        Window.press(robot, "#place-session");
        Window.until(() -> !robot.lookup("#block-b3").queryAll().isEmpty());
        Window.press(robot, "#block-b3");
        Window.until(() -> !robot.lookup("#station-coach-s2").queryAll().isEmpty());
        Window.press(robot, "#station-coach-s2");
        robot.type(KeyCode.ENTER);
        Window.until(() -> !robot.lookup("#mend-0-OTHER_COACH").queryAll().isEmpty());
        WaitForAsyncUtils.waitForFxEvents(20);
        shoot("session.png");
        Window.press(robot, "#mend-0-OTHER_COACH");
        links(robot);
        whistle(robot);
        Window.press(robot, "#place-log");
        Window.until(() -> !robot.lookup("#log-table").queryAll().isEmpty());
        WaitForAsyncUtils.waitForFxEvents(20);
        shoot("log.png");
    }

    /** A link for each, served on this computer, one of them answered. */
    private void links(FxRobot robot) throws Exception {
        Window.press(robot, "#session-hand-out");
        Window.press(robot, "#hand-out-links");
        Window.until(() -> robot.lookup("#links-start")
                .tryQuery()
                .filter(n -> !n.isDisabled())
                .isPresent());
        Window.fx(() -> robot.lookup("#links-receipts").queryAs(CheckBox.class).setSelected(true));
        Window.press(robot, "#links-start");
        Window.until(() -> robot.lookup("#links-stop").query().isVisible());
        Window.press(robot, "#link-p4");
        String link = robot.lookup("#link-text").queryAs(TextField.class).getText();
        HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(link + "/answer"))
                                .header("Content-Type", "application/x-www-form-urlencoded")
                                .POST(HttpRequest.BodyPublishers.ofString("coming=CAN&question=Which+door+is+open%3F"))
                                .build(),
                        HttpResponse.BodyHandlers.discarding());
        Window.until(() ->
                robot.lookup("#link-asks").queryAs(Labeled.class).getText().contains("door"));
        dialog(robot, "#links-state", "links.png");
        Window.fx(() ->
                robot.lookup("#links-state").query().getScene().getWindow().hide());
    }

    /** The block with two stations runs, and there is less time than was planned. */
    private void whistle(FxRobot robot) throws Exception {
        Window.press(robot, "#session-run");
        Window.until(() -> !robot.lookup("#whistle-clock").queryAll().isEmpty());
        robot.type(KeyCode.SPACE, KeyCode.N, KeyCode.N, KeyCode.N, KeyCode.L);
        robot.write("25").type(KeyCode.ENTER);
        robot.type(KeyCode.R);
        Window.until(() -> robot.lookup("#whistle-rescue").query().isVisible());
        robot.type(KeyCode.X);
        Window.until(() -> !robot.lookup("#whistle-flash").query().isVisible());
        WaitForAsyncUtils.waitForFxEvents(20);
        dialog(robot, "#whistle-clock", "whistle.png");
        Window.fx(() -> window.shell.hour().whistle().close());
    }

    private void chooser(FxRobot robot) throws Exception {
        Platform.runLater(window.shell::newDrill);
        Window.until(() -> !robot.lookup("#surface-search").queryAll().isEmpty());
        dialog(robot, "#surface-search", "surface-chooser.png");
    }

    private void editor(FxRobot robot) throws Exception {
        Window.press(robot, "#surface-search");
        robot.write("200 x 85");
        Window.press(robot, "#surface-ice-200x85");
        Window.press(robot, "#surface-own");
        Window.until(() -> !robot.lookup("#editor-title").queryAll().isEmpty());
        Window.press(robot, "#editor-thirds");
        dialog(robot, "#editor-title", "surface-editor.png");
        robot.type(KeyCode.ESCAPE);
        Window.until(() -> robot.lookup("#editor-title").queryAll().isEmpty());
        robot.type(KeyCode.ESCAPE);
        Window.until(() -> robot.lookup("#surface-search").queryAll().isEmpty());
    }

    private void dialog(FxRobot robot, String inside, String name) throws Exception {
        WaitForAsyncUtils.waitForFxEvents(20);
        write(name, robot.lookup(inside).query().getScene().getRoot());
    }

    private void board(String id, double seconds) throws Exception {
        window.openDrill(id);
        Window.fx(() -> window.document().seek(seconds));
        WaitForAsyncUtils.waitForFxEvents(20);
    }

    private static HourTold hour() throws IOException {
        Path file = Demo.folder()
                .resolve("../sessions/2026-12-03-before-the-weekend/session.json")
                .normalize();
        Session session = SessionFile.read(file).value();
        BinderLibrary library = BinderLibrary.of(file);
        Optional<Squad> squad = library.squad(session);
        return HourTold.of(SessionPlan.of(session, library, squad), squad, Reader.USUAL, Progress.NONE);
    }

    /** What is handed out on paper, side by side: the hour, a drill of it, a station's card, the script of a stand-in. */
    private void sheet() throws IOException {
        HourTold told = hour();
        List<BufferedImage> pages = new ArrayList<>();
        pages.add(page(Handouts.SHEET, told, 0));
        pages.add(page(Handouts.SHEET, told, 3));
        pages.add(page(Handouts.CARDS, told, 1));
        pages.add(page(Handouts.SCRIPT, told, 0));
        int w = pages.get(0).getWidth();
        int h = pages.get(0).getHeight();
        BufferedImage all = new BufferedImage(2 * w + PAGE_GAP, 2 * h + PAGE_GAP, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = all.createGraphics();
        g.setColor(Ground.PAPER.quiet());
        g.fillRect(0, 0, all.getWidth(), all.getHeight());
        for (int i = 0; i < pages.size(); i++) {
            g.drawImage(pages.get(i), i % 2 * (w + PAGE_GAP), i / 2 * (h + PAGE_GAP), null);
        }
        g.dispose();
        ImageIO.write(all, "png", target.resolve("sheet.png").toFile());
    }

    private static final int PAGE_GAP = 8;

    private static BufferedImage page(Handout kind, HourTold told, int page) throws IOException {
        try (PDDocument document = Loader.loadPDF(kind.make(told, HandoutOptions.USUAL, Progress.NONE))) {
            return new PDFRenderer(document).renderImageWithDPI(page, 80);
        }
    }

    private void phone() throws Exception {
        Path file = Files.createTempFile("phone", ".html");
        HandoutOptions bo = HandoutOptions.USUAL.withPlayer(Optional.of(new PlayerId("p2")));
        Files.write(file, Handouts.PHONE.make(hour(), bo, Progress.NONE));
        WebView[] view = new WebView[1];
        Window.fx(() -> {
            view[0] = new WebView();
            stage.setMinWidth(300);
            stage.setScene(new Scene(view[0], 420, 860));
            stage.setWidth(420);
            stage.setHeight(860);
            view[0].getEngine().load(file.toUri().toString());
        });
        Window.until(() -> WaitForAsyncUtils.asyncFx(() -> view[0].getEngine()
                        .executeScript("document.getElementById('drill') ? 1 : 0")
                        .equals(1))
                .get());
        Window.fx(() -> view[0].getEngine()
                .executeScript("document.querySelectorAll('button.chapter')[2].click();"
                        + "var s = document.getElementById('time'); s.value = 420;"
                        + "s.dispatchEvent(new Event('input'));"));
        WaitForAsyncUtils.waitForFxEvents(40);
        Window.until(() -> view[0].getWidth() < 430 && !snapshotIsBlank(view[0]));
        write("phone-page.png", view[0]);
    }

    private static boolean snapshotIsBlank(Node node) throws Exception {
        WritableImage image =
                WaitForAsyncUtils.asyncFx(() -> node.snapshot(null, null)).get();
        int first = image.getPixelReader().getArgb(200, 300);
        for (int y = 100; y < 600; y += 3) {
            if (image.getPixelReader().getArgb(200, y) != first) {
                return false;
            }
        }
        return true;
    }

    private void shoot(String name) throws Exception {
        Window.fx(() -> {
            stage.getScene().getRoot().requestFocus();
            window.shell.board().ifPresent(b -> b.focusBoard());
        });
        WaitForAsyncUtils.waitForFxEvents(30);
        write(name, stage.getScene().getRoot());
    }

    private void write(String name, Node node) throws Exception {
        WritableImage image =
                WaitForAsyncUtils.asyncFx(() -> node.snapshot(null, null)).get();
        BufferedImage argb = SwingFXUtils.fromFXImage(image, null);
        BufferedImage rgb = new BufferedImage(argb.getWidth(), argb.getHeight(), BufferedImage.TYPE_INT_RGB);
        var g = rgb.createGraphics();
        g.drawImage(argb, 0, 0, null);
        g.dispose();
        ImageIO.write(rgb, "png", target.resolve(name).toFile());
    }
}
