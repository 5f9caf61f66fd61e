package wildchalk.picture.handout;

import java.util.List;
import java.util.Optional;
import wildchalk.picture.export.PdfPreview;

/** Everything that can be made of an hour; the window and the command line offer all of it. */
public final class Handouts {

    public static final Handout SHEET = paper("pdf", HourSheet::of);

    public static final Handout CARDS = paper("cards", StationCards::of);

    public static final Handout SCRIPT = paper("script", ScriptSheet::of);

    /** In the order of the menu. */
    public static final List<Handout> ALL = List.of(SHEET, CARDS, SCRIPT);

    private Handouts() {}

    private static Handout paper(String id, Handout.Maker maker) {
        return new Handout(
                id,
                "pdf",
                maker,
                (told, how, width, progress) -> PdfPreview.of(
                        maker.make(told, how, fraction -> progress.at(fraction / 2)), how.paper(), width, progress));
    }

    public static Optional<Handout> find(String id) {
        return ALL.stream().filter(h -> h.id().equalsIgnoreCase(id)).findFirst();
    }
}
