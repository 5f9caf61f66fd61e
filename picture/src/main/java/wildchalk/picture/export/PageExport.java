package wildchalk.picture.export;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.Color;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.CarriedGear;
import wildchalk.core.progress.Progress;
import wildchalk.core.surface.View;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.core.words.CourseWords;
import wildchalk.core.words.Line;
import wildchalk.core.words.RepLength;
import wildchalk.core.words.StepWords;
import wildchalk.picture.paint.Bodies;
import wildchalk.picture.paint.BodyArt;
import wildchalk.picture.paint.Crop;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/**
 * One HTML file that plays the drill on a phone, without a network. Its content policy allows nothing but its own style
 * and its own script, by their hashes; every text from the drill is escaped.
 */
public final class PageExport {

    private static final int WIDTH = 760;
    /** All reps that a page can show, s. */
    static final double MOST_SECONDS = 3600;
    /** On a phone the picture is about half as wide: marks have to be larger than on the board. */
    private static final double MARK_PIXELS = 1.5;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    private static final ObjectMapper JSON = new ObjectMapper();

    private PageExport() {}

    /** @throws TooLong when the reps of all versions together last longer than anybody watches */
    public static byte[] of(Told told, ExportOptions how, Progress progress) throws IOException {
        Ground ground = how.ground();
        String style = FontFaces.css() + Template.resource("page.css") + colours(ground);
        String script = Template.resource("page.js");
        String policy = "default-src 'none'; script-src '" + hash(script) + "'; style-src '" + hash(style)
                + "'; font-src data:; base-uri 'none'; form-action 'none'";
        List<Play> plays = Play.all(told, how);
        Viewport v = viewport(plays, false, WIDTH);
        TooLong.check(plays.stream().map(Play::told).toList(), MOST_SECONDS);
        Map<String, CharSequence> values = new HashMap<>();
        values.put("policy", policy);
        values.put("style", style);
        values.put("script", script);
        values.put("labels", labels());
        values.put("viewBox", "0 0 " + WIDTH + " " + Numbers.fixed(v.height(), 1));
        values.put("picture", picture(plays, ground, v, progress));
        values.put("roles", roleOptions(plays));
        values.put("chapters", chapters(plays));
        values.put("words", words(plays));
        values.put("parts", parts(plays));
        values.put("data", data(plays, v));
        values.put("about", Xhtml.escape(about(told)));
        values.put(
                "note",
                Xhtml.escape(TEXTS.get(
                        "page.figures", told.drill().audience().paceBand().label())));
        values.put("title", Xhtml.escape(told.drill().title()));
        String page = Template.of("page.html").fill(values);
        Progress.tell(progress, 1);
        return page.getBytes(StandardCharsets.UTF_8);
    }

    /**
     * How a page shows a drill: where its action is, if that can be shown much larger than the part in use.
     *
     * @param standing whether the length of the surface points up; then it is as high as it would be wide
     * @param width pixels of the picture that lies
     */
    static Viewport viewport(List<Play> plays, boolean standing, double width) {
        SurfaceUse use = plays.get(0).told().drill().surfaceUse();
        double unit = MARK_PIXELS * width / WIDTH;
        View view = Crop.ofReps(use, plays.stream().map(p -> p.told().path()).toList(), width, unit);
        Viewport lying = Viewport.fitting(view, false, width, width * Viewport.aspect(view))
                .withUnit(unit);
        return standing ? lying.turned() : lying;
    }

    private static String about(Told told) {
        return told.drill().surface().title() + " · "
                + TEXTS.get("sheet.seconds", RepLength.of(told.path(), told.timeline()));
    }

    // ---- the picture ----

