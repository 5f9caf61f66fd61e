package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import wildchalk.core.arrange.Formation;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Posture;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.path.GapRows;
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

    /** Counts of each kind of gear and of balls, for all stations together. */
    List<String> gear() {
        int stations = 1 + path.layout().stations().size();
        Map<String, Integer> counts = new LinkedHashMap<>();
        Map<String, Gear> samples = new LinkedHashMap<>();
        for (Gear g : path.gear()) {
            counts.merge(Places.kindOf(g), stations, Integer::sum);
            samples.putIfAbsent(Places.kindOf(g), g);
        }
        List<String> list = new ArrayList<>();
        counts.forEach((kind, n) -> list.add(n + " " + (n == 1 ? kind : many(samples.get(kind)))));
        int supplied = path.gear().stream()
                .filter(g -> g.kind().isSupply())
                .mapToInt(Gear::count)
                .sum();
        Map<BallKind, Integer> balls = new TreeMap<>();
        balls.put(BallKind.USUAL, stations * supplied);
        path.balls().forEach(ball -> balls.merge(ball.kind(), stations, Integer::sum));
        balls.forEach((kind, n) -> {
            if (n > 0) {
                list.add(n + " " + BallNames.of(kind, surface) + (n == 1 ? "" : "s"));
            }
        });
        return list;
    }

    private static String many(Gear gear) {
        String kinds = text("gears." + gear.kind());
        return !Places.hasColour(gear.kind()) ? kinds : text("chalk." + gear.colour()) + " " + kinds;
    }

    /** Where everybody and everything stands. */
    List<String> lines() {
        List<String> list = new ArrayList<>();
        lines(list);
        roles(list);
        path.course().teams().forEach(t -> list.add(new CourseWords(path, surface).team(t)));
        balls(list);
        Formation.of(path.gear()).forEach(f -> list.add(formation(f)));
        path.layout()
                .zones()
                .forEach(z -> list.add(text(
                        "setup.zone",
                        capital(z.name()),
                        text("zone.kind." + z.kind()),
                        places.pacedGear(z.middle()),
                        places.rough(span(z, Point::x)),
                        places.rough(span(z, Point::y)))));
        gaps(list);
        List<Station> stations = path.layout().stations();
        for (int i = 0; i < stations.size(); i++) {
            list.add(text("setup.station", i + 2, new StationWords(places).where(stations.get(i))));
        }
        return list;
    }

    /** Row by row, from the left. */
    private void gaps(List<String> list) {
        Map<Integer, List<Gap>> rows = new TreeMap<>();
        for (Gap gap : path.layout().gaps()) {
            rows.computeIfAbsent(GapRows.rowAt(path.layout().gaps(), gap.middle()), k -> new ArrayList<>())
                    .add(gap);
        }
        for (List<Gap> row : rows.values()) {
            DoubleSummaryStatistics along =
                    row.stream().mapToDouble(g -> g.middle().x()).summaryStatistics();
            DoubleSummaryStatistics across =
                    row.stream().mapToDouble(g -> g.middle().y()).summaryStatistics();
            boolean wide = across.getMax() - across.getMin() >= along.getMax() - along.getMin();
            row.sort(Comparator.comparingDouble(
                    (Gap g) -> wide ? -g.middle().y() : g.middle().x()));
            list.add(text(
                    wide ? "setup.gaps" : "setup.gaps.along",
                    row.stream().map(g -> String.valueOf(g.number())).collect(Collectors.joining(", ")),
                    places.step(row.get(0).widthMetres())));
        }
    }

    /** Waiting lines; two that mirror each other as one. */
    private void lines(List<String> list) {
        for (List<WaitingLine> one : pairs(
                path.lines(),
                l -> places.paced(l.at()),
                l -> l.standing() + (l.feeds().isEmpty() ? "" : " plays"))) {
            WaitingLine line = one.get(0);
            if (one.size() == 1 || line.standing() < 2) {
                one.forEach(l -> list.add(line(l)));
            } else {
                WaitingLine twin = one.get(1);
                list.add(text(
                        twin.feeds().isEmpty() ? "setup.lines.nobody" : "setup.lines",
                        line.label(),
                        twin.label(),
                        line.standing(),
                        both(line.at(), twin.at()),
                        first(line),
                        first(twin)));
            }
        }
    }

    /** Things in their order; two of a kind whose places differ by the side only together. */
    private static <T> List<List<T>> pairs(List<T> things, Function<T, String> place, Function<T, String> kind) {
        List<List<T>> pairs = new ArrayList<>();
        Map<List<String>, List<T>> waiting = new HashMap<>();
        Map<List<String>, String> where = new HashMap<>();
        for (T thing : things) {
            String here = place.apply(thing);
            Optional<List<String>> key = Twins.key(here).map(k -> List.of(kind.apply(thing), k));
            List<T> alone = key.map(waiting::get).orElse(null);
            if (alone != null && !where.get(key.get()).equals(here)) {
                alone.add(thing);
                waiting.remove(key.get());
            } else {
                List<T> pair = new ArrayList<>(List.of(thing));
                pairs.add(pair);
                key.ifPresent(k -> {
                    waiting.put(k, pair);
                    where.put(k, here);
                });
            }
        }
        return pairs;
    }

    private String first(WaitingLine line) {
        return line.feeds().isEmpty() ? "" : label(line.feeds().get(0));
    }

    /** Players; two of a side that mirror each other as one. */
    private void roles(List<String> list) {
        List<Role> standing =
                path.roles().stream().filter(r -> r.at().isPresent()).toList();
        for (List<Role> one : pairs(
                standing, r -> r.side() == Side.KEEPER ? "" : places.paced(r.at().orElseThrow()), SetUpWriter::about)) {
            Role role = one.get(0);
            String about = about(role).isEmpty() ? "" : " (" + about(role) + ")";
            list.add(
                    one.size() == 1
                            ? text("setup.role", label(role.id()), about, place(role))
                            : text(
                                    "setup.two",
                                    label(role.id()),
                                    label(one.get(1).id()),
                                    about,
                                    both(
                                            role.at().orElseThrow(),
                                            one.get(1).at().orElseThrow())));
        }
    }

    /** Its side where that is not the attack, the colour of its bib, its task. */
    private static String about(Role role) {
        List<String> about = new ArrayList<>();
        if (role.side() != Side.ATTACK) {
            about.add(text("side." + role.side()));
        }
        role.team().ifPresent(c -> about.add(text("setup.bib", text("chalk." + c))));
        if (role.posture() != Posture.STANDING) {
            about.add(text("posture." + role.posture()));
        }
        if (role.later()) {
            about.add(text("setup.later"));
        }
        if (!role.task().isEmpty()) {
            about.add(role.task());
        }
        return String.join(", ", about);
    }

    private void balls(List<String> list) {
        for (BallKind kind : BallKind.values()) {
            balls(list, kind);
        }
    }

    private void balls(List<String> list, BallKind kind) {
        String name = BallNames.of(kind, surface);
        List<Ball> all = path.balls().stream().filter(b -> b.kind() == kind).toList();
        Map<String, Integer> has = new LinkedHashMap<>();
        for (Ball ball : all) {
            ball.start().match(with -> has.merge(label(with.role()), 1, Integer::sum), loose -> 0);
        }
        List<String> held = has.keySet().stream().filter(h -> has.get(h) == 1).toList();
        has.forEach((who, n) -> {
            if (n > 1) {
                list.add(text("setup.ball.several", name, who, n));
            }
        });
        if (!held.isEmpty()) {
            list.add(text(held.size() == 1 ? "setup.ball.with" : "setup.ball.each", name, ReadOut.list(held)));
        }
        for (Ball ball : all) {
            ball.start()
                    .match(with -> false, loose -> list.add(text("setup.ball.loose", name, places.paced(loose.at()))));
        }
    }

    /** Where two stand who mirror each other: "1.5 m behind the left and the right wing". */
    private String both(Point one, Point other) {
        return Twins.of(places.paced(one), places.paced(other)).orElseThrow();
    }

    private String formation(Formation formation) {
        if (formation instanceof Formation.Pair p) {
            return pair(p);
        } else if (formation instanceof Formation.Row r) {
            return text(
                    "setup.row",
                    r.pieces().size(),
                    many(r.pieces().get(0)),
                    places.step(r.stepMetres()),
                    places.pacedGear(r.pieces().get(0).at()),
                    places.pacedGear(r.pieces().get(r.pieces().size() - 1).at()));
        } else if (formation instanceof Formation.Rows r) {
            List<Gear> row = r.rows().get(0).pieces();
            return text(
                    "setup.rows",
                    r.rows().size(),
                    row.size(),
                    many(row.get(0)),
                    places.step(r.rows().get(0).stepMetres()),
                    places.rough(r.step().length()),
                    places.pacedGear(row.get(0).at()),
                    places.pacedGear(row.get(row.size() - 1).at()),
                    places.direction(new Point(0, 0), r.step()));
        } else if (formation instanceof Formation.Box b) {
            return box(b);
        } else if (formation instanceof Formation.Ring r) {
            return text(
                    "setup.ring",
                    r.pieces().size(),
                    many(r.pieces().get(0)),
                    places.rough(2 * r.radiusMetres()),
                    places.pacedGear(r.middle()));
        }
        return piece(formation.pieces().get(0));
    }

    private String pair(Formation.Pair pair) {
        String one = places.pacedGear(pair.one().at());
        String other = places.pacedGear(pair.other().at());
        String apart = places.rough(pair.metres());
        return Twins.of(one, other)
                .map(both -> text("setup.pair.twins", many(pair.one()), both, apart))
                .orElseGet(() -> text("setup.pair", many(pair.one()), one, other, apart));
    }

    private String box(Formation.Box box) {
        String length = places.rough(box.lengthMetres());
        String width = places.rough(box.widthMetres());
        String size = length.equals(width) ? text("setup.square", length) : text("setup.rectangle", length, width);
        Gear first = box.pieces().get(0);
        boolean alike = box.pieces().stream().allMatch(g -> g.colour() == first.colour());
        if (alike || !Places.hasColour(first.kind())) {
            return text("setup.box", many(first), size, places.pacedGear(box.middle()));
        }
        String[] corners = {"near-right", "near-left", "far-left", "far-right"};
        List<String> all = new ArrayList<>();
        for (int i = 0; i < corners.length; i++) {
            all.add(text(
                    "setup.corner." + corners[i],
                    text("chalk." + box.pieces().get(i).colour())));
        }
        return text(
                "setup.box.colours",
                text("gears." + first.kind()),
                size,
                places.pacedGear(box.middle()),
                ReadOut.list(all));
    }

    /** Keepers stand in their goals, all others where one can pace it. */
    private String place(Role role) {
        Point at = role.at().orElseThrow();
        return Goals.all(path, surface).stream()
                .filter(g -> role.side() == Side.KEEPER && g.centre().isWithin(IN_GOAL_METRES, at))
                .findFirst()
                .map(g -> text("place.in-goal", g.name()))
                .orElseGet(() -> places.paced(at));
    }

    private static double span(MarkedZone zone, ToDoubleFunction<Point> of) {
        DoubleSummaryStatistics all = zone.outline().stream().mapToDouble(of).summaryStatistics();
        return all.getMax() - all.getMin();
    }

    private String piece(Gear g) {
        String what = Places.kindOf(g) + (g.label().isEmpty() ? "" : " " + g.label());
        return g.kind().isSupply()
                ? text("setup.supply", g.count(), surface.ballName(), places.pacedGear(g.at()))
                : capital(what) + " " + places.pacedGear(g.at()) + ".";
    }

    private String line(WaitingLine line) {
        String where = places.paced(line.at());
        if (line.feeds().isEmpty()) {
            return text("setup.line.nobody", line.label(), line.standing(), where);
        }
        String first = label(line.feeds().get(0));
        return line.standing() == 1
                ? text("setup.line.one", line.label(), where, first)
                : text("setup.line", line.label(), line.standing(), where, first);
    }

    private String label(RoleId id) {
        return RoleNames.of(path, id);
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
