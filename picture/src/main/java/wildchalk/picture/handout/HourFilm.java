package wildchalk.picture.handout;

import java.io.IOException;
import java.util.List;
import wildchalk.core.text.Texts;
import wildchalk.core.words.PlanWriter;
import wildchalk.picture.export.Film.Chapter;

/** A rep of each drill of an hour, by the clock. */
final class HourFilm {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private HourFilm() {}

    /** @throws IOException where there is no drill that could be played */
    static List<Chapter> chapters(HourTold told) throws IOException {
        PlanWriter writer = told.hour().writer();
        List<Chapter> all = told.firsts().stream()
                .map(p -> new Chapter(
                        p.title(),
                        TEXTS.get(
                                "hour.above",
                                writer.clock(p.from()),
                                writer.clock(p.to()),
                                PlanWriter.title(p.slot().block())),
                        told.told(p)))
                .toList();
        if (all.isEmpty()) {
            throw new IOException(TEXTS.get("phone.none"));
        }
        return all;
    }
}
