package wildchalk.picture.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.progress.Progress;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.style.Ground;

/** What is shown beforehand is what comes of it; what is left out is not in the file. */
class PreviewsTest {

    private static final int WIDTH = 320;

    private static Told rep(String id) {
        Drill drill = Demo.read(id);
        return Told.of(drill, drill.base());
    }

    private static Preview look(Export kind, Told told, ExportOptions how) throws IOException {
        return kind.look(told, how, WIDTH, Progress.NONE);
    }

    @ParameterizedTest
    @ValueSource(strings = {"ebb-or-flow", "lantern-ladder", "crossing-backs"})
    void aSheetShowsAsManyPagesAsItHas(String id) throws IOException {
        Told told = rep(id);
        int[] pages = new int[2];
        for (Reach reach : Reach.values()) {
            ExportOptions how = How.ALL.withVersions(reach).withWays(reach);
            Preview shown = look(Exports.SHEET, told, how);
            try (PDDocument pdf = Loader.loadPDF(Exports.SHEET.make(told, how, Progress.NONE))) {
                assertEquals(pdf.getNumberOfPages(), shown.pictures().size());
                assertTrue(shown.about().startsWith(pdf.getNumberOfPages() + " page"), shown.about());
                pages[reach.ordinal()] = pdf.getNumberOfPages();
            }
            shown.pictures().forEach(p -> assertEquals(WIDTH, p.getWidth(), 1));
        }
        assertTrue(pages[Reach.ONE.ordinal()] <= pages[Reach.ALL.ordinal()]);
    }

    @Test
    void aClipSaysItsSizeItsRepsAndItsSeconds() throws IOException {
        Told told = rep("ebb-or-flow");
        for (int width : Exports.GIF.widths()) {
            ExportOptions how = How.ONE.withWidth(width);
            Preview shown = look(Exports.GIF, told, how);
            BufferedImage first = ImageIO.read(new ByteArrayInputStream(Exports.GIF.make(told, how, Progress.NONE)));
            assertEquals(width, first.getWidth());
            double ratio = (double) first.getHeight() / first.getWidth();
            BufferedImage picture = shown.pictures().get(0);
            assertEquals(ratio, (double) picture.getHeight() / picture.getWidth(), 0.005, "the same cut");
            var said = Pattern.compile("([0-9.]+) s, .* (\\d[\\d,]*) × ([\\d,]+) pixels")
                    .matcher(shown.about());
            assertTrue(said.matches(), shown.about());
            assertEquals(told.timeline().seconds(), Double.parseDouble(said.group(1)), 0.06);
            assertEquals(width, Integer.parseInt(said.group(2).replace(",", "")));
            assertEquals(first.getHeight(), Integer.parseInt(said.group(3).replace(",", "")), 0.005 * width);
        }
        assertEquals(
                4,
                look(Exports.GIF, told, How.ONE.withWays(Reach.ALL)).pictures().size());
        Told ladder = rep("lantern-ladder");
        int versions = ladder.drill().progressions().size();
        ExportOptions small = How.ONE.withVersions(Reach.ALL).withWidth(200);
        assertEquals(versions, look(Exports.GIF, ladder, small).pictures().size());
        double seconds = new Clip(ladder, small, 200).seconds();
        assertEquals(seconds * 100 / GifExport.FRAME_HUNDREDTHS, frames(ladder, small), 3.0 * versions);
    }

    private static int frames(Told told, ExportOptions how) throws IOException {
        ImageReader reader = ImageIO.getImageReadersByFormatName("gif").next();
        byte[] gif = Exports.GIF.make(told, how, Progress.NONE);
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(gif))) {
            reader.setInput(in);
            return reader.getNumImages(true);
        } finally {
            reader.dispose();
        }
    }

    @Test
    void aPageHasWhatIsWantedAndAsksOnlyWhereItCanGoOn() throws IOException {
        Told told = rep("ebb-or-flow");
        Told ladder = rep("lantern-ladder");
        assertEquals(4, look(Exports.PAGE, told, How.ALL).pictures().size());
        assertEquals(1, look(Exports.PAGE, told, How.ONE).pictures().size());
        String all = page(told, How.ALL);
        String one = page(told, How.ONE);
        assertTrue(all.contains("\"ask\":"));
        assertEquals(-1, one.indexOf("\"ask\":"), "nobody is asked where there is one answer");
        assertTrue(page(ladder, How.ALL).contains("data-play=\"1\""));
        assertEquals(-1, page(ladder, How.ONE).indexOf("data-play=\"1\""));
        assertTrue(look(Exports.PAGE, ladder, How.ALL)
                .about()
                .contains(ladder.drill().progressions().size() + " versions"));
    }

    private static String page(Told told, ExportOptions how) throws IOException {
        return new String(Exports.PAGE.make(told, how, Progress.NONE), StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1})
    void aPictureHasTheSizeThatIsSaid(int step) throws IOException {
        Told told = rep("second-wave-from-the-left");
        Export png = Exports.find("png").orElseThrow();
        for (int width : png.widths()) {
            ExportOptions how = png.usual(Ground.SLATE, step).withWidth(width);
            BufferedImage made = ImageIO.read(new ByteArrayInputStream(png.make(told, how, Progress.NONE)));
            assertEquals(width, made.getWidth());
            String said = look(png, told, how).about().replace(",", "");
            assertEquals("%d × %d pixels".formatted(made.getWidth(), made.getHeight()), said);
        }
    }

    @Test
    void whoeverNoLongerWantsToSeeItIsNotKept() {
        Told told = rep("ebb-or-flow");
        for (Export kind : List.of(Exports.SHEET, Exports.PAGE, Exports.GIF)) {
            assertThrows(
                    CancellationException.class,
                    () -> kind.look(told, How.ALL, WIDTH, fraction -> false),
                    kind.toString());
        }
    }
}
