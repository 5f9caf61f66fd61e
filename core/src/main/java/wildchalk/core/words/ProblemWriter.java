package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Step;
import wildchalk.core.motion.HeadCounts;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Surface;

/**
 * Tells what is at stake and what is allowed, and not how it is solved: who plays against whom, who has the ball, what is to be
 * reached, the rules, what is asked.
 */
final class ProblemWriter {

    private final Path path;
    private final Surface surface;
    private final RunThrough run;

    ProblemWriter(RunThrough run) {
        this.run = run;
        this.path = run.path();
        this.surface = run.drill().surface();
    }

    List<String> lines() {
        List<String> lines = new ArrayList<>();
        heads().ifPresent(lines::add);
        path.balls().stream()
                .flatMap(b -> b.start().match(with -> Stream.of(with.role()), loose -> Stream.<RoleId>empty()))
                .findFirst()
                .map(r -> text("problem.ball", SentenceWriter.label(path, r), surface.ballName()))
                .ifPresent(lines::add);
        aim().ifPresent(lines::add);
        lines.addAll(new CourseWords(path, surface).rules());
        path.steps().stream()
                .flatMap(s -> s.question().stream())
                .map(Question::ask)
                .forEach(lines::add);
        return lines;
    }

    /** "Three against two." */
    private Optional<String> heads() {
        return path.steps().stream()
                .map(Step::id)
                .map(run.numbers()::of)
                .flatMap(Optional::stream)
                .findFirst()
                .map(c -> capital(text("problem.heads", many(c), few(c))));
    }

    private static String many(HeadCounts.Count count) {
        return number(count.withBall());
    }

    private static String few(HeadCounts.Count count) {
        return number(count.against());
    }

    static String number(int n) {
        return n >= 0 && n <= 12 ? text("number." + n) : String.valueOf(n);
    }

    /** A shot, where there is one; else nothing is said of what it is for. */
    private Optional<String> aim() {
        boolean shot = path.moves().stream().anyMatch(m -> m instanceof Shot);
        return shot ? Optional.of(text("problem.score")) : Optional.empty();
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static String text(String key, Object... arguments) {
        return SentenceWriter.text(key, arguments);
    }
}
