package wildchalk.core.session;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.GearKind;
import wildchalk.core.geometry.Point;
import wildchalk.core.reps.Block;
import wildchalk.core.reps.Setting;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.session.SessionPlan.Round;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.SessionPlan.Sums;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;

/** Works a session out, block after block. */
final class Planning {

    /** Where nobody leads, two players put the gear down. */
    private static final int PLAYERS_CARRY = 2;

    private final Session session;
    private final Library library;
    private final Optional<Squad> squad;
    private final List<PlayerId> present;
    private final Map<StationPlan, Optional<SetUp>> setUps = new HashMap<>();
    private final Simulations simulations;
    /** Given where all who are at a station and keep no goal get the same of it; a factor on what some blocks give. */
    private final Optional<Map<BlockId, Double>> evenly;

    private double factor = 1;

    private final Map<PlayerId, Load> loads = new LinkedHashMap<>();
    private final List<Slot> slots = new ArrayList<>();

    Planning(
            Session session,
            Library library,
            Optional<Squad> squad,
            Simulations simulations,
            Optional<Map<BlockId, Double>> evenly) {
        this.evenly = evenly;
        this.simulations = simulations;
        this.session = session;
        this.library = library;
        this.squad = squad;
        this.present = squad.map(this::there)
                .orElseGet(() -> IntStream.rangeClosed(1, session.people())
                        .mapToObj(i -> new PlayerId("n" + i))
                        .toList());
        present.forEach(p -> loads.put(p, Load.NONE));
    }

    /** Those of the squad who come and may take part. */
    private List<PlayerId> there(Squad all) {
        return all.players().stream()
                .filter(p -> !session.absent().contains(p.id()))
                .filter(p -> p.takesPartOn(session.date()))
                .map(p -> p.id())
                .toList();
    }

    SessionPlan plan() {
        double at = 0;
        double spare = 0;
        ChangeOver.Standing before = ChangeOver.Standing.EMPTY;
        Map<GearKind, Integer> most = new EnumMap<>(GearKind.class);
        boolean first = true;
        double setOut = 0;
        for (SessionBlock block : session.blocks()) {
            if (block.what() instanceof What.Drilling drilling) {
                ChangeOver.Standing after = standing(drilling);
                if (!first) {
                    ChangeOver change = ChangeOver.between(before, after, carriers(), spare);
                    slots.add(new Slot(block, Optional.of(change), at, at + change.seconds(), List.of()));
                    at += change.seconds();
                }
                before = after;
                if (first) {
                    double carry = ChangeOver.carrySeconds(after.pieces().size(), carriers());
                    setOut = Math.max(0, carry - spare);
                }
                count(after.pieces(), most);
                spare = 0;
                first = false;
            } else {
                spare += 60 * block.minutes();
            }
            double to = at + 60 * block.minutes();
            slots.add(new Slot(block, Optional.empty(), at, to, rounds(block, at, to)));
            at = to;
        }
        int balls = slots.stream()
                .flatMap(s -> s.rounds().stream())
                .mapToInt(r -> r.stations().stream().mapToInt(Here::balls).sum())
                .max()
                .orElse(0);
        List<Clash> clashes = new Clashes(session, squad, slots, present, most, balls, sums(), simulations).all();
        return new SessionPlan(session, present, slots, loads, most, balls, setOut, sums(), clashes);
    }

    private int carriers() {
        return session.coaches().isEmpty() ? PLAYERS_CARRY : session.coaches().size();
    }

    private static void count(List<Piece> pieces, Map<GearKind, Integer> most) {
        Map<GearKind, Integer> now = new EnumMap<>(GearKind.class);
        pieces.forEach(p -> now.merge(p.kind(), 1, Integer::sum));
        now.forEach((kind, n) -> most.merge(kind, n, Math::max));
    }

    private Optional<SetUp> setUp(StationPlan plan) {
        return setUps.computeIfAbsent(plan, p -> SetUp.of(p, library));
    }

    private ChangeOver.Standing standing(What.Drilling drilling) {
        List<Piece> pieces = new ArrayList<>();
        List<List<Point>> areas = new ArrayList<>();
        List<Point> middles = new ArrayList<>();
        Map<PlayerId, Chalk> bibs = new HashMap<>();
        for (StationPlan station : drilling.stations()) {
            setUp(station).ifPresent(s -> {
                pieces.addAll(s.pieces());
                areas.add(s.corners());
                middles.add(s.middle());
            });
            for (String id : station.groups()) {
                Group group = session.group(id).orElseThrow();
                group.bib().ifPresent(b -> group.players().forEach(p -> bibs.put(p, b)));
            }
        }
        return new ChangeOver.Standing(pieces, areas, middles, bibs);
    }

    // ---- who is where ----

    private List<Round> rounds(SessionBlock block, double from, double to) {
        if (!(block.what() instanceof What.Drilling drilling)) {
            return List.of();
        }
        factor = evenly.map(f -> f.getOrDefault(block.id(), 1.0)).orElse(1.0);
        int count = drilling.rounds(versions(drilling));
        List<Point> middles = drilling.stations().stream()
                .flatMap(s -> setUp(s).stream())
                .map(SetUp::middle)
                .toList();
        double change = count < 2 ? 0 : Math.min(ChangeOver.roundSeconds(middles), (to - from) / count / 2);
        double length = (to - from - (count - 1) * change) / count;
        List<Round> rounds = new ArrayList<>();
        for (int r = 0; r < count; r++) {
            double begin = from + r * (length + change);
            rounds.add(new Round(begin, begin + length, here(drilling, r, begin, begin + length)));
        }
        return rounds;
    }

