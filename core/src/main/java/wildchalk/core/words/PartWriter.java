package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.Texts;

/** Writes what one role has to know, in the second person. */
final class PartWriter {

    private final Role role;
    private final RunThrough run;
    private final Path path;
    private final TalkThrough talk;
    private final Places places;
    private final SentenceWriter sentences;
    private final SecondPerson you;

    PartWriter(RoleId wanted, RunThrough run, TalkThrough talk) {
        this.run = run;
        this.path = run.path();
        this.talk = talk;
        this.role = path.role(wanted)
                .orElseThrow(() -> new IllegalArgumentException("There is no role \"" + wanted + "\"."));
        this.places = new Places(path, run.drill().surface(), talk.unit());
        this.sentences = new SentenceWriter(path, run.drill().surface(), run.timeline(), places);
        this.you = new SecondPerson(RoleNames.of(path, role));
    }

    List<String> lines() {
        List<String> part = new ArrayList<>();
        part.add(Texts.CORE.get("part.you", RoleNames.of(path, role)));
        part.add(Texts.CORE.get("part.start", places.paced(path.startOf(role.id()))));
        for (int i = 0; i < talk.steps().size(); i++) {
            List<String> said = said(path.steps().get(i), talk.steps().get(i));
            if (!said.isEmpty()) {
                part.add(Texts.CORE.get("part.step", talk.steps().get(i).title(), String.join(" ", said)));
            }
        }
        boolean still = part.size() == 2;
        if (still) {
            part.add(Texts.CORE.get("part.nothing"));
        }
        CourseWords course = new CourseWords(path, run.drill().surface());
        path.course().rotation().stream()
                .filter(r -> r.role().equals(role.id()) && !still)
                .forEach(r -> part.add(you.of(course.rotation(r), true)));
        return part;
    }

    private List<String> said(Step step, StepWords words) {
        List<Clause> clauses = new ArrayList<>();
        for (Move move : step.moves()) {
            if (concerns(move)) {
                Sentence sentence = words.sentences().get(step.moves().indexOf(move));
                Clause clause = sentences.clause(move, sentence);
                clauses.add(move.role().equals(role.id()) ? clause : clause.withoutOwnCue());
            }
        }
        return ReadOut.linesAlone(clauses).stream()
                .map(l -> you.of(l.text(), isOwn(l)))
                .toList();
    }

    private boolean isOwn(Line line) {
        return path.move(line.moves().get(0))
                .filter(m -> m.role().equals(role.id()))
                .isPresent();
    }

    private boolean concerns(Move move) {
        return move.role().equals(role.id()) || move.others().contains(role.id()) || isCalledFor(move, role.id(), path);
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
