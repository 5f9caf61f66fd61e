package wildchalk.core.squad;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Chalk;

/** What is typed of a squad, as it is typed; nothing of it is lost on the way there and back. */
public final class SquadText {

    private static final String UNTIL = " until ";

    private SquadText() {}

    /** "jumps until 2026-12-10, contact". */
    public static String restraints(List<Restraint> list) {
        return list.stream()
                .map(r -> r.from().name().toLowerCase(Locale.ROOT)
                        + r.until().map(d -> UNTIL + d).orElse(""))
                .collect(Collectors.joining(", "));
    }

    /** @throws IllegalArgumentException naming what is no restraint */
    public static List<Restraint> restraints(String typed) {
        return parts(typed, ",").map(SquadText::restraint).toList();
    }

    private static Restraint restraint(String text) {
        String[] both = text.toLowerCase(Locale.ROOT).split("\\s+until\\s+");
        try {
            return new Restraint(
                    Restraint.What.valueOf(both[0].strip().toUpperCase(Locale.ROOT)),
                    both.length > 1 ? Optional.of(LocalDate.parse(both[1].strip())) : Optional.empty());
        } catch (DateTimeParseException | IllegalArgumentException no) {
            throw new IllegalArgumentException(
                    "\"%s\": what is not to be done is one of %s, perhaps with a day, like jumps until 2026-12-10."
                            .formatted(text, names(Restraint.What.values())));
        }
    }

    public static String bibs(List<Chalk> list) {
        return list.stream().map(c -> c.name().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
    }

    /** @throws IllegalArgumentException naming what is no colour */
    public static List<Chalk> bibs(String typed) {
        return parts(typed, "[,\\s]+")
                .map(t -> {
                    try {
                        return Chalk.valueOf(t.toUpperCase(Locale.ROOT));
                    } catch (IllegalArgumentException no) {
                        throw new IllegalArgumentException("\"%s\": bibs are %s.".formatted(t, names(Chalk.values())));
                    }
                })
                .distinct()
                .toList();
    }

    private static String names(Enum<?>[] all) {
        return Stream.of(all).map(e -> e.name().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
    }

    /** A line for each who stay together or apart, by their names. */
    public static String bonds(Squad squad, List<Set<PlayerId>> bonds) {
        return bonds.stream()
                .map(b -> squad.players().stream()
                        .filter(p -> b.contains(p.id()))
                        .map(Player::name)
                        .collect(Collectors.joining(", ")))
                .collect(Collectors.joining("\n"));
    }

    /** @throws IllegalArgumentException naming who is not clear, or a line with one alone */
    public static List<Set<PlayerId>> bonds(Squad squad, String typed) {
        List<Set<PlayerId>> bonds = new ArrayList<>();
        for (String line : typed.lines().filter(l -> !l.isBlank()).toList()) {
            Roll roll = Roll.of(squad, line);
            if (!roll.unclear().isEmpty()) {
                throw new IllegalArgumentException(
                        "\"%s\": not clear who that is.".formatted(String.join(", ", roll.unclear())));
            }
            Set<PlayerId> bond = new LinkedHashSet<>(roll.found());
            if (bond.size() < 2) {
                throw new IllegalArgumentException(
                        "\"%s\": a line needs two names or more, with commas.".formatted(line.strip()));
            }
            bonds.add(bond);
        }
        return bonds;
    }

    /** Words with commas, each once. */
    public static List<String> words(String typed) {
        return parts(typed, ",").distinct().toList();
    }

    private static Stream<String> parts(String typed, String between) {
        return Stream.of(typed.split(between)).map(String::strip).filter(t -> !t.isEmpty());
    }

    /** Without a player, and without what names him. */
    public static Squad without(Squad squad, PlayerId gone) {
        return new Squad(
                squad.id(),
                squad.title(),
                squad.levels(),
                squad.players().stream().filter(p -> !p.id().equals(gone)).toList(),
                bonds(squad.together(), gone),
                bonds(squad.apart(), gone));
    }

    private static List<Set<PlayerId>> bonds(List<Set<PlayerId>> bonds, PlayerId gone) {
        return bonds.stream()
                .map(b -> b.stream().filter(p -> !p.equals(gone)).collect(Collectors.toSet()))
                .filter(b -> b.size() > 1)
                .toList();
    }
}
