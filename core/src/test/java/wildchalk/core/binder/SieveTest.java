package wildchalk.core.binder;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.progress.Progress;

class SieveTest {

    private static final List<Drill> DRILLS = Demo.files().stream()
            .map(f -> Demo.read(f.getFileName().toString().replace(".drill.json", "")))
            .toList();

    private static Sieve random(Random random) {
        Sieve sieve = Sieve.OPEN;
        for (Facet facet : Facet.values()) {
            if (random.nextInt(3) == 0) {
                List<Facet.Value> values =
                        List.copyOf(Sieve.OPEN.choices(facet, DRILLS).keySet());
                for (int i = 0; i <= random.nextInt(3); i++) {
                    sieve = sieve.toggled(
                            facet, values.get(random.nextInt(values.size())).key());
                }
            }
        }
        if (random.nextBoolean()) {
            sieve = sieve.withPlayers(OptionalInt.of(1 + random.nextInt(24)));
        }
        return random.nextBoolean() ? sieve.withMinutes(OptionalInt.of(5 + random.nextInt(20))) : sieve;
    }

    /** The count beside a choice is what is left when nothing else of its facet is wanted, by trying it out. */
    @RepeatedTest(60)
    void theCountBesideAChoiceIsWhatItLeaves(RepetitionInfo repetition) {
        Sieve sieve = random(new Random(repetition.getCurrentRepetition()));
        for (Facet facet : Facet.values()) {
            sieve.choices(facet, DRILLS).forEach((value, count) -> {
                Sieve alone = sieve.with(facet, Set.of(value.key()));
                assertEquals(DRILLS.stream().filter(alone::passes).count(), (long) count, () -> facet + " " + value);
            });
        }
    }

    /** Wanting one more value of a facet never takes a drill away; asking for one more thing never brings one. */
    @RepeatedTest(60)
    void moreValuesWidenAndMoreFacetsNarrow(RepetitionInfo repetition) {
        Random random = new Random(1000 + repetition.getCurrentRepetition());
        Sieve sieve = random(random);
        Set<Drill> left = passing(sieve);
        for (Facet facet : Facet.values()) {
            for (Facet.Value value : sieve.choices(facet, DRILLS).keySet()) {
                Set<String> keys = new HashSet<>(sieve.of(facet));
                boolean asked = !keys.isEmpty();
                keys.add(value.key());
                Set<Drill> then = passing(sieve.with(facet, keys));
                assertTrue(asked ? then.containsAll(left) : left.containsAll(then));
            }
        }
        assertTrue(left.containsAll(passing(sieve.withMinutes(
                OptionalInt.of(sieve.minutes().isPresent() ? sieve.minutes().getAsInt() - 1 : 12)))));
    }

    private static Set<Drill> passing(Sieve sieve) {
        Set<Drill> left = new HashSet<>();
        DRILLS.stream().filter(sieve::passes).forEach(left::add);
        return left;
    }

    @Test
    void fourteenPlayersAreWithinFewestAndMost() {
        for (int n = 1; n <= 40; n++) {
            Sieve sieve = Sieve.OPEN.withPlayers(OptionalInt.of(n));
            for (Drill drill : DRILLS) {
                var count = drill.audience().players();
                assertEquals(count.min() <= n && n <= count.max(), sieve.passes(drill));
            }
        }
        assertTrue(
                Sieve.OPEN.toggled(Facet.AGE, "U16").toggled(Facet.AGE, "U16").isOpen());
    }

    @Test
    void gearOfEveryVersionCountsAndWhoHasNoneIsFoundToo() {
        for (Drill drill : DRILLS) {
            Set<String> there = new HashSet<>();
            drill.progressions()
                    .forEach(p -> p.gear().forEach(g -> there.add(g.kind().name())));
            Set<String> said = new HashSet<>();
            Facet.GEAR.of(drill).forEach(v -> said.add(v.key()));
            assertEquals(there.isEmpty() ? Set.of("") : there, said, drill.title());
        }
    }

    @ParameterizedTest
    @EnumSource
    void everyOrderIsWholeAndPutsWhatCannotBeReadLast(Order order, @TempDir Path folder) throws IOException {
        Binder binder = new Binder(folder);
        for (Drill drill : DRILLS.subList(0, 8)) {
            binder.saveNew(DrillFile.ofNew(drill));
        }
        Files.writeString(binder.drillsFolder().resolve("aa-broken" + DrillFile.SUFFIX), "{");
        List<Binder.Entry> entries = new ArrayList<>(binder.drills());
        Instant now = Instant.parse("2026-11-01T10:00:00Z");
        for (int i = 0; i < entries.size(); i++) {
            Files.setLastModifiedTime(entries.get(i).file(), FileTime.from(now.plusSeconds(i * 7 % 5)));
        }
        entries = new ArrayList<>(binder.drills());
        entries.sort(order.comparator());
        assertTrue(entries.get(entries.size() - 1).content().isEmpty());
        List<Drill> sorted = entries.stream()
                .flatMap(e -> e.content().stream())
                .map(BinderFile::value)
                .toList();
        Comparator<Drill> expected =
                switch (order) {
                    case TITLE, CHANGED -> Comparator.comparing(d -> 0);
                    case SPORT -> Comparator.comparing(d -> d.surface().sportName());
                    case MINUTES -> Comparator.comparing(d -> d.audience().minutes());
                    case PLAYERS ->
                        Comparator.comparing(d -> d.audience().players().best());
                };
        if (order == Order.CHANGED) {
            for (int i = 0; i + 2 < entries.size(); i++) {
                assertTrue(!entries.get(i).changed().isBefore(entries.get(i + 1).changed()));
            }
        } else {
            assertEquals(
                    sorted.stream()
                            .sorted(expected.thenComparing(Drill::title, String.CASE_INSENSITIVE_ORDER))
                            .toList(),
                    sorted);
        }
    }

    @Test
    void aBinderIsCopiedWholeNeverIntoItselfAndNeverOverAnother(@TempDir Path there, @TempDir Path to)
            throws IOException {
        Binder binder = new Binder(there.resolve("Tern Point"));
        Path file = binder.saveNew(DrillFile.ofNew(DRILLS.get(0)));
        Files.createDirectories(binder.folder().resolve("surfaces"));
        Files.writeString(binder.folder().resolve("surfaces/yard.txt"), "yard");
        Binder copy = binder.copyInto(to, Progress.NONE);
        assertEquals(to.resolve("Tern Point"), copy.folder());
        assertEquals(
                Files.readString(file),
                Files.readString(
                        copy.folder().resolve(binder.folder().relativize(file).toString())));
        assertEquals("yard", Files.readString(copy.folder().resolve("surfaces/yard.txt")));
        assertEquals(
                to.resolve("Tern Point 2"), binder.copyInto(to, Progress.NONE).folder());
        String why = assertThrows(IOException.class, () -> binder.copyInto(binder.drillsFolder(), Progress.NONE))
                .getMessage();
        assertTrue(why.contains("into itself"), why);
        assertThrows(CancellationException.class, () -> binder.copyInto(to, fraction -> fraction < 0.5));
        assertTrue(Files.notExists(to.resolve("Tern Point 3")), "what was stopped leaves nothing");
    }
}
