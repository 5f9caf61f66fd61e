package wildchalk.core.drill;

/** The age bands whose speeds and times the tool knows. */
public enum AgeBand {
    U8("U8"),
    U10("U10"),
    U12("U12"),
    U14("U14"),
    U16("U16"),
    ADULT("Adult"),
    COMPETITIVE("Competitive");

    private final String label;

    AgeBand(String label) {
        this.label = label;
    }

    /** As files and screens write it. */
    public String label() {
        return label;
    }
}
