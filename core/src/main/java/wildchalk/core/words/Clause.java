package wildchalk.core.words;

import java.util.Optional;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveSpan;

/**
 * A sentence taken apart, so that it can be told together with others.
 *
 * @param who the label of the one who moves
 * @param goesOn whether it goes on with what the same player did before: "then"
 * @param does the verb and what goes with it, up to where it leads
 * @param where "to the left block"; may be empty
 * @param tail what is said behind that: "and stops"
 * @param from where its player is as it begins
 * @param team that he is in
 * @param straight how far and which way, for one who runs with his team; else empty
 */
record Clause(
        Sentence sentence,
        Move move,
        MoveSpan span,
        String who,
        boolean goesOn,
        String does,
        String where,
        String tail,
        Cue cue,
        Point from,
        Optional<Team> team,
        String straight) {

    /** Whose doing a cue is. */
    enum Whose {
        /** There is no cue. */
        NOBODY,
        WHISTLE,
        /** A move of the same player. */
        OWN_MOVE,
        /** The ball that comes to him: said with what he does with it. */
        OWN_BALL,
        OTHERS
    }

    /**
     * When it starts.
     *
     * @param text "as CB passes"; empty without one
     * @param own the move of the same player that it is a moment of
     * @param atEnd whether it is the end of that
     * @param ofTravel whether that is a travel, so that its end is a place
     * @param delaySeconds how long after the moment
     */
    record Cue(String text, Whose whose, Optional<MoveId> own, boolean atEnd, boolean ofTravel, double delaySeconds) {

        static final Cue NONE = new Cue("", Whose.NOBODY, Optional.empty(), false, false, 0);

        static Cue of(String text, Move move, Scene scene, double delaySeconds) {
            Optional<Event> event = move.trigger().map(Trigger::event);
            Whose whose = event.map(e -> whose(e, move.role(), scene)).orElse(Whose.NOBODY);
            return new Cue(
                    text,
                    whose,
                    event.filter(e -> whose == Whose.OWN_MOVE).flatMap(Event::move),
                    event.filter(e -> e instanceof Event.Ends).isPresent(),
                    event.flatMap(Event::move)
                            .flatMap(scene::move)
                            .filter(m -> m instanceof Travel)
                            .isPresent(),
                    delaySeconds);
        }

        private static Whose whose(Event event, RoleId role, Scene scene) {
            if (event instanceof Event.Whistle) {
                return Whose.WHISTLE;
            } else if (event instanceof Event.Caught caught) {
                Move thrown = scene.move(caught.of()).orElseThrow();
                boolean own = thrown instanceof Pass p && p.receiver().equals(Optional.of(role));
                return own ? Whose.OWN_BALL : Whose.OTHERS;
            } else if (event instanceof Event.Handles h) {
                return h.role().equals(role) ? Whose.OWN_BALL : Whose.OTHERS;
            }
            boolean own = event.move()
                    .flatMap(scene::move)
                    .filter(m -> m.role().equals(role))
                    .isPresent();
            return own ? Whose.OWN_MOVE : Whose.OTHERS;
        }
    }

    /** Who ends so near (m) to where another one stood has taken his place. */
    private static final double SAME_PLACE_METRES = 1.0;

    /** Ways that differ by less (m) are the same way. */
    private static final double BESIDE_METRES = 0.6;

    private static final String RUNS_ON = SentenceWriter.text("words.runs-on");

    /** @param delaySeconds how long after its cue it starts */
    static Clause of(Sentence sentence, Move move, MoveSpan span, Scene scene, double delaySeconds, Point from) {
        StringBuilder does = new StringBuilder();
        StringBuilder where = new StringBuilder();
        StringBuilder tail = new StringBuilder();
        String cue = "";
        boolean goesOn = false;
        boolean behind = false;
        for (Phrase phrase : sentence.phrases().subList(1, sentence.phrases().size())) {
            Optional<SlotKind> kind = phrase.match(p -> Optional.empty(), s -> Optional.of(s.what()));
            if (kind.equals(Optional.of(SlotKind.WHEN))) {
                cue = phrase.text();
            } else if (kind.equals(Optional.of(SlotKind.WHERE))) {
                where.append(phrase.text());
                behind = true;
            } else if (phrase.match(Phrase.Plain::joins, s -> false)) {
                goesOn = true;
            } else if (!phrase.text().equals(RUNS_ON)) {
                (behind ? tail : does).append(' ').append(phrase.text());
            }
        }
        return new Clause(
                sentence,
                move,
                span,
                sentence.phrases().get(0).text(),
                goesOn,
                does.toString().strip(),
                where.toString(),
                tail.toString().strip(),
                Cue.of(cue, move, scene, delaySeconds),
                from,
                scene.course().teamOf(move.role()),
                "");
    }

    /** As others hear it: what its player did before is none of their business. */
    Clause withoutOwnCue() {
        return cue.whose() == Whose.OWN_MOVE
                ? new Clause(sentence, move, span, who, false, does, where, tail, Cue.NONE, from, team, straight)
                : this;
    }

    Clause withStraight(String way) {
        return new Clause(sentence, move, span, who, goesOn, does, where, tail, cue, from, team, way);
    }

    /** Led by how far and which way, whatever it leads to. */
    Clause goingStraight() {
        return new Clause(sentence, move, span, who, goesOn, does, straight, tail, cue, from, team, straight);
    }

    /** Whether two of a team go the same way beside each other. */
    boolean isBeside(Clause other) {
        return !straight.isEmpty()
                && team.equals(other.team)
                && does.equals(other.does)
                && tail.equals(other.tail)
                && cue.text().equals(other.cue.text())
                && end().orElseThrow()
                        .minus(from)
                        .isWithin(BESIDE_METRES, other.end().orElseThrow().minus(other.from));
    }

    /** With a word before the verb: "now runs". */
    Clause withWord(String word) {
        return new Clause(sentence, move, span, who, false, word + " " + does, where, tail, cue, from, team, straight);
    }

    /** All that is done, without who and when. */
    String predicate() {
        return (does + " " + where + " " + tail)
                .strip()
                .replaceAll(" +", " ")
                .replace(" ,", ",")
                .replaceFirst(",$", "");
    }

    /** Whether it but follows what the same player did before: "then". */
    boolean isNext() {
        return cue.whose() == Whose.NOBODY && goesOn
                || cue.whose() == Whose.OWN_MOVE
                        && cue.delaySeconds() <= SOON_SECONDS
                        && !(cue.atEnd() && cue.ofTravel());
    }

    /** Up to here (s) after a move of one's own something is said to follow it. */
    static final double SOON_SECONDS = 1.25;

    /** Whether each of two goes to where the other one was, in the same way. */
    boolean changesPlacesWith(Clause other) {
        return does.equals(other.does)
                && end().filter(e -> e.isWithin(SAME_PLACE_METRES, other.from)).isPresent()
                && other.end().filter(e -> e.isWithin(SAME_PLACE_METRES, from)).isPresent();
    }

    /** Whether it says how far: "12 runs 8 m up the left, 14 9 m" is nothing that anybody can follow. */
    boolean isMeasured() {
        return !where.isEmpty() && Character.isDigit(where.charAt(0));
    }

    /** "The left block", without the word before it. */
    String place() {
        return where.substring(where.indexOf(' ') + 1);
    }

    private Optional<Point> end() {
        return move instanceof Travel t
                ? Optional.of(t.path().get(t.path().size() - 1).at())
                : Optional.empty();
    }

    /** Likewise, for more than one: "run to the cone and stop". */
    String predicateOfMany() {
        return ofMany(predicate());
    }

    static String ofMany(String predicate) {
        String[] words = predicate.split(" ");
        for (int i = 0; i < words.length; i++) {
            boolean verb = i == 0 || words[i - 1].equals("and") || words[i - 1].equals("then");
            words[i] = verb && SecondPerson.isVerb(words[i]) ? SecondPerson.base(words[i]) : words[i];
        }
        return String.join(" ", words);
    }
}
