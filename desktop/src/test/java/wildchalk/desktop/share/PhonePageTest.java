package wildchalk.desktop.share;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.progress.Progress;
import wildchalk.picture.export.Exports;
import wildchalk.picture.export.PageExport;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/** The phone page in a real browser engine, which enforces its content policy. */
@ExtendWith(ApplicationExtension.class)
class PhonePageTest {

    private static final double ONE_CENTIMETRE = 0.01;

    private PhoneBrowser browser;
    private Stage stage;

    @Start
    void start(Stage stage) {
        this.stage = stage;
        browser = PhoneBrowser.show(stage);
    }

    @Test
    void everybodyIsWhereTheTimelineSays() throws Exception {
        for (String id : List.of("second-wave-from-the-left", "breakwater-breakout", "crossing-backs")) {
            Drill drill = Demo.read(id);
            Told told = Told.of(drill, drill.base());
            browser.load(PageExport.of(told, Exports.PAGE.usual(Ground.PAPER, 0), Progress.NONE));
            String frame = "JSON.parse(document.getElementById('drill').textContent)"
                    + ".stages[0].frames[+document.getElementById('board').getAttribute('data-frame')]";
            double scale = browser.number(frame + ".pixelsPerMetre");
            double x0 = browser.number(frame + ".x");
            double y0 = browser.number(frame + ".y");
            boolean standing = Boolean.parseBoolean(browser.text("String(" + frame + ".standing)"));
            for (int i = 0; i <= 10; i++) {
                int slider = i * 97;
                browser.run("var s = document.getElementById('time'); s.value = " + slider
                        + "; s.dispatchEvent(new Event('input'));");
                double t = slider / 1000.0 * Math.round(told.timeline().seconds() * 1000) / 1000.0;
                for (Role role : drill.base().roles()) {
                    Point shown = browser.place("role-" + role.id(), scale, x0, y0, standing);
                    double away = shown.distanceTo(
                            told.timeline().poseAt(role.id(), t).at());
                    assertTrue(away < ONE_CENTIMETRE, id + ": " + role.label() + " is " + away + " m off at " + t);
                }
                for (var ball : told.timeline().ballIds()) {
                    double away = browser.place("ball-" + ball, scale, x0, y0, standing)
                            .distanceTo(told.timeline().ballAt(ball, t));
                    assertTrue(away < ONE_CENTIMETRE, id + ": the ball is " + away + " m off at " + t);
                }
            }
        }
    }

    @Test
    void itPlaysStepsAndFollowsARole() throws Exception {
        Drill drill = Demo.read("second-wave-from-the-left");
        Told told = Told.of(drill, drill.base());
        browser.load(PageExport.of(told, Exports.PAGE.usual(Ground.SLATE, 0), Progress.NONE));
        browser.run("document.getElementById('next').click()");
        assertEquals(
                told.timeline().steps().get(1).start(),
                browser.number("parseFloat(document.getElementById('clock').textContent)"),
                0.06);
        assertEquals(1, browser.number("+document.querySelector('#words li.now').getAttribute('data-step')"), 0);
        browser.run("var r = document.getElementById('role'); r.value = 'cb'; r.dispatchEvent(new Event('change'));");
        assertEquals(1, browser.number("document.querySelectorAll('.part:not([hidden])').length"), 0);
        assertTrue(browser.text("document.querySelector('.part:not([hidden])').textContent")
                .startsWith("You are CB."));
        browser.run("var s = document.getElementById('time'); s.value = 0; s.dispatchEvent(new Event('input'));"
                + "document.getElementById('speed').value = '0.5'; document.getElementById('play').click()");
        WaitForAsyncUtils.waitFor(
                30,
                TimeUnit.SECONDS,
                () -> browser.number("parseFloat(document.getElementById('clock').textContent)") > 0.5);
        // slow enough that a busy machine does not come to the end of it before the press
        assertEquals("Pause", browser.text("document.getElementById('play').textContent"));
        browser.run("document.getElementById('play').click()");
        assertEquals("Play", browser.text("document.getElementById('play').textContent"));
    }

