package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.log.Log;
import wildchalk.core.log.Reply;
import wildchalk.core.season.NextWeek;
import wildchalk.core.season.Practice;
import wildchalk.core.season.Weeks;
import wildchalk.core.session.Session;
import wildchalk.core.session.Simulations;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadId;

/**
 * All sessions of a binder with what was written down of them. One that cannot be read hides no other.
 *
 * @param entries by day
 */
public record Seasons(List<Entry> entries) {

    /**
     * A session of the binder.
     *
     * @param practice empty for one that was not run yet
     * @param replies what players have answered
     * @param problem why its file or its log cannot be used
     */
    public record Entry(
            Path file,
            Optional<Session> session,
            Optional<Practice> practice,
            List<Reply> replies,
            Optional<String> problem) {
        public Entry {
            replies = List.copyOf(replies);
        }
    }

    public Seasons {
        entries = List.copyOf(entries);
    }

    public static Seasons of(Binder binder, BinderLibrary library, Simulations simulations) throws IOException {
        Map<Optional<SquadId>, Optional<Squad>> squads = new HashMap<>();
        List<Entry> entries = new ArrayList<>();
        for (Path file : binder.sessions()) {
            try {
                Session session = SessionFile.read(file).value();
                Optional<Log> log = LogFile.of(file);
                if (!squads.containsKey(session.squad())) {
                    squads.put(session.squad(), library.squad(session));
                }
                Optional<Squad> squad = squads.get(session.squad());
                entries.add(new Entry(
                        file,
                        Optional.of(session),
                        log.filter(Log::wasRun).map(l -> Practice.of(session, l, library, squad, simulations)),
                        log.map(Log::replies).orElse(List.of()),
                        Optional.empty()));
            } catch (IOException e) {
                entries.add(
                        new Entry(file, Optional.empty(), Optional.empty(), List.of(), Optional.of(e.getMessage())));
            }
        }
        return new Seasons(entries);
    }

    /** What was run, by day. */
    public List<Practice> practices() {
        return entries.stream().flatMap(e -> e.practice().stream()).toList();
    }

    /** Sessions of that day or later that were not run yet. */
    private List<Session> coming(LocalDate from) {
        return entries.stream()
                .filter(e -> e.practice().isEmpty())
                .flatMap(e -> e.session().stream())
                .filter(s -> !s.date().isBefore(from))
                .toList();
    }

    private Optional<Squad> squadOfLast(BinderLibrary library) throws IOException {
        Optional<Session> last =
                entries.stream().flatMap(e -> e.session().stream()).reduce((a, b) -> b);
        return last.isPresent() ? library.squad(last.get()) : Optional.empty();
    }

    /**
     * The last weeks of what was run.
     *
     * @param squad that the last session names that was run, else the last of all; empty where there is none
     * @param next what may come a week later; empty where nothing was run
     */
    public record Lately(Weeks weeks, Optional<Squad> squad, Optional<NextWeek> next) {}

    /**
     * @param weeks so many up to the last session that was run
     * @throws IOException when the squad cannot be read
     */
    public Lately lately(int weeks, BinderLibrary library, Simulations simulations) throws IOException {
        List<Practice> all = practices();
        if (all.isEmpty()) {
            return new Lately(
                    Weeks.of(all, Optional.empty(), coming(LocalDate.MIN), library),
                    squadOfLast(library),
                    Optional.empty());
        }
        Session last = all.get(all.size() - 1).planned();
        LocalDate from = last.date().minusWeeks(weeks);
        Optional<Squad> squad = library.squad(last);
        Weeks lately = Weeks.of(
                all.stream().filter(p -> p.planned().date().isAfter(from)).toList(),
                squad,
                coming(last.date()),
                library);
        return new Lately(lately, squad, NextWeek.of(lately, library, squad, simulations));
    }
}
