package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ObjDoubleConsumer;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Travel;

/** Ends travels that go on until something happens, and says where that cannot be. */
final class Untils {

    /** Somebody who has come to rest so shortly before what should have stopped him did not run out of path, s. */
    private static final double NO_WAIT_SECONDS = 0.5;

    /** A travel, and what is waited for. */
    private record Until(Job job, Travel travel, Watch watch) {}

    private final Watches watches;
    private final Reports reports;
    private final ObjDoubleConsumer<Job> cutShort;
    private final List<Until> all = new ArrayList<>();
    /** Those that wait for a moment of a move. */
    private final Map<Event, List<Watch>> onMoves = new HashMap<>();

    /** @param cutShort shortens a travel that is under way, at a second */
    Untils(Watches watches, Reports reports, ObjDoubleConsumer<Job> cutShort) {
        this.watches = watches;
        this.reports = reports;
        this.cutShort = cutShort;
    }

    void add(Job job) {
        if (job.move instanceof Travel travel && travel.until().isPresent()) {
            Event event = travel.until().get();
            Watch watch = watches.add(event, job.step);
            watch.then = t -> comes(job, travel, t);
            all.add(new Until(job, travel, watch));
            if (event.move().isPresent()) {
                onMoves.computeIfAbsent(event, e -> new ArrayList<>()).add(watch);
            }
        }
    }

    /** Those that wait for a moment of a move that has just come. */
    List<Watch> waitingFor(Event moment) {
        return onMoves.getOrDefault(moment, List.of());
    }

    boolean isEmpty() {
        return all.isEmpty();
    }

    private void comes(Job job, Travel travel, double t) {
        switch (job.state) {
            case WAITING -> reports.until(Reports.UNTIL_BEFORE, travel, job.runner.at(t), 0, t);
            case RUNNING -> cutShort.accept(job, t);
            case DONE -> {
                double waited = t - job.end;
                if (waited > NO_WAIT_SECONDS && !job.brokenOff) {
                    reports.until(Reports.UNTIL_EARLY, travel, job.runner.at(job.end), waited, job.end);
                }
            }
            case NEVER -> {} // said already
        }
    }

    /** At the end of the rep: what never came. */
    void report() {
        for (Until until : all) {
            Job job = until.job();
            if (!until.watch().hasFired() && job.state == Job.State.DONE && !job.brokenOff) {
                reports.until(Reports.UNTIL_NEVER, until.travel(), job.runner.at(job.end), 0, job.end);
            }
        }
    }
}
