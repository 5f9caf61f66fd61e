package wildchalk.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Shot;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.Timeline;
import wildchalk.core.reps.Block;
import wildchalk.core.reps.Conditions;
import wildchalk.core.reps.RepScript;
import wildchalk.core.reps.Setting;

/** What stations give, worked out once for so many people and so many seconds, however often a session is planned anew. */
public final class Simulations {

    /** More are not remembered: whoever drags a block for long asks for many lengths. */
    private static final int MOST = 4000;

    /** So far (m) a shot flies on that misses, where nothing stops it (estimate; a hard one goes farther). */
    private static final double MISSED_METRES = 8;

    /** The usual way of a version of one drill: the very drill, since to compare two whole ones takes longer than to run one. */
    private record Way(Drill drill, ProgressionId version) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Way w && w.drill == drill && w.version.equals(version);
        }

        @Override
        public int hashCode() {
            return 31 * System.identityHashCode(drill) + version.hashCode();
        }
    }

    private record Run(Way way, int people, int coaches, long seconds) {}

    private final Map<Way, RepScript> scripts = new ConcurrentHashMap<>();
    private final Map<Run, Block> blocks = new ConcurrentHashMap<>();
    private final Map<Way, List<Lane>> lanes = new ConcurrentHashMap<>();

    /** To whole seconds. */
    Block block(SetUp setUp, int people, int coaches, double seconds) {
        if (blocks.size() > MOST) {
            blocks.clear();
            scripts.clear();
            lanes.clear();
        }
        long whole = Math.max(1, Math.round(seconds));
        return blocks.computeIfAbsent(new Run(way(setUp), people, coaches, whole), r -> played(setUp, r));
    }

    /** Where shots of its usual way fly, as drawn: from who shoots through the goal and some metres on, if it is missed. */
    List<Lane> lanes(SetUp setUp) {
        return lanes.computeIfAbsent(way(setUp), w -> drawn(setUp));
    }

    /** @param from where the ball is let go */
    record Lane(Point from, Point to) {}

    private static List<Lane> drawn(SetUp setUp) {
        Timeline timeline = Timeline.of(setUp.path(), setUp.drill().surface(), Pace.of(setUp.drill()));
        List<Lane> all = new ArrayList<>();
        for (Move move : setUp.path().moves()) {
            MoveSpan span = timeline.move(move.id());
            if (move instanceof Shot shot && span.happens()) {
                setUp.drill().surface().goal(shot.goal()).ifPresent(goal -> {
                    Point from = timeline.poseAt(shot.role(), span.start()).at();
                    Point along = goal.centre().minus(from);
                    double length = Math.max(1e-6, along.length());
                    all.add(new Lane(from, goal.centre().plus(along.times(MISSED_METRES / length))));
                });
            }
        }
        return List.copyOf(all);
    }

    private static Way way(SetUp setUp) {
        return new Way(setUp.drill(), setUp.path().id());
    }

    private Block played(SetUp setUp, Run run) {
        Setting setting = Setting.drawn(setUp.drill(), setUp.path())
                .withPeople(run.people())
                .withMinutes(Math.min(run.seconds() / 60.0, Setting.MOST_MINUTES))
                .withCoaches(OptionalInt.of(Math.min(run.coaches(), Setting.MOST_COACHES)))
                .withBalls(OptionalInt.empty());
        List<Conditions> stations = setting.stations(setUp.path());
        return Block.of(script(setUp), stations.get(0), setting.minutes());
    }

    private RepScript script(SetUp setUp) {
        Way way = way(setUp);
        RepScript known = scripts.get(way);
        if (known == null) {
            Pace pace = Pace.of(setUp.drill());
            known = RepScript.of(
                    setUp.path(), Timeline.of(setUp.path(), setUp.drill().surface(), pace), pace);
            scripts.put(way, known);
        }
        return known;
    }
}
