package wildchalk.core.session;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Travel;
import wildchalk.core.session.Clash.Kind;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.session.SessionPlan.Round;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.SessionPlan.Sums;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Restraint;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surface;

/** Looks for what does not go together. */
final class Clashes {

    /** A drink at least so often, minutes (usual advice: every 15 to 20). */
    private static final double DRINK_MINUTES = 20;

    /** Over the time by less than this (minutes) is nothing. */
    private static final double OVER_MINUTES = 0.5;

    /** A change-over longer than this (s) is no change-over any more: nobody has planned the time. */
    private static final double STANDING_SECONDS = 150;

    /** Two goals nearer than this (m) are one. */
    private static final double SAME_METRES = 0.5;

    /** Half of how wide (m) a shot may go. */
    private static final double LANE_METRES = 0.75;

    /** What reaches over the edge by less than this (m) is at it: a thrower-in, a queue. */
    private static final double EDGE_METRES = 3;

    private final Session session;
    private final Optional<Squad> squad;
    private final List<Slot> slots;
    private final List<PlayerId> present;
    private final Map<GearKind, Integer> bring;
    private final int balls;
    private final Sums sums;
    private final Simulations simulations;
    private final List<Clash> found = new ArrayList<>();

    Clashes(
            Session session,
            Optional<Squad> squad,
            List<Slot> slots,
            List<PlayerId> present,
            Map<GearKind, Integer> bring,
            int balls,
            Sums sums,
            Simulations simulations) {
        this.simulations = simulations;
        this.session = session;
        this.squad = squad;
        this.slots = slots;
        this.present = present;
        this.bring = bring;
        this.balls = balls;
        this.sums = sums;
    }

    /** The gravest first, else in the order of the session. */
    List<Clash> all() {
        time();
        kit();
        beside();
        for (Slot slot : slots) {
            if (slot.change().isPresent() && slot.to() - slot.from() > STANDING_SECONDS) {
                add(
                        Kind.SET_UP,
                        List.of(slot.block().id()),
                        List.of(),
                        (slot.to() - slot.from()) / 60,
                        STANDING_SECONDS / 60);
            }
            if (slot.block().what() instanceof What.Drilling drilling
                    && slot.change().isEmpty()) {
                coaches(slot, drilling);
                floor(slot);
                people(slot, drilling);
                goes(slot);
            }
        }
        return found.stream()
                .distinct()
                .sorted(Comparator.comparing(c -> !c.kind().isGrave()))
                .toList();
    }

    private void add(Kind kind, List<BlockId> blocks, List<String> names, double have, double need) {
        found.add(new Clash(kind, blocks, names, have, need));
    }

    private void time() {
        if (sums.slack() < -OVER_MINUTES) {
            add(Kind.OVER_TIME, List.of(), List.of(), sums.given(), sums.planned());
        }
        double dry = 0;
        for (Slot slot : slots) {
            if (slot.block().isWater() && slot.change().isEmpty()) {
                dry = slot.to();
            } else if (slot.to() - dry > 60 * DRINK_MINUTES + 30) {
                add(Kind.NO_WATER, List.of(slot.block().id()), List.of(), (dry / 60) + DRINK_MINUTES, DRINK_MINUTES);
                dry = slot.to(); // said once for each stretch
            }
        }
    }

    /** Somebody who does two things beside the blocks at once. */
    private void beside() {
        for (Beside b : session.beside()) {
            for (PlayerId p : b.players()) {
                boolean other = session.beside().stream()
                        .anyMatch(o -> o != b
                                && o.players().contains(p)
                                && o.from() < b.from() + b.minutes()
                                && b.from() < o.from() + o.minutes());
                if (other) {
                    add(Kind.PLAYER_TWICE, List.of(), List.of(p.text()), 1, 2);
                }
            }
        }
    }

