package wildchalk.desktop.board;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.motion.Pace;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.motion.Turnings;
import wildchalk.core.motion.Turnings.Turning;
import wildchalk.core.path.Outcomes;
import wildchalk.core.reps.Crowd;
import wildchalk.core.reps.Flows;
import wildchalk.core.reps.Outlook;
import wildchalk.core.reps.RepScript;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.picture.export.Told;

/** Moves the playhead while a drill plays: past forks, and round and round while reps follow each other. */
public final class Playback {

    /** The same draws every time, so that two coaches see the same. */
    private static final long SEED = 2026;

    private final DrillDocument document;
    private final Supplier<AtForks> atForks;
    private final BooleanSupplier reps;
    private final Random random = new Random(SEED);
    private final ObjectProperty<Optional<Turning>> asking = new SimpleObjectProperty<>(Optional.empty());
    private Told turnsOf;
    private List<Turning> turns = List.of();
    /** What has been said since the whistle. */
    private final Set<String> said = new HashSet<>();

    private final BooleanProperty loop = new SimpleBooleanProperty();
    private int loopedStep;

    /** Reps that have started before the one that is shown. */
    private int launched;

    private Optional<Outlook> watched = Optional.empty();
    private final ReadOnlyDoubleWrapper clock = new ReadOnlyDoubleWrapper(-1);
    private Told flowOf;
    private Flows flow;
    /** Where playing reps has put the playhead, and by how much the rep there is over while the next has not begun. */
    private double shown = -1;

    private double beyond;

    Playback(DrillDocument document, Supplier<AtForks> atForks, BooleanSupplier reps) {
        this.document = document;
        this.atForks = atForks;
        this.reps = reps;
        loop.addListener((o, was, is) -> loopedStep = document.stepProperty().get());
        document.playingProperty().addListener((o, was, is) -> {
            if (is) {
                started();
            }
        });
        document.drillProperty().addListener((o, a, b) -> asking.set(Optional.empty()));
        document.versionProperty().addListener((o, a, b) -> asking.set(Optional.empty()));
        document.secondsProperty().addListener((o, was, is) -> {
            if (!document.playingProperty().get() && asking.get().isPresent() && is.doubleValue() < was.doubleValue()) {
                asking.set(Optional.empty()); // somebody went back
            }
        });
    }

    private void started() {
        loopedStep = document.stepProperty().get();
        if (!reps.getAsBoolean()) {
            launched = 0;
        }
        double now = document.secondsProperty().get();
        if (asking.get().isEmpty()) {
            // whoever goes back is asked again
            turnings().stream().filter(t -> t.seconds() >= now).forEach(t -> said.remove(t.id()));
        }
        asking.set(Optional.empty());
        boolean fromWhistle = now < 1e-6;
        if (fromWhistle && atForks.get() == AtForks.CHANCE && Outcomes.areMany(document.version())) {
            document.choose(Outcomes.drawn(document.version(), random).choices());
        }
    }

    /** Where playing has stopped to ask how it goes on; empty while nothing is asked. */
    public ObjectProperty<Optional<Turning>> askingProperty() {
        return asking;
    }

    /** Goes one of the ways that were asked for, and plays on. */
    public void take(Turnings.Option way) {
        said.add(asking.get().orElseThrow().id());
        document.choose(way.choices(), () -> document.playingProperty().set(true));
    }

    void goOn(double elapsed) {
        double before = document.secondsProperty().get();
        double t = before + elapsed;
        if (reps.getAsBoolean()) {
            goOnInReps(elapsed);
            return;
        }
        if (loop.get()) {
            StepSpan now = looped();
            if (t >= now.end() || t < now.start()) {
                t = now.start();
            }
            document.seek(t);
            return;
        }
        Optional<Turning> turning = atForks.get() == AtForks.ASK ? reached(before, t) : Optional.empty();
        if (turning.isPresent()) {
            document.seek(turning.get().seconds());
            document.playingProperty().set(false);
            asking.set(turning);
            return;
        }
        document.seek(t);
        if (t >= document.timeline().seconds()) {
            document.playingProperty().set(false);
        }
    }

    /** Whether one step is played over and over. */
    BooleanProperty loopProperty() {
        return loop;
    }

    /** The step that was shown when somebody began to play it over and over. */
    private StepSpan looped() {
        List<StepSpan> steps = document.timeline().steps();
        return steps.get(Math.min(loopedStep, steps.size() - 1));
    }

    /** What has to be said between two moments, and has not been. */
    private Optional<Turning> reached(double from, double to) {
        return turnings().stream()
                .filter(t -> from <= t.seconds() && t.seconds() <= to)
                .filter(t -> !said.contains(t.id()))
                .findFirst();
    }

    /** Those of the rep that is shown; asked for with every frame, worked out once. */
    private List<Turning> turnings() {
        if (document.told() != turnsOf) {
            turnsOf = document.told();
            turns = turnsOf.run().turnings();
        }
        return turns;
    }

    // ---- reps one after another ----

    /** Shows a second of a block; it is played from there until the drill is changed or another way is shown. */
    void watch(Outlook block, double seconds) {
        if (!watched.equals(Optional.of(block))) {
            watched = Optional.of(block);
            flowOf = null;
        }
        show(seconds);
    }

    /** The block that is watched; empty while reps are played as drawn, or one rep alone. */
    Optional<Outlook> watched() {
        return watched;
    }

    /** Seconds since the first whistle of the block that is shown; below 0 while one rep alone is watched. */
    public double blockSeconds() {
        return clock.get();
    }

    /** The same, for whoever follows it. */
    ReadOnlyDoubleProperty clockProperty() {
        return clock.getReadOnlyProperty();
    }

    /** Who is where in many reps of what is told, or in the block that is watched; worked out once. */
    private Flows flow() {
        Told now = document.told();
        if (now != flowOf) {
            watched = watched.filter(o -> o.script().path() == now.path());
            flowOf = now;
            flow = watched.map(Outlook::flows)
                    .orElseGet(() -> Flows.drawn(RepScript.of(now.path(), now.timeline(), Pace.of(now.drill()))));
        }
        return flow;
    }

    /** Everybody now; empty where one rep alone is watched. */
    Optional<Crowd> crowd() {
        return reps.getAsBoolean() ? Optional.of(flow().crowd(clock())) : Optional.empty();
    }

    /** Back to what is drawn. */
    void unwatch() {
        watched = Optional.empty();
        flowOf = null;
        clock.set(-1);
    }

    /** Seconds since the first whistle: those of the rep that is shown, and what it is over by. */
    private double clock() {
        double into = document.secondsProperty().get();
        if (into != shown) {
            beyond = 0; // somebody has gone elsewhere
        }
        return flow().first().startOf(launched) + into + beyond;
    }

    private void goOnInReps(double elapsed) {
        double next = clock() + elapsed;
        double end = watched.map(o -> o.block().seconds()).orElse(Double.POSITIVE_INFINITY);
        show(Math.min(next, end));
        if (next >= end) {
            document.playingProperty().set(false);
        }
    }

    private void show(double seconds) {
        launched = flow().first().repAt(seconds);
        double into = seconds - flow().first().startOf(launched);
        double over = document.timeline().seconds();
        beyond = Math.max(0, into - over);
        document.seek(Math.min(into, over));
        shown = document.secondsProperty().get();
        clock.set(seconds);
    }
}
