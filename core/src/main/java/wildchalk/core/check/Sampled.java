package wildchalk.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/** Where everybody is, and who has the ball, at equal times of a rep: for rules that look at all of it. */
final class Sampled {

    /** From one look to the next, s. */
    static final double LOOK_SECONDS = 0.25;

    private final Map<RoleId, Point[]> places = new HashMap<>();
    private final Map<RoleId, Side> sides = new HashMap<>();
    private final List<Optional<RoleId>> holders = new ArrayList<>();

    private Sampled() {}

    static Sampled of(RunThrough run) {
        Sampled all = new Sampled();
        Timeline timeline = run.timeline();
        int looks = 1 + (int) Math.floor(timeline.seconds() / LOOK_SECONDS + 1e-9);
        for (Role role : run.path().roles()) {
            Point[] places = new Point[looks];
            for (int i = 0; i < looks; i++) {
                places[i] = timeline.placeAt(role.id(), seconds(i));
            }
            all.places.put(role.id(), places);
            all.sides.put(role.id(), role.side());
        }
        for (int i = 0; i < looks; i++) {
            all.holders.add(holder(timeline, seconds(i)));
        }
        return all;
    }

    /** Whoever has the first ball that somebody has. */
    private static Optional<RoleId> holder(Timeline timeline, double t) {
        for (BallId ball : timeline.ballIds()) {
            Optional<RoleId> holder = timeline.ballStateAt(ball, t).holder();
            if (holder.isPresent()) {
                return holder;
            }
        }
        return Optional.empty();
    }

    int looks() {
        return holders.size();
    }

    static double seconds(int look) {
        return look * LOOK_SECONDS;
    }

    Point at(RoleId role, int look) {
        return places.get(role)[look];
    }

    double apart(RoleId a, RoleId b, int look) {
        return at(a, look).distanceTo(at(b, look));
    }

    Optional<RoleId> holder(int look) {
        return holders.get(look);
    }

    boolean attackHasBall(int look) {
        return holder(look).map(sides::get).filter(s -> s == Side.ATTACK).isPresent();
    }
}
