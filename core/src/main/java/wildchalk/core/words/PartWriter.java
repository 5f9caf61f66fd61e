package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AfterRep;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.ShotEnd;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Texts;

/** Writes what each role has to know, in the second person; made once for all roles of a path. */
final class PartWriter {

    private final Path path;
    private final Surface surface;
    private final TalkThrough talk;
    private final Places places;
    private final CourseWords course;
    /** For each step what its moves say. */
    private final List<List<Clause>> clauses = new ArrayList<>();

    PartWriter(RunThrough run, TalkThrough talk) {
        this.path = run.path();
        this.talk = talk;
        this.surface = run.drill().surface();
        this.places = new Places(path, surface, talk.unit());
        this.course = new CourseWords(path, run.drill().surface());
        SentenceWriter sentences = new SentenceWriter(path, run.drill().surface(), run.timeline(), places);
        for (int i = 0; i < talk.steps().size(); i++) {
            List<Clause> said = new ArrayList<>();
            for (Sentence sentence : talk.steps().get(i).sentences()) {
                said.add(sentences.clause(path.move(sentence.move()).orElseThrow(), sentence));
            }
            clauses.add(said);
        }
    }

    List<String> of(RoleId wanted) {
        Role role = path.role(wanted)
                .orElseThrow(() -> new IllegalArgumentException("There is no role \"" + wanted + "\"."));
        String name = RoleNames.of(path, role);
        SecondPerson you = new SecondPerson(name);
        List<String> part = new ArrayList<>();
        part.add(Texts.CORE.get("part.you", name));
        if (role.later()) {
            part.add(Texts.CORE.get("part.later"));
        }
        int head = part.size() + 1;
        part.add(Texts.CORE.get("part.start", places.paced(path.startOf(wanted))));
        for (int i = 0; i < talk.steps().size(); i++) {
            List<String> said = said(i, wanted, you);
            if (!said.isEmpty()) {
                part.add(Texts.CORE.get("part.step", talk.steps().get(i).title(), String.join(" ", said)));
            }
        }
        boolean still = part.size() == head;
        boolean waits =
                AfterRep.waiting(path.version(), path.choices().otherSide()).contains(wanted);
        if (still && !waits) {
            part.add(Texts.CORE.get("part.nothing"));
        }
        path.course().rotation().stream()
                .filter(r -> r.role().equals(wanted) && !still)
                .forEach(r -> part.add(you.of(course.rotation(r), true)));
        path.course()
                .teamOf(wanted)
                .ifPresent(team -> path.course().teamTurns().stream()
                        .filter(t -> t.first().equals(team.id()) || t.second().equals(team.id()))
                        .forEach(t -> part.add(course.teamTurn(t))));
        path.course().alternation().filter(a -> !still || waits).ifPresent(a -> part.add(otherSide(a, wanted, waits)));
        return part;
    }

    /** "Every other rep RW does this on the other side." */
    private String otherSide(Alternation sides, RoleId wanted, boolean waits) {
        RoleId other = sides.instead().getOrDefault(wanted, wanted);
        boolean otherWaits =
                AfterRep.waiting(path.version(), path.choices().otherSide()).contains(other);
        String who = other.equals(wanted) ? ".you" : waits ? ".yours" : otherWaits ? ".other" : ".swap";
        return Texts.CORE.get(
                "part.sides" + who,
                course.often(sides.after()),
                Texts.CORE.get("sides.where." + sides.how()),
                path.role(other).map(r -> RoleNames.of(path, r)).orElse(""));
    }

    /** What is done again by the same player is told once; who does it in somebody's place is told what. */
    private List<String> said(int index, RoleId role, SecondPerson you) {
        Optional<Path.Again> again = path.again(talk.steps().get(index).step());
        boolean himself = again.isPresent()
                && again.get().repeat().role(role, again.get().n()).equals(role);
        if (!himself) {
            return said(clauses.get(index), role, you);
        }
        boolean acts = path.steps().stream()
                .filter(s -> path.told(s.id()).equals(again.get().of()))
                .flatMap(s -> s.moves().stream())
                .anyMatch(m -> concerns(m, role));
        List<String> part = new ArrayList<>();
        Step step = path.steps().get(index);
        List<Clause> fresh = clauses.get(index).stream()
                .filter(c -> path.isNewAgain(c.move()) && concerns(c.move(), role))
                .toList();
        boolean joins = again.get().repeat().growth().joining().contains(role);
        if (acts && !joins && again.get().n() == 1 && again.get().begins()) {
            part.add(course.again(again.get().repeat()));
        }
        if (step.moves().stream().anyMatch(m -> m.role().equals(role) && path.isNewAgain(m))) {
            part.add(you.of(course.joins(again.get()), true));
        }
        part.addAll(said(fresh, role, you));
        return part;
    }

    private List<String> said(List<Clause> step, RoleId role, SecondPerson you) {
        List<Clause> his = step.stream()
                .filter(c -> concerns(c.move(), role))
                .map(c -> c.move().role().equals(role) ? c : c.withoutOwnCue())
                .toList();
        return ReadOut.linesAlone(his).stream()
                .map(l -> you.of(l.text(), isOwn(l, role)))
                .toList();
    }

    private boolean isOwn(Line line, RoleId role) {
        return path.move(line.moves().get(0)).filter(m -> m.role().equals(role)).isPresent();
    }

    private boolean concerns(Move move, RoleId role) {
        return move.role().equals(role)
                || move.others().contains(role)
                || isCalledFor(move, role, path)
                || keeps(move, role);
    }

    /** Whether it is a shot that a keeper has or beats away. */
    private boolean keeps(Move move, RoleId role) {
        return move instanceof Shot shot
                && (shot.end() == ShotEnd.SAVE || shot.end() == ShotEnd.COVER || shot.end() == ShotEnd.PARRY)
                && BallWriter.keeper(path, surface, shot).equals(Optional.of(role));
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
