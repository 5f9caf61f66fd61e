package wildchalk.picture.export;

import java.io.IOException;
import wildchalk.core.progress.Progress;

/**
 * One drill as a PDF sheet, one side a version where that goes: vectors, and text that can be selected and searched. Nothing is
 * tinted, no letter is smaller than 9 pt.
 */
public final class SheetExport {

    private SheetExport() {}

    public static byte[] of(Told told, ExportOptions how, Progress progress) throws IOException {
        Progress.tell(progress, 0);
        DrillPages pages = DrillPages.of(told, how, progress);
        String text = Pdf.text(told.drill().title(), how.paper(), pages.bookmarks(), pages.body());
        byte[] made = Pdf.bytes(text, pages.drawers());
        Progress.tell(progress, 1);
        return made;
    }
}
