package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.runthrough.RunThrough;

/**
 * Where attack and defence are, and who of the attack has the ball, at equal times of a rep: for rules that look at all of it. People
 * are counted from 0 in each side, in the order of the drill; looks from 0 at the whistle.
 */
final class Sampled {

    /** From one look to the next, s; longer only in reps longer than {@link #MOST_LOOKS} of them. */
    private static final double LOOK_SECONDS = 0.25;

    private static final int MOST_LOOKS = 400;

    private final List<RoleId> attack = new ArrayList<>();
    private final List<RoleId> defence = new ArrayList<>();
    private final Point[][] attackAt;
    private final Point[][] defenceAt;
    private final int[] carriers;
    private final double step;

    private Sampled(RunThrough run) {
        Timeline timeline = run.timeline();
        for (Role role : run.path().roles()) {
            if (role.side() == Side.ATTACK) {
                attack.add(role.id());
            } else if (role.side() == Side.DEFENCE) {
                defence.add(role.id());
            }
        }
        step = Math.max(LOOK_SECONDS, timeline.seconds() / MOST_LOOKS);
        List<MoveSpan> open = run.path().moves().stream()
                .filter(m -> m instanceof Act a && a.deed() instanceof OpenPlay)
                .map(m -> timeline.move(m.id()))
                .toList();
        carriers = new int[1 + (int) Math.floor(timeline.seconds() / step + 1e-9)];
        for (int i = 0; i < carriers.length; i++) {
            // what happens in open play is nobody's plan: there is nothing to say of it
            double t = seconds(i);
            boolean isOpen = open.stream().anyMatch(m -> m.happens() && m.start() <= t && t <= m.end());
            carriers[i] = isOpen ? -1 : holder(timeline, t).map(attack::indexOf).orElse(-1);
        }
        attackAt = places(timeline, attack);
        defenceAt = places(timeline, defence);
    }

    static Sampled of(RunThrough run) {
        return new Sampled(run);
    }

    private Point[][] places(Timeline timeline, List<RoleId> side) {
        Point[][] all = new Point[side.size()][carriers.length];
        for (int r = 0; r < all.length; r++) {
            for (int i = 0; i < carriers.length; i++) {
                all[r][i] = timeline.placeAt(side.get(r), seconds(i));
            }
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
        return carriers.length;
    }

    double seconds(int look) {
        return look * step;
    }

    List<RoleId> attack() {
        return attack;
    }

    List<RoleId> defence() {
        return defence;
    }

    Point[] attacker(int who) {
        return attackAt[who];
    }

    Point[] defender(int who) {
        return defenceAt[who];
    }

    Point attacker(int who, int look) {
        return attackAt[who][look];
    }

    Point defender(int who, int look) {
        return defenceAt[who][look];
    }

    /** Who of the attack has the ball; -1 for nobody. */
    int carrier(int look) {
        return carriers[look];
    }
}
