package wildchalk.picture.export;

import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.text.Texts;
import wildchalk.core.words.Line;
import wildchalk.core.words.StepWords;
import wildchalk.picture.paint.Crop;
import wildchalk.picture.paint.Extra;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Legend;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** The picture of one step that stands alone: title, diagram, what happens in words, and the signs explained. */
final class StepPicture {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private static final double PAD = 16;
    private static final double TITLE_SIZE = 19;
    private static final double TEXT_SIZE = 14;
    private static final double TEXT_LEADING = 20;

    private final Told told;
    private final int step;
    private final Ground ground;
    private final double width;
    private final double unit;
    private final List<String> caption;
    private final Legend legend;
    private final double diagramHeight;
    private final double legendHeight;

    StepPicture(Told told, int step, Ground ground, double width) {
        this.told = told;
        this.step = step;
        this.ground = ground;
        this.width = width;
        this.unit = width / 880;
        this.legend = told.legend();
        Graphics2D measure = new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB).createGraphics();
        Painter.prepare(measure);
        this.caption = wrap(measure);
        this.legendHeight = legend.height(
                measure, width - 2 * PAD * unit, unit, told.drill().surface().ballName());
        measure.dispose();
        this.diagramHeight = (width - 2 * PAD * unit) * Crop.aspect(told.drill().surfaceUse(), told.path());
    }

    double height() {
        return (PAD + TITLE_SIZE + PAD) * unit
                + diagramHeight
                + (PAD + caption.size() * TEXT_LEADING + PAD / 2) * unit
                + legendHeight
                + PAD * unit;
    }

    void paint(Graphics2D g) {
        Painter.prepare(g);
        g.setColor(ground.surround());
        g.fill(new Rectangle2D.Double(0, 0, width, Math.ceil(height())));
        double y = (PAD + TITLE_SIZE) * unit;
        g.setFont(Fonts.bold(TITLE_SIZE * unit));
        g.setColor(ground.text());
        g.drawString(title(), (float) (PAD * unit), (float) y);
        y += PAD * unit;
        diagram(g, PAD * unit, y);
        y += diagramHeight + PAD * unit;
        for (String line : caption) {
            y += TEXT_LEADING * unit;
            g.setFont(Fonts.regular(TEXT_SIZE * unit));
            g.setColor(ground.text());
            g.drawString(line, (float) (PAD * unit), (float) (y - 5 * unit));
        }
        y += PAD / 2 * unit;
        legend.paint(
                g,
                ground,
                PAD * unit,
                y,
                width - 2 * PAD * unit,
                unit,
                told.drill().surface().ballName());
    }

    private void diagram(Graphics2D g, double x, double y) {
        AffineTransform before = g.getTransform();
        g.translate(x, y);
        Frame frame =
                Frame.ofStep(told.drill(), told.path(), told.timeline(), step).with(Extra.NONE.withTasks(false));
        Viewport viewport = Crop.ofStep(frame, width - 2 * PAD * unit, diagramHeight, unit);
        Shape clip = g.getClip();
        g.clip(new Rectangle2D.Double(0, 0, viewport.width(), viewport.height()));
        new Painter(ground, told.reader().code())
                .paint(g, frame.with(frame.extra().withArea(Crop.area(viewport))), viewport);
        g.setClip(clip);
        g.setTransform(before);
    }

    private String title() {
        return told.talk().steps().isEmpty()
                ? told.drill().title()
                : told.drill().title() + " · " + told.talk().steps().get(step).title();
    }

    private List<String> wrap(Graphics2D g) {
        Font font = Fonts.regular(TEXT_SIZE * unit);
        List<String> lines = new ArrayList<>();
        if (told.talk().steps().isEmpty()) {
            return lines;
        }
        StepWords words = told.talk().steps().get(step);
        List<String> all =
                new ArrayList<>(words.lines().stream().map(Line::text).toList());
        words.points().forEach(p -> all.add(TEXTS.get("picture.point", p)));
        for (String said : all) {
            StringBuilder line = new StringBuilder();
            for (String word : said.split(" ")) {
                String longer = line.isEmpty() ? word : line + " " + word;
                if (!line.isEmpty()
                        && font.getStringBounds(longer, g.getFontRenderContext())
                                        .getWidth()
                                > width - 2 * PAD * unit) {
                    lines.add(line.toString());
                    line = new StringBuilder(word);
                } else {
                    line = new StringBuilder(longer);
                }
            }
            lines.add(line.toString());
        }
        return lines;
    }
}
