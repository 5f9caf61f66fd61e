package wildchalk.core.turns;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Station;

/**
 * Something that gives more turns, tried out.
 *
 * @param kind what is done
 * @param about whom or what it is about
 * @param launch when the next rep starts with it, if that is what it changes
 * @param station where the drill is run a second time, if that is what it does
 * @param metres how far something is moved; 0 where nothing is
 * @param balls how many there are with it, if it changes that
 * @param change what it makes of a version
 * @param turns of whoever has fewest with it
 * @param cost what gets worse
 */
public record Proposal(
        Kind kind,
        List<ElementId> about,
        Optional<Launch> launch,
        Optional<Station> station,
        double metres,
        OptionalInt balls,
        UnaryOperator<Progression> change,
        int turns,
        Cost cost) {

    /** What is done. */
    public enum Kind {
        LAUNCH,
        STATION,
        /** Somebody waits at a place that one alone had. */
        LINE,
        /** A line stands nearer to where its people come from. */
        NEARER,
        BALLS
    }

    /**
     * What gets worse.
     *
     * @param balls that it takes more; 0 for none
     * @param coaches who watch more
     * @param keepers who are needed more
     * @param others people besides keepers whom one rep takes more
     * @param restPerWork seconds of rest for each second of work that are left
     * @param findings that stop or warn and were not there before
     */
    public record Cost(int balls, int coaches, int keepers, int others, double restPerWork, int findings) {}

    public Proposal {
        about = List.copyOf(about);
        Objects.requireNonNull(change, "change");
    }

    Proposal withLaunch(Launch next) {
        return new Proposal(kind, about, Optional.of(next), station, metres, balls, change, turns, cost);
    }

    Proposal withStation(Station where) {
        return new Proposal(kind, about, launch, Optional.of(where), metres, balls, change, turns, cost);
    }

    Proposal withMetres(double far) {
        return new Proposal(kind, about, launch, station, far, balls, change, turns, cost);
    }
}
