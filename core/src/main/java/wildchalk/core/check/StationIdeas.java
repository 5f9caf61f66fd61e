package wildchalk.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import wildchalk.core.arrange.SecondStations;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.runthrough.RunThrough;

/** What might keep stations out of each other's way: turned, mirrored, farther off, somewhere else, or taken out. */
final class StationIdeas {

    private static final double[] TURNS_DEGREES = {180, 90, -90};
    private static final double[] AWAY_METRES = {2, 4, 6, 10, 15};

    private StationIdeas() {}

    static List<Remedy> of(RunThrough run, Finding finding) {
        List<Remedy> ideas = new ArrayList<>();
        finding.about().stream()
                .filter(StationId.class::isInstance)
                .map(StationId.class::cast)
                .findFirst()
                .flatMap(run.path().layout()::station)
                .ifPresent(s -> think(run, s, ideas));
        return ideas;
    }

    private static void think(RunThrough run, Station station, List<Remedy> ideas) {
        for (double degrees : TURNS_DEGREES) {
            add(
                    ideas,
                    station,
                    "station-turn",
                    Map.of(Quantity.DEGREES, Math.abs(degrees)),
                    s -> s.withTurn(s.turnDegrees() + degrees));
        }
        add(ideas, station, "station-mirror", Map.of(), s -> s.withMirrored(!s.mirrored()));
        Point away = station.at().minus(station.from());
        double heading = away.length() < 1e-6 ? 90 : away.headingDegrees();
        for (double metres : AWAY_METRES) {
            for (double aside : new double[] {0, 90, -90}) {
                add(
                        ideas,
                        station,
                        "station-away",
                        Map.of(Quantity.METRES, metres),
                        s -> s.withAt(s.at().plus(Point.polar(metres, heading + aside))
                                .toMillimetres()));
            }
        }
        for (Station other : SecondStations.of(run.path(), run.drill().surface())) {
            add(ideas, station, "station-elsewhere", Map.of(), s -> other.withId(s.id()));
        }
    }

    private static void add(
            List<Remedy> ideas,
            Station station,
            String kind,
            Map<Quantity, Double> figures,
            UnaryOperator<Station> change) {
        ideas.add(new Remedy(
                kind,
                List.of(station.id()),
                figures,
                "",
                v -> v.layout()
                        .station(station.id())
                        .map(s -> v.withLayout(v.layout().with(change.apply(s))))
                        .orElse(v)));
    }
}