    private static String picture(List<Play> plays, Ground ground, Viewport v, Progress progress) throws IOException {
        SvgParts parts = new SvgParts();
        Painter painter = new Painter(ground, plays.get(0).told().reader().code());
        StringBuilder svg = new StringBuilder();
        svg.append("<g class=\"turn\">")
                .append(parts.fragment(
                        g -> painter.paintGround(g, plays.get(0).told().drill().surfaceUse(), v)))
                .append("</g>");
        for (int i = 0; i < plays.size(); i++) {
            Progress.tell(progress, (double) i / plays.size());
            svg.append("<g class=\"play\" data-play=\"%d\"%s>".formatted(i, hidden(plays.get(i))));
            play(svg, parts, painter, plays.get(i), ground, v);
            svg.append("</g>");
        }
        return svg.toString();
    }

    private static String hidden(Play play) {
        return play.id().isEmpty() ? "" : " hidden";
    }

    private static void play(StringBuilder svg, SvgParts parts, Painter painter, Play play, Ground ground, Viewport v)
            throws IOException {
        Told told = play.told();
        for (Viewport each : List.of(v, v.turned())) {
            svg.append("<g class=\"%s\">".formatted(each.standing() ? "upright off" : "lying"));
            svg.append(parts.fragment(g -> {
                Painter.prepare(g);
                painter.paintGear(g, frame(told, 0), each);
                painter.paintQueues(g, frame(told, 0), each);
                painter.paintLabels(g, frame(told, 0), each);
            }));
            svg.append("</g>");
        }
        for (int s = 0; s < told.path().steps().size(); s++) {
            int step = s;
            svg.append("<g class=\"strokes turn\" data-step=\"").append(s).append("\">");
            svg.append(parts.fragment(g -> painter.paintStrokes(g, frame(told, step), v)));
            svg.append("</g>");
        }
        CarriedGear carried = CarriedGear.of(told.path(), told.timeline());
        for (Gear gear : told.path().gear()) {
            if (carried.moves(gear.id())) {
                Point2D at = v.toPixels(gear.at());
                svg.append("<g class=\"gear\" id=\"%sgear-%s\" transform=\"translate(%s %s)\">"
                        .formatted(play.id(), gear.id(), number(at.getX()), number(at.getY())));
                svg.append(parts.fragment(g -> painter.paintPiece(g, gear, v)));
                svg.append("</g>");
            }
        }
        for (Role role : told.path().roles()) {
            svg.append(sprite(play, ground, v, parts, role));
        }
        for (BallId ball : told.timeline().ballIds()) {
            Point2D at = v.toPixels(told.timeline().ballAt(ball, 0));
            svg.append("<g class=\"ball\" id=\"%sball-%s\" transform=\"translate(%s %s)\"><g class=\"inner\">"
                    .formatted(play.id(), ball, number(at.getX()), number(at.getY())));
            svg.append(parts.fragment(g -> painter.paintBall(g, kind(told, ball), v.unit())));
            svg.append("</g></g>");
        }
    }

    private static BallKind kind(Told told, BallId ball) {
        return told.path().balls().stream()
                .filter(b -> b.id().equals(ball))
                .map(Ball::kind)
                .findFirst()
                .orElse(BallKind.USUAL);
    }

    private static Frame frame(Told told, int step) {
        return new Frame(told.drill(), told.path(), told.timeline(), 0, step, false, Set.of());
    }

