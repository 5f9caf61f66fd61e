package wildchalk.core.surface;

/** What the players move on: it decides how fast, how they turn, and how a ball runs. */
public enum Medium {
    FLOOR,
    ICE
}
