package wildchalk.core.session;

/**
 * What one player gets out of a session: a model of it, not a measurement.
 *
 * @param workSeconds of all goes, from the first that is done to the last
 * @param hardSeconds of them at a hard run or faster
 * @param standSeconds in lines or on the spot between goes
 * @param shotsFaced as a keeper
 */
public record Load(
        int turns,
        int touches,
        int shots,
        double metres,
        double workSeconds,
        double hardSeconds,
        double standSeconds,
        int shotsFaced) {

    public static final Load NONE = new Load(0, 0, 0, 0, 0, 0, 0, 0);

    /** So many times as much. */
    Load times(double n) {
        return new Load(
                (int) Math.round(turns * n),
                (int) Math.round(touches * n),
                (int) Math.round(shots * n),
                metres * n,
                workSeconds * n,
                hardSeconds * n,
                standSeconds * n,
                (int) Math.round(shotsFaced * n));
    }

    public Load plus(Load other) {
        return new Load(
                turns + other.turns,
                touches + other.touches,
                shots + other.shots,
                metres + other.metres,
                workSeconds + other.workSeconds,
                hardSeconds + other.hardSeconds,
                standSeconds + other.standSeconds,
                shotsFaced + other.shotsFaced);
    }
}
