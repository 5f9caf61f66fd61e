package wildchalk.core.drill;

/** Names anything of a progression that can be chosen, moved or grouped. Ids of two kinds are never equal. */
public interface ElementId {
    String text();
}
