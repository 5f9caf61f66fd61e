package wildchalk.picture.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.progress.Progress;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.export.ExportOptions.Shown;
import wildchalk.picture.style.Ground;

/** A film is what it says it is: its boxes read one by one, its pictures counted. */
class FilmTest {

    private static Told told(String id) {
        Drill drill = Demo.read(id);
        return Told.of(drill, drill.base());
    }

    private static ExportOptions usual() {
        return Exports.MP4.usual(Ground.PAPER, 0);
    }

    /** A box of an MP4 file, by its four letters. */
    private record Box(String name, int from, int to) {}

    private static List<Box> boxes(ByteBuffer file, int from, int to) {
        List<Box> all = new ArrayList<>();
        for (int at = from; at + 8 <= to; ) {
            int size = file.getInt(at);
            byte[] name = new byte[4];
            file.get(at + 4, name);
            assertTrue(size >= 8 && at + size <= to, "a box of " + size + " at " + at);
            all.add(new Box(new String(name, StandardCharsets.ISO_8859_1), at + 8, at + size));
            at += size;
        }
        return all;
    }

    private static Box box(ByteBuffer file, String... path) {
        Box now = new Box("", 0, file.limit());
        for (String name : path) {
            now = boxes(file, now.from(), now.to()).stream()
                    .filter(b -> b.name().equals(name))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("no " + name));
        }
        return now;
    }

    private static double seconds(ByteBuffer file) {
        Box head = box(file, "moov", "mvhd");
        return (double) file.getInt(head.from() + 16) / file.getInt(head.from() + 12);
    }

    @Test
    void aPhonePlaysItFromItsBeginning() throws Exception {
        Told told = told("crossing-backs");
        ExportOptions step = usual().withStep(2);
        Film film = Film.of(told, step);
        ByteBuffer file = ByteBuffer.wrap(Mp4Export.of(told, step, Progress.NONE));
        List<String> order =
                boxes(file, 0, file.limit()).stream().map(Box::name).toList();
        assertEquals("ftyp", order.get(0));
        assertTrue(order.indexOf("moov") < order.indexOf("mdat"), "what is needed first stands first: " + order);
        Box entry = box(file, "moov", "trak", "mdia", "minf", "stbl", "stsd");
        byte[] codec = new byte[4];
        file.get(entry.from() + 12, codec);
        assertEquals("avc1", new String(codec, StandardCharsets.ISO_8859_1), "H.264");
        assertEquals(1280, file.getShort(entry.from() + 8 + 32));
        assertEquals(720, file.getShort(entry.from() + 8 + 34));
        assertEquals(film.seconds(), seconds(file), 0.05);
        Box sizes = box(file, "moov", "trak", "mdia", "minf", "stbl", "stsz");
        assertEquals(film.frames(), file.getInt(sizes.from() + 8), "no frame is left out");
    }

    /** Title, rep and rest, at one speed, at half of it, or at both. */
    @ParameterizedTest
    @EnumSource(Shown.class)
    void itLastsAsLongAsWhatItShows(Shown shown) throws Exception {
        Told told = told("crossing-backs");
        double rep = told.timeline().seconds();
        double expected =
                switch (shown) {
                    case ONCE -> 1.6 + rep + 1.2;
                    case SLOWLY -> 1.6 + 2 * rep + 1.2;
                    case BOTH -> 1.6 + 3 * rep + 2.4;
                };
        assertEquals(expected, Film.of(told, usual().withShown(shown)).seconds(), 0.15);
    }

    /** One of its steps takes twice as long, wherever that step is played. */
    @Test
    void aStepIsSlowWhereTheCoachWantsIt() throws Exception {
        Told told = told("crossing-backs");
        Film usual = Film.of(told, usual());
        for (int step = 0; step < told.timeline().steps().size(); step++) {
            double shown = 0;
            for (double t = 0; t < told.timeline().seconds(); t += 0.001) {
                shown += told.timeline().stepIndexAt(t) == step ? 0.001 : 0;
            }
            Film slow = Film.of(told, usual().withSlow(Set.of(step)));
            assertEquals(usual.seconds() + shown, slow.seconds(), 0.15);
            Film slowly = Film.of(told, usual().withShown(Shown.SLOWLY).withSlow(Set.of(step)));
            assertEquals(Film.of(told, usual().withShown(Shown.SLOWLY)).seconds(), slowly.seconds(), 1e-9);
        }
    }

    @Test
    void everyWayAndVersionIsInIt() throws Exception {
        Told ways = told("ebb-or-flow");
        Film one = Film.of(ways, usual());
        Film all = Film.of(ways, usual().withWays(Reach.ALL));
        assertEquals(1, one.pictures(20, 320).size());
        assertEquals(4, all.pictures(20, 320).size());
        Film versions = Film.of(told("lantern-ladder"), usual().withVersions(Reach.ALL));
        assertEquals(5, versions.pictures(20, 320).size());
    }

    /** Lying or upright, a picture is of that size, and what stands still is handed over once. */
    @Test
    void whatStandsStillIsDrawnOnce() throws Exception {
        Film film = Film.of(told("crossing-backs"), usual().withStep(0).withWidth(Film.UPRIGHT_WIDTH));
        List<Integer> times = new ArrayList<>();
        Set<String> sizes = new HashSet<>();
        film.show(
                (image, n) -> {
                    times.add(n);
                    sizes.add(image.getWidth() + "x" + image.getHeight());
                },
                Progress.NONE);
        assertEquals(Set.of("1080x1920"), sizes);
        assertEquals(film.frames(), times.stream().mapToInt(n -> n).sum());
        assertEquals(48, times.get(0), "the title");
        assertEquals(37, times.get(times.size() - 1), "and the last moment");
        assertTrue(times.subList(1, times.size() - 1).stream().allMatch(n -> n == 1));
    }

    @Test
    void itCanBeStoppedAndLeavesNothingBehind(@TempDir Path folder) throws Exception {
        Film film = Film.of(told("crossing-backs"), usual());
        assertThrows(CancellationException.class, () -> Mp4Export.bytes(film, folder, fraction -> fraction < 0.2));
        try (Stream<Path> left = Files.list(folder)) {
            assertEquals(List.of(), left.toList());
        }
    }

    @Test
    void whateverATitleSaysItIsOnlyShown() throws Exception {
        String title = "<b>\u202E %s {0} @body@ " + "w".repeat(120);
        Drill drill = Demo.read("crossing-backs").withTitle(title);
        Told told = Told.of(drill, drill.base());
        byte[] film = Mp4Export.of(told, usual().withStep(0), Progress.NONE);
        assertTrue(film.length > 10_000);
        assertFalse(new String(film, StandardCharsets.ISO_8859_1).contains("{0} @body@"));
    }
}
