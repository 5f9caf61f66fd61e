package wildchalk.picture.export;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.finding.Severity;
import wildchalk.core.motion.Pace;
import wildchalk.core.path.Outcomes;
import wildchalk.core.path.Path;
import wildchalk.core.path.Way;
import wildchalk.core.reps.Turns;
import wildchalk.core.surface.View;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.core.words.CourseWords;
import wildchalk.core.words.FindingWriter;
import wildchalk.core.words.Line;
import wildchalk.core.words.Register;
import wildchalk.core.words.RepLength;
import wildchalk.core.words.StepWords;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.paint.Crop;
import wildchalk.picture.paint.RotationPainter;

/** The words of a sheet, and where its pictures stand among them, as XHTML. */
final class SheetHtml {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    /** More ways than somebody reads one by one: then it is told what decides. */
    private static final int MOST_WAYS = 8;

    private static final double ROTATION_MILLIMETRES = 26;
    private static final double MAP_MILLIMETRES = 30;
    private static final double MOST_MAP_MILLIMETRES = 20;

    private final List<SheetParts.Page> pages;
    private final ExportOptions how;
    private final double width;

    SheetHtml(List<SheetParts.Page> pages, ExportOptions how) {
        this.pages = pages;
        this.how = how;
        this.width = how.paper().textWidthMillimetres();
    }

    /** All pages, each set in its way. */
    String of(List<SheetDensity> densities) throws IOException {
        StringBuilder body = new StringBuilder();
        for (int i = 0; i < pages.size(); i++) {
            page(body, i, densities.get(i));
        }
        return whole(body);
    }

    /** One page alone. */
    String of(int page, SheetDensity density) throws IOException {
        StringBuilder body = new StringBuilder();
        page(body, page, density);
        return whole(body);
    }

    private String whole(StringBuilder body) throws IOException {
        String title = pages.get(0).told().drill().title();
        return Template.of("sheet.html")
                .fill(Map.of(
                        "paper",
                        how.paper().css(),
                        "css-title",
                        cssText(title),
                        "css-note",
                        cssText(TEXTS.get("sheet.note")),
                        "title",
                        escape(title),
                        "body",
                        body));
    }

    private void page(StringBuilder body, int number, SheetDensity density) {
        SheetParts.Page page = pages.get(number);
        Told told = page.told();
        body.append("<div class=\"page\">");
        head(body, told);
        setUp(body, page, number, density);
        if (how.words() != Register.PROBLEM) {
            steps(body, page, number, density);
        } else {
            rest(body, after(page, number));
        }
        body.append("</div>");
    }

    // ---- head ----

    private static void head(StringBuilder body, Told told) {
        Audience audience = told.drill().audience();
        OptionalInt turns = Turns.each(told.path(), told.timeline(), Pace.of(told.drill()), audience.minutes());
        String ages = audience.ages().stream().map(a -> a.label()).collect(Collectors.joining(", "));
        List<String> facts = new ArrayList<>();
        turns.ifPresent(t -> facts.add(TEXTS.get("sheet.turns", t)));
        facts.add(TEXTS.get("sheet.seconds", RepLength.of(told.path(), told.timeline())));
        String suits = told.run().version().course().suits().inWords();
        body.append("<table class=\"head\"><tr><td><h1>%s</h1><p class=\"about\">%s · %s</p></td>"
                .formatted(
                        escape(told.drill().title()),
                        escape(told.run().version().title()),
                        escape(told.drill().surface().title())));
        body.append(
                "<td class=\"facts\"><p><b class=\"large\">%s</b> · %s</p><p class=\"about\">%s%s</p></td></tr></table>"
                        .formatted(
                                escape(TEXTS.get("sheet.minutes", audience.minutes())),
                                escape(String.join(" · ", facts)),
                                escape(TEXTS.get(
                                        "sheet.for",
                                        ages,
                                        audience.players().min(),
                                        audience.players().max(),
                                        audience.players().best())),
                                suits.isEmpty() ? "" : "<br/>" + escape(TEXTS.get("sheet.level", suits))));
    }

    // ---- set-up ----

