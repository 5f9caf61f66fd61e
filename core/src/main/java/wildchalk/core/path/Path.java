package wildchalk.core.path;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Layout;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.RepeatId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.WaitingLine;

/**
 * One settled way through a version: every step of it and no other. It can be read like a version but neither edited nor
 * saved; an edit of what it shows is made on its {@link #version()}.
 */
public final class Path implements Scene {

    private final Progression version;
    private final Choices choices;
    /** The version with everything settled; it never leaves this class. */
    private final Progression settled;
    /** Which of its steps are done again. */
    private final Map<StepId, Again> again;

    private final Map<MoveId, MoveId> told;

    /**
     * That a step is a step done again.
     *
     * @param n which time, from 1 for the first after it was told
     * @param of the step that it is again
     * @param begins whether it is the first of that time
     */
    public record Again(Repeat repeat, int n, StepId of, boolean begins) {}

    /** Holds only final fields, so that whoever sees it sees it whole. */
    private Index index;

    private Path(
            Progression version,
            Choices choices,
            Progression settled,
            Map<StepId, Again> again,
            Map<MoveId, MoveId> told) {
        this.version = Objects.requireNonNull(version, "version");
        this.choices = Objects.requireNonNull(choices, "choices");
        this.settled = settled;
        this.again = again;
        this.told = told;
    }

    /**
     * A version with one of its repeats written out as steps of its own; as it is where it has no such repeat, or where one of the
     * repeated steps is on a way of a fork.
     */
    public static Progression writtenOut(Progression version, RepeatId id) {
        Optional<Repeat> repeat = version.course().repeats().stream()
                .filter(r -> r.id().equals(id))
                .findFirst();
        List<Repeat> others = version.course().repeats().stream()
                .filter(r -> !r.id().equals(id))
                .toList();
        if (repeat.isEmpty() || !canBeWrittenOut(version, repeat.get())) {
            return version;
        }
        Progression alone = version.withCourse(version.course().withRepeats(List.of(repeat.get())));
        return version.withSteps(
                Unfolding.of(alone).settled().steps(), version.course().withRepeats(others));
    }

    /** Whether none of the steps of a repeat is on a way of a fork. */
    public static boolean canBeWrittenOut(Progression version, Repeat repeat) {
        List<StepId> order = version.steps().stream().map(Step::id).toList();
        return version.steps().subList(order.indexOf(repeat.from()), order.indexOf(repeat.to()) + 1).stream()
                .allMatch(s -> s.on().isEmpty());
    }

    /** What the choices leave open goes the likeliest way. */
    public static Path of(Progression version, Choices choices) {
        Unfolding.Unfolded drawn = Unfolding.of(Settling.settle(version, choices));
        Unfolding.Unfolded all =
                switch (choices.rep()) {
                    case DRAWN -> drawn;
                    case OTHER_SIDE -> OtherSide.of(drawn);
                    case FIRST -> FirstRep.of(drawn);
                };
        return new Path(version, choices, all.settled(), all.again(), all.told());
    }

    /** The same way as the rep after a change of sides goes it; empty where reps do not change sides. */
    public Optional<Path> otherSide() {
        return version.course().alternation().map(a -> of(version, choices.withOtherSide(!choices.otherSide())));
    }

    /** The same way as the first rep goes it; empty where everybody is there from the start. */
    public Optional<Path> firstRep() {
        return hasLater(version) ? Optional.of(of(version, choices.withRep(Choices.Rep.FIRST))) : Optional.empty();
    }

    /** The rep that comes after the first: as it is drawn. Empty for another. */
    public Optional<Path> afterFirst() {
        return choices.rep() == Choices.Rep.FIRST
                ? Optional.of(of(version, choices.withRep(Choices.Rep.DRAWN)))
                : Optional.empty();
    }

    /** Whether some play from the second rep on only. */
    public static boolean hasLater(Progression version) {
        return version.roles().stream().anyMatch(Role::later);
    }

    /** The likeliest way. */
    public static Path usual(Progression version) {
        return of(version, Choices.USUAL);
    }

    /** The version with all its ways. */
    public Progression version() {
        return version;
    }

    public Choices choices() {
        return choices;
    }

    /** The same way with moves of which more is known now: where a run goes that was to follow the ball. */
    public Path withWorkedOut(Map<MoveId, ? extends Move> known) {
        if (known.isEmpty()) {
            return this;
        }
        List<Step> steps = settled.steps().stream()
                .map(s -> s.withMoves(s.moves().stream()
                        .map(m -> known.containsKey(m.id()) ? known.get(m.id()) : m)
                        .toList()))
                .toList();
        return new Path(version, choices, settled.withSteps(steps), again, told);
    }

