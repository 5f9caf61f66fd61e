package wildchalk.core.session;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.session.SessionRemedy.Kind;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/**
 * What mends a clash. Only what was tried is offered: with it the clash is gone, and nothing grave is there that was not before.
 */
public final class SessionRemedies {

    private static final int MOST = 3;
    private static final double WATER_MINUTES = 2;

    private final SessionPlan plan;
    private final Session session;
    private final Clash clash;
    private final Optional<Squad> squad;
    private final List<SessionRemedy> ideas = new ArrayList<>();

    private SessionRemedies(SessionPlan plan, Clash clash, Optional<Squad> squad) {
        this.squad = squad;
        this.plan = plan;
        this.session = plan.session();
        this.clash = clash;
    }

    /** At most three, the gentlest first. */
    public static List<SessionRemedy> of(SessionPlan plan, Clash clash, Library library, Optional<Squad> squad) {
        return of(plan, clash, library, squad, new Simulations());
    }

    /** Likewise, with what has been worked out. */
    public static List<SessionRemedy> of(
            SessionPlan plan, Clash clash, Library library, Optional<Squad> squad, Simulations simulations) {
        SessionRemedies remedies = new SessionRemedies(plan, clash, squad);
        remedies.think();
        Set<Clash> before = new HashSet<>(plan.clashes());
        List<SessionRemedy> offered = new ArrayList<>();
        for (SessionRemedy idea : remedies.ideas) {
            boolean another = offered.stream().noneMatch(o -> o.kind() == Kind.LONG_ENOUGH);
            if (offered.size() < MOST && another && !idea.then().equals(plan.session())) {
                List<Clash> after =
                        SessionPlan.of(idea.then(), library, squad, simulations).clashes();
                boolean gone = after.stream().noneMatch(remedies::isTheSame);
                boolean fine = after.stream()
                        .allMatch(c -> !c.kind().isGrave() || before.stream().anyMatch(b -> alike(b, c)));
                boolean less = idea.kind() != Kind.KEEPER || keeperless(after) < keeperless(plan.clashes());
                if (gone && fine && less) {
                    offered.add(idea);
                }
            }
        }
        return List.copyOf(offered);
    }

    /** A keeper who is missed elsewhere then mends nothing. */
    private static long keeperless(List<Clash> clashes) {
        return clashes.stream().filter(c -> c.kind() == Clash.Kind.NO_KEEPER).count();
    }

    private boolean isTheSame(Clash other) {
        return alike(clash, other);
    }

    /** The same trouble in the same place, whatever its figures. */
    private static boolean alike(Clash a, Clash b) {
        return a.kind() == b.kind()
                && a.blocks().equals(b.blocks())
                && a.names().equals(b.names());
    }

    private void think() {
        switch (clash.kind()) {
            case OVER_TIME -> lessTime();
            case NO_WATER -> water();
            case COACH_TWICE -> otherCoach();
            case GOAL_TWICE, FLOOR_TWICE, NO_GOAL, OFF_FLOOR, SHOT_LANE -> otherEnds();
            case NO_GROUP -> intoGroup();
            case GOES -> longEnough();
            case SET_UP -> water();
            case RESTRAINT -> beside();
            case PLAYER_TWICE -> oneGroup();
            case NO_DRILL -> noStation();
            case TOO_FEW -> oneStation();
            case NO_KEEPER -> {
                keeper();
                oneStation();
            }
            case GEAR_SHORT, BALLS_SHORT -> lessAtOnce();
            default -> {}
        }
    }

    private void add(Kind kind, List<String> names, Session then) {
        ideas.add(new SessionRemedy(kind, names, then));
    }

