package wildchalk.core.motion;

import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.DroppingOut;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Looking;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.PickUpKind;
import wildchalk.core.drill.Skill;
import wildchalk.core.geometry.Point;

/** What is done on the spot while a timeline is compiled. */
final class Deeds {

    private final Simulation run;
    private final BallPlay balls;
    private final Challenges challenges;
    private final FreePlay freely;

    Deeds(Simulation run, BallPlay balls, Challenges challenges) {
        this.freely = new FreePlay(run, balls);
        this.challenges = challenges;
        this.run = run;
        this.balls = balls;
    }

    Void start(Job job, Act act, double t) {
        return act.deed().match(new Deed.Cases<Void>() {
            @Override
            public Void waiting(Deed.Waiting w) {
                return standing(job, t, w.seconds());
            }

            @Override
            public Void turning(Deed.Turning turn) {
                boolean onTheRun = job.runner.goesOn();
                double seconds = run.pace.turnSeconds(turn.degrees());
                job.runner.turn(t, seconds, turn.sweepDegrees(), onTheRun);
                run.endsAfter(job, t, seconds, onTheRun);
                return null;
            }

            @Override
            public Void screening(Deed.Screening s) {
                return standing(job, t, s.seconds());
            }

            @Override
            public Void contact(Deed.Contact c) {
                return standing(job, t, c.seconds());
            }

            @Override
            public Void contest(Deed.Contest c) {
                return startContest(job, t);
            }

            @Override
            public Void challenge(Challenge c) {
                return challenges.start(job, c, t);
            }

            @Override
            public Void openPlay(OpenPlay p) {
                return freely.start(job, p, t);
            }

            @Override
            public Void skill(Skill s) {
                boolean onTheRun = job.runner.goesOn();
                if (!onTheRun) {
                    job.runner.stand(t);
                }
                run.endsAfter(job, t, s.trick().seconds(), onTheRun);
                return null;
            }

            @Override
            public Void looking(Looking l) {
                run.endsAfter(job, t, Looking.SECONDS, true);
                return null;
            }

            @Override
            public Void droppingOut(DroppingOut d) {
                run.endsAfter(job, t, 0, true);
                return null;
            }

            @Override
            public Void handlingGear(HandlingGear h) {
                return standing(
                        job,
                        t,
                        h.way() == HandlingGear.Way.TAKE
                                ? run.pace.pickUpSeconds(PickUpKind.GROUND)
                                : run.pace.putDownSeconds());
            }

            @Override
            public Void calling(Deed.Calling c) {
                run.endsAfter(job, t, Pace.CALL_SECONDS, true);
                run.happened(new Event.IsCalled(c.words()), t);
                return null;
            }

            @Override
            public Void puttingDown(Deed.PuttingDown p) {
                if (job.runner.holds.isEmpty()) {
                    job.parked = true;
                    job.runner.waitingForBall.add(job);
                    return null;
                }
                job.parked = false;
                return standing(job, t, run.pace.putDownSeconds());
            }
        });
    }

    private Void standing(Job job, double t, double seconds) {
        job.runner.stand(t);
        run.endsAfter(job, t, seconds, false);
        return null;
    }

    /** Whoever drops the ball lets it go; else a loose one near by is fought for. */
    private Void startContest(Job job, double t) {
        Point here = job.runner.at(t);
        BallRun dropped = job.runner.holds.peek();
        if (dropped != null) {
            job.runner.holds.remove(dropped);
            balls.happened(Happening.Kind.RELEASED, dropped, job, job.runner, t, here);
            balls.liesLoose(dropped, job, t, here);
        }
        Optional<BallRun> ball = balls.freeNear(here, Pace.CONTEST_METRES);
        if (ball.isEmpty()) {
            balls.park(job);
            return null;
        }
        job.parked = false;
        job.contested = ball.get();
        return standing(job, t, Pace.CONTEST_SECONDS);
    }

    /** False while a ball that was won is still on its way to the winner. */
    boolean end(Job job, double t) {
        Deed deed = ((Act) job.move).deed();
        if (deed instanceof Deed.Contest contest) {
            return endContest(job, contest, t);
        } else if (deed instanceof Challenge challenge) {
            return challenges.end(job, challenge, t);
        } else if (deed instanceof OpenPlay play) {
            freely.end(job, play, t);
        } else if (deed instanceof Deed.PuttingDown && !job.runner.holds.isEmpty()) {
            BallRun ball = job.runner.holds.poll();
            balls.liesLoose(ball, job, t, job.runner.at(t));
            run.happened(new Event.Handles(job.runner.role.id(), Event.Handling.RELEASES), t);
            run.touched(job.runner);
        }
        return true;
    }

    private boolean endContest(Job job, Deed.Contest contest, double t) {
        BallRun ball = job.contested;
        boolean free = ball.state() instanceof BallState.Loose || ball.state() instanceof BallState.Dead;
        if (!free) {
            return true; // somebody else took it meanwhile
        }
        Runner winner = contest.winner().map(run.runners::get).orElse(job.runner);
        double gap = winner.at(t).distanceTo(BallPlay.lies(ball));
        if (gap > Pace.CONTEST_METRES) {
            run.reports.contestFar(job.move, winner, BallPlay.lies(ball), gap, t);
        }
        balls.sendTo(ball, winner, BallPlay.lies(ball), job, t);
        return false;
    }
}
