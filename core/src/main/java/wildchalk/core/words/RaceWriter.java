package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Race;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Zones;
import wildchalk.core.motion.Finish;
import wildchalk.core.motion.Timeline;
import wildchalk.core.motion.Whereabouts;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Says who is first where a rep goes by that, and by how much. */
final class RaceWriter {

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;
    private final LengthUnit unit;

    RaceWriter(Path path, Surface surface, Timeline timeline, LengthUnit unit) {
        this.path = path;
        this.surface = surface;
        this.timeline = timeline;
        this.unit = unit;
    }

    /** What is said of the races that a step ends in. */
    List<Line> lines(Step step) {
        List<Line> all = new ArrayList<>();
        for (Fork fork : path.course().forks()) {
            if (fork.race().isPresent() && fork.after().equals(step.id())) {
                all.add(line(step, fork));
            }
            if (fork.after().equals(step.id())) {
                Whereabouts.of(path, timeline, fork).ifPresent(w -> all.add(won(step, fork, w)));
            }
        }
        return all;
    }

    private Line line(Step step, Fork fork) {
        Race race = fork.race().orElseThrow();
        List<MoveId> runs = step.moves().stream()
                .filter(m -> m instanceof Travel && race.runners().contains(m.role()))
                .map(Move::id)
                .toList();
        Optional<Finish> finish = finish(fork);
        List<Measure> measures = finish.filter(f -> Double.isFinite(f.marginSeconds())).stream()
                .map(f -> new Measure(Measure.Kind.AHEAD, f.marginSeconds(), margin(f)))
                .toList();
        return new Line(runs, said(fork, finish), measures);
    }

    private String said(Fork settled, Optional<Finish> finish) {
        if (finish.isEmpty()) {
            return text("race.nobody");
        }
        Finish f = finish.get();
        Fork whole = path.version().course().fork(settled.id()).orElse(settled);
        boolean asDrawn = f.branchOf(whole)
                .map(Branch::id)
                .equals(Optional.of(settled.branches().get(0).id()));
        String first = label(f.seconds().keySet().iterator().next());
        if (!asDrawn) {
            return text("race.other", first);
        }
        boolean ball = settled.race().orElseThrow().ball().isPresent();
        return f.isClose()
                ? text("race.close")
                : text(ball ? "race.first.ball" : "race.first", first, surface.ballName());
    }

    /** In which of the zones that decide the ball is won, or outside them all. */
    private Line won(Step step, Fork settled, Whereabouts where) {
        Fork whole = path.version().course().fork(settled.id()).orElse(settled);
        Optional<Branch> by = where.branchOf(path, surface, whole);
        boolean asDrawn =
                by.map(Branch::id).equals(Optional.of(settled.branches().get(0).id()));
        Optional<String> zone = by.flatMap(Branch::zone).map(this::zone);
        List<String> all = whole.branches().stream()
                .flatMap(b -> b.zone().stream())
                .map(this::zone)
                .toList();
        String said = text(
                "race.place." + (asDrawn ? "" : "other.") + (zone.isPresent() ? "in" : "out"),
                zone.orElseGet(() -> ReadOut.list(all)),
                surface.ballName());
        return new Line(step.moves().stream().map(Move::id).toList(), said, List.of());
    }

    private String zone(String id) {
        return Zones.find(path, surface, id).map(Zone::name).orElse(id);
    }

    private Optional<Finish> finish(Fork settled) {
        return Finish.of(path, surface, timeline, settled);
    }

    private String margin(Finish f) {
        return text("race.margin", Numbers.fixed(f.marginSeconds(), 2), unit.text(f.marginMetres()));
    }

    private String label(RoleId role) {
        return SentenceWriter.label(path, role);
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
