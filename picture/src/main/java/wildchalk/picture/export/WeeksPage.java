package wildchalk.picture.export;

import java.awt.Dimension;
import java.awt.Graphics2D;
import java.io.IOException;
import java.util.List;
import java.util.function.Consumer;
import org.apache.batik.svggen.SVGGraphics2D;
import wildchalk.core.season.Practice;
import wildchalk.core.season.Weeks;
import wildchalk.core.text.Texts;
import wildchalk.core.words.WeeksWriter;
import wildchalk.picture.paint.WeeksPainter;
import wildchalk.picture.style.Ground;

/** What weeks came to as one page for the staff: opens anywhere, calls nobody, prints. */
public final class WeeksPage {

    private static final int WIDTH = 720;

    private WeeksPage() {}

    public static String html(String title, Weeks weeks, WeeksWriter words) throws IOException {
        StringBuilder out = new StringBuilder();
        out.append("<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\">")
                .append("<meta http-equiv=\"Content-Security-Policy\" content=\"default-src 'none'; ")
                .append("style-src 'unsafe-inline'; font-src data:\">")
                .append("<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\"><title>")
                .append(Xhtml.escape(title))
                .append("</title><style>")
                .append(FontFaces.css())
                .append("body{font-family:'Atkinson Hyperlegible',sans-serif;color:#1d2b33;background:#fff;")
                .append("max-width:760px;margin:24px auto;padding:0 16px;line-height:1.45}")
                .append("table{border-collapse:collapse;width:100%}td,th{text-align:right;padding:3px 8px;")
                .append("border-bottom:1px solid #c9c9c2}td:first-child,th:first-child{text-align:left}")
                .append("h1{font-size:1.6em}h2{font-size:1.2em;margin-top:1.6em;break-after:avoid}")
                .append("svg{width:100%;height:auto}ul{padding-left:1.2em}.under{margin-left:1.4em}")
                .append(".quiet{color:#52616a}section{break-inside:avoid}</style></head><body><h1>")
                .append(Xhtml.escape(title))
                .append("</h1>");
        words.sums().forEach(l -> paragraph(out, l));
        if (!weeks.hints().isEmpty()) {
            head(out, "weeks.page.hints");
            out.append("<ul>");
            weeks.hints()
                    .forEach(h -> out.append("<li>")
                            .append(Xhtml.escape(words.hint(h)))
                            .append("</li>"));
            out.append("</ul>");
        }
        WeeksPainter painter = new WeeksPainter(Ground.PRINT);
        if (!weeks.themes().isEmpty()) {
            head(out, "weeks.page.themes");
            svg(out, painter.themesHeight(weeks), g -> painter.themes(g, weeks, WIDTH));
        }
        if (!weeks.shares().isEmpty()) {
            head(out, "weeks.page.players");
            svg(out, painter.playersHeight(weeks), g -> painter.players(g, weeks, words::name, WIDTH));
            table(out, weeks, words);
        }
        lines(out, "weeks.page.scores", words.scores());
        lines(out, "weeks.page.paces", words.paces());
        head(out, "weeks.page.sessions");
        List<Practice> practices = weeks.practices();
        for (int i = practices.size() - 1; i >= 0; i--) {
            Practice p = practices.get(i);
            out.append("<section><h3>")
                    .append(Xhtml.escape(
                            p.planned().date() + " · " + p.planned().title()))
                    .append("</h3>");
            words.practice(p).forEach(l -> paragraph(out, l));
            out.append("</section>");
        }
        out.append("</body></html>\n");
        return out.toString();
    }

    private static void table(StringBuilder out, Weeks weeks, WeeksWriter words) {
        out.append("<table><tr>");
        WeeksWriter.heads()
                .forEach(h -> out.append("<th>").append(Xhtml.escape(h)).append("</th>"));
        out.append("</tr>");
        weeks.shares().forEach(s -> {
            out.append("<tr>");
            words.row(s).forEach(c -> out.append("<td>").append(Xhtml.escape(c)).append("</td>"));
            out.append("</tr>");
        });
        out.append("</table>");
        out.append("<p class=\"quiet\">")
                .append(Xhtml.escape(Texts.CORE.get("plan.model")))
                .append("</p>");
    }

    private static void lines(StringBuilder out, String key, List<String> said) {
        if (!said.isEmpty()) {
            head(out, key);
            said.forEach(l -> paragraph(out, l));
        }
    }

    private static void head(StringBuilder out, String key) {
        out.append("<h2>").append(Xhtml.escape(Texts.CORE.get(key))).append("</h2>");
    }

    private static void paragraph(StringBuilder out, String line) {
        out.append(line.startsWith(" ") ? "<div class=\"under\">" : "<div>")
                .append(Xhtml.escape(line.strip()))
                .append("</div>");
    }

    private static void svg(StringBuilder out, double height, Consumer<Graphics2D> paint) throws IOException {
        SvgParts parts = new SvgParts();
        SVGGraphics2D g = parts.graphics();
        int high = (int) Math.ceil(height);
        g.setSVGCanvasSize(new Dimension(WIDTH, high));
        paint.accept(g);
        var root = g.getRoot();
        root.setAttribute("viewBox", "0 0 " + WIDTH + " " + high);
        out.append(SvgParts.text(g, root));
    }
}