    private static String sprite(Play play, Ground ground, Viewport v, SvgParts parts, Role role) throws IOException {
        Told told = play.told();
        Point2D origin = new Point2D.Double(0, 0);
        Point2D at = v.toPixels(told.timeline().poseAt(role.id(), 0).at());
        double facing = v.heading(told.timeline().poseAt(role.id(), 0).facingDegrees());
        Color colour = role.team().map(ground::chalk).orElseGet(() -> ground.side(role.side()));
        String nose = parts.fragment(g -> {
            Painter.prepare(g);
            new BodyArt(g, ground, v.unit()).nose(origin, 0, colour);
        });
        StringBuilder body = new StringBuilder();
        for (double quarter : List.of(0.0, 90.0)) {
            String which = role.side() != Side.KEEPER ? "" : quarter == 0 ? "lying" : "upright off";
            if (quarter == 0 || !which.isEmpty()) {
                body.append("<g class=\"")
                        .append(which)
                        .append("\">")
                        .append(parts.fragment(g -> {
                            Painter.prepare(g);
                            new BodyArt(g, ground, v.unit())
                                    .body(origin, facing + quarter, role.side(), colour, role.label());
                        }))
                        .append("</g>");
            }
        }
        return ("<g class=\"role\" id=\"%srole-%s\" transform=\"translate(%s %s)\"><circle class=\"ring\" r=\"%s\"/>"
                        + "<g class=\"nose\">%s</g>%s</g>")
                .formatted(
                        play.id(), role.id(), number(at.getX()), number(at.getY()), number(18 * v.unit()), nose, body);
    }

    // ---- the data ----

    private static String data(List<Play> plays, Viewport v) throws IOException {
        ObjectNode data = JSON.createObjectNode();
        ArrayNode frames = data.putArray("frames");
        for (Viewport each : List.of(v, v.turned())) {
            Point2D origin = each.toPixels(Point.ORIGIN);
            frames.addObject()
                    .put("width", round(each.width(), 10))
                    .put("height", round(each.height(), 10))
                    .put("pixelsPerMetre", each.pixelsPerMetre())
                    .put("x", origin.getX())
                    .put("y", origin.getY())
                    .put("standing", each.standing());
        }
        data.put("ballAway", Bodies.ballOffset(v));
        ArrayNode list = data.putArray("plays");
        for (Play play : plays) {
            play(list.addObject(), play, plays, v);
        }
        // "</" may not stand inside a script element
        return JSON.writeValueAsString(data).replace("<", "\\u003c");
    }

