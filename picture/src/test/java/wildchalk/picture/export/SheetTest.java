package wildchalk.picture.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.progress.Progress;
import wildchalk.core.words.Register;
import wildchalk.core.words.Words;

/** What a printed sheet looks like, measured from the file. */
class SheetTest {

    /** Nothing is nearer to the edge of the paper, pt: printers do not reach it. */
    private static final double MARGIN = 24;

    /** A run of letters on a page. */
    private record Run(int page, String text, double size, Rectangle2D box) {}

    static Stream<Arguments> sheets() {
        List<Drill> all = Demo.everything().toList();
        return Stream.of(Paper.values())
                .flatMap(p -> all.stream()
                        // both papers for every fourth, to be done in time
                        .filter(d -> p == Paper.A4 || all.indexOf(d) % 4 == 0)
                        .map(d -> Arguments.of(d, p)));
    }

    private static byte[] pdf(Drill drill, ExportOptions how) throws IOException {
        return SheetExport.of(Told.of(drill, drill.base()), how, Progress.NONE);
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void aVersionIsOneSideAndEverythingOnItCanBeRead(Drill drill, Paper paper) throws IOException {
        byte[] bytes = pdf(drill, How.ALL.withPaper(paper));
        try (PDDocument document = Loader.loadPDF(bytes)) {
            assertTrue(
                    document.getNumberOfPages() <= drill.progressions().size() + overflows(drill, paper),
                    drill.title() + ": " + document.getNumberOfPages() + " sides");
            double wide = document.getPage(0).getMediaBox().getWidth();
            double high = document.getPage(0).getMediaBox().getHeight();
            List<Run> runs = runs(document);
            for (Run run : runs) {
                assertTrue(run.size >= 8.95, run.size + " pt: " + run.text);
                assertTrue(
                        run.box.getMinX() >= MARGIN
                                && run.box.getMaxX() <= wide - MARGIN
                                && run.box.getMinY() >= MARGIN
                                && run.box.getMaxY() <= high - MARGIN,
                        drill.title() + ": outside: " + run);
            }
            for (int i = 0; i < runs.size(); i++) {
                for (int k = i + 1; k < runs.size(); k++) {
                    Run a = runs.get(i);
                    Run b = runs.get(k);
                    assertFalse(a.page == b.page && overlap(a.box, b.box), a + " lies on " + b);
                }
            }
        }
    }

    /** Sides beyond the first that versions need which have more steps than go on one: nine, on the shorter paper eight. */
    private static int overflows(Drill drill, Paper paper) {
        int steps = paper == Paper.A4 ? 9 : 8;
        return drill.progressions().stream()
                .mapToInt(p -> Math.max(0, (p.steps().size() - 1) / steps))
                .sum();
    }

    private static boolean overlap(Rectangle2D a, Rectangle2D b) {
        Rectangle2D both = a.createIntersection(b);
        return both.getWidth() > 1 && both.getHeight() > 1;
    }

    /** Letters of one size that follow each other on a line; boxes from the baseline up to small capitals. */
    private static List<Run> runs(PDDocument document) throws IOException {
        List<Run> runs = new ArrayList<>();
        PDFTextStripper stripper = new PDFTextStripper() {
            @Override
            protected void writeString(String text, List<TextPosition> letters) {
                TextPosition first = letters.get(0);
                TextPosition last = letters.get(letters.size() - 1);
                double size = first.getYScale();
                runs.add(new Run(
                        getCurrentPageNo(),
                        text,
                        size,
                        new Rectangle2D.Double(
                                first.getX(),
                                first.getY() - 0.6 * size,
                                last.getX() + last.getWidth() - first.getX(),
                                0.6 * size)));
            }
        };
        stripper.setSortByPosition(false);
        stripper.getText(document);
        return runs;
    }

    @ParameterizedTest
    @EnumSource(Register.class)
    void aSheetTellsAsMuchAsIsWanted(Register words) throws IOException {
        Drill drill = Demo.read("second-wave-from-the-left");
        try (PDDocument document = Loader.loadPDF(pdf(drill, How.ALL.withWords(words)))) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            Told told = Told.of(drill, drill.base());
            String line = told.talk().steps().get(1).lines().get(0).text();
            assertEquals(words == Register.ALOUD, text.contains(line), text);
            assertEquals(
                    words == Register.SHORT,
                    text.contains(told.talk().steps().get(1).brief()),
                    text);
            assertEquals(
                    words == Register.PROBLEM,
                    text.contains(Words.problemOf(told.run()).get(0)),
                    text);
            assertEquals(1, document.getNumberOfPages());
        }
    }
}
