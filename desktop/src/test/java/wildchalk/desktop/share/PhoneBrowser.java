package wildchalk.desktop.share;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import javafx.concurrent.Worker;
import javafx.scene.Scene;
import javafx.scene.web.WebView;
import javafx.stage.Stage;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.geometry.Point;

/** A real browser engine of the size of a phone, for tests of what is handed out. */
final class PhoneBrowser {

    private final WebView view;
    private int loads;

    private PhoneBrowser(WebView view) {
        this.view = view;
    }

    static PhoneBrowser show(Stage stage) {
        WebView view = new WebView();
        stage.setScene(new Scene(view, 400, 760));
        stage.show();
        return new PhoneBrowser(view);
    }

    WebView view() {
        return view;
    }

    void load(byte[] page) throws Exception {
        Path file = Files.createTempFile("wildchalk", ".html");
        Files.write(file, page);
        // the page before may still answer for a while: what is asked next is meant for this one
        String marked = file.toUri() + "?" + ++loads;
        WaitForAsyncUtils.asyncFx(() -> view.getEngine().load(marked)).get();
        WaitForAsyncUtils.waitFor(
                30,
                TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.asyncFx(
                                () -> marked.equals(view.getEngine().getLocation()))
                        .get());
        loaded();
    }

    void loaded() throws Exception {
        WaitForAsyncUtils.waitForFxEvents();
        WaitForAsyncUtils.waitFor(
                30,
                TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.asyncFx(
                                () -> view.getEngine().getLoadWorker().getState() == Worker.State.SUCCEEDED
                                        && view.getEngine()
                                                .executeScript("document.getElementById('drill') ? 1 : 0")
                                                .equals(1))
                        .get());
    }

    Object run(String script) throws Exception {
        return WaitForAsyncUtils.asyncFx(() -> view.getEngine().executeScript(script))
                .get();
    }

    double number(String script) throws Exception {
        return ((Number) run(script)).doubleValue();
    }

    String text(String script) throws Exception {
        return String.valueOf(run(script));
    }

    /** Where a moving part of the picture is on the surface. @param standing whether the picture stands */
    Point place(String id, double scale, double x0, double y0, boolean standing) throws Exception {
        String transform = text("document.getElementById('" + id + "').getAttribute('transform')");
        String[] xy = transform.replaceAll("[^-0-9. ]", "").trim().split(" +");
        double right = (Double.parseDouble(xy[0]) - x0) / scale;
        double up = (y0 - Double.parseDouble(xy[1])) / scale;
        return standing ? new Point(up, -right) : new Point(right, up);
    }
}
