package wildchalk.core.words;

import wildchalk.core.drill.Role;
import wildchalk.core.motion.Waits.Wait;
import wildchalk.core.path.Path;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Says who waits for whom. */
public final class WaitWriter {

    private WaitWriter() {}

    /** "A2 waits 0.7 s until D1 (c) is done". */
    public static String said(Wait wait, Path path, TalkThrough talk) {
        String letter = talk.sentence(wait.since()).map(Sentence::letter).orElse("");
        return Texts.CORE.get("wait.said", label(path, wait), seconds(wait), holder(wait, path), letter);
    }

    /** "waits 0.7 s". */
    public static String brief(Wait wait) {
        return Texts.CORE.get("wait.brief", seconds(wait));
    }

    /** Who holds the step up. */
    public static String holder(Wait wait, Path path) {
        return path.move(wait.since())
                .flatMap(m -> path.role(m.role()))
                .map(Role::label)
                .orElse("");
    }

    private static String label(Path path, Wait wait) {
        return path.role(wait.role()).map(Role::label).orElse(wait.role().text());
    }

    private static String seconds(Wait wait) {
        return Texts.CORE.get("unit.seconds", Numbers.fixed(wait.seconds(), 1));
    }
}
