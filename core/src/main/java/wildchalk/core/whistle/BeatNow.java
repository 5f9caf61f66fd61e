package wildchalk.core.whistle;

import java.util.Random;
import wildchalk.core.session.Beat;

/**
 * Where a block's shifts or intervals stand.
 *
 * @param number of the shift, from 1
 * @param on false in the rest behind it
 * @param leftSeconds of it or of the rest
 */
public record BeatNow(int number, boolean on, double leftSeconds) {

    /**
     * @param into seconds into the block
     * @param seed the same seed draws the same lengths
     */
    static BeatNow of(Beat beat, double into, long seed) {
        Random random = new Random(seed);
        double at = 0;
        for (int number = 1; ; number++) {
            double work = beat.leastSeconds() + random.nextDouble() * (beat.mostSeconds() - beat.leastSeconds());
            if (into < at + work) {
                return new BeatNow(number, true, at + work - into);
            }
            at += work;
            if (into < at + beat.restSeconds()) {
                return new BeatNow(number, false, at + beat.restSeconds() - into);
            }
            at += beat.restSeconds();
        }
    }
}
