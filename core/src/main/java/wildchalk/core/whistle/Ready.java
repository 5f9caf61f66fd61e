package wildchalk.core.whistle;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Step;
import wildchalk.core.motion.Launches;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.session.SetUp;
import wildchalk.core.session.What;
import wildchalk.core.telling.PlayScores;

/**
 * What the drills of a part have ready for whoever runs it.
 *
 * @param calls what may be called, by a name that is the same in every session
 * @param scoring what counts; of the first of its drills that keeps the score
 * @param questions to ask, in the order of the steps
 * @param interval seconds from rep to rep as drawn at its first station; empty where nobody has said
 */
public record Ready(Map<String, CallSet> calls, Scoring scoring, List<Question> questions, Optional<Double> interval) {

    private static final String GOAL = "goal";

    public static final Ready NOTHING = new Ready(Map.of(), Scoring.NONE, List.of(), Optional.empty());

    public Ready {
        calls = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(calls));
        questions = List.copyOf(questions);
    }

    /** Of a game in plain words goals are counted. */
    public static Ready of(Part part) {
        if (part.isChange()) {
            return NOTHING;
        }
        if (part.block().what() instanceof What.Plain p) {
            Scoring goals = new Scoring(List.of(new Scoring.Points(GOAL, 1)), Scoring.Tally.TOTAL, false, 0, 0, "");
            return p.kind() == What.Kind.GAME ? new Ready(Map.of(), goals, List.of(), Optional.empty()) : NOTHING;
        }
        Map<String, CallSet> calls = new LinkedHashMap<>();
        List<Question> questions = new ArrayList<>();
        Scoring scoring = Scoring.NONE;
        Optional<Double> interval = Optional.empty();
        List<Here> stations =
                part.rounds().isEmpty() ? List.of() : part.rounds().get(0).stations();
        for (Here here : stations) {
            if (here.setUp().isEmpty()) {
                continue;
            }
            SetUp s = here.setUp().get();
            s.path()
                    .course()
                    .calls()
                    .forEach(c ->
                            calls.put(s.drill().id() + "/" + s.path().version().id() + "/" + c.id(), c));
            for (Step step : s.path().steps()) {
                step.question().ifPresent(questions::add);
            }
            scoring = scoring.isKept() ? scoring : PlayScores.of(s.path());
            if (interval.isEmpty()) {
                interval = Launches.period(
                        s.path(), Timeline.of(s.path(), s.drill().surface(), Pace.of(s.drill())));
            }
        }
        return new Ready(calls, scoring, questions, interval);
    }
}
