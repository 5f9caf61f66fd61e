package wildchalk.desktop.strip;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.motion.Happening;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.motion.Waits;
import wildchalk.core.telling.Delays;
import wildchalk.core.words.Sentence;
import wildchalk.core.words.SlotKind;
import wildchalk.picture.export.Told;

/** What the strip shows of a rep: bars for moves and flights, threads for what they wait for. */
final class StripBars {

    /** A release lasts no time; its bar is this long (s) to be seen. */
    private static final double RELEASE_SECONDS = 0.12;

    /**
     * A bar on a lane; those of balls belong to no role.
     *
     * @param reacts what it takes before the start to see or hear the cue, s
     */
    record Bar(int lane, double start, double end, MoveId move, String text, Optional<Role> role, double reacts) {}

    /**
     * From the moment that is waited for to what it does.
     *
     * @param ends whether it ends the move; else it starts it
     */
    record Thread(MoveId move, double fromSeconds, int fromLane, double toSeconds, int toLane, boolean ends) {}

    private final Told told;
    private final List<Bar> bars = new ArrayList<>();
    private final List<Thread> threads = new ArrayList<>();

    /** What happens first with the ball of each move. */
    private final Map<MoveId, Happening> firsts = new HashMap<>();

    private final Map<MoveId, Sentence> sentences = new HashMap<>();

    private final List<Waits.Wait> waits;

    private StripBars(Told told) {
        this.waits = Waits.of(told.path(), told.timeline());
        this.told = told;
        told.timeline().happenings().forEach(h -> h.move().ifPresent(m -> firsts.putIfAbsent(m, h)));
        told.talk().steps().forEach(s -> s.sentences().forEach(w -> sentences.put(w.move(), w)));
    }

    static StripBars of(Told told) {
        StripBars all = new StripBars(told);
        told.path().moves().forEach(all::add);
        return all;
    }

    List<Bar> bars() {
        return bars;
    }

    /** Who stands until a step begins. */
    List<Waits.Wait> waits() {
        return waits;
    }

    List<Thread> threads() {
        return threads;
    }

    static int lanes(Told told) {
        return told.path().roles().size() + told.path().balls().size();
    }

    private void add(Move move) {
        MoveSpan span = told.timeline().move(move.id());
        if (!span.happens()) {
            return;
        }
        int lane = laneOf(move);
        Role role = told.path().roles().get(lane);
        double end = move.isBallRelease() ? span.start() + RELEASE_SECONDS : span.end();
        bars.add(new Bar(lane, span.start(), end, move.id(), verb(move), Optional.of(role), span.reactionSeconds()));
        if (move.isBallRelease()) {
            ballLane(move)
                    .ifPresent(l -> bars.add(new Bar(l, span.start(), span.end(), move.id(), "", Optional.empty(), 0)));
        }
        if (move instanceof Act act && act.deed() instanceof OpenPlay play) {
            // one block over all who play
            play.with()
                    .forEach(r -> bars.add(new Bar(
                            laneOf(r),
                            span.start(),
                            end,
                            move.id(),
                            verb(move),
                            told.path().role(r),
                            0)));
        }
        move.trigger().ifPresent(t -> thread(move, t.event(), span.start(), false));
        if (move instanceof Travel travel) {
            // it brakes from that moment on
            travel.until()
                    .ifPresent(e -> Delays.comesAt(told.timeline(), e)
                            .filter(at -> span.start() <= at && at <= span.end())
                            .ifPresent(at -> thread(move, e, at, true)));
        }
    }

    private void thread(Move move, Event event, double to, boolean ends) {
        Optional<Move> other = event.move().flatMap(told.path()::move);
        Optional<Double> from = Delays.comesAt(told.timeline(), event);
        if (other.isPresent() && from.isPresent()) {
            threads.add(new Thread(move.id(), from.get(), laneOf(other.get()), to, laneOf(move), ends));
        }
    }

    int laneOf(Move move) {
        return laneOf(move.role());
    }

    private int laneOf(RoleId who) {
        List<Role> roles = told.path().roles();
        for (int i = 0; i < roles.size(); i++) {
            if (roles.get(i).id().equals(who)) {
                return i;
            }
        }
        return 0;
    }

    private Optional<Integer> ballLane(Move move) {
        return Optional.ofNullable(firsts.get(move.id()))
                .map(h -> told.path().roles().size() + told.timeline().ballIds().indexOf(h.ball()));
    }

    /** The verb of the move's own sentence; for what is done on the spot, its first words. */
    private String verb(Move move) {
        return Stream.ofNullable(sentences.get(move.id()))
                .flatMap(s -> s.phrases().stream().skip(1))
                .filter(p -> p.match(
                        plain -> !plain.joins(),
                        slot -> slot.what() == SlotKind.MANNER || slot.what() == SlotKind.KIND))
                .map(p -> p.text())
                .filter(t -> !t.isEmpty())
                .findFirst()
                .orElse("");
    }
}
