package wildchalk.picture.handout;

import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import java.io.IOException;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import wildchalk.core.handout.Hour;
import wildchalk.core.handout.Post;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Coach;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.What;
import wildchalk.core.squad.Group;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.core.words.PlanWriter;
import wildchalk.core.words.Register;
import wildchalk.picture.export.DrillPages;
import wildchalk.picture.export.ExportOptions;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.export.Paper;
import wildchalk.picture.export.Pdf;
import wildchalk.picture.export.SideBySide;
import wildchalk.picture.export.Xhtml;
import wildchalk.picture.style.Ground;

/** A session on one side of paper: the hour, who is where and what to say, groups, what to bring; behind it a drill a page. */
final class HourSheet {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);
    private static final double RIBBON_MILLIMETRES = 24;

    /**
     * How tightly it is set; the first at which it comes on one side.
     *
     * @param floorMillimetres how wide the floor of a block is; none where it is 0
     * @param points how many of the coach's points stand under each drill
     */
    private record Density(double floorMillimetres, int points) {
        static final List<Density> ALL = List.of(
                new Density(56, 6),
                new Density(46, 4),
                new Density(40, 3),
                new Density(34, 2),
                new Density(28, 1),
                new Density(24, 0));
    }

    private final HourTold told;
    private final Hour hour;
    private final Session session;
    private final PlanWriter writer;
    private final Paper paper;
    private final HourPictures pictures;

    private HourSheet(HourTold told, Paper paper) {
        this.told = told;
        this.hour = told.hour();
        this.session = hour.session();
        this.writer = hour.writer();
        this.paper = paper;
        this.pictures = new HourPictures(told);
    }

    static byte[] of(HourTold told, HandoutOptions how, Progress progress) throws IOException {
        return new HourSheet(told, how.paper()).made(progress);
    }

    private byte[] made(Progress progress) throws IOException {
        Progress.tell(progress, 0);
        List<Pdf.Bookmark> bookmarks = new ArrayList<>();
        bookmarks.add(new Pdf.Bookmark(session.title(), "hour"));
        List<Post> posts = told.firsts();
        byte[] made;
        if (posts.isEmpty()) {
            made = Pdf.bytes(
                    Pdf.text(session.title(), paper, bookmarks, first()),
                    pictures.register(new DefaultObjectDrawerFactory()));
        } else {
            DrillPages pages = DrillPages.of(
                    posts.stream().map(told::told).toList(),
                    posts.stream().map(this::above).toList(),
                    new ExportOptions(
                            Ground.PRINT,
                            0,
                            paper,
                            0,
                            Reach.ONE,
                            Reach.ALL,
                            Register.ALOUD,
                            ExportOptions.Shown.ONCE,
                            Set.of()),
                    progress);
            bookmarks.addAll(pages.bookmarks());
            List<String> both = SideBySide.each(2, i -> i == 0 ? first() : pages.body(), done -> {});
            made = Pdf.bytes(
                    Pdf.text(session.title(), paper, bookmarks, String.join("", both)),
                    pictures.register(pages.drawers()));
        }
        Progress.tell(progress, 1);
        return made;
    }

    /** What stands above a drill's page: when it is run, where, and by whom; every time that it is. */
    private String above(Post first) {
        List<String> said = new ArrayList<>();
        for (Post post : hour.posts()) {
            if (post.which().equals(first.which())) {
                String when = TEXTS.get(
                        "hour.above",
                        writer.clock(post.from()),
                        writer.clock(post.to()),
                        PlanWriter.title(post.slot().block()));
                said.add(post.coach()
                        .flatMap(session::coach)
                        .map(c -> TEXTS.get("hour.above.with", when, c.name()))
                        .orElse(when));
            }
        }
        return String.join(" · ", said);
    }

    // ---- the first side ----

    private String first() throws IOException {
        String body = "";
        for (Density density : Density.ALL) {
            body = page(density);
            if (Pdf.sides(
                            Pdf.text(session.title(), paper, List.of(), body),
                            pictures.register(new DefaultObjectDrawerFactory()))
                    == 1) {
                return body;
            }
        }
        return body;
    }

    private String page(Density density) {
        StringBuilder body = new StringBuilder("<div class=\"page\" id=\"hour\">");
        head(body);
        body.append(pictures.ribbon(
                TEXTS.get("hour.alt.ribbon", String.join(" ", writer.timetable())),
                paper.textWidthMillimetres(),
                RIBBON_MILLIMETRES));
        table(body, density);
        after(body);
        return body.append("</div>").toString();
    }

    private void head(StringBuilder body) {
        String when = TEXTS.get(
                "hour.when", DAY.format(session.date()), writer.clock(0), writer.clock(60.0 * session.minutes()));
        List<String> facts = new ArrayList<>();
        int people = hour.plan().present().size();
        facts.add(TEXTS.get(people == 1 ? "hour.player" : "hour.players", people));
        String coaches =
                String.join(", ", session.coaches().stream().map(Coach::name).toList());
        body.append("<table class=\"head\"><tr><td><h1>%s</h1><p class=\"about\">%s · %s</p></td>"
                .formatted(
                        Xhtml.escape(session.title()),
                        Xhtml.escape(when),
                        Xhtml.escape(session.floor().surface().title())));
        body.append("<td class=\"facts\"><p><b class=\"large\">%s</b></p><p class=\"about\">%s</p></td></tr></table>"
                .formatted(Xhtml.escape(String.join(" · ", facts)), Xhtml.escape(coaches)));
        if (!session.aims().isEmpty()) {
            body.append("<p class=\"aims\">%s</p>"
                    .formatted(Xhtml.escape(TEXTS.get("hour.aims", String.join(", ", session.aims())))));
        }
    }

    private void table(StringBuilder body, Density density) {
        boolean floors = density.floorMillimetres() > 0 && !hour.posts().isEmpty();
        body.append("<table class=\"hour\"><tr><th>%s</th><th>%s</th><th>%s</th>%s</tr>"
                .formatted(
                        text("hour.head.when"),
                        text("hour.head.what"),
                        text("hour.head.who"),
                        floors ? "<th>" + text("hour.head.floor") + "</th>" : ""));
        List<Slot> slots = hour.plan().slots();
        for (int i = 0; i < slots.size(); i++) {
            row(body, slots.get(i), i, floors, density);
        }
        body.append("</table>");
    }

    private void row(StringBuilder body, Slot slot, int index, boolean floors, Density density) {
        body.append("<tr><td class=\"clock\">%s</td>".formatted(Xhtml.escape(writer.clock(slot.from()))));
        if (slot.change().isPresent()) {
            body.append("<td colspan=\"%d\" class=\"change\">%s</td></tr>"
                    .formatted(
                            floors ? 3 : 2,
                            Xhtml.figures(writer.changing(slot.change().get()))));
            return;
        }
        String aim = slot.block().aim();
        body.append("<td class=\"what\"><p><b>%s</b></p><p class=\"about\">%s</p>%s</td>"
                .formatted(
                        Xhtml.escape(PlanWriter.title(slot.block())),
                        Xhtml.escape(writer.minutes(slot.block())),
                        aim.isBlank() ? "" : "<p class=\"about\">" + text("hour.aim", aim) + "</p>"));
        List<Post> posts = Post.of(slot);
        boolean floor = floors && !posts.isEmpty();
        body.append("<td%s>".formatted(floors && !floor ? " colspan=\"2\"" : ""));
        if (slot.block().what() instanceof What.Plain plain && !plain.text().isBlank()) {
            body.append(Xhtml.paragraph(plain.text()));
        }
        posts.forEach(p -> post(body, p, density));
        body.append("</td>");
        if (floor) {
            double wide = Math.min(density.floorMillimetres(), density.floorMillimetres() / pictures.floorAspect());
            body.append("<td class=\"floor\" style=\"width:%smm\">%s</td>"
                    .formatted(
                            Numbers.fixed(density.floorMillimetres(), 1),
                            pictures.floor(
                                    index,
                                    TEXTS.get("hour.alt.floor", PlanWriter.title(slot.block())),
                                    wide,
                                    wide * pictures.floorAspect())));
        }
        body.append("</tr>");
    }

    private void post(StringBuilder body, Post post, Density density) {
        String drill = post.title();
        String name = post.coach()
                .flatMap(session::coach)
                .map(c -> TEXTS.get("hour.station.with", post.number(), drill, c.name()))
                .orElseGet(() -> TEXTS.get("hour.station", post.number(), drill));
        body.append("<p><b>").append(Xhtml.escape(name)).append("</b></p>");
        for (Post.Visit visit : post.visits()) {
            String who = writer.who(visit.here());
            String said = writer.turns(visit.here())
                    .map(t -> TEXTS.get("hour.turns", who, t))
                    .orElse(who);
            body.append("<p>%s</p>"
                    .formatted(Xhtml.figures(
                            post.visits().size() > 1
                                    ? TEXTS.get(
                                            "hour.from",
                                            writer.clock(visit.round().from()),
                                            said)
                                    : said)));
        }
        hour.talk(post).steps().stream()
                .flatMap(s -> s.points().stream())
                .distinct()
                .limit(density.points())
                .forEach(p -> body.append("<p class=\"point\">")
                        .append(Xhtml.figures(p))
                        .append("</p>"));
    }

    private void after(StringBuilder body) {
        StringBuilder left = new StringBuilder();
        StringBuilder right = new StringBuilder();
        Xhtml.optional(
                left,
                TEXTS.get("hour.groups"),
                session.groups().stream().map(this::group).toList());
        Xhtml.optional(
                left,
                TEXTS.get("hour.beside"),
                session.beside().stream()
                        .map(b -> b.text().isBlank()
                                ? writer.besideLine(b)
                                : TEXTS.get("hour.beside.text", writer.besideLine(b), b.text()))
                        .toList());
        List<String> bring = new ArrayList<>(writer.pieces());
        if (!bring.isEmpty()) {
            String all = String.join(" · ", bring);
            Xhtml.section(
                    right,
                    TEXTS.get("hour.bring"),
                    Xhtml.paragraph(all) + writer.setOut().map(Xhtml::paragraph).orElse(""));
        }
        if (!session.withoutHelper().isBlank()) {
            Xhtml.section(right, TEXTS.get("hour.without"), Xhtml.paragraph(session.withoutHelper()));
        }
        Xhtml.optional(
                right,
                TEXTS.get("sheet.cautions"),
                hour.posts().stream()
                        .flatMap(p -> hour.talk(p).cautions().stream())
                        .distinct()
                        .toList());
        if (left.length() + right.length() > 0) {
            body.append("<table class=\"rest\"><tr><td style=\"width:50%\">")
                    .append(left)
                    .append("</td><td style=\"width:50%\">")
                    .append(right)
                    .append("</td></tr></table>");
        }
    }

    private String group(Group group) {
        List<String> names =
                group.players().stream().map(p -> writer.name(p.text())).toList();
        String named = names.isEmpty() ? TEXTS.get("hour.nobody") : String.join(", ", names);
        return group.bib()
                .map(b -> Texts.CORE.get("chalk." + b))
                .filter(b -> !group.name().equalsIgnoreCase(b))
                .map(b -> TEXTS.get("hour.group.bibs", group.name(), b, named))
                .orElseGet(() -> TEXTS.get("hour.group", group.name(), named));
    }

    private static String text(String key, Object... arguments) {
        return Xhtml.escape(TEXTS.get(key, arguments));
    }
}
