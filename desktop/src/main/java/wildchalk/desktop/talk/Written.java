package wildchalk.desktop.talk;

import java.util.List;

/**
 * Which steps of a long talk-through are there to be read: all of a usual one; of one that is longer than anybody reads at
 * once, the steps around the one that is drawn.
 *
 * @param first index of the first step that has a head; those before it are one line
 * @param end index after the last step that has a head
 * @param from index of the first step whose sentences are written out; the others show their heads only
 * @param until index after the last such step
 */
record Written(int first, int end, int from, int until) {

    /** A talk-through of so many sentences is there as a whole. */
    static final int WHOLE = 150;

    /** Of a longer one, so many are written out. */
    static final int SENTENCES = 60;

    /** Up to so many steps all are there. */
    static final int STEPS = 25;

    /** Of more steps, so many are shown on either side. */
    static final int HEADS = 6;

    /** @param sentences of each step; @param current index of the step that is drawn */
    static Written around(int current, List<Integer> sentences) {
        int steps = sentences.size();
        int all = sentences.stream().mapToInt(Integer::intValue).sum();
        if (all <= WHOLE && steps <= STEPS) {
            return new Written(0, steps, 0, steps);
        }
        int here = Math.max(0, Math.min(current, steps - 1));
        int first = Math.max(0, here - HEADS);
        int end = Math.min(steps, here + HEADS + 1);
        int from = here;
        int until = Math.min(here + 1, steps);
        int written = steps == 0 ? 0 : sentences.get(here);
        boolean grown = true;
        while (grown) {
            grown = false;
            if (until < end && written + sentences.get(until) <= SENTENCES) {
                written += sentences.get(until++);
                grown = true;
            }
            if (from > first && written + sentences.get(from - 1) <= SENTENCES) {
                written += sentences.get(--from);
                grown = true;
            }
        }
        return new Written(first, end, from, until);
    }

    /** Whether it shows less than all of so many steps, and so depends on which is drawn. */
    boolean isPart(int steps) {
        return from > 0 || until < steps;
    }

    boolean isWrittenOut(int step) {
        return step >= from && step < until;
    }
}