    private void setUp(StringBuilder body, SheetParts.Page page, int number, SheetDensity density) {
        Told told = page.told();
        double wide = density.setUpMillimetres(width);
        double high = Math.min(wide * aspect(told), 95 * density.heightShare());
        body.append("<table class=\"set-up\"><tr><td style=\"width:%smm\">".formatted(Numbers.fixed(wide + 4, 1)));
        object(body, SheetPictures.SET_UP, number, -1, "sheet.alt.set-up", wide, high);
        section(body, "sheet.gear", paragraph(String.join(" · ", told.talk().gear())));
        if (density.legend() && how.words() != Register.PROBLEM) {
            object(
                    body,
                    SheetPictures.LEGEND,
                    number,
                    -1,
                    "sheet.legend",
                    wide,
                    SheetPictures.legendMillimetres(told, wide));
        }
        body.append("</td><td>");
        if (SheetPictures.needsMap(page, aspect(told))) {
            double mapHigh = Math.min(MOST_MAP_MILLIMETRES, MAP_MILLIMETRES * mapAspect(told));
            object(body, SheetPictures.MAP, number, -1, "sheet.alt.map", mapHigh / mapAspect(told), mapHigh);
        }
        if (how.words() == Register.PROBLEM) {
            section(body, "sheet.problem", list(told.problem()));
        }
        boolean version = page.marks().isPresent();
        if (version) {
            section(body, "sheet.changes", list(told.talk().changes()));
        }
        if (how.words() != Register.SHORT && !version) {
            List<String> lines = told.talk().setUp();
            section(body, "sheet.set-up", density.running() ? paragraph(String.join(" ", lines)) : list(lines));
        }
        body.append("</td></tr></table>");
    }

    private static double aspect(Told told) {
        return Crop.aspect(told.drill().surfaceUse(), told.path());
    }

    private static double mapAspect(Told told) {
        View whole = told.drill().surface().wholeView();
        double aspect = whole.height() / whole.width();
        return told.drill().surfaceUse().standing() ? 1 / aspect : aspect;
    }

    // ---- steps ----

    /** Pictures side by side; what follows fills the last row, and goes on below. */
    private void steps(StringBuilder body, SheetParts.Page page, int number, SheetDensity density) {
        List<String> after = after(page, number);
        int n = page.shots().size();
        int columns = density.columns();
        double wide = density.stepMillimetres(width);
        double high = Math.min(wide * aspect(page.told()), 75) * density.heightShare();
        int cells = (n + columns - 1) / columns * columns;
        // a table keeps the pictures in the order in which they are read; floats are painted before all other text
        StringBuilder rows = new StringBuilder();
        for (int i = 0; i < cells; i++) {
            rows.append(i % columns == 0 ? "<tr>" : "");
            rows.append("<td style=\"width:%s%%\">".formatted(Numbers.fixed(100.0 / columns, 2)));
            if (i < n) {
                object(rows, SheetPictures.STEP, number, i, "sheet.alt", wide, high);
                words(rows, page.shots().get(i));
            } else if (i - n < after.size()) {
                rows.append(after.get(i - n));
            }
            rows.append(i % columns == columns - 1 ? "</td></tr>" : "</td>");
        }
        if (n > 0) {
            body.append("<table class=\"steps\">").append(rows).append("</table>");
        }
        rest(body, after.subList(Math.min(after.size(), cells - n), after.size()));
    }

    private void words(StringBuilder body, SheetParts.Shot shot) {
        StepWords words = shot.words();
        String numbers = words.numbers().isEmpty() ? "" : " · " + words.numbers();
        body.append("<p class=\"caption\"><b>%s</b> <span>%s%s</span></p>"
                .formatted(escape(words.title()), escape(words.span()), escape(numbers)));
        String told = how.words() == Register.SHORT
                ? words.brief()
                : words.lines().stream().map(Line::text).collect(Collectors.joining(" "));
        body.append("<p>").append(bold(told, shot.told().path())).append("</p>");
        for (String point : words.points()) {
            body.append("<p class=\"point\">").append(escape(point)).append("</p>");
        }
        words.question()
                .ifPresent(q -> body.append("<p class=\"point\">? ")
                        .append(escape(q.ask() + (q.answer().isEmpty() ? "" : " – " + q.answer())))
                        .append("</p>"));
    }

    /** With the labels of players in bold, so that everybody finds his own. */
    private static String bold(String text, Path path) {
        String labels = path.roles().stream()
                .map(Role::label)
                .sorted(Comparator.comparingInt(String::length).reversed())
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        return labels.isEmpty()
                ? escape(text)
                : marked(text, Pattern.compile("(?<!\\w)(?:" + labels + ")(?!\\w)" + STOP), "<b>%s</b>");
    }

    /** What follows on a word stays on its line. */
    private static final String STOP = "[.,:;!?]?";

    /** A figure on one line with its unit. */
    private static String figures(String text) {
        return marked(text, MEASURE, "<span class=\"figure\">%s</span>");
    }

    private static final Pattern MEASURE = Pattern.compile("\\b\\d+(?:\\.\\d+)? (?:m|yd|ft|s)\\b" + STOP);

    /** Each piece is an element of its own: what stands outside all elements of a line is painted first, and read first. */
    private static String marked(String text, Pattern what, String as) {
        StringBuilder html = new StringBuilder();
        Matcher matcher = what.matcher(text);
        int end = 0;
        while (matcher.find()) {
            html.append(
                    matcher.start() > end ? "<span>" + escape(text.substring(end, matcher.start())) + "</span>" : "");
            html.append(as.formatted(escape(matcher.group())));
            end = matcher.end();
        }
        return end == 0
                ? escape(text)
                : html.append(end < text.length() ? "<span>" + escape(text.substring(end)) + "</span>" : "")
                        .toString();
    }

