package wildchalk.core.drill;

import java.util.Objects;

/**
 * A skill, done on the run where somebody runs on.
 *
 * @param name what one's own is called; empty for the others
 * @param hand to which side it goes; NONE for none
 */
public record Skill(Trick trick, String name, Hand hand) implements Deed {
    public Skill {
        Objects.requireNonNull(trick, "trick");
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(hand, "hand");
        Limits.text("skill", name, Limits.WORD);
        if (name.isBlank() == (trick == Trick.OWN)) {
            throw new IllegalArgumentException(
                    "A skill of one's own (\"%s\") needs a name, and no other skill has one.".formatted(name));
        }
    }

    public static Skill of(Trick trick) {
        return new Skill(trick, "", Hand.NONE);
    }

    public Skill withHand(Hand side) {
        return new Skill(trick, name, side);
    }

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.skill(this);
    }
}
