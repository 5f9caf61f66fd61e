package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.FiguresFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.finding.Finding;
import wildchalk.core.runthrough.Clearances;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.runthrough.OwnFigures.Figure;
import wildchalk.core.runthrough.RunThrough;

/** A club's own figures: read as they are written, refused where they cannot be, and used by every check of room. */
class OwnFiguresTest {

    private static List<String> found(String file, OwnFigures own) throws IOException {
        Drill drill = DrillFile.read(CheckPairsFolder.folder().resolve(file + ".drill.json"))
                .value();
        RunThrough run = RunThrough.of(drill, wildchalk.core.path.Path.usual(drill.base()), own);
        List<String> here = Checks.of(run).stream().map(Finding::rule).toList();
        assertEquals(
                here,
                Everywhere.of(drill, own).found().stream()
                        .map(f -> f.finding().rule())
                        .toList());
        return here;
    }

    /** A wider lane finds the near miss, and more room asked for before boards too. */
    @Test
    void theFiguresAreTheClubs() throws IOException {
        assertEquals(List.of(), found("shot-lane-line.near", OwnFigures.NONE));
        assertEquals(List.of("shot-lane-line"), found("shot-lane-line.near", new OwnFigures(Map.of(Figure.LANE, 4.0))));
        assertEquals(List.of(), found("into-boards.near", OwnFigures.NONE));
        assertEquals(List.of("into-boards"), found("into-boards.near", new OwnFigures(Map.of(Figure.WALL, 10.0))));
        Drill drill = DrillFile.read(CheckPairsFolder.folder().resolve("traffic.near.drill.json"))
                .value();
        Clearances own = Clearances.of(drill, new OwnFigures(Map.of(Figure.BODIES, 1.0, Figure.SPARE, 0.5)));
        assertEquals(1 + 0.5 * 6, own.apartMetres(6), 1e-9);
    }

    @Test
    void theFileIsReadAsItIsWritten(@TempDir Path folder) throws IOException {
        Binder binder = new Binder(folder);
        assertEquals(OwnFigures.NONE, FiguresFile.read(binder));
        OwnFigures own = new OwnFigures(Map.of(Figure.LANE, 2.0, Figure.SPARE, 0.25));
        FiguresFile.write(binder, own);
        assertEquals(own, FiguresFile.read(binder));
        Files.writeString(FiguresFile.of(binder), "# ours\n\n lane = 1,5 \n");
        assertEquals(OptionalDouble.of(1.5), FiguresFile.read(binder).of(Figure.LANE));
        Files.writeString(FiguresFile.of(binder), "lane = 1\nwidth = 3\n");
        IOException unknown = assertThrows(IOException.class, () -> FiguresFile.read(binder));
        assertTrue(
                unknown.getMessage().contains("Line 2") && unknown.getMessage().contains("bodies"),
                unknown.getMessage());
        assertTrue(assertThrows(IllegalArgumentException.class, () -> OwnFigures.parse("lane = much"))
                .getMessage()
                .contains("lane = 1.5"));
        assertTrue(assertThrows(IllegalArgumentException.class, () -> OwnFigures.parse("lane = 100"))
                .getMessage()
                .contains("0.3 to 10"));
    }
}
