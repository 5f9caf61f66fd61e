package wildchalk.core.binder;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import wildchalk.core.drill.Accepted;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.finding.Quantity;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.Located;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Overlay;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;

/** Turns the JSON of a drill file into a drill. The counterpart of {@link DrillWriter}. */
final class DrillReader {

    static final String FORMAT = "wild-chalk-drill";
    static final int VERSION = 3;

    /** The part of a surface that is shown where a file names none. */
    private static final String WHOLE = "whole";

    private DrillReader() {}

    static Drill read(Path file, Located root, Extras extras) throws FormatProblem {
        return new Fields(file, extras, root, "").readAll(DrillReader::drill);
    }

    private static Drill drill(Fields f) throws FormatProblem {
        f.object("format").readAll(g -> g.format(FORMAT, VERSION));
        DrillId id = new DrillId(f.slug("id"));
        String title = f.text("title", Limits.LINE);
        SurfaceUse use = f.object("surface").readAll(DrillReader::surface);
        Optional<Wanted> wanted =
                f.has("for") ? Optional.of(f.object("for").readAll(DrillReader::audience)) : Optional.empty();
        List<String> themes = f.texts("themes", Limits.LINE);
        String notes = f.textOr("notes", "", Limits.TEXT);
        List<Progression> progressions = progressions(f);
        Optional<Backdrop> backdrop =
                f.has("backdrop") ? Optional.of(f.object("backdrop").readAll(DrillReader::backdrop)) : Optional.empty();
        List<Accepted> accepted = f.elements("accepted", DrillReader::accepted);
        Audience audience = wanted.map(w -> w.with(progressions)).orElse(Audience.USUAL);
        return new Drill(id, title, use, audience, themes, progressions, notes, backdrop, accepted);
    }

    private static Accepted accepted(Fields f) throws FormatProblem {
        Map<String, Double> figures = new TreeMap<>();
        if (f.has("figures")) {
            f.object("figures").readAll(g -> {
                for (Quantity quantity : Quantity.values()) {
                    String name = Fields.nameOf(quantity);
                    if (g.has(name)) {
                        figures.put(name, g.number(name));
                    }
                }
                return figures;
            });
        }
        return new Accepted(
                new ProgressionId(f.slug("version")),
                f.slug("rule"),
                f.texts("about", Limits.LINE),
                f.textOr("name", "", Limits.LINE),
                figures,
                f.text("reason", Limits.LINE));
    }

    /** A known surface, perhaps of another size, or an own one; what lies over it; the part that is shown. */
    static SurfaceUse surface(Fields f) throws FormatProblem {
        Surface floor;
        if (f.has("own")) {
            floor = f.object("own").readAll(SurfaceReader::surface);
        } else {
            String id = f.slug("use");
            Point size = f.pointIfAny("size").orElse(null);
            floor = size == null
                    ? new SurfaceUse(id, "whole").floor()
                    : Surfaces.sized(id, new Size(size.x(), size.y()));
        }
        SurfaceUse use = SurfaceUse.of(floor)
                .withOverlays(f.elements("overlays", DrillReader::overlay))
                .withGoals(f.elements("goals", DrillReader::goal))
                .withStanding(f.flagOr("standing", false));
        if (f.isObject("view")) {
            return use.withView(f.object("view").readAll(v -> {
                List<Double> x = v.pair("x");
                List<Double> y = v.pair("y");
                return View.of(new Point(x.get(0), y.get(0)), new Point(x.get(1), y.get(1)));
            }));
        }
        return use.withNamedView(f.has("view") ? f.slug("view") : WHOLE);
    }

    private static MovedGoal goal(Fields f) throws FormatProblem {
        return new MovedGoal(f.slug("id"), f.point("at"), ElementFiles.heading(f));
    }

    private static Overlay overlay(Fields f) throws FormatProblem {
        return new Overlay(
                f.slug("use"),
                f.pointIfAny("at").orElse(Point.ORIGIN),
                f.flagOr("crosswise", false),
                f.flagOr("strong", false),
                f.choiceOr("ink", Ink.class, Ink.BLUE));
    }

    private static Backdrop backdrop(Fields f) throws FormatProblem {
        return new Backdrop(
                f.text("picture", Backdrop.MAX_LENGTH), f.point("at"), f.number("width"), f.numberOr("dim", 0.5));
    }

    private static Wanted audience(Fields f) throws FormatProblem {
        List<AgeBand> ages = new ArrayList<>();
        for (Located age : f.list("ages")) {
            ages.add(ageBand(f, age));
        }
        Optional<Audience.HeadCount> players = f.has("players")
                ? Optional.of(f.object("players")
                        .readAll(p -> new Audience.HeadCount(
                                p.whole("min", 1, 200), p.whole("best", 1, 200), p.whole("max", 1, 200))))
                : Optional.empty();
        int minutes = f.has("minutes") ? f.whole("minutes", 1, 120) : Audience.USUAL_MINUTES;
        return new Wanted(ages, players, minutes);
    }

    /** Whom a drill is for, as far as its file says. */
    private record Wanted(List<AgeBand> ages, Optional<Audience.HeadCount> players, int minutes) {

        /** How many play is what is drawn, where the file does not say: those with a part, and those who wait. */
        Audience with(List<Progression> versions) {
            return new Audience(ages, players.orElseGet(() -> drawn(versions)), minutes);
        }

        private static Audience.HeadCount drawn(List<Progression> versions) {
            int most = versions.stream().mapToInt(Wanted::parts).max().orElse(1);
            int least = versions.stream().mapToInt(Wanted::parts).min().orElse(1);
            int waiting = versions.stream()
                    .mapToInt(v -> v.lines().stream()
                            .mapToInt(l -> Math.max(0, l.standing() - l.feeds().size()))
                            .sum())
                    .max()
                    .orElse(0);
            return new Audience.HeadCount(least, Math.min(200, most + waiting), Math.min(200, most + waiting));
        }

        /** Coaches are no players. */
        private static int parts(Progression version) {
            long parts =
                    version.roles().stream().filter(r -> r.side() != Side.COACH).count();
            return (int) Math.max(1, parts);
        }
    }

    static AgeBand ageBand(Fields f, Located value) throws FormatProblem {
        for (AgeBand band : AgeBand.values()) {
            if (band.label().equals(value.value())) {
                return band;
            }
        }
        throw f.problem(
                value,
                "\"ages\" should hold U8, U10, U12, U14, U16, Adult or Competitive; found %s."
                        .formatted(value.value() instanceof String t ? "\"" + t + "\"" : value.kind()));
    }

    /** In order: a version is read with the versions before it, on one of which it may be based. */
    private static List<Progression> progressions(Fields f) throws FormatProblem {
        List<Progression> list = new ArrayList<>();
        f.elements("progressions", p -> {
            Progression next = ProgressionReader.read(p, list);
            list.add(next);
            return next;
        });
        return list;
    }
}
