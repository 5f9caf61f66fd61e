package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Overlay;
import wildchalk.core.surface.OwnSurfaces;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;

/** Own surfaces as files, alone and inside a drill. */
class SurfaceFileTest {

    private static final Path NAME = Path.of("yard.surface.json");

    @TempDir
    Path folder;

    static Stream<Surface> all() {
        return Surfaces.all().stream().map(s -> OwnSurfaces.copyOf(s, "own-" + s.id(), "Own " + s.title()));
    }

    @ParameterizedTest
    @MethodSource("all")
    void whatIsWrittenIsReadAndFitsTheSchema(Surface own) throws IOException {
        Path file = folder.resolve("own.surface.json");
        SurfaceFile.ofNew(own).save(file);
        assertEquals(own, SurfaceFile.read(file).value());
        assertEquals(List.of(), Schemas.check(file));
    }

    @ParameterizedTest
    @MethodSource("all")
    void aDrillCarriesItsOwnSurfaceAlong(Surface own) throws IOException {
        SurfaceUse use = SurfaceUse.of(own).withStanding(true);
        Drill drill = Drill.blank("On our own", use, Audience.USUAL);
        Path file = folder.resolve("d.drill.json");
        DrillFile.ofNew(drill).save(file);
        assertEquals(drill, DrillFile.read(file).value());
        assertEquals(List.of(), Schemas.check(file));
    }

    @Test
    void everythingAboutTheGroundOfADrillSurvives() throws IOException {
        SurfaceUse rink = SurfaceUse.of(Surfaces.sized("ice-60x30", new Size(58, 28)))
                .withView(View.of(new Point(2, -10), new Point(26, 12.5)))
                .withStanding(true)
                .withGoal(new MovedGoal("right", new Point(20, 13), -90));
        SurfaceUse hall = SurfaceUse.of(Surfaces.find("hall").orElseThrow())
                .withOverlays(List.of(
                        new Overlay("volleyball", new Point(1, 2), true, true, Ink.GREEN),
                        new Overlay("futsal", Point.ORIGIN, false, false, Ink.BLUE)));
        for (SurfaceUse ground : List.of(rink, hall)) {
            Drill drill = Drill.blank("Ground", ground, Audience.USUAL)
                    .withBackdrop(Optional.of(new Backdrop("AAAA", new Point(1, 2), 20, 0.4)));
            Path file = folder.resolve("g.drill.json");
            DrillFile.ofNew(drill).save(file);
            assertEquals(drill, DrillFile.read(file).value());
            assertEquals(List.of(), Schemas.check(file));
        }
    }

    @Test
    void fieldsOfALaterVersionSurvive() throws IOException {
        String text = """
                {"format": {"name": "wild-chalk-surface", "version": 1, "by": "later"},
                 "id": "yard", "title": "The yard", "size": [18, 12], "slope": 2,
                 "markings": [{"draw": "line", "from": [0, 0], "to": [3, 0], "glow": true}],
                 "landmarks": [{"id": "tap", "name": "the tap", "at": [1, 1], "wet": "yes"}]}
                """;
        String written = SurfaceFile.parse(NAME, text).toText();
        for (String kept : List.of("\"by\": \"later\"", "\"slope\": 2", "\"glow\": true", "\"wet\": \"yes\"")) {
            assertTrue(written.contains(kept), kept + " is lost in " + written);
        }
        assertEquals(written, SurfaceFile.parse(NAME, written).toText());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "\"id\": \"handball\", \"title\": \"X\", \"size\": [9, 9] | comes with Wild Chalk",
                "\"id\": \"y\", \"title\": \"X\", \"size\": [0, 9] | 1 to 300",
                "\"id\": \"y\", \"title\": \"X\", \"size\": [9, 9], \"like\": \"moonball\" | no sport",
                "\"id\": \"y\", \"title\": \"X\", \"size\": [9, 9], \"markings\": [{\"draw\": \"cat\"}] | line, arc, spot",
                "\"id\": \"y\", \"title\": \"X\", \"size\": [9, 9], \"zones\": [{\"id\": \"z\", \"name\": \"z\", \"outline\": [[0, 0]]}] | 3 to 500"
            })
    void whatMakesNoSurfaceIsNamedWithItsLine(String fields, String expected) {
        String text = "{\"format\": {\"name\": \"wild-chalk-surface\", \"version\": 1},\n" + fields + "}";
        FormatProblem problem = assertThrows(FormatProblem.class, () -> SurfaceFile.parse(NAME, text));
        assertTrue(problem.getMessage().contains(expected), problem.getMessage());
        assertTrue(problem.line() >= 1, problem.getMessage());
    }
}
