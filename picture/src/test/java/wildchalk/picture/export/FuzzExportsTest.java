package wildchalk.picture.export;

import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Mutations;
import wildchalk.core.drill.Drill;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.progress.Progress;
import wildchalk.picture.style.Ground;

/** Whatever a broken file still says can be handed out, or is refused with words; nothing hangs. */
class FuzzExportsTest {

    private static final int USUAL_COUNT = 300;
    private static final long SEED = 20_261_126;
    private static final int PDF_EACH = 20;
    private static final int GIF_EACH = 50;
    /** A guard against hanging, not a measurement. */
    private static final Duration LONG = Duration.ofSeconds(300);

    private int exported;
    private int refused;

    @Test
    void whatIsReadCanBeExported() throws Exception {
        int count = Integer.getInteger("fuzz.exports", USUAL_COUNT);
        List<String> drills = new ArrayList<>();
        for (Path demo : Demo.files()) {
            drills.add(Files.readString(demo));
        }
        Mutations mutations = new Mutations(SEED);
        DocumentBuilder xml = DocumentBuilderFactory.newDefaultNSInstance().newDocumentBuilder();
        assertTimeoutPreemptively(LONG.multipliedBy(1 + count / USUAL_COUNT), () -> {
            for (int i = 0; i < count; i++) {
                byte[] bytes = mutations.of(drills.get(i % drills.size()));
                try {
                    String text = new String(bytes, StandardCharsets.UTF_8);
                    export(DrillFile.parse(Path.of("f.drill.json"), text).value(), xml);
                } catch (FormatProblem problem) {
                    refused++;
                }
            }
        });
        System.out.printf("%d mutated drills: %d exported, %d refused when read%n", count, exported, refused);
        assertTrue(exported > count / 100 && refused > count / 100, "both happen");
    }

    private void export(Drill drill, DocumentBuilder xml) throws Exception {
        Told told = Told.of(drill, drill.base());
        try {
            xml.parse(new ByteArrayInputStream(SvgExport.of(w -> new StepPicture(told, 0, Ground.PAPER, w))));
            assertTrue(PageExport.of(told, How.ALL.withGround(Ground.SLATE), Progress.NONE).length > 10_000);
            if (exported % PDF_EACH == 0) {
                Loader.loadPDF(SheetExport.of(told, How.ALL, Progress.NONE)).close();
            }
            if (exported % GIF_EACH == 0) {
                assertTrue(GifExport.of(told, How.ONE, Progress.NONE).length > 1_000);
            }
        } catch (TooLong said) {
            assertTrue(said.getMessage().contains("minutes"));
        }
        exported++;
    }
}
