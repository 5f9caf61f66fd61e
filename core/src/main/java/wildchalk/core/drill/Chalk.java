package wildchalk.core.drill;

/** Colours that coaches call by name. Told apart by shade as well, so that no two look alike in grey or to a colour-blind eye. */
public enum Chalk {
    ORANGE,
    YELLOW,
    BLUE,
    WHITE,
    RED,
    GREEN
}
