package wildchalk.core.words;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Texts;

/** Writes what to bring and where to put it. */
final class SetUpWriter {

    /** So near to the middle of a goal a keeper is in it, m. */
    private static final double IN_GOAL_METRES = 2.5;

    private final Path path;
    private final Surface surface;
    private final Places places;

    SetUpWriter(Path path, Surface surface, Places places) {
        this.path = path;
        this.surface = surface;
        this.places = places;
    }

    /** Counts of each kind of gear and of balls. */
    List<String> gear() {
        Map<String, Integer> counts = new LinkedHashMap<>();
        Map<String, Gear> samples = new LinkedHashMap<>();
        for (Gear g : path.gear()) {
            counts.merge(Places.kindOf(g), 1, Integer::sum);
            samples.putIfAbsent(Places.kindOf(g), g);
        }
        List<String> list = new ArrayList<>();
        counts.forEach((kind, n) -> list.add(n + " " + (n == 1 ? kind : many(samples.get(kind)))));
        int supplied = path.gear().stream()
                .filter(g -> g.kind().isSupply())
                .mapToInt(Gear::count)
                .sum();
        int n = path.balls().size() + supplied;
        if (n > 0) {
            list.add(n + " " + surface.ballName() + (n == 1 ? "" : "s"));
        }
        return list;
    }

    private static String many(Gear gear) {
        String kinds = Texts.CORE.get("gears." + gear.kind());
        return !Places.hasColour(gear.kind()) ? kinds : Texts.CORE.get("chalk." + gear.colour()) + " " + kinds;
    }

    /** Where everybody and everything stands. */
    List<String> lines() {
        List<String> list = new ArrayList<>();
        path.lines().forEach(l -> list.add(line(l)));
        for (Role role : path.roles()) {
            if (role.at().isPresent()) {
                String side = Texts.CORE.get("side." + role.side());
                list.add(Texts.CORE.get(
                        "setup.role",
                        role.label(),
                        role.task().isEmpty() ? side : Texts.CORE.get("setup.task", side, role.task()),
                        place(role)));
            }
        }
        for (Ball ball : path.balls()) {
            list.add(ball.start()
                    .match(
                            with -> Texts.CORE.get("setup.ball.with", surface.ballName(), label(with.role())),
                            loose -> Texts.CORE.get("setup.ball.loose", surface.ballName(), places.paced(loose.at()))));
        }
        GearRows.of(path.gear()).forEach(row -> list.add(row.size() == 1 ? piece(row.get(0)) : row(row)));
        path.layout()
                .zones()
                .forEach(z -> list.add(Texts.CORE.get(
                        "setup.zone",
                        capital(z.name()),
                        Texts.CORE.get("zone.kind." + z.kind()),
                        places.pacedGear(z.middle()),
                        places.rough(span(z, Point::x)),
                        places.rough(span(z, Point::y)))));
        if (!path.layout().gaps().isEmpty()) {
            list.add(Texts.CORE.get(
                    "setup.gaps",
                    path.layout().gaps().stream()
                            .map(g -> String.valueOf(g.number()))
                            .collect(Collectors.joining(", ")),
                    places.length(path.layout().gaps().get(0).widthMetres())));
        }
        List<List<Gear>> rows = GearRows.of(path.gear());
        for (int i = 0; i + 1 < rows.size(); i++) {
            Gear a = rows.get(i).get(0);
            Gear b = rows.get(i + 1).get(0);
            boolean alone = rows.get(i).size() == 1 && rows.get(i + 1).size() == 1;
            if (alone && Places.hasColour(a.kind()) && a.kind() == b.kind() && a.colour() == b.colour()) {
                list.add(Texts.CORE.get(
                        "setup.distance",
                        capital(places.gear(a)),
                        places.gear(b),
                        places.length(a.at().distanceTo(b.at()))));
            }
        }
        return list;
    }

    /** Keepers stand in their goals, all others where one can pace it. */
    private String place(Role role) {
        Point at = role.at().orElseThrow();
        return Goals.all(path, surface).stream()
                .filter(g -> role.side() == Side.KEEPER && g.centre().isWithin(IN_GOAL_METRES, at))
                .findFirst()
                .map(g -> Texts.CORE.get("place.in-goal", g.name()))
                .orElseGet(() -> places.paced(at));
    }

    private static double span(MarkedZone zone, ToDoubleFunction<Point> of) {
        DoubleSummaryStatistics all = zone.outline().stream().mapToDouble(of).summaryStatistics();
        return all.getMax() - all.getMin();
    }

    private String piece(Gear g) {
        String what = Places.kindOf(g) + (g.label().isEmpty() ? "" : " " + g.label());
        return g.kind().isSupply()
                ? Texts.CORE.get("setup.supply", g.count(), surface.ballName(), places.pacedGear(g.at()))
                : capital(what) + " " + places.pacedGear(g.at()) + ".";
    }

    private String row(List<Gear> row) {
        return Texts.CORE.get(
                "setup.row",
                row.size(),
                many(row.get(0)),
                places.length(row.get(0).at().distanceTo(row.get(1).at())),
                places.pacedGear(row.get(0).at()),
                places.pacedGear(row.get(row.size() - 1).at()));
    }

    private String line(WaitingLine line) {
        String where = places.paced(line.at());
        if (line.feeds().isEmpty()) {
            return Texts.CORE.get("setup.line.nobody", line.label(), line.standing(), where);
        }
        String first = label(line.feeds().get(0));
        return line.standing() == 1
                ? Texts.CORE.get("setup.line.one", line.label(), where, first)
                : Texts.CORE.get("setup.line", line.label(), line.standing(), where, first);
    }

    private String label(RoleId id) {
        return path.role(id).orElseThrow().label();
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
