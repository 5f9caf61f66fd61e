/** The talk-through beside the board: the sentences that the tool writes, whose parts are buttons with their choices. */
package wildchalk.desktop.talk;
