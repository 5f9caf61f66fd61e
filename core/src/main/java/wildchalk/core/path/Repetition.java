package wildchalk.core.path;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.MovesMap;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.geometry.Point;

/** The n-th time that steps are done once more: carried to where that is, by whoever does it there. */
final class Repetition {

    /** Two zones whose middles are so near (m) lie in one place. */
    private static final double SAME_PLACE_METRES = 1.5;

    private final Repeat repeat;
    private final int n;
    private final MovesMap map;
    private final Map<MoveId, MoveId> names;
    private final boolean whistles;

    /**
     * @param scene whose zones lie where others are carried
     * @param names what the moves are called this time, of all that are done again
     * @param whistles whether it begins with the whistle, as what is done once more in a rep does not
     */
    Repetition(Scene scene, Repeat repeat, int n, Map<MoveId, MoveId> names, boolean whistles) {
        this.repeat = repeat;
        this.n = n;
        this.map = new MovesMap(g -> repeat.goal(g, n), z -> zone(scene, z), repeat.map(n));
        this.names = names;
        this.whistles = whistles;
    }

    /** The drawn zone that lies where this one is carried; itself where none does. */
    private String zone(Scene scene, String id) {
        List<MarkedZone> zones = scene.layout().zones();
        Optional<Point> there = zones.stream()
                .filter(z -> z.id().text().equals(id))
                .map(z -> repeat.map(n).apply(z.middle()))
                .findFirst();
        return there.flatMap(p -> zones.stream()
                        .filter(z -> z.middle().isWithin(SAME_PLACE_METRES, p))
                        .map(z -> z.id().text())
                        .findFirst())
                .orElse(id);
    }

    MovesMap map() {
        return map;
    }

    List<Move> moves(Step step) {
        return step.moves().stream().map(this::move).toList();
    }

    RoleId role(RoleId role) {
        return repeat.role(role, n);
    }

    private Move move(Move move) {
        // whoever does it instead may be whom it goes by: that is put in last
        Move plain = move instanceof Travel t
                ? t.withFollows(Optional.empty()).withFaces(Optional.empty())
                : move instanceof Shot s && s.at().isPresent() ? s.withGoal(s.goal()) : move;
        Move carried = map.move(plain.withTrigger(Optional.empty()))
                .withId(names.get(move.id()))
                .withRole(role(move.role()))
                .withTrigger(trigger(move));
        if (carried instanceof Pass pass) {
            return pass.withTo(pass.to()
                    .match(this::target, p -> p.withRunner(p.runner().map(this::role))));
        } else if (carried instanceof Shot shot) {
            return ((Shot) move).at().map(this::role).map(shot::withAt).orElse(shot);
        } else if (carried instanceof Act act) {
            return act.withDeed(act.deed().withRoles(this::role));
        } else if (carried instanceof Travel travel) {
            Travel told = (Travel) move;
            return travel.withUntil(told.until().flatMap(this::event))
                    .withFollows(told.follows().map(f -> f.withMarks(mark(f.of()), f.to().map(this::mark))))
                    .withFaces(told.faces().map(this::mark));
        }
        return carried;
    }

    private Mark mark(Mark mark) {
        return map.mark(mark).withRole(this::role);
    }

    private Target target(Target.ToRole to) {
        List<RoleId> among = to.among().stream().map(this::role).distinct().toList();
        return among.size() > 1 ? Target.ToRole.furthest(among) : new Target.ToRole(role(to.role()));
    }

    /** What is outside the repeat was long ago: then it starts with its step. */
    private Optional<Trigger> trigger(Move move) {
        return move.trigger().flatMap(t -> event(t.event()).map(e -> new Trigger(e, t.plusSeconds(), t.reaction())));
    }

    Optional<Event> event(Event event) {
        if (event.move().isPresent()) {
            return event.move().map(names::get).map(event::withMove);
        } else if (event instanceof Event.Whistle) {
            return whistles ? Optional.of(event) : Optional.empty();
        } else if (event instanceof Event.Handles h) {
            return Optional.of(new Event.Handles(role(h.role()), h.what()));
        } else if (event instanceof Event.Reaches r) {
            Event.Reaches there = (Event.Reaches) map.event(r);
            Mover who = r.who().match(s -> new Mover.Somebody(role(s.role())), b -> b);
            Region where = there.where() instanceof Region.NearRole near
                    ? new Region.NearRole(role(near.role()), near.metres())
                    : there.where();
            return Optional.of(new Event.Reaches(who, where));
        }
        return Optional.of(event);
    }
}
