package wildchalk.core.runthrough;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.PlayArea;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;

/**
 * What one step is about: who takes part in it, and the places that somebody has to see who wants to follow it.
 *
 * @param roles who moves, gets a ball, or is met
 * @param places where they are as it starts, where they and the balls go; empty where nothing happens
 */
public record StepAction(Set<RoleId> roles, List<Point> places) {

    public StepAction {
        roles = Set.copyOf(roles);
        places = List.copyOf(places);
    }

    /** @param index of the step on the path */
    public static StepAction of(Drill drill, Path path, Timeline timeline, int index) {
        Step step = path.steps().get(index);
        double start = timeline.step(step.id()).start();
        Set<RoleId> roles = new LinkedHashSet<>();
        List<Point> places = new ArrayList<>();
        for (Move move : step.moves()) {
            roles.add(move.role());
            roles.addAll(move.others());
            if (move instanceof Pass pass) {
                pass.receiver().ifPresent(roles::add);
            }
            timeline.pathOf(move.role(), move.id()).ifPresent(places::addAll);
            timeline.flightOf(move.id()).ifPresent(f -> places.addAll(f.path()));
            if (move instanceof Travel travel) {
                travel.path().forEach(w -> places.add(w.at()));
            } else if (move instanceof Shot shot) {
                drill.surface().goal(shot.goal()).ifPresent(g -> places.add(g.centre()));
            } else if (move instanceof Act act && act.deed() instanceof OpenPlay) {
                places.addAll(PlayArea.of(path, drill.surface(), timeline, act).outline());
            } else if (move instanceof PickUp) {
                MoveSpan span = timeline.move(move.id());
                places.add(timeline.poseAt(move.role(), span.end()).at());
            }
        }
        roles.forEach(r -> places.add(timeline.poseAt(r, start).at()));
        return new StepAction(roles, places);
    }
}
