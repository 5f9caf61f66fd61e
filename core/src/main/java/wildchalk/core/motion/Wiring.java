package wildchalk.core.motion;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Trigger;

/** Connects each move to the moments that it waits for. */
final class Wiring {

    private final List<Job> jobs;
    private final Map<MoveId, Job> jobOf;
    private final StepBook steps;
    private final Map<Runner, Job> lastLegs = new HashMap<>();
    private final Map<Runner, Job> lastRelease = new HashMap<>();

    Wiring(List<Job> jobs, Map<MoveId, Job> jobOf, StepBook steps) {
        this.jobs = jobs;
        this.jobOf = jobOf;
        this.steps = steps;
    }

    void connect() {
        for (Job job : jobs) {
            Move move = job.move;
            boolean onTheRun = move.isBallRelease() && move.trigger().isPresent();
            if (!onTheRun) {
                afterOwn(job, lastLegs.get(job.runner));
            }
            afterOwn(job, lastRelease.get(job.runner));
            (move.isBallRelease() ? lastRelease : lastLegs).put(job.runner, job);
            if (move.trigger().isPresent()) {
                trigger(job, move.trigger().get());
            } else {
                link(steps.waitingFor(job.step), job, 0);
                job.waitsForStep = true;
            }
        }
    }

    private static void afterOwn(Job job, Job earlier) {
        if (earlier != null) {
            link(earlier.onFree, job, 0);
            job.waitsFor.add(earlier);
        }
    }

    private void trigger(Job job, Trigger trigger) {
        trigger.move().map(jobOf::get).ifPresent(job.waitsFor::add);
        double plus = trigger.plusSeconds();
        trigger.event()
                .match(
                        whistle -> {
                            job.readyAt = Math.max(job.readyAt, plus);
                            return null;
                        },
                        starts -> link(jobOf.get(starts.move()).onStart, job, plus),
                        ends -> link(jobOf.get(ends.move()).onEnd, job, plus),
                        caught -> link(jobOf.get(caught.move()).onCaught, job, plus));
    }

    private static Void link(List<Job.Link> moment, Job job, double delay) {
        moment.add(new Job.Link(job, delay));
        job.unmet++;
        return null;
    }
}
