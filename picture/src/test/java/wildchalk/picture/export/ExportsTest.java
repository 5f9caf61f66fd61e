package wildchalk.picture.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageInputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Document;
import org.w3c.dom.NodeList;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.geometry.Point;
import wildchalk.core.progress.Progress;
import wildchalk.core.runthrough.StepAction;
import wildchalk.core.words.StepWords;
import wildchalk.picture.style.Ground;

/** What is handed out is what it claims to be. */
class ExportsTest {

    static Stream<String> demos() {
        return Demo.files().stream().map(f -> f.getFileName().toString().replace(".drill.json", ""));
    }

    private static Told rep(String id) {
        Drill drill = Demo.read(id);
        return Told.of(drill, drill.base());
    }

    // ---- sheet ----

    @ParameterizedTest
    @MethodSource("demos")
    void theSheetsTextStandsInTheOrderInWhichItIsRead(String id) throws IOException {
        Told told = rep(id);
        String text = text(SheetExport.of(told, How.ALL, Progress.NONE));
        List<String> expected = new ArrayList<>(List.of(told.drill().title(), "Bring", "Set out"));
        expected.addAll(told.talk().setUp());
        List<StepWords> steps = told.talk().steps();
        for (int i = 0; i < steps.size(); i++) {
            if (isAgain(told, i)) {
                continue; // said with the last step that it is again
            }
            expected.add(steps.get(i).title());
            steps.get(i).lines().forEach(l -> expected.add(l.text()));
            if (i + 1 < steps.size() && isAgain(told, i + 1)) {
                steps.get(i + 1).lines().forEach(l -> expected.add(l.text()));
            }
            expected.addAll(steps.get(i).points());
        }
        expected.add(told.drill().notes());
        int at = 0;
        for (String wanted : expected) {
            int found = text.indexOf(normal(wanted), at);
            assertTrue(found >= 0, "not found in order: " + wanted + "\nin: " + text.substring(at));
            at = found + normal(wanted).length();
        }
    }

