package wildchalk.core.words;

import static wildchalk.core.words.Rewordings.deed;
import static wildchalk.core.words.SentenceWriter.each;
import static wildchalk.core.words.SentenceWriter.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.DroppingOut;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Looking;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Skill;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trick;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.CarriedGear;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.SportTexts;

/** Writes what is done on the spot. */
final class DeedWriter {

    private static final List<Double> SECONDS = List.of(0.5, 1.0, 1.5, 2.0, 3.0, 5.0);
    private static final List<Double> DEGREES = List.of(45.0, 90.0, 135.0, 180.0, 270.0, 360.0);
    private static final List<Hand> HANDS = List.of(Hand.LEFT, Hand.RIGHT);

    private final Path path;
    private final Surface surface;
    private final MarkNames marked;
    private final ChallengeWriter challenges;
    private final PlayWriter plays;
    private final Places places;

    DeedWriter(Path path, Surface surface, Timeline timeline, Places places) {
        this.challenges = new ChallengeWriter(path, surface, timeline);
        this.plays = new PlayWriter(path, surface);
        this.path = path;
        this.places = places;
        this.surface = surface;
        this.marked = new MarkNames(path, surface, places);
    }

    Void write(List<Phrase> phrases, Act act) {
        return act.deed().match(new Deed.Cases<Void>() {
            @Override
            public Void waiting(Deed.Waiting w) {
                plain(phrases, text("words.waits"));
                return seconds(phrases, w.seconds(), Deed.Waiting.class, (d, n) -> new Deed.Waiting(n));
            }

            @Override
            public Void turning(Deed.Turning t) {
                return turn(phrases, act, t);
            }

            @Override
            public Void screening(Deed.Screening s) {
                plain(phrases, text("words.screens"));
                phrases.add(new Phrase.Slot(
                        SlotKind.OTHER,
                        s.against().map(r -> text("words.against", label(r))).orElse(""),
                        text("words.against-prompt"),
                        () -> others(
                                act,
                                r -> text("words.against", r.label()),
                                Deed.Screening.class,
                                (d, r) -> new Deed.Screening(Optional.of(r), d.seconds()))));
                return seconds(
                        phrases, s.seconds(), Deed.Screening.class, (d, n) -> new Deed.Screening(d.against(), n));
            }

            @Override
            public Void contact(Deed.Contact c) {
                plain(phrases, SportTexts.get("meets", surface.sport(), "contact"));
                phrases.add(new Phrase.Slot(
                        SlotKind.OTHER,
                        label(c.with()),
                        "",
                        () -> others(
                                act,
                                Role::label,
                                Deed.Contact.class,
                                (d, r) -> new Deed.Contact(r, d.level(), d.seconds()))));
                phrases.add(new Phrase.Slot(
                        SlotKind.LEVEL,
                        text("level." + c.level()),
                        "",
                        () -> each(
                                Deed.Level.values(),
                                l -> new Phrase.Choice(
                                        text("level." + l),
                                        deed(Deed.Contact.class, d -> new Deed.Contact(d.with(), l, d.seconds()))))));
                return seconds(
                        phrases, c.seconds(), Deed.Contact.class, (d, n) -> new Deed.Contact(d.with(), d.level(), n));
            }

            @Override
            public Void contest(Deed.Contest c) {
                return contested(phrases, act, c);
            }

            @Override
            public Void challenge(Challenge c) {
                challenges.write(phrases, act, c);
                return null;
            }

            @Override
            public Void openPlay(OpenPlay p) {
                plays.write(phrases, act, p);
                return null;
            }

            @Override
            public Void skill(Skill s) {
                return skilled(phrases, s);
            }

            @Override
            public Void looking(Looking l) {
                return looks(phrases, act, l);
            }

            @Override
            public Void droppingOut(DroppingOut d) {
                return plain(phrases, text("words.drops-out"));
            }

            @Override
            public Void handlingGear(HandlingGear h) {
                return handles(phrases, act, h);
            }

            @Override
            public Void calling(Deed.Calling c) {
                return call(phrases, act, c);
            }

            @Override
            public Void puttingDown(Deed.PuttingDown p) {
                return plain(phrases, text("words.puts-down", surface.ballName()));
            }
        });
    }

    /** "Takes the red cone along", "puts it down". */
    private Void handles(List<Phrase> phrases, Act act, HandlingGear h) {
        String key = "words.gear." + h.way();
        String which = isMeant(act, h) ? text("words.gear.it") : gear(h.gear());
        phrases.add(new Phrase.Slot(
                SlotKind.KIND,
                text(key, which),
                "",
                () -> path.gear().stream()
                        .filter(g -> HandlingGear.canBeCarried(g.kind()))
                        .map(g -> new Phrase.Choice(
                                text(key, gear(g.id())), deed(HandlingGear.class, d -> d.withGear(g.id()))))
                        .toList()));
        return null;
    }

