package wildchalk.core.log;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Limits;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.SessionId;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;

/**
 * What a session was. Players stand in it by their ids alone.
 *
 * @param attendance of those of whom it is known
 * @param blocks in the order in which they were run; what was left out has no minutes
 * @param replies one of each who has answered
 */
public record Log(
        SessionId session,
        Map<PlayerId, Presence> attendance,
        List<LoggedBlock> blocks,
        List<String> notes,
        List<Reply> replies) {

    private static final int MOST_BLOCKS = 500;

    public Log {
        Objects.requireNonNull(session, "session");
        attendance = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(attendance));
        blocks = List.copyOf(blocks);
        notes = List.copyOf(notes);
        replies = List.copyOf(replies);
        Limits.count("replies", replies.size(), Squad.MOST_PLAYERS);
        Limits.count("attendance", attendance.size(), Squad.MOST_PLAYERS);
        Limits.count("blocks of a log", blocks.size(), MOST_BLOCKS);
        Limits.count("notes", notes.size(), LoggedBlock.MOST_TEXTS);
        notes.forEach(n -> Limits.text("note", n, Limits.TEXT));
    }

    /** Of what was run; nobody has answered. */
    public Log(SessionId session, Map<PlayerId, Presence> attendance, List<LoggedBlock> blocks, List<String> notes) {
        this(session, attendance, blocks, notes, List.of());
    }

    public static Log empty(SessionId session) {
        return new Log(session, Map.of(), List.of(), List.of());
    }

    /** When a session is run twice, nothing of the first time is lost: the second follows it. */
    public Log then(Log later) {
        Map<PlayerId, Presence> there = new LinkedHashMap<>(attendance);
        later.attendance.forEach((p, is) -> there.merge(p, is, (a, b) -> b.came() || !a.came() ? b : a));
        return new Log(
                session,
                there,
                Stream.concat(blocks.stream(), later.blocks.stream()).toList(),
                Stream.concat(notes.stream(), later.notes.stream()).toList(),
                replies(later.replies));
    }

    /** One of each: who answers again says so beside what he asked before. */
    private List<Reply> replies(List<Reply> later) {
        Map<PlayerId, Reply> all = new LinkedHashMap<>();
        Stream.concat(replies.stream(), later.stream()).forEach(r -> all.merge(r.player(), r, Reply::then));
        return List.copyOf(all.values());
    }

    /** With what somebody says now. */
    public Log with(Reply reply) {
        return new Log(session, attendance, blocks, notes, replies(List.of(reply)));
    }

    /** Whether the session was run; until then there may be answers alone. */
    public boolean wasRun() {
        return !blocks.isEmpty() || !attendance.isEmpty() || !notes.isEmpty();
    }

    /** Minutes that a block took, all told; empty where it was not run at all. */
    public Optional<Double> minutes(BlockId block) {
        List<LoggedBlock> all = of(block);
        double sum = all.stream().mapToDouble(LoggedBlock::minutes).sum();
        return sum > 0 ? Optional.of(sum) : Optional.empty();
    }

    public List<LoggedBlock> of(BlockId block) {
        return blocks.stream().filter(b -> b.block().equals(block)).toList();
    }

    /** Where a coach adds to what was counted. */
    public Log withNotes(List<String> list) {
        return new Log(session, attendance, blocks, list, replies);
    }
}
