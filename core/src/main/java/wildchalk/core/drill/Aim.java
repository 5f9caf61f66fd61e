package wildchalk.core.drill;

/** Which part of the goal a shot is meant for, as the shooter sees it. */
public enum Aim {
    NEAR,
    MIDDLE,
    FAR
}
