package wildchalk.core.words;

import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Step;
import wildchalk.core.path.Choices;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Texts;

/** What a step is called: by its place on a path on which it is, and the branch it is on. The talk-through of that path says the same. */
final class StepTitles {

    private StepTitles() {}

    /** On an open path. */
    static String of(Path path, Step step, CourseWords course) {
        return path.again(step.id())
                .map(a -> Texts.CORE.get(
                        "step.again",
                        path.number(path.step(a.of()).orElseThrow()),
                        a.n() + 1,
                        a.repeat().times()))
                .orElseGet(() -> of(path.number(step), course.branch(step)));
    }

    /** Of a whole version: on the likeliest path that has the step. */
    static String of(Progression version, Step step, Surface surface) {
        if (!Outcomes.areMany(version)) {
            return of(version.steps().indexOf(step) + 1, "");
        }
        Path path = Path.of(version, Outcomes.leadingTo(version, step, Choices.USUAL));
        return of(path.step(step.id()).map(path::number).orElse(0), new CourseWords(version, surface).branch(step));
    }

    private static String of(int number, String branch) {
        String title = Texts.CORE.get("step.title", number);
        return branch.isEmpty() ? title : title + " · " + branch;
    }
}
