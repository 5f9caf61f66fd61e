package wildchalk.desktop.board;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Outcomes;
import wildchalk.core.motion.ForkTimes;
import wildchalk.core.motion.Launches;
import wildchalk.desktop.document.DrillDocument;

/** Moves the playhead while a drill plays: past forks, and round and round while reps follow each other. */
public final class Playback {

    /** The same draws every time, so that two coaches see the same. */
    private static final long SEED = 2026;

    private final DrillDocument document;
    private final Supplier<AtForks> atForks;
    private final BooleanSupplier reps;
    private final Random random = new Random(SEED);
    private final ObjectProperty<Optional<Fork>> asking = new SimpleObjectProperty<>(Optional.empty());
    /** Reps that have started before the one that is shown first. */
    private int launched;

    Playback(DrillDocument document, Supplier<AtForks> atForks, BooleanSupplier reps) {
        this.document = document;
        this.atForks = atForks;
        this.reps = reps;
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
        launched = 0;
        asking.set(Optional.empty());
        boolean fromWhistle = document.secondsProperty().get() < 1e-6;
        if (fromWhistle && atForks.get() == AtForks.CHANCE && Outcomes.areMany(document.whole())) {
            document.choose(Outcomes.drawn(document.whole(), random).choices());
        }
    }

    /** The fork at which playing has stopped to ask; empty while nothing is asked. */
    public ObjectProperty<Optional<Fork>> askingProperty() {
        return asking;
    }

    /** Goes the way of a branch, and plays on. */
    public void take(Branch branch) {
        Fork fork = asking.get().orElseThrow();
        asking.set(Optional.empty());
        document.choose(document.choicesProperty().get().with(fork.id(), branch.id()));
        document.playingProperty().set(true);
    }

    void goOn(double elapsed) {
        double before = document.secondsProperty().get();
        double t = before + elapsed;
        Optional<Double> period = period();
        if (period.isPresent()) {
            double end = Math.max(period.get(), 0.1);
            if (t >= end) {
                launched++;
                t -= end;
            }
            document.seek(t);
            return;
        }
        Optional<Fork> fork = atForks.get() == AtForks.ASK ? reached(before, t) : Optional.empty();
        if (fork.isPresent()) {
            document.seek(endOf(fork.get()));
            document.playingProperty().set(false);
            asking.set(fork);
            return;
        }
        document.seek(t);
        if (t >= document.timeline().seconds()) {
            document.playingProperty().set(false);
        }
    }

    /** The fork whose step ends between two moments. */
    private Optional<Fork> reached(double from, double to) {
        return document.whole().course().forks().stream()
                .filter(f -> f.by() != Fork.By.CALL)
                .filter(f -> document.rep().progression().step(f.after()).isPresent())
                .filter(f -> from < endOf(f) && endOf(f) <= to)
                .findFirst();
    }

    private double endOf(Fork fork) {
        return ForkTimes.at(document.rep().progression(), document.timeline(), fork);
    }

    // ---- reps that overlap ----

    private Optional<Double> period() {
        return reps.getAsBoolean()
                ? Launches.period(document.rep().progression(), document.timeline())
                : Optional.empty();
    }

    /** Seconds into the other reps that run now. */
    List<Double> otherReps() {
        Optional<Double> period = period();
        if (period.isEmpty()) {
            return List.of();
        }
        double t = document.secondsProperty().get();
        List<Double> all = Launches.running(period.get(), document.timeline().seconds(), t + launched * period.get());
        return all.size() < 2 ? List.of() : all.subList(1, all.size());
    }
}
