package wildchalk.core.drill;

/** Names anything of a progression that can be chosen, moved or grouped. Ids of two kinds are never equal. */
public sealed interface ElementId permits RoleId, MoveId, GearId, LineId, BallId, ZoneId, NoteId, GapId {
    String text();
}