    private static boolean isAgain(Told told, int index) {
        return told.path().isMereRepetition(told.path().steps().get(index));
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return normal(new PDFTextStripper().getText(document));
        }
    }

    /** As one line; ligatures taken apart. */
    private static String normal(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFKC)
                .replaceAll("\\s+", " ")
                .replace("- ", "-");
    }

    @Test
    void theSheetIsVectorsTaggedAndOfTheChosenPaper() throws IOException {
        Told told = rep("crossing-backs");
        try (PDDocument document =
                Loader.loadPDF(SheetExport.of(told, How.ALL.withPaper(Paper.LETTER), Progress.NONE))) {
            assertEquals(612, document.getPage(0).getMediaBox().getWidth(), 1);
            assertEquals(792, document.getPage(0).getMediaBox().getHeight(), 1);
            assertTrue(document.getDocumentCatalog().getMarkInfo().isMarked());
            assertEquals("Crossing backs", document.getDocumentInformation().getTitle());
            for (var page : document.getPages()) {
                for (var name : page.getResources().getXObjectNames()) {
                    assertFalse(page.getResources().isImageXObject(name), "a picture where lines should be");
                }
            }
        }
    }

    @Test
    void aTitleFullOfMarkupIsOnlyText() throws IOException {
        String nasty = "<b>&amp;\"'</b> <img src=x onerror=alert(1)>";
        Drill drill = Demo.read("crossing-backs").withTitle(nasty);
        Told told = Told.of(drill, drill.base());
        assertTrue(text(SheetExport.of(told, How.ALL, Progress.NONE)).contains(nasty));
        String page = new String(PageExport.of(told, How.ALL, Progress.NONE), StandardCharsets.UTF_8);
        assertFalse(page.contains("<img"));
        assertTrue(page.contains("&lt;img src=x onerror=alert(1)&gt;"));
    }

    // ---- pictures ----

    @ParameterizedTest
    @MethodSource("demos")
    void theSvgParsesAndItsTextIsText(String id) throws Exception {
        Told told = rep(id);
        for (int i = 0; i < told.talk().steps().size(); i++) {
            int step = i;
            byte[] svg = SvgExport.of(w -> new StepPicture(told, step, Ground.PAPER, w));
            Document document = DocumentBuilderFactory.newDefaultNSInstance()
                    .newDocumentBuilder()
                    .parse(new ByteArrayInputStream(svg));
            assertEquals("svg", document.getDocumentElement().getLocalName());
            NodeList texts = document.getElementsByTagNameNS("http://www.w3.org/2000/svg", "text");
            List<String> found = new ArrayList<>();
            for (int t = 0; t < texts.getLength(); t++) {
                found.add(texts.item(t).getTextContent());
            }
            String title =
                    told.drill().title() + " · " + told.talk().steps().get(step).title();
            assertTrue(found.contains(title), found.toString());
            // who takes part in the step; of the others those who stand near
            StepAction.of(told.drill(), told.path(), told.timeline(), step).roles().stream()
                    .map(r -> told.path().role(r).orElseThrow().label())
                    .forEach(label -> assertTrue(found.contains(label), label));
        }
    }

    @Test
    void thePngIsLargeSharpAndKnowsItsResolution() throws IOException {
        Told told = rep("second-wave-from-the-left");
        byte[] png = PngExport.of(w -> new StepPicture(told, 0, Ground.PAPER, w), PngExport.PRINT_WIDTH);
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
        assertEquals(2244, image.getWidth());
        // 19 cm at 300 dots an inch
        assertEquals(300, image.getWidth() / (19 / 2.54), 0.5);
        assertEquals(300 / 25.4, dotsPerMillimetre(png), 0.05);
        // sharp: a line of the court goes from floor to line and back within three pixels
        BufferedImage small = ImageIO.read(
                new ByteArrayInputStream(PngExport.of(w -> new StepPicture(told, 0, Ground.PAPER, w), 561)));
        // one that was blown up four times would spread each edge over four pixels
        assertTrue(steepest(image) > 0.8 * steepest(small), steepest(image) + " against " + steepest(small));
    }

    /** The largest difference of brightness between neighbours along the middle row. */
    private static int steepest(BufferedImage image) {
        int most = 0;
        int y = image.getHeight() / 3;
        for (int x = 1; x < image.getWidth(); x++) {
            most = Math.max(most, Math.abs(grey(image.getRGB(x, y)) - grey(image.getRGB(x - 1, y))));
        }
        return most;
    }

    private static int grey(int rgb) {
        return ((rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255)) / 3;
    }

    /** From the pHYs chunk: dots a metre, big-endian, after the chunk's name. */
    private static double dotsPerMillimetre(byte[] png) {
        int at = new String(png, StandardCharsets.ISO_8859_1).indexOf("pHYs");
        return ByteBuffer.wrap(png, at + 4, 4).getInt() / 1000.0;
    }

    // ---- moving picture ----

    @ParameterizedTest
    @MethodSource("demos")
    void theGifLastsAsLongAsTheRepAndRepeats(String id) throws IOException {
        Told told = rep(id);
        byte[] gif = GifExport.of(told, How.ONE.withGround(Ground.SLATE), Progress.NONE);
        ImageReader reader = ImageIO.getImageReadersByFormatName("gif").next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(gif))) {
            reader.setInput(in);
            int frames = reader.getNumImages(true);
            assertEquals(GifExport.frames(told.timeline().seconds()), frames);
            int hundredths = 0;
            for (int i = 0; i < frames; i++) {
                IIOMetadataNode root =
                        (IIOMetadataNode) reader.getImageMetadata(i).getAsTree("javax_imageio_gif_image_1.0");
                IIOMetadataNode control = (IIOMetadataNode)
                        root.getElementsByTagName("GraphicControlExtension").item(0);
                hundredths += Integer.parseInt(control.getAttribute("delayTime"));
                if (i == 0) {
                    assertEquals(
                            1, root.getElementsByTagName("ApplicationExtension").getLength(), "repeats");
                }
            }
            double moving = (hundredths - GifExport.LAST_HUNDREDTHS) / 100.0;
            assertEquals(told.timeline().seconds(), moving, GifExport.FRAME_HUNDREDTHS / 100.0);
        } finally {
            reader.dispose();
        }
    }

    @Test
    void aLongExportTellsHowFarItIsAndStopsWhenAsked() {
        List<Double> told = new ArrayList<>();
        assertThrows(
                CancellationException.class,
                () -> GifExport.of(rep("crossing-backs"), How.ONE.withGround(Ground.SLATE), fraction -> {
                    told.add(fraction);
                    return fraction < 0.2;
                }));
        assertTrue(told.size() > 3);
        for (int i = 1; i < told.size(); i++) {
            assertTrue(told.get(i) > told.get(i - 1));
        }
    }

    // ---- tracks of the page ----

    @ParameterizedTest
    @MethodSource("demos")
    void tracksStayWithinMillimetres(String id) {
        Told told = rep(id);
        for (var role : told.path().roles()) {
            List<Tracks.Key> keys = Tracks.of(
                    t -> told.timeline().poseAt(role.id(), t).at(),
                    told.timeline().seconds());
            for (double t = 0; t < told.timeline().seconds(); t += 0.013) {
                double at = t;
                int next = 1;
                while (keys.get(next).seconds() < at) {
                    next++;
                }
                Tracks.Key a = keys.get(next - 1);
                Tracks.Key b = keys.get(next);
                Point shown = a.at().towards(b.at(), (at - a.seconds()) / (b.seconds() - a.seconds()));
                double away =
                        shown.distanceTo(told.timeline().poseAt(role.id(), at).at());
                assertTrue(away < 0.005, role.label() + " is " + away + " m off at " + at);
            }
        }
    }

    @Test
    void sheetAndPageSayWhomAVersionSuits() throws IOException {
        Drill ladder = Demo.read("lantern-ladder");
        Told few = Told.of(
                ladder, ladder.progression(new ProgressionId("few-touches")).orElseThrow());
        Told base = Told.of(ladder, ladder.base());
        String said = "For: " + few.run().version().course().suits().inWords();
        assertTrue(said.contains("U16 · "), said);
        for (Told told : List.of(few, base)) {
            assertTrue(text(SheetExport.of(told, How.ALL, Progress.NONE)).contains(normal(said)));
        }
        String page = new String(PageExport.of(base, How.ALL, Progress.NONE), StandardCharsets.UTF_8);
        assertTrue(page.contains("<p>" + said + "</p>"));
        assertEquals(
                page.indexOf(said), page.lastIndexOf(said), "it stands with that version's one path and no other's");
    }
}
