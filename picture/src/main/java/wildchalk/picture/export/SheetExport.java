package wildchalk.picture.export;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import com.openhtmltopdf.util.XRLog;
import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Audience;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.core.words.FindingWriter;
import wildchalk.core.words.Sentence;
import wildchalk.core.words.StepWords;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.paint.Extra;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** One drill as a PDF sheet: vectors, and text that can be selected and searched. */
public final class SheetExport {

    /** Paper sizes. */
    public enum Paper {
        A4("A4", "210mm 297mm", 186),
        LETTER("Letter", "8.5in 11in", 191.9);

        private final String title;
        private final String css;
        private final double textWidthMillimetres;

        Paper(String title, String css, double textWidthMillimetres) {
            this.title = title;
            this.css = css;
            this.textWidthMillimetres = textWidthMillimetres;
        }

        public String title() {
            return title;
        }
    }

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    /** Two diagrams side by side leave this share of the text width to each. */
    private static final double PAIR = 0.49;

    /** Marks on paper: bodies of 5 mm, so that labels can be read at arm's length. */
    private static final double MARK_PIXELS = 0.8;

    private static final double LEGEND_MILLIMETRES = 16;
    /** More ways than a sheet should list. */
    private static final int MOST_WAYS = 12;

    private SheetExport() {}

    public static byte[] of(Told told, ExportOptions how, Progress progress) throws IOException {
        Progress.tell(progress, 0);
        XRLog.setLoggingEnabled(false);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        font(builder, Fonts.REGULAR_FILE, 400, BaseRendererBuilder.FontStyle.NORMAL);
        font(builder, Fonts.BOLD_FILE, 700, BaseRendererBuilder.FontStyle.NORMAL);
        font(builder, Fonts.ITALIC_FILE, 400, BaseRendererBuilder.FontStyle.ITALIC);
        DefaultObjectDrawerFactory drawers = new DefaultObjectDrawerFactory();
        List<SheetParts.Part> parts = new ArrayList<>(SheetParts.ofVersion(told, how.ways()));
        int own = parts.size();
        if (how.versions() == Reach.ALL) {
            parts.addAll(SheetParts.otherVersions(told));
        }
        drawers.registerDrawer("wildchalk/diagram", diagramDrawer(parts, progress));
        drawers.registerDrawer("wildchalk/legend", legendDrawer(told));
        builder.useObjectDrawerFactory(drawers);
        builder.withProducer("Wild Chalk");
        builder.usePdfUaAccessibility(true);
        builder.withHtmlContent(html(told, how, parts, own), null);
        builder.toStream(out);
        Progress.tell(progress, 0.2);
        builder.run();
        Progress.tell(progress, 1);
        return out.toByteArray();
    }

    private static void font(PdfRendererBuilder builder, String file, int weight, BaseRendererBuilder.FontStyle style) {
        builder.useFont(() -> Fonts.open(file), Fonts.FAMILY, weight, style, true);
    }

    private static FSObjectDrawer diagramDrawer(List<SheetParts.Part> parts, Progress progress) {
        double diagrams =
                parts.stream().mapToInt(p -> p.told().path().steps().size()).sum();
        int[] drawn = {0};
        return (element, x, y, width, height, output, context, dotsPerPixel) -> {
            Progress.tell(progress, 0.2 + 0.75 * drawn[0]++ / diagrams);
            int step = Integer.parseInt(element.getAttribute("data-step"));
            SheetParts.Part part = parts.get(Integer.parseInt(element.getAttribute("data-part")));
            Told told = part.told();
            output.drawWithGraphics(
                    (float) x, (float) y, (float) width / dotsPerPixel, (float) height / dotsPerPixel, g -> {
                        double w = width / dotsPerPixel;
                        double h = height / dotsPerPixel;
                        Viewport v = Viewport.fitting(told.drill().surfaceUse(), w, h)
                                .withUnit(MARK_PIXELS);
                        g.clip(new Rectangle2D.Double(0, 0, w, h));
                        new Painter(Ground.PAPER, told.reader().code())
                                .paint(
                                        (Graphics2D) g,
                                        Frame.ofStep(told.drill(), told.path(), told.timeline(), step)
                                                .with(Extra.NONE.withChanges(part.marks())),
                                        v);
                    });
            return null;
        };
    }

