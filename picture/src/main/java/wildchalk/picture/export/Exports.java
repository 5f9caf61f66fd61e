package wildchalk.picture.export;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.picture.export.Export.Choice;
import wildchalk.picture.export.ExportOptions.Reach;

/** Everything that can be handed out; the window and the command line offer all of it. */
public final class Exports {

    /** More paths than one clip can show. */
    static final int MOST_WAYS = 12;

    public static final Export PAGE = new Export(
            "html",
            "html",
            Set.of(Choice.VERSIONS, Choice.WAYS, Choice.GROUND),
            List.of(),
            Reach.ALL,
            Play.MOST_WAYS,
            PageExport::of,
            Previews::page);

    public static final Export SHEET = new Export(
            "pdf",
            "pdf",
            Set.of(Choice.VERSIONS, Choice.WAYS, Choice.WORDS, Choice.PAPER),
            List.of(),
            Reach.ALL,
            Integer.MAX_VALUE,
            SheetExport::of,
            Previews::sheet);

    public static final Export GIF = new Export(
            "gif",
            "gif",
            Set.of(Choice.VERSIONS, Choice.WAYS, Choice.WIDTH, Choice.GROUND),
            List.of(800, 480, 1280),
            Reach.ONE,
            MOST_WAYS,
            GifExport::of,
            Previews::clip);

    public static final Export MP4 = new Export(
            "mp4",
            "mp4",
            Set.of(Choice.VERSIONS, Choice.WAYS, Choice.PART, Choice.SHOWN, Choice.SLOW, Choice.WIDTH, Choice.GROUND),
            List.of(Film.LYING_WIDTH, Film.UPRIGHT_WIDTH),
            Reach.ONE,
            MOST_WAYS,
            Mp4Export::of,
            Previews::film);

    /** Every path, one after the other: a name that the command line has for a choice of the window. */
    public static final Export GIF_PATHS = new Export(
            "gif-paths",
            "gif",
            GIF.asks(),
            GIF.widths(),
            Reach.ONE,
            MOST_WAYS,
            (told, how, progress) -> GifExport.of(told, how.withWays(Reach.ALL), progress),
            (told, how, width, progress) -> Previews.clip(told, how.withWays(Reach.ALL), width, progress));

    private static final Export PNG = new Export(
            "png",
            "png",
            Set.of(Choice.STEPS, Choice.WIDTH, Choice.GROUND),
            List.of(PngExport.PRINT_WIDTH, 1200, 600),
            Reach.ONE,
            1,
            (told, how, progress) ->
                    PngExport.of(wide -> new StepPicture(told, how.step(), how.ground(), wide), how.widthPixels()),
            Previews::png);

    private static final Export SVG = new Export(
            "svg",
            "svg",
            Set.of(Choice.STEPS, Choice.GROUND),
            List.of(),
            Reach.ONE,
            1,
            (told, how, progress) -> SvgExport.of(wide -> new StepPicture(told, how.step(), how.ground(), wide)),
            Previews::svg);

    /** What the window offers, in the order of its menu. */
    public static final List<Export> MENU = List.of(PAGE, SHEET, MP4, GIF, PNG, SVG);

    public static final List<Export> ALL = List.of(PAGE, SHEET, MP4, GIF, GIF_PATHS, PNG, SVG);

    private Exports() {}

    public static Optional<Export> find(String id) {
        return ALL.stream().filter(e -> e.id().equalsIgnoreCase(id)).findFirst();
    }
}
