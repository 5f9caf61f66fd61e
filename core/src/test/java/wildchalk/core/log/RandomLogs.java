package wildchalk.core.log;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.SessionId;
import wildchalk.core.squad.PlayerId;

/** Made-up logs for tests. */
public final class RandomLogs {

    private RandomLogs() {}

    public static Log of(long seed) {
        Random random = new Random(seed);
        Map<PlayerId, Presence> there = new LinkedHashMap<>();
        for (int i = 1; i <= random.nextInt(14); i++) {
            there.put(new PlayerId("p" + i), Presence.values()[random.nextInt(4)]);
        }
        List<LoggedBlock> blocks = new ArrayList<>();
        for (int b = 0; b < random.nextInt(7); b++) {
            List<Double> reps = new ArrayList<>();
            for (int r = 0; r < random.nextInt(9); r++) {
                reps.add(1 + random.nextInt(300) / 10.0);
            }
            List<Score> scores = new ArrayList<>();
            for (int s = 0; s < random.nextInt(4); s++) {
                scores.add(new Score("g" + s, random.nextInt(9) - 2, random.nextBoolean() ? "goal" : ""));
            }
            blocks.add(new LoggedBlock(
                    new BlockId("b" + b),
                    random.nextInt(300) / 10.0,
                    random.nextInt(60),
                    reps,
                    random.nextInt(5),
                    random.nextInt(300),
                    scores,
                    random.nextBoolean() ? Map.of() : Map.of("good", random.nextInt(20)),
                    random.nextBoolean() ? List.of() : List.of("Where is the space?"),
                    random.nextBoolean() ? List.of() : List.of("Blue \"late\"", "nn")));
        }
        List<String> notes = random.nextBoolean() ? List.of() : List.of("hall late");
        Log log = new Log(new SessionId("s" + seed), there, blocks, notes);
        for (int i = 0; i < random.nextInt(4); i++) {
            log = log.with(new Reply(
                    new PlayerId("p" + random.nextInt(3)),
                    Reply.Coming.values()[random.nextInt(3)],
                    random.nextBoolean() ? List.of() : List.of("Which \"hall\"? " + i),
                    Instant.ofEpochSecond(1_700_000_000L + random.nextInt(1_000_000))));
        }
        return log;
    }
}
