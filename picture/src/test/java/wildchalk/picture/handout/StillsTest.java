package wildchalk.picture.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.handout.Hours;
import wildchalk.core.handout.Post;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Library;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.picture.export.ContactSheet;
import wildchalk.picture.export.PngExport;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Still;
import wildchalk.picture.export.SvgExport;
import wildchalk.picture.style.Ground;

/** Pictures of many drills, and of the floor of an hour: what stands in them is text, and nothing of it is cut off. */
class StillsTest {

    private static final List<String> DRILLS = List.of("crossing-backs", "ebb-or-flow", "lantern-ladder");

    /** A line of text in a picture, and how far it goes to the right. */
    private record Said(String text, double size) {}

    private static List<Said> said(byte[] svg) throws Exception {
        Document document = DocumentBuilderFactory.newDefaultNSInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg));
        NodeList texts = document.getElementsByTagNameNS("http://www.w3.org/2000/svg", "text");
        List<Said> all = new ArrayList<>();
        for (int i = 0; i < texts.getLength(); i++) {
            all.add(new Said(texts.item(i).getTextContent(), size((Element) texts.item(i))));
        }
        return all;
    }

    /** The nearest size that is said above it, pixels. */
    private static double size(Element element) {
        for (var at = element; at != null; at = at.getParentNode() instanceof Element e ? e : null) {
            String own = at.getAttribute("font-size") + at.getAttribute("style").replaceAll(".*font-size:", "");
            var found = java.util.regex.Pattern.compile("^(\\d+(\\.\\d+)?)").matcher(own);
            if (found.find()) {
                return Double.parseDouble(found.group(1));
            }
        }
        return 12;
    }

    private static Set<String> texts(byte[] svg) throws Exception {
        Set<String> all = new HashSet<>();
        said(svg).forEach(s -> all.add(s.text()));
        return all;
    }

    private static Still.Layout contact(String title, List<Drill> drills) throws IOException {
        return ContactSheet.of(title, drills, Ground.PAPER, Progress.NONE);
    }

    @Test
    void aContactSheetNamesEveryDrillAndWhomItIsFor() throws Exception {
        List<Drill> drills = DRILLS.stream().map(Demo::read).toList();
        Set<String> found = texts(SvgExport.of(contact("Tern Point", drills)));
        assertTrue(found.contains("Tern Point"));
        assertTrue(found.contains("3 drills"));
        for (Drill drill : drills) {
            assertTrue(found.contains(drill.title()), drill.title());
            assertTrue(
                    found.contains("%d to %d players · %d min"
                            .formatted(
                                    drill.audience().players().min(),
                                    drill.audience().players().max(),
                                    drill.audience().minutes())),
                    found.toString());
        }
    }

    /** Four in a row: a fifth makes it a row higher, a fourth does not. */
    @Test
    void aPictureIsAsHighAsItsRows() throws Exception {
        Drill drill = Demo.read("crossing-backs");
        double three = contact("x", Collections.nCopies(3, drill)).at(748).height();
        double four = contact("x", Collections.nCopies(4, drill)).at(748).height();
        double five = contact("x", Collections.nCopies(5, drill)).at(748).height();
        double nine = contact("x", Collections.nCopies(9, drill)).at(748).height();
        assertEquals(three, four);
        assertEquals(five - four, nine - five, 1e-6);
        assertTrue(five > four + 100);
        BufferedImage png =
                ImageIO.read(new ByteArrayInputStream(PngExport.of(contact("x", Collections.nCopies(5, drill)), 561)));
        assertEquals(561, png.getWidth());
        assertEquals(five * 561 / 748, png.getHeight(), 1 + 0.01 * five);
    }

    @Test
    void moreThanAnybodyLooksThroughIsSaidAndNotMade() {
        List<Drill> many = Collections.nCopies(ContactSheet.MOST_DRILLS + 1, Demo.read("crossing-backs"));
        assertTrue(assertThrows(IOException.class, () -> contact("x", many))
                .getMessage()
                .contains("201 drills"));
        assertTrue(assertThrows(IOException.class, () -> contact("x", List.of()))
                .getMessage()
                .contains("no drill"));
    }

    @Test
    void whatATitleSaysIsBrokenIntoLinesAndRunsNothing() throws Exception {
        String nasty = "</text><script>alert(1)</script>" + "w".repeat(80);
        byte[] svg =
                SvgExport.of(contact(nasty, List.of(Demo.read("crossing-backs").withTitle(nasty))));
        Document document = DocumentBuilderFactory.newDefaultNSInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg));
        assertEquals(0, document.getElementsByTagNameNS("*", "script").getLength());
        assertTrue(texts(svg).stream().allMatch(t -> t.length() < 112), "no line is longer than its card");
    }

    private static HourTold told() throws IOException {
        var hour = Hours.demo();
        return HourTold.of(hour.plan(), hour.squad(), Reader.USUAL, Progress.NONE);
    }

    @Test
    void theFloorSaysWhatStandsWhereAndWhoIsThere() throws Exception {
        byte[] svg = Handouts.FLOOR_SVG.make(told(), HandoutOptions.USUAL, Progress.NONE);
        Set<String> found = texts(svg);
        String all = String.join(" ", said(svg).stream().map(Said::text).toList());
        var hour = Hours.demo();
        for (Post p : hour.posts()) {
            String drill = p.number() + "  " + p.setUp().drill().title();
            String line = p.coach()
                    .flatMap(hour.session()::coach)
                    .map(c -> drill + ", with " + c.name())
                    .orElse(drill);
            assertTrue(all.contains(line), line + " in " + all);
        }
        assertTrue(found.stream().noneMatch(t -> t.contains("Lind")), "first names only");
    }

    /** A picture is printed 19 cm wide; this one is 880 points wide. */
    @Test
    void whatIsSaidIsNoSmallerThanNinePointsWhereItIsPrinted() throws Exception {
        byte[] floor = Handouts.FLOOR_SVG.make(told(), HandoutOptions.USUAL, Progress.NONE);
        double pointsAUnit = 190 / 25.4 * 72 / 880;
        for (Said s : said(floor)) {
            if (s.text().contains(" ")) {
                assertTrue(s.size() * pointsAUnit >= 8.95, s.toString());
            }
        }
    }

    @Test
    void anHourWithoutStationsHasNoFloorAndSaysSo() throws Exception {
        Session nothing = Hours.demo().session().withBlocks(List.of());
        HourTold empty = HourTold.of(
                SessionPlan.of(nothing, mock(Library.class), Optional.empty()),
                Optional.empty(),
                Reader.USUAL,
                Progress.NONE);
        assertTrue(assertThrows(
                        IOException.class,
                        () -> Handouts.FLOOR.make(
                                empty, HandoutOptions.USUAL.withPlayer(Optional.empty()), Progress.NONE))
                .getMessage()
                .contains("no floor"));
    }
}
