package wildchalk.core.check;

import wildchalk.core.drill.Alternation;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;

/** The rep that follows one: the same, or the other way round where every rep changes sides. */
record NextRep(Path path, Timeline timeline) {

    static NextRep after(RunThrough run) {
        return run.path()
                .course()
                .alternation()
                .map(Alternation::after)
                .filter(a -> a.isUsual())
                .flatMap(a -> run.path().otherSide())
                .or(() -> run.path().afterFirst())
                .map(o -> new NextRep(o, Timeline.of(o, run.drill().surface(), Pace.of(run.drill()))))
                .orElse(new NextRep(run.path(), run.timeline()));
    }
}
