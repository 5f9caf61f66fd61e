package wildchalk.core.telling;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Scoring;
import wildchalk.core.text.Texts;

/** What counts in all: what the coach lists, and what open play ends with. */
public final class PlayScores {

    private PlayScores() {}

    /** The scoring of a version with what the endings of its open play count; no more kinds than somebody can keep apart. */
    public static Scoring of(Scene scene) {
        Scoring told = scene.course().scoring();
        Map<String, Integer> all = new LinkedHashMap<>();
        told.points().forEach(p -> all.put(p.what(), p.worth()));
        scene.steps().stream()
                .flatMap(s -> s.moves().stream())
                .filter(m -> m instanceof Act a && a.deed() instanceof OpenPlay)
                .map(m -> (OpenPlay) ((Act) m).deed())
                .forEach(play -> play.scoresInOrder()
                        .forEach((end, points) -> all.putIfAbsent(
                                Texts.CORE.get("play.score." + end, Math.max(1, play.passes())), points)));
        List<Scoring.Points> points = all.entrySet().stream()
                .limit(Scoring.MOST_KINDS)
                .map(e -> new Scoring.Points(e.getKey(), e.getValue()))
                .toList();
        return new Scoring(points, told.tally(), told.against(), told.target(), told.rounds(), told.others());
    }
}
