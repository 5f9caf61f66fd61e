package wildchalk.picture.export;

import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;

/** The pages of a PDF as pictures, to be looked at before it is saved. */
public final class PdfPreview {

    private static final double POINTS_PER_INCH = 72;
    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private PdfPreview() {}

    /**
     * The first of its pages.
     *
     * @param width of each picture, pixels
     * @param progress hears of the second half: the first was making it
     */
    public static Preview of(byte[] pdf, Paper paper, int width, Progress progress) throws IOException {
        List<BufferedImage> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            int count = document.getNumberOfPages();
            PDFRenderer renderer = new PDFRenderer(document);
            renderer.setRenderingHints(
                    new RenderingHints(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON));
            for (int i = 0; i < Math.min(count, Previews.MOST_PICTURES); i++) {
                Progress.tell(progress, 0.5 + 0.5 * i / count);
                double inches = document.getPage(i).getMediaBox().getWidth() / POINTS_PER_INCH;
                pages.add(renderer.renderImageWithDPI(i, (float) (width / inches), ImageType.RGB));
            }
            return new Preview(pages, TEXTS.get(count == 1 ? "preview.page" : "preview.pages", count, paper.title()));
        }
    }
}
