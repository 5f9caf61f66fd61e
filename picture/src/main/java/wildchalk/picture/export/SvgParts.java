package wildchalk.picture.export;

import java.awt.Graphics2D;
import java.io.IOException;
import java.io.StringWriter;
import java.util.function.Consumer;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.w3c.dom.Document;

/** Pieces of SVG that share one document, so that no two ids in them are the same. */
final class SvgParts {

    private final SVGGeneratorContext context;

    SvgParts() {
        context = SVGGeneratorContext.createDefault(document());
        context.setPrecision(3);
        context.setComment(null);
    }

    private static Document document() {
        try {
            return DocumentBuilderFactory.newDefaultNSInstance()
                    .newDocumentBuilder()
                    .getDOMImplementation()
                    .createDocument("http://www.w3.org/2000/svg", "svg", null);
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException("The XML library of this Java makes no documents.", e);
        }
    }

    SVGGraphics2D graphics() {
        return new SVGGraphics2D(context, false);
    }

    /** What a painting gives, as the content of an svg element, without the element itself. */
    String fragment(Consumer<Graphics2D> painting) throws IOException {
        SVGGraphics2D g = graphics();
        painting.accept(g);
        StringWriter out = new StringWriter();
        g.stream(g.getRoot(), out, false, false);
        String text = out.toString();
        int open = text.indexOf('>', text.indexOf("<svg"));
        int close = text.lastIndexOf("</svg>");
        return close < 0 ? "" : text.substring(open + 1, close);
    }
}
