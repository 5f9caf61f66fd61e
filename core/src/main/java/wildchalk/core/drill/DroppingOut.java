package wildchalk.core.drill;

/** Is out of it from now on: the numbers do not count who does. It takes no time, and he may still walk away. */
public record DroppingOut() implements Deed {

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.droppingOut(this);
    }
}
