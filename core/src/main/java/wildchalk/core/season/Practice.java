package wildchalk.core.season;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.Log;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.log.Presence;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Library;
import wildchalk.core.session.Load;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.Simulations;
import wildchalk.core.session.What;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;

/**
 * A session that was run.
 *
 * @param planned as it was planned
 * @param log what was written down
 * @param done the session as it was: those who came, and the minutes that each block took
 * @param themes minutes of each theme: a drill with two counts for both, stations side by side count for their share
 */
public record Practice(Session planned, Log log, SessionPlan done, Map<String, Double> themes) {

    /** Half of what was planned is as good as left out. */
    private static final double LEFT_OUT_SHARE = 0.5;

    public Practice {
        themes = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(themes));
    }

    public static Practice of(
            Session planned, Log log, Library library, Optional<Squad> squad, Simulations simulations) {
        Session run = done(planned, log);
        SessionPlan model = SessionPlan.evenly(run, library, squad, simulations, Map.of());
        SessionPlan done = SessionPlan.evenly(run, library, squad, simulations, factors(model, log));
        return new Practice(planned, log, done, themes(done.session(), library));
    }

    /** Whoever was not there was absent, and only what was run is in it. */
    private static Session done(Session planned, Log log) {
        List<PlayerId> absent = new ArrayList<>(planned.absent());
        log.attendance().forEach((p, is) -> {
            absent.remove(p);
            if (is == Presence.ABSENT) {
                absent.add(p);
            }
        });
        Map<BlockId, Double> minutes = new LinkedHashMap<>();
        log.blocks().forEach(b -> minutes.merge(b.block(), b.minutes(), Double::sum));
        List<SessionBlock> run = new ArrayList<>();
        minutes.forEach((id, m) -> planned.blocks().stream()
                .filter(b -> b.id().equals(id) && m > 0)
                .findFirst()
                .ifPresent(b -> run.add(b.withMinutes(Math.min(m, SessionBlock.MOST_MINUTES)))));
        return planned.withAbsent(absent).withBlocks(run);
    }

    /** Where reps were counted, what they give is what was run; else the model plays as many as there is time for. */
    private static Map<BlockId, Double> factors(SessionPlan model, Log log) {
        Map<BlockId, Double> factors = new LinkedHashMap<>();
        for (SessionPlan.Slot slot : model.slots()) {
            int counted = log.of(slot.block().id()).stream()
                    .mapToInt(LoggedBlock::reps)
                    .sum();
            int played = slot.rounds().stream()
                    .mapToInt(r -> r.stations().get(0).reps())
                    .sum();
            if (counted > 0 && played > 0) {
                factors.put(slot.block().id(), (double) counted / played);
            }
        }
        return factors;
    }

    /** Minutes of each theme in a session. */
    static Map<String, Double> themes(Session done, Library library) {
        Map<String, Double> themes = new LinkedHashMap<>();
        for (SessionBlock block : done.blocks()) {
            if (block.what() instanceof What.Drilling d) {
                double share = block.minutes() / d.stations().size();
                d.stations()
                        .forEach(s -> library.drill(s.drill())
                                .map(Drill::themes)
                                .ifPresent(all -> all.forEach(t -> themes.merge(t, share, Double::sum))));
            }
        }
        return themes;
    }

    /** Blocks that were planned and not run, or not for half of their minutes; drinks and talks left out. */
    public List<SessionBlock> missed() {
        return planned.blocks().stream()
                .filter(b -> !(b.what() instanceof What.Plain p)
                        || p.kind() == What.Kind.GAME
                        || p.kind() == What.Kind.OTHER && b.must())
                .filter(b -> log.minutes(b.id()).orElse(0.0) < LEFT_OUT_SHARE * b.minutes())
                .toList();
    }

    /** Whether somebody was there; nobody knows of whoever is not in the log. */
    public Optional<Boolean> came(PlayerId player) {
        return Optional.ofNullable(log.attendance().get(player)).map(Presence::came);
    }

    /** What somebody got, by the model; empty for who was not there. */
    public Optional<Load> load(PlayerId player) {
        return Optional.ofNullable(done.loads().get(player));
    }

    /** Minutes of talk while everybody stood. */
    public double talkMinutes() {
        return log.blocks().stream().mapToDouble(LoggedBlock::talkSeconds).sum() / 60;
    }

    /** Minutes that were run, all told. */
    public double minutes() {
        return log.blocks().stream().mapToDouble(LoggedBlock::minutes).sum();
    }

    /** Drills that were run. */
    public Set<wildchalk.core.drill.DrillId> drills() {
        Set<wildchalk.core.drill.DrillId> all = new LinkedHashSet<>();
        done.session().blocks().forEach(b -> {
            if (b.what() instanceof What.Drilling d) {
                d.stations().forEach(s -> all.add(s.drill()));
            }
        });
        return all;
    }
}
