package wildchalk.picture.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.csv.CSVFormat;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.ValidationResult;
import wildchalk.core.drill.Limits;
import wildchalk.core.handout.Hours;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Coach;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.What;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.picture.export.Paper;
import wildchalk.picture.export.Reader;
import wildchalk.picture.handout.HandoutOptions.Names;

/** An hour on paper, opened as a reader, a screen reader and a printer would. */
class PaperHandoutsTest {

    private static final HourTold DEMO = told(Hours.demo().plan(), Hours.demo().squad());

    /** In print nothing is smaller (pt), but for rounding. */
    private static final double LEAST_POINTS = 8.95;

    @BeforeAll
    static void validator() {
        VeraGreenfieldFoundryProvider.initialise();
    }

    private static HourTold told(SessionPlan plan, Optional<Squad> squad) {
        try {
            return HourTold.of(plan, squad, Reader.USUAL, Progress.NONE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] made(Handout kind, HourTold told, Paper paper) throws IOException {
        return kind.make(told, HandoutOptions.USUAL.withPaper(paper), Progress.NONE);
    }

    private static List<Handout> papers() {
        return Handouts.ALL.stream().filter(k -> k.suffix().equals("pdf")).toList();
    }

    static Stream<Arguments> everyKindAndPaper() {
        return papers().stream().flatMap(k -> Stream.of(Paper.values()).map(p -> Arguments.of(k, p)));
    }

    @ParameterizedTest
    @MethodSource("everyKindAndPaper")
    void itIsAccessibleLegibleAndWithinItsPaper(Handout kind, Paper paper) throws Exception {
        byte[] pdf = made(kind, DEMO, paper);
        assertAccessible(pdf);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertEquals(
                    paper == Paper.A4 ? 595.3 : 612,
                    document.getPage(0).getMediaBox().getWidth(),
                    0.5);
            assertLegible(document);
        }
    }

    private static void assertAccessible(byte[] pdf) throws Exception {
        try (PDFAParser parser =
                Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), PDFAFlavour.PDFUA_1)) {
            ValidationResult result = Foundries.defaultInstance()
                    .createValidator(PDFAFlavour.PDFUA_1, false)
                    .validate(parser);
            assertTrue(
                    result.isCompliant(),
                    () -> result.getTestAssertions().stream()
                            .limit(5)
                            .map(a -> a.getRuleId().getClause() + ": " + a.getMessage())
                            .toList()
                            .toString());
        }
    }

    /** No letter too small, none over the edge. */
    private static void assertLegible(PDDocument document) throws IOException {
        List<String> wrong = new ArrayList<>();
        PDFTextStripper letters = new PDFTextStripper() {
            @Override
            protected void processTextPosition(TextPosition t) {
                PDPage page = getCurrentPage();
                double height = Math.max(t.getXScale(), t.getYScale());
                boolean small = Math.max(height, t.getFontSizeInPt()) < LEAST_POINTS;
                boolean out = t.getXDirAdj() < 0
                        || t.getDir() == 0
                                && t.getXDirAdj() + t.getWidthDirAdj()
                                        > page.getMediaBox().getWidth();
                if (!t.getUnicode().isBlank() && (small || out)) {
                    wrong.add(t.getUnicode() + " " + height + " at " + t.getXDirAdj());
                }
                super.processTextPosition(t);
            }
        };
        letters.getText(document);
        assertTrue(wrong.isEmpty(), () -> wrong.size() + " letters: " + wrong.subList(0, Math.min(5, wrong.size())));
    }

    @Test
    void theSheetHasTheHourFirstAndADrillAPageBehind() throws Exception {
        try (PDDocument document = Loader.loadPDF(made(Handouts.SHEET, DEMO, Paper.A4))) {
            assertEquals(4, document.getNumberOfPages());
            assertEquals(
                    List.of(
                            "Before the weekend",
                            "Crossing backs",
                            "Lantern ladder · Free shot",
                            "Second wave from the left"),
                    bookmarks(document));
            String first = page(document, 1);
            assertInOrder(
                    first,
                    "Before the weekend",
                    "Thursday 3 December 2026, 18:00 to 19:15",
                    "18:15 Crossing and finishing",
                    "1 Crossing backs, with Tove",
                    "18:25 Blue, 8 players; 19 to 20 turns each",
                    "Attack the gap first",
                    "2 Lantern ladder, with Marek",
                    "18:37 Second wave",
                    "Groups",
                    "Red: Edda, Greta",
                    "Bring",
                    "2 cones · 1 pole · 8 balls");
            assertInOrder(
                    page(document, 2),
                    "18:15 to 18:35, Crossing and finishing, with Tove",
                    "Crossing backs",
                    "Step 1",
                    "On the whistle CB passes to LB.",
                    "Step 3");
        }
    }

    @Test
    void aCardAStationAndAScriptByTheClock() throws Exception {
        try (PDDocument cards = Loader.loadPDF(made(Handouts.CARDS, DEMO, Paper.LETTER));
                PDDocument script = Loader.loadPDF(made(Handouts.SCRIPT, DEMO, Paper.LETTER))) {
            assertEquals(List.of("Crossing backs", "Lantern ladder", "Second wave from the left"), bookmarks(cards));
            assertEquals(3, cards.getNumberOfPages());
            assertInOrder(
                    page(cards, 2),
                    "Lantern ladder",
                    "Marek",
                    "Watch for",
                    "Hands out before the cut",
                    "Ask",
                    "Inside the cone");
            assertEquals(10, bookmarks(script).size(), "a mark for every stretch");
            assertInOrder(
                    text(script), "18:00 Together", "Say What we want on Saturday", "18:13 Water", "When it gets late");
        }
    }

    /** Sixteen players are two sides, each with his own part and nobody else's. */
    @Test
    void eightPlayersStandOnASide() throws Exception {
        try (PDDocument all = Loader.loadPDF(made(Handouts.PARTS, DEMO, Paper.A4));
                PDDocument one = Loader.loadPDF(Handouts.PARTS.make(
                        DEMO, HandoutOptions.USUAL.withPlayer(Optional.of(new PlayerId("p2"))), Progress.NONE))) {
            assertEquals(2, all.getNumberOfPages());
            assertInOrder(
                    page(all, 1),
                    "Ada · blue bib",
                    "Bo · blue bib",
                    "18:15 Lantern ladder, station 2, with Marek",
                    "You start first in line L. You play LB. You get 25 turns.",
                    "Hugo");
            assertEquals(1, one.getNumberOfPages());
            assertTrue(text(one).contains("Bo"));
            assertFalse(text(one).contains("Ada"));
        }
    }

    @Test
    void wordsAloneAreForOneOrForAll() throws Exception {
        HandoutOptions bo = HandoutOptions.USUAL.withPlayer(Optional.of(new PlayerId("p2")));
        String mine = words(Handouts.MESSAGE, bo);
        assertTrue(mine.contains("For Bo: blue bib."), mine);
        assertFalse(mine.contains("Ada") || mine.contains("Marsh"), mine);
        String all = words(Handouts.MESSAGE, HandoutOptions.USUAL);
        DEMO.hour().plan().present().forEach(p -> {
            String name = DEMO.hour().writer().name(p.text()).split(" ")[0];
            assertTrue(all.contains("For " + name + ": "), name);
        });
        assertTrue(words(Handouts.CALENDAR, bo).replace("\r\n ", "").contains("You play LB."));
        assertTrue(words(Handouts.CALENDAR, HandoutOptions.USUAL)
                .replace("\r\n ", "")
                .contains("18:15 to 18:35  Crossing and finishing"));
    }

    private static String words(Handout kind, HandoutOptions how) throws IOException {
        return new String(kind.make(DEMO, how, Progress.NONE), StandardCharsets.UTF_8);
    }

    /** What is looked at before is what comes of it. */
    @Test
    void whatIsLookedAtHasAsManyPages() throws Exception {
        for (Handout kind : Handouts.ALL) {
            var preview = kind.look(DEMO, HandoutOptions.USUAL, 300, Progress.NONE);
            assertFalse(preview.pictures().isEmpty());
            assertEquals(300, preview.pictures().get(0).getWidth());
            if (kind.suffix().equals("pdf")) {
                try (PDDocument document = Loader.loadPDF(made(kind, DEMO, Paper.A4))) {
                    assertEquals(document.getNumberOfPages(), preview.pictures().size());
                }
            }
        }
    }

    @Test
    void fullNamesOnlyWhereSomebodyChoosesThem() throws Exception {
        try (PDDocument first = Loader.loadPDF(made(Handouts.SHEET, DEMO, Paper.A4));
                PDDocument whole = Loader.loadPDF(
                        Handouts.SHEET.make(DEMO, HandoutOptions.USUAL.withNames(Names.WHOLE), Progress.NONE))) {
            assertFalse(text(first).contains("Lind"));
            assertTrue(text(whole).contains("Ada Lind"));
        }
    }

    // ---- what tries to break it ----

    private static final List<String> HOSTILE = List.of(
            "<img src=x onerror=alert(1)>",
            "</script><b>bold</b>",
            "@data@ @body@ @title@",
            "=HYPERLINK(\"x\")",
            "\u202Egnp.exe\u202C \u0007",
            "w".repeat(Limits.WORD - 1));

    static Stream<String> hostile() {
        return HOSTILE.stream();
    }

    @ParameterizedTest
    @MethodSource("hostile")
    void whateverIsTypedIsTextAndNothingElse(String text) throws Exception {
        Session demo = DEMO.hour().session();
        String word = text.substring(0, Math.min(text.length(), Limits.WORD));
        List<SessionBlock> blocks = new ArrayList<>();
        for (SessionBlock b : demo.blocks()) {
            SessionBlock titled = b.withTitle(text).withAim(text);
            blocks.add(b.what() instanceof What.Plain p ? titled.withWhat(new What.Plain(p.kind(), text)) : titled);
        }
        List<Group> groups = demo.groups().stream()
                .map(g -> new Group(g.id(), word, g.bib(), g.captain(), g.players()))
                .toList();
        Session session = demo.withTitle(text)
                .withGroups(groups)
                .withBlocks(blocks)
                .withCoaches(demo.coaches().stream()
                        .map(c -> new Coach(c.id(), word))
                        .toList());
        Squad squad = DEMO.hour().squad().orElseThrow();
        Squad named = squad.withPlayers(
                squad.players().stream().map((Player p) -> p.withName(word)).toList());
        SessionPlan plan = SessionPlan.of(
                session,
                id -> DEMO.drills().values().stream()
                        .map(t -> t.drill())
                        .filter(d -> d.id().equals(id))
                        .findFirst(),
                Optional.of(named));
        HourTold told = told(plan, Optional.of(named));
        for (Handout kind : papers()) {
            byte[] pdf = made(kind, told, Paper.A4);
            assertAccessible(pdf);
            try (PDDocument document = Loader.loadPDF(pdf)) {
                assertLegible(document);
                assertNull(document.getDocumentCatalog().getOpenAction());
                for (PDPage page : document.getPages()) {
                    assertTrue(page.getAnnotations().isEmpty(), "nothing to press");
                }
                String shown = text.replaceAll("[^\\w@<>/=(]", "");
                assertTrue(text(document)
                        .replaceAll("[^\\w@<>/=(]", "")
                        .contains(shown.substring(0, Math.min(12, shown.length()))));
            }
        }
        for (Handout kind :
                List.of(Handouts.FLOOR_SVG, Handouts.TABLES, Handouts.STATIONS_TABLE, Handouts.GROUPS_TABLE)) {
            byte[] made = made(kind, told, Paper.A4);
            if (kind == Handouts.FLOOR_SVG) {
                var svg = DocumentBuilderFactory.newDefaultNSInstance()
                        .newDocumentBuilder()
                        .parse(new ByteArrayInputStream(made));
                assertEquals(0, svg.getElementsByTagNameNS("*", "script").getLength());
                assertEquals(0, svg.getElementsByTagNameNS("*", "img").getLength());
            } else if (kind != Handouts.TABLES) {
                for (var row : CSVFormat.RFC4180.parse(new StringReader(new String(made, StandardCharsets.UTF_8)))) {
                    row.forEach(cell -> assertTrue(cell.isEmpty() || "=+-@\t\r".indexOf(cell.charAt(0)) < 0, cell));
                }
            }
        }
        for (Envelope envelope :
                Envelope.of(told, HandoutOptions.USUAL, Progress.NONE).values()) {
            String page = new String(envelope.page().orElseThrow(), StandardCharsets.UTF_8);
            assertEquals(2, page.split("<script", -1).length - 1, "its data and its own script");
            assertFalse(page.contains("<img"));
        }
    }

    @Test
    void anHourWithoutDrillsPeopleOrBlocksIsToldAllTheSame() throws Exception {
        Session demo = DEMO.hour().session();
        Session talk = demo.withBlocks(demo.blocks().subList(0, 2));
        Session none = demo.withBlocks(List.of());
        for (Session session : List.of(talk, none)) {
            HourTold told = told(SessionPlan.of(session, id -> Optional.empty(), Optional.empty()), Optional.empty());
            for (Handout kind : papers()) {
                byte[] pdf = made(kind, told, Paper.A4);
                assertAccessible(pdf);
                try (PDDocument document = Loader.loadPDF(pdf)) {
                    assertTrue(text(document).contains("Before the weekend"));
                }
            }
        }
        // a drill that is not there is no page and no card, and the rest is
        HourTold lost = told(SessionPlan.of(demo, id -> Optional.empty(), Optional.empty()), Optional.empty());
        try (PDDocument document = Loader.loadPDF(made(Handouts.SHEET, lost, Paper.A4))) {
            assertEquals(1, document.getNumberOfPages());
            assertTrue(text(document).contains("18:15 Crossing and finishing"));
        }
    }

    // ---- reading ----

    private static List<String> bookmarks(PDDocument document) {
        List<String> names = new ArrayList<>();
        var outline = document.getDocumentCatalog().getDocumentOutline();
        assertNotNull(outline);
        for (PDOutlineItem item : outline.children()) {
            names.add(item.getTitle());
        }
        return names;
    }

    private static String page(PDDocument document, int page) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        return stripper.getText(document).replaceAll("\\s+", " ").strip();
    }

    private static String text(PDDocument document) throws IOException {
        return new PDFTextStripper().getText(document).replaceAll("\\s+", " ").strip();
    }

    private static void assertInOrder(String text, String... pieces) {
        int at = 0;
        for (String piece : pieces) {
            int found = text.indexOf(piece, at);
            assertTrue(found >= 0, () -> "\"" + piece + "\" in its order in: " + text);
            at = found;
        }
    }
}
