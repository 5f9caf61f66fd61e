package wildchalk.core.session;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;

/** Made-up sessions for tests. */
public final class RandomSessions {

    private RandomSessions() {}

    /** Nothing planned yet: an hour on a handball court. */
    public static Session blank(Optional<Squad> squad, int people) {
        return new Session(
                new SessionId("s"),
                "S",
                LocalDate.of(2026, 12, 3),
                LocalTime.of(18, 0),
                60,
                new SurfaceUse("handball", "whole"),
                squad.map(Squad::id),
                people,
                List.of(),
                List.of(),
                List.of(),
                Kit.UNCOUNTED,
                List.of(),
                List.of(),
                List.of(),
                "");
    }

    public static StationPlan station(String id, Drill drill, Point at, List<String> groups) {
        return new StationPlan(
                new Station(new StationId(id), Point.ORIGIN, at, 0, false),
                drill.id(),
                Optional.empty(),
                Optional.empty(),
                groups);
    }

    public static SessionBlock drilling(String id, double minutes, What.Turning turning, List<StationPlan> stations) {
        return new SessionBlock(
                new BlockId(id), id, minutes, false, "", new What.Drilling(stations, turning, What.Correcting.OPEN));
    }

    public static SessionBlock plain(String id, double minutes, What.Kind kind) {
        return new SessionBlock(new BlockId(id), id, minutes, false, "", new What.Plain(kind, ""));
    }

    /** Groups that part a squad. */
    public static List<Group> groups(Squad squad, int count) {
        List<Group> groups = new ArrayList<>();
        for (int g = 0; g < count; g++) {
            List<PlayerId> in = new ArrayList<>();
            for (int i = g; i < squad.players().size(); i += count) {
                in.add(squad.players().get(i).id());
            }
            groups.add(new Group(
                    "g" + (g + 1), "Group " + (g + 1), Optional.of(Chalk.values()[g % 6]), Optional.empty(), in));
        }
        return groups;
    }

    /** A session of blocks of every kind. */
    public static Session of(long seed, Squad squad, List<Drill> drills) {
        Random random = new Random(seed);
        int count = 1 + random.nextInt(4);
        List<Group> groups = groups(squad, count);
        List<SessionBlock> blocks = new ArrayList<>();
        for (int b = 0; b < 1 + random.nextInt(7); b++) {
            double minutes = 1 + random.nextInt(40) / 2.0;
            if (random.nextInt(3) == 0) {
                SessionBlock block = plain("b" + b, minutes, What.Kind.values()[random.nextInt(5)]);
                double seconds = 20 + random.nextInt(40);
                blocks.add(
                        random.nextInt(4) > 0
                                ? block
                                : block.withBeat(Optional.of(
                                        new Beat(seconds, seconds + random.nextInt(20), random.nextInt(30)))));
            } else {
                List<StationPlan> stations = new ArrayList<>();
                for (int s = 0; s < count; s++) {
                    Drill drill = drills.get(random.nextInt(drills.size()));
                    Station place = new Station(
                            new StationId("s" + s),
                            new Point(random.nextInt(9), 0),
                            new Point(random.nextInt(20) - 10, random.nextInt(10)),
                            random.nextInt(4) * 90 - 90,
                            random.nextBoolean());
                    stations.add(new StationPlan(
                            place,
                            random.nextInt(12) == 0 ? new DrillId("nothing") : drill.id(),
                            Optional.empty(),
                            random.nextBoolean()
                                    ? Optional.empty()
                                    : Optional.of(new CoachId("c" + (1 + random.nextInt(2)))),
                            List.of("g" + (s + 1))));
                }
                blocks.add(drilling("b" + b, minutes, What.Turning.values()[random.nextInt(3)], stations));
            }
        }
        Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        gear.put(GearKind.CONE, random.nextInt(20));
        return blank(Optional.of(squad), 0)
                .withGroups(groups)
                .withCoaches(List.of(new Coach(new CoachId("c1"), "Tove"), new Coach(new CoachId("c2"), "Marek")))
                .withKit(random.nextBoolean() ? Kit.UNCOUNTED : new Kit(gear, random.nextInt(30)))
                .withAbsent(squad.players().stream()
                        .map(Player::id)
                        .filter(p -> random.nextInt(8) == 0)
                        .toList())
                .withBeside(
                        random.nextBoolean()
                                ? List.of()
                                : List.of(new Beside(
                                        new BlockId("k"),
                                        "Keepers",
                                        random.nextInt(20),
                                        5,
                                        List.of(squad.players().get(0).id()),
                                        Optional.empty(),
                                        "")))
                .withBlocks(blocks);
    }
}
