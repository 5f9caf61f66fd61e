package wildchalk.picture.export;

import java.awt.Dimension;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Matcher;
import org.apache.batik.svggen.SVGGraphics2D;
import wildchalk.core.text.Texts;

/** A picture as an SVG whose text is text. */
public final class SvgExport {

    private static final int WIDTH = 880;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private SvgExport() {}

    /** What it would be. @param lookWidth pixels of the picture to look at */
    public static Preview look(Still.Layout layout, int lookWidth) throws IOException {
        return new Preview(List.of(PngExport.image(layout.at(lookWidth), lookWidth)), TEXTS.get("preview.vectors"));
    }

    public static byte[] of(Still.Layout layout) throws IOException {
        Still picture = layout.at(WIDTH);
        SvgParts parts = new SvgParts();
        SVGGraphics2D g = parts.graphics();
        int height = (int) Math.ceil(picture.height());
        g.setSVGCanvasSize(new Dimension(WIDTH, height));
        picture.paint(g);
        var root = g.getRoot();
        root.setAttribute("viewBox", "0 0 " + WIDTH + " " + height);
        String text = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                + SvgParts.text(g, root)
                        .replaceFirst(">", "><style>" + Matcher.quoteReplacement(FontFaces.css()) + "</style>");
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