    private static void play(ObjectNode data, Play play, List<Play> plays, Viewport v) {
        Told told = play.told();
        double seconds = told.timeline().seconds();
        data.put("id", play.id());
        data.put("chapter", told.run().version().id().text());
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
                        .put("play", turn.plays().get(i));
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

    // ---- the words ----

    private static String labels() {
        ObjectNode labels = JSON.createObjectNode();
        for (String key : List.of("play", "pause")) {
            labels.put(key, TEXTS.get("page." + key));
        }
        return Xhtml.escape(labels.toString());
    }

    private static String roleOptions(List<Play> plays) {
        Map<String, String> labels = new LinkedHashMap<>();
        plays.forEach(p -> p.told().path().roles().forEach(r -> labels.putIfAbsent(r.id().text(), r.label())));
        StringBuilder html =
                new StringBuilder("<option value=\"\">" + Xhtml.escape(TEXTS.get("page.everyone")) + "</option>");
        labels.forEach(
                (id, label) -> html.append("<option value=\"%s\">%s</option>".formatted(id, Xhtml.escape(label))));
        return html.toString();
    }

    /** The versions; none where there is one only. */
    private static String chapters(List<Play> plays) {
        Map<String, String> titles = new LinkedHashMap<>();
        plays.forEach(p -> titles.putIfAbsent(
                p.told().run().version().id().text(), p.told().run().version().title()));
        String now = first(plays).told().run().version().id().text();
        StringBuilder html = new StringBuilder();
        titles.forEach((id, title) -> html.append("<option value=\"%s\"%s>%s</option>"
                .formatted(id, id.equals(now) ? " selected" : "", Xhtml.escape(title))));
        return html.toString();
    }

    private static Play first(List<Play> plays) {
        return plays.stream().filter(p -> p.id().isEmpty()).findFirst().orElse(plays.get(0));
    }

    private static String words(List<Play> plays) {
        StringBuilder html = new StringBuilder();
        for (int i = 0; i < plays.size(); i++) {
            Told told = plays.get(i).told();
            html.append("<div class=\"told\" data-play=\"%d\"%s>"
                    .formatted(i, plays.get(i).id().isEmpty() ? "" : " hidden"));
            String suits = told.run().version().course().suits().inWords();
            if (!suits.isEmpty()) {
                html.append("<p>")
                        .append(Xhtml.escape(TEXTS.get("sheet.level", suits)))
                        .append("</p>");
            }
            lines(html, "page.changes", told.talk().changes());
            html.append("<ol>");
            for (int s = 0; s < told.talk().steps().size(); s++) {
                step(html, told.talk().steps().get(s), s);
            }
            html.append("</ol>");
            lines(html, "page.rules", told.talk().rules());
            lines(html, "page.rotation", told.talk().rotation());
            lines(html, "page.cautions", told.talk().cautions());
            html.append("</div>");
        }
        return html.toString();
    }

    private static void lines(StringBuilder html, String title, List<String> lines) {
        if (!lines.isEmpty()) {
            html.append("<h2>").append(Xhtml.escape(TEXTS.get(title))).append("</h2><ul>");
            lines.forEach(l -> html.append("<li>").append(Xhtml.escape(l)).append("</li>"));
            html.append("</ul>");
        }
    }

    private static void step(StringBuilder html, StepWords step, int index) {
        // of what is done again one line is said
        String hidden = step.lines().isEmpty() && !step.sentences().isEmpty() ? " hidden" : "";
        html.append("<li data-step=\"%d\"%s><button type=\"button\" class=\"go\"><b>%s</b> <span>%s</span></button>"
                .formatted(index, hidden, Xhtml.escape(step.title()), Xhtml.escape(step.span())));
        if (!step.numbers().isEmpty()) {
            html.append("<p><b>").append(Xhtml.escape(step.numbers())).append("</b></p>");
        }
        for (Line line : step.lines()) {
            html.append(
                    "<p>%s <small>%s</small></p>".formatted(Xhtml.escape(line.text()), Xhtml.escape(line.measure())));
        }
        for (String point : step.points()) {
            html.append("<p class=\"point\">%s</p>".formatted(Xhtml.escape(point)));
        }
        step.question()
                .ifPresent(q -> html.append("<details><summary>%s</summary><p>%s</p></details>"
                        .formatted(Xhtml.escape(q.ask()), Xhtml.escape(q.answer()))));
        html.append("</li>");
    }

    private static String parts(List<Play> plays) {
        StringBuilder html = new StringBuilder();
        for (int i = 0; i < plays.size(); i++) {
            Told told = plays.get(i).told();
            Function<RoleId, List<String>> part = told.parts();
            for (Role role : told.path().roles()) {
                html.append(
                        "<section class=\"part\" data-play=\"%d\" data-role=\"%s\" hidden>".formatted(i, role.id()));
                for (String line : part.apply(role.id())) {
                    html.append("<p>").append(Xhtml.escape(line)).append("</p>");
                }
                html.append("</section>");
            }
        }
        return html.toString();
    }

    /** Text as it may stand in HTML, in an element or in a quoted attribute. */
    private static String colours(Ground ground) {
        return ":root{--ground:%s;--floor:%s;--text:%s;--quiet:%s;--accent:%s}"
                .formatted(
                        hex(ground.surround()),
                        hex(ground.floor()),
                        hex(ground.text()),
                        hex(ground.quiet()),
                        hex(ground.side(Side.DEFENCE)));
    }

    private static String hex(Color c) {
        return "#%02x%02x%02x".formatted(c.getRed(), c.getGreen(), c.getBlue());
    }

    private static String hash(String content) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(content.getBytes(StandardCharsets.UTF_8));
            return "sha256-" + Base64.getEncoder().encodeToString(digest);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("This Java lacks SHA-256.", e);
        }
    }

    private static double round(double value, double perUnit) {
        return Math.round(value * perUnit) / perUnit;
    }

    private static String number(double value) {
        return Numbers.fixed(value, 2);
    }
}
