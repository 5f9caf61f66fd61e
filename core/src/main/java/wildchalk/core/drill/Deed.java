package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Slugs;

/** What somebody does where he is. */
public sealed interface Deed {

    double MAX_SECONDS = 600;

    <T> T match(Cases<T> cases);

    /** One answer for each kind. */
    interface Cases<T> {
        T waiting(Waiting w);

        T turning(Turning t);

        T screening(Screening s);

        T contact(Contact c);

        T contest(Contest c);

        T challenge(Challenge c);

        T openPlay(OpenPlay p);

        T skill(Skill s);

        T calling(Calling c);

        T puttingDown(PuttingDown p);
    }

    /** Others that the deed names. */
    default List<RoleId> others() {
        return List.of();
    }

    /** With other roles in the places of those that it names. */
    default Deed withRoles(UnaryOperator<RoleId> other) {
        return this;
    }

    /** @param seconds above zero, at most 600 */
    record Waiting(double seconds) implements Deed {
        public Waiting {
            check("wait", seconds);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.waiting(this);
        }
    }

    /** How somebody turns. */
    enum Turn {
        /** About one foot, or from forward to backward skating. */
        PIVOT,
        /** The hips towards the play. */
        OPEN_UP,
        /** Off a screen, towards the goal. */
        ROLL,
        /** Right round, back to the opponent. */
        SPIN
    }

    /**
     * Turns the body; somebody who is under way turns without stopping.
     *
     * @param hand which way round: LEFT is counter-clockwise
     * @param degrees how far, above 0, at most 720
     */
    record Turning(Turn turn, Hand hand, double degrees) implements Deed {
        public Turning {
            Objects.requireNonNull(turn, "turn");
            if (hand != Hand.LEFT && hand != Hand.RIGHT) {
                throw new IllegalArgumentException("The turn (hand %s) must go LEFT or RIGHT.".formatted(hand));
            }
            if (!(degrees > 0 && degrees <= 720)) {
                throw new IllegalArgumentException(
                        "The turn (%s degrees) must be above 0 and at most 720.".formatted(degrees));
            }
        }

        /** Positive counter-clockwise. */
        public double sweepDegrees() {
            return hand == Hand.LEFT ? degrees : -degrees;
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.turning(this);
        }
    }

    /**
     * Stands in the way of a defender.
     *
     * @param against whose way; empty for nobody in particular
     */
    record Screening(Optional<RoleId> against, double seconds) implements Deed {
        public Screening {
            Objects.requireNonNull(against, "against");
            check("screen", seconds);
        }

        @Override
        public Deed withRoles(UnaryOperator<RoleId> other) {
            return new Screening(against.map(other), seconds);
        }

        @Override
        public List<RoleId> others() {
            return against.stream().toList();
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.screening(this);
        }
    }

    /** How hard bodies meet. */
    enum Level {
        TOKEN,
        CONTROLLED,
        LIVE
    }

    /** Meets somebody's body. */
    record Contact(RoleId with, Level level, double seconds) implements Deed {
        public Contact {
            Objects.requireNonNull(with, "with");
            Objects.requireNonNull(level, "level");
            check("contact", seconds);
        }

        @Override
        public Deed withRoles(UnaryOperator<RoleId> other) {
            return new Contact(other.apply(with), level, seconds);
        }

        @Override
        public List<RoleId> others() {
            return List.of(with);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.contact(this);
        }
    }

    /** What is fought for. */
    enum Kind {
        LOOSE_BALL,
        FACE_OFF,
        DROP,
        REBOUND
    }

    /**
     * Several go for one ball.
     *
     * @param rivals the others, at least one
     * @param winner who gets it; empty for whoever does the move
     */
    record Contest(Kind kind, List<RoleId> rivals, Optional<RoleId> winner) implements Deed {
        public Contest {
            Objects.requireNonNull(kind, "kind");
            Objects.requireNonNull(winner, "winner");
            rivals = List.copyOf(rivals);
            if (rivals.isEmpty()) {
                throw new IllegalArgumentException("A contest (0 rivals) needs at least one.");
            }
        }

        public Contest withWinner(Optional<RoleId> somebody) {
            return new Contest(kind, rivals, somebody);
        }

        @Override
        public Deed withRoles(UnaryOperator<RoleId> other) {
            return new Contest(kind, rivals.stream().map(other).toList(), winner.map(other));
        }

