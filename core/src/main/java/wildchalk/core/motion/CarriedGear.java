package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;

/** Where gear is that somebody takes along or puts down: worked out from who does so, when and where. */
public final class CarriedGear {

    /** Who takes something has it within this (m). */
    public static final double REACH_METRES = 1.5;

    /** It is carried so far (m) before him. */
    private static final double BEFORE_METRES = 0.4;

    private static final CarriedGear NOTHING = new CarriedGear(null, Map.of(), List.of());

    /** From a second on it is with somebody, or lies at a place. */
    private record Stay(double from, Optional<RoleId> with, Point at) {}

    /** What did not come off: a piece that is too far away to be taken, or that he does not have. */
    public record Amiss(MoveId move, RoleId role, GearId gear, HandlingGear.Way way, double metres, double seconds) {}

    private final Timeline timeline;
    private final Map<GearId, List<Stay>> stays;
    private final List<Amiss> amiss;

    private CarriedGear(Timeline timeline, Map<GearId, List<Stay>> stays, List<Amiss> amiss) {
        this.timeline = timeline;
        this.stays = stays;
        this.amiss = List.copyOf(amiss);
    }

    /** That of a path with its times. */
    public static CarriedGear of(Path path, Timeline timeline) {
        List<Act> handling = new ArrayList<>();
        for (var step : path.steps()) {
            for (var move : step.moves()) {
                if (move instanceof Act a && a.deed() instanceof HandlingGear) {
                    handling.add(a);
                }
            }
        }
        if (handling.isEmpty()) {
            return NOTHING;
        }
        CarriedGear all = new CarriedGear(timeline, new HashMap<>(), List.of());
        List<Amiss> amiss = new ArrayList<>();
        handling.stream()
                .filter(a -> timeline.move(a.id()).happens())
                .sorted(Comparator.comparingDouble(a -> timeline.move(a.id()).end()))
                .forEach(a -> all.handle(path, a, amiss));
        return new CarriedGear(timeline, all.stays, amiss);
    }

    private void handle(Path path, Act act, List<Amiss> amiss) {
        HandlingGear h = (HandlingGear) act.deed();
        Gear gear = path.gear().stream()
                .filter(g -> g.id().equals(h.gear()))
                .findFirst()
                .orElseThrow();
        double t = timeline.move(act.id()).end();
        Point hand = hand(act.role(), t);
        List<Stay> so = stays.computeIfAbsent(gear.id(), g -> new ArrayList<>());
        boolean takes = h.way() == HandlingGear.Way.TAKE;
        double away = timeline.placeAt(act.role(), t).distanceTo(at(gear, t).at());
        boolean has = !so.isEmpty() && so.get(so.size() - 1).with().equals(Optional.of(act.role()));
        if (takes ? away > REACH_METRES : !has) {
            amiss.add(new Amiss(act.id(), act.role(), gear.id(), h.way(), away, t));
        } else {
            so.add(new Stay(t, takes ? Optional.of(act.role()) : Optional.empty(), hand));
        }
    }

    private Point hand(RoleId role, double t) {
        Pose pose = timeline.poseAt(role, t);
        return pose.at().plus(Point.polar(BEFORE_METRES, pose.facingDegrees()));
    }

    /** A piece where it is at a second. */
    public Gear at(Gear gear, double t) {
        Gear now = gear;
        for (Stay stay : stays.getOrDefault(gear.id(), List.of())) {
            if (stay.from() <= t) {
                now = gear.withAt(stay.with().map(r -> hand(r, t)).orElse(stay.at()));
            }
        }
        return now;
    }

    /** Who has a piece, from which second on: nobody from where it is put down. */
    public SortedMap<Double, Optional<RoleId>> holders(GearId gear) {
        SortedMap<Double, Optional<RoleId>> all = new TreeMap<>();
        stays.getOrDefault(gear, List.of()).forEach(s -> all.put(s.from(), s.with()));
        return all;
    }

    /** Who has a piece at a second. */
    public Optional<RoleId> holder(GearId gear, double t) {
        Optional<RoleId> now = Optional.empty();
        for (Stay stay : stays.getOrDefault(gear, List.of())) {
            now = stay.from() <= t ? stay.with() : now;
        }
        return now;
    }

    /** Who has a piece in the end. */
    public Optional<RoleId> holder(GearId gear) {
        List<Stay> so = stays.getOrDefault(gear, List.of());
        return so.isEmpty() ? Optional.empty() : so.get(so.size() - 1).with();
    }

    /** Whether somebody moves a piece at all. */
    public boolean moves(GearId gear) {
        return !stays.getOrDefault(gear, List.of()).isEmpty();
    }

    /** In the order of time. */
    public List<Amiss> amiss() {
        return amiss;
    }
}
