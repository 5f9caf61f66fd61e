package wildchalk.core.telling;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Demo;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Race;
import wildchalk.core.drill.Verdict;
import wildchalk.core.edit.Tellings;
import wildchalk.core.motion.Finish;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.words.RaceGoals;

/** What a way of a fork can stand for, and what those who race can race to. */
class MeaningsTest {

    private static List<Drill> forked() {
        return Demo.ids().stream()
                .map(Demo::read)
                .filter(d -> !d.base().course().forks().isEmpty())
                .toList();
    }

    @Test
    void everyWayCanBeGivenEveryMeaningOfItsForkAndKeepsAnOwnLabel() {
        List<Fork.By> seen = new ArrayList<>();
        for (Drill drill : forked()) {
            for (Fork fork : drill.base().course().forks()) {
                Branch own = fork.branches().get(0).withLabel("our own word");
                for (Meanings.Meaning meaning : Meanings.of(drill.base(), fork, own)) {
                    Drill after = Tellings.branch(fork.id(), own.id(), b -> meaning.branch())
                            .applyTo(drill, drill.base().id())
                            .drill();
                    Branch now = after.base()
                            .course()
                            .fork(fork.id())
                            .orElseThrow()
                            .branch(own.id())
                            .orElseThrow();
                    assertTrue(meaning.isThatOf(now), meaning.text());
                    assertEquals("our own word", now.label());
                    assertFalse(meaning.text().contains("["), meaning.text());
                    seen.add(fork.by());
                }
            }
        }
        assertTrue(seen.containsAll(List.of(Fork.By.SHOT, Fork.By.CHALLENGE, Fork.By.FIRST)), seen.toString());
    }

    /** A label that only says what the way stands for goes with it. */
    @Test
    void aLabelThatSaysTheMeaningChangesWithIt() {
        Drill drill = Demo.read("sea-wall-tackle");
        Fork fork = drill.base().course().forks().stream()
                .filter(f -> f.by() == Fork.By.CHALLENGE)
                .findFirst()
                .orElseThrow();
        Branch made = fork.branches().get(0).withLabel("the tackle is made").withVerdict(Verdict.WON);
        Meanings.Meaning missed = Meanings.of(drill.base(), fork, made).stream()
                .filter(m -> m.branch().verdict().equals(Optional.of(Verdict.MISSED)))
                .findFirst()
                .orElseThrow();
        assertEquals("the tackle is missed", missed.branch().label());
    }

    /** To whatever they race, it is worked out who is there first, and kept. */
    @Test
    void theyRaceToWhateverIsThere() throws Exception {
        int looked = 0;
        for (Drill drill : forked()) {
            for (Fork fork : drill.base().course().forks()) {
                for (Race race : fork.race().stream().toList()) {
                    Path path = Path.usual(drill.base());
                    for (RaceGoals.Goal goal : RaceGoals.of(path, drill.surface(), race)) {
                        Drill after = Tellings.race(fork.id(), goal.race())
                                .applyTo(drill, drill.base().id())
                                .drill();
                        Fork now = after.base().course().fork(fork.id()).orElseThrow();
                        assertEquals(Optional.of(goal.race()), now.race(), goal.text());
                        RunThrough run = RunThrough.of(after, after.base());
                        Timeline t = run.timeline();
                        Optional<Finish> first = Finish.of(run.path(), after.surface(), t, now);
                        first.ifPresent(f -> assertTrue(f.marginSeconds() >= 0, goal.text()));
                        assertEquals(
                                after,
                                DrillFile.parse(
                                                java.nio.file.Path.of("x.drill.json"),
                                                DrillFile.ofNew(after).toText())
                                        .value());
                        looked++;
                    }
                }
            }
        }
        assertTrue(looked > 5, looked + " goals");
    }
}
