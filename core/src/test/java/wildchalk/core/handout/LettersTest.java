package wildchalk.core.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.log.Log;
import wildchalk.core.log.Reply;
import wildchalk.core.log.Reply.Coming;
import wildchalk.core.session.SessionId;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.words.ReplyWriter;

/** A link is good for one person, for a while, until it is taken back; what is answered is kept. */
class LettersTest {

    private static final Instant NOW = Instant.parse("2026-12-01T18:00:00Z");
    private static final Instant UNTIL = NOW.plusSeconds(3600);
    private static final PlayerId ADA = new PlayerId("p1");
    private static final PlayerId BO = new PlayerId("p2");

    private static Letters letters(boolean receipts) {
        return Letters.to(List.of(ADA, BO), UNTIL, receipts);
    }

    private static String code(Letters letters, PlayerId who) {
        return letters.of(Optional.of(who)).orElseThrow().code();
    }

    @Test
    void codesAreLongAndNoTwoAlikeAndSayNothing() {
        Set<String> codes = new HashSet<>();
        for (int i = 0; i < 500; i++) {
            letters(false).all().forEach(l -> codes.add(l.code()));
        }
        assertEquals(1500, codes.size());
        assertTrue(codes.stream().allMatch(c -> c.matches("[\\w-]{24}")));
        // each of the letters that may stand there does: they are drawn, not counted up
        assertEquals(64, codes.stream().flatMapToInt(String::chars).distinct().count());
    }

    @Test
    void oneIsGoodUntilItsTimeIsOverOrItIsTakenBack() {
        Letters all = letters(false);
        String ada = code(all, ADA);
        String bo = code(all, BO);
        assertTrue(all.good(ada, UNTIL.minusMillis(1)).isPresent());
        assertTrue(all.good(ada, UNTIL).isEmpty());
        assertTrue(all.good(ada + "x", NOW).isEmpty());
        assertTrue(all.good("", NOW).isEmpty());
        Letters without = all.revoked(Optional.of(ADA));
        assertTrue(without.good(ada, NOW).isEmpty());
        assertTrue(without.good(bo, NOW).isPresent());
        Letters again = without.renewed(Optional.of(ADA), UNTIL.plusSeconds(60));
        assertTrue(again.good(ada, NOW).isEmpty(), "the old one stays worth nothing");
        assertNotEquals(ada, code(again, ADA));
        assertTrue(again.good(code(again, ADA), UNTIL).isPresent());
    }

    @Test
    void whoeverIsNotAskedForReceiptsLeavesNone() {
        Letters none = letters(false);
        assertEquals(none, none.opened(code(none, ADA), NOW));
        Letters told = letters(true);
        Letters opened = told.opened(code(told, ADA), NOW).opened(code(told, ADA), NOW.plusSeconds(9));
        assertEquals(Optional.of(NOW), opened.of(Optional.of(ADA)).orElseThrow().opened(), "when it was opened first");
        assertTrue(opened.of(Optional.of(BO)).orElseThrow().opened().isEmpty());
        assertEquals(opened, opened.opened(code(told, BO), UNTIL), "one that is over cannot be opened");
    }

    @Test
    void theLastAnswerCountsAndNoQuestionIsLost() {
        Reply first = new Reply(ADA, Coming.CAN, List.of("Which hall?"), NOW);
        Reply second = new Reply(ADA, Coming.CANNOT, List.of(), NOW.plusSeconds(5));
        Reply asks = new Reply(ADA, Coming.NOT_SAID, List.of("And balls?", "Which hall?"), NOW.plusSeconds(7));
        Letters all = letters(false).with(first).with(second).with(asks);
        Reply reply = all.reply(ADA).orElseThrow();
        assertEquals(new Reply(ADA, Coming.CANNOT, List.of("Which hall?", "And balls?"), NOW.plusSeconds(7)), reply);
        Log log = Log.empty(new SessionId("s1")).with(first).with(second).with(asks);
        assertEquals(List.of(reply), log.replies(), "in the log as on the links");
        assertFalse(log.wasRun(), "who answers has not trained yet");
        Reply many = reply;
        for (int i = 0; i < 20; i++) {
            many = many.then(new Reply(ADA, Coming.NOT_SAID, List.of("Question " + i), NOW));
        }
        assertEquals(Reply.MOST_QUESTIONS, many.questions().size());
        assertEquals("Question 19", many.questions().get(Reply.MOST_QUESTIONS - 1));
    }

    @Test
    void repliesAreSaid() {
        List<Reply> replies = List.of(
                new Reply(ADA, Coming.CAN, List.of("Which hall?"), NOW),
                new Reply(BO, Coming.CANNOT, List.of(), NOW),
                new Reply(new PlayerId("p3"), Coming.CAN, List.of(), NOW));
        assertEquals(
                List.of("P1 and P3 can come: 2.", "P2 cannot come.", "P1 asks: Which hall?"),
                ReplyWriter.lines(replies, p -> p.text().toUpperCase(java.util.Locale.ROOT)));
    }
}
