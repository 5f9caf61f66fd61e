package wildchalk.desktop.document;

import wildchalk.core.drill.Drill;

/** One undoable step between two drills. */
record Edit(String label, Drill before, Drill after) {}
