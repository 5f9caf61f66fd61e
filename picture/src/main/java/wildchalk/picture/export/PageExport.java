package wildchalk.picture.export;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;
import wildchalk.core.words.RepLength;

/** One drill as a page for a phone. */
public final class PageExport {

    /** All reps that a page can show, s. */
    static final double MOST_SECONDS = 3600;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private PageExport() {}

    /** @throws TooLong when the reps of all versions together last longer than anybody watches */
    public static byte[] of(Told told, ExportOptions how, Progress progress) throws IOException {
        List<Play> plays = Play.all(told, how);
        TooLong.check(plays.stream().map(Play::told).toList(), MOST_SECONDS);
        return new PageFile(
                        told.drill().title(),
                        about(told),
                        "",
                        TEXTS.get(
                                "page.figures",
                                told.drill().audience().paceBand().label()),
                        List.of(PageStage.of("", plays, Optional.empty())),
                        how.ground())
                .bytes(progress);
    }

    private static String about(Told told) {
        return told.drill().surface().title() + " · "
                + TEXTS.get("sheet.seconds", RepLength.of(told.path(), told.timeline()));
    }
}
