package wildchalk.picture.handout;

import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import wildchalk.core.drill.Question;
import wildchalk.core.handout.StationCard;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;
import wildchalk.picture.export.Paper;
import wildchalk.picture.export.Pdf;
import wildchalk.picture.export.SideBySide;
import wildchalk.picture.export.Told;
import wildchalk.picture.export.Xhtml;

/** A card for each station of an hour, to be hung up: one drill, large, with what to watch, what to call, and what to ask. */
final class StationCards {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    /** Sizes of letters (pt), from the most to the least legible from afar, with how much of the height the picture has. */
    private record Density(double points, double pictureShare) {
        static final List<Density> ALL = List.of(
                new Density(18, 0.48),
                new Density(16, 0.46),
                new Density(14.5, 0.44),
                new Density(13, 0.42),
                new Density(11.5, 0.4),
                new Density(10.5, 0.34));
    }

    private final HourTold told;
    private final Paper paper;
    private final HourPictures pictures;

    private StationCards(HourTold told, Paper paper) {
        this.told = told;
        this.paper = paper;
        this.pictures = new HourPictures(told);
    }

    static byte[] of(HourTold told, HandoutOptions how, Progress progress) throws IOException {
        return new StationCards(told, how.paper()).made(progress);
    }

    private byte[] made(Progress progress) throws IOException {
        List<StationCard> cards = StationCard.of(told.hour());
        String title = told.hour().session().title();
        List<Pdf.Bookmark> bookmarks = new ArrayList<>();
        StringBuilder body = new StringBuilder();
        SideBySide.each(
                        cards.size(),
                        i -> fitting(cards.get(i), i, title),
                        done -> Progress.tell(progress, (double) done / (cards.size() + 1)))
                .forEach(body::append);
        for (int i = 0; i < cards.size(); i++) {
            bookmarks.add(new Pdf.Bookmark(cards.get(i).post().title(), anchor(i)));
        }
        if (cards.isEmpty()) {
            body.append("<div class=\"page\"><h1>%s</h1><p>%s</p></div>"
                    .formatted(Xhtml.escape(title), Xhtml.escape(TEXTS.get("card.none"))));
        }
        byte[] made = Pdf.bytes(Pdf.text(title, paper, bookmarks, body), drawers());
        Progress.tell(progress, 1);
        return made;
    }

    private DefaultObjectDrawerFactory drawers() {
        return pictures.register(new DefaultObjectDrawerFactory());
    }

    private static String anchor(int card) {
        return "card-" + card;
    }

    /** As large as it goes on one side. */
    private String fitting(StationCard card, int number, String title) throws IOException {
        String page = "";
        for (Density density : Density.ALL) {
            page = page(card, number, density);
            if (Pdf.sides(Pdf.text(title, paper, List.of(), page), drawers()) == 1) {
                return page;
            }
        }
        return page;
    }

    private String page(StationCard card, int number, Density density) {
        Told drill = told.told(card.post());
        StringBuilder body = new StringBuilder("<div class=\"page card\" id=\"%s\" style=\"font-size:%spt\">"
                .formatted(anchor(number), density.points()));
        String version = drill.run().version().title();
        body.append("<table class=\"head\"><tr><td><p class=\"about\">%s</p><h1 class=\"poster\">%s</h1>%s</td>"
                .formatted(
                        Xhtml.figures(TEXTS.get(
                                "card.station", card.block(), card.post().number())),
                        Xhtml.escape(drill.drill().title()),
                        version.isBlank() ? "" : "<p>" + Xhtml.escape(version) + "</p>"));
        body.append("<td class=\"facts\">%s%s</td></tr></table>"
                .formatted(
                        card.lead()
                                .map(l -> "<p><b class=\"large\">" + Xhtml.escape(l) + "</b></p>")
                                .orElse(""),
                        card.who().stream()
                                .map(w -> "<p>" + Xhtml.figures(w) + "</p>")
                                .reduce("", String::concat)));
        body.append(pictures.whole(
                number,
                TEXTS.get("card.alt", drill.drill().title(), String.join(" ", card.brief())),
                paper.textWidthMillimetres(),
                paper.textHeightMillimetres() * density.pictureShare()));
        numbered(body, card.brief());
        columns(body, card);
        return body.append("</div>").toString();
    }

    private static void numbered(StringBuilder body, List<String> brief) {
        if (!brief.isEmpty()) {
            body.append("<ol class=\"brief\">");
            brief.forEach(b -> body.append("<li>").append(Xhtml.figures(b)).append("</li>"));
            body.append("</ol>");
        }
    }

    private static void columns(StringBuilder body, StationCard card) {
        StringBuilder left = new StringBuilder();
        StringBuilder right = new StringBuilder();
        Xhtml.optional(left, TEXTS.get("card.watch"), card.watch());
        Xhtml.optional(left, TEXTS.get("card.call"), card.call());
        Xhtml.optional(
                left,
                TEXTS.get("card.ask"),
                card.ask().stream().map(StationCards::asked).toList());
        Xhtml.optional(right, TEXTS.get("sheet.rules"), card.rules());
        Xhtml.optional(right, TEXTS.get("sheet.rotation"), card.then());
        Xhtml.optional(right, TEXTS.get("sheet.gear"), card.bring());
        Xhtml.optional(right, TEXTS.get("sheet.cautions"), card.care());
        List<StringBuilder> both =
                Stream.of(left, right).filter(b -> b.length() > 0).toList();
        if (!both.isEmpty()) {
            body.append("<table class=\"rest\"><tr>");
            both.forEach(b -> body.append("<td style=\"width:50%\">").append(b).append("</td>"));
            body.append("</tr></table>");
        }
    }

    private static String asked(Question q) {
        return q.answer().isBlank() ? q.ask() : TEXTS.get("card.asked", q.ask(), q.answer());
    }
}
