package wildchalk.core.telling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Seeks;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/** Moves that are not drawn but added: what somebody does where he is, as a coach would mean it first. */
public final class NewMoves {

    private NewMoves() {}

    /** One of each kind for a role, as it stands at the end of a step; those that need another leave him out if alone. */
    public static List<Move> offers(Path path, Timeline timeline, String sport, StepId step, RoleId role) {
        MoveId id = path.version().nextMoveId();
        double end = timeline.step(step).end();
        Optional<RoleId> other = nearest(path, timeline, role, end);
        List<Move> list = new ArrayList<>();
        list.add(new PickUp(id, role, Optional.empty(), false));
        list.add(act(id, role, new Deed.PuttingDown()));
        list.add(act(id, role, new Deed.Waiting(1)));
        list.add(act(id, role, new Deed.Turning(Deed.Turn.PIVOT, Hand.LEFT, 180)));
        list.add(act(id, role, new Deed.Screening(other, 1.5)));
        other.ifPresent(o -> list.add(act(id, role, new Deed.Contact(o, Deed.Level.TOKEN, 0.5))));
        other.ifPresent(
                o -> list.add(act(id, role, new Deed.Contest(Deed.Kind.LOOSE_BALL, List.of(o), Optional.empty()))));
        boolean carries = other.filter(o -> holdsBall(path, timeline, o, end)).isPresent();
        Deed.Bid bid = carries ? Bids.usual(sport) : Deed.Bid.INTERCEPTION;
        other.ifPresent(o -> list.add(act(id, role, Deed.Challenge.of(bid, o))));
        list.add(new Travel(
                        id,
                        role,
                        Optional.empty(),
                        false,
                        Manner.FORWARD,
                        Effort.HARD,
                        List.of(new Waypoint(timeline.poseAt(role, end).at().toMillimetres(), false)))
                .withSeeks(Optional.of(Seeks.BALL)));
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