    /** What need not stay is made shorter, the longest first, to half of it at most; or is left out, the shortest first. */
    private void lessTime() {
        double over = Math.ceil(-2 * plan.sums().slack()) / 2;
        List<SessionBlock> free = session.blocks().stream()
                .filter(b -> !b.must() && !b.isWater())
                .sorted(Comparator.comparingDouble(SessionBlock::minutes))
                .toList();
        for (int i = free.size() - 1; i >= 0; i--) {
            SessionBlock b = free.get(i);
            if (b.minutes() - over >= b.minutes() / 2) {
                add(
                        Kind.SHORTEN,
                        List.of(b.title(), Numbers.brief(over, 1)),
                        Sessions.minutes(session, b.id(), b.minutes() - over));
            }
        }
        for (SessionBlock b : free) {
            if (b.minutes() >= over) {
                add(Kind.LEAVE_OUT, List.of(b.title()), Sessions.removed(session, b.id()));
            }
        }
    }

    /** Before the block in which it is due, or in the middle of it where that alone is too long. */
    private void water() {
        BlockId due = clash.blocks().get(0);
        int at = session.blocks().stream().map(SessionBlock::id).toList().indexOf(due);
        Optional<BlockId> before =
                at > 0 ? Optional.of(session.blocks().get(at - 1).id()) : Optional.empty();
        if (before.isPresent()) {
            add(
                    Kind.WATER,
                    List.of(session.blocks().get(at).title()),
                    Sessions.plain(session, before, What.Kind.WATER, WATER_MINUTES));
        }
        Session split = Sessions.split(session, due);
        add(
                Kind.WATER,
                List.of(session.blocks().get(at).title()),
                Sessions.plain(split, Optional.of(due), What.Kind.WATER, WATER_MINUTES));
    }

    private void otherCoach() {
        BlockId id = clash.blocks().get(0);
        SessionBlock block = block(id);
        if (block.what() instanceof What.Drilling d) {
            Set<CoachId> busy = new HashSet<>();
            d.stations().forEach(s -> s.coach().ifPresent(busy::add));
            Set<CoachId> seen = new HashSet<>();
            for (StationPlan s : d.stations()) {
                if (s.coach().isPresent() && !seen.add(s.coach().get())) {
                    session.coaches().stream()
                            .filter(c -> !busy.contains(c.id()))
                            .forEach(c -> add(
                                    Kind.OTHER_COACH,
                                    List.of(c.name(), title(s)),
                                    Sessions.coach(session, id, s.id(), Optional.of(c.id()))));
                }
            }
        }
    }

    private void otherEnds() {
        BlockId id = clash.blocks().get(0);
        if (block(id).what() instanceof What.Drilling d) {
            for (int i = d.stations().size() - 1; i >= 0; i--) {
                StationPlan s = d.stations().get(i);
                add(Kind.OTHER_END, List.of(title(s)), Sessions.otherEnd(session, id, s.id()));
                add(Kind.AS_DRAWN, List.of(title(s)), Sessions.asDrawn(session, id, s.id()));
            }
        }
    }

    /** By the share of goes that there are, then a little more until it is enough. */
    private void longEnough() {
        BlockId id = clash.blocks().get(0);
        SessionBlock b = block(id);
        double minutes = b.minutes() * clash.need() / Math.max(1, clash.have());
        for (double m = Math.ceil(2 * minutes) / 2;
                m <= Math.min(SessionBlock.MOST_MINUTES, 1.5 * minutes + 2);
                m += 0.5) {
            add(Kind.LONG_ENOUGH, List.of(b.title(), Numbers.brief(m, 1)), Sessions.minutes(session, id, m));
        }
    }

    /** Whoever is not to do what a block has does something else meanwhile. */
    private void beside() {
        BlockId id = clash.blocks().get(0);
        PlayerId player = new PlayerId(clash.names().get(0));
        plan.slots().stream()
                .filter(s -> s.change().isEmpty() && s.block().id().equals(id))
                .findFirst()
                .ifPresent(s -> add(
                        Kind.BESIDE,
                        List.of(player.text(), s.block().title()),
                        Sessions.besideMore(
                                session,
                                Texts.CORE.get("session.beside.usual"),
                                Math.floor(s.from() / 6) / 10,
                                Math.ceil((s.to() - s.from()) / 6) / 10 + 0.1,
                                List.of(player),
                                Optional.empty())));
    }

