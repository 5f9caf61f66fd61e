package wildchalk.picture.export;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Outcomes;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Way;
import wildchalk.core.finding.Finding;
import wildchalk.core.motion.AcrossPaths;
import wildchalk.core.motion.AgeCheck;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.motion.Turnings;
import wildchalk.core.motion.Turnings.Turning;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;
import wildchalk.picture.paint.Legend;

/**
 * One path through one version of a drill with all that was worked out for it: what every export is made from.
 *
 * @param whole the version with all its paths
 * @param choices which path
 * @param progression the path: every step of it, no other
 * @param reader whom it is written and drawn for
 */
public record Rep(
        Drill drill,
        Progression whole,
        Choices choices,
        Progression progression,
        Timeline timeline,
        TalkThrough talk,
        Reader reader) {

    /** The likeliest path, for the usual reader. */
    public static Rep of(Drill drill, Progression progression) {
        return of(drill, progression, Reader.USUAL);
    }

    /** The likeliest path. */
    public static Rep of(Drill drill, Progression progression, Reader reader) {
        return of(drill, progression, Choices.USUAL, reader);
    }

    public static Rep of(Drill drill, Progression whole, Choices choices, Reader reader) {
        Progression path = Outcomes.along(whole, choices);
        Timeline timeline = Timeline.of(drill, path);
        return new Rep(drill, whole, choices, path, timeline, Words.of(drill, path, timeline, reader.unit()), reader);
    }

    /** The same version along every path; this one alone where it goes one way only, or too many to show. */
    public List<Rep> everyWay(int most) {
        List<Way> ways = Outcomes.areMany(whole) ? Outcomes.ways(whole) : List.of();
        if (ways.size() < 2 || ways.size() > most) {
            return List.of(this);
        }
        return ways.stream().map(w -> of(drill, whole, w.choices(), reader)).toList();
    }

    /** What the path is called: "blue wins it › save"; empty where there is one way only. */
    public String wayLabel() {
        return Outcomes.areMany(whole) ? Outcomes.way(whole, choices).label() : "";
    }

    /** What cannot happen as drawn, on this path and between paths, and whose times these are. */
    public List<Finding> findings() {
        List<Finding> all = new ArrayList<>(timeline.findings());
        all.addAll(AcrossPaths.findings(whole, progression));
        all.addAll(AgeCheck.findings(whole, drill.audience().paceBand()));
        return all;
    }

    /** Where somebody has to say how it goes on. */
    public List<Turning> turnings() {
        return Turnings.on(whole, choices, progression, timeline);
    }

    /** What everybody together travels, m. */
    public double metresMoved() {
        return timeline.moves().stream()
                .filter(m -> progression.move(m.move()).orElseThrow() instanceof Travel)
                .mapToDouble(MoveSpan::metres)
                .sum();
    }

    /** The version that this one is based on, along its likeliest path. */
    public Optional<Rep> base() {
        return whole.basedOn().flatMap(drill::progression).map(b -> of(drill, b, reader));
    }

    Legend legend() {
        return Legend.of(progression, timeline, reader.code());
    }
}