    private List<Here> here(What.Drilling drilling, int round, double from, double to) {
        List<Here> all = new ArrayList<>();
        int count = drilling.stations().size();
        for (int i = 0; i < count; i++) {
            StationPlan station = inRound(drilling.stations().get(i), drilling.turning(), round);
            int comes = drilling.turning() == What.Turning.GROUPS ? Math.floorMod(i - round, count) : i;
            List<PlayerId> players = players(drilling, comes, from, to);
            all.add(setUp(station)
                    .map(s -> run(s, players, to - from))
                    .orElseGet(() -> new Here(station, Optional.empty(), players, Map.of(), 0, 0, 0, 0)));
        }
        return all;
    }

    private int versions(What.Drilling drilling) {
        return drilling.stations().stream()
                .flatMap(s -> library.drill(s.drill()).stream())
                .mapToInt(d -> d.progressions().size())
                .max()
                .orElse(1);
    }

    /** A station as it stands in a round: mirrored in the second half, or with the next version of its drill. */
    private StationPlan inRound(StationPlan station, What.Turning turning, int round) {
        if (turning == What.Turning.SIDES && round == 1) {
            return station.mirrored();
        }
        if (turning == What.Turning.VERSIONS) {
            return library.drill(station.drill())
                    .map(d -> d.progressions()
                            .get(Math.min(round, d.progressions().size() - 1))
                            .id())
                    .map(v -> station.withVersion(Optional.of(v)))
                    .orElse(station);
        }
        return station;
    }

    /** Those of its groups who are there and do nothing beside; where no groups are named, an even share of all. */
    private List<PlayerId> players(What.Drilling drilling, int station, double from, double to) {
        List<PlayerId> free =
                present.stream().filter(p -> !isBeside(p, from, to)).toList();
        boolean named = drilling.stations().stream().anyMatch(s -> !s.groups().isEmpty());
        if (!named) {
            int count = drilling.stations().size();
            return IntStream.range(0, free.size())
                    .filter(i -> i % count == station)
                    .mapToObj(free::get)
                    .toList();
        }
        return drilling.stations().get(station).groups().stream()
                .flatMap(g -> session.group(g).orElseThrow().players().stream())
                .filter(free::contains)
                .distinct()
                .toList();
    }

    private boolean isBeside(PlayerId player, double from, double to) {
        return session.beside().stream()
                .anyMatch(b -> b.players().contains(player)
                        && 60 * b.from() < to - 1
                        && 60 * (b.from() + b.minutes()) > from + 1);
    }

    // ---- what each gets ----

    private Here run(SetUp setUp, List<PlayerId> players, double seconds) {
        if (players.size() < setUp.fewest()) {
            return new Here(setUp.plan(), Optional.of(setUp), players, Map.of(), 0, 0, 0, 0);
        }
        boolean led = session.coaches().isEmpty() || setUp.plan().coach().isPresent();
        int coaches = led ? setUp.coaches() : 0;
        Block block = simulations.block(setUp, players.size(), coaches, seconds);
        Map<PlayerId, Block.Share> cast = Casting.of(block, players, this::keeps);
        share(block, cast);
        int balls = Setting.count(setUp.path()) * block.ballsForAll();
        return new Here(
                setUp.plan(),
                Optional.of(setUp),
                players,
                cast,
                block.fewestTurns(),
                block.mostTurns(),
                block.reps(),
                balls);
    }

    /** Where nobody knows who stood where all who keep no goal get the same. */
    private void share(Block block, Map<PlayerId, Block.Share> cast) {
        List<Block.Share> keepers = block.keepers();
        long inGoal = cast.keySet().stream().filter(this::keeps).count();
        List<Block.Share> others = Casting.others(block, (int) inGoal);
        boolean even = evenly.isPresent() && !others.isEmpty();
        Load sum = others.stream().map(Planning::load).reduce(Load.NONE, Load::plus);
        cast.forEach((player, share) -> {
            boolean keeper = keeps(player) && keepers.contains(share);
            if (keeper) {
                loads.merge(player, load(share).times(factor), Load::plus);
            } else if (even) {
                loads.merge(player, sum.times(factor / others.size()), Load::plus);
            } else {
                loads.merge(player, load(share), Load::plus);
            }
        });
    }

    private boolean keeps(PlayerId id) {
        return squad.flatMap(s -> s.player(id)).filter(p -> p.keeper()).isPresent();
    }

    private static Load load(Block.Share share) {
        return new Load(
                share.turns().size(),
                share.touches(),
                share.shots(),
                share.metres(),
                share.workSeconds(),
                share.hardSeconds(),
                share.standSeconds(),
                share.shotsFaced());
    }

    private Sums sums() {
        double[] kinds = new double[What.Kind.values().length];
        double drilling = 0;
        double changing = 0;
        for (Slot slot : slots) {
            double minutes = (slot.to() - slot.from()) / 60;
            if (slot.change().isPresent()) {
                changing += minutes;
            } else if (slot.block().what() instanceof What.Plain p) {
                kinds[p.kind().ordinal()] += minutes;
            } else {
                drilling += minutes;
            }
        }
        double people = Math.max(1, present.size());
        return new Sums(
                session.minutes(),
                drilling,
                kinds[What.Kind.TALK.ordinal()],
                kinds[What.Kind.WATER.ordinal()],
                kinds[What.Kind.WARM_UP.ordinal()] + kinds[What.Kind.GAME.ordinal()] + kinds[What.Kind.OTHER.ordinal()],
                changing,
                loads.values().stream().mapToDouble(Load::workSeconds).sum() / 60 / people,
                loads.values().stream().mapToDouble(Load::standSeconds).sum() / 60 / people);
    }
}