    /** Whether everybody knows which piece: he took it before, or has just gone to it. */
    private boolean isMeant(Act act, HandlingGear h) {
        List<Move> his =
                path.moves().stream().filter(m -> m.role().equals(act.role())).toList();
        List<Move> before = his.subList(0, his.stream().map(Move::id).toList().indexOf(act.id()));
        if (h.way() == HandlingGear.Way.PUT) {
            return before.stream()
                    .filter(m -> m instanceof Act a && a.deed() instanceof HandlingGear)
                    .reduce((a, b) -> b)
                    .filter(m -> ((Act) m).deed().equals(new HandlingGear(h.gear(), HandlingGear.Way.TAKE)))
                    .isPresent();
        }
        boolean sameStep = path.stepOf(act.id())
                .equals(
                        before.isEmpty()
                                ? Optional.empty()
                                : path.stepOf(last(before).id()));
        Optional<Point> lies = path.gear().stream()
                .filter(g -> g.id().equals(h.gear()))
                .map(Gear::at)
                .findFirst();
        return sameStep
                && last(before) instanceof Travel t
                && lies.filter(p -> p.isWithin(
                                CarriedGear.REACH_METRES,
                                t.path().get(t.path().size() - 1).at()))
                        .isPresent();
    }

    private static Move last(List<Move> moves) {
        return moves.get(moves.size() - 1);
    }

    private String gear(GearId id) {
        return path.gear().stream()
                .filter(g -> g.id().equals(id))
                .findFirst()
                .map(places::gear)
                .orElse(id.text());
    }

    private Void turn(List<Phrase> phrases, Act act, Deed.Turning t) {
        phrases.add(new Phrase.Slot(
                SlotKind.KIND,
                text("turn." + t.turn()),
                "",
                () -> each(
                        Deed.Turn.values(),
                        k -> new Phrase.Choice(
                                text("turn." + k),
                                deed(Deed.Turning.class, d -> new Deed.Turning(k, d.hand(), d.degrees()))))));
        phrases.add(new Phrase.Slot(
                SlotKind.HAND,
                text("hand." + t.hand()),
                "",
                () -> each(
                        HANDS.toArray(new Hand[0]),
                        h -> new Phrase.Choice(
                                text("hand." + h),
                                deed(Deed.Turning.class, d -> new Deed.Turning(d.turn(), h, d.degrees()))))));
        phrases.add(new Phrase.Slot(
                SlotKind.DEGREES,
                text("words.degrees", Numbers.brief(t.degrees(), 0)),
                "",
                () -> DEGREES.stream()
                        .map(n -> new Phrase.Choice(
                                text("words.degrees", Numbers.brief(n, 0)),
                                deed(Deed.Turning.class, d -> new Deed.Turning(d.turn(), d.hand(), n))))
                        .toList()));
        return null;
    }

    private Void contested(List<Phrase> phrases, Act act, Deed.Contest c) {
        phrases.add(new Phrase.Slot(
                SlotKind.KIND,
                contest(c.kind()),
                "",
                () -> each(
                        Stream.of(Deed.Kind.values())
                                .filter(k -> k == c.kind() || SportTexts.has("contest", surface.sport(), k.name()))
                                .toArray(Deed.Kind[]::new),
                        k -> new Phrase.Choice(
                                contest(k),
                                deed(Deed.Contest.class, d -> new Deed.Contest(k, d.rivals(), d.winner()))))));
        String rivals = ReadOut.list(c.rivals().stream().map(this::label).toList());
        phrases.add(new Phrase.Slot(SlotKind.OTHER, text("words.with-rivals", rivals), "", () -> rivals(act, c)));
        RoleId winner = c.winner().orElse(act.role());
        if (SentenceWriter.isDecidedByPath(path, act)) {
            return plain(phrases, wins(act, winner));
        }
        phrases.add(new Phrase.Slot(
                SlotKind.HOW,
                wins(act, winner),
                "",
                () -> path.roles().stream()
                        .filter(r -> c.rivals().contains(r.id()) || r.id().equals(act.role()))
                        .map(r -> new Phrase.Choice(
                                wins(act, r.id()), deed(Deed.Contest.class, d -> d.withWinner(Optional.of(r.id())))))
                        .toList()));
        return null;
    }

    private String contest(Deed.Kind kind) {
        return SportTexts.get("contest", surface.sport(), kind.name(), surface.ballName());
    }

    private String wins(Act act, RoleId winner) {
        return winner.equals(act.role()) ? text("words.wins-it") : text("words.wins", label(winner));
    }

    /** One more or one less of the others. */
    private List<Phrase.Choice> rivals(Act act, Deed.Contest c) {
        List<Phrase.Choice> choices = new ArrayList<>();
        for (Role role : path.roles()) {
            if (role.id().equals(act.role())) {
                continue;
            }
            boolean there = c.rivals().contains(role.id());
            if (!there || c.rivals().size() > 1) {
                choices.add(new Phrase.Choice(
                        text(there ? "words.without" : "words.and-also", role.label()),
                        deed(Deed.Contest.class, d -> with(d, role.id(), !there))));
            }
        }
        return choices;
    }

