package wildchalk.picture.export;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.List;
import java.util.function.DoubleFunction;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.CarriedGear;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.words.CourseWords;
import wildchalk.picture.paint.Bodies;
import wildchalk.picture.paint.Viewport;

/** What a page needs to move its pictures: who is where when, and when it could go another way. */
final class PageData {

    private static final ObjectMapper JSON = new ObjectMapper();

    private PageData() {}

    // ---- the data ----

    /** As it may stand in a script element. */
    static String of(List<PageStage> stages) throws IOException {
        ObjectNode data = JSON.createObjectNode();
        ArrayNode all = data.putArray("stages");
        ArrayNode list = data.putArray("plays");
        for (int i = 0; i < stages.size(); i++) {
            PageStage stage = stages.get(i);
            stage(all.addObject(), stage);
            int first = list.size();
            for (Play play : stage.plays()) {
                ObjectNode p = list.addObject();
                p.put("stage", i);
                p.put("chapter", PageStage.chapter(stages, i, play));
                play(p, play, stage.plays(), first, stage.v());
            }
        }
        // "</" may not stand inside a script element
        return JSON.writeValueAsString(data).replace("<", "\\u003c");
    }

    private static void stage(ObjectNode data, PageStage stage) {
        ArrayNode frames = data.putArray("frames");
        for (Viewport each : List.of(stage.v(), stage.v().turned())) {
            Point2D origin = each.toPixels(Point.ORIGIN);
            frames.addObject()
                    .put("width", round(each.width(), 10))
                    .put("height", round(each.height(), 10))
                    .put("pixelsPerMetre", each.pixelsPerMetre())
                    .put("x", origin.getX())
                    .put("y", origin.getY())
                    .put("standing", each.standing());
        }
        data.put("ballAway", Bodies.ballOffset(stage.v()));
        data.put("me", stage.me().map(RoleId::text).orElse(""));
        ArrayNode roles = data.putArray("roles");
        PageWords.roles(stage.plays())
                .forEach((id, label) -> roles.addArray().add(id).add(label));
    }

    private static void play(ObjectNode data, Play play, List<Play> plays, int first, Viewport v) {
        Told told = play.told();
        double seconds = told.timeline().seconds();
        data.put("id", play.id());
        data.put("path", told.run().label());
        data.put("seconds", round(seconds, 1000));
        ArrayNode turns = data.putArray("turns");
        for (Play.Turn turn : play.turns(plays)) {
            ObjectNode n = turns.addObject();
            n.put("id", turn.turning().id());
            n.put("at", round(turn.turning().seconds(), 1000));
            n.put("ask", CourseWords.question(turn.turning().by()));
            ArrayNode ways = n.putArray("ways");
            for (int i = 0; i < turn.plays().size(); i++) {
                ways.addObject()
                        .put("label", turn.turning().ways().get(i).label())
                        .put(
                                "play",
                                turn.plays().get(i) < 0
                                        ? -1
                                        : first + turn.plays().get(i));
            }
        }
        ArrayNode steps = data.putArray("steps");
        told.timeline().steps().forEach(s -> steps.add(round(s.start(), 1000)));
        ArrayNode said = data.putArray("said");
        told.talk().steps().forEach(s -> said.add(s.brief()));
        ObjectNode roles = data.putObject("roles");
        for (Role role : told.path().roles()) {
            ObjectNode r = roles.putObject(role.id().text());
            r.set("track", track(t -> told.timeline().poseAt(role.id(), t).at(), seconds));
            r.set("facing", facings(told, role, v, seconds));
            r.set("runs", runs(told, role));
        }
        ObjectNode gear = data.putObject("gear");
        CarriedGear carried = CarriedGear.of(told.path(), told.timeline());
        told.path().gear().stream().filter(g -> carried.moves(g.id())).forEach(g -> {
            ObjectNode n = gear.putObject(g.id().text());
            n.set("track", track(t -> carried.at(g, t).at(), seconds));
            ArrayNode held = n.putArray("held");
            carried.holders(g.id())
                    .forEach((from, by) -> held.addArray()
                            .add(round(from, 10000))
                            .add(by.map(Object::toString).orElse("")));
        });
        ObjectNode balls = data.putObject("balls");
        for (BallId ball : told.timeline().ballIds()) {
            ObjectNode b = balls.putObject(ball.text());
            b.set("track", track(t -> told.timeline().ballAt(ball, t), seconds));
            ArrayNode held = b.putArray("held");
            told.timeline()
                    .ballStates(ball)
                    .forEach(s -> held.addArray()
                            .add(round(s.start(), 10000))
                            .add(s.holder().map(Object::toString).orElse("")));
        }
    }

    /** Flat: the second at which a run begins, that at which it ends, and where; shuffles on the spot left out. */
    private static ArrayNode runs(Told told, Role role) {
        ArrayNode list = JSON.createArrayNode();
        for (Move move : told.path().moves()) {
            MoveSpan span = told.timeline().move(move.id());
            if (move instanceof Travel && move.role().equals(role.id()) && span.happens()) {
                Point from = told.timeline().poseAt(role.id(), span.start()).at();
                Point to = told.timeline().poseAt(role.id(), span.end()).at();
                if (from.distanceTo(to) >= LEAST_RUN_METRES) {
                    list.add(round(span.start(), 1000))
                            .add(round(span.end(), 1000))
                            .add(round(to.x(), 100))
                            .add(round(to.y(), 100));
                }
            }
        }
        return list;
    }

    /** Nobody is asked where a shorter run goes. */
    private static final double LEAST_RUN_METRES = 1.5;

    /** Flat: second, x, y, second, x, y… */
    private static ArrayNode track(DoubleFunction<Point> motion, double seconds) {
        ArrayNode track = JSON.createArrayNode();
        for (Tracks.Key key : Tracks.of(motion, seconds)) {
            track.add(round(key.seconds(), 10000))
                    .add(round(key.at().x(), 1000))
                    .add(round(key.at().y(), 1000));
        }
        return track;
    }

    /** Flat: second, degrees in the picture… whenever the facing has turned by some degrees. */
    private static ArrayNode facings(Told told, Role role, Viewport v, double seconds) {
        ArrayNode list = JSON.createArrayNode();
        double last = Double.NaN;
        for (int i = 0; i <= seconds * 20; i++) {
            double facing =
                    v.heading(told.timeline().poseAt(role.id(), i / 20.0).facingDegrees());
            if (!(Math.abs(facing - last) < 2)) {
                list.add(i / 20.0).add(Math.round(facing));
                last = facing;
            }
        }
        return list;
    }

    private static double round(double value, double perUnit) {
        return Math.round(value * perUnit) / perUnit;
    }
}
