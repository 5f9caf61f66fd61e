package wildchalk.picture.paint;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.geom.Rectangle2D;
import java.util.Arrays;
import java.util.List;
import wildchalk.core.drill.Note;
import wildchalk.picture.style.Fonts;

/** Where the cards of notes lie, in pixels: for painting them and for finding what the pointer is on. */
public final class Notes {

    static final double SIZE = 12.5;

    private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);

    private Notes() {}

    /** A note's card, its middle at the note's place. */
    public static Rectangle2D card(Viewport v, Note note) {
        double u = v.unit();
        Font font = Fonts.regular(SIZE * u);
        double wide = 20 * u;
        for (String line : lines(note)) {
            wide = Math.max(wide, font.getStringBounds(line, CONTEXT).getWidth());
        }
        double high = lines(note).size() * SIZE * 1.25 * u + 8 * u;
        var p = v.toPixels(note.at());
        return new Rectangle2D.Double(p.getX() - wide / 2 - 7 * u, p.getY() - high / 2, wide + 14 * u, high);
    }

    /** Likewise, moved so that all of it is in the picture. */
    static Rectangle2D inside(Viewport v, Note note) {
        Rectangle2D card = card(v, note);
        double x = Math.max(2, Math.min(card.getX(), v.width() - card.getWidth() - 2));
        double y = Math.max(2, Math.min(card.getY(), v.height() - card.getHeight() - 2));
        return new Rectangle2D.Double(x, y, card.getWidth(), card.getHeight());
    }

    static List<String> lines(Note note) {
        return Arrays.asList(note.text().split("\n", 12));
    }
}
