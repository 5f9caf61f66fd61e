package wildchalk.desktop.share;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.progress.Progress;
import wildchalk.picture.export.Exports;
import wildchalk.picture.export.PageExport;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/** Asked on the page where he runs and when, somebody who knows his part has all marks, and somebody who does not has none. */
@ExtendWith(ApplicationExtension.class)
class KnowYourPartTest {

    private PhoneBrowser browser;

    @Start
    void start(Stage stage) {
        browser = PhoneBrowser.show(stage);
    }

    private Told open(String id) throws Exception {
        Drill drill = Demo.read(id);
        Told told = Told.of(drill, drill.base());
        browser.load(PageExport.of(told, Exports.PAGE.usual(Ground.PAPER, 0), Progress.NONE));
        // the clock of the page is the test's: nothing waits for a real one
        browser.run("window.fake = 0; performance.now = function () { return fake; };"
                + "window.requestAnimationFrame = function (f) { window.due = f; };");
        return told;
    }

    private void choose(String role) throws Exception {
        browser.run("var r = document.getElementById('role'); r.value = '" + role
                + "'; r.dispatchEvent(new Event('change'));");
    }

    private void pass(double seconds) throws Exception {
        browser.run("(function () { for (var i = 0; i < " + Math.round(seconds * 50)
                + "; i++) { fake += 20; var f = window.due; window.due = null; if (f) f(fake); } })()");
    }

    private double clock() throws Exception {
        return browser.number("parseFloat(document.getElementById('clock').textContent)");
    }

    private String said() throws Exception {
        return browser.text("document.getElementById('ask').hidden ? '' : document.getElementById('ask').textContent");
    }

    private boolean isAsked() throws Exception {
        return browser.number("document.getElementById('know-go') && !document.getElementById('ask').hidden ? 1 : 0")
                == 1;
    }

    /** Touches the picture at a place of the surface. */
    private void tap(double x, double y) throws Exception {
        browser.run(
                "(function () { var b = document.getElementById('board'), m = b.getScreenCTM();"
                        + "var f = JSON.parse(document.getElementById('drill').textContent).stages[0].frames[+b.getAttribute('data-frame')];"
                        + "var p = f.standing ? [f.x - " + y + " * f.pixelsPerMetre, f.y - " + x
                        + " * f.pixelsPerMetre]"
                        + " : [f.x + " + x + " * f.pixelsPerMetre, f.y - " + y + " * f.pixelsPerMetre];"
                        + "var e = new Event('click'); e.clientX = m.e + m.a * p[0]; e.clientY = m.f + m.d * p[1]; b.dispatchEvent(e); })()");
    }

