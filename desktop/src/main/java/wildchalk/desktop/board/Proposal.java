package wildchalk.desktop.board;

import wildchalk.core.edit.Edit;

/**
 * What a pull would do if it were let go now.
 *
 * @param label its name for undo: "pass to CB"
 * @param edit tells the moves that it adds, the one that the words are about first
 */
record Proposal(String label, Edit edit) {}
