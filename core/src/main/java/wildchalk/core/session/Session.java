package wildchalk.core.session;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadId;

/**
 * One practice. Players stand in it by their ids alone.
 *
 * @param minutes how long there is ice, court or field, 1 to 480
 * @param floor what there is of a surface
 * @param people how many come where there is no squad, 0 to 200
 * @param absent of the squad; nobody's reasons
 * @param groups those that stations name
 * @param beside what some do beside the blocks
 * @param withoutHelper what to do when a helper does not come, in words
 */
public record Session(
        SessionId id,
        String title,
        LocalDate date,
        LocalTime start,
        int minutes,
        SurfaceUse floor,
        Optional<SquadId> squad,
        int people,
        List<PlayerId> absent,
        List<Coach> coaches,
        List<String> aims,
        Kit kit,
        List<Group> groups,
        List<SessionBlock> blocks,
        List<Beside> beside,
        String withoutHelper) {

    public static final int MOST_MINUTES = 480;
    public static final int MOST_BLOCKS = 60;
    public static final int MOST_COACHES = 20;

    public Session {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(date, "date");
        Objects.requireNonNull(start, "start");
        Objects.requireNonNull(floor, "floor");
        Objects.requireNonNull(squad, "squad");
        Objects.requireNonNull(kit, "kit");
        Limits.text("title", title, Limits.LINE);
        Limits.text("what to do without a helper", withoutHelper, Limits.TEXT);
        absent = List.copyOf(absent);
        coaches = List.copyOf(coaches);
        aims = List.copyOf(aims);
        groups = List.copyOf(groups);
        blocks = List.copyOf(blocks);
        beside = List.copyOf(beside);
        aims.forEach(a -> Limits.text("aim", a, Limits.LINE));
        Limits.count("aims", aims.size(), Limits.THEMES);
        Limits.count("blocks", blocks.size() + beside.size(), MOST_BLOCKS);
        Limits.count("coaches", coaches.size(), MOST_COACHES);
        Limits.count("groups", groups.size(), StationPlan.MOST_GROUPS);
        Limits.count("absent", absent.size(), Squad.MOST_PLAYERS);
        if (minutes < 1 || minutes > MOST_MINUTES) {
            throw new IllegalArgumentException(
                    "The session (%d minutes) must be 1 to %d.".formatted(minutes, MOST_MINUTES));
        }
        if (people < 0 || people > Squad.MOST_PLAYERS) {
            throw new IllegalArgumentException(
                    "The people (%d) must be 0 to %d.".formatted(people, Squad.MOST_PLAYERS));
        }
        check(coaches, groups, blocks, beside);
    }

    private static void check(List<Coach> coaches, List<Group> groups, List<SessionBlock> blocks, List<Beside> beside) {
        Set<CoachId> leads = new HashSet<>();
        coaches.forEach(c -> unique("coach", c.id(), leads.add(c.id())));
        Set<String> known = new HashSet<>();
        groups.forEach(g -> unique("group", g.id(), known.add(g.id())));
        Set<BlockId> ids = new HashSet<>();
        blocks.forEach(b -> unique("block", b.id(), ids.add(b.id())));
        beside.forEach(b -> {
            unique("block", b.id(), ids.add(b.id()));
            b.coach().ifPresent(c -> known("coach", c, leads.contains(c)));
        });
        for (SessionBlock block : blocks) {
            if (block.what() instanceof What.Drilling d) {
                for (StationPlan s : d.stations()) {
                    s.coach().ifPresent(c -> known("coach", c, leads.contains(c)));
                    s.groups().forEach(g -> known("group", g, known.contains(g)));
                }
            }
        }
    }

    private static void unique(String what, Object id, boolean first) {
        if (!first) {
            throw new IllegalArgumentException("Two have the id \"%s\" of a %s.".formatted(id, what));
        }
    }

    private static void known(String what, Object id, boolean is) {
        if (!is) {
            throw new IllegalArgumentException(
                    "The session names the %s \"%s\", who is not in it.".formatted(what, id));
        }
    }

    public Optional<Group> group(String wanted) {
        return groups.stream().filter(g -> g.id().equals(wanted)).findFirst();
    }

    public Optional<Coach> coach(CoachId wanted) {
        return coaches.stream().filter(c -> c.id().equals(wanted)).findFirst();
    }

    /** What a copy has otherwise. */
    private static final class Draft {
        private String title;
        private LocalDate date;
        private LocalTime start;
        private int minutes;
        private Optional<SquadId> squad;
        private int people;
        private List<PlayerId> absent;
        private List<Coach> coaches;
        private Kit kit;
        private List<Group> groups;
        private List<SessionBlock> blocks;
        private List<Beside> beside;
        private List<String> aims;
        private String withoutHelper;
    }

    private Session with(Consumer<Draft> change) {
        Draft d = new Draft();
        d.title = title;
        d.date = date;
        d.start = start;
        d.minutes = minutes;
        d.squad = squad;
        d.people = people;
        d.absent = absent;
        d.coaches = coaches;
        d.kit = kit;
        d.groups = groups;
        d.blocks = blocks;
        d.beside = beside;
        d.aims = aims;
        d.withoutHelper = withoutHelper;
        change.accept(d);
        return new Session(
                id,
                d.title,
                d.date,
                d.start,
                d.minutes,
                floor,
                d.squad,
                d.people,
                d.absent,
                d.coaches,
                d.aims,
                d.kit,
                d.groups,
                d.blocks,
                d.beside,
                d.withoutHelper);
    }

    public Session withTitle(String text) {
        return with(d -> d.title = text);
    }

    public Session withStart(LocalDate day, LocalTime time) {
        return with(d -> {
            d.date = day;
            d.start = time;
        });
    }

    public Session withMinutes(int length) {
        return with(d -> d.minutes = length);
    }

    /** Without a squad so many come. */
    public Session withPeople(int count) {
        return with(d -> d.people = count);
    }

    /** Of another squad nobody is absent. */
    public Session withSquad(Optional<SquadId> other) {
        return with(d -> {
            d.squad = other;
            d.absent = List.of();
        });
    }

    public Session withAbsent(List<PlayerId> who) {
        return with(d -> d.absent = who);
    }

    public Session withCoaches(List<Coach> list) {
        return with(d -> d.coaches = list);
    }

    public Session withKit(Kit other) {
        return with(d -> d.kit = other);
    }

    public Session withGroups(List<Group> list) {
        return with(d -> d.groups = list);
    }

    public Session withBlocks(List<SessionBlock> list) {
        return with(d -> d.blocks = list);
    }

    public Session withAims(List<String> list) {
        return with(d -> d.aims = list);
    }

    /** What to do when a helper does not come. */
    public Session withoutHelper(String text) {
        return with(d -> d.withoutHelper = text);
    }

    public Session withBeside(List<Beside> list) {
        return with(d -> d.beside = list);
    }
}
