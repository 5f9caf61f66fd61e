package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;

/** Tells a step in a few words, for captions and strips: "GK to LB · RB up the right · RB shoots". */
final class Brief {

    /** So many things are caught at a glance. */
    static final int MOST_THINGS = 4;

    private static final int MOST_WORDS = 7;

    private Brief() {}

    /** @param clauses what the moves of one step say */
    static String of(List<Clause> clauses, Scene scene) {
        List<Clause> told = clauses.stream()
                .filter(c -> !(c.move() instanceof Act a && a.deed() instanceof Deed.Waiting))
                .sorted(Comparator.comparingInt(c -> weight(c.move(), scene)))
                .limit(MOST_THINGS)
                .sorted(Comparator.comparingDouble(c -> c.span().start()))
                .toList();
        Map<String, List<String>> who = new LinkedHashMap<>();
        told.forEach(c ->
                who.computeIfAbsent(thing(c, scene), k -> new ArrayList<>()).add(c.who()));
        return String.join(
                text("brief.between"),
                who.entrySet().stream()
                        .map(e -> String.join(", ", e.getValue()) + " " + e.getKey())
                        .toList());
    }

    /** Balls first, then those who have it, then the others. */
    private static int weight(Move move, Scene scene) {
        if (move instanceof Shot || move instanceof Pass || move instanceof PickUp) {
            return 0;
        }
        Optional<Side> side = scene.role(move.role()).map(r -> r.side());
        return side.equals(Optional.of(Side.ATTACK)) ? 1 : side.equals(Optional.of(Side.DEFENCE)) ? 2 : 3;
    }

    private static String thing(Clause c, Scene scene) {
        return c.move()
                .match(
                        t -> travel(c),
                        p -> p.receiver()
                                .map(r -> text("words.to", SentenceWriter.label(scene, r)))
                                .orElseGet(() -> phrases(c, 1)),
                        s -> phrases(c, 1),
                        u -> phrases(c, 1),
                        a -> phrases(c, 2));
    }

    /** Where to; the verb where it goes with the ball, or where that takes too many words. */
    private static String travel(Clause c) {
        String where = c.where().replace(ReadOut.SURFACE_END, "").strip();
        boolean tells = !c.span().carrying() && !where.isEmpty() && where.split(" ").length <= MOST_WORDS;
        return tells ? where : phrases(c, 1);
    }

    /** The verb, and as many phrases more. */
    private static String phrases(Clause c, int many) {
        return c.sentence().phrases().stream()
                .skip(1)
                .filter(p -> !p.match(Phrase.Plain::joins, s -> false))
                .map(Phrase::text)
                .filter(t -> !t.isBlank())
                .limit(many)
                .collect(Collectors.joining(" "));
    }

    private static String text(String key, Object... arguments) {
        return SentenceWriter.text(key, arguments);
    }
}
