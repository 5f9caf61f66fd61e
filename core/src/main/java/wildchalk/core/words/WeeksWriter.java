package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.season.Hint;
import wildchalk.core.season.NextWeek;
import wildchalk.core.season.Practice;
import wildchalk.core.season.Share;
import wildchalk.core.season.Stopped;
import wildchalk.core.season.Weeks;
import wildchalk.core.session.Library;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Says what weeks of sessions came to. */
public final class WeeksWriter {

    private static final double PERCENT = 100;

    private final Weeks weeks;
    private final Library library;
    private final Optional<Squad> squad;

    public WeeksWriter(Weeks weeks, Library library, Optional<Squad> squad) {
        this.weeks = weeks;
        this.library = library;
        this.squad = squad;
    }

    /** How many sessions, minutes and people, a line each. */
    public List<String> sums() {
        List<String> lines = new ArrayList<>();
        int count = weeks.practices().size();
        double minutes =
                weeks.practices().stream().mapToDouble(Practice::minutes).sum();
        lines.add(text(count == 1 ? "weeks.one" : "weeks.count", count, Numbers.brief(minutes, 0)));
        weeks.shares().stream()
                .filter(s -> s.known() > 0)
                .mapToDouble(s -> (double) s.there() / s.known())
                .average()
                .ifPresent(a -> lines.add(text("weeks.there", Math.round(PERCENT * a))));
        double talk =
                weeks.practices().stream().mapToDouble(Practice::talkMinutes).sum();
        if (count > 0 && talk > 0) {
            lines.add(text("weeks.talk", Numbers.brief(talk / count, 1)));
        }
        return lines;
    }

    /** What is worth a thought. */
    public String hint(Hint h) {
        String first = h.names().isEmpty() ? "" : h.names().get(0);
        return switch (h.kind()) {
            case MISSED ->
                text(
                        h.figures().get(0) == 0 ? "hint.MISSED.all" : "hint.MISSED",
                        first,
                        Numbers.brief(h.figures().get(0), 0),
                        Numbers.brief(h.figures().get(1), 0));
            case NOT_LATELY ->
                text("hint.NOT_LATELY", drill(first), days(h.figures().get(0)));
            case THEME_NOT_LATELY ->
                text("hint.THEME_NOT_LATELY", first, days(h.figures().get(0)));
            case ONE_SIDE ->
                text("hint.ONE_SIDE", drill(first), Math.round(h.figures().get(0)));
            case FEW_TURNS ->
                text(
                        "hint.FEW_TURNS",
                        name(first),
                        Numbers.brief(h.figures().get(0), 0),
                        name(h.names().get(1)),
                        Numbers.brief(h.figures().get(1), 0));
            case SLOWER, FASTER ->
                text(
                        "hint." + h.kind(),
                        drill(first),
                        Numbers.brief(h.figures().get(1), 1),
                        Numbers.brief(h.figures().get(2), 1),
                        Math.round(PERCENT * h.figures().get(0)));
            case TALK -> text("hint.TALK", Numbers.brief(h.figures().get(0), 0));
        };
    }

    private static String days(double days) {
        return Numbers.brief(days, 0);
    }

    /** Why next week is to be like that. */
    public String reason(NextWeek.Reason r) {
        List<String> names = r.kind() == NextWeek.Kind.MISSED_FIRST
                ? r.names()
                : r.names().stream().map(this::drill).distinct().toList();
        return switch (r.kind()) {
            case MISSED_FIRST ->
                text(names.size() == 1 ? "next.MISSED_FIRST" : "next.MISSED_FIRST.many", ReadOut.list(names));
            case OTHER_SIDE -> text("next.OTHER_SIDE", ReadOut.list(names));
            case INSTEAD -> text("next.INSTEAD", names.get(0), names.get(1));
            case FITTED -> text("next.FITTED");
        };
    }

    /** Games, a line each, and then who won how many; nothing where nobody kept the score. */
    public List<String> scores() {
        List<String> lines = new ArrayList<>();
        Map<String, Integer> won = new LinkedHashMap<>();
        for (Practice p : weeks.practices()) {
            for (LoggedBlock b : p.log().blocks()) {
                if (b.scores().isEmpty()) {
                    continue;
                }
                Map<String, Integer> points = points(b);
                lines.add(text("weeks.score", p.planned().date(), title(p, b), said(p, points)));
                int best = points.values().stream()
                        .mapToInt(Integer::intValue)
                        .max()
                        .orElse(0);
                List<String> ahead = points.keySet().stream()
                        .filter(k -> points.get(k) == best)
                        .toList();
                if (ahead.size() == 1 && points.size() > 1) {
                    won.merge(group(p, ahead.get(0)), 1, Integer::sum);
                }
            }
        }
        if (!won.isEmpty()) {
            lines.add(text(
                    "weeks.won",
                    ReadOut.list(won.entrySet().stream()
                            .map(e -> text("log.points", e.getKey(), e.getValue()))
                            .toList())));
        }
        return lines;
    }

