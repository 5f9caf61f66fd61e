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
import org.w3c.dom.Element;
import wildchalk.core.text.Printable;

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

    /** What a painting gives, as a group that stands by itself inside another svg element. */
    String fragment(Consumer<Graphics2D> painting) throws IOException {
        SVGGraphics2D g = graphics();
        painting.accept(g);
        String text = text(g, g.getRoot());
        int open = text.indexOf('>');
        int close = text.lastIndexOf("</svg");
        // the root's attributes are the defaults that everything inside counts on
        String defaults = text.substring("<svg".length(), open)
                .replaceAll("\\s(?:width|height|xmlns|xmlns:xlink|viewBox)=\"[^\"]*\"", "");
        return close < 0 ? "" : "<g" + defaults + ">" + text.substring(open + 1, close) + "</g>";
    }

    /** The text of an svg element, without a prologue: no parser goes looking for its document type. */
    static String text(SVGGraphics2D g, Element root) throws IOException {
        StringWriter out = new StringWriter();
        g.stream(root, out, false, false);
        String text = Printable.of(out.toString());
        return text.substring(text.indexOf("<svg"));
    }
}
