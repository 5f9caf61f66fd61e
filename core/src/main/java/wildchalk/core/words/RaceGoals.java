package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Race;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.telling.CourseOffers;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Texts;

/** What those who race could race to: balls, lines, zones, gear, and where one of them ends. */
public final class RaceGoals {

    /** Who comes so near (m) to a spot is there. */
    private static final double THERE_METRES = 1;

    /** One goal: "who is first at the blue cone". */
    public record Goal(String text, Race race) {}

    private RaceGoals() {}

    /** All there are on a path, for the runners of a race. */
    public static List<Goal> of(Path path, Surface surface, Race race) {
        EventNames names = new EventNames(path, surface);
        Places places = new Places(path, surface, LengthUnit.METRES);
        List<Goal> all = new ArrayList<>();
        for (Ball ball : path.balls()) {
            all.add(new Goal(
                    text(path.balls().size() > 1 ? "race.to.one-ball" : "race.to.ball", surface.ballName(), ball.id()),
                    Race.forBall(ball.id(), race.runners()).withClose(race.closeSeconds())));
        }
        for (Region line : CourseOffers.lines(path, surface)) {
            all.add(new Goal(text("race.to.region", names.where(line)), race.withWhere(line)));
        }
        for (MarkedZone zone : path.layout().zones()) {
            Region in = new Region.In(zone.id().text());
            all.add(new Goal(text("race.to.region", names.where(in)), race.withWhere(in)));
        }
        for (Gear gear : path.gear()) {
            all.add(new Goal(text("race.to.place", places.gear(gear)), race.withWhere(at(gear.at()))));
        }
        path.moves().stream()
                .filter(m -> m instanceof Travel && race.runners().contains(m.role()) && path.isTold(m.id()))
                .map(Travel.class::cast)
                .forEach(t -> all.add(new Goal(
                        text("race.to.end", RoleNames.of(path, t.role())),
                        race.withWhere(at(t.path().get(t.path().size() - 1).at())))));
        return all.stream().distinct().toList();
    }

    private static Region at(Point place) {
        return new Region.NearPlace(place, THERE_METRES);
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