    private static FSObjectDrawer legendDrawer(Told told) {
        return (element, x, y, width, height, output, context, dotsPerPixel) -> {
            output.drawWithGraphics(
                    (float) x,
                    (float) y,
                    (float) width / dotsPerPixel,
                    (float) height / dotsPerPixel,
                    g -> told.legend()
                            .paint(
                                    (Graphics2D) g,
                                    Ground.PAPER,
                                    0,
                                    0,
                                    width / dotsPerPixel,
                                    0.78,
                                    told.drill().surface().ballName()));
            return null;
        };
    }

    // ---- the text ----

    private static String html(Told told, ExportOptions how, List<SheetParts.Part> parts, int own) throws IOException {
        Paper paper = how.paper();
        StringBuilder body = new StringBuilder();
        body.append("<h1>").append(escape(told.drill().title())).append("</h1>");
        body.append("<p class=\"about\">").append(escape(about(told))).append("</p>");
        suits(body, told);
        diagrams(body, parts.get(0), 0, paper);
        body.append(
                "<object type=\"wildchalk/legend\" class=\"legend\" alt=\"%s\" style=\"width:%smm;height:%smm\"></object>"
                        .formatted(escape(TEXTS.get("sheet.legend")), paper.textWidthMillimetres, LEGEND_MILLIMETRES));
        section(body, "sheet.talk", talk(told, parts.get(0).steps()));
        if (how.ways() == Reach.ALL) {
            ways(body, told, parts, own, paper);
        }
        optional(body, "sheet.rules", told.talk().rules());
        optional(body, "sheet.rotation", told.talk().rotation());
        optional(body, "sheet.cautions", told.talk().cautions());
        optional(body, "sheet.changes", told.talk().changes());
        section(body, "sheet.gear", list(told.talk().gear()));
        section(body, "sheet.set-up", list(told.talk().setUp()));
        if (!told.drill().notes().isEmpty()) {
            section(body, "sheet.notes", "<p>" + escape(told.drill().notes()) + "</p>");
        }
        FindingWriter writer = told.findingWriter();
        List<String> findings = told.findings().stream()
                .map(f -> writer.message(f) + " " + writer.remedy(f))
                .toList();
        if (!findings.isEmpty()) {
            section(body, "sheet.findings", list(findings));
        }
        versions(body, parts, own, paper);
        body.append("<p class=\"note\">")
                .append(escape(TEXTS.get(
                        "sheet.figures", told.drill().audience().paceBand().label())))
                .append("</p>");
        return Template.of("sheet.html")
                .fill(Map.of(
                        "paper",
                        paper.css,
                        "css-title",
                        cssText(told.drill().title()),
                        "title",
                        escape(told.drill().title()),
                        "body",
                        body));
    }

    private static String about(Told told) {
        Audience.HeadCount players = told.drill().audience().players();
        String ages = String.join(
                ", ",
                told.drill().audience().ages().stream().map(a -> a.label()).toList());
        return told.path().title() + " · " + told.drill().surface().title() + " · "
                + TEXTS.get("sheet.for", ages, players.min(), players.max(), players.best()) + " · "
                + TEXTS.get("sheet.seconds", Numbers.fixed(told.timeline().seconds(), 1));
    }

    /** The ways it can go, and pictures and words of the steps that are not on the one shown first. */
    private static void ways(StringBuilder body, Told told, List<SheetParts.Part> parts, int own, Paper paper) {
        if (!Outcomes.areMany(told.run().version())) {
            return;
        }
        List<Way> all = Outcomes.ways(told.run().version());
        List<String> lines = all.stream()
                .limit(MOST_WAYS)
                .map(w -> TEXTS.get(
                        "sheet.path",
                        w.label(),
                        Numbers.brief(100 * w.chance(), 0),
                        Numbers.fixed(
                                Timeline.of(told.drill(), Path.of(told.run().version(), w.choices()))
                                        .seconds(),
                                1)))
                .toList();
        section(body, "sheet.paths", list(lines));
        for (int i = 1; i < own; i++) {
            diagrams(body, parts.get(i), i, paper);
            body.append(talk(parts.get(i).told(), parts.get(i).steps()));
        }
    }