    /** How reps of a drill followed each other from session to session, where they were stopped more than once. */
    public List<String> paces() {
        Map<String, List<Stopped>> drills = new LinkedHashMap<>();
        weeks.stopped()
                .forEach(s -> drills.computeIfAbsent(s.drill().text(), d -> new ArrayList<>())
                        .add(s));
        return drills.entrySet().stream()
                .filter(e -> e.getValue().size() > 1)
                .map(e -> text(
                        "weeks.pace",
                        drill(e.getKey()),
                        ReadOut.list(e.getValue().stream()
                                .map(s -> Numbers.brief(s.median(), 1))
                                .toList())))
                .toList();
    }

    private static Map<String, Integer> points(LoggedBlock b) {
        Map<String, Integer> points = new LinkedHashMap<>();
        b.scores().forEach(s -> points.merge(s.group(), s.points(), Integer::sum));
        return points;
    }

    private static String said(Practice p, Map<String, Integer> points) {
        return ReadOut.list(points.entrySet().stream()
                .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                .map(e -> text("log.points", group(p, e.getKey()), e.getValue()))
                .toList());
    }

    private String title(Practice p, LoggedBlock b) {
        return p.planned().blocks().stream()
                .filter(x -> x.id().equals(b.block()))
                .findFirst()
                .map(PlanWriter::title)
                .orElse(b.block().text());
    }

    // ---- one session ----

    /** What a session was, a line each. */
    public List<String> practice(Practice p) {
        List<String> lines = new ArrayList<>();
        long there =
                p.log().attendance().values().stream().filter(is -> is.came()).count();
        if (!p.log().attendance().isEmpty()) {
            lines.add(text("log.there", there, p.log().attendance().size()));
        }
        for (LoggedBlock b : p.log().blocks()) {
            lines.add(block(p, b));
            lines.addAll(under(p, b));
        }
        p.log().notes().forEach(n -> lines.add(text("log.note", n)));
        return lines;
    }

    private String block(Practice p, LoggedBlock b) {
        Optional<SessionBlock> planned = p.planned().blocks().stream()
                .filter(x -> x.id().equals(b.block()))
                .findFirst();
        String title = planned.map(PlanWriter::title).orElse(b.block().text());
        String wanted = planned.map(x -> Numbers.brief(x.minutes(), 1)).orElse("0");
        return b.minutes() == 0
                ? text("log.block.out", title, wanted)
                : text("log.block", title, Numbers.brief(b.minutes(), 1), wanted);
    }

    private List<String> under(Practice p, LoggedBlock b) {
        List<String> lines = new ArrayList<>();
        if (b.reps() > 0) {
            String reps = text(b.reps() == 1 ? "log.rep" : "log.reps", b.reps());
            String times = RunWriter.reps(b.repSeconds(), Optional.empty());
            lines.add(text("log.under", times.isEmpty() ? reps : reps + ", " + times));
        }
        if (!b.scores().isEmpty()) {
            lines.add(text("log.under", said(p, points(b))));
        }
        if (b.stops() > 0) {
            lines.add(text(
                    "log.under",
                    text(b.stops() == 1 ? "log.stop" : "log.stops", b.stops(), RunWriter.span(b.talkSeconds()))));
        }
        b.tallies().forEach((what, n) -> lines.add(text("log.under", text("log.tally", what, n))));
        b.asked().forEach(a -> lines.add(text("log.under", text("log.asked", a))));
        b.notes().forEach(n -> lines.add(text("log.under", text("log.note", n))));
        return lines;
    }

    private static String group(Practice p, String id) {
        return p.planned().group(id).map(Group::name).orElse(id);
    }

    // ---- people ----

    /** Heads of the table of people. */
    public static List<String> heads() {
        return List.of(
                text("log.head.name"),
                text("log.head.there"),
                text("log.head.turns"),
                text("log.head.hard"),
                text("log.head.balls"),
                text("log.head.shots"),
                text("log.head.faced"));
    }

    /** A row of it. */
    public List<String> row(Share s) {
        return List.of(
                name(s.player().text()),
                text("log.of", s.there(), s.known()),
                String.valueOf(s.load().turns()),
                Numbers.brief(s.load().hardSeconds() / 60, 1),
                String.valueOf(s.load().touches()),
                String.valueOf(s.load().shots()),
                String.valueOf(s.load().shotsFaced()));
    }

    public String name(String id) {
        return squad.flatMap(s -> s.player(new PlayerId(id))).map(p -> p.name()).orElse(id);
    }

    public String drill(String id) {
        return library.drill(new DrillId(id)).map(Drill::title).orElse(id);
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
