package wildchalk.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.EditKind;
import wildchalk.core.edit.Edited;
import wildchalk.core.edit.Placements;
import wildchalk.core.geometry.Point;
import wildchalk.core.ladder.Keys;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;

/** An edit touches what it names and what would point at nothing without it: on every drill, version and several ways. */
class EditLawsTest {

    private static final int WAYS = 3;
    private static final java.nio.file.Path NAME = java.nio.file.Path.of("edited.drill.json");
    private static final Map<EditKind, Integer> MADE = new EnumMap<>(EditKind.class);

    static Stream<java.nio.file.Path> drills() throws IOException {
        java.nio.file.Path structures = Demo.folder()
                .resolve("../../../core/src/test/resources/structures")
                .normalize();
        try (Stream<java.nio.file.Path> all = Files.list(structures)) {
            List<java.nio.file.Path> files = new ArrayList<>(Demo.files());
            all.filter(f -> f.toString().endsWith(DrillFile.SUFFIX)).sorted().forEach(files::add);
            return files.stream();
        }
    }

    @ParameterizedTest
    @MethodSource("drills")
    void anEditTouchesWhatItNames(java.nio.file.Path file) throws IOException {
        Drill drill = furnished(DrillFile.read(file).value());
        Random random = new Random(file.getFileName().toString().hashCode());
        for (Progression version : drill.progressions()) {
            List<Way> ways = Outcomes.areMany(version) ? Outcomes.ways(version) : List.of();
            for (int i = 0; i < Math.max(1, Math.min(WAYS, ways.size())); i++) {
                Choices choices = ways.isEmpty()
                        ? Choices.USUAL
                        : ways.get(random.nextInt(ways.size())).choices();
                Path path = Path.of(version, choices);
                for (List<EditSamples.Maker> makers :
                        new EditSamples(drill, path, random).makers().values()) {
                    for (EditSamples.Maker maker : makers) {
                        Optional<EditSamples.Sample> sample = maker.make();
                        if (sample.isPresent()) {
                            check(drill, path, sample.get());
                        }
                    }
                }
            }
        }
    }

    /** With something of what few drills have: groups, locks, zones and notes. */
    private static Drill furnished(Drill drill) {
        List<ElementId> all = new ArrayList<>(Elements.all(drill.base()));
        all.removeIf(i -> i instanceof MoveId);
        Edit edit = Edit.all(
                EditKind.GROUP,
                List.of(
                        Arrangements.group(Set.copyOf(all.subList(0, Math.min(3, all.size())))),
                        Arrangements.lock(Set.of(all.get(all.size() - 1)), true),
                        Placements.note("Breathe", new Point(1, 2), Optional.empty()),
                        Placements.zone(
                                n -> "Dock " + n,
                                ZoneKind.BOX,
                                List.of(new Point(0, 0), new Point(2, 0), new Point(2, 2)))));
        return edit.applyTo(drill, drill.base().id()).drill();
    }

    private static void check(Drill drill, Path path, EditSamples.Sample sample) throws IOException {
        Edit edit = sample.edit();
        Edited after = edit.applyTo(drill, path.id());
        String what = edit.kind() + " on " + drill.id() + " " + path;
        if (!after.drill().equals(drill)) {
            MADE.merge(edit.kind(), 1, Integer::sum);
        }
        if (edit.kind() != EditKind.MIRROR) {
            versions(drill, path.id(), after.drill(), sample.named(), what);
        }
        assertEquals(after.drill(), edit.applyTo(drill, path.id()).drill(), what + ": the same again");
        // taken back, the very value is there again; done again, the other
        History<Drill> history = new History<>(drill, true);
        boolean changed = history.apply("edit", after.drill());
        if (changed) {
            assertTrue(history.undo() && history.now() == drill && history.isSaved(), what);
            assertTrue(history.redo() && history.now().equals(after.drill()), what);
        }
        assertEquals(
                after.drill(),
                DrillFile.parse(NAME, DrillFile.ofNew(after.drill()).toText()).value(),
                what + ": saved and read again");
    }

    /** The open version holds what is named; those based on it follow it and no further; the others are the very same. */
    private static void versions(Drill before, ProgressionId open, Drill after, Predicate<String> named, String what) {
        Set<ProgressionId> following = new HashSet<>(Set.of(open));
        for (Progression version : before.progressions()) {
            Optional<Progression> now = after.progression(version.id());
            if (now.isEmpty()) {
                assertTrue(what.startsWith("VERSION_REMOVE"), what);
                continue;
            }
            boolean based = version.basedOn().map(following::contains).orElse(false);
            if (based) {
                following.add(version.id());
            }
            if (version.id().equals(open)) {
                assertJustified(version, now.get(), named, what);
            } else if (based) {
                // the base's changes flow down: nothing else changes than what changed there
                Progression base =
                        before.progression(version.basedOn().orElseThrow()).orElseThrow();
                Optional<Progression> baseNow = after.progression(base.id());
                Set<String> there = baseNow.map(b -> Keys.differing(base, b)).orElse(Set.of());
                assertJustified(
                        version,
                        now.get(),
                        k -> there.contains(k) && !k.equals("title") || k.equals("basedOn") && named.test(k),
                        what + " in " + version.id());
            } else {
                assertEquals(version, now.get(), what + " in " + version.id());
            }
        }
    }