    // ---- what follows ----

    /** Two columns, or one. */
    private static void rest(StringBuilder body, List<String> cells) {
        if (!cells.isEmpty()) {
            body.append("<table class=\"rest\"><tr>");
            for (int i = 0; i < 2; i++) {
                body.append("<td style=\"width:50%\">")
                        .append(i < cells.size() ? cells.get(i) : "")
                        .append("</td>");
            }
            body.append("</tr></table>");
        }
    }

    /** What is told after the steps, in at most two columns. */
    private List<String> after(SheetParts.Page page, int number) {
        Told told = page.told();
        boolean problem = how.words() == Register.PROBLEM;
        StringBuilder left = new StringBuilder();
        StringBuilder right = new StringBuilder();
        if (!told.talk().rotation().isEmpty()) {
            section(
                    left,
                    "sheet.rotation",
                    paragraph(String.join(" ", told.talk().rotation())));
            if (RotationPainter.hasSomething(told.path())) {
                object(left, SheetPictures.ROTATION, number, -1, "sheet.alt.rotation", 58, ROTATION_MILLIMETRES);
            }
        }
        if (!problem) {
            ways(left, told);
            optional(right, "sheet.rules", told.talk().rules());
        }
        optional(right, "sheet.cautions", told.talk().cautions());
        if (how.versions() == Reach.ONE && page.marks().isEmpty()) {
            versions(right, told);
        }
        if (number == 0 && how.words() == Register.ALOUD) {
            if (!told.drill().notes().isEmpty()) {
                section(right, "sheet.notes", paragraph(told.drill().notes()));
            }
            FindingWriter writer = told.findingWriter();
            optional(
                    left,
                    "sheet.findings",
                    told.findings().stream()
                            .filter(f -> f.severity() != Severity.NOTE) // notes are for whoever draws
                            .map(f -> writer.message(f) + " " + writer.remedy(f))
                            .toList());
        }
        return Stream.of(left, right)
                .filter(b -> b.length() > 0)
                .map(StringBuilder::toString)
                .toList();
    }

    /** The ways it can go; where they are too many, what decides and how it can end. */
    private void ways(StringBuilder body, Told told) {
        Progression version = told.run().version();
        if (how.ways() == Reach.ONE || !Outcomes.areMany(version)) {
            return;
        }
        List<Way> all = Outcomes.areMoreThan(version, MOST_WAYS) ? List.of() : Outcomes.ways(version);
        List<String> lines = all.stream()
                .map(w -> TEXTS.get("sheet.path", w.label(), Numbers.brief(100 * w.chance(), 0)))
                .toList();
        if (lines.isEmpty()) {
            lines = version.course().forks().stream()
                    .map(SheetHtml::fork)
                    .distinct()
                    .toList();
        }
        optional(body, "sheet.paths", lines);
    }

    private static String fork(Fork fork) {
        return CourseWords.question(fork.by()) + " "
                + fork.branches().stream().map(b -> b.label()).collect(Collectors.joining(" · "));
    }

    /** What other versions there are, where they have no pages of their own. */
    private static void versions(StringBuilder body, Told told) {
        List<String> lines = told.drill().progressions().stream()
                .filter(p -> !p.equals(told.run().version()))
                .map(p -> p.title() + ": " + told.changesOf(p).stream().limit(2).collect(Collectors.joining(" ")))
                .toList();
        optional(body, "sheet.versions", lines);
    }

    // ---- pieces ----

    private void object(StringBuilder body, String kind, int page, int shot, String alt, double wide, double high) {
        String title = shot < 0 ? "" : pages.get(page).shots().get(shot).words().title();
        body.append(
                "<object type=\"%s\" data-page=\"%d\" data-shot=\"%s\" alt=\"%s\" style=\"width:%smm;height:%smm\"></object>"
                        .formatted(
                                kind,
                                page,
                                shot < 0 ? "" : String.valueOf(shot),
                                escape(TEXTS.get(alt, title)),
                                Numbers.fixed(wide, 1),
                                Numbers.fixed(high, 1)));
    }

    private static void optional(StringBuilder body, String title, List<String> lines) {
        if (!lines.isEmpty()) {
            section(body, title, list(lines));
        }
    }

    private static void section(StringBuilder body, String title, String content) {
        body.append("<h2>").append(escape(TEXTS.get(title))).append("</h2>").append(content);
    }

    private static String paragraph(String text) {
        return "<p>" + figures(capital(text)).replace("\n", "<br/>") + "</p>";
    }

    private static String list(List<String> lines) {
        StringBuilder html = new StringBuilder("<ul>");
        lines.forEach(l -> html.append("<li>").append(figures(capital(l))).append("</li>"));
        return html.append("</ul>").toString();
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
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
