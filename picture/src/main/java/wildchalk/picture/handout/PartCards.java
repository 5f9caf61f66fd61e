package wildchalk.picture.handout;

import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.handout.PlayerPart;
import wildchalk.core.handout.PlayerPart.Stretch;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.picture.export.Paper;
import wildchalk.picture.export.Pdf;
import wildchalk.picture.export.SideBySide;
import wildchalk.picture.export.Xhtml;

/** A card for each player, eight on a side of paper, to be cut along the lines: when he is where, and what he plays. */
final class PartCards {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    private static final int A_SIDE = 8;
    private static final int COLUMNS = 2;
    private static final String WATER = Texts.CORE.get("plan.kind.WATER");

    /** How much of a part stands on a card; the first with which eight come on one side. */
    private enum Density {
        /** Everything by the clock. */
        ALL,
        /** Where one begins and what one plays, and what else is on in one line. */
        STARTS,
        /** Drills alone. */
        DRILLS,
        /** When and what. */
        TITLES
    }

    private final Paper paper;
    private final String title;

    private PartCards(Paper paper, String title) {
        this.paper = paper;
        this.title = title;
    }

    static byte[] of(HourTold told, HandoutOptions how, Progress progress) throws IOException {
        PartCards cards = new PartCards(how.paper(), told.hour().session().title());
        return cards.made(Handouts.parts(told, how), progress);
    }

    private byte[] made(List<PlayerPart> parts, Progress progress) throws IOException {
        int sides = (parts.size() + A_SIDE - 1) / A_SIDE;
        List<String> pages = SideBySide.each(
                sides,
                i -> fitting(parts.subList(i * A_SIDE, Math.min(parts.size(), (i + 1) * A_SIDE))),
                done -> Progress.tell(progress, (double) done / (sides + 1)));
        String body = pages.isEmpty()
                ? "<div class=\"page\"><h1>%s</h1><p>%s</p></div>"
                        .formatted(Xhtml.escape(title), Xhtml.escape(TEXTS.get("parts.none")))
                : String.join("", pages);
        byte[] made = Pdf.bytes(Pdf.text(title, paper, List.of(), body), new DefaultObjectDrawerFactory());
        Progress.tell(progress, 1);
        return made;
    }

    private String fitting(List<PlayerPart> parts) throws IOException {
        String page = "";
        for (Density density : Density.values()) {
            page = page(parts, density);
            if (Pdf.sides(Pdf.text(title, paper, List.of(), page), new DefaultObjectDrawerFactory()) == 1) {
                return page;
            }
        }
        return page;
    }

    private String page(List<PlayerPart> parts, Density density) {
        double high = (paper.textHeightMillimetres() - 4) / (A_SIDE / COLUMNS);
        StringBuilder body = new StringBuilder("<div class=\"page\"><h1 class=\"parts\">%s</h1><table class=\"parts\">"
                .formatted(Xhtml.escape(title)));
        for (int i = 0; i < parts.size(); i += COLUMNS) {
            body.append("<tr>");
            for (int j = i; j < i + COLUMNS; j++) {
                body.append("<td style=\"height:%smm\">%s</td>"
                        .formatted(Numbers.fixed(high - 6, 1), j < parts.size() ? card(parts.get(j), density) : ""));
            }
            body.append("</tr>");
        }
        return body.append("</table></div>").toString();
    }

    private static String card(PlayerPart part, Density density) {
        StringBuilder card = new StringBuilder();
        card.append("<p class=\"name\">%s%s</p><p class=\"about\">%s</p>"
                .formatted(
                        Xhtml.escape(part.name()),
                        part.wears()
                                .map(w -> " <span>· " + Xhtml.escape(w) + "</span>")
                                .orElse(""),
                        Xhtml.escape(part.when())));
        List<String> rest = new ArrayList<>();
        for (Stretch s : part.stretches()) {
            boolean drill = s.post().isPresent();
            if (drill || density == Density.ALL) {
                card.append("<p><b>%s</b> %s</p>".formatted(Xhtml.escape(s.clock()), Xhtml.figures(s.title())));
                if (!s.start().isEmpty() && density != Density.TITLES) {
                    card.append("<p class=\"start\">")
                            .append(Xhtml.figures(s.start()))
                            .append("</p>");
                }
            } else if (!s.title().equals(WATER)) {
                rest.add("<span class=\"figure\">" + Xhtml.escape(s.clock() + " " + s.title()) + "</span>");
            }
        }
        if (density == Density.STARTS && !rest.isEmpty()) {
            card.append("<p class=\"about\">").append(String.join(" · ", rest)).append("</p>");
        }
        return card.toString();
    }
}
