package wildchalk.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.binder.LogFile;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.log.Reply.Coming;
import wildchalk.core.squad.PlayerId;

/** A link for each, from the Session place to a phone and back into the log. */
@ExtendWith(ApplicationExtension.class)
class LinksTest {

    private static final PlayerId DAG = new PlayerId("p4");

    private final HttpClient phone = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();
    private Window window;

    @Start
    void start(Stage stage) throws Exception {
        window = Window.openDemo(stage);
    }

    private Path session() {
        return window.folder.resolve("sessions/2026-12-03-before-the-weekend/session.json");
    }

    private String get(String url) throws Exception {
        return phone.send(HttpRequest.newBuilder(URI.create(url)).build(), BodyHandlers.ofString())
                .body();
    }

    private HttpResponse<String> answer(String url, String form) throws IOException, InterruptedException {
        return phone.send(
                HttpRequest.newBuilder(URI.create(url + "/answer"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(BodyPublishers.ofString(form))
                        .build(),
                BodyHandlers.ofString());
    }

    private static String row(FxRobot robot, String player) {
        return robot.lookup("#link-" + player)
                .tryQueryAs(ToggleButton.class)
                .map(ToggleButton::getText)
                .orElse("");
    }

    private static boolean is(FxRobot robot, String query) {
        for (Node n = robot.lookup(query).tryQuery().orElse(null); n != null; n = n.getParent()) {
            if (!n.isVisible()) {
                return false;
            }
        }
        return robot.lookup(query).tryQuery().isPresent();
    }

    private void open(FxRobot robot) {
        Window.press(robot, "#place-session");
        Window.until(() -> !robot.lookup("#block-b3").queryAll().isEmpty());
        Window.press(robot, "#session-hand-out");
        Window.press(robot, "#hand-out-links");
        Window.until(() -> robot.lookup("#links-start")
                .tryQuery()
                .filter(n -> !n.isDisabled())
                .isPresent());
    }

    @Test
    void aPlayerOpensAnswersAndAsks(FxRobot robot) throws Exception {
        open(robot);
        Window.press(robot, "#link-p4");
        String leaves = robot.lookup("#link-inside").queryAs(TextArea.class).getText();
        assertTrue(leaves.contains("For Dag: blue bib."), leaves);
        assertFalse(leaves.contains("Østby"), "what would leave has first names only");
        assertFalse(is(robot, "#link-code"), "nothing is served yet");
        Window.fx(() -> robot.lookup("#links-receipts").queryAs(CheckBox.class).setSelected(true));
        Window.press(robot, "#links-start");
        Window.until(() -> is(robot, "#links-stop"));
        String url = robot.lookup("#link-text").queryAs(TextField.class).getText();
        assertTrue(url.startsWith("http://127.0.0.1:"), url);
        assertTrue(row(robot, "p4").endsWith("not opened yet"));

        String letter = get(url);
        assertTrue(letter.contains("For Dag: blue bib."));
        assertTrue(letter.contains("Tove is told when you opened this first."));
        Window.until(() -> row(robot, "p4").contains("opened at "));
        assertTrue(get(url + "/page").contains("Lantern ladder"));

        assertTrue(
                answer(url, "coming=CANNOT&question=Where+do+we+meet%3F").body().contains("You cannot come."));
        Window.until(() -> row(robot, "p4").contains("cannot come"));
        Window.until(
                () -> robot.lookup("#link-asks").queryAs(Label.class).getText().contains("asks: Where do we meet?"));
        var kept = LogFile.of(session()).orElseThrow().replies();
        assertEquals(List.of(DAG), kept.stream().map(r -> r.player()).toList());
        assertEquals(Coming.CANNOT, kept.get(0).coming());

        // one press, and the session is without him
        Window.press(robot, "#links-absent");
        Window.press(robot, "OK");
        Window.until(() -> readSession().contains(DAG));

        // taken back, it opens nothing; another one does
        Window.press(robot, "#link-revoke");
        Window.until(() -> !is(robot, "#link-code"));
        assertTrue(get(url).contains("Nothing here"));
        Window.press(robot, "#link-renew");
        Window.until(() -> is(robot, "#link-code"));
        String other = robot.lookup("#link-text").queryAs(TextField.class).getText();
        assertTrue(get(other).contains("For Dag"));

        // what is served ends with the window
        Window.press(robot, "#links-stop");
        Window.until(() -> is(robot, "#links-start"));
        assertThrows(ConnectException.class, () -> get(other));
        Window.fx(() ->
                robot.lookup("#links-state").query().getScene().getWindow().hide());

        // opened again, it knows what was answered
        Window.press(robot, "#session-hand-out");
        Window.press(robot, "#hand-out-links");
        Window.until(() -> !robot.lookup("#link-p1").queryAll().isEmpty());
        assertTrue(robot.lookup("#link-p4").queryAll().isEmpty(), "he is absent now: nothing is made for him");
        Window.fx(() ->
                robot.lookup("#links-state").query().getScene().getWindow().hide());

        // the log has it, and the session is not taken for one that was run
        Window.press(robot, "#place-log");
        Window.until(() -> robot.lookup(".label").queryAll().stream()
                .anyMatch(n -> ((Label) n).getText().equals("Dag Østby cannot come.")));
        assertTrue(robot.lookup("#log-weeks .label").queryAll().isEmpty()
                || robot.lookup("#log-open").queryAll().isEmpty());
    }

    private List<PlayerId> readSession() {
        try {
            return SessionFile.read(session()).value().absent();
        } catch (IOException e) {
            return List.of();
        }
    }

    @Test
    void closingTheWindowStopsServingAndTheOutboxLiesInTheBinder(FxRobot robot) throws Exception {
        open(robot);
        Window.press(robot, "#links-start");
        Window.until(() -> is(robot, "#links-stop"));
        Window.press(robot, "#link-p1");
        String url = robot.lookup("#link-text").queryAs(TextField.class).getText();
        assertTrue(get(url).contains("Nobody is told that you opened this."));
        assertTrue(answer(url, "coming=CAN&question=").body().contains("You can come."));
        Window.until(() -> row(robot, "p1").contains("can come"));
        Window.press(robot, "#links-outbox");
        Path outbox = window.folder.resolve("outbox/2026-12-03-before-the-weekend");
        Window.until(() -> is(robot, "OK"));
        Window.press(robot, "OK");
        try (Stream<Path> files = Files.list(outbox)) {
            assertEquals(17, files.filter(f -> f.toString().endsWith(".txt")).count());
        }
        assertTrue(Files.readString(outbox.resolve("01-ada.txt")).contains(url));
        Window.fx(() ->
                robot.lookup("#links-state").query().getScene().getWindow().hide());
        assertThrows(ConnectException.class, () -> get(url));

        // made anew, links know what was answered before
        Window.press(robot, "#session-hand-out");
        Window.press(robot, "#hand-out-links");
        Window.until(() -> row(robot, "p1").contains("can come"));
    }
}
