package wildchalk.picture.handout;

import java.io.IOException;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wildchalk.core.drill.RoleId;
import wildchalk.core.handout.Hour;
import wildchalk.core.handout.PlayerPart;
import wildchalk.core.handout.PlayerPart.Stretch;
import wildchalk.core.handout.Post;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.What;
import wildchalk.core.text.Texts;
import wildchalk.core.words.PlanWriter;
import wildchalk.picture.export.DrillsPage;
import wildchalk.picture.export.DrillsPage.Chapter;
import wildchalk.picture.export.Xhtml;
import wildchalk.picture.style.Ground;

/** An hour as a page for a phone: by the clock, each drill a chapter that plays; for one player his own part alone. */
final class PhoneHour {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

    private final HourTold told;
    private final Hour hour;
    private final Session session;
    private final PlanWriter writer;
    private final List<Chapter> chapters = new ArrayList<>();
    private final List<Post.Which> which = new ArrayList<>();

    private PhoneHour(HourTold told) {
        this.told = told;
        this.hour = told.hour();
        this.session = hour.session();
        this.writer = hour.writer();
    }

    /** @throws IOException also where there is no drill that could be played */
    static byte[] of(HourTold told, HandoutOptions how, Progress progress) throws IOException {
        return new PhoneHour(told).made(how, progress);
    }

    /** What the page says above its pictures, in plain words, for whoever looks before it is made. */
    static String words(HourTold told, HandoutOptions how) {
        return how.player()
                .map(p -> PlayerPart.of(told.hour(), p).message())
                .orElseGet(() -> String.join(
                        "\n",
                        told.hour().session().title(),
                        when(told.hour()),
                        "",
                        TEXTS.get("phone.hour"),
                        String.join("\n", told.hour().writer().timetable())));
    }

    private byte[] made(HandoutOptions how, Progress progress) throws IOException {
        String intro;
        if (how.player().isPresent()) {
            PlayerPart part = PlayerPart.of(hour, how.player().get());
            for (Stretch s : part.stretches()) {
                s.post().ifPresent(p -> chapter(p, s.plays().keySet().stream().findFirst()));
            }
            intro = own(part);
        } else {
            told.firsts().forEach(p -> chapter(p, Optional.empty()));
            intro = everybody();
        }
        if (chapters.isEmpty()) {
            throw new IOException(TEXTS.get("phone.none"));
        }
        return DrillsPage.of(session.title(), when(hour), intro, chapters, Ground.PAPER, progress);
    }

    private static String when(Hour hour) {
        Session session = hour.session();
        PlanWriter writer = hour.writer();
        return TEXTS.get(
                "hour.when", DAY.format(session.date()), writer.clock(0), writer.clock(60.0 * session.minutes()));
    }

    private void chapter(Post post, Optional<RoleId> me) {
        if (!which.contains(post.which())) {
            which.add(post.which());
            String title = TEXTS.get("phone.chapter", writer.clock(post.from()), post.title());
            chapters.add(new Chapter(title, told.told(post), me));
        }
    }

    private String button(Post post, String words) {
        int at = which.indexOf(post.which());
        return "<button type=\"button\" class=\"chapter\" data-chapter=\"%s\">%s</button>"
                .formatted(Xhtml.escape(DrillsPage.name(chapters, at)), Xhtml.escape(words));
    }

    // ---- for everybody ----

    private String everybody() {
        StringBuilder html = new StringBuilder();
        open(html, TEXTS.get("phone.hour"));
        for (Slot slot : hour.plan().slots()) {
            if (slot.change().isEmpty()) {
                html.append("<li><b>%s</b> %s <small>%s</small>"
                        .formatted(
                                Xhtml.escape(writer.clock(slot.from())),
                                Xhtml.escape(PlanWriter.title(slot.block())),
                                Xhtml.escape(writer.minutes(slot.block()))));
                String under = slot.block().what() instanceof What.Plain plain
                        ? plain.text()
                        : slot.block().aim().isBlank()
                                ? ""
                                : TEXTS.get("hour.aims", slot.block().aim());
                if (!under.isBlank()) {
                    html.append("<p>").append(Xhtml.escape(under)).append("</p>");
                }
                Post.of(slot).forEach(p -> post(html, p));
                html.append("</li>");
            }
        }
        return html.append("</ul></details>").toString();
    }

    private void post(StringBuilder html, Post post) {
        html.append("<p>").append(button(post, post.title())).append("</p>");
        for (Post.Visit visit : post.visits()) {
            String lead = post.coach()
                    .flatMap(session::coach)
                    .map(c -> TEXTS.get("phone.with", writer.who(visit.here()), c.name()))
                    .orElseGet(() -> writer.who(visit.here()));
            html.append("<p>%s</p>"
                    .formatted(Xhtml.escape(
                            TEXTS.get("hour.from", writer.clock(visit.round().from()), lead))));
        }
    }

    // ---- for one ----

    private String own(PlayerPart part) {
        StringBuilder html = new StringBuilder();
        open(
                html,
                part.wears()
                        .map(w -> TEXTS.get("phone.for.wears", part.name(), w))
                        .orElse(part.name()));
        for (Stretch s : part.stretches()) {
            html.append("<li><b>%s</b> %s".formatted(Xhtml.escape(s.clock()), Xhtml.escape(s.title())));
            if (!s.start().isEmpty()) {
                html.append("<p>").append(Xhtml.escape(s.start())).append("</p>");
            }
            s.post()
                    .ifPresent(p -> html.append("<p>")
                            .append(button(p, TEXTS.get("phone.watch")))
                            .append("</p>"));
            html.append("</li>");
        }
        return html.append("</ul></details>").toString();
    }

    private static void open(StringBuilder html, String title) {
        html.append("<details class=\"hour\" open><summary><b>%s</b></summary><ul class=\"clock\">"
                .formatted(Xhtml.escape(title)));
    }
}