        @Override
        public List<RoleId> others() {
            List<RoleId> all = new ArrayList<>(rivals);
            winner.filter(w -> !rivals.contains(w)).ifPresent(all::add);
            return all;
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.contest(this);
        }
    }

    /** How somebody tries for a ball that another has, or has sent. */
    enum Bid {
        /** Steps into the lane of a pass and has it. */
        INTERCEPTION,
        /** Gets a hand, foot or stick to a pass. */
        KNOCK_DOWN,
        /** Gets in the way of a shot. */
        BLOCK,
        /** At the ball with the stick, or the foot. */
        POKE,
        /** Out of the hands, from the side or from behind. */
        STRIP,
        /** Out of the arms, body to body. */
        RIP,
        TACKLE,
        /** Keeps somebody off the ball with the body. */
        BOX_OUT;

        /** What can become of it, the usual first. */
        public List<Verdict> verdicts() {
            return switch (this) {
                case INTERCEPTION -> List.of(Verdict.WON, Verdict.MISSED);
                case KNOCK_DOWN, BLOCK -> List.of(Verdict.OUT, Verdict.WON, Verdict.MISSED);
                case POKE, STRIP, RIP -> List.of(Verdict.WON, Verdict.OUT, Verdict.MISSED);
                case TACKLE -> List.of(Verdict.WON, Verdict.MISSED, Verdict.OUT, Verdict.HELD_UP);
                case BOX_OUT -> List.of(Verdict.WON, Verdict.MISSED);
            };
        }

        /** Whether it is for a ball under way, and not for one that somebody carries. */
        public boolean isForPass() {
            return this == INTERCEPTION || this == KNOCK_DOWN || this == BLOCK;
        }

        /** Whether bodies meet in it. */
        public boolean isBodily() {
            return this == RIP || this == TACKLE || this == BOX_OUT;
        }
    }

    /** What becomes of a try for the ball. */
    enum Verdict {
        /** It is made: the ball changes hands, or the carrier is brought down. */
        WON,
        /** The other goes on. */
        MISSED,
        /** The ball comes out and lies free. */
        OUT,
        /** Both stand, and the ball does not come out. */
        HELD_UP
    }

    /**
     * Tries for a ball that somebody else has or has sent. Whoever does it goes to the ball or to its carrier if neither is in reach,
     * flat out.
     *
     * @param on who has the ball, or sends it; for a box-out who is kept off
     * @param level how hard bodies may meet
     * @param verdict what becomes of it where no fork decides; one of those of its kind
     * @param spill where a ball that comes out comes to rest; empty for near by
     */
    record Challenge(Bid bid, RoleId on, Level level, Verdict verdict, Optional<Point> spill) implements Deed {
        public Challenge {
            Objects.requireNonNull(bid, "bid");
            Objects.requireNonNull(on, "on");
            Objects.requireNonNull(level, "level");
            Objects.requireNonNull(verdict, "verdict");
            Objects.requireNonNull(spill, "spill");
            spill.ifPresent(p -> Limits.place("ball that comes out", p));
            if (!bid.verdicts().contains(verdict)) {
                throw new IllegalArgumentException("The challenge (%s) cannot end %s: say one of %s."
                        .formatted(name(bid), name(verdict), names(bid.verdicts())));
            }
        }

        /** With its usual end, and as hard as it is usually drilled. */
        public static Challenge of(Bid bid, RoleId on) {
            return new Challenge(
                    bid,
                    on,
                    bid.isBodily() ? Level.CONTROLLED : Level.TOKEN,
                    bid.verdicts().get(0),
                    Optional.empty());
        }

        public Challenge withBid(Bid other) {
            Verdict end = other.verdicts().contains(verdict)
                    ? verdict
                    : other.verdicts().get(0);
            return new Challenge(other, on, level, end, spill);
        }

        public Challenge withOn(RoleId somebody) {
            return new Challenge(bid, somebody, level, verdict, spill);
        }

        public Challenge withLevel(Level hard) {
            return new Challenge(bid, on, hard, verdict, spill);
        }

        public Challenge withVerdict(Verdict end) {
            return new Challenge(bid, on, level, end, spill);
        }

        public Challenge withSpill(Optional<Point> place) {
            return new Challenge(bid, on, level, verdict, place);
        }

        @Override
        public Deed withRoles(UnaryOperator<RoleId> other) {
            return withOn(other.apply(on));
        }

        @Override
        public List<RoleId> others() {
            return List.of(on);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.challenge(this);
        }
    }

