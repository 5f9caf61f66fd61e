/**
 * The drill that is open: its value, its history, its file, and the view state that all views of it share. Views read it
 * and send edits; they hold no arithmetic.
 */
package wildchalk.desktop.document;
