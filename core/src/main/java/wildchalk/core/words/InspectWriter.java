package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.inspect.Inspection;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Says what is seen in a moment that is looked at. */
public final class InspectWriter {

    /** More are not said one by one. */
    private static final int MOST = 4;

    /** Of a goal that is smaller than this (degrees) to the eye nobody asks which side is open. */
    private static final double WORTH_DEGREES = 8;

    private final Path path;
    private final Surface surface;
    private final LengthUnit unit;

    public InspectWriter(Path path, Surface surface, LengthUnit unit) {
        this.path = path;
        this.surface = surface;
        this.unit = unit;
    }

    /** A few sentences with their figures; one that says why where there is nothing. */
    public List<String> said(Inspection inspection) {
        List<String> all =
                switch (inspection.kind()) {
                    case OPEN_GOAL -> openGoal((Inspection.OpenGoal) inspection);
                    case SPACE -> space((Inspection.Space) inspection);
                    case OUTLETS -> outlets((Inspection.OutletList) inspection);
                    case SIGHT -> sights((Inspection.SightList) inspection);
                    case SHAPE -> shapes((Inspection.ShapeList) inspection);
                    case BRAKING -> brakings((Inspection.BrakingList) inspection);
                    case GOING -> new CourseWords(path, surface).rotation();
                };
        return all.isEmpty() ? List.of(text("none." + inspection.kind())) : all;
    }

    private List<String> openGoal(Inspection.OpenGoal open) {
        if (open.goal().isEmpty()) {
            return List.of();
        }
        List<String> said = new ArrayList<>();
        open.shooter().ifPresent(s -> {
            String who = label(s.role());
            if (s.whole() <= 0) {
                said.add(text("goal.behind", who));
            } else if (s.open() > s.whole() - 0.5) {
                said.add(text("goal.whole", who, degrees(s.whole())));
            } else {
                said.add(text("goal.keeper", who, degrees(s.open()), degrees(s.whole())));
                if (s.whole() >= WORTH_DEGREES) {
                    said.add(text(s.near() > s.far() ? "goal.near" : "goal.far", degrees(s.near()), degrees(s.far())));
                }
            }
        });
        said.add(text("goal.map", open.goal().get().name()));
        return said;
    }

    private List<String> space(Inspection.Space space) {
        List<String> said = new ArrayList<>();
        space.race()
                .ifPresent(r -> said.add(
                        text("space.race", label(r.first()), Numbers.fixed(r.bySeconds(), 1), label(r.second()))));
        said.add(text("space", Math.round(100 * space.attack()), Math.round(100 * space.defence())));
        said.add(text("space.how"));
        return said;
    }

    private List<String> outlets(Inspection.OutletList list) {
        if (list.carrier().isEmpty()) {
            return List.of();
        }
        String who = label(list.carrier().get().role().id());
        List<String> said = new ArrayList<>();
        List<String> open = list.outlets().stream()
                .filter(Inspection.Outlet::isOpen)
                .map(o -> label(o.to()))
                .toList();
        said.add(
                open.isEmpty()
                        ? text("outlets.none", who)
                        : text(open.size() == 1 ? "outlets.one" : "outlets", who, open.size(), ReadOut.list(open)));
        list.outlets().stream()
                .filter(o -> !o.isOpen() && o.blockedBy().isPresent())
                .sorted(Comparator.comparingDouble((Inspection.Outlet o) -> -o.margin()))
                .limit(MOST)
                .forEach(
                        o -> said.add(text("outlets.closed", label(o.blockedBy().get()), label(o.to()))));
        list.outlets().stream()
                .filter(o -> !o.isOpen())
                .max(Comparator.comparingDouble(Inspection.Outlet::margin))
                .filter(o -> open.size() < 2)
                .ifPresent(o -> said.add(text("outlets.move", label(o.to()))));
        return said;
    }

    private List<String> sights(Inspection.SightList list) {
        List<String> said = new ArrayList<>();
        List<Inspection.Sight> blind = list.sights().stream()
                .filter(s -> s.between().isPresent() && !s.seesBoth())
                .sorted(Comparator.comparingDouble(s -> -s.between().get()))
                .limit(MOST)
                .toList();
        blind.forEach(s -> said.add(text(
                "sight.not",
                label(s.role()),
                label(s.opponent().orElseThrow()),
                degrees(s.between().get()))));
        List<String> seeing = list.sights().stream()
                .filter(Inspection.Sight::seesBoth)
                .map(s -> label(s.role()))
                .toList();
        if (!seeing.isEmpty()) {
            said.add(text(seeing.size() == 1 ? "sight.one" : "sight", ReadOut.list(seeing)));
        }
        if (said.isEmpty() && !list.sights().isEmpty()) {
            said.add(text("sight.how"));
        }
        return said;
    }

    private List<String> shapes(Inspection.ShapeList list) {
        List<String> said = new ArrayList<>();
        for (Inspection.Shape s : list.shapes()) {
            said.add(text(
                    "shape." + s.side().name().toLowerCase(Locale.ROOT), unit.text(s.width()), unit.text(s.depth())));
            s.gaps().stream()
                    .findFirst()
                    .ifPresent(g -> said.add(
                            text("shape.nearest", label(g.first()), label(g.second()), unit.text(g.metres()))));
        }
        return said;
    }

    private List<String> brakings(Inspection.BrakingList list) {
        List<String> said = new ArrayList<>();
        list.brakings().stream()
                .sorted(Comparator.comparingDouble(b -> b.room() - b.metres()))
                .limit(MOST)
                .forEach(b -> said.add(text(
                        b.isTight() ? "braking.tight" : "braking",
                        label(b.role()),
                        Numbers.fixed(b.speed(), 1),
                        unit.text(b.metres()),
                        unit.text(b.room()))));
        return said;
    }

    private String label(RoleId id) {
        return path.role(id).map(Role::label).orElse(id.text());
    }

    private static String degrees(double value) {
        return Numbers.fixed(value, 0) + "\u00b0";
    }

    private static String text(String key, Object... arguments) {
        Object[] plain = new Object[arguments.length];
        for (int i = 0; i < plain.length; i++) {
            plain[i] = String.valueOf(arguments[i]);
        }
        return Texts.CORE.get("inspect." + key, plain);
    }
}