    /** Skills that have a name in the field, with what they take and leave (estimates). */
    enum Trick {
        /** A false move of body or eyes. */
        FEINT(0.4, 0.85),
        /** A pass or shot that is only shown. */
        FAKE(0.4, 0.8),
        STEP_OVER(0.5, 0.8),
        /** The ball under the sole, or across the body. */
        ROLL(0.5, 0.7),
        DRAG_BACK(0.6, 0.2),
        LUNGE(0.4, 0.6),
        HOP_STEP(0.4, 0.6),
        /** Both feet at once, to a stand. */
        JUMP_STOP(0.4, 0),
        SPIN(0.6, 0.6),
        /** Short quick steps into a close-out. */
        STUTTER(0.7, 0.3),
        /** One's own, by its name. */
        OWN(0.6, 0.7);

        private final double seconds;
        private final double keeps;

        Trick(double seconds, double keeps) {
            this.seconds = seconds;
            this.keeps = keeps;
        }

        /** How long it takes. */
        public double seconds() {
            return seconds;
        }

        /** The share of the speed that is kept through it; 0 for to a stand. */
        public double keeps() {
            return keeps;
        }
    }

    /**
     * A skill, done on the run where somebody runs on.
     *
     * @param name what one's own is called; empty for the others
     * @param hand to which side it goes; NONE for none
     */
    record Skill(Trick trick, String name, Hand hand) implements Deed {
        public Skill {
            Objects.requireNonNull(trick, "trick");
            Objects.requireNonNull(name, "name");
            Objects.requireNonNull(hand, "hand");
            Limits.text("skill", name, Limits.WORD);
            if (name.isBlank() == (trick == Trick.OWN)) {
                throw new IllegalArgumentException(
                        "A skill of one's own (\"%s\") needs a name, and no other skill has one.".formatted(name));
            }
        }

        public static Skill of(Trick trick) {
            return new Skill(trick, "", Hand.NONE);
        }

        public Skill withHand(Hand side) {
            return new Skill(trick, name, side);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.skill(this);
        }
    }

    /** What ends open play. */
    enum PlayEnd {
        GOAL,
        OUT,
        /** The other side has the ball. */
        WON,
        SHOT,
        /** So many passes in a row. */
        PASSES,
        /** The time is up. */
        WHISTLE
    }

    /**
     * Somebody who comes into open play.
     *
     * @param who comes in
     * @param at at whose first touch
     */
    record Joining(RoleId who, RoleId at) {
        public Joining {
            Objects.requireNonNull(who, "who");
            Objects.requireNonNull(at, "at");
            if (who.equals(at)) {
                throw new IllegalArgumentException("%s cannot join at his own touch.".formatted(who));
            }
        }
    }

