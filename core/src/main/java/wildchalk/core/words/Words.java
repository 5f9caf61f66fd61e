package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.motion.HeadCounts;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Letters;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Writes the talk-through of a progression. */
public final class Words {

    private Words() {}

    /** In metres. */
    public static TalkThrough of(Drill drill, Path path, Timeline timeline) {
        return of(drill, path, timeline, LengthUnit.METRES);
    }

    /** In the reader's unit. */
    public static TalkThrough of(Drill drill, Path progression, Timeline timeline, LengthUnit unit) {
        return of(drill, progression, timeline, HeadCounts.of(progression, drill.surface(), timeline), unit);
    }

    /** Of what was run through, in the reader's unit. */
    public static TalkThrough of(RunThrough run, LengthUnit unit) {
        return of(run.drill(), run.path(), run.timeline(), run.numbers(), unit);
    }

    private static TalkThrough of(
            Drill drill, Path progression, Timeline timeline, HeadCounts counts, LengthUnit unit) {
        Places places = new Places(progression, drill.surface(), unit);
        SentenceWriter writer = new SentenceWriter(progression, drill.surface(), timeline, places);
        SetUpWriter setUp = new SetUpWriter(progression, drill.surface(), places);
        CourseWords course = new CourseWords(progression, drill.surface());
        NumbersWriter numbers = new NumbersWriter(counts);
        RaceWriter races = new RaceWriter(progression, drill.surface(), timeline, unit);
        List<StepWords> steps = new ArrayList<>();
        int letter = 0;
        for (Step step : progression.steps()) {
            List<Sentence> sentences = new ArrayList<>();
            List<Clause> clauses = new ArrayList<>();
            for (Move move : step.moves()) {
                Sentence sentence = writer.write(step, move, Letters.of(letter++));
                sentences.add(sentence);
                clauses.add(writer.clause(move, sentence));
            }
            StepSpan span = timeline.step(step.id());
            steps.add(new StepWords(
                    step.id(),
                    StepTitles.of(progression, step, course),
                    span(step, span),
                    sentences,
                    progression
                            .again(step.id())
                            .map(a -> again(course, step, a, clauses, progression))
                            .orElseGet(() -> with(ReadOut.lines(clauses), races.lines(step))),
                    Brief.of(clauses, progression),
                    step.points(),
                    numbers.of(step.id()),
                    step.question()));
        }
        return new TalkThrough(
                setUp.gear(),
                setUp.lines(),
                steps,
                course.rules(),
                course.rotation(),
                changes(drill, progression.version(), unit),
                course.cautions(),
                unit);
    }

    /** When it is; to about a second where people play freely. */
    private static String span(Step step, StepSpan span) {
        boolean about = step.moves().stream().anyMatch(m -> m instanceof Act a && a.deed() instanceof OpenPlay);
        return about
                ? Texts.CORE.get(
                        "step.span.about", Numbers.fixed(span.start(), 1), Numbers.brief(Math.round(span.end()), 0))
                : Texts.CORE.get("step.span", Numbers.fixed(span.start(), 1), Numbers.fixed(span.end(), 1));
    }

    /** What is done again is said once, as its first repetition begins; who joins it, and what he does, as he comes in. */
    private static List<Line> again(CourseWords course, Step step, Path.Again again, List<Clause> clauses, Path path) {
        List<Line> lines = new ArrayList<>();
        List<MoveId> moves = step.moves().stream().map(Move::id).toList();
        if (again.n() == 1 && again.begins()) {
            lines.add(new Line(moves, course.again(again.repeat()), List.of()));
        }
        if (again.begins() && again.n() <= again.repeat().growth().joining().size()) {
            lines.add(new Line(moves, course.joins(again), List.of()));
        }
        lines.addAll(ReadOut.lines(
                clauses.stream().filter(c -> path.isNewAgain(c.move())).toList()));
        return lines;
    }

    private static List<Line> with(List<Line> told, List<Line> races) {
        if (races.isEmpty()) {
            return told;
        }
        List<Line> all = new ArrayList<>(told);
        all.addAll(races);
        return all;
    }

    /** What is at stake and what is allowed, and not how it is solved: to be told to players who shall find out. */
    public static List<String> problemOf(RunThrough run) {
        return new ProblemWriter(run).lines();
    }

    /** What a version changes in the one that it is based on; both whole, whatever path is shown. */
    public static List<String> changes(Drill drill, Progression version, LengthUnit unit) {
        Optional<Progression> base = version.basedOn().flatMap(drill::progression);
        return base.isEmpty() ? List.of() : ChangeWriter.between(drill, base.get(), version, unit);
    }

    /**
     * What one role has to know, in the second person: who it is, where it starts, for each step what it does, what others do to it and
     * what is called for it, and where it goes afterwards.
     */
    public static List<String> partOf(RoleId wanted, RunThrough run, TalkThrough talk) {
        return parts(run, talk).apply(wanted);
    }

    /** Likewise for whoever asks for many roles of one path: what all have in common is worked out once. */
    public static Function<RoleId, List<String>> parts(RunThrough run, TalkThrough talk) {
        return new PartWriter(run, talk)::of;
    }
}
