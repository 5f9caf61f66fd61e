package wildchalk.desktop.share;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
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
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.drill.Role;
import wildchalk.core.handout.Letter;
import wildchalk.core.log.Reply;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;
import wildchalk.picture.handout.Envelope;
import wildchalk.picture.handout.HandoutOptions;
import wildchalk.picture.handout.Handouts;
import wildchalk.picture.handout.HourTold;
import wildchalk.picture.handout.LetterPage;

/** An hour on a phone, for everybody and for one player, in a real browser engine. */
@ExtendWith(ApplicationExtension.class)
class PhoneHourTest {

    private static final java.nio.file.Path FILE = Demo.folder()
            .resolve("../sessions/2026-12-03-before-the-weekend/session.json")
            .normalize();

    private PhoneBrowser browser;
    private Stage stage;

    @Start
    void start(Stage stage) {
        this.stage = stage;
        browser = PhoneBrowser.show(stage);
    }

    @AfterEach
    void leaveNoSize() throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    stage.setWidth(Double.NaN);
                    stage.setHeight(Double.NaN);
                })
                .get();
    }

    private static HourTold told() throws IOException {
        Session session = SessionFile.read(FILE).value();
        BinderLibrary library = BinderLibrary.of(FILE);
        Optional<Squad> squad = library.squad(session);
        return HourTold.of(SessionPlan.of(session, library, squad), squad, Reader.USUAL, Progress.NONE);
    }

    private static byte[] page(Optional<PlayerId> player) throws IOException {
        return Handouts.PHONE.make(told(), HandoutOptions.USUAL.withPlayer(player), Progress.NONE);
    }

    /** Each chapter shows its own drill alone, where its timeline says, and is reached from the hour. */
    @Test
    void everyDrillOfTheHourIsAChapterThatPlays() throws Exception {
        HourTold told = told();
        browser.load(page(Optional.empty()));
        assertEquals("Before the weekend", browser.text("document.querySelector('h1').textContent"));
        List<Told> drills = List.copyOf(told.drills().values());
        assertEquals(drills.size(), browser.number("document.getElementById('chapter').options.length"), 0);
        assertEquals(
                "18:15 Crossing backs",
                browser.text("document.getElementById('chapter').selectedOptions[0].textContent"));
        for (int i = 0; i < drills.size(); i++) {
            Told drill = drills.get(i);
            String title = drill.drill().title();
            browser.run("Array.from(document.querySelectorAll('button.chapter'))"
                    + ".filter(function (b) { return b.textContent === '" + title + "'; })[0].click()");
            assertEquals(1, browser.number("document.querySelectorAll('.stage-of:not([hidden])').length"), 0);
            assertEquals(i, browser.number(shown("stage-of") + ".getAttribute('data-stage') * 1"), 0);
            assertEquals(1, browser.number("document.querySelectorAll('.play:not([hidden])').length"), 0);
            assertTrue(browser.text("document.querySelector('.told:not([hidden])').textContent")
                    .contains(drill.talk().steps().get(0).lines().get(0).text()));
            String frame = "JSON.parse(document.getElementById('drill').textContent).stages[" + i
                    + "].frames[+document.getElementById('board').getAttribute('data-frame')]";
            double scale = browser.number(frame + ".pixelsPerMetre");
            double x0 = browser.number(frame + ".x");
            double y0 = browser.number(frame + ".y");
            boolean standing = Boolean.parseBoolean(browser.text("String(" + frame + ".standing)"));
            for (int slider : new int[] {0, 333, 1000}) {
                browser.run("var s = document.getElementById('time'); s.value = " + slider
                        + "; s.dispatchEvent(new Event('input'));");
                double t = slider / 1000.0 * Math.round(drill.timeline().seconds() * 1000) / 1000.0;
                for (Role role : drill.path().roles()) {
                    double away = browser.place(
                                    (i == 0 ? "" : "s" + i + "-") + "role-" + role.id(), scale, x0, y0, standing)
                            .distanceTo(drill.timeline().poseAt(role.id(), t).at());
                    assertTrue(away < 0.01, title + ": " + role.label() + " is " + away + " m off at " + t);
                }
            }
            List<String> labels = drill.path().roles().stream().map(Role::label).toList();
            assertEquals(
                    "Everyone," + String.join(",", labels),
                    browser.text("Array.from(document.getElementById('role').options)"
                            + ".map(function (o) { return o.textContent; }).join(',')"));
        }
    }

    private static String shown(String name) {
        return "document.querySelector('." + name + ":not([hidden])')";
    }

    /** His own part, his own role, and nothing of anybody else. */
    @Test
    void aPlayersPageIsHisOwn() throws Exception {
        byte[] bytes = page(Optional.of(new PlayerId("p2")));
        String page = new String(bytes, StandardCharsets.UTF_8);
        for (String other : List.of("Ada", "Cleo", "Greta", "Marsh", "Lind")) {
            assertFalse(page.contains(other), other);
        }
        browser.load(bytes);
        assertEquals("Bo · blue bib", browser.text("document.querySelector('.hour summary').textContent"));
        assertTrue(browser.text("document.querySelector('.hour').textContent")
                .contains("You start first in line L. You play LB. You get 25 turns."));
        assertEquals("lb", browser.text("document.getElementById('role').value"), "his role is shown from the start");
        assertEquals(1, browser.number("document.querySelectorAll('.role.mine').length"), 0);
        browser.run("document.querySelectorAll('button.chapter')[2].click()");
        assertEquals("rb", browser.text("document.getElementById('role').value"), "and there he is somebody else");
        assertTrue(browser.text("document.querySelector('.part:not([hidden])').textContent")
                .startsWith("You are RB."));
    }

    @ParameterizedTest
    @CsvSource({"390, 844", "844, 390"})
    void itFitsAPhone(double width, double height) throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    stage.setMinWidth(1);
                    stage.setMinHeight(1);
                    stage.setWidth(width);
                    stage.setHeight(height);
                })
                .get();
        browser.load(page(Optional.empty()));
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> browser.number("window.innerWidth") == width);
        assertTrue(browser.number("document.documentElement.scrollWidth") <= width, "nothing scrolls sideways");
        String small =
                browser.text("(function () { var small = []; document.querySelectorAll('button,select,input,summary')"
                        + ".forEach(function (e) { var r = e.getBoundingClientRect();"
                        + " if (r.width > 0 && (r.width < 44 || r.height < 44)) small.push(e.id + e.tagName); });"
                        + " return small.join(', '); })()");
        assertEquals("", small, "a thumb hits everything");
        String tiny = browser.text(
                "(function () { var tiny = []; document.querySelectorAll('p,small,li,label,span,h2')"
                        + ".forEach(function (e) { if (e.getClientRects().length && parseFloat(getComputedStyle(e).fontSize) < 16)"
                        + " tiny.push(e.tagName + e.className + getComputedStyle(e).fontSize); }); return tiny.join(', '); })()");
        assertEquals("", tiny, "no letter is smaller than 16 px");
    }

    /** What opens behind a link fits, too, with letters twice as large, whatever is in it. */
    @ParameterizedTest
    @CsvSource({"390, 844, 100", "844, 390, 100", "390, 844, 200"})
    void aLetterFitsAPhone(double width, double height, int percent) throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    stage.setMinWidth(1);
                    stage.setMinHeight(1);
                    stage.setWidth(width);
                    stage.setHeight(height);
                })
                .get();
        PlayerId bo = new PlayerId("p2");
        Envelope envelope =
                Envelope.of(told(), HandoutOptions.USUAL, Progress.NONE).get(Optional.of(bo));
        Letter letter = new Letter("a".repeat(24), Optional.of(bo), Instant.EPOCH, false, Optional.empty());
        Reply reply = new Reply(bo, Reply.Coming.CAN, List.of("w".repeat(120)), Instant.EPOCH);
        byte[] page = LetterPage.of(envelope, letter, "/h/x", true, Optional.of(reply), ZoneOffset.UTC);
        // the browser of the test looks for the data of a drill to know that a page is there
        browser.load(new String(page, StandardCharsets.UTF_8)
                .replace("<main>", "<main id=\"drill\">")
                .getBytes(StandardCharsets.UTF_8));
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> browser.number("window.innerWidth") == width);
        browser.run("document.documentElement.style.fontSize = '" + 1.0625 * percent + "%'");
        assertTrue(browser.number("document.documentElement.scrollWidth") <= width, "nothing scrolls sideways");
        String small = browser.text("(function () { var small = []; document.querySelectorAll('a,button,textarea')"
                + ".forEach(function (e) { var r = e.getBoundingClientRect();"
                + " if (r.width < 44 || r.height < 44) small.push(e.textContent); }); return small.join(', '); })()");
        assertEquals("", small, "a thumb hits everything");
        String tiny =
                browser.text("(function () { var tiny = []; document.querySelectorAll('p,b,a,button,label,h2,textarea')"
                        + ".forEach(function (e) { if (parseFloat(getComputedStyle(e).fontSize) < 16) tiny.push(e.tagName); });"
                        + " return tiny.join(', '); })()");
        assertEquals("", tiny, "no letter is smaller than 16 px");
    }

    /** Whoever reads letters twice as large reads all of them. */
    @ParameterizedTest
    @CsvSource({"390, 844", "844, 390"})
    void lettersTwiceAsLargeFitToo(double width, double height) throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    stage.setMinWidth(1);
                    stage.setMinHeight(1);
                    stage.setWidth(width);
                    stage.setHeight(height);
                })
                .get();
        browser.load(page(Optional.of(new PlayerId("p2"))));
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> browser.number("window.innerWidth") == width);
        double before = browser.number("parseFloat(getComputedStyle(document.querySelector('.clock li')).fontSize)");
        browser.run("document.documentElement.style.fontSize = '212.5%'");
        assertEquals(
                2 * before,
                browser.number("parseFloat(getComputedStyle(document.querySelector('.clock li')).fontSize)"),
                0.5);
        assertTrue(browser.number("document.documentElement.scrollWidth") <= width, "nothing scrolls sideways");
        String cut = browser.text("(function () { var cut = []; document.querySelectorAll('button,h1,p,li,summary')"
                + ".forEach(function (e) { if (e.getClientRects().length && e.scrollWidth > e.clientWidth + 1 && e.clientWidth > 0"
                + " && getComputedStyle(e).display !== 'inline') cut.push(e.tagName + e.id + ' ' + e.textContent.slice(0, 20)); });"
                + " return cut.join(', '); })()");
        assertEquals("", cut, "nothing is cut off");
    }

    /** Where a phone asks for dark each colour of paper has its counterpart on slate. */
    @Test
    void thereIsADarkOneInIt() throws Exception {
        browser.load(page(Optional.empty()));
        String rules = browser.text(
                "(function () { var all = []; Array.from(document.styleSheets[0].cssRules).forEach(function (r) {"
                        + " if (r.media && /dark/.test(r.media.mediaText)) Array.from(r.cssRules).forEach(function (c) { all.push(c.selectorText); }); });"
                        + " return all.join(' '); })()");
        String drawn = browser.text(
                "(function () { var all = {}; document.querySelectorAll('#board [fill], #board [stroke]').forEach(function (e) {"
                        + " ['fill', 'stroke'].forEach(function (a) { var v = e.getAttribute(a); if (v && v !== 'none' && v !== 'black') all['[' + a + '=\"' + v + '\"]'] = 1; }); });"
                        + " return Object.keys(all).join(';'); })()");
        assertFalse(drawn.isEmpty());
        for (String colour : drawn.split(";")) {
            assertTrue(rules.contains(colour), colour + " stays as it is on paper");
        }
    }

    @Test
    void whereThereIsNothingToPlayThatIsSaid() throws Exception {
        Session session = SessionFile.read(FILE).value().withBlocks(List.of());
        HourTold empty = HourTold.of(
                SessionPlan.of(session, id -> Optional.empty(), Optional.empty()),
                Optional.empty(),
                Reader.USUAL,
                Progress.NONE);
        IOException said =
                assertThrows(IOException.class, () -> Handouts.PHONE.make(empty, HandoutOptions.USUAL, Progress.NONE));
        assertTrue(said.getMessage().startsWith("There is no drill in it that could be played"), said.getMessage());
    }
}
