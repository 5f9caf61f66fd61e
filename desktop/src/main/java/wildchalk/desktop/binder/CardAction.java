package wildchalk.desktop.binder;

/** What can be done with a drill in the Binder. */
enum CardAction {
    OPEN,
    /** Only for a copy that a sync tool has put beside a drill. */
    RESOLVE,
    FAVOURITE,
    DUPLICATE,
    RENAME,
    ABOUT,
    HAND_ON,
    ARCHIVE,
    RESTORE
}
