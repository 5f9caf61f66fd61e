package wildchalk.picture.export;

import com.openhtmltopdf.extend.FSObjectDrawerFactory;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.Map;
import wildchalk.core.text.Texts;
import wildchalk.picture.style.Fonts;

/** Makes paper of XHTML: vectors, text that can be selected and searched, tags for whoever listens to it, bookmarks. */
public final class Pdf {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    /** A line of the list of contents beside the pages. @param anchor id of an element */
    public record Bookmark(String name, String anchor) {}

    private static final int MOST_FOOT = 44;

    private Pdf() {}

    /**
     * A whole text for {@link #bytes}.
     *
     * @param title what it is, in plain words
     * @param body as XHTML
     */
    public static String text(String title, Paper paper, List<Bookmark> bookmarks, CharSequence body)
            throws IOException {
        StringBuilder marks = new StringBuilder();
        if (bookmarks.size() > 1) {
            marks.append("<bookmarks>");
            bookmarks.forEach(b -> marks.append("<bookmark name=\"%s\" href=\"#%s\"/>"
                    .formatted(Xhtml.escape(b.name()), Xhtml.escape(b.anchor()))));
            marks.append("</bookmarks>");
        }
        return Template.of("sheet.html")
                .fill(Map.of(
                        "paper",
                        paper.css(),
                        "css-title",
                        Xhtml.cssText(shortened(title)),
                        "css-note",
                        Xhtml.cssText(TEXTS.get("sheet.note")),
                        "title",
                        Xhtml.escape(title),
                        "bookmarks",
                        marks,
                        "body",
                        body));
    }

    /** At the foot of a page there is no room for more beside what stands there. */
    private static String shortened(String title) {
        return title.codePointCount(0, title.length()) <= MOST_FOOT
                ? title
                : title.substring(0, title.offsetByCodePoints(0, MOST_FOOT - 1)).strip() + "…";
    }

    public static byte[] bytes(String xhtml, FSObjectDrawerFactory drawers) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = builder(xhtml, drawers);
        builder.toStream(out);
        builder.run();
        return out.toByteArray();
    }

    /** On how many sides of paper a text comes. */
    public static int sides(String xhtml, FSObjectDrawerFactory drawers) throws IOException {
        PdfRendererBuilder builder = builder(xhtml, drawers);
        builder.toStream(OutputStream.nullOutputStream());
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
            renderer.layout();
            return renderer.getRootBox().getLayer().getPages().size();
        }
    }

    private static PdfRendererBuilder builder(String xhtml, FSObjectDrawerFactory drawers) {
        XRLog.setLoggingEnabled(false);
        PdfRendererBuilder builder = new PdfRendererBuilder();
        font(builder, Fonts.REGULAR_FILE, 400, BaseRendererBuilder.FontStyle.NORMAL);
        font(builder, Fonts.BOLD_FILE, 700, BaseRendererBuilder.FontStyle.NORMAL);
        font(builder, Fonts.ITALIC_FILE, 400, BaseRendererBuilder.FontStyle.ITALIC);
        builder.useObjectDrawerFactory(drawers);
        builder.withProducer("Wild Chalk");
        builder.usePdfUaAccessibility(true);
        builder.withHtmlContent(xhtml, null);
        return builder;
    }

    private static void font(PdfRendererBuilder builder, String file, int weight, BaseRendererBuilder.FontStyle style) {
        builder.useFont(() -> Fonts.open(file), Fonts.FAMILY, weight, style, true);
    }
}
