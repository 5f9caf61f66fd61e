package wildchalk.picture.handout;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import wildchalk.core.handout.Post;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.SetUp;
import wildchalk.picture.export.Told;
import wildchalk.picture.export.Xhtml;
import wildchalk.picture.paint.Crop;
import wildchalk.picture.paint.FloorPainter;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.RibbonPainter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** Draws what stands beside the words of an hour: its ribbon, the floor of a block, a whole drill. */
final class HourPictures {

    private static final String RIBBON = "wildchalk/hour-ribbon";
    private static final String FLOOR = "wildchalk/hour-floor";
    private static final String WHOLE = "wildchalk/hour-drill";

    /** Marks of a floor in a picture of this width (pixels) are as large as on the screen. */
    private static final double UNIT_WIDTH = 420;

    private static final double LEAST_UNIT = 0.4;

    /** Who waits stands beyond the lines where the floor ends. */
    private static final double ROOM_FOR_QUEUES = 0.9;

    private final HourTold told;
    private final List<Post> posts;

    HourPictures(HourTold told) {
        this.told = told;
        this.posts = told.hour().posts();
    }

    /** Adds what draws them. */
    DefaultObjectDrawerFactory register(DefaultObjectDrawerFactory drawers) {
        drawers.registerDrawer(
                RIBBON,
                drawer((g, which, w, h) ->
                        new RibbonPainter(g, Ground.PRINT).paint(told.hour().plan(), w, h)));
        drawers.registerDrawer(FLOOR, drawer(this::floor));
        drawers.registerDrawer(WHOLE, drawer(this::whole));
        return drawers;
    }

    // ---- places for them ----

    String ribbon(String alt, double wide, double high) {
        return Xhtml.object(RIBBON, alt, wide, high, "which", "0");
    }

    /** @param slot by its place in the plan */
    String floor(int slot, String alt, double wide, double high) {
        return Xhtml.object(FLOOR, alt, wide, high, "which", String.valueOf(slot));
    }

    /** How high the floor is for its width. */
    double floorAspect() {
        return Viewport.aspect(told.hour().session().floor());
    }

    /** @param post by its place among all posts */
    String whole(int post, String alt, double wide, double mostHigh) {
        double aspect = Crop.aspect(
                told.told(posts.get(post)).drill().surfaceUse(),
                told.told(posts.get(post)).path());
        double high = Math.min(mostHigh, wide * aspect);
        return Xhtml.object(WHOLE, alt, wide, high, "which", String.valueOf(post));
    }

    // ---- drawing ----

    /** Something to draw in so many pixels. */
    private interface Picture {
        void draw(Graphics2D g, int which, double width, double height);
    }

    private static FSObjectDrawer drawer(Picture picture) {
        return (element, x, y, width, height, output, context, dotsPerPixel) -> {
            int which = Integer.parseInt(element.getAttribute("data-which"));
            double w = width / dotsPerPixel;
            double h = height / dotsPerPixel;
            output.drawWithGraphics((float) x, (float) y, (float) w, (float) h, g -> {
                g.clip(new Rectangle2D.Double(0, 0, w, h));
                Painter.prepare((Graphics2D) g);
                picture.draw((Graphics2D) g, which, w, h);
            });
            return null;
        };
    }

    private void floor(Graphics2D g, int which, double w, double h) {
        Slot slot = told.hour().plan().slots().get(which);
        List<SetUp> stations = slot.rounds().get(0).stations().stream()
                .map(s -> s.setUp())
                .flatMap(Optional::stream)
                .toList();
        double unit = Math.max(LEAST_UNIT, Math.min(1, w / UNIT_WIDTH));
        new FloorPainter(Ground.PRINT)
                .paintSmall(
                        g,
                        told.hour().session().floor(),
                        stations,
                        Viewport.fitting(told.hour().session().floor(), w, h)
                                .zoomed(ROOM_FOR_QUEUES, w / 2, h / 2)
                                .withUnit(unit));
    }

    private void whole(Graphics2D g, int which, double w, double h) {
        Told drill = told.told(posts.get(which));
        Frame frame = Frame.ofAll(drill.drill(), drill.path(), drill.timeline());
        Viewport v = Crop.ofSetUp(frame, w, h, Math.max(0.72, Math.min(1.3, w / UNIT_WIDTH)));
        new Painter(Ground.PRINT, drill.reader().code())
                .paint(g, frame.with(frame.extra().withArea(Crop.area(v))), v);
    }
}
