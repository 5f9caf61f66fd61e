package wildchalk.picture.export;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.List;
import wildchalk.core.progress.Progress;
import wildchalk.core.surface.View;
import wildchalk.picture.paint.Crop;
import wildchalk.picture.paint.Extra;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.RotationPainter;
import wildchalk.picture.paint.SetOutPainter;
import wildchalk.picture.paint.SurfaceMap;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/** Draws what stands on a sheet beside its words. Pixels are of 1/96 inch: 12 of them are 9 pt. */
final class SheetPictures {

    static final String SET_UP = "wildchalk/set-up";
    static final String STEP = "wildchalk/step";
    static final String MAP = "wildchalk/map";
    static final String ROTATION = "wildchalk/rotation";
    static final String LEGEND = "wildchalk/legend";

    /** In a picture of this width (pixels) one unit is one pixel; marks of smaller ones are smaller, within limits. */
    private static final double UNIT_WIDTH = 420;

    private static final double LEAST_UNIT = 0.72;

    private static final double LEGEND_UNIT = 1;

    /** Something to draw in so many pixels. */
    private interface Picture {
        void draw(Graphics2D g, SheetParts.Page page, int shot, double width, double height);
    }

    private final List<SheetParts.Page> pages;
    private final Progress progress;
    private final int all;
    private int drawn;

    SheetPictures(List<SheetParts.Page> pages, Progress progress) {
        this.pages = pages;
        this.progress = progress;
        this.all = pages.stream().mapToInt(p -> p.shots().size() + 1).sum();
    }

    DefaultObjectDrawerFactory drawers() {
        DefaultObjectDrawerFactory drawers = new DefaultObjectDrawerFactory();
        drawers.registerDrawer(SET_UP, drawer(SheetPictures::setUp));
        drawers.registerDrawer(STEP, drawer(SheetPictures::step));
        drawers.registerDrawer(
                MAP,
                drawer((g, page, shot, w, h) ->
                        SurfaceMap.paint(g, page.told().drill().surfaceUse(), setUpView(page, 1000, 600), w, h)));
        drawers.registerDrawer(
                ROTATION,
                drawer((g, page, shot, w, h) ->
                        new RotationPainter(g, Ground.PRINT).paint(page.told().path(), w, h)));
        drawers.registerDrawer(
                LEGEND,
                drawer((g, page, shot, w, h) -> page.told()
                        .legend()
                        .paint(
                                g,
                                Ground.PRINT,
                                0,
                                0,
                                w,
                                LEGEND_UNIT,
                                page.told().drill().surface().ballName())));
        return drawers;
    }

    private FSObjectDrawer drawer(Picture picture) {
        return (element, x, y, width, height, output, context, dotsPerPixel) -> {
            SheetParts.Page page = pages.get(Integer.parseInt(element.getAttribute("data-page")));
            String shot = element.getAttribute("data-shot");
            double w = width / dotsPerPixel;
            double h = height / dotsPerPixel;
            if (!shot.isEmpty()) {
                Progress.tell(progress, 0.3 + 0.65 * Math.min(1, drawn++ / (double) all));
            }
            output.drawWithGraphics((float) x, (float) y, (float) w, (float) h, g -> {
                g.clip(new Rectangle2D.Double(0, 0, w, h));
                picture.draw((Graphics2D) g, page, shot.isEmpty() ? -1 : Integer.parseInt(shot), w, h);
            });
            return null;
        };
    }

    /** How high the legend is that is so wide, mm. */
    static double legendMillimetres(Told told, double width) {
        Graphics2D measure = new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB).createGraphics();
        Painter.prepare(measure);
        double high = told.legend()
                .height(
                        measure,
                        width * PIXELS_A_MILLIMETRE,
                        LEGEND_UNIT,
                        told.drill().surface().ballName());
        measure.dispose();
        return high / PIXELS_A_MILLIMETRE + 1;
    }

    private static final double PIXELS_A_MILLIMETRE = 96 / 25.4;

    /** Whether the picture of the set-up leaves so much of the surface out that a map helps. */
    static boolean needsMap(SheetParts.Page page, double aspect) {
        View seen = Crop.area(setUpView(page, UNIT_WIDTH, UNIT_WIDTH * aspect));
        View whole = page.told().drill().surface().wholeView();
        return seen.width() * seen.height() < MAP_SHARE * whole.width() * whole.height();
    }

    private static final double MAP_SHARE = 0.8;

    private static Frame setUpFrame(SheetParts.Page page) {
        Told told = page.told();
        return Frame.ofSetUp(told.drill(), told.path(), told.timeline()).with(Extra.NONE.withChanges(page.marks()));
    }

    private static Viewport setUpView(SheetParts.Page page, double w, double h) {
        return Crop.ofSetUp(setUpFrame(page), w, h, unit(w));
    }

    private static double unit(double width) {
        return Math.max(LEAST_UNIT, Math.min(1, width / UNIT_WIDTH));
    }

    private static void setUp(Graphics2D g, SheetParts.Page page, int shot, double w, double h) {
        Viewport v = setUpView(page, w, h);
        Frame frame = setUpFrame(page);
        frame = frame.with(frame.extra().withArea(Crop.area(v)));
        new Painter(Ground.PRINT, page.told().reader().code()).paint(g, frame, v);
        new SetOutPainter(g, Ground.PRINT, v, page.told().reader().unit()).paint(frame);
        frame(g, w, h);
    }

    private static void step(Graphics2D g, SheetParts.Page page, int shot, double w, double h) {
        SheetParts.Shot of = page.shots().get(shot);
        Told told = of.told();
        Frame frame = Frame.ofStep(told.drill(), told.path(), told.timeline(), of.index())
                .with(Extra.NONE.withChanges(page.marks()).withTasks(false));
        Viewport v = Crop.ofStep(frame, w, h, unit(w));
        new Painter(Ground.PRINT, told.reader().code())
                .paint(g, frame.with(frame.extra().withArea(Crop.area(v))), v);
        frame(g, w, h);
    }

    private static void frame(Graphics2D g, double w, double h) {
        g.setColor(Ground.PRINT.quiet());
        g.setStroke(new BasicStroke(0.8f));
        g.draw(new Rectangle2D.Double(1, 1, w - 2.5, h - 2.5));
    }
}
