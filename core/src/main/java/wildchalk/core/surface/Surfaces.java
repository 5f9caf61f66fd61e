package wildchalk.core.surface;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The surfaces that come with the tool, in the order in which they are offered. */
public final class Surfaces {

    private static final Map<String, SurfacePattern> PATTERNS = patterns();
    private static final List<Surface> ALL =
            PATTERNS.values().stream().map(SurfacePattern::usual).toList();

    private Surfaces() {}

    private static Map<String, SurfacePattern> patterns() {
        Map<String, SurfacePattern> map = new LinkedHashMap<>();
        for (SurfacePattern p : List.of(
                SurfacePattern.fixed(HandballCourt.build()),
                BasketballCourt.international(),
                BasketballCourt.pro(),
                BasketballCourt.college(),
                BasketballCourt.school(),
                NetCourt.volleyball(),
                NetCourt.beach(),
                NetballCourt.build(),
                FootballPitch.futsal(),
                FloorballRink.build(),
                NetCourt.tennis(),
                FootballPitch.elevenASide(),
                FootballPitch.nineASide(),
                FootballPitch.sevenASide(),
                FootballPitch.fiveASide(),
                RugbyPitch.union(),
                RugbyPitch.league(),
                GridironField.pro(),
                GridironField.college(),
                GridironField.school(),
                GridironField.youth(),
                GridironField.flag(),
                FieldHockeyPitch.build(),
                LacrosseField.men(),
                LacrosseField.women(),
                BoxFloor.build(),
                IceRink.international(),
                IceRink.northAmerican(),
                IceRink.ringette(),
                PlainArea.hall(),
                PlainArea.grass(),
                PlainArea.grid())) {
            map.put(p.usual().id(), p);
        }
        return map;
    }

    public static List<Surface> all() {
        return ALL;
    }

    public static Optional<Surface> find(String id) {
        return Optional.ofNullable(PATTERNS.get(id)).map(SurfacePattern::usual);
    }

    /** Other sizes that the rules permit; empty for a surface of one size, and for one that is not known. */
    public static Optional<SizeRange> range(String id) {
        return Optional.ofNullable(PATTERNS.get(id)).flatMap(SurfacePattern::range);
    }

    /**
     * A surface at another size, its markings where the rules have them then.
     *
     * @throws IllegalArgumentException when there is no such surface, or the rules do not permit the size
     */
    public static Surface sized(String id, Size size) {
        SurfacePattern pattern = Optional.ofNullable(PATTERNS.get(id))
                .orElseThrow(() -> new IllegalArgumentException("There is no surface \"%s\".".formatted(id)));
        if (size.isWithin(0.001, pattern.usual().size())) {
            return pattern.usual();
        }
        if (pattern.range().filter(r -> r.permits(size)).isEmpty()) {
            throw new IllegalArgumentException("The surface \"%s\" cannot be %s x %s m; %s."
                    .formatted(
                            id,
                            size.lengthMetres(),
                            size.widthMetres(),
                            pattern.range()
                                    .map(r -> "its length can be %s to %s m, its width %s to %s m"
                                            .formatted(r.minLength(), r.maxLength(), r.minWidth(), r.maxWidth()))
                                    .orElse("it has one size")));
        }
        return pattern.layOut().apply(size);
    }
}