    /**
     * Several play freely until something ends it. What binds and limits them are rules of the drill.
     *
     * @param with who play with whoever does the move
     * @param zone id of the zone that they play in; empty for where they are
     * @param endings what ends it, at least one
     * @param passes how many passes end it, 1 to 50; 0 where none do
     * @param typicalSeconds how long it usually lasts, above zero
     * @param longestSeconds when it is stopped at the latest, at least as long
     * @param joining who comes in while it goes on
     * @param ending how it ends where no fork decides; one of the endings
     */
    record OpenPlay(
            List<RoleId> with,
            Optional<String> zone,
            List<PlayEnd> endings,
            int passes,
            double typicalSeconds,
            double longestSeconds,
            List<Joining> joining,
            PlayEnd ending)
            implements Deed {

        public static final int MAX_PASSES = 50;

        public OpenPlay {
            with = List.copyOf(with);
            Objects.requireNonNull(zone, "zone");
            zone.ifPresent(z -> Slugs.check("zone", z));
            endings = endings.stream().distinct().sorted().toList();
            joining = List.copyOf(joining);
            Objects.requireNonNull(ending, "ending");
            Limits.count("players", with.size(), Limits.ROLES);
            if (with.isEmpty() || with.stream().distinct().count() < with.size()) {
                throw new IllegalArgumentException(
                        "Open play (%s) needs at least one other, each once.".formatted(with));
            }
            if (!endings.contains(ending)) {
                throw new IllegalArgumentException(
                        "Open play cannot end by %s: say one of %s.".formatted(name(ending), names(endings)));
            }
            if (endings.contains(PlayEnd.PASSES) != (passes > 0) || passes < 0 || passes > MAX_PASSES) {
                throw new IllegalArgumentException(
                        "The passes (%d) that end open play must be from 1 to %d where passes end it, else 0."
                                .formatted(passes, MAX_PASSES));
            }
            check("usual length of open play", typicalSeconds);
            check("longest open play", longestSeconds);
            if (longestSeconds < typicalSeconds) {
                throw new IllegalArgumentException("Open play (usually %s s) cannot be stopped before, at %s s."
                        .formatted(typicalSeconds, longestSeconds));
            }
        }

        /** Until somebody scores, the ball is out or won, a quarter of a minute at most. */
        public static OpenPlay with(List<RoleId> others, Optional<String> zone) {
            return new OpenPlay(
                    others,
                    zone,
                    List.of(PlayEnd.GOAL, PlayEnd.OUT, PlayEnd.WON),
                    0,
                    TYPICAL_SECONDS,
                    LONGEST_SECONDS,
                    List.of(),
                    PlayEnd.GOAL);
        }

        public OpenPlay withOthers(List<RoleId> roles) {
            return new OpenPlay(roles, zone, endings, passes, typicalSeconds, longestSeconds, joining, ending);
        }

        public OpenPlay withZone(Optional<String> id) {
            return new OpenPlay(with, id, endings, passes, typicalSeconds, longestSeconds, joining, ending);
        }

        /** Ended by something more, or by that no longer; what is left last stays. */
        public OpenPlay withEndings(List<PlayEnd> all) {
            if (all.isEmpty()) {
                return this;
            }
            int count = all.contains(PlayEnd.PASSES) ? passes > 0 ? passes : USUAL_PASSES : 0;
            return new OpenPlay(
                    with,
                    zone,
                    all,
                    count,
                    typicalSeconds,
                    longestSeconds,
                    joining,
                    all.contains(ending) ? ending : all.get(0));
        }

        public OpenPlay withEnding(PlayEnd end) {
            return endings.contains(end)
                    ? new OpenPlay(with, zone, endings, passes, typicalSeconds, longestSeconds, joining, end)
                    : this;
        }

        public OpenPlay withPasses(int count) {
            return new OpenPlay(with, zone, endings, count, typicalSeconds, longestSeconds, joining, ending);
        }

        public OpenPlay withSeconds(double typical, double longest) {
            return new OpenPlay(with, zone, endings, passes, typical, longest, joining, ending);
        }

        public OpenPlay withJoining(List<Joining> list) {
            return new OpenPlay(with, zone, endings, passes, typicalSeconds, longestSeconds, list, ending);
        }

        private static final double TYPICAL_SECONDS = 8;
        private static final double LONGEST_SECONDS = 15;
        private static final int USUAL_PASSES = 5;

        @Override
        public Deed withRoles(UnaryOperator<RoleId> other) {
            return withOthers(with.stream().map(other).toList())
                    .withJoining(joining.stream()
                            .map(j -> new Joining(other.apply(j.who()), other.apply(j.at())))
                            .toList());
        }

        @Override
        public List<RoleId> others() {
            List<RoleId> all = new ArrayList<>(with);
            for (Joining j : joining) {
                Stream.of(j.who(), j.at()).filter(r -> !all.contains(r)).forEach(all::add);
            }
            return all;
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.openPlay(this);
        }
    }

    private static String name(Enum<?> of) {
        return of.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static String names(List<? extends Enum<?>> all) {
        return all.stream().map(Deed::name).collect(Collectors.joining(", "));
    }

    /**
     * Calls something out.
     *
     * @param words what is called; stands for any when a set decides
     * @param set the set that it is picked from
     */
    record Calling(String words, Optional<CallId> set) implements Deed {
        public static final int MAX_LENGTH = 60;

        public Calling {
            Objects.requireNonNull(words, "words");
            Limits.text("call", words, MAX_LENGTH);
            Objects.requireNonNull(set, "set");
            if (words.isBlank() || words.length() > MAX_LENGTH) {
                throw new IllegalArgumentException(
                        "The call (\"%s\") needs 1 to %d characters.".formatted(words, MAX_LENGTH));
            }
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.calling(this);
        }
    }

    /** Puts the ball down where he stands. */
    record PuttingDown() implements Deed {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.puttingDown(this);
        }
    }

    private static void check(String what, double seconds) {
        if (!(seconds > 0 && seconds <= MAX_SECONDS)) {
            throw new IllegalArgumentException(
                    "The %s (%s s) must be above 0 and at most %s s.".formatted(what, seconds, MAX_SECONDS));
        }
    }
}