    /** The first group that has him keeps him. */
    private void oneGroup() {
        PlayerId player = new PlayerId(clash.names().get(0));
        session.groups().stream()
                .filter(g -> g.players().contains(player))
                .findFirst()
                .ifPresent(
                        g -> add(Kind.ONE_GROUP, List.of(player.text()), Sessions.intoGroup(session, player, g.id())));
    }

    /** Who keeps goal and is there, into a group that is at this station. */
    private void keeper() {
        BlockId id = clash.blocks().get(0);
        if (!(block(id).what() instanceof What.Drilling d) || squad.isEmpty()) {
            return;
        }
        for (StationPlan s : d.stations()) {
            if (s.groups().isEmpty() || !title(s).equals(clash.names().get(0))) {
                continue;
            }
            Group group = session.group(s.groups().get(0)).orElseThrow();
            plan.present().stream()
                    .filter(p -> squad.get().player(p).filter(x -> x.keeper()).isPresent())
                    .filter(p -> !group.players().contains(p))
                    .forEach(p -> add(
                            Kind.KEEPER, List.of(p.text(), group.name()), Sessions.intoGroup(session, p, group.id())));
        }
    }

    /** A station fewer at once, or a block that may go. */
    private void lessAtOnce() {
        for (SessionBlock b : session.blocks()) {
            if (b.what() instanceof What.Drilling d && d.stations().size() > 1) {
                d.stations()
                        .forEach(s ->
                                add(Kind.NO_STATION, List.of(title(s)), Sessions.stationGone(session, b.id(), s.id())));
            }
        }
        for (SessionBlock b : session.blocks()) {
            if (b.what() instanceof What.Drilling && !b.must()) {
                add(Kind.LEAVE_OUT, List.of(b.title()), Sessions.removed(session, b.id()));
            }
        }
    }

    private void noStation() {
        BlockId id = clash.blocks().get(0);
        if (block(id).what() instanceof What.Drilling d) {
            d.stations().stream()
                    .filter(s -> s.drill().text().equals(clash.names().get(0)))
                    .findFirst()
                    .ifPresent(s ->
                            add(Kind.NO_STATION, List.of(s.drill().text()), Sessions.stationGone(session, id, s.id())));
        }
    }

    private void intoGroup() {
        List<Group> groups = new ArrayList<>(session.groups());
        for (String name : clash.names()) {
            int least = 0;
            for (int g = 1; g < groups.size(); g++) {
                least = groups.get(g).players().size()
                                < groups.get(least).players().size()
                        ? g
                        : least;
            }
            List<PlayerId> more = new ArrayList<>(groups.get(least).players());
            more.add(new PlayerId(name));
            groups.set(least, groups.get(least).withPlayers(more));
        }
        add(Kind.INTO_GROUP, List.of(), session.withGroups(groups));
    }

    /** Everybody at the station that can take place. */
    private void oneStation() {
        BlockId id = clash.blocks().get(0);
        if (block(id).what() instanceof What.Drilling d && d.stations().size() > 1) {
            for (StationPlan keep : d.stations()) {
                Session then = session;
                for (StationPlan s : d.stations()) {
                    then = s == keep ? then : Sessions.stationGone(then, id, s.id());
                }
                add(Kind.ONE_STATION, List.of(title(keep)), then);
            }
        }
    }

    /** A drill as it is called; its id where it is not there. */
    private String title(StationPlan station) {
        return plan.slots().stream()
                .flatMap(s -> s.rounds().stream())
                .flatMap(r -> r.stations().stream())
                .filter(h -> h.station().drill().equals(station.drill()))
                .flatMap(h -> h.setUp().stream())
                .map(u -> u.drill().title())
                .findFirst()
                .orElse(station.drill().text());
    }

    private SessionBlock block(BlockId id) {
        return session.blocks().stream()
                .filter(b -> b.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
