package wildchalk.core.stopwatch;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Times of the same thing, stopped by hand. Their middle is the median, their spread the median distance from it, scaled so that it
 * is the standard deviation where times lie normally (Rousseeuw and Croux 1993); what lies three spreads off is a slip of the thumb.
 *
 * @param kept in rising order
 * @param slips those left out
 * @param median of the kept, s
 * @param spread of the kept, s
 */
public record StoppedTimes(List<Double> kept, List<Double> slips, double median, double spread) {

    /** More are not typed. */
    public static final int MOST = 200;

    private static final double NORMAL = 1.4826;
    private static final double SLIP_SPREADS = 3;

    /** No thumb is surer than this (s): times nearer to each other are not called slips. */
    private static final double THUMB_SECONDS = 0.2;

    public StoppedTimes {
        kept = List.copyOf(kept);
        slips = List.copyOf(slips);
    }

    /** @param seconds one or more, each above 0 */
    public static StoppedTimes of(List<Double> seconds) {
        if (seconds.isEmpty() || seconds.stream().anyMatch(s -> !(s > 0 && s < Double.POSITIVE_INFINITY))) {
            throw new IllegalArgumentException("Stopped times (%s) need one or more above zero.".formatted(seconds));
        }
        double middle = median(seconds);
        double far = SLIP_SPREADS * Math.max(THUMB_SECONDS, spread(seconds, middle));
        List<Double> kept = new ArrayList<>();
        List<Double> slips = new ArrayList<>();
        seconds.stream().sorted().forEach(s -> (Math.abs(s - middle) <= far ? kept : slips).add(s));
        double median = median(kept);
        return new StoppedTimes(kept, slips, median, spread(kept, median));
    }

    /** How far (s) the median of so many times may be off, in two of three cases. */
    public double uncertainty() {
        // the median of normal times is surer than one of them by the root of their number, less 25 %
        return 1.2533 * Math.max(THUMB_SECONDS / 2, spread) / Math.sqrt(kept.size());
    }

    private static double spread(List<Double> seconds, double middle) {
        return NORMAL * median(seconds.stream().map(s -> Math.abs(s - middle)).toList());
    }

    private static double median(List<Double> seconds) {
        double[] all = seconds.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(all);
        int half = all.length / 2;
        return all.length % 2 == 1 ? all[half] : (all[half - 1] + all[half]) / 2;
    }

    /**
     * Times as they are typed: "12.4 12,9; 13.1". A comma between two digits is a point.
     *
     * @return empty where nothing is typed
     * @throws IllegalArgumentException naming what is no time
     */
    public static List<Double> typed(String text) {
        List<Double> all = new ArrayList<>();
        for (String word : text.strip().replaceAll("(?<=\\d),(?=\\d)", ".").split("[\\s;]+")) {
            if (word.isEmpty()) {
                continue;
            }
            try {
                double seconds = Double.parseDouble(word.endsWith("s") ? word.substring(0, word.length() - 1) : word);
                if (!(seconds > 0 && seconds <= 3600)) {
                    throw new NumberFormatException();
                }
                all.add(seconds);
            } catch (NumberFormatException no) {
                throw new IllegalArgumentException(word);
            }
        }
        if (all.size() > MOST) {
            throw new IllegalArgumentException(String.valueOf(all.size()));
        }
        return all;
    }
}
