package wildchalk.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Tellings;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;
import wildchalk.picture.export.Told;

/** An open drill: versions, paths, edits on one of them, and what is worked out from it. */
class DrillDocumentTest {

    private DrillDocument document;

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @AfterEach
    void close() throws Exception {
        fx(document::close);
    }

    private void open(String id) throws Exception {
        fx(() -> document = new DrillDocument(DrillFile.ofNew(Demo.read(id)), null));
    }

    private static void fx(Runnable action) throws Exception {
        WaitForAsyncUtils.asyncFx(action).get();
    }

    private void settled() throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> document.isUpToDate());
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Whatever has been done: what is shown is what the present drill gives. */
    private void assertAgrees() {
        Told worked = Told.of(
                document.drill(),
                Path.of(document.version(), document.choicesProperty().get()),
                document.reader());
        assertEquals(worked.path(), document.told().path());
        assertEquals(worked.timeline().seconds(), document.told().timeline().seconds());
        assertEquals(said(worked), said(document.told()));
        assertEquals(document.path(), document.told().path());
    }

    private static List<String> said(Told told) {
        return told.talk().steps().stream()
                .flatMap(s -> s.sentences().stream())
                .map(s -> s.text() + s.measure())
                .toList();
    }

    static Stream<String> drills() {
        return Demo.ids().stream();
    }

    @ParameterizedTest
    @MethodSource("drills")
    void whatIsToldAgreesWithTheDrillAfterManyEditsAndUndosAtOnce(String id) throws Exception {
        open(id);
        Random random = new Random(id.hashCode());
        fx(() -> {
            for (int i = 0; i < 25; i++) {
                hurry(random);
            }
        });
        settled();
        assertAgrees();
        Drill now = document.drill();
        int edits = document.doneLabels().size();
        fx(() -> document.goToEdit(0));
        settled();
        assertEquals(Demo.read(id), document.drill(), "all of it can be taken back");
        fx(() -> document.goToEdit(edits));
        settled();
        assertEquals(now, document.drill(), "and done again");
        assertAgrees();
    }

    private void hurry(Random random) {
        List<Move> moves = document.path().moves();
        switch (random.nextInt(7)) {
            case 0 -> {
                List<Progression> all = document.drill().progressions();
                document.show(all.get(random.nextInt(all.size())).id());
            }
            case 1 -> {
                List<Way> ways = Outcomes.ways(document.version());
                document.choose(ways.get(random.nextInt(ways.size())).choices());
            }
            case 2 -> document.undo();
            case 3 -> document.redo();
            case 4 -> document.seek(random.nextDouble() * 20);
            case 5 -> {
                if (!moves.isEmpty()) {
                    Move move = moves.get(random.nextInt(moves.size()));
                    document.edit("remove", Arrangements.delete(Set.of(move.id())));
                }
            }
            default -> {
                if (!moves.isEmpty() && moves.get(random.nextInt(moves.size())) instanceof Travel travel) {
                    Effort other = Effort.values()[random.nextInt(Effort.values().length)];
                    document.edit("effort", Tellings.retell(travel.id(), m -> ((Travel) m).withEffort(other)));
                }
            }
        }
    }

    @Test
    void anEditOnOnePathLeavesTheOthersAlone() throws Exception {
        open("ebb-or-flow");
        Progression before = document.version();
        List<Way> ways = Outcomes.ways(before);
        assertTrue(ways.size() > 1);
        fx(() -> document.choose(ways.get(ways.size() - 1).choices()));
        Step own = document.path().steps().stream()
                .filter(s -> s.on().isPresent() && !s.moves().isEmpty())
                .findFirst()
                .orElseThrow();
        fx(() -> document.edit(
                "take away", Arrangements.delete(Set.of(own.moves().get(0).id()))));
        settled();
        for (Step step : before.steps()) {
            Optional<Step> after = document.version().step(step.id());
            boolean changed = !after.equals(Optional.of(step));
            assertFalse(changed && !step.id().equals(own.id()), step.id() + " is on no path that was edited");
        }
        assertAgrees();
    }

    @Test
    void whatIsChosenAndGoneIsNotChosenAnyMore() throws Exception {
        open("lantern-ladder");
        Move first = document.path().moves().get(0);
        fx(() -> {
            document.selectionProperty().set(Selection.of(first.id()));
            document.edit("remove", Arrangements.delete(Set.of(first.id())));
        });
        assertTrue(document.selectionProperty().get().isNone());
        fx(() -> document.show(new ProgressionId("wall")));
        settled();
        assertEquals(new ProgressionId("wall"), document.version().id());
        assertEquals(0, document.secondsProperty().get(), "another version is shown from its beginning");
    }
}