    /** Whatever is other or gone is named, or points at something that is justified and gone. */
    private static void assertJustified(Progression before, Progression after, Predicate<String> named, String what) {
        Map<String, Object> old = Keys.of(before);
        Map<String, Object> now = Keys.of(after);
        Set<String> open = new LinkedHashSet<>(Keys.differing(before, after));
        open.removeIf(k -> !old.containsKey(k)); // what is new is about itself
        Set<String> gone = new HashSet<>();
        boolean found = true;
        while (found) {
            found = false;
            for (String key : List.copyOf(open)) {
                boolean points = gone.stream().anyMatch(g -> mentions(key, old.get(key), g));
                if (named.test(key) || points) {
                    open.remove(key);
                    // a version without steps gets an empty one, perhaps under the name of the one that was deleted
                    boolean emptied = what.startsWith(EditKind.DELETE_STEP.name()) && key.startsWith("step ");
                    if (!now.containsKey(key) || emptied) {
                        gone.add(key);
                    }
                    found = true;
                }
            }
        }
        assertEquals(Set.of(), open, what + ": touched without being named");
    }

    /** Whether a value names something, as records print their ids. */
    private static boolean mentions(String key, Object value, String gone) {
        String id = gone.substring(gone.indexOf(' ') + 1);
        return key.endsWith(" " + id)
                || Pattern.compile("(?<![a-z0-9-])" + Pattern.quote(id) + "(?![a-z0-9-])")
                        .matcher(String.valueOf(value))
                        .find();
    }

    @AfterAll
    static void printed() {
        System.out.println("edits that were checked, by kind: " + MADE);
        assertEquals(
                EnumSet.allOf(EditKind.class),
                MADE.isEmpty() ? EnumSet.allOf(EditKind.class) : EnumSet.copyOf(MADE.keySet()),
                "every kind has changed something somewhere");
    }

    // ---- one door ----

    @Test
    void everyKindAndEveryWayToMakeAnEditIsAmongThem() {
        Drill drill = Demo.read("ebb-or-flow");
        EditSamples samples = new EditSamples(drill, Path.usual(drill.base()), new Random(1));
        assertEquals(
                EnumSet.allOf(EditKind.class), EnumSet.copyOf(samples.makers().keySet()));
        JavaClasses all = new ClassFileImporter().importPackages("wildchalk.core.edit");
        Set<String> factories = all.stream()
                .flatMap(c -> c.getMethods().stream())
                .filter(m -> m.getModifiers().contains(JavaModifier.PUBLIC)
                        && m.getModifiers().contains(JavaModifier.STATIC)
                        && m.getRawReturnType().isEquivalentTo(Edit.class))
                .map(JavaMethod::getFullName)
                .collect(Collectors.toCollection(TreeSet::new));
        Set<String> called = new ClassFileImporter()
                .importClasses(EditSamples.class).get(EditSamples.class).getMethodCallsFromSelf().stream()
                        .map(c -> c.getTarget().getFullName())
                        .collect(Collectors.toCollection(TreeSet::new));
        factories.removeAll(called);
        assertEquals(Set.of(), factories, "ways to make an edit that no law is checked for");
    }

    /** A drill and a session have one door each. */
    private static final Set<String> DOORS = Set.of(
            DrillDocument.class.getName() + ".edit(",
            wildchalk.desktop.session.SessionDocument.class.getName() + ".edit(");

    @Test
    void nothingGoesPastTheDoor() {
        JavaClasses desktop = new ClassFileImporter()
                .withImportOption(new com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests())
                .importPackages("wildchalk.desktop");
        Set<String> past = new TreeSet<>();
        desktop.forEach(c -> c.getMethodCallsFromSelf().forEach(call -> {
            String target = call.getTarget().getFullName();
            String from = call.getOrigin().getFullName();
            boolean history = target.startsWith(History.class.getName() + ".apply(")
                    && DOORS.stream().noneMatch(from::startsWith);
            boolean hand = call.getTargetOwner().isEquivalentTo(Progression.class)
                    && call.getTarget().getName().startsWith("with");
            if (history || hand) {
                past.add(from + " calls " + target);
            }
        }));
        assertEquals(Set.of(), past);
    }
}
