package wildchalk.core.session;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ProgressionId;
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

    /** To whole seconds. */
    Block block(SetUp setUp, int people, int coaches, double seconds) {
        if (blocks.size() > MOST) {
            blocks.clear();
            scripts.clear();
        }
        long whole = Math.max(1, Math.round(seconds));
        return blocks.computeIfAbsent(new Run(way(setUp), people, coaches, whole), r -> played(setUp, r));
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
