package wildchalk.core.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import wildchalk.core.Demo;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.binder.BinderLibrary;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.StationPlan;
import wildchalk.core.session.What;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;

/** Whoever comes to a station that is the other way round is told what he finds there, not what was drawn. */
class OtherWayRoundTest {

    private static final String SAID = "It is the other way round here";

    private static Hour hour(UnaryOperator<StationPlan> stations, What.Turning turning) throws IOException {
        Path file = Demo.folder()
                .resolve("../sessions/2026-12-03-before-the-weekend/session.json")
                .normalize();
        Session session = SessionFile.read(file).value();
        List<SessionBlock> blocks = new ArrayList<>();
        for (SessionBlock block : session.blocks()) {
            blocks.add(
                    block.what() instanceof What.Drilling d
                            ? block.withWhat(new What.Drilling(
                                    d.stations().stream().map(stations).toList(), turning, d.correcting()))
                            : block);
        }
        BinderLibrary library = BinderLibrary.of(file);
        return Hours.of(session.withBlocks(blocks), library, library.squad(session));
    }

    private static String said(TalkThrough talk) {
        return talk.steps().stream()
                .flatMap(s -> s.lines().stream())
                .map(l -> l.text())
                .toList()
                .toString();
    }

    @Test
    void itsWordsAreThoseOfTheDrillTheOtherWayRound() throws Exception {
        Hour drawn = hour(s -> s, What.Turning.NONE);
        Hour other = hour(StationPlan::mirrored, What.Turning.NONE);
        assertEquals(drawn.posts().size(), other.posts().size());
        for (int i = 0; i < other.posts().size(); i++) {
            Post post = other.posts().get(i);
            assertTrue(post.mirrored());
            assertEquals(drawn.posts().get(i).title() + ", the other way round", post.title());
            Drill mirrored = Transforms.drill(post.setUp().drill(), Symmetry.ACROSS_WIDTH);
            TalkThrough twin = Words.of(
                    RunThrough.of(
                            mirrored,
                            wildchalk.core.path.Path.usual(mirrored.progression(
                                            post.setUp().path().version().id())
                                    .orElseThrow())),
                    LengthUnit.METRES);
            assertEquals(said(twin), said(other.talk(post)));
            assertNotEquals(said(drawn.talk(drawn.posts().get(i))), said(other.talk(post)));
        }
        // what is drawn on the left is on the right there
        String left = said(drawn.talk(drawn.posts().get(0)));
        String right = said(other.talk(other.posts().get(0)));
        assertTrue(left.contains("up and to the left"), left);
        assertTrue(right.contains("up and to the right"), right);
        PlayerPart.of(other).forEach(p -> assertFalse(p.message().contains(SAID), p.message()));
    }

    /** Where sides are changed half way it is told as it is first, and the second half says so. */
    @Test
    void whereSidesAreChangedTheSecondHalfSaysSo() throws Exception {
        Hour hour = hour(s -> s, What.Turning.SIDES);
        for (Post post : hour.posts()) {
            assertFalse(post.mirrored());
            assertEquals(2, post.visits().size());
            assertFalse(post.isOtherwise(post.visits().get(0)));
            assertTrue(post.isOtherwise(post.visits().get(1)));
        }
        String message = PlayerPart.of(hour).get(0).message();
        assertEquals(
                hour.posts().stream().map(Post::slot).distinct().count(), message.split(SAID, -1).length - 1, message);
        Hour other = hour(StationPlan::mirrored, What.Turning.SIDES);
        assertTrue(other.posts().stream()
                .allMatch(p -> p.mirrored() && p.isOtherwise(p.visits().get(1))));
    }
}
