package wildchalk.core.squad;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Hand;

/** Made-up squads for tests. */
public final class RandomSquads {

    private static final List<String> FIRST =
            List.of("Ada", "Bo", "Cleo", "Dag", "Edda", "Finn", "Greta", "Hugo", "Ines", "Jonas", "Kaja", "Lars");

    private static final List<String> LAST = List.of("Lind", "Marsh", "Noor", "Østby", "Peel", "Quist", "Rask");
    private static final List<String> POSITIONS = List.of("LB", "CB", "RB", "LW", "RW", "P");

    private RandomSquads() {}

    public static PlayerId id(int i) {
        return new PlayerId("p" + (i + 1));
    }

    /** So many players, each with a name of his own. */
    public static Squad of(long seed, int players) {
        Random random = new Random(seed);
        List<String> levels = List.of("A", "B", "C");
        List<Player> people = new ArrayList<>();
        for (int i = 0; i < players; i++) {
            String name = FIRST.get(i % FIRST.size()) + " " + LAST.get(i / FIRST.size() % LAST.size());
            people.add(new Player(
                    id(i),
                    name,
                    random.nextInt(5) == 0 ? List.of() : List.of(POSITIONS.get(random.nextInt(POSITIONS.size()))),
                    Hand.values()[random.nextInt(3)],
                    random.nextInt(6) == 0 ? "" : levels.get(random.nextInt(3)),
                    random.nextInt(8) == 0,
                    random.nextInt(6) > 0
                            ? List.of()
                            : List.of(new Restraint(
                                    Restraint.What.values()[random.nextInt(6)],
                                    random.nextBoolean()
                                            ? Optional.empty()
                                            : Optional.of(LocalDate.of(2026, 12, 1 + random.nextInt(28))))),
                    random.nextInt(4) == 0 ? 0.9 + random.nextInt(20) / 100.0 : 1,
                    random.nextBoolean() ? List.of() : List.of(Chalk.values()[random.nextInt(6)])));
        }
        return new Squad(
                new SquadId("squad-" + seed),
                "Squad " + seed,
                levels,
                people,
                bonds(random, players),
                bonds(random, players));
    }

    private static List<Set<PlayerId>> bonds(Random random, int players) {
        List<Set<PlayerId>> bonds = new ArrayList<>();
        for (int i = 0; i < 2 && players > 3; i++) {
            Set<PlayerId> bond = new HashSet<>();
            while (bond.size() < 2) {
                bond.add(id(random.nextInt(players)));
            }
            bonds.add(bond);
        }
        return bonds;
    }
}