    private void kit() {
        session.kit().gear().forEach((kind, there) -> {
            int need = bring.getOrDefault(kind, 0);
            if (need > there) {
                add(Kind.GEAR_SHORT, List.of(), List.of(kind.name()), there, need);
            }
        });
        if (session.kit().balls() >= 0 && balls > session.kit().balls()) {
            add(Kind.BALLS_SHORT, List.of(), List.of(), session.kit().balls(), balls);
        }
    }

    // ---- coaches ----

    private void coaches(Slot slot, What.Drilling drilling) {
        Map<CoachId, Integer> leads = new HashMap<>();
        drilling.stations().forEach(s -> s.coach().ifPresent(c -> leads.merge(c, 1, Integer::sum)));
        for (Beside b : session.beside()) {
            boolean meanwhile = 60 * b.from() < slot.to() - 1 && 60 * (b.from() + b.minutes()) > slot.from() + 1;
            if (meanwhile) {
                b.coach().ifPresent(c -> leads.merge(c, 1, Integer::sum));
            }
        }
        leads.forEach((coach, count) -> {
            if (count > 1) {
                add(
                        Kind.COACH_TWICE,
                        List.of(slot.block().id()),
                        List.of(session.coach(coach).orElseThrow().name()),
                        1,
                        count);
            }
        });
    }

    // ---- the floor ----

    private void floor(Slot slot) {
        // where groups go round everything stands as before
        Set<List<StationPlan>> seen = new LinkedHashSet<>();
        for (Round round : slot.rounds()) {
            List<StationPlan> standing =
                    round.stations().stream().map(Here::station).toList();
            if (seen.add(standing)) {
                floor(slot.block().id(), round.stations());
            }
        }
    }

    private void floor(BlockId id, List<Here> stations) {
        for (int i = 0; i < stations.size(); i++) {
            Here one = stations.get(i);
            if (one.setUp().isEmpty()) {
                add(Kind.NO_DRILL, List.of(id), List.of(one.station().drill().text()), 0, 0);
                continue;
            }
            SetUp setUp = one.setUp().get();
            if (isOff(setUp)) {
                add(Kind.OFF_FLOOR, List.of(id), List.of(setUp.drill().title()), 0, 0);
            }
            if (setUp.lacksGoal()) {
                add(Kind.NO_GOAL, List.of(id), List.of(setUp.drill().title()), 0, 0);
            }
            for (int k = i + 1; k < stations.size(); k++) {
                stations.get(k).setUp().ifPresent(other -> twoStations(id, setUp, other));
            }
        }
    }

    private void twoStations(BlockId id, SetUp one, SetUp other) {
        List<String> both = List.of(one.drill().title(), other.drill().title());
        if (Areas.overlap(one.corners(), other.corners())) {
            add(Kind.FLOOR_TWICE, List.of(id), both, 0, 0);
        } else {
            lanes(id, one, other);
            lanes(id, other, one);
        }
        boolean same =
                one.goals().stream().anyMatch(a -> other.goals().stream().anyMatch(b -> a.isWithin(SAME_METRES, b)));
        if (same) {
            add(Kind.GOAL_TWICE, List.of(id), both, 1, 2);
        }
    }

    private void lanes(BlockId id, SetUp from, SetUp into) {
        boolean crosses = simulations.lanes(from).stream()
                .anyMatch(l -> Areas.overlap(
                        Areas.strip(from.there(l.from()), from.there(l.to()), LANE_METRES), into.corners()));
        if (crosses) {
            add(
                    Kind.SHOT_LANE,
                    List.of(id),
                    List.of(from.drill().title(), into.drill().title()),
                    0,
                    0);
        }
    }

    /** Whether the middle of it, or more than a few metres of it, is where no floor is. */
    private boolean isOff(SetUp setUp) {
        Surface floor = session.floor().surface();
        double x = floor.lengthMetres() / 2 + EDGE_METRES;
        double y = floor.widthMetres() / 2 + EDGE_METRES;
        return setUp.corners().stream().anyMatch(p -> Math.abs(p.x()) > x || Math.abs(p.y()) > y);
    }

    // ---- people ----

