package wildchalk.core.words;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.squad.Squad;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.core.whistle.Part;
import wildchalk.core.whistle.Rescue;
import wildchalk.core.whistle.Run;
import wildchalk.core.whistle.Signal;

/** Says where a session stands while it runs: short enough to be read in passing. */
public final class RunWriter {

    private static final double MINUTE = 60;
    private static final double LONG = 600;
    private static final double NOTHING_SECONDS = 10;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    private final Run run;
    private final LocalTime began;
    private final PlanWriter plan;

    /** @param began when the run did, by the clock on the wall */
    public RunWriter(Run run, LocalTime began, Optional<Squad> squad) {
        this.run = run;
        this.began = began;
        this.plan = new PlanWriter(run.plan(), squad);
    }

    /** Minutes and seconds, counted down; what runs over with a plus. */
    public static String countdown(double left) {
        long seconds = (long) Math.ceil(Math.abs(left) - (left < 0 ? 1 : 0) - 1e-6);
        return (left < 0 && seconds > 0 ? "+" : "") + "%d:%02d".formatted(seconds / 60, seconds % 60);
    }

    /** "1 min 40 s"; from ten minutes on whole ones. */
    public static String span(double seconds) {
        long all = Math.round(Math.abs(seconds));
        all = all >= LONG ? Math.round(all / MINUTE) * (long) MINUTE : all;
        long minutes = all / 60;
        long rest = all % 60;
        return minutes == 0
                ? text("run.s", rest)
                : rest == 0 ? text("run.min", minutes) : text("run.min-s", minutes, rest);
    }

    public String clock(double at) {
        return began.plusSeconds((long) Math.floor(at)).format(TIME);
    }

    /** What a part is called. */
    public String title(Part part) {
        return part.isChange() ? text("run.change") : PlanWriter.title(part.block());
    }

    /** What the coach has to know of what runs now, a line each. */
    public List<String> lines() {
        List<String> lines = new ArrayList<>();
        run.part().ifPresent(p -> {
            p.change().ifPresent(c -> {
                lines.add(text("run.to", PlanWriter.title(p.block())));
                lines.add(plan.changing(c));
            });
            if (p.change().isEmpty()) {
                plan.under(p.block()).ifPresent(lines::add);
            }
            run.here().ifPresent(r -> r.stations().forEach(h -> lines.add(plan.posted(h))));
        });
        run.beside().forEach(b -> lines.add(plan.beside(b)));
        return lines;
    }

    /** Which round of how many. */
    public Optional<String> round() {
        return run.part()
                .filter(p -> p.rounds().size() > 1)
                .map(p ->
                        text("run.round", run.round().orElse(0) + 1, p.rounds().size()));
    }

    /** Which shift, and for how long. */
    public Optional<String> beat() {
        return run.beat().map(b -> text(b.on() ? "run.shift" : "run.rest", b.number(), countdown(b.leftSeconds())));
    }

    /** Behind or ahead, and when all will be over. */
    public String standing() {
        if (run.part().isEmpty()) {
            return text("run.over");
        }
        double behind = run.behind();
        String is = Math.abs(behind) < NOTHING_SECONDS
                ? text("run.on-time")
                : text(behind > 0 ? "run.behind" : "run.ahead", span(behind));
        String end = clock(run.end());
        return Math.abs(run.over()) < NOTHING_SECONDS
                ? text("run.ends", is, end)
                : text(run.over() > 0 ? "run.ends.over" : "run.ends.before", is, end, span(run.over()));
    }

    /** What follows, with the times at which it will come. */
    public List<String> then() {
        List<String> lines = new ArrayList<>();
        double at = run.partEnd();
        for (Part part : run.later()) {
            if (!part.isChange()) {
                lines.add(text("run.then", clock(at), title(part), Numbers.brief(part.seconds() / MINUTE, 1)));
            } else {
                lines.add(text("run.then.change", clock(at), span(part.seconds())));
            }
            at += part.seconds();
        }
        return lines;
    }

    /** What a new plan does to what is still to come. */
    public String rescue(Rescue rescue) {
        List<String> changes = new ArrayList<>();
        for (Part part : run.later()) {
            SessionBlock block = part.block();
            if (part.isChange()) {
                continue;
            }
            Double minutes = rescue.signal().minutes().get(block.id());
            if (minutes == null) {
                changes.add(text("run.rescue.out", PlanWriter.title(block)));
            } else if (Math.abs(minutes - block.minutes()) > 0.05) {
                changes.add(text(
                        "run.rescue.shorter",
                        PlanWriter.title(block),
                        Numbers.brief(block.minutes(), 1),
                        Numbers.brief(minutes, 1)));
            }
        }
        String aims = rescue.way().aimsGone().isEmpty()
                ? ""
                : text("run.rescue.aims", ReadOut.list(rescue.way().aimsGone()));
        return ReadOut.list(changes) + aims;
    }

    /** How often it was called, and how evenly. */
    public static String called(int calls, Collection<Integer> counts) {
        if (calls == 0) {
            return text("run.called.none");
        }
        int least = Collections.min(counts);
        int most = Collections.max(counts);
        String times = calls == 1 ? text("run.called.one") : text("run.called", calls);
        return times + (least == most ? text("run.called.each", least) : text("run.called.range", least, most));
    }

    /** Reps that were stopped, beside what was drawn. */
    public static String reps(List<Double> seconds, Optional<Double> drawn) {
        if (seconds.isEmpty()) {
            return drawn.map(d -> text("run.reps.drawn", Numbers.brief(d, 1))).orElse("");
        }
        double middle = wildchalk.core.stopwatch.StoppedTimes.of(
                        seconds.stream().map(s -> Math.max(0.1, s)).toList())
                .median();
        return drawn.map(d -> text("run.reps.both", Numbers.brief(middle, 1), Numbers.brief(d, 1)))
                .orElseGet(() -> text("run.reps", Numbers.brief(middle, 1)));
    }

    /** What was pressed, in a word or two, for whoever takes it back. */
    public static String name(Signal signal) {
        boolean people = signal instanceof Signal.Came || signal instanceof Signal.Gone;
        return text("run.name." + (people ? "Who" : signal.getClass().getSimpleName()));
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
