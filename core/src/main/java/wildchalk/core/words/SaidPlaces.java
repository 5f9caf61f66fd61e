package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Progression;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.LengthUnit;

/** Places as somebody types them. */
final class SaidPlaces {

    private static final Pattern NUMBERS = Pattern.compile("([+-]?)(\\d+(?:\\.\\d+)?),([+-]?)(\\d+(?:\\.\\d+)?)");

    private SaidPlaces() {}

    /**
     * Two lengths from the middle, along and across; a player; a landmark or a piece of gear by its name or a part of it.
     *
     * @param words in lower case, without articles
     */
    static Optional<Point> of(Surface surface, Progression now, LengthUnit unit, List<String> words) {
        String said = String.join(" ", words);
        if (said.isEmpty()) {
            return Optional.empty();
        }
        Matcher numbers = NUMBERS.matcher(said.replace(" ", ""));
        if (numbers.matches()) {
            return Optional.of(Limits.nearest(new Point(
                    length(unit, numbers.group(1), numbers.group(2)),
                    length(unit, numbers.group(3), numbers.group(4)))));
        }
        Optional<Point> player = now.roles().stream()
                .filter(r -> r.label().equalsIgnoreCase(said))
                .findFirst()
                .map(r -> now.startOf(r.id()));
        return player.or(() -> named(surface, now, unit, said));
    }

    private static double length(LengthUnit unit, String sign, String digits) {
        OptionalDouble metres = unit.parse(digits);
        return (sign.equals("-") ? -1 : 1) * metres.orElse(0) + 0.0;
    }

    /** The one whose name is said whole, else the shortest that has what is said in it. */
    private static Optional<Point> named(Surface surface, Progression now, LengthUnit unit, String said) {
        Optional<Named> best = Optional.empty();
        for (Named named : all(surface, now, unit)) {
            boolean fits = named.name.contains(said);
            if (fits && best.filter(b -> b.name.length() <= named.name.length()).isEmpty()) {
                best = Optional.of(named);
            }
        }
        return best.map(Named::at);
    }

    /** Names by which places can be said. */
    static List<String> names(Surface surface, Progression now, LengthUnit unit) {
        List<String> names = new ArrayList<>();
        now.roles().forEach(r -> names.add(r.label()));
        all(surface, now, unit).forEach(n -> names.add(n.name));
        names.add("-5,3");
        return names;
    }

    private record Named(String name, Point at) {}

    private static List<Named> all(Surface surface, Progression now, LengthUnit unit) {
        Places places = new Places(now, surface, unit);
        List<Named> all = new ArrayList<>();
        now.gear()
                .forEach(g -> all.add(new Named(
                        plain(places.gear(g)), Elements.place(now, g.id()).orElse(g.at()))));
        for (Landmark landmark : surface.landmarks()) {
            all.add(new Named(plain(landmark.name()), landmark.at()));
        }
        return all;
    }

    private static String plain(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        return lower.startsWith("the ") ? lower.substring(4) : lower;
    }
}
