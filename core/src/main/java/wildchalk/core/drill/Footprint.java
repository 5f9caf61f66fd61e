package wildchalk.core.drill;

/**
 * What a piece of gear covers.
 *
 * @param widthMetres across where it looks, 0.01 to 60
 * @param depthMetres along where it looks, 0.01 to 60
 */
public record Footprint(double widthMetres, double depthMetres) {

    public Footprint {
        if (!(widthMetres >= 0.01 && widthMetres <= 60 && depthMetres >= 0.01 && depthMetres <= 60)) {
            throw new IllegalArgumentException(
                    "The footprint (%s x %s m) needs 0.01 to 60 m each way.".formatted(widthMetres, depthMetres));
        }
    }
}
