package wildchalk.core.words;

import java.util.List;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Writes how a travel ends, beside being there: to a stop, with a touch, or through the place at speed. */
final class EndingWriter {

    private final Path path;
    private final Timeline timeline;

    EndingWriter(Path path, Timeline timeline) {
        this.path = path;
        this.timeline = timeline;
    }

    /** The usual end is not said, so it is empty then. */
    Phrase slot(Travel move) {
        return new Phrase.Slot(
                SlotKind.ENDING, said(move), Texts.CORE.get("words.ending-prompt"), EndingWriter::choices);
    }

    private String said(Travel move) {
        Waypoint w = last(move);
        return switch (w.how()) {
            case TOUCH -> Texts.CORE.get("words.and-touches");
            case STOP ->
                w.pauseSeconds() > 0
                        ? Texts.CORE.get("words.and-stops.for", Numbers.brief(w.pauseSeconds(), 1))
                        : Texts.CORE.get("words.and-stops");
            case THROUGH -> Texts.CORE.get("words.and-through");
            case CUT, CURVE -> runsThrough(move) && !shoots(move) ? Texts.CORE.get("words.and-through") : "";
        };
    }

    private boolean runsThrough(Travel move) {
        MoveSpan span = timeline.move(move.id());
        return span.happens() && span.runOutMetres() > 0;
    }

    /** Whether the same role shoots next in the step: that says it already. */
    private boolean shoots(Travel move) {
        return path.stepOf(move.id()).stream()
                .flatMap(s -> s.moves().stream().dropWhile(m -> !m.id().equals(move.id())))
                .filter(m -> m.role().equals(move.role()))
                .skip(1)
                .findFirst()
                .filter(m -> m instanceof Shot)
                .isPresent();
    }

    private static Waypoint last(Travel move) {
        return move.path().get(move.path().size() - 1);
    }

    private static List<Phrase.Choice> choices() {
        return List.of(
                // a cut where a path ends is as good as none
                new Phrase.Choice(
                        Texts.CORE.get("ending.usual"),
                        Rewordings.lastPoint(p -> p.how() == Passing.CUT ? p : p.withHow(Passing.CURVE, 0))),
                choice("ending.stop", Passing.STOP, 0),
                choice("ending.through", Passing.THROUGH, 0),
                choice("ending.touch", Passing.TOUCH, 0),
                choice("ending.pause", Passing.STOP, 1));
    }

    private static Phrase.Choice choice(String key, Passing how, double pause) {
        return new Phrase.Choice(Texts.CORE.get(key), Rewordings.lastPoint(p -> p.withHow(how, pause)));
    }
}
