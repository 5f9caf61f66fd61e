package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.SportTexts;
import wildchalk.core.text.Texts;

/** Makes a move one of another kind that goes to where it was going: a run, a pass, a shot or a wait. */
final class TurnInto {

    /** Somebody this near (m) to where a run ended is meant by the pass in its place. */
    private static final double MEANT_METRES = 3;

    /** A run in the place of a shot ends so far (m) before the goal. */
    private static final double BEFORE_GOAL_METRES = 4;

    private static final double WAIT_SECONDS = 1;

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;

    TurnInto(Path path, Surface surface, Timeline timeline) {
        this.path = path;
        this.surface = surface;
        this.timeline = timeline;
    }

    /** The other kinds that a move could be. */
    List<Phrase.Choice> choices(Move move) {
        String group = Texts.CORE.get("turn.group");
        Point end = end(move);
        List<Phrase.Choice> all = new ArrayList<>();
        if (!(move instanceof Travel)) {
            all.add(new Phrase.Choice(
                    group,
                    SportTexts.get("manner", surface.sport(), Manner.FORWARD.toString()),
                    m -> new Travel(
                            m.id(),
                            m.role(),
                            m.trigger(),
                            m.runsOn(),
                            Manner.FORWARD,
                            Effort.STEADY,
                            List.of(new Waypoint(end, false)))));
        }
        if (!(move instanceof Pass)) {
            Target target = passTo(move, end);
            all.add(new Phrase.Choice(group, passes(target), m -> pass(m, target)));
        }
        if (!(move instanceof Shot)) {
            goal(end)
                    .ifPresent(g -> all.add(new Phrase.Choice(
                            group,
                            Texts.CORE.get("turn.shot"),
                            m -> new Shot(
                                    m.id(), m.role(), m.trigger(), m.runsOn(), g.id(), Aim.MIDDLE, Weight.FIRM))));
        }
        if (!(move instanceof Act a && a.deed() instanceof Deed.Waiting)) {
            all.add(new Phrase.Choice(
                    group,
                    Texts.CORE.get("turn.wait"),
                    m -> new Act(m.id(), m.role(), m.trigger(), m.runsOn(), new Deed.Waiting(WAIT_SECONDS))));
        }
        return all;
    }

    private Pass pass(Move m, Target target) {
        PassKind kind = surface.ballStaysLow() ? PassKind.GROUND : PassKind.AIR;
        return new Pass(m.id(), m.role(), m.trigger(), m.runsOn(), target, kind, Weight.FIRM);
    }

    private String passes(Target target) {
        return target.match(
                role -> Texts.CORE.get(
                        "turn.pass",
                        path.role(role.role())
                                .map(Role::label)
                                .orElse(role.role().text())),
                place -> Texts.CORE.get("turn.pass-there"));
    }

    /** Where a move leads: the end of a run, who is to get a pass, a spot before the goal. */
    private Point end(Move move) {
        double after = timeline.move(move.id()).end();
        Point own = timeline.poseAt(move.role(), after).at();
        if (move instanceof Travel travel) {
            return travel.path().get(travel.path().size() - 1).at();
        } else if (move instanceof Pass pass) {
            return pass.to()
                    .match(role -> timeline.poseAt(role.role(), after).at().toMillimetres(), Target.ToPlace::at);
        } else if (move instanceof Shot shot) {
            return Goals.find(path, surface, shot.goal())
                    .map(g -> g.centre()
                            .plus(Point.polar(BEFORE_GOAL_METRES, g.facingDegrees()))
                            .toMillimetres())
                    .orElse(own);
        }
        double facing = timeline.poseAt(move.role(), after).facingDegrees();
        return own.plus(Point.polar(BEFORE_GOAL_METRES, facing)).toMillimetres();
    }

    /** Who stands where the move leads, of one's own side if there is a choice; else the place. */
    private Target passTo(Move move, Point end) {
        Optional<Role> own = path.role(move.role());
        double at = timeline.move(move.id()).end();
        Optional<Role> near = path.roles().stream()
                .filter(r -> !r.id().equals(move.role()))
                .filter(r -> own.map(o -> o.side() == r.side()).orElse(true))
                .min(Comparator.comparingDouble(
                        r -> timeline.poseAt(r.id(), at).at().distanceTo(end)));
        boolean toPlace = move instanceof Travel
                && near.filter(r -> timeline.poseAt(r.id(), at).at().isWithin(MEANT_METRES, end))
                        .isEmpty();
        return near.filter(r -> !toPlace)
                .<Target>map(r -> new Target.ToRole(r.id()))
                .orElseGet(() -> new Target.ToPlace(end));
    }

    private Optional<GoalMouth> goal(Point near) {
        return Goals.nearest(path, surface, near);
    }
}
