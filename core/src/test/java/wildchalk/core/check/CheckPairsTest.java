package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Schemas;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.finding.Severity;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.FindingWriter;

/** For each check about room, balls, cues and people two small drills: one with the fault, and one that just has not. */
class CheckPairsTest {

    private static final String FAULT = ".fault.drill.json";
    private static final String NEAR = ".near.drill.json";

    /** Nothing that is drawn mends these: they are about what is said of the whole drill. */
    private static final Set<String> WITHOUT_REMEDY = Set.of("too-few-people", "too-much-to-tell", "no-change");

    /** These have no moment in a rep. */
    private static final Set<String> ABOUT_ROTATION = Set.of("line-empties", "same-part");

    private static Path folder() {
        return CheckPairsFolder.folder();
    }

    static Stream<String> rules() throws IOException {
        try (Stream<Path> files = Files.list(folder())) {
            List<String> rules = files.map(f -> f.getFileName().toString())
                    .filter(n -> n.endsWith(FAULT))
                    .map(n -> n.substring(0, n.length() - FAULT.length()))
                    .sorted()
                    .toList();
            return rules.stream();
        }
    }

    private static Drill read(String name) throws IOException {
        return DrillFile.read(folder().resolve(name)).value();
    }

    private static List<RunThrough> runs(Drill drill) {
        return drill.progressions().stream().map(p -> RunThrough.of(drill, p)).toList();
    }

    private static List<Finding> of(Drill drill) {
        List<Finding> all = new ArrayList<>();
        runs(drill).forEach(r -> all.addAll(Checks.of(r)));
        return all;
    }

    @ParameterizedTest
    @MethodSource("rules")
    void theFaultIsFoundAndNothingElse(String rule) throws IOException {
        List<Finding> found = of(read(rule + FAULT));
        assertEquals(List.of(rule), found.stream().map(Finding::rule).toList());
        Finding one = found.get(0);
        boolean ofTheWhole = WITHOUT_REMEDY.contains(rule);
        boolean ofTheRotation = ABOUT_ROTATION.contains(rule);
        assertTrue(ofTheWhole || one.where().isPresent(), "it says where");
        assertTrue(ofTheWhole || ofTheRotation || one.atSeconds().isPresent(), "it says when");
        assertTrue(ofTheWhole || !one.about().isEmpty(), "it says what");
    }

    @ParameterizedTest
    @MethodSource("rules")
    void theNearMissIsNone(String rule) throws IOException {
        assertEquals(List.of(), of(read(rule + NEAR)));
    }

    @ParameterizedTest
    @MethodSource("rules")
    void itIsSaidInOneSentenceWithItsRemedies(String rule) throws IOException {
        Drill drill = read(rule + FAULT);
        for (RunThrough run : runs(drill)) {
            FindingWriter writer = new FindingWriter(run, LengthUnit.METRES);
            for (Finding f : Checks.of(run)) {
                for (String said : List.of(writer.message(f), writer.remedy(f))) {
                    assertFalse(said.contains("{"), said);
                    assertTrue(said.endsWith("."), said);
                }
            }
        }
    }

    /** What is offered first clears it, and brings nothing that stops or warns. */
    @ParameterizedTest
    @MethodSource("rules")
    void whatIsOfferedClearsIt(String rule) throws IOException {
        Drill drill = read(rule + FAULT);
        RunThrough run = RunThrough.of(drill, drill.base());
        List<Finding> found = Checks.of(run);
        if (WITHOUT_REMEDY.contains(rule)) {
            return;
        }
        List<Remedy> remedies = Remedies.of(run, found.get(0));
        boolean drawn = remedies.stream().anyMatch(r -> !r.kind().equals("take-out"));
        assertTrue(drawn, "something else than taking it out");
        for (Remedy remedy : remedies) {
            Progression changed = remedy.change().apply(run.version());
            Drill mended = drill.withProgression(changed);
            List<Finding> left = Checks.of(RunThrough.of(mended, changed)).stream()
                    .filter(f -> f.severity() != Severity.NOTE)
                    .toList();
            assertEquals(List.of(), left, remedy.kind());
            assertFalse(new FindingWriter(run, LengthUnit.METRES).mend(remedy).contains("{"));
        }
    }

    /** What is accepted stays away in its file too, until a figure is graver: nearer for who is too near, later for who is late. */
    @ParameterizedTest
    @MethodSource("rules")
    void whatIsAcceptedComesBackWhenItIsGraver(String rule) throws IOException {
        Drill drill = read(rule + FAULT);
        RunThrough run = runs(drill).get(drill.progressions().size() - 1);
        Finding finding = Checks.of(run).get(0);
        Drill accepted =
                drill.withAccepted(List.of(Acceptance.of(finding, run.version().id(), "We know.")));
        Path file = Files.createTempFile("accepted", DrillFile.SUFFIX);
        Files.writeString(file, DrillFile.ofNew(accepted).toText());
        assertEquals(accepted, DrillFile.read(file).value());
        assertEquals(List.of(), Schemas.check(file));
        assertTrue(Acceptance.in(accepted, run.version().id(), finding).isPresent());
        finding.figures().forEach((quantity, figure) -> {
            boolean counted = quantity == Quantity.COUNT || quantity == Quantity.LIMIT;
            double graver = quantity.isWorseWhenLess() ? 0.7 * figure : 1.3 * figure + 0.01;
            double lesser = quantity.isWorseWhenLess() ? 1.3 * figure : 0.7 * figure;
            boolean stays = Acceptance.in(accepted, run.version().id(), finding.with(quantity, lesser))
                    .isPresent();
            assertTrue(counted || stays, quantity + " is less grave");
            boolean known = Acceptance.in(accepted, run.version().id(), finding.with(quantity, graver))
                    .isPresent();
            assertTrue(!known || quantity.isWorseWhenLess() && figure < 0.01, quantity + " is graver");
        });
    }

    /** A check without a pair is a check that nobody has seen work. */
    @Test
    void everyCheckHasItsPairAndItsPage() throws IOException {
        Set<String> listed = new TreeSet<>();
        rules().forEach(listed::add);
        String page = Files.readString(Path.of("../docs/checks.md"));
        for (String rule : listed) {
            assertTrue(Files.exists(folder().resolve(rule + NEAR)), rule);
            assertTrue(page.contains("`" + rule + "`"), rule + " is not in docs/checks.md");
        }
        assertEquals(65, listed.size());
    }
}
