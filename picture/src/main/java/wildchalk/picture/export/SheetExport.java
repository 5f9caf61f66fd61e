package wildchalk.picture.export;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.progress.Progress;
import wildchalk.picture.style.Fonts;

/**
 * One drill as a PDF sheet, one side a version where that goes: vectors, and text that can be selected and searched. Nothing is
 * tinted, no letter is smaller than 9 pt.
 */
public final class SheetExport {

    /** Paper sizes. */
    public enum Paper {
        A4("A4", "210mm 297mm", 186),
        LETTER("Letter", "8.5in 11in", 191.9);

        private final String title;
        private final String css;
        private final double textWidthMillimetres;

        Paper(String title, String css, double textWidthMillimetres) {
            this.title = title;
            this.css = css;
            this.textWidthMillimetres = textWidthMillimetres;
        }

        public String title() {
            return title;
        }

        String css() {
            return css;
        }

        double textWidthMillimetres() {
            return textWidthMillimetres;
        }
    }

    /** What comes to more sides than this at one setting is not tried at tighter ones. */
    private static final int HOPELESS_SIDES = 3;

    private SheetExport() {}

    public static byte[] of(Told told, ExportOptions how, Progress progress) throws IOException {
        Progress.tell(progress, 0);
        XRLog.setLoggingEnabled(false);
        List<SheetParts.Page> pages = SheetParts.of(told, how.versions(), how.ways(), progress);
        SheetPictures pictures = new SheetPictures(pages, progress);
        SheetHtml html = new SheetHtml(pages, how);
        List<SheetDensity> set = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            set.add(density(html, i, pictures));
            Progress.tell(progress, SheetParts.LAST + 0.15 * (i + 1) / pages.size());
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = builder(html.of(set), pictures);
        builder.toStream(out);
        builder.run();
        Progress.tell(progress, 1);
        return out.toByteArray();
    }

    /** The most generous setting at which a page is one page; the tightest where it is more at all of them. */
    private static SheetDensity density(SheetHtml html, int page, SheetPictures pictures) throws IOException {
        for (SheetDensity density : SheetDensity.ALL) {
            int sides = sides(html.of(page, density), pictures);
            if (sides == 1) {
                return density;
            } else if (sides > HOPELESS_SIDES) {
                break; // nothing is so tight as to make one side of it
            }
        }
        return SheetDensity.OVER;
    }

    /** On how many sides of paper a text comes. */
    private static int sides(String html, SheetPictures pictures) throws IOException {
        PdfRendererBuilder builder = builder(html, pictures);
        builder.toStream(OutputStream.nullOutputStream());
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
            renderer.layout();
            return renderer.getRootBox().getLayer().getPages().size();
        }
    }

    private static PdfRendererBuilder builder(String html, SheetPictures pictures) {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        font(builder, Fonts.REGULAR_FILE, 400, BaseRendererBuilder.FontStyle.NORMAL);
        font(builder, Fonts.BOLD_FILE, 700, BaseRendererBuilder.FontStyle.NORMAL);
        font(builder, Fonts.ITALIC_FILE, 400, BaseRendererBuilder.FontStyle.ITALIC);
        builder.useObjectDrawerFactory(pictures.drawers());
        builder.withProducer("Wild Chalk");
        builder.usePdfUaAccessibility(true);
        builder.withHtmlContent(html, null);
        return builder;
    }

    private static void font(PdfRendererBuilder builder, String file, int weight, BaseRendererBuilder.FontStyle style) {
        builder.useFont(() -> Fonts.open(file), Fonts.FAMILY, weight, style, true);
    }
}
