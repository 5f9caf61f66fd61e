package wildchalk.desktop.binder;

/** What can be done with a drill in the Binder. */
enum CardAction {
    OPEN,
    FAVOURITE,
    DUPLICATE,
    RENAME,
    ABOUT,
    HAND_ON,
    ARCHIVE,
    RESTORE
}
