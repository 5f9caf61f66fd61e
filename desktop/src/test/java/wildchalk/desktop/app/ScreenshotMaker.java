package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
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
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MoveId;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.export.PageExport;
import wildchalk.picture.export.Progress;
import wildchalk.picture.export.Rep;
import wildchalk.picture.export.SheetExport;
import wildchalk.picture.style.Ground;

/**
 * Makes the pictures of {@code docs/screenshots} from the demo drills: {@code docs/screenshots/make}. Its name keeps it out
 * of the usual test run.
 */
@ExtendWith(ApplicationExtension.class)
class ScreenshotMaker {

    private final Path target =
            Demo.folder().resolve("../../../docs/screenshots").normalize();
    private Window window;
    private Stage stage;

    @Start
    void start(Stage primary) throws Exception {
        stage = primary;
        Path binder = Files.createTempDirectory("wildchalk").resolve("Tern Point");
        Files.createDirectories(binder.resolve("drills"));
        try (Stream<Path> all = Files.list(Demo.folder())) {
            for (Path file :
                    all.filter(f -> f.toString().endsWith(DrillFile.SUFFIX)).toList()) {
                Files.copy(file, binder.resolve("drills").resolve(file.getFileName()));
            }
        }
        window = Window.open(stage, binder);
    }

    @Test
    void make(FxRobot robot) throws Exception {
        Window.until(
                () -> robot.lookup(".card").queryAll().size() >= Demo.files().size());
        WaitForAsyncUtils.waitForFxEvents(20);
        shoot("binder.png");
        board("second-wave-from-the-left", 2.3);
        fx(() -> window.document().selectionProperty().set(Selection.of(new MoveId("m3"))));
        shoot("board-slate.png");
        board("breakwater-breakout", 9.5);
        fx(window.shell::toggleGround);
        shoot("board-paper.png");
        sheet();
        phone();
        try (Stream<Path> made = Files.list(target)) {
            assertTrue(made.filter(p -> p.toString().endsWith(".png")).count() >= 5);
        }
    }

    private void board(String id, double seconds) throws Exception {
        fx(() -> window.shell.openFile(window.folder.resolve("drills").resolve(id + DrillFile.SUFFIX)));
        window.settled();
        fx(() -> window.document().seek(seconds));
        WaitForAsyncUtils.waitForFxEvents(20);
    }

    private void sheet() throws IOException {
        Drill drill = Demo.read("second-wave-from-the-left");
        byte[] pdf = SheetExport.of(Rep.of(drill, drill.base()), SheetExport.Paper.A4, Progress.NONE);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            ImageIO.write(
                    new PDFRenderer(document).renderImageWithDPI(0, 96),
                    "png",
                    target.resolve("sheet.png").toFile());
        }
    }

    private void phone() throws Exception {
        Drill drill = Demo.read("crossing-backs");
        Path file = Files.createTempFile("phone", ".html");
        Files.write(file, PageExport.of(Rep.of(drill, drill.base()), Ground.PAPER));
        WebView[] view = new WebView[1];
        fx(() -> {
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
        fx(() -> view[0].getEngine()
                .executeScript("var s = document.getElementById('time'); s.value = 420;"
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
        fx(() -> {
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

    private static void fx(Runnable action) throws Exception {
        WaitForAsyncUtils.asyncFx(action).get();
        WaitForAsyncUtils.waitForFxEvents();
    }
}
