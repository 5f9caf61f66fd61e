package wildchalk.core.squad;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Role;

/**
 * A person on the squad, with what is needed to put groups and drills together and nothing else.
 *
 * @param name as it is called
 * @param positions in the squad's words, the usual one first: "LB"; perhaps none
 * @param hand the hand, foot or stick side
 * @param level one of the squad's own words; empty where nobody says
 * @param keeper whether he keeps goal
 * @param restraints what he is not to do for now
 * @param pace factor on the speed of his age, 0.3 to 2
 * @param bibs colours of bibs that he owns
 */
public record Player(
        PlayerId id,
        String name,
        List<String> positions,
        Hand hand,
        String level,
        boolean keeper,
        List<Restraint> restraints,
        double pace,
        List<Chalk> bibs) {

    public static final int MOST_POSITIONS = 8;
    public static final int MOST_RESTRAINTS = 12;

    public Player {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(name, "name");
        Objects.requireNonNull(hand, "hand");
        Objects.requireNonNull(level, "level");
        positions = List.copyOf(positions);
        restraints = List.copyOf(restraints);
        bibs = List.copyOf(bibs);
        Limits.text("name", name, Limits.WORD);
        Limits.text("level", level, Limits.WORD);
        positions.forEach(p -> Limits.text("position", p, Limits.LABEL));
        Limits.count("positions", positions.size(), MOST_POSITIONS);
        Limits.count("restraints", restraints.size(), MOST_RESTRAINTS);
        Limits.count("bibs", bibs.size(), Chalk.values().length);
        if (name.isBlank()) {
            throw new IllegalArgumentException("The player %s needs a name.".formatted(id));
        }
        if (!(pace >= Role.MIN_PACE && pace <= Role.MAX_PACE)) {
            throw new IllegalArgumentException(
                    "The pace of %s (%s) must be from %s to %s.".formatted(id, pace, Role.MIN_PACE, Role.MAX_PACE));
        }
    }

    /** Of whom only the name is known. */
    public static Player named(PlayerId id, String name) {
        return new Player(id, name, List.of(), Hand.NONE, "", false, List.of(), 1, List.of());
    }

    public Player withName(String other) {
        return new Player(id, other, positions, hand, level, keeper, restraints, pace, bibs);
    }

    /** Whether he takes part in anything on a day. */
    public boolean takesPartOn(LocalDate day) {
        return restraints.stream().noneMatch(r -> r.from() == Restraint.What.ALL && r.holdsOn(day));
    }

    /** The usual position; empty where none is known. */
    public String position() {
        return keeper && positions.isEmpty() ? "K" : positions.isEmpty() ? "" : positions.get(0);
    }
}
