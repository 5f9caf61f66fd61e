package wildchalk.core.session;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;
import wildchalk.core.geometry.Point;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.text.Slugs;

/** What a hand does to a session: each a function to the next. What names something that is not there changes nothing. */
public final class Sessions {

    private static final double LEAST_MINUTES = 0.5;

    private Sessions() {}

    // ---- blocks ----

    private static Session each(Session s, BlockId id, UnaryOperator<SessionBlock> change) {
        return s.withBlocks(s.blocks().stream()
                .map(b -> b.id().equals(id) ? change.apply(b) : b)
                .toList());
    }

    private static int indexOf(Session s, BlockId id) {
        for (int i = 0; i < s.blocks().size(); i++) {
            if (s.blocks().get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    /** To whole tenths, half a minute at least. */
    public static Session minutes(Session s, BlockId id, double minutes) {
        double tenths = Math.round(10 * Math.max(LEAST_MINUTES, Math.min(SessionBlock.MOST_MINUTES, minutes))) / 10.0;
        return each(s, id, b -> b.withMinutes(tenths));
    }

    public static Session title(Session s, BlockId id, String title) {
        return each(s, id, b -> b.withTitle(title));
    }

    public static Session must(Session s, BlockId id, boolean stays) {
        return each(s, id, b -> b.withMust(stays));
    }

    public static Session aim(Session s, BlockId id, String aim) {
        return each(s, id, b -> b.withAim(aim));
    }

    /** Shifts or intervals within a block; none with empty. */
    public static Session beat(Session s, BlockId id, Optional<Beat> beat) {
        return each(s, id, b -> b.withBeat(beat));
    }

    /** So many goes each at least; 0 where minutes alone count. */
    public static Session goes(Session s, BlockId id, int goes) {
        return each(s, id, b -> b.withGoes(Math.max(0, Math.min(SessionBlock.MOST_GOES, goes))));
    }

    /** Two blocks change places. */
    public static Session swapped(Session s, BlockId one, BlockId other) {
        int a = indexOf(s, one);
        int b = indexOf(s, other);
        if (a < 0 || b < 0) {
            return s;
        }
        List<SessionBlock> list = new ArrayList<>(s.blocks());
        java.util.Collections.swap(list, a, b);
        return s.withBlocks(list);
    }

    public static Session correcting(Session s, BlockId id, What.Correcting how) {
        return drilling(s, id, d -> new What.Drilling(d.stations(), d.turning(), how));
    }

    /** What is said or done in a block without drills. */
    public static Session text(Session s, BlockId id, String text) {
        return each(s, id, b -> b.what() instanceof What.Plain p ? what(b, new What.Plain(p.kind(), text)) : b);
    }

    private static SessionBlock what(SessionBlock b, What what) {
        return b.withWhat(what);
    }

    /** So many places later; earlier where it is less than nothing. */
    public static Session moved(Session s, BlockId id, int places) {
        int from = indexOf(s, id);
        if (from < 0) {
            return s;
        }
        List<SessionBlock> list = new ArrayList<>(s.blocks());
        SessionBlock block = list.remove(from);
        list.add(Math.max(0, Math.min(list.size(), from + places)), block);
        return s.withBlocks(list);
    }

    public static Session removed(Session s, BlockId id) {
        return s.withBlocks(s.blocks().stream().filter(b -> !b.id().equals(id)).toList());
    }

    /** In two halves, one after the other, to be changed each by itself. */
    public static Session split(Session s, BlockId id) {
        int at = indexOf(s, id);
        if (at < 0 || s.blocks().get(at).minutes() < 2 * LEAST_MINUTES) {
            return s;
        }
        SessionBlock whole = s.blocks().get(at);
        double half = Math.round(5 * whole.minutes()) / 10.0;
        List<SessionBlock> list = new ArrayList<>(s.blocks());
        list.set(at, whole.withMinutes(half));
        SessionBlock rest = whole.withId(next(s)).withMinutes(whole.minutes() - half);
        list.add(at + 1, rest);
        return s.withBlocks(list);
    }

    /** The id that the next new block gets. */
    public static BlockId next(Session s) {
        List<String> taken = new ArrayList<>();
        s.blocks().forEach(b -> taken.add(b.id().text()));
        s.beside().forEach(b -> taken.add(b.id().text()));
        return new BlockId(Slugs.next("b", taken));
    }

    /** Behind a block; at the end where there is none of that name. */
    private static Session behind(Session s, Optional<BlockId> before, SessionBlock block) {
        List<SessionBlock> list = new ArrayList<>(s.blocks());
        int at = before.map(id -> indexOf(s, id)).filter(i -> i >= 0).orElse(list.size() - 1);
        list.add(at + 1, block);
        return s.withBlocks(list);
    }

    public static Session plain(Session s, Optional<BlockId> before, What.Kind kind, double minutes) {
        boolean water = kind == What.Kind.WATER;
        return behind(s, before, new SessionBlock(next(s), "", minutes, water, "", new What.Plain(kind, "")));
    }

    /** A block with a drill where it is drawn, for all groups. */
    public static Session drill(Session s, Optional<BlockId> before, DrillId drill, String title, double minutes) {
        List<String> all = s.groups().stream().map(Group::id).toList();
        StationPlan station = station("s1", drill, all);
        What what = new What.Drilling(List.of(station), What.Turning.NONE, What.Correcting.OPEN);
        return behind(s, before, new SessionBlock(next(s), title, minutes, false, "", what));
    }

    /** Where its drill is drawn, led by nobody. */
    static StationPlan station(String id, DrillId drill, List<String> groups) {
        return new StationPlan(
                new Station(new StationId(id), Point.ORIGIN, Point.ORIGIN, 0, false),
                drill,
                Optional.empty(),
                Optional.empty(),
                groups);
    }

    // ---- stations ----

    private static Session drilling(Session s, BlockId id, UnaryOperator<What.Drilling> change) {
        return each(s, id, b -> b.what() instanceof What.Drilling d ? what(b, change.apply(d)) : b);
    }

    private static Session station(Session s, BlockId id, StationId station, UnaryOperator<StationPlan> change) {
        return drilling(
                s,
                id,
                d -> new What.Drilling(
                        d.stations().stream()
                                .map(x -> x.id().equals(station) ? change.apply(x) : x)
                                .toList(),
                        d.turning(),
                        d.correcting()));
    }

    public static Session turning(Session s, BlockId id, What.Turning turning) {
        return drilling(s, id, d -> new What.Drilling(d.stations(), turning, d.correcting()));
    }

    /** One station more beside those that are there; groups are parted among all of them, and go round. */
    public static Session stationMore(Session s, BlockId id, DrillId drill) {
        return drilling(s, id, d -> {
            List<String> taken = d.stations().stream().map(x -> x.id().text()).toList();
            List<StationPlan> list = new ArrayList<>(d.stations());
            list.add(station(Slugs.next("s", taken), drill, List.of()));
            return new What.Drilling(
                    parted(list, s.groups()),
                    s.groups().size() >= list.size() ? What.Turning.GROUPS : d.turning(),
                    d.correcting());
        });
    }

    /** Groups one after the other to the stations in turn. */
    private static List<StationPlan> parted(List<StationPlan> stations, List<Group> groups) {
        List<StationPlan> list = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            List<String> here = new ArrayList<>();
            for (int g = i; g < groups.size(); g += stations.size()) {
                here.add(groups.get(g).id());
            }
            list.add(withGroups(stations.get(i), here));
        }
        return list;
    }

    private static StationPlan withGroups(StationPlan s, List<String> groups) {
        return new StationPlan(s.place(), s.drill(), s.version(), s.coach(), groups);
    }

    /** The last station cannot be taken out: then the block goes. */
    public static Session stationGone(Session s, BlockId id, StationId station) {
        boolean last = s.blocks().stream()
                .anyMatch(b -> b.id().equals(id)
                        && b.what() instanceof What.Drilling d
                        && d.stations().size() == 1
                        && d.stations().get(0).id().equals(station));
        return last
                ? removed(s, id)
                : drilling(s, id, d -> {
                    List<StationPlan> left = d.stations().stream()
                            .filter(x -> !x.id().equals(station))
                            .toList();
                    return new What.Drilling(
                            parted(left, s.groups()),
                            left.size() < 2 && d.turning() == What.Turning.GROUPS ? What.Turning.NONE : d.turning(),
                            d.correcting());
                });
    }

    public static Session coach(Session s, BlockId id, StationId station, Optional<CoachId> coach) {
        return station(s, id, station, x -> new StationPlan(x.place(), x.drill(), x.version(), coach, x.groups()));
    }

    /** At the other end of the floor, turned about its middle. */
    public static Session otherEnd(Session s, BlockId id, StationId station) {
        return station(
                s,
                id,
                station,
                x -> new StationPlan(
                        new Station(
                                x.id(),
                                x.place().from(),
                                x.place().at().times(-1).toMillimetres(),
                                x.place().turnDegrees() + 180,
                                x.place().mirrored()),
                        x.drill(),
                        x.version(),
                        x.coach(),
                        x.groups()));
    }

    /** Where its drill is drawn. */
    public static Session asDrawn(Session s, BlockId id, StationId station) {
        return station(
                s,
                id,
                station,
                x -> new StationPlan(
                        new Station(x.id(), Point.ORIGIN, Point.ORIGIN, 0, false),
                        x.drill(),
                        x.version(),
                        x.coach(),
                        x.groups()));
    }

    // ---- people ----

    /** Whoever was absent is there, or the other way round. */
    public static Session absent(Session s, PlayerId player, boolean is) {
        List<PlayerId> list = new ArrayList<>(s.absent());
        list.remove(player);
        if (is) {
            list.add(player);
        }
        return s.withAbsent(list);
    }

    /** Somebody goes into a group, and out of the one that he is in. */
    public static Session intoGroup(Session s, PlayerId player, String group) {
        return s.group(group).isEmpty()
                ? s
                : s.withGroups(s.groups().stream()
                        .map(g -> {
                            List<PlayerId> in = new ArrayList<>(g.players());
                            in.remove(player);
                            if (g.id().equals(group)) {
                                in.add(player);
                            }
                            return g.withPlayers(in);
                        })
                        .toList());
    }

    /** Somebody does not come to lead: what he led nobody does. */
    public static Session coachGone(Session s, CoachId coach) {
        Optional<CoachId> gone = Optional.of(coach);
        return s.withBlocks(s.blocks().stream()
                        .map(b -> b.what() instanceof What.Drilling d
                                ? what(
                                        b,
                                        new What.Drilling(
                                                d.stations().stream()
                                                        .map(x -> x.coach().equals(gone)
                                                                ? new StationPlan(
                                                                        x.place(),
                                                                        x.drill(),
                                                                        x.version(),
                                                                        Optional.empty(),
                                                                        x.groups())
                                                                : x)
                                                        .toList(),
                                                d.turning(),
                                                d.correcting()))
                                : b)
                        .toList())
                .withBeside(s.beside().stream()
                        .map(b -> b.coach().equals(gone)
                                ? new Beside(
                                        b.id(),
                                        b.title(),
                                        b.from(),
                                        b.minutes(),
                                        b.players(),
                                        Optional.empty(),
                                        b.text())
                                : b)
                        .toList())
                .withCoaches(
                        s.coaches().stream().filter(c -> !c.id().equals(coach)).toList());
    }

    /** Another name for who leads. */
    public static Session coachNamed(Session s, CoachId coach, String name) {
        return s.withCoaches(s.coaches().stream()
                .map(c -> c.id().equals(coach) ? new Coach(coach, name) : c)
                .toList());
    }

    /** One more that some do beside the blocks. */
    public static Session besideMore(
            Session s, String title, double from, double minutes, List<PlayerId> players, Optional<CoachId> coach) {
        List<Beside> list = new ArrayList<>(s.beside());
        list.add(new Beside(next(s), title, from, minutes, players, coach, ""));
        return s.withBeside(list);
    }

    public static Session besideGone(Session s, BlockId id) {
        return s.withBeside(s.beside().stream().filter(b -> !b.id().equals(id)).toList());
    }

    /** Other groups; stations that were for one that is gone get them in turn. */
    public static Session groups(Session s, Collection<Group> groups) {
        List<Group> list = List.copyOf(groups);
        List<SessionBlock> blocks = s.blocks().stream()
                .map(b -> b.what() instanceof What.Drilling d
                        ? what(b, new What.Drilling(parted(d.stations(), list), d.turning(), d.correcting()))
                        : b)
                .toList();
        // first no station names a group, so that at every moment each that is named is there
        List<SessionBlock> bare = s.blocks().stream()
                .map(b -> b.what() instanceof What.Drilling d
                        ? what(b, new What.Drilling(parted(d.stations(), List.of()), d.turning(), d.correcting()))
                        : b)
                .toList();
        return s.withBlocks(bare).withGroups(list).withBlocks(blocks);
    }
}
