package wildchalk.core.squad;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Chalk;

/** Which group wears which colour: so that as many as can be wear a bib of their own. */
final class Bibs {

    private Bibs() {}

    /** A colour for each group, as far as there are colours. */
    static List<Optional<Chalk>> of(Squad squad, List<List<PlayerId>> groups, List<Chalk> colours) {
        List<Chalk> there = colours.stream().distinct().toList();
        int[] best = best(squad, groups, there, new int[groups.size()], 0, new boolean[there.size()], new int[] {-1});
        List<Optional<Chalk>> bibs = new ArrayList<>();
        for (int i = 0; i < groups.size(); i++) {
            bibs.add(best[i] < 0 ? Optional.empty() : Optional.of(there.get(best[i])));
        }
        return bibs;
    }

    /** All ways: there are six colours at most. */
    private static int[] best(
            Squad squad,
            List<List<PlayerId>> groups,
            List<Chalk> colours,
            int[] chosen,
            int group,
            boolean[] taken,
            int[] most) {
        if (group == groups.size()) {
            int own = 0;
            for (int i = 0; i < chosen.length; i++) {
                own += chosen[i] < 0 ? 0 : owners(squad, groups.get(i), colours.get(chosen[i]));
            }
            if (own > most[0]) {
                most[0] = own;
                return chosen.clone();
            }
            return null;
        }
        int[] best = null;
        boolean any = false;
        for (int c = 0; c < colours.size(); c++) {
            if (!taken[c]) {
                any = true;
                taken[c] = true;
                chosen[group] = c;
                int[] then = best(squad, groups, colours, chosen, group + 1, taken, most);
                best = then == null ? best : then;
                taken[c] = false;
            }
        }
        if (!any) {
            chosen[group] = -1;
            return best(squad, groups, colours, chosen, group + 1, taken, most);
        }
        return best;
    }

    private static int owners(Squad squad, List<PlayerId> group, Chalk colour) {
        return (int) group.stream()
                .filter(p ->
                        squad.player(p).filter(x -> x.bibs().contains(colour)).isPresent())
                .count();
    }
}
