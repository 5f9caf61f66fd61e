package wildchalk.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Demo;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.path.Outcomes;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;

/**
 * What the tool says of every drill that we know, in one file that is read and reviewed like code. After a change that is meant
 * run it with {@code -Dwildchalk.talk=write} and read what differs.
 */
class TalkThroughsTest {

    private static final Path FILE = Path.of("src", "test", "resources", "wildchalk", "talk-throughs.txt");

    @Test
    void everyDrillIsToldAsItWasReviewed() throws IOException {
        StringBuilder text = new StringBuilder();
        Demo.everything().forEach(drill -> tell(drill, text));
        if ("write".equals(System.getProperty("wildchalk.talk"))) {
            Files.writeString(FILE, text);
        }
        assertEquals(Files.readString(FILE), text.toString());
    }

    private static void tell(Drill drill, StringBuilder text) {
        text.append("# ").append(drill.title()).append('\n');
        for (Progression version : drill.progressions()) {
            RunThrough run = RunThrough.of(drill, wildchalk.core.path.Path.usual(version));
            TalkThrough talk = Words.of(run, LengthUnit.spokenIn(drill.surface().sport()));
            text.append("## ").append(version.title()).append('\n');
            talk.setUp().forEach(line -> text.append("- ").append(line).append('\n'));
            for (StepWords step : talk.steps()) {
                text.append((step.title() + "  " + step.numbers()).strip()).append('\n');
                step.sentences()
                        .forEach(s -> text.append("  ")
                                .append(s.letter())
                                .append(' ')
                                .append(s.text())
                                .append('\n'));
                step.lines().forEach(l -> text.append("  | ").append(l.text()).append('\n'));
            }
            otherWays(drill, version, run, text);
            talk.steps().forEach(w -> text.append("= ").append(w.brief()).append('\n'));
            Words.problemOf(run).forEach(line -> text.append("? ").append(line).append('\n'));
            talk.changes().forEach(line -> text.append("~ ").append(line).append('\n'));
            talk.rules().forEach(line -> text.append("* ").append(line).append('\n'));
            talk.rotation().forEach(line -> text.append("> ").append(line).append('\n'));
            if (version.equals(drill.base())) {
                run.path()
                        .roles()
                        .forEach(r -> text.append("@ ")
                                .append(String.join(" ", Words.partOf(r.id(), run, talk)))
                                .append('\n'));
            }
        }
    }

    /** Steps that are on other ways than the usual one, each as it is told on a way that leads there. */
    private static void otherWays(Drill drill, Progression version, RunThrough usual, StringBuilder text) {
        Set<StepId> told = new HashSet<>();
        usual.path().steps().forEach(s -> told.add(s.id()));
        for (Step step : version.steps()) {
            if (!told.contains(step.id())) {
                RunThrough way = RunThrough.of(
                        drill,
                        wildchalk.core.path.Path.of(
                                version,
                                Outcomes.leadingTo(version, step, usual.path().choices())));
                for (StepWords words : Words.of(
                                way, LengthUnit.spokenIn(drill.surface().sport()))
                        .steps()) {
                    if (told.add(words.step())) {
                        text.append((words.title() + "  " + words.numbers()).strip())
                                .append('\n');
                        words.lines()
                                .forEach(l ->
                                        text.append("  | ").append(l.text()).append('\n'));
                    }
                }
            }
        }
    }
}
