package wildchalk.desktop.binder;

/** Which part of a binder is shown. */
enum Shelf {
    ALL,
    FAVOURITES,
    SURFACES,
    ARCHIVE
}
