package wildchalk.picture.export;

import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.surface.View;
import wildchalk.core.text.Texts;
import wildchalk.core.words.Line;
import wildchalk.core.words.StepWords;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.paint.Crop;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** The frames of a moving picture: reps one after the other, each with the sentences of its step under it. */
final class Clip {

    /** The width, in pixels, for which the sizes below are meant; a wider clip is drawn larger. */
    private static final double USUAL_WIDTH = 800;

    private static final double CAPTION_SIZE = 13;
    private static final double CAPTION_LINE = 19;
    private static final double TITLE_ROOM = 40;
    private static final double MARGIN = 14;
    /** More captions than there is room for under a picture. */
    private static final int MOST_LINES = 14;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private final List<Told> reps;
    private final Ground ground;
    private final int width;
    private final double unit;
    private final Viewport viewport;
    private final Painter painter;
    private final int height;
    private final BufferedImage surface;
    private final boolean wraps;

    Clip(Told told, ExportOptions how, int width) {
        this.reps = reps(told, how);
        this.wraps = false;
        this.ground = how.ground();
        this.width = width;
        this.unit = width / USUAL_WIDTH;
        SurfaceUse use = told.drill().surfaceUse();
        View view = Crop.ofReps(use, reps.stream().map(Told::path).toList(), width, unit);
        double aspect = use.standing() ? 1 / Viewport.aspect(view) : Viewport.aspect(view);
        this.viewport = Viewport.fitting(view, use.standing(), width, width * Math.min(1, aspect))
                .withUnit(unit);
        this.painter = new Painter(ground, told.reader().code());
        int lines = reps.stream()
                .flatMap(r -> r.talk().steps().stream())
                .mapToInt(s -> s.lines().size())
                .max()
                .orElse(0);
        this.height =
                (int) Math.ceil(viewport.height() + unit * (TITLE_ROOM + Math.min(lines, MOST_LINES) * CAPTION_LINE));
        this.surface = surface(told);
    }

    /**
     * In a picture of a fixed size: what is told is broken into lines, and the surface lies or stands as it is larger.
     *
     * @param reps of one drill
     */
    Clip(List<Told> reps, Ground ground, int width, int height) {
        this.reps = reps;
        this.ground = ground;
        this.width = width;
        this.height = height;
        Told told = reps.get(0);
        this.unit = Math.max(width, height) / (width > height ? USUAL_WIDTH : 1.3 * USUAL_WIDTH);
        this.wraps = true;
        this.painter = new Painter(ground, told.reader().code());
        int lines = reps.stream()
                .flatMap(r -> r.talk().steps().stream())
                .mapToInt(s -> said(s).size())
                .max()
                .orElse(0);
        double high = height - unit * (TITLE_ROOM + lines * CAPTION_LINE);
        SurfaceUse use = told.drill().surfaceUse();
        View view = Crop.ofReps(use, reps.stream().map(Told::path).toList(), width, unit);
        Viewport lying = Viewport.fitting(view, false, width, high).withUnit(unit);
        Viewport standing = Viewport.fitting(view, true, width, high).withUnit(unit);
        this.viewport = standing.pixelsPerMetre() > lying.pixelsPerMetre() ? standing : lying;
        this.surface = surface(told);
    }

    /** A picture with what it is called alone. */
    void card(String title, String under, BufferedImage into) {
        Graphics2D g = into.createGraphics();
        Painter.prepare(g);
        g.setColor(ground.surround());
        g.fillRect(0, 0, width, height);
        g.setColor(ground.text());
        double size = 2.4 * CAPTION_SIZE * unit;
        List<String> lines = wrapped(title, Fonts.bold(size));
        double y = height / 2.0 - (lines.size() - 1) * size * 0.6;
        g.setFont(Fonts.bold(size));
        for (String line : lines) {
            g.drawString(line, (float) (2 * MARGIN * unit), (float) y);
            y += 1.2 * size;
        }
        g.setColor(ground.quiet());
        g.setFont(Fonts.regular(1.3 * CAPTION_SIZE * unit));
        for (String line : wrapped(under, g.getFont())) {
            g.drawString(line, (float) (2 * MARGIN * unit), (float) y);
            y += 1.7 * CAPTION_SIZE * unit;
        }
        g.dispose();
    }

