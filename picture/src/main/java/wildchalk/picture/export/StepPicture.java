package wildchalk.picture.export;

import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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

/** The picture of one step, or of all of them, that stands alone: title, diagram, what happens in words, and the signs explained. */
final class StepPicture implements Still {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private static final double PAD = 16;
    private static final double TITLE_SIZE = 19;
    private static final double TITLE_LEADING = 24;
    private static final double TEXT_SIZE = 15;
    private static final double TEXT_LEADING = 21;

    private final Told told;
    private final int step;
    private final Ground ground;
    private final double width;
    private final double unit;
    private final List<String> title;
    private final List<String> caption;
    private final Legend legend;
    private final double diagramHeight;
    private final double legendHeight;

    /** @param step from 0, or {@link ExportOptions#ALL_STEPS} */
    StepPicture(Told told, int step, Ground ground, double width) {
        this.told = told;
        this.step = step;
        this.ground = ground;
        this.width = width;
        this.unit = width / 880;
        this.legend = told.legend();
        Graphics2D measure = new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB).createGraphics();
        Painter.prepare(measure);
        this.title = Fonts.wrapped(title(), Fonts.bold(TITLE_SIZE * unit), width - 2 * PAD * unit);
        this.caption = wrap();
        this.legendHeight = legend.height(
                measure, width - 2 * PAD * unit, unit, told.drill().surface().ballName());
        measure.dispose();
        this.diagramHeight = (width - 2 * PAD * unit) * Crop.aspect(told.drill().surfaceUse(), told.path());
    }

    @Override
    public double height() {
        return (PAD + title.size() * TITLE_LEADING + PAD) * unit
                + diagramHeight
                + (PAD + caption.size() * TEXT_LEADING + PAD / 2) * unit
                + legendHeight
                + PAD * unit;
    }

    @Override
    public void paint(Graphics2D g) {
        Painter.prepare(g);
        g.setColor(ground.surround());
        g.fill(new Rectangle2D.Double(0, 0, width, Math.ceil(height())));
        double y = PAD * unit;
        g.setFont(Fonts.bold(TITLE_SIZE * unit));
        g.setColor(ground.text());
        for (String line : title) {
            y += TITLE_LEADING * unit;
            g.drawString(line, (float) (PAD * unit), (float) (y - 4 * unit));
        }
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
        double wide = width - 2 * PAD * unit;
        Frame frame = isOfAll()
                ? Frame.ofAll(told.drill(), told.path(), told.timeline())
                : Frame.ofStep(told.drill(), told.path(), told.timeline(), step).with(Extra.NONE.withTasks(false));
        Viewport viewport = isOfAll()
                ? Crop.ofSetUp(frame, wide, diagramHeight, unit)
                : Crop.ofStep(frame, wide, diagramHeight, unit);
        Shape clip = g.getClip();
        g.clip(new Rectangle2D.Double(0, 0, viewport.width(), viewport.height()));
        new Painter(ground, told.reader().code())
                .paint(g, frame.with(frame.extra().withArea(Crop.area(viewport))), viewport);
        g.setClip(clip);
        g.setTransform(before);
    }

    /** A drill without steps is shown as it is set out. */
    private boolean isOfAll() {
        return step == ExportOptions.ALL_STEPS || told.talk().steps().isEmpty();
    }

    private String title() {
        String drill = told.drill().title();
        if (told.talk().steps().isEmpty()) {
            return drill;
        }
        return drill
                + " · "
                + (isOfAll()
                        ? TEXTS.get("picture.all-steps")
                        : told.talk().steps().get(step).title());
    }

    private List<String> wrap() {
        Font font = Fonts.regular(TEXT_SIZE * unit);
        List<String> lines = new ArrayList<>();
        for (String said : said()) {
            lines.addAll(Fonts.wrapped(said, font, width - 2 * PAD * unit));
        }
        return lines;
    }

    private List<String> said() {
        List<StepWords> steps = told.talk().steps();
        if (isOfAll()) {
            return IntStream.range(0, steps.size())
                    .mapToObj(i -> TEXTS.get("picture.step", i + 1, spoken(steps.get(i))))
                    .toList();
        }
        List<String> all =
                new ArrayList<>(steps.get(step).lines().stream().map(Line::text).toList());
        steps.get(step).points().forEach(p -> all.add(TEXTS.get("picture.point", p)));
        return all;
    }

    private static String spoken(StepWords step) {
        return step.lines().stream().map(Line::text).collect(Collectors.joining(" "));
    }
}
