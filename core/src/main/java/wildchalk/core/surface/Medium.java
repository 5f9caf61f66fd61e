package wildchalk.core.surface;

/** What the players move on: it decides how they turn and how the picture tints the ground. */
public enum Medium {
    FLOOR,
    ICE,
    GRASS,
    SAND
}
