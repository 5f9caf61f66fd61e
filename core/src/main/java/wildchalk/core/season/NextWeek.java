package wildchalk.core.season;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Library;
import wildchalk.core.session.Replan;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.Simulations;
import wildchalk.core.session.StationPlan;
import wildchalk.core.session.What;
import wildchalk.core.squad.Squad;

/**
 * What may come a week after the last session: it as it was planned, with what was missed early and kept, the other way round what was
 * always run one way, and something that was not used lately for what is run every time.
 *
 * @param reasons why it is so, in the order in which it was done
 */
public record NextWeek(Session session, List<Reason> reasons) {

    /** What was done to the last plan. */
    public enum Kind {
        /** A block that was missed comes early, and stays when time is short. */
        MISSED_FIRST,
        /** The second half is mirrored. */
        OTHER_SIDE,
        /** A drill instead of another one. */
        INSTEAD,
        /** Shorter, so that all of it fits. */
        FITTED
    }

    /** @param names blocks or drills that it is about, by title or id */
    public record Reason(Kind kind, List<String> names) {
        public Reason {
            Objects.requireNonNull(kind, "kind");
            names = List.copyOf(names);
        }
    }

    /** Run so often in a row, a drill may give way once. */
    private static final int OFTEN = 3;

    public NextWeek {
        reasons = List.copyOf(reasons);
    }

    /** Empty where nothing was run yet. */
    public static Optional<NextWeek> of(Weeks weeks, Library library, Optional<Squad> squad, Simulations simulations) {
        if (weeks.practices().isEmpty()) {
            return Optional.empty();
        }
        Practice last = weeks.practices().get(weeks.practices().size() - 1);
        List<Reason> reasons = new ArrayList<>();
        Session next = last.planned()
                .withStart(last.planned().date().plusWeeks(1), last.planned().start())
                .withAbsent(List.of());
        next = missedFirst(next, last, reasons);
        next = otherSides(next, weeks, reasons);
        next = instead(next, weeks, last, library, reasons);
        return Optional.of(new NextWeek(fitted(next, library, squad, simulations, reasons), reasons));
    }

    /** Behind what opens the session: words and a warm-up. */
    private static Session missedFirst(Session next, Practice last, List<Reason> reasons) {
        Set<BlockId> missed = new LinkedHashSet<>();
        last.missed().forEach(b -> missed.add(b.id()));
        if (missed.isEmpty()) {
            return next;
        }
        List<SessionBlock> opening = new ArrayList<>();
        List<SessionBlock> rest = new ArrayList<>(next.blocks());
        while (!rest.isEmpty()
                && opens(rest.get(0))
                && !missed.contains(rest.get(0).id())) {
            opening.add(rest.remove(0));
        }
        List<SessionBlock> first = rest.stream()
                .filter(b -> missed.contains(b.id()))
                .map(b -> b.withMust(true))
                .toList();
        rest.removeIf(b -> missed.contains(b.id()));
        opening.addAll(first);
        opening.addAll(rest);
        reasons.add(new Reason(
                Kind.MISSED_FIRST, first.stream().map(SessionBlock::title).toList()));
        return next.withBlocks(opening);
    }

    private static boolean opens(SessionBlock b) {
        return b.what() instanceof What.Plain p && p.kind() != What.Kind.GAME;
    }

    private static Session otherSides(Session next, Weeks weeks, List<Reason> reasons) {
        Set<String> oneSided = new LinkedHashSet<>();
        weeks.hints().stream().filter(h -> h.kind() == Hint.Kind.ONE_SIDE).forEach(h -> oneSided.addAll(h.names()));
        List<String> turned = new ArrayList<>();
        Session then = next.withBlocks(next.blocks().stream()
                .map(b -> {
                    if (b.what() instanceof What.Drilling d
                            && d.turning() == What.Turning.NONE
                            && d.stations().stream()
                                    .anyMatch(s -> oneSided.contains(s.drill().text()))) {
                        d.stations().stream()
                                .map(s -> s.drill().text())
                                .filter(oneSided::contains)
                                .forEach(turned::add);
                        return b.withWhat(new What.Drilling(d.stations(), What.Turning.SIDES, d.correcting()));
                    }
                    return b;
                })
                .toList());
        if (!turned.isEmpty()) {
            reasons.add(new Reason(Kind.OTHER_SIDE, turned));
        }
        return then;
    }

    /** One drill that was run in each of the last sessions makes room for one of its themes that was not used lately. */
    private static Session instead(Session next, Weeks weeks, Practice last, Library library, List<Reason> reasons) {
        List<Practice> all = weeks.practices();
        if (all.size() < OFTEN) {
            return next;
        }
        Set<DrillId> often = new LinkedHashSet<>(last.drills());
        all.subList(all.size() - OFTEN, all.size()).forEach(p -> often.retainAll(p.drills()));
        Set<String> missed = new LinkedHashSet<>();
        last.missed().forEach(b -> missed.add(b.id().text()));
        for (Hint hint : weeks.hints()) {
            if (hint.kind() != Hint.Kind.NOT_LATELY) {
                continue;
            }
            DrillId wanted = new DrillId(hint.names().get(0));
            for (SessionBlock b : next.blocks()) {
                if (missed.contains(b.id().text()) || !(b.what() instanceof What.Drilling d)) {
                    continue;
                }
                for (StationPlan s : d.stations()) {
                    if (often.contains(s.drill()) && goesFor(library, wanted, s.drill())) {
                        reasons.add(new Reason(
                                Kind.INSTEAD, List.of(wanted.text(), s.drill().text())));
                        return next.withBlocks(next.blocks().stream()
                                .map(x -> x == b ? swapped(b, d, s, wanted, library) : x)
                                .toList());
                    }
                }
            }
        }
        return next;
    }

    /** On the same floor, with a theme in common. */
    private static boolean goesFor(Library library, DrillId wanted, DrillId now) {
        Optional<Drill> a = library.drill(wanted);
        Optional<Drill> b = library.drill(now);
        return a.isPresent()
                && b.isPresent()
                && a.get().surfaceUse().floor().equals(b.get().surfaceUse().floor())
                && a.get().themes().stream().anyMatch(b.get().themes()::contains);
    }

    private static SessionBlock swapped(
            SessionBlock b, What.Drilling d, StationPlan old, DrillId wanted, Library library) {
        List<StationPlan> stations = d.stations().stream()
                .map(s -> s == old ? new StationPlan(s.place(), wanted, Optional.empty(), s.coach(), s.groups()) : s)
                .toList();
        String title = d.stations().size() == 1
                ? library.drill(wanted).map(Drill::title).orElse(b.title())
                : b.title();
        return b.withTitle(title).withWhat(new What.Drilling(stations, d.turning(), d.correcting()));
    }

    private static Session fitted(
            Session next, Library library, Optional<Squad> squad, Simulations simulations, List<Reason> reasons) {
        if (SessionPlan.of(next, library, squad, simulations).sums().slack() >= -0.05) {
            return next;
        }
        Optional<Replan> way = Replan.of(next, 0, library, squad, simulations).stream()
                .filter(w -> w.gone().isEmpty())
                .findFirst();
        way.ifPresent(w -> reasons.add(new Reason(Kind.FITTED, List.of())));
        return way.map(Replan::session).orElse(next);
    }
}
