package wildchalk.picture.export;

import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.progress.Progress;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.export.Pdf.Bookmark;

/** Drills as pages of paper, one side a version where that goes: by themselves, or behind something else. */
public final class DrillPages {

    /** What comes to more sides than this at one setting is not tried at tighter ones. */
    private static final int HOPELESS_SIDES = 3;

    private final List<SheetParts.Page> pages;
    private final SheetPictures pictures;
    private final SheetHtml html;
    private final Progress progress;

    private DrillPages(List<SheetParts.Page> pages, List<String> heads, ExportOptions how, Progress progress) {
        this.pages = pages;
        this.progress = progress;
        this.pictures = new SheetPictures(pages, progress);
        this.html = new SheetHtml(pages, heads, how);
    }

    /** One drill, with as many of its versions as is wanted. */
    static DrillPages of(Told told, ExportOptions how, Progress progress) {
        List<SheetParts.Page> pages = SheetParts.of(told, how.versions(), how.ways(), progress);
        return new DrillPages(pages, pages.stream().map(p -> "").toList(), how, progress);
    }

    /**
     * Several drills, each as it is told.
     *
     * @param heads what stands above each: where and when it is run, and with whom
     */
    public static DrillPages of(List<Told> drills, List<String> heads, ExportOptions how, Progress progress) {
        List<SheetParts.Page> pages = new ArrayList<>();
        for (Told told : drills) {
            pages.addAll(SheetParts.of(told, Reach.ONE, how.ways(), Progress.NONE));
            Progress.tell(progress, SheetParts.LAST * pages.size() / drills.size());
        }
        return new DrillPages(pages, heads, how, progress);
    }

    /** Draws their pictures. */
    public DefaultObjectDrawerFactory drawers() {
        return pictures.drawers();
    }

    /** Where each begins, and what it is called. */
    public List<Bookmark> bookmarks() {
        List<Bookmark> all = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            all.add(new Bookmark(html.name(i), SheetHtml.anchor(i)));
        }
        return all;
    }

    /** As XHTML, each set as generously as goes on one side. */
    public String body() throws IOException {
        return html.of(SideBySide.each(
                pages.size(),
                this::density,
                done -> Progress.tell(progress, SheetParts.LAST + 0.15 * done / pages.size())));
    }

    /** The most generous setting at which a page is one page; the tightest where it is more at all of them. */
    private SheetDensity density(int page) throws IOException {
        for (SheetDensity density : SheetDensity.ALL) {
            int sides = Pdf.sides(html.of(page, density), drawers());
            if (sides == 1) {
                return density;
            } else if (sides > HOPELESS_SIDES) {
                break; // nothing is so tight as to make one side of it
            }
        }
        return SheetDensity.OVER;
    }
}
