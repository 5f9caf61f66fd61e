package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;

/** Which travels of a role follow on each other without a stop, as far as is known at a moment. */
final class Chains {

    /**
     * Travels that join, and for each whether the ball is with the role, and what share of the speed is kept where it
     * joins the one before.
     */
    record Chain(List<Job> jobs, List<Boolean> carries, List<Double> keeps) {

        /** Whether the last of them goes through its end at speed. */
        boolean runsThrough() {
            Endings.Ending ending = jobs.get(jobs.size() - 1).ending;
            boolean carrying = carries.get(carries.size() - 1);
            return ending == Endings.Ending.THROUGH || ending == Endings.Ending.THROUGH_WITH_BALL && carrying;
        }
    }

    private Chains() {}

    /**
     * The travel {@code first} and those that will start the moment the one before ends: nothing else is missing for them
     * now, and what lies between is done on the run.
     */
    static Chain after(Job first, double t) {
        List<Job> chain = new ArrayList<>(List.of(first));
        List<Boolean> carries = new ArrayList<>(List.of(first.carrying));
        List<Double> keeps = new ArrayList<>(List.of(1.0));
        double kept = 1;
        int balls = first.runner.holds.size() - first.runner.leaving;
        // whoever follows waits for the last ball to leave beside what his legs do
        int leaving = 0;
        Job last = first;
        List<Job> own = first.isWorkedOut() ? List.of() : first.runner.jobs;
        for (int i = own.indexOf(first) + 1; i < own.size(); i++) {
            Job job = own.get(i);
            if (job.move.isBallRelease()) {
                if (job.state == Job.State.DONE || job.state == Job.State.RUNNING) {
                    continue;
                }
                // where the ball is not under control yet it leaves on the way
                boolean onTheRun =
                        job.unmet == 1 + leaving && job.move.trigger().isEmpty() && balls > 0 && !isHandedOff(job.move);
                if (!onTheRun || job.readyAt > t) {
                    break;
                }
                leaving = 1;
                balls--;
            } else if (!job.move.needsLegs()) {
                continue; // a call
            } else if (job.joins()) {
                if (job.state != Job.State.WAITING) {
                    continue;
                }
                boolean reachable =
                        job.unmet == 1 + leaving && job.move.trigger().isEmpty();
                if (!reachable || job.readyAt > t) {
                    break;
                }
                kept *= job.keepsOnTheRun();
            } else if (job.move instanceof Travel && !job.isWorkedOut()) {
                int known = 1 + leaving + (startsAtEndOf(job.move, last.move) ? 1 : 0);
                if (job.unmet != known || job.readyAt > t) {
                    break;
                }
                chain.add(job);
                carries.add(balls > 0);
                keeps.add(kept);
                kept = 1;
                last = job;
            } else {
                break;
            }
        }
        return new Chain(List.copyOf(chain), List.copyOf(carries), List.copyOf(keeps));
    }

    private static boolean isHandedOff(Move move) {
        return move instanceof Pass pass && pass.kind() == PassKind.HAND_OFF;
    }

    private static boolean startsAtEndOf(Move move, Move earlier) {
        Optional<Trigger> trigger = move.trigger();
        return trigger.filter(t -> t.event().equals(new Event.Ends(earlier.id())) && t.plusSeconds() == 0)
                .isPresent();
    }
}
