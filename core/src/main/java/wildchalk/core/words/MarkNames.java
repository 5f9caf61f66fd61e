package wildchalk.core.words;

import wildchalk.core.drill.Mark;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.SportTexts;

/** What somebody goes by or looks at, as one says it: a player, the ball, the goal, a spot. */
record MarkNames(Path path, Surface surface, Places places) {

    String of(Mark mark) {
        return mark.match(new Mark.Cases<String>() {
            @Override
            public String somebody(Mark.Somebody s) {
                return SentenceWriter.label(path, s.who());
            }

            @Override
            public String ball(Mark.TheBall b) {
                return SentenceWriter.text("follow.ball", surface.ballName());
            }

            @Override
            public String goal(Mark.TheGoal g) {
                return SportTexts.get("follow-goal", surface.sport(), "goal");
            }

            @Override
            public String spot(Mark.Spot s) {
                return places.named(s.at()).orElseGet(() -> SentenceWriter.text("follow.spot"));
            }
        });
    }
}
