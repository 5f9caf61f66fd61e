package wildchalk.core.surface;

/** What a place to score looks like from above. */
public enum GoalShape {
    /** Posts and a net behind them. */
    NET,
    /** A net that narrows to a point behind the goal line. */
    TRIANGLE,
    /** A ring with a board or post behind it. */
    RING,
    /** Two posts and a bar, no net. */
    POSTS
}