    private static Deed with(Deed.Contest contest, RoleId rival, boolean wanted) {
        List<RoleId> rivals = new ArrayList<>(contest.rivals());
        rivals.remove(rival);
        if (wanted) {
            rivals.add(rival);
        }
        return rivals.isEmpty()
                ? contest
                : new Deed.Contest(contest.kind(), rivals, contest.winner().filter(w -> wanted || !w.equals(rival)));
    }

    private Void skilled(List<Phrase> phrases, Skill s) {
        phrases.add(new Phrase.Slot(
                SlotKind.KIND,
                trick(s.trick(), s.name()),
                "",
                () -> Stream.of(Trick.values())
                        .filter(t -> t != Trick.OWN)
                        .map(t -> new Phrase.Choice(trick(t, ""), deed(Skill.class, d -> new Skill(t, "", d.hand()))))
                        .toList()));
        phrases.add(new Phrase.Slot(
                SlotKind.HAND,
                s.hand() == Hand.NONE ? "" : text("hand." + s.hand()),
                text("trick.side-prompt"),
                () -> Stream.of(Hand.NONE, Hand.LEFT, Hand.RIGHT)
                        .map(h -> new Phrase.Choice(
                                text(h == Hand.NONE ? "trick.no-side" : "hand." + h),
                                deed(Skill.class, d -> d.withHand(h))))
                        .toList()));
        return null;
    }

    /** "Looks over the left shoulder at the ball." */
    private Void looks(List<Phrase> phrases, Act act, Looking l) {
        plain(phrases, text("words.looks"));
        phrases.add(new Phrase.Slot(
                SlotKind.HAND,
                l.over() == Hand.NONE ? "" : text("look.over." + l.over()),
                text("look.over-prompt"),
                () -> Stream.of(Hand.values())
                        .map(h -> new Phrase.Choice(text("look.over." + h), deed(Looking.class, d -> d.withOver(h))))
                        .toList()));
        List<Mark> marks = new ArrayList<>();
        path.balls().stream().limit(1).forEach(b -> marks.add(new Mark.TheBall(b.id())));
        path.roles().stream()
                .filter(r -> !r.id().equals(act.role()))
                .forEach(r -> marks.add(new Mark.Somebody(r.id())));
        Goals.nearest(path, surface, path.startOf(act.role())).ifPresent(g -> marks.add(new Mark.TheGoal(g.id())));
        phrases.add(new Phrase.Slot(
                SlotKind.OTHER,
                text("words.looks-at", marked.of(l.at())),
                "",
                () -> marks.stream()
                        .map(m -> new Phrase.Choice(
                                text("words.looks-at", marked.of(m)), deed(Looking.class, d -> d.withAt(m))))
                        .toList()));
        return null;
    }

    private String trick(Trick trick, String name) {
        return SportTexts.get("trick", surface.sport(), trick.name(), name);
    }

    private Void call(List<Phrase> phrases, Act act, Deed.Calling c) {
        plain(phrases, text("words.calls"));
        // on a path it is decided what is called from a set
        if (c.set().isPresent()) {
            return plain(phrases, text("words.quoted", c.words()));
        }
        phrases.add(new Phrase.Slot(
                SlotKind.WORDS,
                text("words.quoted", c.words()),
                "",
                () -> path.course().calls().stream()
                        .map(set -> new Phrase.Choice(
                                oneOf(set),
                                deed(Deed.Calling.class, d -> new Deed.Calling(oneOf(set), Optional.of(set.id())))))
                        .toList()));
        return null;
    }

    private static String oneOf(CallSet set) {
        String all = text("words.one-of", String.join(", ", set.options()));
        return all.substring(0, Math.min(Deed.Calling.MAX_LENGTH, all.length()));
    }

    // ---- parts ----

    private static Void plain(List<Phrase> phrases, String text) {
        phrases.add(new Phrase.Plain(text));
        return null;
    }

    private static <D extends Deed> Void seconds(
            List<Phrase> phrases, double now, Class<D> kind, BiFunction<D, Double, Deed> with) {
        phrases.add(new Phrase.Slot(
                SlotKind.SECONDS,
                lasting(now),
                "",
                () -> SECONDS.stream()
                        .map(s -> new Phrase.Choice(lasting(s), deed(kind, d -> with.apply(d, s))))
                        .toList()));
        return null;
    }

    /** As one says it. */
    private static String lasting(double seconds) {
        if (seconds == 0.5 || seconds == 1) {
            return text(seconds == 1 ? "words.for-a-second" : "words.for-half-a-second");
        }
        return text("words.for-seconds", Numbers.brief(seconds, 1));
    }

    private <D extends Deed> List<Phrase.Choice> others(
            Act act, Function<Role, String> label, Class<D> kind, BiFunction<D, RoleId, Deed> with) {
        return path.roles().stream()
                .filter(r -> !r.id().equals(act.role()))
                .map(r -> new Phrase.Choice(label.apply(r), deed(kind, d -> with.apply(d, r.id()))))
                .toList();
    }

    private String label(RoleId role) {
        return SentenceWriter.label(path, role);
    }
}
