package wildchalk.picture.export;

import java.util.List;
import java.util.Optional;

/** Everything that can be handed out, in the order of the menu; the window and the command line offer all of it. */
public final class Exports {

    /** More paths than one clip can show. */
    private static final int MOST_WAYS = 12;

    public static final Export GIF =
            new Export("gif", "gif", (told, how, progress) -> GifExport.of(told, how.ground(), progress));

    /** Every path, one after the other. */
    public static final Export GIF_PATHS = new Export(
            "gif-paths",
            "gif",
            (told, how, progress) -> GifExport.of(told.everyWay(MOST_WAYS), how.ground(), progress));

    public static final List<Export> ALL = List.of(
            new Export("html", "html", (told, how, progress) -> PageExport.of(told, how.ground(), progress)),
            new Export("pdf", "pdf", (told, how, progress) -> SheetExport.of(told, how.paper(), progress)),
            GIF,
            GIF_PATHS,
            new Export(
                    "png",
                    "png",
                    (told, how, progress) -> PngExport.step(told, how.step(), how.ground(), how.widthPixels())),
            new Export("svg", "svg", (told, how, progress) -> SvgExport.step(told, how.step(), how.ground())));

    private Exports() {}

    public static Optional<Export> find(String id) {
        return ALL.stream().filter(e -> e.id().equalsIgnoreCase(id)).findFirst();
    }
}
