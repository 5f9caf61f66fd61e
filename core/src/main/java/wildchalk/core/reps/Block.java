package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.reps.RepRun.Cause;
import wildchalk.core.reps.RepRun.InLine;
import wildchalk.core.reps.RepRun.Person;
import wildchalk.core.reps.RepRun.Playing;
import wildchalk.core.reps.RepRun.Standing;
import wildchalk.core.reps.RepRun.Stay;
import wildchalk.core.reps.RepRun.Walking;
import wildchalk.core.reps.RepScript.Part;

/**
 * What minutes of one drill give to everybody: reps are played one after another until the time is over; what runs then still
 * counts up to that moment.
 *
 * @param seconds how long it lasts
 * @param reps that start in that time
 * @param repsPlayedOut of them, those that are over before it
 * @param people everybody but coaches
 * @param ballsForAll how many balls it takes so that no rep waits for one
 * @param starves what reps wait for longest; empty if all start when they are due
 * @param waitedSeconds how much later than due they start, all told
 */
public record Block(
        double seconds,
        int reps,
        int repsPlayedOut,
        List<Share> people,
        int ballsForAll,
        Optional<Shortage> starves,
        double waitedSeconds) {

    /** What reps wait for. */
    public enum Shortage {
        /** Nobody stands at the head of a line: more people, or a shorter way back. */
        PEOPLE,
        /** Somebody is on the way back to his place. */
        PLACES,
        BALLS
    }

    /**
     * One turn, from when it began until there was nothing more to do in it; seconds.
     *
     * @param role that is played in it
     */
    public record Turn(double from, double to, RoleId role) {}

    /**
     * What one person gets.
     *
     * @param number as in {@link Somebody}
     * @param role that is played first
     * @param line in which he begins; empty for one who begins at his place
     * @param place in that line, from 1; 0 for one who begins at his place
     * @param keeper whether that is a keeper's
     * @param stays whether he does the same in every rep, as a keeper or somebody who feeds
     * @param turns in the order in which they come
     * @param touches balls played, or carried to the end
     * @param workSeconds of all his goes: each from the first that he does to the last
     * @param hardSeconds of them at a hard run or faster
     * @param playSeconds in a rep, from when he takes his part until it is done
     * @param walkSeconds on the way to a line or a place
     * @param standSeconds in a line or at his place between two turns, rests left out
     * @param longestWaitSeconds likewise, between two turns, before the first or after the last
     * @param shotsFaced by a keeper
     * @param leastGapSeconds between two of these; infinite with fewer than two
     */
    public record Share(
            int number,
            RoleId role,
            Optional<LineId> line,
            int place,
            boolean keeper,
            boolean stays,
            List<Turn> turns,
            int touches,
            int shots,
            double metres,
            double workSeconds,
            double hardSeconds,
            double playSeconds,
            double walkSeconds,
            double standSeconds,
            double longestWaitSeconds,
            int shotsFaced,
            double leastGapSeconds) {

        public Share {
            turns = List.copyOf(turns);
        }

        /** What is played, in the order in which it first comes; what would be played first where no turn comes. */
        public List<RoleId> roles() {
            return turns.isEmpty()
                    ? List.of(role)
                    : turns.stream().map(Turn::role).distinct().toList();
        }
    }

    public Block {
        people = List.copyOf(people);
    }

    /** Plays it. */
    public static Block of(RepScript script, Conditions conditions, double minutes) {
        return new Reckoning(script, new RepRun(script, conditions), 60 * minutes).block();
    }

    // ---- all together ----

    /** Those whose turns are told: everybody who takes turns; where nobody does, everybody but keepers, or everybody. */
    public List<Share> players() {
        List<Share> turning = people.stream().filter(p -> !p.stays()).toList();
        List<Share> field = people.stream().filter(p -> !p.keeper()).toList();
        return !turning.isEmpty() ? turning : field.isEmpty() ? people : field;
    }

    public List<Share> keepers() {
        return people.stream().filter(Share::keeper).toList();
    }

    public int fewestTurns() {
        return players().stream().mapToInt(p -> p.turns().size()).min().orElse(0);
    }

    public int mostTurns() {
        return players().stream().mapToInt(p -> p.turns().size()).max().orElse(0);
    }

    public double turnsEach() {
        return players().stream().mapToInt(p -> p.turns().size()).average().orElse(0);
    }

    /** Share of all their time in which players stand, 0 to 1. */
    public double standing() {
        return share(players().stream().mapToDouble(Share::standSeconds).sum());
    }

    /** Share of all their time that the goes of players take, 0 to 1. */
    public double working() {
        return share(players().stream().mapToDouble(Share::workSeconds).sum());
    }

    private double share(double sum) {
        return players().isEmpty() ? 0 : sum / seconds / players().size();
    }

    /** Seconds of rest for each second of work; infinite where nobody works. */
    public double restPerWork() {
        return working() <= 0 ? Double.POSITIVE_INFINITY : (1 - working()) / working();
    }

    public double longestWaitSeconds() {
        return players().stream().mapToDouble(Share::longestWaitSeconds).max().orElse(0);
    }

    /** Adds up what everybody did. */
    private static final class Reckoning {

        private final RepScript script;
        private final RepRun run;
        private final double seconds;
        private int reps;

        Reckoning(RepScript script, RepRun run, double seconds) {
            this.script = script;
            this.run = run;
            this.seconds = seconds;
            run.playUntil(seconds);
            while (run.startOf(reps) < seconds) {
                reps++;
            }
        }

        Block block() {
            int over = 0;
            double[] waited = new double[Cause.values().length];
            for (int rep = 0; rep < reps; rep++) {
                over += end(rep) <= seconds ? 1 : 0;
                RepRun.Wait wait = run.waitBefore(rep);
                waited[wait.cause().ordinal()] += wait.cause() == Cause.REST ? 0 : wait.seconds();
            }
            List<Share> people = new ArrayList<>();
            for (Person person : run.people) {
                if (script.path.role(person.first).filter(Filling::isPlayer).isPresent()) {
                    people.add(share(person));
                }
            }
            return new Block(
                    seconds,
                    reps,
                    over,
                    people,
                    ballsAtOnce(),
                    shortage(waited),
                    Arrays.stream(waited).sum());
        }

        private double end(int rep) {
            return run.startOf(rep)
                    + run.hitchesOf(rep).real(run.scriptOf(rep).timeline.seconds());
        }

        private static Optional<Shortage> shortage(double[] waited) {
            int worst = 0;
            for (int i = 1; i < waited.length; i++) {
                worst = waited[i] > waited[worst] + 1e-9 ? i : worst;
            }
            return waited[worst] <= 1e-6
                    ? Optional.empty()
                    : switch (Cause.values()[worst]) {
                        case NOTHING, REST -> Optional.empty();
                        case LINE -> Optional.of(Shortage.PEOPLE);
                        case PLACE -> Optional.of(Shortage.PLACES);
                        case BALL -> Optional.of(Shortage.BALLS);
                    };
        }

        /** The most balls that are out at once, if every rep takes them at its start as soon as there is one. */
        private int ballsAtOnce() {
            List<double[]> changes = new ArrayList<>();
            for (int rep = 0; rep < reps; rep++) {
                double start = run.startOf(rep);
                for (RepScript.Spare ball : run.scriptOf(rep).balls) {
                    changes.add(new double[] {start, 1});
                    changes.add(new double[] {start + run.hitchesOf(rep).real(ball.back()), -1});
                }
            }
            // one that comes back as a rep starts can go with it
            changes.sort(
                    (a, b) -> Math.abs(a[0] - b[0]) < 1e-9 ? Double.compare(a[1], b[1]) : Double.compare(a[0], b[0]));
            int out = 0;
            int most = 0;
            for (double[] change : changes) {
                out += (int) change[1];
                most = Math.max(most, out);
            }
            return most;
        }

        private Share share(Person person) {
            List<Turn> turns = new ArrayList<>();
            int touches = 0;
            int shots = 0;
            double metres = 0;
            double work = 0;
            double hard = 0;
            double plays = 0;
            double walks = 0;
            double stands = 0;
            double wait = 0;
            double free = 0;
            int faced = 0;
            double lastShot = Double.NEGATIVE_INFINITY;
            double gap = Double.POSITIVE_INFINITY;
            boolean keeper = script.path.role(person.first).orElseThrow().side() == Side.KEEPER;
            for (int i = 0; i < person.days.size(); i++) {
                Stay day = person.days.get(i);
                if (day.from() >= seconds) {
                    break;
                }
                double to = i + 1 < person.days.size()
                        ? Math.min(seconds, person.days.get(i + 1).from())
                        : seconds;
                if (day instanceof Playing p) {
                    Part part = run.scriptOf(p.rep()).parts.get(p.role());
                    // of a turn that the end cuts short, so much has been done
                    double share = p.until() <= seconds || p.until() <= p.from()
                            ? 1
                            : (seconds - p.from()) / (p.until() - p.from());
                    plays += to - p.from();
                    turns.add(new Turn(
                            p.from(), Math.min(seconds, p.until()), part.role().id()));
                    touches += (int) Math.floor(share * part.touches());
                    shots += (int) Math.floor(share * part.shots());
                    metres += share * part.metres();
                    work += share * part.working();
                    hard += share * part.hard();
                    wait = Math.max(wait, p.from() - free - rested(free, p.from()));
                    free = p.until();
                    for (double shot : part.shotsAt()) {
                        double at =
                                run.startOf(p.rep()) + run.hitchesOf(p.rep()).real(shot);
                        if (at < seconds) {
                            gap = Math.min(gap, at - lastShot);
                            lastShot = at;
                            faced++;
                        }
                    }
                } else if (day instanceof Walking) {
                    walks += to - day.from();
                } else if (day instanceof InLine || day instanceof Standing) {
                    double since = Math.max(0, day.from());
                    stands += Math.max(0, to - since - rested(since, to));
                }
            }
            return new Share(
                    person.number,
                    person.first,
                    lineOf(person),
                    person.days.get(0) instanceof InLine in ? in.place() + 1 : 0,
                    keeper,
                    stays(person),
                    turns,
                    touches,
                    shots,
                    metres,
                    work,
                    hard,
                    plays,
                    walks,
                    stands,
                    Math.max(wait, seconds - free - rested(free, seconds)),
                    faced,
                    gap);
        }

        /** A rest is no wait. */
        private double rested(double from, double to) {
            return run.rests().map(r -> r.within(from, to)).orElse(0.0);
        }

        private boolean stays(Person person) {
            RoleId first = person.first;
            return lineOf(person).isEmpty()
                    && IntStream.range(0, script.parts.size())
                            .anyMatch(i -> script.parts.get(i).role().id().equals(first) && script.stays(i));
        }

        private Optional<LineId> lineOf(Person person) {
            return person.days.get(0) instanceof InLine in
                    ? Optional.of(script.queues.get(in.line()).line().id())
                    : Optional.empty();
        }
    }
}
