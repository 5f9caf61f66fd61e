package wildchalk.picture.handout;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.text.Printable;
import wildchalk.core.text.Texts;
import wildchalk.picture.export.Preview;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** What is made of words alone, as it will be read. */
final class TextPreview {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    private static final double LETTERS = 14;
    private static final double LINE = 19;
    private static final int EDGE = 14;
    private static final int LINES_A_PICTURE = 20;
    private static final int MOST_PICTURES = 12;

    private TextPreview() {}

    static Preview of(String text, int width) {
        List<String> lines = wrapped(text, width - 2 * EDGE);
        List<BufferedImage> pictures = new ArrayList<>();
        for (int from = 0;
                from < Math.max(1, lines.size()) && pictures.size() < MOST_PICTURES;
                from += LINES_A_PICTURE) {
            pictures.add(picture(lines.subList(from, Math.min(lines.size(), from + LINES_A_PICTURE)), width));
        }
        long letters = text.codePointCount(0, text.length());
        return new Preview(pictures, TEXTS.get("preview.letters", letters));
    }

    private static BufferedImage picture(List<String> lines, int width) {
        int high = (int) (2 * EDGE + LINES_A_PICTURE * LINE);
        BufferedImage image = new BufferedImage(width, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        Painter.prepare(g);
        g.setColor(Ground.PRINT.floor());
        g.fillRect(0, 0, width, high);
        g.setColor(Ground.PRINT.text());
        g.setFont(Fonts.regular(LETTERS));
        for (int i = 0; i < lines.size(); i++) {
            g.drawString(lines.get(i), EDGE, (float) (EDGE + LETTERS + i * LINE));
        }
        g.dispose();
        return image;
    }

    private static List<String> wrapped(String text, int room) {
        return text.lines()
                .flatMap(l -> Fonts.wrapped(Printable.of(l), Fonts.regular(LETTERS), room).stream())
                .toList();
    }
}
