package wildchalk.picture.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.progress.Progress;
import wildchalk.picture.paint.MeasuredPicture;
import wildchalk.picture.style.Ground;

/** Drills that try to break what is made of them. */
class HostileExportsTest {

    private static Told titled(String title) {
        Drill drill = Demo.read("crossing-backs").withTitle(title).withNotes(title);
        return Told.of(drill, drill.base());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "@body@ @title@ @data@ @picture@",
                "@script@@style@@policy@",
                "\\1 $1 ${title} %s {0} {{title}}",
                "bell \u0007 escape \u001b[31m null \u0000 end",
                "no character \uFFFE and C1 \u009b here",
                "]]> <![CDATA[ --> <!-- </script><script>",
                "two\nlines\tand a tab"
            })
    void aTitleIsOnlyTextWhateverItSays(String title) throws Exception {
        Told told = titled(title);
        String page = new String(PageExport.of(told, How.ALL, Progress.NONE), StandardCharsets.UTF_8);
        assertEquals(1, count(page, "<svg id=\"board\""), "nothing of the page is put into the title");
        assertEquals(1, count(page, "id=\"drill\""));
        assertEquals(2, count(page, "<script"));
        for (int i = ExportOptions.ALL_STEPS; i < told.talk().steps().size(); i++) {
            int step = i;
            parse(SvgExport.of(w -> new StepPicture(told, step, Ground.PAPER, w)));
        }
        try (PDDocument pdf = Loader.loadPDF(SheetExport.of(told, How.ALL, Progress.NONE))) {
            String text = new PDFTextStripper().getText(pdf);
            assertEquals(1, count(text, "Set out"), "the sheet is there once");
            if (told.isPrintable()) {
                String shown = title.replaceAll("\\s+", " ").strip();
                assertTrue(text.replaceAll("\\s+", " ").contains(shown), text.substring(0, 200));
            }
        }
    }

    @Test
    void aTitleOfPlacesDoesNotGrow() throws IOException {
        Told plain = titled("x".repeat(180));
        Told places = titled("@body@".repeat(30));
        int usual = PageExport.of(plain, How.ALL, Progress.NONE).length;
        int most = PageExport.of(places, How.ALL, Progress.NONE).length;
        assertTrue(most < usual + 2_000, usual + " bytes, with places " + most);
    }

    private static void parse(byte[] svg) throws Exception {
        DocumentBuilderFactory.newDefaultNSInstance().newDocumentBuilder().parse(new ByteArrayInputStream(svg));
    }

    private static int count(String text, String what) {
        return (int)
                Pattern.compile(Pattern.quote(what)).matcher(text).results().count();
    }

    // ---- too long to be shown ----

    @Test
    void aClipWithoutEndIsRefusedWithWhatToDo() {
        Drill drill = waiting(40);
        Told told = Told.of(drill, drill.base());
        assertTrue(told.timeline().seconds() > 2_000);
        IOException gif = assertThrows(TooLong.class, () -> GifExport.of(told, How.ONE, Progress.NONE));
        assertTrue(gif.getMessage().contains("minutes"), gif.getMessage());
        Drill longer = waiting(100);
        Told evening = Told.of(longer, longer.base());
        assertThrows(TooLong.class, () -> PageExport.of(evening, How.ALL, Progress.NONE));
    }

    /** Somebody stops for a minute again and again. */
    private static Drill waiting(int minutes) {
        Drill drill = Demo.read("crossing-backs");
        Progression base = drill.base();
        Step first = base.steps().get(0);
        List<Move> moves = new ArrayList<>(first.moves());
        Travel run = moves.stream()
                .filter(Travel.class::isInstance)
                .map(Travel.class::cast)
                .findFirst()
                .orElseThrow();
        List<Waypoint> stops = Stream.iterate(1, i -> i + 1)
                .limit(minutes)
                .map(i -> new Waypoint(
                        run.path().get(0).at(),
                        Passing.STOP,
                        Hand.NONE,
                        Waypoint.MAX_PAUSE_SECONDS,
                        Optional.empty(),
                        Optional.empty()))
                .toList();
        List<Waypoint> spread = new ArrayList<>();
        for (int i = 0; i < stops.size(); i++) {
            spread.add(stops.get(i).withAt(new wildchalk.core.geometry.Point(i % 10 - 5, i % 7 - 3)));
        }
        moves.set(moves.indexOf(run), run.withPath(spread));
        List<Step> steps = new ArrayList<>(base.steps());
        steps.set(0, first.withMoves(moves));
        return drill.withProgression(base.withSteps(steps));
    }

    @Test
    void whatIsStoppedMakesNothing() {
        Told told = titled("stopped");
        int[] asked = {0};
        Progress twice = fraction -> ++asked[0] < 3;
        assertThrows(CancellationException.class, () -> SheetExport.of(told, How.ALL, twice));
        assertThrows(CancellationException.class, () -> PageExport.of(told, How.ALL, fraction -> false));
    }

    // ---- pictures ----

    /** The head of a PNG that claims a size; nothing of its points is there. */
    private static byte[] claiming(int width, int height) throws IOException {
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        DataOutputStream data = new DataOutputStream(head);
        data.writeBytes("IHDR");
        data.writeInt(width);
        data.writeInt(height);
        data.write(new byte[] {8, 2, 0, 0, 0});
        CRC32 sum = new CRC32();
        sum.update(head.toByteArray());
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(png);
        out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        out.writeInt(13);
        out.write(head.toByteArray());
        out.writeInt((int) sum.getValue());
        return png.toByteArray();
    }

    @Test
    void aPictureIsMeasuredBeforeItIsDecoded() throws IOException {
        byte[] bomb = claiming(18_000, 18_000);
        IOException refused = assertThrows(
                IOException.class,
                () -> MeasuredPicture.read(new ByteArrayInputStream(bomb), 1400, 16_000_000, Progress.NONE));
        assertTrue(refused.getMessage().contains("18,000 x 18,000"), refused.getMessage());
    }

    @Test
    void aLargePictureIsReadNoFinerThanNeeded() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(4000, 1000, BufferedImage.TYPE_BYTE_GRAY), "png", bytes);
        BufferedImage read =
                MeasuredPicture.read(new ByteArrayInputStream(bytes.toByteArray()), 500, 16_000_000, Progress.NONE);
        assertEquals(1000, read.getWidth());
        assertEquals(250, read.getHeight());
        assertThrows(
                CancellationException.class,
                () -> MeasuredPicture.read(
                        new ByteArrayInputStream(bytes.toByteArray()), 500, 16_000_000, fraction -> false));
        assertFalse(read.getWidth() < 500, "not coarser than needed");
    }
}
