package wildchalk.core.reps;

import java.util.List;

/**
 * Where one rep stood still: passes that missed and were fetched. All that comes after a hitch comes so much later.
 *
 * @param all in the order of their moments
 */
record Hitches(List<Hitch> all) {

    /**
     * @param moment seconds into the rep as drawn
     * @param seconds that it takes until the rep goes on
     */
    record Hitch(double moment, double seconds) {}

    static final Hitches NONE = new Hitches(List.of());

    Hitches {
        all = List.copyOf(all);
    }

    /** When a moment of the rep as drawn comes. */
    double real(double moment) {
        double real = moment;
        for (Hitch h : all) {
            real += h.moment < moment ? h.seconds : 0;
        }
        return real;
    }

    /** The moment of the rep as drawn that is shown so many seconds after its whistle. */
    double drawn(double real) {
        double late = 0;
        for (Hitch h : all) {
            double stands = h.moment + late;
            if (real <= stands) {
                break;
            }
            late += Math.min(h.seconds, real - stands);
        }
        return real - late;
    }
}
