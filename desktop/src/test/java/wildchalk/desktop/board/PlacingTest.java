package wildchalk.desktop.board;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.edit.Edited;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Drills;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.picture.paint.Frame;

/** What the tray puts down: one element each, looking where a coach would have it look. */
class PlacingTest {

    private static final double SNAP = 0.3;

    private static Frame empty() {
        return frame(Drills.blank().progression());
    }

    private static Frame frame(Progression p) {
        Drill drill = Drill.blank("P", new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgression(p);
        Path path = Path.usual(p);
        return Frame.at(drill, path, Timeline.of(drill, path), 0);
    }

    /** What an edit makes of a version, and what is new in it. */
    private record Put(Progression after, Set<ElementId> made) {}

    private static Put put(Frame frame, TrayItem item, Point at) {
        Edited then = Placing.place(frame, item, at, SNAP)
                .applyTo(frame.drill(), frame.path().id());
        return new Put(then.drill().base(), then.made());
    }

    @ParameterizedTest
    @EnumSource(TrayItem.class)
    void eachThingIsPutDownWhereItWasPressedAndChosen(TrayItem item) {
        if (item.isDrawn() || item == TrayItem.PATTERN) {
            return; // a gesture, or a dialog, makes these
        }
        Point at = new Point(3.3, -4.7);
        Put placed = put(empty(), item, at);
        assertEquals(1, placed.made().size());
        ElementId id = placed.made().iterator().next();
        assertTrue(Elements.has(placed.after(), id), item.toString());
        // a line comes with the role that it feeds
        int elements = Elements.all(placed.after()).size();
        assertEquals(item == TrayItem.LINE ? 2 : 1, elements, item.toString());
        Elements.place(placed.after(), id).ifPresent(p -> assertTrue(p.isWithin(SNAP + 0.1, at), item + " at " + p));
        assertEquals(
                item.gear().isPresent(), !placed.after().gear().isEmpty(), "gear is gear, and people are not: " + item);
    }

    @Test
    void twoOfAKindHaveDifferentLabels() {
        Put one = put(empty(), TrayItem.ATTACK, new Point(0, 3));
        Put two = put(frame(one.after()), TrayItem.ATTACK, new Point(0, -3));
        List<String> labels = two.after().roles().stream().map(Role::label).toList();
        assertEquals(2, labels.stream().distinct().count(), labels.toString());
    }

    @Test
    void aBallBesideAPlayerIsInThePlayersHands() {
        Put player = put(empty(), TrayItem.ATTACK, new Point(5, 3));
        Put beside = put(frame(player.after()), TrayItem.BALL, new Point(5.6, 3.2));
        boolean held = beside.after().balls().get(0).start().match(with -> true, loose -> false);
        assertTrue(held);
        Put apart = put(frame(player.after()), TrayItem.BALL, new Point(-5, -3));
        assertEquals(new Point(-5, -3), apart.after().balls().get(0).start().match(with -> null, loose -> loose.at()));
    }

    @Test
    void aKeeperLooksOutOfTheGoalThatItStandsIn() {
        for (double x : new double[] {18.5, -18.5}) {
            Put keeper = put(empty(), TrayItem.KEEPER, new Point(x, 0));
            Role role = keeper.after().roles().get(0);
            assertEquals(x > 0 ? 180 : 0, Math.abs(role.facingDegrees()), 1e-9);
        }
    }

    @Test
    void nearALandmarkThingsStandOnIt() {
        Put cone = put(empty(), TrayItem.CONE, new Point(13.1, 0.15));
        assertEquals(new Point(13, 0), cone.after().gear().get(0).at());
    }
}
