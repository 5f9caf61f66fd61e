package wildchalk.core.handout;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.Demo;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.session.Library;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.squad.Squad;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.HouseWords;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;

/** Hours for tests. */
public final class Hours {

    private Hours() {}

    /** That of the demo binder. */
    public static Hour demo() {
        Path file = Demo.folder()
                .resolve("../sessions/2026-12-03-before-the-weekend/session.json")
                .normalize();
        try {
            Session session = SessionFile.read(file).value();
            BinderLibrary library = BinderLibrary.of(file);
            return of(session, library, library.squad(session));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static Hour of(Session session, Library library, Optional<Squad> squad) {
        SessionPlan plan = SessionPlan.of(session, library, squad);
        Map<Post.Which, Spoken> talks = new HashMap<>();
        Post.of(plan).forEach(p -> talks.computeIfAbsent(p.which(), w -> spoken(RunThrough.of(p.drill(), p.path()))));
        return new Hour(plan, squad, talks, HouseWords.NONE);
    }

    private static Spoken spoken(RunThrough run) {
        TalkThrough talk = Words.of(run, LengthUnit.METRES);
        return new Spoken(talk, EveryWay.of(run, talk, LengthUnit.METRES));
    }
}
