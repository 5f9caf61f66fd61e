package wildchalk.core.motion;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.geometry.Headings;
import wildchalk.core.geometry.Point;
import wildchalk.core.geometry.Polyline;

/** Where one role is at every second: pieces in time order, the first from second 0, the last without end. */
final class Trajectory {

    /**
     * Turning the body, which takes a while however somebody moves meanwhile.
     *
     * @param fromDegrees where he looked before
     * @param sweepDegrees how far he turns, positive counter-clockwise; ends as the piece then under way has it
     */
    record Sweep(double start, double end, double fromDegrees, double sweepDegrees) {}

    private final List<Piece> pieces;
    private final List<Sweep> sweeps;

    Trajectory(List<Piece> pieces, List<Sweep> sweeps) {
        this.pieces = List.copyOf(pieces);
        this.sweeps = List.copyOf(sweeps);
    }

    /** Where he looks, degrees; the way that a turn goes round while it lasts. */
    double facingAt(double t) {
        for (Sweep s : sweeps) {
            if (t >= s.start && t < s.end) {
                double to = pieceAt(s.end).facing(s.end);
                double left = Headings.normalise(to - s.fromDegrees);
                double way = s.sweepDegrees > 0 ? (left < 0 ? left + 360 : left) : (left > 0 ? left - 360 : left);
                return Headings.normalise(s.fromDegrees + way * (t - s.start) / (s.end - s.start));
            }
        }
        return pieceAt(t).facing(t);
    }

    /** Whether a turn is going on. */
    boolean isTurning(double t) {
        return sweeps.stream().anyMatch(s -> t >= s.start && t < s.end);
    }

    /** A stretch of time that starts at {@link #start}; it lasts until the next piece starts. */
    sealed interface Piece permits Still, Under, Tracked {
        double start();

        /** From when on he stands, if nothing else comes. */
        double restsAt();

        /** m/s. */
        Point velocity(double t);

        /** How he goes; empty for who stands. */
        default Optional<Manner> manner() {
            return Optional.empty();
        }

        /** What he keeps looking at; empty for where his way goes. */
        default Optional<Mark> faces() {
            return Optional.empty();
        }

        Point at(double t);

        double speed(double t);

        double facing(double t);
    }

    /** Standing. */
    record Still(double start, Point place, double facingDegrees) implements Piece {
        @Override
        public double restsAt() {
            return start;
        }

        @Override
        public Point velocity(double t) {
            return Point.ORIGIN;
        }

        @Override
        public Point at(double t) {
            return place;
        }

        @Override
        public double speed(double t) {
            return 0;
        }

        @Override
        public double facing(double t) {
            return facingDegrees;
        }
    }

    /**
     * Under way along a line.
     *
     * @param clock the second at which the profile's own time is 0
     * @param how how he goes
     * @param sight what he keeps looking at; empty for where he goes
     * @param sideDegrees where the role looked at the whistle: who moves sideways with no ball to look at looks there
     */
    record Under(
            double start,
            Polyline line,
            SpeedProfile profile,
            double clock,
            Manner how,
            Optional<Mark> sight,
            double sideDegrees)
            implements Piece {
        @Override
        public double restsAt() {
            return clock + profile.seconds();
        }

        @Override
        public Point velocity(double t) {
            return Point.polar(speed(t), line.headingAt(profile.metresAt(t - clock)));
        }

        @Override
        public Optional<Manner> manner() {
            return Optional.of(how);
        }

        @Override
        public Optional<Mark> faces() {
            return sight;
        }

        @Override
        public Point at(double t) {
            return line.at(profile.metresAt(t - clock));
        }

        @Override
        public double speed(double t) {
            return profile.speedAt(t - clock);
        }

        @Override
        public double facing(double t) {
            return Trajectory.facing(how, line.headingAt(profile.metresAt(t - clock)), sideDegrees);
        }
    }

    /** Where somebody looks who goes somewhere, degrees. */
    static double facing(Manner how, double heading, double sideDegrees) {
        return switch (how) {
            case FORWARD, CROSSOVER -> heading;
            case BACKWARD -> Headings.normalise(heading + 180);
            case SHUFFLE -> Headings.normalise(heading + (Headings.normalise(sideDegrees - heading) >= 0 ? 90 : -90));
        };
    }

    Piece pieceAt(double t) {
        return pieceAt(pieces, t);
    }

    /** The last piece that starts at or before a second; the first for an earlier one. */
    static Piece pieceAt(List<Piece> pieces, double t) {
        int low = 0;
        int high = pieces.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (pieces.get(middle).start() <= t) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return pieces.get(low);
    }
}
