package wildchalk.core.session;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
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

    public Session withBlocks(List<SessionBlock> list) {
        return new Session(
                id,
                title,
                date,
                start,
                minutes,
                floor,
                squad,
                people,
                absent,
                coaches,
                aims,
                kit,
                groups,
                list,
                beside,
                withoutHelper);
    }

    public Session withTitle(String text) {
        return new Session(
                id,
                text,
                date,
                start,
                minutes,
                floor,
                squad,
                people,
                absent,
                coaches,
                aims,
                kit,
                groups,
                blocks,
                beside,
                withoutHelper);
    }

    public Session withStart(LocalDate day, LocalTime time) {
        return new Session(
                id,
                title,
                day,
                time,
                minutes,
                floor,
                squad,
                people,
                absent,
                coaches,
                aims,
                kit,
                groups,
                blocks,
                beside,
                withoutHelper);
    }

    /** Without a squad so many come. */
    public Session withPeople(int count) {
        return new Session(
                id,
                title,
                date,
                start,
                minutes,
                floor,
                squad,
                count,
                absent,
                coaches,
                aims,
                kit,
                groups,
                blocks,
                beside,
                withoutHelper);
    }

    /** Of another squad nobody is absent, and nobody in a group. */
    public Session withSquad(Optional<SquadId> other) {
        return new Session(
                id,
                title,
                date,
                start,
                minutes,
                floor,
                other,
                people,
                List.of(),
                coaches,
                aims,
                kit,
                groups,
                blocks,
                beside,
                withoutHelper);
    }

    public Session withFloor(SurfaceUse other) {
        return new Session(
                id,
                title,
                date,
                start,
                minutes,
                other,
                squad,
                people,
                absent,
                coaches,
                aims,
                kit,
                groups,
                blocks,
                beside,
                withoutHelper);
    }

    public Session withAbsent(List<PlayerId> who) {
        return new Session(
                id,
                title,
                date,
                start,
                minutes,
                floor,
                squad,
                people,
                who,
                coaches,
                aims,
                kit,
                groups,
                blocks,
                beside,
                withoutHelper);
    }

    public Session withGroups(List<Group> list) {
        return new Session(
                id,
                title,
                date,
                start,
                minutes,
                floor,
                squad,
                people,
                absent,
                coaches,
                aims,
                kit,
                list,
                blocks,
                beside,
                withoutHelper);
    }

    public Session withCoaches(List<Coach> list) {
        return new Session(
                id,
                title,
                date,
                start,
                minutes,
                floor,
                squad,
                people,
                absent,
                list,
                aims,
                kit,
                groups,
                blocks,
                beside,
                withoutHelper);
    }

    public Session withKit(Kit other) {
        return new Session(
                id,
                title,
                date,
                start,
                minutes,
                floor,
                squad,
                people,
                absent,
                coaches,
                aims,
                other,
                groups,
                blocks,
                beside,
                withoutHelper);
    }

    public Session withBeside(List<Beside> list) {
        return new Session(
                id,
                title,
                date,
                start,
                minutes,
                floor,
                squad,
                people,
                absent,
                coaches,
                aims,
                kit,
                groups,
                blocks,
                list,
                withoutHelper);
    }

    public Session withMinutes(int length) {
        return new Session(
                id,
                title,
                date,
                start,
                length,
                floor,
                squad,
                people,
                absent,
                coaches,
                aims,
                kit,
                groups,
                blocks,
                beside,
                withoutHelper);
    }
}
