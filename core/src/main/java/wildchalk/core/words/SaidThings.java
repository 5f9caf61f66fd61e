package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Placements;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.path.Path;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.text.Texts;

/** What is to be put down: "lines at -10,6 and -10,-6", "4 cones from 0,-6 to 0,6", "ball at A1". */
final class SaidThings {

    private final Drill drill;
    private final Progression now;
    private final Function<List<String>, Point> place;
    private final List<String> words;
    private final int count;
    private final String thing;

    /** @param place where words say */
    SaidThings(Drill drill, Progression now, List<String> words, Function<List<String>, Point> place) {
        this.drill = drill;
        this.now = now;
        this.place = place;
        boolean counted = words.get(0).matches("\\d{1,2}") && words.size() > 1;
        this.count = counted ? Integer.parseInt(words.get(0)) : 0;
        this.thing = words.get(counted ? 1 : 0).toLowerCase(Locale.ROOT);
        this.words = words.subList(counted ? 2 : 1, words.size());
    }

    List<Edit> edits() {
        Function<Point, Edit> make = maker();
        return places().stream().map(make).toList();
    }

    /** Each that is named; or so many in a row, from one place to another. */
    private List<Point> places() {
        List<List<String>> parts = new ArrayList<>(List.of(new ArrayList<>()));
        for (String word : words) {
            if (word.equalsIgnoreCase("and") || word.equalsIgnoreCase("to")) {
                parts.add(new ArrayList<>());
            } else {
                parts.get(parts.size() - 1).add(word);
            }
        }
        List<Point> named = parts.stream().map(place).toList();
        if (count <= named.size()) {
            return named;
        }
        Point from = named.get(0);
        Point to = named.size() > 1 ? named.get(1) : from.plus(new Point(0, count - 1.0));
        List<Point> row = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            row.add(from.towards(to, i / (count - 1.0)).toMillimetres());
        }
        return row;
    }

    private Function<Point, Edit> maker() {
        for (Side side : Side.values()) {
            if (Saying.means("side." + side, thing)) {
                return at -> Placements.role(side, letter(side), at, facing(side, at));
            }
        }
        if (Saying.means("line", thing)) {
            return Placements::line;
        } else if (Saying.means("ball", thing)) {
            return at -> Placements.ball(holder(at), at);
        }
        for (GearKind kind : GearKind.values()) {
            String name = Texts.CORE.get("gear." + kind);
            if (thing.equals(name) || thing.equals(name + "s")) {
                return at -> Placements.gear(new Gear(new GearId("new"), kind, Chalk.ORANGE, at, 0));
            }
        }
        List<String> known =
                new ArrayList<>(now.roles().stream().map(Role::label).toList());
        known.add(Texts.CORE.get("say.things"));
        throw Saying.unknown("say.who", words.isEmpty() ? thing : thing + " " + String.join(" ", words), known);
    }

    private static String letter(Side side) {
        return switch (side) {
            case ATTACK -> "A";
            case DEFENCE -> "D";
            case NEUTRAL -> "N";
            case KEEPER -> "K";
            case COACH -> "C";
        };
    }

    /** A keeper looks out of the nearest goal, a defender towards the attack. */
    private double facing(Side side, Point at) {
        if (side == Side.KEEPER) {
            return Goals.all(Path.usual(now), drill.surface()).stream()
                    .min(Comparator.comparingDouble(g -> g.centre().distanceTo(at)))
                    .map(GoalMouth::facingDegrees)
                    .orElse(0.0);
        }
        return side == Side.DEFENCE ? 180 : 0;
    }

    /** Whoever stands just there has it in his hands. */
    private Optional<RoleId> holder(Point at) {
        return now.roles().stream()
                .map(Role::id)
                .filter(r -> now.startOf(r).isWithin(1.3, at))
                .min(Comparator.comparingDouble(r -> now.startOf(r).distanceTo(at)));
    }
}
