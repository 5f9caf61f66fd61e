package wildchalk.core.drill;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;

/** Carries what roles do, and what it waits for, to other places; left and right change places where a map swaps them. */
public final class MovesMap {

    private final UnaryOperator<String> goals;
    private final UnaryOperator<String> zones;
    private final PlaneMap map;

    /** To the goals and zones of a surface that lie where the map carries them. */
    public MovesMap(Surface surface, PlaneMap map) {
        this(id -> goal(surface, map, id), id -> zone(surface, map, id), map);
    }

    /**
     * @param goals the goal in whose place another one is
     * @param zones likewise for zones
     */
    public MovesMap(UnaryOperator<String> goals, UnaryOperator<String> zones, PlaneMap map) {
        this.goals = goals;
        this.zones = zones;
        this.map = map;
    }

    public Move move(Move move) {
        Move carried = move.match(
                t -> t.withPath(t.path().stream().map(this::waypoint).toList())
                        .withUntil(t.until().map(this::event))
                        .withFollows(t.follows().map(f -> f.withMarks(mark(f.of()), f.to().map(this::mark))))
                        .withFaces(t.faces().map(this::mark)),
                this::pass,
                this::shot,
                u -> u,
                this::act);
        return carried.withTrigger(
                move.trigger().map(t -> new Trigger(event(t.event()), t.plusSeconds(), t.reaction())));
    }

    private Waypoint waypoint(Waypoint w) {
        return w.withAt(map.apply(w.at()))
                .withFoot(map.swapsHands() ? w.foot().swapped() : w.foot())
                .withRound(w.round()
                        .map(r -> new Round(
                                map.apply(r.centre()),
                                r.turns(),
                                map.swapsHands() ? r.side().swapped() : r.side())));
    }

    private Move pass(Pass p) {
        return p.withTo(p.to().match(role -> role, place -> place.withAt(map.apply(place.at()))))
                .withBank(p.bank().map(b -> Board.facing(map.applyToHeading(b.outwardDegrees()))));
    }

    private Move shot(Shot s) {
        return (s.at().isPresent() ? s : s.withGoal(goals.apply(s.goal())))
                .withRebound(s.rebound().map(map::apply));
    }

    private Move act(Act a) {
        if (a.deed() instanceof Skill s) {
            return map.swapsHands() ? a.withDeed(s.withHand(s.hand().swapped())) : a;
        }
        if (a.deed() instanceof Looking l) {
            return a.withDeed(
                    new Looking(mark(l.at()), map.swapsHands() ? l.over().swapped() : l.over()));
        }
        if (a.deed() instanceof OpenPlay p) {
            return a.withDeed(p.withZone(p.zone().map(zones)));
        }
        if (a.deed() instanceof Challenge c) {
            return a.withDeed(c.withSpill(c.spill().map(map::apply)));
        }
        return a.deed() instanceof Deed.Turning t && map.swapsHands()
                ? a.withDeed(new Deed.Turning(t.turn(), t.hand().swapped(), t.degrees()))
                : a;
    }

    public Mark mark(Mark mark) {
        return mark.match(new Mark.Cases<Mark>() {
            @Override
            public Mark somebody(Mark.Somebody s) {
                return s;
            }

            @Override
            public Mark ball(Mark.TheBall b) {
                return b;
            }

            @Override
            public Mark goal(Mark.TheGoal g) {
                return new Mark.TheGoal(goals.apply(g.goal()));
            }

            @Override
            public Mark spot(Mark.Spot s) {
                return new Mark.Spot(map.apply(s.at()));
            }
        });
    }

    /** The goal of the surface nearest to where this one is carried; a goal that was set out keeps its id. */
    public static String goal(Surface surface, PlaneMap map, String id) {
        return surface.goal(id)
                .flatMap(g -> surface.goals().stream()
                        .min(Comparator.comparingDouble(other -> other.centre().distanceTo(map.apply(g.centre())))))
                .map(GoalMouth::id)
                .orElse(id);
    }

    /** A way along a row is no place: it is turned, and not moved on. */
    private Point about(Repeat repeat) {
        Point there = map.apply(repeat.about());
        return repeat.how() == Repeat.How.ALONG ? there.minus(map.apply(Point.ORIGIN)) : there;
    }

    /** A repeat about where the map carries its place. */
    public Repeat repeat(Repeat repeat) {
        Repeat there = repeat.withAbout(about(repeat)).withGoals(goals(repeat.goals()));
        return map.swapsHands() ? there.withSide(repeat.side().swapped()) : there;
    }

    public Alternation alternation(Alternation sides) {
        return sides.withGoals(goals(sides.goals()));
    }

    private Map<String, String> goals(Map<String, String> pairs) {
        Map<String, String> swapped = new HashMap<>();
        pairs.forEach((of, by) -> swapped.put(goals.apply(of), goals.apply(by)));
        return swapped;
    }

    public Event event(Event event) {
        return event instanceof Event.Reaches r ? new Event.Reaches(r.who(), region(r.where())) : event;
    }

    public Rule rule(Rule rule) {
        if (rule instanceof Rule.Duty d) {
            return d.withZone(zones.apply(d.zone()));
        }
        if (rule instanceof Rule.Limit l) {
            return l.withZone(l.zone().map(zones));
        }
        return rule instanceof Rule.Hold h
                ? new Rule.Hold(
                        h.id(),
                        h.role(),
                        h.what(),
                        h.where().map(this::region),
                        h.until().map(this::event))
                : rule;
    }

    /** A fork whose race, and whose zones, are where a map carries them. */
    public Fork fork(Fork fork) {
        Fork there = fork.withBranches(fork.branches().stream()
                .map(b -> b.withZone(b.zone().map(zones)))
                .toList());
        return fork.race()
                .flatMap(r -> r.where().map(w -> there.withRace(r.withWhere(region(w)))))
                .orElse(there);
    }

    private Region region(Region region) {
        return region.match(new Region.Cases<Region>() {
            @Override
            public Region line(Region.Line l) {
                return new Region.Line(map.apply(l.from()), map.apply(l.to()));
            }

            @Override
            public Region in(Region.In i) {
                return new Region.In(zones.apply(i.zone()));
            }

            @Override
            public Region out(Region.Out o) {
                return new Region.Out(zones.apply(o.zone()));
            }

            @Override
            public Region nearPlace(Region.NearPlace n) {
                return new Region.NearPlace(map.apply(n.at()), n.metres());
            }

            @Override
            public Region nearRole(Region.NearRole n) {
                return n;
            }
        });
    }

    /** The zone of the surface whose middle lies where that of this one is carried; a drawn one keeps its id. */
    public static String zone(Surface surface, PlaneMap map, String id) {
        Optional<Zone> here =
                surface.zones().stream().filter(z -> z.id().equals(id)).findFirst();
        return here.map(z -> {
                    Point there = map.apply(middle(z.outline()));
                    return surface.zones().stream()
                            .min(Comparator.comparingDouble(
                                            (Zone o) -> middle(o.outline()).distanceTo(there))
                                    .thenComparing(o -> Math.abs(
                                            o.outline().size() - z.outline().size())))
                            .orElse(z)
                            .id();
                })
                .orElse(id);
    }

    private static Point middle(List<Point> outline) {
        return outline.stream().reduce(Point.ORIGIN, Point::plus).times(1.0 / outline.size());
    }
}
