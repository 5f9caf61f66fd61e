/** The Binder place: all drills of a folder, each with a live miniature. */
package wildchalk.desktop.binder;
