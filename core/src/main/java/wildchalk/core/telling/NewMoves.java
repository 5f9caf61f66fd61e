package wildchalk.core.telling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.DroppingOut;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Looking;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Seeks;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Skill;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trick;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.CarriedGear;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;

/** Moves that are not drawn but added: what somebody does where he is, as a coach would mean it first. */
public final class NewMoves {

    private NewMoves() {}

    /** One of each kind for a role, as it stands at the end of a step; those that need another leave him out if alone. */
    public static List<Move> offers(Path path, Timeline timeline, Surface surface, StepId step, RoleId role) {
        MoveId id = path.version().nextMoveId();
        double end = timeline.step(step).end();
        Optional<RoleId> other = nearest(path, timeline, role, end);
        List<Move> list = new ArrayList<>();
        list.add(new PickUp(id, role, Optional.empty(), false));
        list.add(act(id, role, new Deed.PuttingDown()));
        list.add(act(id, role, new Deed.Waiting(1)));
        list.add(act(id, role, new Deed.Turning(Deed.Turn.PIVOT, Hand.LEFT, 180)));
        list.add(act(id, role, Skill.of(Trick.FEINT)));
        Optional<Mark> ball = path.balls().stream().findFirst().map(b -> new Mark.TheBall(b.id()));
        ball.or(() -> other.map(Mark.Somebody::new)).ifPresent(m -> list.add(act(id, role, new Looking(m, Hand.NONE))));
        list.add(act(id, role, new DroppingOut()));
        gear(path, timeline, role, end).ifPresent(h -> list.add(act(id, role, h)));
        list.add(act(id, role, new Deed.Screening(other, 1.5)));
        other.ifPresent(o -> list.add(act(id, role, new Deed.Contact(o, Deed.Level.TOKEN, 0.5))));
        other.ifPresent(
                o -> list.add(act(id, role, new Deed.Contest(Deed.Kind.LOOSE_BALL, List.of(o), Optional.empty()))));
        boolean carries = other.filter(o -> holdsBall(path, timeline, o, end)).isPresent();
        Bid bid = carries ? Bids.usual(surface.sport()) : Bid.INTERCEPTION;
        other.ifPresent(o -> list.add(act(id, role, Challenge.of(bid, o))));
        list.add(new Travel(
                        id,
                        role,
                        Optional.empty(),
                        false,
                        Manner.FORWARD,
                        Effort.HARD,
                        List.of(new Waypoint(timeline.poseAt(role, end).at().toMillimetres(), false)))
                .withSeeks(Optional.of(Seeks.BALL)));
        other.ifPresent(o -> list.add(
                marks(path, surface, id, role, o, timeline.poseAt(role, end).at())));
        List<RoleId> rest = path.roles().stream()
                .filter(r -> r.side() != Side.COACH && !r.id().equals(role))
                .map(Role::id)
                .toList();
        if (!rest.isEmpty()) {
            list.add(act(id, role, OpenPlay.with(rest, Optional.empty())));
        }
        Optional<CallSet> calls = path.course().calls().stream().findFirst();
        String words = calls.map(c -> String.join(", ", c.options())).orElse("go");
        list.add(act(
                id,
                role,
                new Deed.Calling(
                        words.substring(0, Math.min(words.length(), Deed.Calling.MAX_LENGTH)),
                        calls.map(CallSet::id))));
        return list;
    }

    /** He puts down what he has, else takes what stands there, or what is nearest. */
    private static Optional<Deed> gear(Path path, Timeline timeline, RoleId role, double t) {
        CarriedGear carried = CarriedGear.of(path, timeline);
        List<Gear> some = path.gear().stream()
                .filter(g -> HandlingGear.canBeCarried(g.kind()))
                .toList();
        Optional<Gear> has = some.stream()
                .filter(g -> carried.holder(g.id()).equals(Optional.of(role)))
                .findFirst();
        Point here = timeline.placeAt(role, t);
        return has.<Deed>map(g -> new HandlingGear(g.id(), HandlingGear.Way.PUT))
                .or(() -> some.stream()
                        .min(Comparator.comparingDouble(
                                g -> carried.at(g, t).at().distanceTo(here)))
                        .map(g -> new HandlingGear(g.id(), HandlingGear.Way.TAKE)));
    }

    /** Somebody stays with another, as he marks him; his way is worked out from the other's. */
    public static Travel marks(Path path, Surface surface, MoveId id, RoleId role, RoleId whom, Point from) {
        Optional<String> goal = Goals.nearest(path, surface, path.startOf(role)).map(GoalMouth::id);
        return new Travel(
                        id,
                        role,
                        Optional.empty(),
                        false,
                        Manner.FORWARD,
                        Effort.HARD,
                        List.of(new Waypoint(from.toMillimetres(), false)))
                .withFollows(Optional.of(Following.marking(whom, goal)));
    }

    /**
     * Open play of some, or of all but coaches where fewer than two are meant; told of whoever has the ball, in the zone that all of them
     * stand in. Empty where nobody is there to play with.
     */
    public static Optional<Move> openPlay(Path path, Timeline timeline, StepId step, Set<RoleId> meant) {
        double end = timeline.step(step).end();
        List<RoleId> all = path.roles().stream()
                .filter(r -> meant.size() > 1 ? meant.contains(r.id()) : r.side() != Side.COACH)
                .map(Role::id)
                .toList();
        if (all.size() < 2) {
            return Optional.empty();
        }
        RoleId first = all.stream()
                .filter(r -> holdsBall(path, timeline, r, end))
                .findFirst()
                .orElse(all.get(0));
        Optional<String> zone = path.layout().zones().stream()
                .map(MarkedZone::asZone)
                .filter(z -> all.stream()
                        .allMatch(r -> z.contains(timeline.poseAt(r, end).at())))
                .map(Zone::id)
                .findFirst();
        List<RoleId> rest = all.stream().filter(r -> !r.equals(first)).toList();
        return Optional.of(act(path.version().nextMoveId(), first, OpenPlay.with(rest, zone)));
    }

    private static boolean holdsBall(Path path, Timeline timeline, RoleId role, double t) {
        return path.balls().stream()
                .anyMatch(b -> timeline.ballStateAt(b.id(), t).holder().equals(Optional.of(role)));
    }

    private static Act act(MoveId id, RoleId role, Deed deed) {
        return new Act(id, role, Optional.empty(), false, deed);
    }

    /** Of the other side where there is somebody. */
    private static Optional<RoleId> nearest(Path path, Timeline timeline, RoleId role, double t) {
        Role own = path.role(role).orElseThrow();
        return path.roles().stream()
                .filter(r -> !r.id().equals(role))
                .min(Comparator.comparing((Role r) -> r.side() == own.side())
                        .thenComparingDouble(r -> timeline.poseAt(r.id(), t)
                                .at()
                                .distanceTo(timeline.poseAt(role, t).at())))
                .map(Role::id);
    }
}
