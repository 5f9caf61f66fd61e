package wildchalk.picture.paint;

import java.awt.BasicStroke;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.What;
import wildchalk.core.words.PlanWriter;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/**
 * An hour as a ribbon, as long as its minutes: blocks of drills have a strong border, water is hatched, a change-over is a grey gap.
 * Clock times stand under it. Pixels are of 1/96 inch.
 */
public final class RibbonPainter {

    private static final double LETTERS = 12.5;
    private static final double TICKS = 17;
    private static final double INSET = 5;
    private static final double LEAST_GAP = 2;

    private final Graphics2D g;
    private final Ground ground;

    public RibbonPainter(Graphics2D g, Ground ground) {
        this.g = g;
        this.ground = ground;
    }

    public void paint(SessionPlan plan, double width, double height) {
        double all = plan.slots().stream().mapToDouble(Slot::to).max().orElse(0);
        all = Math.max(all, 60.0 * plan.session().minutes());
        double scale = (width - 2) / Math.max(1, all);
        PlanWriter writer = new PlanWriter(plan, Optional.empty());
        double high = height - TICKS;
        double free = -1;
        String end = writer.clock(60.0 * plan.session().minutes());
        g.setFont(Fonts.regular(LETTERS));
        double last = width - g.getFontMetrics().stringWidth(end);
        for (Slot slot : plan.slots()) {
            double x = 1 + slot.from() * scale;
            double wide = (slot.to() - slot.from()) * scale;
            if (slot.change().isPresent()) {
                change(x, wide, high);
            } else {
                block(slot.block(), new Rectangle2D.Double(x, 1, Math.max(1, wide - 1.5), high - 2), writer);
                free = tick(writer.clock(slot.from()), x, free, height, last);
            }
        }
        g.setFont(Fonts.regular(LETTERS));
        g.setColor(ground.text());
        g.drawString(end, (float) last, (float) (height - 3));
    }

    private void change(double x, double wide, double high) {
        g.setColor(ground.quiet());
        g.fill(new Rectangle2D.Double(x, high * 0.35, Math.max(LEAST_GAP, wide - 1.5), high * 0.3));
    }

    /**
     * A time where there is room for it.
     *
     * @param last where the last one begins
     * @return where the next may begin
     */
    private double tick(String clock, double x, double free, double height, double last) {
        g.setFont(Fonts.regular(LETTERS));
        double wide = g.getFontMetrics().stringWidth(clock);
        if (x < free || x + wide + 8 > last) {
            return free;
        }
        g.setColor(ground.text());
        g.drawString(clock, (float) x, (float) (height - 3));
        return x + wide + 8;
    }

    private void block(SessionBlock block, Rectangle2D box, PlanWriter writer) {
        boolean drills = block.what() instanceof What.Drilling;
        if (block.isWater()) {
            hatch(box);
        }
        g.setColor(ground.text());
        g.setStroke(new BasicStroke(drills ? 2.2f : 0.9f));
        double half = drills ? 1.1 : 0.5;
        g.draw(new Rectangle2D.Double(
                box.getX() + half, box.getY() + half, box.getWidth() - 2 * half, box.getHeight() - 2 * half));
        words(PlanWriter.title(block), writer.minutes(block), box);
    }

    private void hatch(Rectangle2D box) {
        Shape clip = g.getClip();
        g.clip(box);
        g.setColor(ground.quiet());
        g.setStroke(new BasicStroke(0.6f));
        for (double x = box.getX() - box.getHeight(); x < box.getMaxX(); x += 6) {
            g.draw(new Line2D.Double(x, box.getMaxY(), x + box.getHeight(), box.getY()));
        }
        g.setClip(clip);
    }

    /** Across where there is room, else from below to above; in a block narrower than a letter nothing. */
    private void words(String title, String minutes, Rectangle2D box) {
        g.setFont(Fonts.bold(LETTERS));
        FontMetrics bold = g.getFontMetrics();
        double room = box.getWidth() - 2 * INSET;
        List<String> lines = Fonts.wrapped(title, Fonts.bold(LETTERS), room);
        double line = LETTERS * 1.2;
        boolean across = lines.stream().allMatch(l -> bold.stringWidth(l) <= room)
                && (lines.size() + 1) * line <= box.getHeight() - INSET;
        if (across) {
            g.setColor(ground.text());
            double y = box.getY() + INSET + LETTERS * 0.9;
            for (String l : lines) {
                g.drawString(l, (float) (box.getX() + INSET), (float) y);
                y += line;
            }
            g.setFont(Fonts.regular(LETTERS));
            if (g.getFontMetrics().stringWidth(minutes) <= room) {
                g.drawString(minutes, (float) (box.getX() + INSET), (float) y);
            }
        } else if (box.getWidth() >= LETTERS + 2) {
            upright(title, box, bold);
        }
    }

    private void upright(String title, Rectangle2D box, FontMetrics bold) {
        double room = box.getHeight() - 2 * INSET;
        String shown = title;
        while (shown.length() > 1 && bold.stringWidth(shown) > room) {
            shown = shown.substring(0, shown.length() - (shown.endsWith("…") ? 2 : 1))
                            .strip() + "…";
        }
        AffineTransform before = g.getTransform();
        g.rotate(-Math.PI / 2, box.getCenterX(), box.getCenterY());
        double x = box.getCenterX() - box.getHeight() / 2 + INSET;
        double y = box.getCenterY() + LETTERS * 0.36;
        double wide = bold.stringWidth(shown);
        g.setColor(ground.floor());
        g.fill(new Rectangle2D.Double(x - 2, y - LETTERS * 0.85, wide + 4, LETTERS * 1.1));
        g.setColor(ground.text());
        g.drawString(shown, (float) x, (float) y);
        g.setTransform(before);
    }
}
