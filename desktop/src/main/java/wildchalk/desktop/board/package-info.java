/**
 * The board: where a drill is drawn and watched. Pointer and keys become {@link wildchalk.desktop.board.Gesture gestures};
 * a gesture shows what it would do while it goes on, and ends as one named change of the document.
 */
package wildchalk.desktop.board;
