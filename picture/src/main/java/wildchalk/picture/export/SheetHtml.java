package wildchalk.picture.export;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
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
    private final List<String> heads;
    private final ExportOptions how;
    private final double width;

    /** @param heads what stands above each page; nothing where it is empty */
    SheetHtml(List<SheetParts.Page> pages, List<String> heads, ExportOptions how) {
        this.pages = pages;
        this.heads = heads;
        this.how = how;
        this.width = how.paper().textWidthMillimetres();
    }

    /** All pages, each set in its way. */
    String of(List<SheetDensity> densities) {
        StringBuilder body = new StringBuilder();
        for (int i = 0; i < pages.size(); i++) {
            page(body, i, densities.get(i));
        }
        return body.toString();
    }

    /** A text of one page alone. */
    String of(int page, SheetDensity density) throws IOException {
        StringBuilder body = new StringBuilder();
        page(body, page, density);
        return Pdf.text(name(page), how.paper(), List.of(), body);
    }

    /** What a page is called: its drill, and its version where there are several. */
    String name(int page) {
        Told told = pages.get(page).told();
        return told.drill().progressions().size() == 1
                ? told.drill().title()
                : told.drill().title() + " · " + told.run().version().title();
    }

    /** Where a page begins. */
    static String anchor(int page) {
        return "drill-" + page;
    }

    private void page(StringBuilder body, int number, SheetDensity density) {
        SheetParts.Page page = pages.get(number);
        Told told = page.told();
        body.append("<div class=\"page\" id=\"%s\">".formatted(anchor(number)));
        if (!heads.get(number).isEmpty()) {
            body.append("<p class=\"above\">")
                    .append(Xhtml.escape(heads.get(number)))
                    .append("</p>");
        }
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
                        Xhtml.escape(told.drill().title()),
                        Xhtml.escape(told.run().version().title()),
                        Xhtml.escape(told.drill().surface().title())));
        body.append(
                "<td class=\"facts\"><p><b class=\"large\">%s</b> · %s</p><p class=\"about\">%s%s</p></td></tr></table>"
                        .formatted(
                                Xhtml.escape(TEXTS.get("sheet.minutes", audience.minutes())),
                                Xhtml.escape(String.join(" · ", facts)),
                                Xhtml.escape(TEXTS.get(
                                        "sheet.for",
                                        ages,
                                        audience.players().min(),
                                        audience.players().max(),
                                        audience.players().best())),
                                suits.isEmpty() ? "" : "<br/>" + Xhtml.escape(TEXTS.get("sheet.level", suits))));
    }

    // ---- set-up ----

    private void setUp(StringBuilder body, SheetParts.Page page, int number, SheetDensity density) {
        Told told = page.told();
        double wide = density.setUpMillimetres(width);
        double high = Math.min(wide * aspect(told), 95 * density.heightShare());
        body.append("<table class=\"set-up\"><tr><td style=\"width:%smm\">".formatted(Numbers.fixed(wide + 4, 1)));
        object(body, SheetPictures.SET_UP, number, -1, "sheet.alt.set-up", wide, high);
        Xhtml.section(
                body,
                TEXTS.get("sheet.gear"),
                Xhtml.paragraph(String.join(" · ", told.talk().gear())));
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
            Xhtml.section(body, TEXTS.get("sheet.problem"), Xhtml.list(told.problem()));
        }
        boolean version = page.marks().isPresent();
        if (version) {
            Xhtml.section(
                    body, TEXTS.get("sheet.changes"), Xhtml.list(told.talk().changes()));
        }
        if (how.words() != Register.SHORT && !version) {
            List<String> lines = told.talk().setUp();
            Xhtml.section(
                    body,
                    TEXTS.get("sheet.set-up"),
                    density.running() ? Xhtml.paragraph(String.join(" ", lines)) : Xhtml.list(lines));
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
                .formatted(Xhtml.escape(words.title()), Xhtml.escape(words.span()), Xhtml.escape(numbers)));
        String told = how.words() == Register.SHORT
                ? words.brief()
                : words.lines().stream().map(Line::text).collect(Collectors.joining(" "));
        body.append("<p>").append(Xhtml.bold(told, labels(shot.told().path()))).append("</p>");
        for (String point : words.points()) {
            body.append("<p class=\"point\">").append(Xhtml.escape(point)).append("</p>");
        }
        words.question()
                .ifPresent(q -> body.append("<p class=\"point\">? ")
                        .append(Xhtml.escape(q.ask() + (q.answer().isEmpty() ? "" : " – " + q.answer())))
                        .append("</p>"));
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
            Xhtml.section(
                    left,
                    TEXTS.get("sheet.rotation"),
                    Xhtml.paragraph(String.join(" ", told.talk().rotation())));
            if (RotationPainter.hasSomething(told.path())) {
                object(left, SheetPictures.ROTATION, number, -1, "sheet.alt.rotation", 58, ROTATION_MILLIMETRES);
            }
        }
        if (!problem) {
            ways(left, told);
            Xhtml.optional(right, TEXTS.get("sheet.rules"), told.talk().rules());
        }
        Xhtml.optional(right, TEXTS.get("sheet.cautions"), told.talk().cautions());
        if (how.versions() == Reach.ONE && page.marks().isEmpty()) {
            versions(right, told);
        }
        boolean first = number == 0 || !pages.get(number - 1).told().drill().equals(told.drill());
        if (first && how.words() == Register.ALOUD) {
            if (!told.drill().notes().isEmpty()) {
                Xhtml.section(
                        right,
                        TEXTS.get("sheet.notes"),
                        Xhtml.paragraph(told.drill().notes()));
            }
            FindingWriter writer = told.findingWriter();
            Xhtml.optional(
                    left,
                    TEXTS.get("sheet.findings"),
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
        Xhtml.optional(body, TEXTS.get("sheet.paths"), lines);
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
        Xhtml.optional(body, TEXTS.get("sheet.versions"), lines);
    }

    // ---- pieces ----

    private void object(StringBuilder body, String kind, int page, int shot, String alt, double wide, double high) {
        String title = shot < 0 ? "" : pages.get(page).shots().get(shot).words().title();
        body.append(Xhtml.object(
                kind,
                TEXTS.get(alt, title),
                wide,
                high,
                "page",
                String.valueOf(page),
                "shot",
                shot < 0 ? "" : String.valueOf(shot)));
    }

    private static List<String> labels(Path path) {
        return path.roles().stream().map(Role::label).toList();
    }
}
