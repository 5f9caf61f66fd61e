package wildchalk.core.handout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import wildchalk.core.drill.RoleId;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Texts;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;

/** What each role of a version has to know in the second person, whichever way a rep goes. */
public final class EveryWay {

    /** More ways are not told one by one: then it is said that there are more. */
    static final int MOST_WAYS = 8;

    private final RunThrough run;
    private final LengthUnit unit;
    private final Function<RoleId, List<String>> usual;
    /** Of the other ways, by what decides them. */
    private final Map<String, Function<RoleId, List<String>>> others = new HashMap<>();

    private final List<String> labels = new ArrayList<>();
    private final boolean more;

    private EveryWay(RunThrough run, TalkThrough talk, LengthUnit unit) {
        this.run = run;
        this.unit = unit;
        this.usual = Words.parts(run, talk);
        this.more = Outcomes.areMoreThan(run.version(), MOST_WAYS);
        if (!more) {
            for (Way way : Outcomes.ways(run.version())) {
                Path path = Path.of(run.version(), way.choices());
                if (!path.steps().equals(run.path().steps())) {
                    others.put(way.label(), parts(path));
                    labels.add(way.label());
                }
            }
        }
    }

    /** Of the way that is run through first, then what is otherwise on others. @param talk of that way, in the tool's words */
    public static Function<RoleId, List<String>> of(RunThrough run, TalkThrough talk, LengthUnit unit) {
        return new EveryWay(run, talk, unit)::of;
    }

    private Function<RoleId, List<String>> parts(Path path) {
        RunThrough other = RunThrough.of(run.drill(), path, run.own());
        return Words.parts(other, Words.of(other, unit));
    }

    private List<String> of(RoleId role) {
        List<String> all = new ArrayList<>(usual.apply(role));
        for (String label : labels) {
            boolean plays = run.version().roles().stream().anyMatch(r -> r.id().equals(role));
            List<String> otherwise = plays
                    ? others.get(label).apply(role).stream()
                            .filter(l -> !all.contains(l) && !l.equals(Texts.CORE.get("part.nothing")))
                            .toList()
                    : List.of();
            if (!otherwise.isEmpty()) {
                all.add(Texts.CORE.get("part.way", label, String.join(" ", otherwise)));
            }
        }
        if (more) {
            all.add(Texts.CORE.get("part.ways.more"));
        }
        return all;
    }
}
