package wildchalk.picture.handout;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.binder.TableFiles;
import wildchalk.core.handout.Hour;
import wildchalk.core.handout.HourCalendar;
import wildchalk.core.handout.HourTables;
import wildchalk.core.handout.PlayerPart;
import wildchalk.core.text.Table;
import wildchalk.core.text.Texts;
import wildchalk.picture.export.ExportOptions.Shown;
import wildchalk.picture.export.Film;
import wildchalk.picture.export.PdfPreview;
import wildchalk.picture.export.PngExport;
import wildchalk.picture.export.SvgExport;
import wildchalk.picture.handout.Handout.Choice;
import wildchalk.picture.style.Ground;

/** Everything that can be made of an hour; the window and the command line offer all of it. */
public final class Handouts {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    /** Between what is for one player and what is for the next. */
    private static final String NEXT_PLAYER = "\n" + "-".repeat(24) + "\n\n";

    public static final Handout SHEET = paper("pdf", Set.of(Choice.PAPER, Choice.NAMES), HourSheet::of);

    public static final Handout CARDS = paper("cards", Set.of(Choice.PAPER), StationCards::of);

    public static final Handout SCRIPT = paper("script", Set.of(Choice.PAPER, Choice.NAMES), ScriptSheet::of);

    public static final Handout PARTS =
            paper("parts", Set.of(Choice.PLAYER, Choice.PAPER, Choice.NAMES), PartCards::of);

    public static final Handout MESSAGE = text(
            "message",
            "txt",
            (told, how) -> parts(told, how).stream().map(PlayerPart::message).collect(Collectors.joining(NEXT_PLAYER)));

    public static final Handout PHONE = new Handout(
            "html",
            "html",
            Set.of(Choice.PLAYER, Choice.NAMES),
            PhoneHour::of,
            (told, how, width, progress) -> TextPreview.of(PhoneHour.words(told, how), width));

    public static final Handout FILM = new Handout(
            "mp4",
            "mp4",
            Set.of(),
            (told, how, progress) -> Film.bytes(HourFilm.chapters(told), Ground.PAPER, Shown.ONCE, progress),
            (told, how, width, progress) -> Film.look(HourFilm.chapters(told), Ground.PAPER, Shown.ONCE, width));

    public static final Handout FLOOR = new Handout(
            "png",
            "png",
            Set.of(Choice.NAMES),
            (told, how, progress) -> PngExport.of(FloorPicture.of(told, Ground.PAPER), PngExport.PRINT_WIDTH),
            (told, how, width, progress) ->
                    PngExport.look(FloorPicture.of(told, Ground.PAPER), PngExport.PRINT_WIDTH, width));

    public static final Handout FLOOR_SVG = new Handout(
            "svg",
            "svg",
            Set.of(Choice.NAMES),
            (told, how, progress) -> SvgExport.of(FloorPicture.of(told, Ground.PAPER)),
            (told, how, width, progress) -> SvgExport.look(FloorPicture.of(told, Ground.PAPER), width));

    public static final Handout TABLES = new Handout(
            "xlsx",
            "xlsx",
            Set.of(Choice.NAMES),
            (told, how, progress) -> TableFiles.xlsx(HourTables.of(told.hour())),
            (told, how, width, progress) -> TextPreview.of(
                    HourTables.of(told.hour()).stream()
                            .map(t -> t.title() + "\n" + new String(TableFiles.csv(t), StandardCharsets.UTF_8))
                            .collect(Collectors.joining("\n")),
                    width));

    public static final Handout HOUR_TABLE = table("csv", HourTables::clock);
    public static final Handout STATIONS_TABLE = table("stations-csv", HourTables::stations);
    public static final Handout GROUPS_TABLE = table("groups-csv", HourTables::groups);
    public static final Handout GEAR_TABLE = table("gear-csv", HourTables::gear);

    public static final Handout CALENDAR = text("ics", "ics", Handouts::calendar);

    /** As the menu has them: for helpers, for players, pictures, tables. */
    public static final List<List<Handout>> MENU = List.of(
            List.of(SHEET, CARDS, SCRIPT),
            List.of(PARTS, MESSAGE, PHONE, FILM, CALENDAR),
            List.of(FLOOR, FLOOR_SVG),
            List.of(TABLES, HOUR_TABLE, STATIONS_TABLE, GROUPS_TABLE, GEAR_TABLE));

    public static final List<Handout> ALL = MENU.stream().flatMap(List::stream).toList();

    private Handouts() {}

    private static Handout paper(String id, Set<Choice> asks, Handout.Maker maker) {
        return new Handout(
                id,
                "pdf",
                asks,
                maker,
                (told, how, width, progress) -> PdfPreview.of(
                        maker.make(told, how, fraction -> progress.at(fraction / 2)), how.paper(), width, progress));
    }

    /** Made of words alone. */
    private interface Telling {
        String tell(HourTold told, HandoutOptions how);
    }

    private static Handout text(String id, String suffix, Telling telling) {
        return new Handout(
                id,
                suffix,
                Set.of(Choice.PLAYER, Choice.NAMES),
                (told, how, progress) -> telling.tell(told, how).getBytes(StandardCharsets.UTF_8),
                (told, how, width, progress) -> TextPreview.of(telling.tell(told, how), width));
    }

    private static Handout table(String id, Function<Hour, Table> made) {
        return new Handout(
                id,
                "csv",
                Set.of(Choice.NAMES),
                (told, how, progress) -> TableFiles.csv(made.apply(told.hour())),
                (told, how, width, progress) -> TextPreview.of(
                        new String(TableFiles.csv(made.apply(told.hour())), StandardCharsets.UTF_8), width));
    }

    /** Of the one who is wanted, else of all who are there. */
    static List<PlayerPart> parts(HourTold told, HandoutOptions how) {
        return how.player()
                .map(p -> List.of(PlayerPart.of(told.hour(), p)))
                .orElseGet(() -> PlayerPart.of(told.hour()));
    }

    /** With one's own part, or with the hour by the clock. */
    private static String calendar(HourTold told, HandoutOptions how) {
        Hour hour = told.hour();
        String what = how.player()
                .map(p -> PlayerPart.of(hour, p).message())
                .orElseGet(() -> String.join("\n", hour.writer().timetable()));
        String who = how.player().map(p -> p.text()).orElse("");
        return HourCalendar.of(hour.session(), who, what, ZoneId.systemDefault(), Instant.now());
    }

    public static Optional<Handout> find(String id) {
        return ALL.stream().filter(h -> h.id().equalsIgnoreCase(id)).findFirst();
    }

    /** Their names, for whoever asks for one that is not there. */
    public static String ids() {
        return ALL.stream().map(Handout::id).collect(Collectors.joining(", "));
    }
}
