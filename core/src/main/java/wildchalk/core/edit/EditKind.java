package wildchalk.core.edit;

/** Every kind of edit that there is. The laws of edits are checked for each of them. */
public enum EditKind {
    /** Things are carried elsewhere: dragged, nudged, turned, mirrored. */
    CARRY,
    ALIGN,
    DISTRIBUTE,
    GROUP,
    UNGROUP,
    LOCK,
    ORDER,
    COLOUR,
    LABEL,
    /** What is written or set for one thing. */
    ELEMENT,
    DELETE,
    PLACE_ROLE,
    PLACE_LINE,
    PLACE_BALL,
    PLACE_GEAR,
    PATTERN,
    ZONE,
    NOTE,
    /** The same again elsewhere. */
    STATION,
    PASTE,
    /** Moves are told. */
    TELL,
    /** A move is told otherwise: in other words, along another path, at another time. */
    RETELL,
    NEW_STEP,
    DELETE_STEP,
    /** On which branch a step is. */
    STEP_ON,
    COACHING_POINT,
    QUESTION,
    FORK,
    FORK_REMOVE,
    /** What those who race race to. */
    RACE,
    BRANCH_ADD,
    BRANCH_CHANGE,
    BRANCH_REMOVE,
    RULE_ADD,
    RULE_CHANGE,
    RULE_REMOVE,
    /** Steps are done again. */
    REPEAT_ADD,
    REPEAT_CHANGE,
    REPEAT_REMOVE,
    REPEAT_WRITTEN,
    /** Some are one. */
    TEAM_ADD,
    TEAM_CHANGE,
    TEAM_REMOVE,
    /** What becomes of two teams after a stint. */
    TEAM_TURN,
    TEAM_TURN_REMOVE,
    /** Reps change sides, or no longer. */
    ALTERNATION,
    CALLS_ADD,
    CALLS_REMOVE,
    LAUNCH,
    /** How long everybody stays before all rotate. */
    STINT,
    /** At what tempo, from which score, what is done with a lost ball. */
    CONDUCT,
    /** What counts. */
    SCORING,
    ROTATION_SET,
    ROTATION_REMOVE,
    VERSION_ADD,
    VERSION_TITLE,
    VERSION_SUITS,
    VERSION_DETACH,
    VERSION_REMOVE,
    VERSION_ORDER,
    TITLE,
    AGE,
    /** For so many people, for so long, at such an age. */
    RUN_WITH,
    /** Everybody's pace, or one player's, is what stopped times say. */
    PACE,
    /** What was offered so that everybody gets more turns. */
    MORE_TURNS,
    SURFACE,
    GOAL,
    BACKDROP,
    /** What the second look offers as a remedy. */
    MEND,
    /** A finding is left as it is, or is looked at again. */
    ACCEPT,
    /** Everything is mirrored, or carried to the other end. */
    MIRROR,
    /** One version, or the whole drill, becomes what it was elsewhere: in a backup, a journal, another hand's file. */
    BRING_BACK
}
