package wildchalk.picture.export;

import java.awt.Dimension;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import org.apache.batik.svggen.SVGGraphics2D;
import wildchalk.picture.style.Ground;

/** One step as an SVG whose text is text. */
public final class SvgExport {

    private static final int WIDTH = 880;

    private SvgExport() {}

    /** @param step index from 0 */
    public static byte[] step(Told told, int step, Ground ground) throws IOException {
        StepPicture picture = new StepPicture(told, step, ground, WIDTH);
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