    /** What a step is done again of; empty for one that was told. */
    public Optional<Again> again(StepId step) {
        return Optional.ofNullable(again.get(step));
    }

    /** Whether somebody who joins a repeat does for the first time what he does in it. */
    public boolean isNewAgain(Move move) {
        Optional<Again> time = stepOf(move.id()).flatMap(s -> again(s.id()));
        Optional<RoleId> drawn = version.move(told(move.id())).map(Move::role);
        return time.isPresent()
                && drawn.isPresent()
                && time.get().repeat().growth().joining().indexOf(drawn.get()) + 1
                        == time.get().n();
    }

    /** Whether a step is done again with nothing in it that was not told. */
    public boolean isMereRepetition(Step step) {
        return again(step.id()).isPresent() && step.moves().stream().noneMatch(this::isNewAgain);
    }

    /** The step of the version that a step is, or is again. */
    public StepId told(StepId step) {
        return again(step).map(Again::of).orElse(step);
    }

    /** The move of the version that a move is, or is again. */
    public MoveId told(MoveId move) {
        return told.getOrDefault(move, move);
    }

    /** The number of a step among those that were told, from 1. */
    public int number(Step step) {
        int number = 0;
        for (Step s : settled.steps()) {
            number += again.containsKey(s.id()) ? 0 : 1;
            if (s.id().equals(step.id())) {
                break;
            }
        }
        return number;
    }

    @Override
    public boolean isTold(MoveId move) {
        return choices.isDrawn()
                && (again.isEmpty()
                        || stepOf(move).filter(s -> again.containsKey(s.id())).isEmpty());
    }

    /** Whether it is the usual way of a version: nobody has chosen anything. */
    public boolean isUsualOf(Progression of) {
        return version.equals(of) && choices.withByClock(Map.of()).equals(Choices.USUAL);
    }

    /** Whether two paths show the same, however they were chosen. */
    public boolean isSameWayAs(Path other) {
        return settled.equals(other.settled);
    }

    @Override
    public ProgressionId id() {
        return version.id();
    }

    public String title() {
        return version.title();
    }

    @Override
    public List<Gear> gear() {
        return settled.gear();
    }

    @Override
    public List<WaitingLine> lines() {
        return settled.lines();
    }

    @Override
    public List<Role> roles() {
        return settled.roles();
    }

    @Override
    public List<Ball> balls() {
        return settled.balls();
    }

    /** The steps of this way, with what is decided on it. */
    @Override
    public List<Step> steps() {
        return settled.steps();
    }

    /** Groups, locks and labels of what is on this way. */
    @Override
    public Layout layout() {
        return settled.layout();
    }

    /** Forks that are met, each with the one branch that is taken; sets of calls as they are. */
    @Override
    public Course course() {
        return settled.course();
    }

    @Override
    public Optional<Move> move(MoveId wanted) {
        return Optional.ofNullable(index().moves.get(wanted));
    }

    @Override
    public Optional<Step> stepOf(MoveId move) {
        return Optional.ofNullable(index().stepOf.get(move));
    }

    @Override
    public Optional<Role> role(RoleId wanted) {
        return Optional.ofNullable(index().roles.get(wanted));
    }

    /** Made when it is first asked; two that are made at once are the same. */
    private Index index() {
        Index made = index;
        if (made == null) {
            made = new Index(settled);
            index = made;
        }
        return made;
    }

    /** What is looked up by its id, since timing and telling ask for every move. */
    private static final class Index {
        private final Map<MoveId, Move> moves = new HashMap<>();
        private final Map<MoveId, Step> stepOf = new HashMap<>();
        private final Map<RoleId, Role> roles = new HashMap<>();

        Index(Progression of) {
            for (Step step : of.steps()) {
                for (Move move : step.moves()) {
                    moves.put(move.id(), move);
                    stepOf.put(move.id(), step);
                }
            }
            of.roles().forEach(r -> roles.put(r.id(), r));
        }
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Path p && p.version.equals(version) && p.choices.equals(choices);
    }

    @Override
    public int hashCode() {
        return Objects.hash(version, choices);
    }

    @Override
    public String toString() {
        return "Path[" + version.id() + " " + choices.asTexts() + "]";
    }
}
