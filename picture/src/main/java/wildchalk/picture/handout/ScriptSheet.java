package wildchalk.picture.handout;

import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.handout.StandInScript;
import wildchalk.core.handout.StandInScript.Kind;
import wildchalk.core.handout.StandInScript.Part;
import wildchalk.core.handout.StandInScript.Said;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;
import wildchalk.core.words.PlanWriter;
import wildchalk.picture.export.Pdf;
import wildchalk.picture.export.Xhtml;

/** The script of a stand-in on paper: what is read aloud large, what only the reader needs small, with what gives when it is late. */
final class ScriptSheet {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private ScriptSheet() {}

    static byte[] of(HourTold told, HandoutOptions how, Progress progress) throws IOException {
        Progress.tell(progress, 0);
        StandInScript script = StandInScript.of(told.hour());
        PlanWriter writer = told.hour().writer();
        String title = told.hour().session().title();
        HourPictures pictures = new HourPictures(told);
        StringBuilder body = new StringBuilder("<div class=\"page script\" id=\"script\">");
        body.append("<table class=\"head\"><tr><td><h1>%s</h1><p class=\"about\">%s</p></td></tr></table>"
                .formatted(Xhtml.escape(title), Xhtml.escape(TEXTS.get("script.about"))));
        body.append(pictures.ribbon(
                TEXTS.get("hour.alt.ribbon", String.join(" ", writer.timetable())),
                how.paper().textWidthMillimetres(),
                24));
        lines(body, script.first());
        List<Pdf.Bookmark> bookmarks = new ArrayList<>();
        for (int i = 0; i < script.parts().size(); i++) {
            Part part = script.parts().get(i);
            String anchor = "part-" + i;
            body.append("<h2 id=\"%s\">%s</h2>"
                    .formatted(
                            anchor,
                            Xhtml.escape(
                                    part.minutes().isEmpty()
                                            ? TEXTS.get("script.part", part.clock(), part.title())
                                            : TEXTS.get(
                                                    "script.part.min", part.clock(), part.title(), part.minutes()))));
            lines(body, part.lines());
            bookmarks.add(new Pdf.Bookmark(TEXTS.get("script.part", part.clock(), part.title()), anchor));
        }
        Xhtml.optional(body, TEXTS.get("script.late"), script.late());
        body.append("</div>");
        byte[] made = Pdf.bytes(
                Pdf.text(TEXTS.get("script.title", title), how.paper(), bookmarks, body),
                pictures.register(new DefaultObjectDrawerFactory()));
        Progress.tell(progress, 1);
        return made;
    }

    /** Each with a word for what is done with it, so that it is told by more than its size. */
    private static void lines(StringBuilder body, List<Said> lines) {
        if (lines.isEmpty()) {
            return;
        }
        body.append("<table class=\"said\">");
        for (Said said : lines) {
            body.append("<tr class=\"%s\"><td class=\"kind\">%s</td><td>%s</td></tr>"
                    .formatted(
                            said.kind() == Kind.SAY ? "aloud" : "quietly",
                            Xhtml.escape(TEXTS.get("script.kind." + said.kind())),
                            Xhtml.figures(said.text())));
        }
        body.append("</table>");
    }
}