    private void people(Slot slot, What.Drilling drilling) {
        BlockId id = slot.block().id();
        for (Round round : slot.rounds()) {
            Map<PlayerId, Integer> times = new HashMap<>();
            for (Here here : round.stations()) {
                here.players().forEach(p -> times.merge(p, 1, Integer::sum));
                here.setUp().ifPresent(s -> station(id, s, here));
            }
            times.forEach((player, count) -> {
                if (count > 1) {
                    add(Kind.PLAYER_TWICE, List.of(id), List.of(player.text()), 1, count);
                }
            });
        }
        unplaced(id, drilling);
    }

    private void unplaced(BlockId id, What.Drilling drilling) {
        boolean named = drilling.stations().stream().anyMatch(s -> !s.groups().isEmpty());
        if (!named || session.groups().isEmpty()) {
            return;
        }
        Set<PlayerId> placed = new LinkedHashSet<>();
        drilling.stations()
                .forEach(s -> s.groups()
                        .forEach(g ->
                                placed.addAll(session.group(g).orElseThrow().players())));
        session.beside().forEach(b -> placed.addAll(b.players()));
        List<String> out = present.stream()
                .filter(p -> !placed.contains(p))
                .map(PlayerId::text)
                .toList();
        if (!out.isEmpty()) {
            add(Kind.NO_GROUP, List.of(id), out, 0, out.size());
        }
    }

    /** Fewer turns than there are to be, all rounds of whoever goes round counted. */
    private void goes(Slot slot) {
        int wanted = slot.block().goes();
        int fewest = slot.goes();
        if (wanted > 0 && fewest > 0 && (fewest < wanted || fewest > 2 * wanted)) {
            add(Kind.GOES, List.of(slot.block().id()), List.of(), fewest, wanted);
        }
    }

    private void station(BlockId id, SetUp setUp, Here here) {
        String title = setUp.drill().title();
        if (here.players().size() < setUp.fewest()) {
            add(Kind.TOO_FEW, List.of(id), List.of(title), here.players().size(), setUp.fewest());
        }
        if (squad.isPresent()) {
            long keepers = here.players().stream()
                    .filter(p -> squad.get().player(p).filter(Player::keeper).isPresent())
                    .count();
            if (keepers < setUp.keepers()) {
                add(Kind.NO_KEEPER, List.of(id), List.of(title), keepers, setUp.keepers());
            }
            here.players().forEach(p -> restrained(id, setUp, p));
        }
    }

    private void restrained(BlockId id, SetUp setUp, PlayerId player) {
        Player who = squad.orElseThrow().player(player).orElse(null);
        if (who == null) {
            return;
        }
        Set<Restraint.What> has = asks(setUp, who);
        for (Restraint r : who.restraints()) {
            if (r.holdsOn(session.date()) && has.contains(r.from())) {
                add(
                        Kind.RESTRAINT,
                        List.of(id),
                        List.of(player.text(), r.from().name(), setUp.drill().title()),
                        0,
                        0);
            }
        }
    }

    /** What a drill asks of whoever is in it; jumps are told by nobody, so that they are looked for in what is thrown over heads. */
    private static Set<Restraint.What> asks(SetUp setUp, Player who) {
        Set<Restraint.What> has = EnumSet.noneOf(Restraint.What.class);
        for (Move move : setUp.path().moves()) {
            if (move instanceof Travel t && t.effort() == Effort.FLAT_OUT) {
                has.add(Restraint.What.SPRINTS);
            } else if (move instanceof Act a
                    && (a.deed() instanceof Deed.Contact || a.deed() instanceof Deed.Contest)) {
                has.add(Restraint.What.CONTACT);
            } else if (move instanceof Shot || move instanceof Pass p && p.kind() != PassKind.GROUND) {
                has.add(Restraint.What.THROWS);
            }
            if (move instanceof Shot) {
                has.add(Restraint.What.JUMPS);
            }
        }
        if (who.keeper() && setUp.keepers() > 0) {
            has.add(Restraint.What.KEEPING);
        }
        return has;
    }
}