    private List<String> wrapped(String text, Font font) {
        return Fonts.wrapped(text, font, width - 4 * MARGIN * unit);
    }

    /** What stands under a step. */
    private List<String> said(StepWords step) {
        // too many to be read while they are shown are told in a few words
        List<String> all = step.lines().size() > MOST_LINES
                ? List.of(step.brief())
                : step.lines().stream().map(Line::text).toList();
        return wraps
                ? wrapped(String.join(" ", all), Fonts.regular(CAPTION_SIZE * unit)).stream()
                        .limit(MOST_LINES)
                        .toList()
                : all;
    }

    static List<Told> reps(Told told, ExportOptions how) {
        List<Told> versions = new ArrayList<>();
        for (Progression p : told.drill().progressions()) {
            if (p.equals(told.run().version())) {
                versions.add(told);
            } else if (how.versions() == Reach.ALL) {
                versions.add(Told.of(told.drill(), p, told.reader()));
            }
        }
        return how.ways() == Reach.ONE
                ? versions
                : versions.stream()
                        .flatMap(v -> v.everyWay(Exports.MOST_WAYS).stream())
                        .toList();
    }

    List<Told> reps() {
        return reps;
    }

    double seconds() {
        return reps.stream().mapToDouble(r -> r.timeline().seconds()).sum();
    }

    int height() {
        return height;
    }

    BufferedImage blank() {
        return new BufferedImage(width, height, wraps ? BufferedImage.TYPE_3BYTE_BGR : BufferedImage.TYPE_INT_RGB);
    }

    private BufferedImage surface(Told told) {
        BufferedImage image = blank();
        Graphics2D g = image.createGraphics();
        g.setColor(ground.surround());
        g.fillRect(0, 0, width, height);
        painter.paintGround(g, told.drill().surfaceUse(), viewport);
        g.setColor(ground.surround());
        g.fill(new Rectangle2D.Double(0, viewport.height(), width, height - viewport.height()));
        g.dispose();
        return image;
    }

    /** Draws one moment (s) of a rep over a whole image of this clip. */
    void draw(Told told, double seconds, BufferedImage into) {
        Graphics2D g = into.createGraphics();
        g.drawImage(surface, 0, 0, null);
        Frame frame = Frame.at(told.drill(), told.path(), told.timeline(), seconds);
        g.setClip(new Rectangle(0, 0, width, (int) viewport.height()));
        painter.paintMarks(g, frame, viewport);
        g.setClip(null);
        caption(g, told, frame);
        g.dispose();
    }

    private void caption(Graphics2D g, Told told, Frame frame) {
        g.setColor(ground.text());
        float left = (float) (MARGIN * unit);
        float y = (float) (viewport.height() + 20 * unit);
        StepWords step =
                told.talk().steps().isEmpty() ? null : told.talk().steps().get(frame.currentStep());
        String title = title(told) + (step == null ? "" : " · " + step.title());
        g.setFont(fitting(g, title, Fonts.bold((CAPTION_SIZE + 2) * unit)));
        g.drawString(title, left, y);
        if (step == null) {
            return;
        }
        for (String line : said(step)) {
            y += (float) (CAPTION_LINE * unit);
            g.setFont(fitting(g, line, Fonts.regular(CAPTION_SIZE * unit)));
            g.drawString(line, left, y);
        }
    }

    /** Which way and version, in words. */
    String about(Told told) {
        String way = told.run().label();
        String version = told.run().version().title();
        return way.isEmpty() ? version : version + " · " + way;
    }

    /** Says which version and which way, as far as there are several in this clip. */
    private String title(Told told) {
        boolean versions =
                reps.stream().map(r -> r.run().version().id()).distinct().count() > 1;
        String version = versions ? " · " + told.run().version().title() : "";
        String way = told.run().label().isEmpty() ? "" : " · " + told.run().label();
        return told.drill().title() + version + way;
    }

    private Font fitting(Graphics2D g, String text, Font font) {
        double wide = font.getStringBounds(text, g.getFontRenderContext()).getWidth();
        double room = width - 2 * MARGIN * unit;
        return wide <= room ? font : font.deriveFont((float) (font.getSize2D() * room / wide));
    }
}
