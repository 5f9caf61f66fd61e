package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What becomes of two teams after a stint. Who is named in the rotation goes where that says.
 *
 * @param first whose task is the better one: who attack, who hold the field, who are outside
 * @param second who defend, who come on, who are inside
 */
public record TeamTurn(How how, TeamId first, TeamId second) {

    /** Who goes where. */
    public enum How {
        /** They change tasks. */
        SWAP,
        /** Whoever wins has the first team's task next, whoever loses the second's. */
        LOSER_DEFENDS,
        /** Whoever wins has the first team's task next; whoever loses joins the line of the second's. */
        WINNER_STAYS,
        /** Whoever of the first team loses the ball changes with one of the second, who is in longest. */
        LOSER_GOES_IN
    }

    public TeamTurn {
        Objects.requireNonNull(how, "how");
        Objects.requireNonNull(first, "first");
        Objects.requireNonNull(second, "second");
        if (first.equals(second)) {
            throw new IllegalArgumentException("The team %s needs another one to change with.".formatted(first));
        }
    }

    /** How many ways it can go, which come in turn where nobody knows who wins. */
    int ways(Team one, Team two) {
        return switch (how) {
            case SWAP -> 1;
            case LOSER_DEFENDS, WINNER_STAYS -> 2;
            case LOSER_GOES_IN -> one.roles().size() * two.roles().size();
        };
    }

    /**
     * Where everybody goes.
     *
     * @param n which of the ways, from 0: with two, the first team wins first
     * @param line the line of the second team; empty where none feeds it
     */
    List<Rotation> rotation(Team one, Team two, int n, Optional<LineId> line) {
        List<Rotation> all = new ArrayList<>();
        int pairs = Math.min(one.roles().size(), two.roles().size());
        boolean firstWins = n % 2 == 0;
        switch (how) {
            case SWAP -> swap(one, two, pairs, all);
            case LOSER_DEFENDS -> {
                if (!firstWins) {
                    swap(one, two, pairs, all);
                }
            }
            case WINNER_STAYS -> {
                Team out = firstWins ? two : one;
                out.roles()
                        .forEach(r ->
                                all.add(line.map(l -> Rotation.toLine(r, l)).orElse(Rotation.rest(r))));
                for (int i = 0; i < pairs && !firstWins; i++) {
                    all.add(Rotation.toRole(two.roles().get(i), one.roles().get(i)));
                }
            }
            case LOSER_GOES_IN -> {
                RoleId in = one.roles().get(n % one.roles().size());
                RoleId out = two.roles().get(n % two.roles().size());
                all.add(Rotation.toRole(in, out));
                all.add(Rotation.toRole(out, in));
            }
        }
        // whoever does not change does the same again
        List<RoleId> told = all.stream().map(Rotation::role).toList();
        for (Team team : List.of(one, two)) {
            team.roles().stream().filter(r -> !told.contains(r)).forEach(r -> all.add(Rotation.stay(r)));
        }
        return all;
    }

    private static void swap(Team one, Team two, int pairs, List<Rotation> all) {
        for (int i = 0; i < pairs; i++) {
            all.add(Rotation.toRole(one.roles().get(i), two.roles().get(i)));
            all.add(Rotation.toRole(two.roles().get(i), one.roles().get(i)));
        }
    }
}