    /** Runs of a role as the timeline has them: start, end, x, y. */
    private static List<double[]> runs(Told told, String role) {
        RoleId id = new RoleId(role);
        return told.path().moves().stream()
                .filter(m -> m instanceof Travel && m.role().equals(id))
                .map(m -> told.timeline().move(m.id()))
                .map(s -> new double[] {
                    s.start(),
                    s.end(),
                    told.timeline().poseAt(id, s.end()).at().x(),
                    told.timeline().poseAt(id, s.end()).at().y(),
                    told.timeline()
                            .poseAt(id, s.start())
                            .at()
                            .distanceTo(told.timeline().poseAt(id, s.end()).at())
                })
                .filter(r -> r[4] >= 1.5)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({"crossing-backs, lb", "crossing-backs, cb", "second-wave-from-the-left, rb", "lantern-ladder, lb"})
    void whoKnowsItHasAllMarks(String id, String role) throws Exception {
        Told told = open(id);
        choose(role);
        browser.run("document.getElementById('know').click()");
        List<double[]> runs = runs(told, role);
        assertFalse(runs.isEmpty());
        for (double[] run : runs) {
            for (int i = 0; i < 400 && !isAsked(); i++) {
                pass(0.1);
            }
            assertTrue(isAsked(), "asked before the run at " + run[0]);
            assertTrue(clock() <= run[0] + 0.06, "before it begins");
            assertEquals(
                    0,
                    browser.number("document.querySelectorAll('.practice .strokes').length")
                            - browser.number(
                                    "Array.from(document.querySelectorAll('.practice .strokes'))"
                                            + ".filter(function (g) { return getComputedStyle(g).display === 'none'; }).length"),
                    0,
                    "no stroke gives it away");
            assertEquals(
                    "hidden none",
                    browser.text("getComputedStyle(document.getElementById('said')).visibility + ' '"
                            + " + getComputedStyle(document.getElementById('words')).display"),
                    "no word gives it away");
            browser.run("document.getElementById('know-go').click()");
            for (int i = 0; i < 200 && clock() < run[0] - 0.01; i++) {
                pass(0.04);
            }
            tap(run[2], run[3]);
            assertTrue(said().contains("on time"), said());
            assertTrue(off(said()) < 0.2, said());
        }
        finish();
        assertTrue(said().startsWith("You know 100 of 100."), said());
    }

    private void key(String name, boolean shift) throws Exception {
        browser.run("(function () { var e = new KeyboardEvent('keydown', {key: '" + name + "', shiftKey: " + shift
                + ", bubbles: true, cancelable: true}); document.body.dispatchEvent(e); })()");
    }

    /** Without a finger or a mouse: the arrows carry the mark, the words say where it lies, Enter sets off. */
    @ParameterizedTest
    @CsvSource({"crossing-backs, lb", "second-wave-from-the-left, rb"})
    void itCanBeAnsweredByKeysAlone(String id, String role) throws Exception {
        Told told = open(id);
        choose(role);
        browser.run("document.getElementById('know').click()");
        boolean standing = browser.number("JSON.parse(document.getElementById('drill').textContent).stages[0].frames["
                        + "+document.getElementById('board').getAttribute('data-frame')].standing ? 1 : 0")
                == 1;
        for (double[] run : runs(told, role)) {
            for (int i = 0; i < 400 && !isAsked(); i++) {
                pass(0.1);
            }
            double[] own = {
                told.timeline().poseAt(new RoleId(role), clock()).at().x(),
                told.timeline().poseAt(new RoleId(role), clock()).at().y()
            };
            // a metre along the surface goes to the right, or up where it stands
            double right = standing ? -(run[3] - own[1]) : run[2] - own[0];
            double up = standing ? run[2] - own[0] : run[3] - own[1];
            go(right, "ArrowRight", "ArrowLeft");
            go(up, "ArrowUp", "ArrowDown");
            assertTrue(said().contains("From where you stand: "), said());
            browser.run("document.getElementById('know-go').click()");
            for (int i = 0; i < 200 && clock() < run[0] - 0.01; i++) {
                pass(0.04);
            }
            key("Enter", false);
            assertTrue(said().contains("on time"), said());
            assertTrue(off(said()) <= 0.6, said());
        }
        finish();
        assertTrue(said().startsWith("You know 100 of 100."), said());
    }

    /** As near as steps of half a metre come. */
    private void go(double metres, String on, String back) throws Exception {
        long halves = Math.round(2 * Math.abs(metres));
        key(metres > 0 ? on : back, false);
        key(metres > 0 ? back : on, false);
        for (long i = 0; i < halves / 4; i++) {
            key(metres > 0 ? on : back, true);
        }
        for (long i = 0; i < halves % 4; i++) {
            key(metres > 0 ? on : back, false);
        }
    }

    @ParameterizedTest
    @CsvSource({"true", "false"})
    void whoIsLostHasNone(boolean tapsSomewhere) throws Exception {
        Told told = open("crossing-backs");
        choose("cb");
        browser.run("document.getElementById('know').click()");
        for (double[] run : runs(told, "cb")) {
            for (int i = 0; i < 400 && !isAsked(); i++) {
                pass(0.1);
            }
            browser.run("document.getElementById('know-go').click()");
            if (tapsSomewhere) {
                for (int i = 0; i < 200 && clock() < run[0] + 2.6; i++) {
                    pass(0.04);
                }
                tap(run[2] > 0 ? run[2] - 9 : run[2] + 9, run[3]);
                assertTrue(said().contains("late"), said());
            }
        }
        finish();
        assertTrue(said().startsWith("You know 0 of 100."), said());
    }

    private void finish() throws Exception {
        for (int i = 0; i < 600 && !said().startsWith("You know"); i++) {
            pass(0.1);
        }
    }

    private static double off(String said) {
        Matcher m = Pattern.compile("([0-9.]+) m off").matcher(said);
        assertTrue(m.find(), said);
        return Double.parseDouble(m.group(1));
    }

    @Test
    void withoutARoleItSaysWhatToDoAndCanBeStopped() throws Exception {
        open("crossing-backs");
        browser.run("document.getElementById('know').click()");
        assertEquals("Choose your role first; then you are asked where it goes, and when.", said());
        choose("gk");
        browser.run("document.getElementById('know').click()");
        assertTrue(said().startsWith("Nobody of that role runs"), said());
        choose("lb");
        browser.run("document.getElementById('know').click()");
        assertEquals("Stop asking", browser.text("document.getElementById('know').textContent"));
        browser.run("document.getElementById('know').click()");
        assertEquals("Know your part", browser.text("document.getElementById('know').textContent"));
        assertEquals(0, browser.number("document.querySelectorAll('.practice').length"), 0);
    }

    /** With a voice of the test's own: each step is said once, in order, and the picture does not run ahead of it. */
    @Test
    void itIsReadAloudInTimeWithTheMoves() throws Exception {
        Drill drill = Demo.read("second-wave-from-the-left");
        Told told = Told.of(drill, drill.base());
        String page = new String(
                PageExport.of(told, Exports.PAGE.usual(Ground.PAPER, 0), Progress.NONE),
                java.nio.charset.StandardCharsets.UTF_8);
        // the page asks for the voice when it loads: it is there before, as it is on a phone
        browser.load(page.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        boolean has = browser.number(
                        "typeof speechSynthesis !== 'undefined' && typeof SpeechSynthesisUtterance !== 'undefined' ? 1 : 0")
                == 1;
        assertEquals(
                !has,
                browser.number("document.getElementById('aloud').hidden ? 1 : 0") == 1,
                "only where there is a voice");
        browser.run("window.fake = 0; performance.now = function () { return fake; };"
                + "window.requestAnimationFrame = function (f) { window.due = f; }; window.spoken = []; window.last = null;"
                + "window.SpeechSynthesisUtterance = function (t) { this.text = t; };"
                + "Object.defineProperty(window, 'speechSynthesis', {configurable: true, value: {cancel: function () {},"
                + " speak: function (u) { spoken.push(u.text); last = u; }}});"
                + "document.getElementById('aloud').click();");
        int steps = told.talk().steps().size();
        for (int s = 0; s < steps; s++) {
            pass(30);
            assertEquals(
                    s + 1, browser.number("spoken.length"), 0, "the picture waits until step " + (s + 1) + " is said");
            String lines = String.join(
                    " ",
                    told.talk().steps().get(s).lines().stream()
                            .map(l -> l.text())
                            .toList());
            assertEquals(lines, browser.text("spoken[" + s + "]"));
            browser.run("last.onend()");
        }
        pass(30);
        assertEquals(steps, browser.number("spoken.length"), 0);
        assertEquals(IntStream.range(0, steps).count(), browser.number("new Set(spoken).size"), 0, "each once");
    }

    /** Who has seen it is told what has changed since, and nothing the first time. */
    @Test
    void whatHasChangedIsToldToWhoeverHasSeenIt() throws Exception {
        String key = "wildchalk-seen Crossing backs";
        open("crossing-backs");
        boolean keeps = browser.number("(function () { try { localStorage.setItem('x', '1');"
                        + " return localStorage.getItem('x') === '1' ? 1 : 0; } catch (e) { return 0; } })()")
                == 1;
        if (!keeps) {
            assertEquals(1, browser.number("document.getElementById('changed').hidden ? 1 : 0"), 0);
            return;
        }
        browser.run("localStorage.removeItem('" + key + "')");
        open("crossing-backs");
        assertEquals(1, browser.number("document.getElementById('changed').hidden ? 1 : 0"), 0, "the first time");
        open("crossing-backs");
        assertEquals(1, browser.number("document.getElementById('changed').hidden ? 1 : 0"), 0, "nothing has");
        browser.run("var s = JSON.parse(localStorage.getItem('" + key + "')), k = Object.keys(s)[1];"
                + "s[k] = 'otherwise'; localStorage.setItem('" + key + "', JSON.stringify(s));");
        open("crossing-backs");
        assertEquals(
                "Changed since you looked last: Step 2",
                browser.text("document.getElementById('changed').textContent"));
    }
}
