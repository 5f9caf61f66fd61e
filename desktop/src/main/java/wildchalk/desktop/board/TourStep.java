package wildchalk.desktop.board;

import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;

/** The six things that the tour asks for, in their order; each is done when the drill shows it. */
enum TourStep {
    RUN,
    PASS,
    NEXT,
    SHOT,
    WORD,
    WATCH;

    /** Whether a change of the open version is what is asked for; watching changes nothing. */
    boolean isDone(Progression before, Progression after) {
        return switch (this) {
            case RUN -> more(Travel.class, before, after);
            case PASS -> more(Pass.class, before, after);
            case NEXT -> after.steps().size() > before.steps().size();
            case SHOT -> more(Shot.class, before, after);
            case WORD ->
                after.moves().size() == before.moves().size() && !after.moves().equals(before.moves());
            case WATCH -> false;
        };
    }

    private static boolean more(Class<? extends Move> kind, Progression before, Progression after) {
        return count(kind, after) > count(kind, before);
    }

    private static long count(Class<? extends Move> kind, Progression version) {
        return version.moves().stream().filter(kind::isInstance).count();
    }
}
