package wildchalk.core.reps;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Station;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;

/** Reps at a drill and its stations, all begun with one whistle: where everybody and every ball is at a moment. */
public final class Flows {

    private final List<RepFlow> flows = new ArrayList<>();
    private final List<PlaneMap> maps = new ArrayList<>();

    private Flows() {}

    /** With those who are drawn, at each station as many. */
    public static Flows drawn(RepScript script) {
        Flows all = new Flows();
        all.add(RepFlow.of(script, Conditions.AS_DRAWN), PlaneMap.shift(Point.ORIGIN));
        script.path().layout().stations().forEach(s -> all.add(RepFlow.of(script, Conditions.AS_DRAWN), s.map()));
        return all;
    }

    /** With the people and balls of a setting, shared out among the stations. */
    public static Flows of(RepScript script, Setting setting) {
        Flows all = new Flows();
        List<Conditions> each = setting.stations(script.path());
        List<Station> stations = script.path().layout().stations();
        for (int i = 0; i < each.size(); i++) {
            all.add(
                    RepFlow.of(script, each.get(i)),
                    i == 0 ? PlaneMap.shift(Point.ORIGIN) : stations.get(i - 1).map());
        }
        return all;
    }

    private void add(RepFlow flow, PlaneMap map) {
        flows.add(flow);
        maps.add(map);
    }

    /** The reps of the drill itself. */
    public RepFlow first() {
        return flows.get(0);
    }

    /** Everybody at all stations, seconds after the whistle; the people of each are numbered on from those before. */
    public Crowd crowd(double seconds) {
        List<Somebody> people = new ArrayList<>();
        List<BallSpot> balls = new ArrayList<>();
        for (int i = 0; i < flows.size(); i++) {
            PlaneMap map = maps.get(i);
            int before = people.size();
            Crowd crowd = flows.get(i).crowd(seconds);
            for (Somebody one : crowd.people()) {
                people.add(new Somebody(
                        before + one.number(),
                        one.role(),
                        map.apply(one.at()),
                        map.applyToHeading(one.facingDegrees()),
                        one.doing()));
            }
            crowd.balls()
                    .forEach(b -> balls.add(
                            new BallSpot(map.apply(b.at()), b.holderFacing().map(map::applyToHeading))));
        }
        return new Crowd(people, balls);
    }
}
