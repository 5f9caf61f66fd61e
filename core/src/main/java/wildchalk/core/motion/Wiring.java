package wildchalk.core.motion;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;

/** Connects each move to the moments that it waits for. */
final class Wiring {

    private final List<Job> jobs;
    private final Map<MoveId, Job> jobOf;
    private final StepBook steps;
    private final Watches watches;
    private final Reactions reactions;
    private final Map<Runner, Job> lastLegs = new HashMap<>();
    private final Map<Runner, Job> lastRelease = new HashMap<>();

    Wiring(List<Job> jobs, Map<MoveId, Job> jobOf, StepBook steps, Watches watches, Reactions reactions) {
        this.jobs = jobs;
        this.jobOf = jobOf;
        this.steps = steps;
        this.watches = watches;
        this.reactions = reactions;
    }

    /** @param holds rules of which those on moving make travels wait */
    void connect(List<Rule.Hold> holds) {
        for (Job job : jobs) {
            Move move = job.move;
            boolean onTheRun = !move.needsLegs() && move.trigger().isPresent();
            if (isChallengeOnCue(move)) {
                // who reads it leaves what he is running
                onceUnderWay(job, lastLegs.get(job.runner));
            } else if (!onTheRun) {
                afterOwn(job, lastLegs.get(job.runner));
            }
            afterOwn(job, lastRelease.get(job.runner));
            (move.needsLegs() ? lastLegs : lastRelease).put(job.runner, job);
            if (move.trigger().isPresent()) {
                trigger(job, move.trigger().get());
            } else {
                link(steps.waitingFor(job.step), job, 0, 0, false);
                job.waitsForStep = true;
            }
        }
        for (Rule.Hold hold : holds) {
            if (hold.what() == Rule.What.MOVE) {
                hold(hold.role(), hold.until().orElseThrow());
            }
        }
    }

    /** Somebody who may not move yet waits with every travel until he may. */
    private void hold(RoleId role, Event until) {
        for (Job job : jobs) {
            boolean held = job.move instanceof Travel
                    && job.move.role().equals(role)
                    && !until.move().equals(Optional.of(job.move.id()));
            if (held) {
                waitFor(job, until, 0, reactions.seconds(role, until), 0, false);
            }
        }
    }

    private static boolean isChallengeOnCue(Move move) {
        return move.trigger().isPresent() && move instanceof Act act && act.deed() instanceof Challenge;
    }

    private static void onceUnderWay(Job job, Job earlier) {
        if (earlier != null) {
            link(earlier.onUnderWay, job, 0, 0, false);
            job.waitsFor.add(earlier);
        }
    }

    private static void afterOwn(Job job, Job earlier) {
        if (earlier != null) {
            link(earlier.onFree, job, 0, 0, false);
            job.waitsFor.add(earlier);
        }
    }

    private void trigger(Job job, Trigger trigger) {
        waitFor(job, trigger.event(), trigger.plusSeconds(), reactions.seconds(job.move, trigger), job.step, true);
    }

    /** Whoever is to act some time after a moment sees it coming meanwhile: the longer of delay and reaction counts. */
    private void waitFor(Job job, Event event, double delay, double reaction, int step, boolean cue) {
        double plus = Math.max(delay, reaction);
        double reacts = reaction > delay ? reaction : 0;
        event.move().map(jobOf::get).ifPresent(job.waitsFor::add);
        event.match(new Event.Cases<Void>() {
            @Override
            public Void whistle(Event.Whistle w) {
                job.readyFrom(plus, reacts);
                job.cuedAt = cue ? 0 : job.cuedAt;
                return null;
            }

            @Override
            public Void starts(Event.Starts s) {
                return link(jobOf.get(s.of()).onStart, job, plus, reacts, cue);
            }

            @Override
            public Void ends(Event.Ends e) {
                return link(jobOf.get(e.of()).onEnd, job, plus, reacts, cue);
            }

            @Override
            public Void caught(Event.Caught c) {
                return link(jobOf.get(c.of()).onCaught, job, plus, reacts, cue);
            }

            @Override
            public Void handles(Event.Handles h) {
                return watch(h);
            }

            @Override
            public Void reaches(Event.Reaches r) {
                return watch(r);
            }

            @Override
            public Void called(Event.IsCalled c) {
                return watch(c);
            }

            private Void watch(Event watched) {
                job.watch = watches.add(watched, step);
                return link(job.watch.links, job, plus, reacts, cue);
            }
        });
    }

    private static Void link(List<Job.Link> moment, Job job, double delay, double reaction, boolean cue) {
        moment.add(new Job.Link(job, delay, reaction, cue));
        job.unmet++;
        return null;
    }
}
