package wildchalk.picture.export;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import wildchalk.picture.style.Fonts;

/** Lines of text and pictures, one under the other, that know how high they are before they are painted. */
public final class Column {

    private static final double LEADING = 1.4;

    /** Paints into a room that begins at nought. */
    public interface Painting {
        void paint(Graphics2D g, double width, double height);
    }

    /** A stretch of the column. */
    private record Part(double height, Painting painting) {}

    private final double width;
    private final List<Part> parts = new ArrayList<>();

    /** @param width pixels */
    public Column(double width) {
        this.width = width;
    }

    public Column gap(double pixels) {
        parts.add(new Part(pixels, (g, w, h) -> {}));
        return this;
    }

    /** In as many lines as it takes. */
    public Column text(String text, Font font, Color color) {
        double leading = LEADING * font.getSize2D();
        for (String line : Fonts.wrapped(text, font, width)) {
            parts.add(new Part(leading, (g, w, h) -> {
                g.setFont(font);
                g.setColor(color);
                g.drawString(line, 0, (float) (h - 0.3 * font.getSize2D()));
            }));
        }
        return this;
    }

    /** What is painted stays within its room. */
    public Column picture(double height, Painting painting) {
        parts.add(new Part(height, (g, w, h) -> {
            Shape clip = g.getClip();
            g.clip(new Rectangle2D.Double(0, 0, w, h));
            painting.paint(g, w, h);
            g.setClip(clip);
        }));
        return this;
    }

    /** Side by side; the row is as high as the highest of them. */
    public Column row(List<Column> columns, double between) {
        double high = columns.stream().mapToDouble(Column::height).max().orElse(0);
        parts.add(new Part(high, (g, w, h) -> {
            double x = 0;
            for (Column column : columns) {
                column.paint(g, x, 0);
                x += column.width + between;
            }
        }));
        return this;
    }

    public double height() {
        return parts.stream().mapToDouble(Part::height).sum();
    }

    public void paint(Graphics2D g, double x, double y) {
        AffineTransform before = g.getTransform();
        g.translate(x, y);
        for (Part part : parts) {
            part.painting().paint(g, width, part.height());
            g.translate(0, part.height());
        }
        g.setTransform(before);
    }
}
