package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wildchalk.core.drill.Step;

/** Which steps have begun and ended while a timeline is compiled, and who waits for them. */
final class StepBook {

    private final List<Step> steps;
    private final List<List<Job.Link>> waiting = new ArrayList<>();
    private final int[] open;
    private final boolean[] begun;
    private final double[] start;
    private final double[] end;

    StepBook(List<Step> steps) {
        this.steps = steps;
        steps.forEach(s -> waiting.add(new ArrayList<>()));
        open = new int[steps.size()];
        begun = new boolean[steps.size()];
        start = new double[steps.size()];
        end = new double[steps.size()];
    }

    int count() {
        return open.length;
    }

    /** Those who start when a step begins. */
    List<Job.Link> waitingFor(int step) {
        return waiting.get(step);
    }

    /** A step is not over before this move is, unless it runs on. */
    void expect(Job job) {
        open[job.step] += job.move.holdsStep() ? 1 : 0;
    }

    void begin(int step, double t) {
        begun[step] = true;
        start[step] = t;
    }

    /** A move that held its step up is done. */
    void close(Job job) {
        open[job.step]--;
    }

    boolean isOver(int step) {
        return begun[step] && open[step] == 0;
    }

    void end(int step, double t) {
        end[step] = t;
    }

    /**
     * When each step's own moves happened: a move with a trigger may start before the step before is over. A step without
     * any that happen stands at its place in the order.
     */
    List<StepSpan> spans(List<Job> jobs) {
        double[] first = new double[open.length];
        double[] last = new double[open.length];
        Arrays.fill(first, Double.POSITIVE_INFINITY);
        Arrays.fill(last, Double.NEGATIVE_INFINITY);
        for (Job job : jobs) {
            if (job.state == Job.State.DONE) {
                first[job.step] = Math.min(first[job.step], job.start);
                last[job.step] = Math.max(last[job.step], job.end);
            }
        }
        List<StepSpan> spans = new ArrayList<>();
        for (int s = 0; s < open.length; s++) {
            boolean moved = first[s] <= last[s];
            spans.add(new StepSpan(steps.get(s).id(), moved ? first[s] : start[s], moved ? last[s] : end[s]));
        }
        return spans;
    }
}
