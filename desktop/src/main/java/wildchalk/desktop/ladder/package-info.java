/** The versions of a drill: the row above the board, and two of them side by side. */
package wildchalk.desktop.ladder;