    /** Upright and lying on a phone: the picture is large, and a thumb hits everything. */
    @ParameterizedTest
    @CsvSource({
        "second-wave-from-the-left, 390, 844",
        "second-wave-from-the-left, 844, 390",
        "crossing-backs, 390, 844",
        "ebb-or-flow, 390, 844",
        "ebb-or-flow, 844, 390",
        "tideline-serve-receive, 390, 844",
        "lantern-ladder, 844, 390"
    })
    void thePictureFillsAPhoneAndEveryControlIsLargeEnough(String id, double width, double height) throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    // the stage may come from another test, whose window is never so small
                    stage.setMinWidth(1);
                    stage.setMinHeight(1);
                    stage.setWidth(width);
                    stage.setHeight(height);
                })
                .get();
        Drill drill = Demo.read(id);
        browser.load(PageExport.of(Told.of(drill, drill.base()), Exports.PAGE.usual(Ground.PAPER, 0), Progress.NONE));
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> browser.number("window.innerWidth") == width);
        String board = "document.getElementById('board').getBoundingClientRect()";
        double wide = browser.number(board + ".width");
        double high = browser.number(board + ".height");
        if (height > width) {
            assertTrue(high >= 0.55 * height || fills(board, width), wide + " x " + high);
        } else {
            assertTrue(high >= 0.8 * height, wide + " x " + high);
        }
        assertTrue(browser.number("document.documentElement.scrollWidth") <= width, "nothing scrolls sideways");
        String small =
                browser.text("(function () { var small = []; document.querySelectorAll('button,select,input,summary')"
                        + ".forEach(function (e) { var r = e.getBoundingClientRect();"
                        + " if (r.width > 0 && (r.width < 44 || r.height < 44)) small.push(e.id + e.tagName + ' ' + r.width + 'x' + r.height); });"
                        + " return small.join(', '); })()");
        assertEquals("", small);
        assertTrue(browser.text("String(document.fonts.check('16px \"Atkinson Hyperlegible\"'))")
                .equals("true"));
    }

    /** The drawing itself is as wide as the screen. */
    private boolean fills(String board, double width) throws Exception {
        double drawn = browser.number(
                "(function () { var r = " + board + ", v = document.getElementById('board').viewBox.baseVal;"
                        + " return Math.min(r.width, r.height * v.width / v.height); })()");
        return drawn >= width - 30;
    }

    @Test
    void aSwipeTurnsToTheNextStepAndBack() throws Exception {
        Drill drill = Demo.read("second-wave-from-the-left");
        Told told = Told.of(drill, drill.base());
        browser.load(PageExport.of(told, Exports.PAGE.usual(Ground.PAPER, 0), Progress.NONE));
        assertEquals(told.talk().steps().get(0).brief(), browser.text("document.getElementById('said').textContent"));
        swipe(300, 120);
        assertEquals(told.talk().steps().get(1).brief(), browser.text("document.getElementById('said').textContent"));
        swipe(120, 300);
        assertEquals(0, browser.number("parseFloat(document.getElementById('clock').textContent)"), 0.35);
        swipe(200, 190);
        assertEquals(told.talk().steps().get(0).brief(), browser.text("document.getElementById('said').textContent"));
    }

    private void swipe(double from, double to) throws Exception {
        for (String[] at : new String[][] {{"pointerdown", String.valueOf(from)}, {"pointerup", String.valueOf(to)}}) {
            browser.run("(function () { var e = new Event('" + at[0] + "'); e.clientX = " + at[1]
                    + "; e.clientY = 200; document.getElementById('board').dispatchEvent(e); })()");
        }
    }

    /** The next test finds a stage that is as large as its scene. */
    @AfterEach
    void leaveNoSize() throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    stage.setWidth(Double.NaN);
                    stage.setHeight(Double.NaN);
                })
                .get();
    }

    /** A drill that can go several ways asks which; another version is another chapter. */
    @Test
    void outcomesAreChoicesAndVersionsAreChapters() throws Exception {
        Drill drill = Demo.read("ebb-or-flow");
        browser.load(PageExport.of(Told.of(drill, drill.base()), Exports.PAGE.usual(Ground.PAPER, 0), Progress.NONE));
        browser.run("document.getElementById('speed').value = '2';"
                + "var s = document.getElementById('time'); s.value = 400; s.dispatchEvent(new Event('input'));"
                + "document.getElementById('play').click();");
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> browser.number("document.querySelectorAll('#ask:not([hidden]) button').length") == 3);
        assertEquals("What becomes of the shot?", browser.text("document.querySelector('#ask p').textContent"));
        double asked = browser.number("parseFloat(document.getElementById('clock').textContent)");
        Told save = Told.of(drill, drill.base());
        assertEquals(save.timeline().move(new MoveId("m6")).start(), asked, 0.06, "as the shot is released");
        browser.run("document.querySelectorAll('#ask button')[2].click(); document.getElementById('play').click();");
        assertEquals(
                "rebound › shoots at once",
                browser.text("document.getElementById('path').selectedOptions[0].textContent"));
        assertEquals(1, browser.number("document.querySelectorAll('.told:not([hidden])').length"), 0);
        assertTrue(browser.text("document.querySelector('.told:not([hidden])').textContent")
                .contains("if rebound"));
        assertEquals(asked, browser.number("parseFloat(document.getElementById('clock').textContent)"), 0.8);

        Drill ladder = Demo.read("lantern-ladder");
        browser.load(PageExport.of(Told.of(ladder, ladder.base()), Exports.PAGE.usual(Ground.PAPER, 0), Progress.NONE));
        assertEquals(5, browser.number("document.getElementById('chapter').options.length"), 0);
        browser.run("var c = document.getElementById('chapter'); c.value = 'second-ball';"
                + "c.dispatchEvent(new Event('change'));");
        assertTrue(browser.text("document.querySelector('.told:not([hidden])').textContent")
                .contains("CO (coach) joins."));
        assertEquals(1, browser.number("document.querySelectorAll('.play:not([hidden])').length"), 0);
        Told second = Told.of(
                ladder, ladder.progression(new ProgressionId("second-ball")).orElseThrow());
        browser.run("var s = document.getElementById('time'); s.value = 1000; s.dispatchEvent(new Event('input'));");
        assertEquals(
                second.timeline().seconds(),
                browser.number("parseFloat(document.getElementById('clock').textContent)"),
                0.06);
    }

    @Test
    void aHostileTitleRunsNothingAndNothingIsFetched() throws Exception {
        List<String> requests = Collections.synchronizedList(new ArrayList<>());
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        byte[][] page = new byte[1][];
        server.createContext("/", exchange -> {
            requests.add(exchange.getRequestURI().toString());
            exchange.getResponseHeaders().set("Content-Type", "text/html; charset=utf-8");
            exchange.sendResponseHeaders(200, page[0].length);
            exchange.getResponseBody().write(page[0]);
            exchange.close();
        });
        server.start();
        try {
            String attack = "<img src=x onerror=document.title='owned'><script>document.title='owned'</script>"
                    + "</script><svg onload=document.title='owned'>";
            Drill plain = Demo.read("crossing-backs");
            Drill drill = plain.withTitle(attack)
                    .withNotes(attack)
                    .withSurfaceUse(new SurfaceUse("handball", "whole"))
                    .withProgression(plain.base()
                            .with(plain.base().steps().get(0).withPoints(List.of(attack)))
                            .with(plain.base().roles().get(0).withLabel("</script>")));
            page[0] = PageExport.of(Told.of(drill, drill.base()), Exports.PAGE.usual(Ground.PAPER, 0), Progress.NONE);
            WaitForAsyncUtils.asyncFx(() -> browser.view()
                    .getEngine()
                    .load("http://127.0.0.1:" + server.getAddress().getPort() + "/page"));
            browser.loaded();
            browser.run("document.getElementById('play').click(); document.getElementById('next').click();");
            assertEquals(attack, browser.text("document.title"), "the title is text");
            assertEquals(0, browser.number("document.querySelectorAll('img, iframe, link, svg[onload]').length"), 0);
            assertEquals(attack, browser.text("document.querySelector('h1').textContent"));
            // and where a page breaks its own rule, the policy stops it
            browser.run("var i = document.createElement('img'); i.src = '/leak'; document.body.appendChild(i);"
                    + "var s = document.createElement('script'); s.textContent = 'document.title=\"owned\"';"
                    + "document.body.appendChild(s);");
            WaitForAsyncUtils.waitForFxEvents();
            assertEquals(attack, browser.text("document.title"), "an injected script does not run");
            assertEquals(List.of("/page"), requests, "nothing but the page itself was asked for");
            assertFalse(new String(page[0], StandardCharsets.UTF_8).contains("onerror=document.title='owned'>"));
        } finally {
            server.stop(0);
        }
    }
}
