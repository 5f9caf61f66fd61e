/** Showing a drill to players: full screen, a key a step, questions, writing over it. */
package wildchalk.desktop.present;
