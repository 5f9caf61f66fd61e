package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Travel;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.SportTexts;
import wildchalk.core.text.Texts;

/**
 * One verb for how somebody moves, how hard, and whether with the ball, by the sport: "jogs", "sprints", "skates backward hard".
 * Of the two efforts between easy and flat out, the one that most of a drill has is not said: where most run hard, "runs" is
 * hard and only "runs steadily" is said.
 */
final class TravelVerbs {

    private final String sport;
    /** At this share of the pace and below everybody walks. */
    private static final double WALKED = 0.4;

    private final Effort usual;
    private final boolean walked;

    TravelVerbs(Scene scene, Surface surface) {
        this.sport = surface.sport();
        this.usual = usual(scene);
        this.walked = scene.course().conduct().tempo() <= WALKED;
    }

    private static Effort usual(Scene scene) {
        int hard = 0;
        for (var move : scene.moves()) {
            if (move instanceof Travel travel) {
                hard += travel.effort() == Effort.HARD ? 1 : travel.effort() == Effort.STEADY ? -1 : 0;
            }
        }
        return hard > 0 ? Effort.HARD : Effort.STEADY;
    }

    /** As it is said in a sentence; where everybody walks it through nobody sprints. */
    String said(Manner manner, Effort effort, boolean carrying) {
        return walked ? marked(manner, Effort.WALK, carrying) : of(manner, effort, carrying);
    }

    /** As it is offered. */
    private String of(Manner manner, Effort effort, boolean carrying) {
        return effort == usual ? plain(manner, carrying) : marked(manner, effort, carrying);
    }

    /** With its effort said. */
    private String marked(Manner manner, Effort effort, boolean carrying) {
        String id = (carrying ? "carry." : "") + manner + "." + effort;
        return SportTexts.has("verb", sport, id)
                ? SportTexts.get("verb", sport, id)
                : Texts.CORE.get("verb.with", plain(manner, carrying), Texts.CORE.get("effort." + effort));
    }

    private String plain(Manner manner, boolean carrying) {
        return SportTexts.get("manner", sport, (carrying ? "carry." : "") + manner);
    }

    /** The same way with other efforts, then other ways of moving, as hard as now. */
    List<Phrase.Choice> choices(Travel now, boolean carrying) {
        List<Phrase.Choice> all = new ArrayList<>();
        for (Effort effort : Effort.values()) {
            all.add(new Phrase.Choice(
                    of(now.manner(), effort, carrying), Rewordings.travel(t -> t.withEffort(effort))));
        }
        for (Manner manner : Manner.values()) {
            if (manner != now.manner()) {
                all.add(new Phrase.Choice(
                        Texts.CORE.get("verb.group.manner"),
                        plain(manner, carrying),
                        Rewordings.travel(t -> t.withManner(manner))));
            }
        }
        return all;
    }
}