    private static void versions(StringBuilder body, List<SheetParts.Part> parts, int own, Paper paper) {
        for (int i = own; i < parts.size(); i++) {
            SheetParts.Part part = parts.get(i);
            body.append("<h2>")
                    .append(escape(TEXTS.get(
                            "sheet.version", part.told().run().version().title())))
                    .append("</h2>");
            suits(body, part.told());
            List<String> changes = SheetParts.changes(part);
            if (!changes.isEmpty()) {
                body.append(list(changes));
            }
            diagrams(body, part, i, paper);
        }
    }

    /** Whom the version is for, where it says so. */
    private static void suits(StringBuilder body, Told told) {
        String suits = told.run().version().course().suits().inWords();
        if (!suits.isEmpty()) {
            body.append("<p>").append(escape(TEXTS.get("sheet.level", suits))).append("</p>");
        }
    }

    private static void optional(StringBuilder body, String title, List<String> lines) {
        if (!lines.isEmpty()) {
            section(body, title, list(lines));
        }
    }

    private static void diagrams(StringBuilder body, SheetParts.Part part, int number, Paper paper) {
        Told told = part.told();
        int steps = part.steps().size();
        if (steps == 0) {
            return;
        }
        boolean pairs = steps > 1 || number > 0;
        double width = paper.textWidthMillimetres * (pairs ? PAIR : 1);
        double aspect = Viewport.aspect(told.drill().surfaceUse());
        double height = Math.min(width * aspect, 95);
        // a table keeps the pictures in the order in which they are read; floats are painted before all other text
        body.append("<table class=\"diagrams\">");
        for (int s = 0; s < steps; s++) {
            int step = part.steps().get(s);
            StepWords words = told.talk().steps().get(step);
            String title = words.title();
            body.append(s % 2 == 0 || !pairs ? "<tr>" : "");
            body.append(
                    "<td><object type=\"wildchalk/diagram\" data-part=\"%d\" data-step=\"%d\" alt=\"%s\" style=\"width:%smm;height:%smm\"></object><p class=\"caption\">%s</p></td>"
                            .formatted(
                                    number,
                                    step,
                                    escape(TEXTS.get("sheet.alt", title)),
                                    Numbers.fixed(width, 1),
                                    Numbers.fixed(height, 1),
                                    escape(caption(words))));
            body.append(s % 2 == 1 || !pairs || s + 1 == steps ? "</tr>" : "");
        }
        body.append("</table>");
    }

    private static String caption(StepWords words) {
        String numbers = words.numbers().isEmpty() ? "" : " · " + words.numbers();
        return words.title() + " · " + words.span() + numbers;
    }

    private static void section(StringBuilder body, String title, String content) {
        body.append("<h2>").append(escape(TEXTS.get(title))).append("</h2>").append(content);
    }

    private static String list(List<String> lines) {
        StringBuilder html = new StringBuilder("<ul>");
        lines.forEach(l -> html.append("<li>").append(escape(capital(l))).append("</li>"));
        return html.append("</ul>").toString();
    }

    private static String talk(Told told, List<Integer> steps) {
        StringBuilder html = new StringBuilder();
        for (int index : steps) {
            StepWords step = told.talk().steps().get(index);
            html.append("<div class=\"step\"><h3>%s <span>%s</span></h3>"
                    .formatted(escape(step.title()), escape(step.span())));
            html.append("<table>");
            for (Sentence s : step.sentences()) {
                html.append("<tr><td class=\"letter\">%s</td><td>%s <span>%s</span></td></tr>"
                        .formatted(s.letter(), escape(s.text()), escape(s.measure())));
            }
            html.append("</table>");
            for (String point : step.points()) {
                html.append("<p class=\"point\">").append(escape(point)).append("</p>");
            }
            step.question()
                    .ifPresent(q -> html.append("<p class=\"point\">? ")
                            .append(escape(q.ask() + "  –  " + q.answer()))
                            .append("</p>"));
            html.append("</div>");
        }
        return html.toString();
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** Text as XHTML may hold it. */
    private static String escape(String text) {
        return PageExport.escape(text).replace("\u00A0", " ");
    }

    /** Text as it may stand in a quoted CSS string inside XHTML: all but letters and digits by their numbers. */
    private static String cssText(String text) {
        StringBuilder css = new StringBuilder();
        text.codePoints().forEach(c -> {
            if (Character.isLetterOrDigit(c) && c < 128) {
                css.appendCodePoint(c);
            } else {
                css.append('\\').append(Integer.toHexString(c)).append(' ');
            }
        });
        return css.toString();
    }
}
