package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
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
        List<StepWords> steps = new ArrayList<>();
        int letter = 0;
        for (Step step : progression.steps()) {
            List<Sentence> sentences = new ArrayList<>();
            for (Move move : step.moves()) {
                sentences.add(writer.write(step, move, Letters.of(letter++)));
            }
            StepSpan span = timeline.step(step.id());
            steps.add(new StepWords(
                    step.id(),
                    StepTitles.of(progression, step, course),
                    Texts.CORE.get("step.span", Numbers.fixed(span.start(), 1), Numbers.fixed(span.end(), 1)),
                    sentences,
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

    /** What a version changes in the one that it is based on; both whole, whatever path is shown. */
    public static List<String> changes(Drill drill, Progression version, LengthUnit unit) {
        Optional<Progression> base = version.basedOn().flatMap(drill::progression);
        return base.isEmpty() ? List.of() : ChangeWriter.between(drill, base.get(), version, unit);
    }

    /**
     * What one role has to know, in the second person: who it is, where it starts, for each step what it does, what others do to it and
     * what is called for it, and where it goes afterwards.
     */
    public static List<String> partOf(RoleId wanted, Drill drill, Path progression, TalkThrough talk) {
        Role role = progression
                .role(wanted)
                .orElseThrow(() -> new IllegalArgumentException("There is no role \"" + wanted + "\"."));
        Places places = new Places(progression, drill.surface(), talk.unit());
        List<String> part = new ArrayList<>();
        part.add(Texts.CORE.get("part.you", role.label()));
        part.add(Texts.CORE.get("part.start", places.paced(progression.startOf(wanted))));
        SecondPerson you = new SecondPerson(role.label());
        for (StepWords step : talk.steps()) {
            List<String> said = new ArrayList<>();
            for (Sentence sentence : step.sentences()) {
                Move move = progression.move(sentence.move()).orElseThrow();
                boolean own = move.role().equals(wanted);
                if (own || move.others().contains(wanted) || isCalledFor(move, wanted, progression)) {
                    said.add(you.of(sentence.text(), own));
                }
            }
            if (!said.isEmpty()) {
                part.add(Texts.CORE.get("part.step", step.title(), String.join(" ", said)));
            }
        }
        boolean still = part.size() == 2;
        if (still) {
            part.add(Texts.CORE.get("part.nothing"));
        }
        CourseWords course = new CourseWords(progression, drill.surface());
        progression.course().rotation().stream()
                .filter(r -> r.role().equals(wanted) && !still)
                .forEach(r -> part.add(you.of(course.rotation(r), true)));
        return part;
    }

    /** Whether a move is a call that something which a role does waits for. */
    private static boolean isCalledFor(Move move, RoleId role, Path path) {
        if (!(move instanceof Act act) || !(act.deed() instanceof Deed.Calling)) {
            return false;
        }
        return path.moves().stream()
                .filter(m -> m.role().equals(role))
                .anyMatch(m -> waitsFor(m, move) || m instanceof Travel t && goesByCall(t, move));
    }

    private static boolean isOf(Event event, Move call) {
        boolean heard = event instanceof Event.IsCalled called
                && call instanceof Act act
                && act.deed() instanceof Deed.Calling calling
                && called.isHeardIn(calling.words());
        return heard || event.move().equals(Optional.of(call.id()));
    }

    private static boolean waitsFor(Move move, Move call) {
        return move.trigger().map(Trigger::event).filter(e -> isOf(e, call)).isPresent();
    }

    private static boolean goesByCall(Travel travel, Move call) {
        return travel.until().filter(e -> isOf(e, call)).isPresent()
                || travel.path().stream().anyMatch(w -> w.called().isPresent());
    }
}
