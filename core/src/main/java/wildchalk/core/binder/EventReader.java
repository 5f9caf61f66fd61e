package wildchalk.core.binder;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Mover;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Trigger;
import wildchalk.core.geometry.Point;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;

/** Reads what something waits for. */
final class EventReader {

    private static final String KINDS =
            "\"whistle\": true, \"start\", \"end\", \"caught\", \"gets\", \"releases\", \"touches\", \"reaches\" or \"called\"";

    private EventReader() {}

    static Trigger trigger(Fields f) throws FormatProblem {
        double plus = f.numberOr("plus", 0);
        Optional<Double> reaction = f.has("reaction") ? Optional.of(f.number("reaction")) : Optional.empty();
        return new Trigger(event(f), plus, reaction);
    }

    /** Exactly one event among the fields of an object. */
    static Event event(Fields f) throws FormatProblem {
        List<Event> found = new ArrayList<>();
        if (f.flagOr("whistle", false)) {
            found.add(new Event.Whistle());
        }
        if (f.has("start")) {
            found.add(new Event.Starts(new MoveId(f.slug("start"))));
        }
        if (f.has("end")) {
            found.add(new Event.Ends(new MoveId(f.slug("end"))));
        }
        if (f.has("caught")) {
            found.add(new Event.Caught(new MoveId(f.slug("caught"))));
        }
        for (Event.Handling what : Event.Handling.values()) {
            if (f.has(Fields.nameOf(what))) {
                found.add(new Event.Handles(new RoleId(f.slug(Fields.nameOf(what))), what));
            }
        }
        if (f.has("reaches")) {
            found.add(f.object("reaches").readAll(EventReader::reaches));
        }
        if (f.has("called")) {
            found.add(new Event.IsCalled(f.text("called", 60)));
        }
        if (found.size() != 1) {
            throw f.problem("What is waited for here needs exactly one of " + KINDS + ".");
        }
        return found.get(0);
    }

    private static Event reaches(Fields f) throws FormatProblem {
        if (f.has("role") == f.has("ball")) {
            throw f.problem("\"reaches\" needs either \"role\" or \"ball\", not both.");
        }
        Mover who = f.has("role")
                ? new Mover.Somebody(new RoleId(f.slug("role")))
                : new Mover.TheBall(new BallId(f.slug("ball")));
        return new Event.Reaches(who, region(f));
    }

    static Region region(Fields f) throws FormatProblem {
        List<Region> found = new ArrayList<>();
        if (f.has("line")) {
            List<Point> ends = f.points("line", 2, 2);
            found.add(new Region.Line(ends.get(0), ends.get(1)));
        }
        if (f.has("in")) {
            found.add(new Region.In(f.slug("in")));
        }
        if (f.has("out")) {
            found.add(new Region.Out(f.slug("out")));
        }
        if (f.has("at")) {
            found.add(new Region.NearPlace(f.point("at"), f.number("within")));
        }
        if (f.has("near")) {
            found.add(new Region.NearRole(new RoleId(f.slug("near")), f.number("within")));
        }
        if (found.size() != 1) {
            throw f.problem("A place to reach needs exactly one of \"line\", \"in\", \"out\", \"at\" or \"near\".");
        }
        return found.get(0);
    }
}
