package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Where everybody goes after a rep: as the rotation says, else as it goes with his team, and the other way round where reps change sides. */
public final class AfterRep {

    private AfterRep() {}

    /**
     * How many ways it can go, one after the other: more than one where it hangs on who wins, which nobody knows before; then each
     * wins as often as any.
     */
    public static int ways(Scene scene) {
        int all = 1;
        for (TeamTurn turn : scene.course().teamTurns()) {
            all = multiple(all, turn.ways(first(scene, turn), second(scene, turn)));
        }
        return Math.min(all, MOST_WAYS);
    }

    /** More ways than these are not gone through in turn. */
    private static final int MOST_WAYS = 60;

    private static int multiple(int a, int b) {
        int x = a;
        int y = b;
        while (y != 0) {
            int rest = x % y;
            x = y;
            y = rest;
        }
        return a / x * b;
    }

    /** Where those go of whom something is said. @param n which of the ways, from 0 */
    public static List<Rotation> rotation(Scene scene, int n) {
        List<Rotation> own = scene.course().rotation();
        if (scene.course().teamTurns().isEmpty()) {
            return own;
        }
        List<Rotation> all = new ArrayList<>(own);
        Set<RoleId> said = new HashSet<>();
        own.forEach(r -> said.add(r.role()));
        for (TeamTurn turn : scene.course().teamTurns()) {
            Team second = second(scene, turn);
            Optional<LineId> line = second.roles().stream()
                    .flatMap(r -> scene.lineFeeding(r).stream())
                    .map(WaitingLine::id)
                    .findFirst();
            turn.rotation(first(scene, turn), second, n, line).stream()
                    .filter(r -> said.add(r.role()))
                    .forEach(all::add);
        }
        return all;
    }

    public static Optional<Rotation> of(Scene scene, RoleId role, int n) {
        return rotation(scene, n).stream().filter(r -> r.role().equals(role)).findFirst();
    }

    private static Team first(Scene scene, TeamTurn turn) {
        return scene.course().team(turn.first()).orElseThrow();
    }

    private static Team second(Scene scene, TeamTurn turn) {
        return scene.course().team(turn.second()).orElseThrow();
    }

    /** The same after a rep that was done the other way round: whoever did it in somebody's place goes to the line in that one's place. */
    public static List<Rotation> otherWay(Scene scene, Alternation sides, List<Rotation> rotation) {
        List<Rotation> all = new ArrayList<>();
        for (Rotation r : rotation) {
            RoleId who = other(sides, r.role());
            all.add(
                    switch (r.how()) {
                        case LINE ->
                            Rotation.toLine(who, line(scene, sides, r.line().orElseThrow()));
                        case ROLE -> Rotation.toRole(who, other(sides, r.next().orElseThrow()));
                        case STAY -> Rotation.stay(who);
                        case REST -> Rotation.rest(who);
                    });
        }
        return all;
    }

    /**
     * Who only waits in a rep, since somebody else does it in his place where reps change sides: he stays where he is.
     *
     * @param turned of a rep the other way round
     */
    public static Set<RoleId> waiting(Scene version, boolean turned) {
        Optional<Alternation> sides = version.course().alternation();
        if (sides.isEmpty()) {
            return Set.of();
        }
        Set<RoleId> acting = new HashSet<>();
        for (Move move : version.moves()) {
            acting.add(move.role());
            acting.addAll(move.others());
        }
        Set<RoleId> waiting = new HashSet<>();
        sides.get().instead().forEach((of, by) -> {
            if (acting.contains(of) && !acting.contains(by)) {
                waiting.add(turned ? of : by);
            }
        });
        return waiting;
    }

    private static RoleId other(Alternation sides, RoleId role) {
        return sides.instead().getOrDefault(role, role);
    }

    /** The line that feeds those who do it in the places of those whom this one feeds; itself where there is none. */
    private static LineId line(Scene scene, Alternation sides, LineId line) {
        return scene.line(line).map(WaitingLine::feeds).orElse(List.of()).stream()
                .map(r -> other(sides, r))
                .flatMap(r -> scene.lineFeeding(r).stream())
                .map(WaitingLine::id)
                .findFirst()
                .orElse(line);
    }
}
