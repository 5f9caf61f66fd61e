package wildchalk.core.telling;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Scoring;

/** What counts, as it is typed: "goal 2, goal off a cross 3". */
public final class ScoringText {

    private static final Pattern ONE = Pattern.compile("(.*?)\\s*(-?\\d{1,4})?");

    private ScoringText() {}

    public static String of(List<Scoring.Points> points) {
        return points.stream().map(p -> p.what() + " " + p.worth()).collect(Collectors.joining(", "));
    }

    /**
     * Each with a number behind it; without one it counts 1.
     *
     * @throws IllegalArgumentException for what nobody can count, saying what
     */
    public static List<Scoring.Points> points(String typed) {
        List<Scoring.Points> points = new ArrayList<>();
        for (String one : typed.split("[,;]")) {
            Matcher m = ONE.matcher(Limits.clean(one.strip()));
            if (m.matches() && !one.isBlank()) {
                points.add(
                        new Scoring.Points(m.group(1).strip(), m.group(2) == null ? 1 : Integer.parseInt(m.group(2))));
            }
        }
        return points;
    }
}
