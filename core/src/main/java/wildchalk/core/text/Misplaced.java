package wildchalk.core.text;

/**
 * Something is wrong within what was to be made of several elements: which of them it is, so that whoever has read them from a
 * file can say where.
 */
public final class Misplaced extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final String owner;
    private final String name;

    /**
     * @param owner id of the element that is at fault
     * @param name what it names that is wrong; the owner itself where its id is
     */
    public Misplaced(String message, String owner, String name) {
        super(message);
        this.owner = owner;
        this.name = name;
    }

    public String owner() {
        return owner;
    }

    public String name() {
        return name;
    }
}
