package wildchalk.core.session;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.StationId;

/**
 * A drill at a place of the floor, with who leads it and who is there.
 *
 * @param place where it stands; in place where it is drawn
 * @param version empty for the first
 * @param groups ids of those who are there first; where groups go round, each goes on to the next station
 */
public record StationPlan(
        Station place, DrillId drill, Optional<ProgressionId> version, Optional<CoachId> coach, List<String> groups) {

    public static final int MOST_GROUPS = 24;

    public StationPlan {
        Objects.requireNonNull(place, "place");
        Objects.requireNonNull(drill, "drill");
        Objects.requireNonNull(version, "version");
        Objects.requireNonNull(coach, "coach");
        groups = List.copyOf(groups);
        Limits.count("groups of a station", groups.size(), MOST_GROUPS);
    }

    public StationPlan withVersion(Optional<ProgressionId> other) {
        return new StationPlan(place, drill, other, coach, groups);
    }

    /** The other way round: left is right. */
    public StationPlan mirrored() {
        Station other = new Station(place.id(), place.from(), place.at(), place.turnDegrees(), !place.mirrored());
        return new StationPlan(other, drill, version, coach, groups);
    }

    public StationId id() {
        return place.id();
    }
}
