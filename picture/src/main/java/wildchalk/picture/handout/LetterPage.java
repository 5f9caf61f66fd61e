package wildchalk.picture.handout;

import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wildchalk.core.handout.Letter;
import wildchalk.core.log.Reply;
import wildchalk.core.log.Reply.Coming;
import wildchalk.core.text.Texts;
import wildchalk.picture.export.PageLooks;
import wildchalk.picture.export.Xhtml;
import wildchalk.picture.style.Ground;

/** What opens behind a link: what is to be known, where to watch it, and how to answer. Runs no script, fetches nothing. */
public final class LetterPage {

    /** Letters of a question, at most. */
    public static final int MOST_LETTERS = 300;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    private static final DateTimeFormatter UNTIL = DateTimeFormatter.ofPattern("EEEE d MMMM, HH:mm", Locale.ENGLISH);

    private static final String STYLE = PageLooks.colours(Ground.PAPER)
            + "@media (prefers-color-scheme:dark){" + PageLooks.colours(Ground.SLATE) + "}"
            + "*{box-sizing:border-box}"
            + "html{background:var(--ground);color:var(--text);font:106.25%/1.45 system-ui,sans-serif}"
            + "body{overflow-wrap:anywhere;margin:0 auto;max-width:640px;padding:16px 16px 40px}"
            + "h1{font-size:1.4rem;line-height:1.2;margin:0}h2{font-size:1.1rem;margin:20px 0 6px}p{margin:4px 0}"
            + ".quiet{color:var(--quiet)}.for{font-weight:700;margin:10px 0}"
            + "form{margin-bottom:18px}section{border-top:1px solid var(--quiet);padding:8px 0}section b{display:block}"
            + "a.go,button{display:inline-block;font:inherit;color:inherit;background:var(--floor);text-decoration:none;"
            + "border:1.5px solid var(--quiet);border-radius:10px;min-height:48px;padding:10px 16px;margin:6px 6px 0 0}"
            + "a.main{background:var(--accent);border-color:var(--accent);color:var(--ground);font-weight:700}"
            + "textarea{display:block;width:100%;min-height:96px;font:inherit;color:inherit;background:var(--floor);"
            + "border:1.5px solid var(--quiet);border-radius:10px;padding:10px;margin-top:4px}"
            + ":focus-visible{outline:3px solid var(--text);outline-offset:2px}"
            + ".said{border:1.5px solid var(--quiet);border-radius:10px;padding:8px 14px;margin:10px 0}"
            + "label{display:block;margin-top:14px}footer{color:var(--quiet);margin-top:26px;font-size:max(16px,.942rem)}";

    /** What a browser may do with it: nothing but show it and send the answer to where it came from. */
    public static final String POLICY = "default-src 'none'; style-src '" + PageLooks.hash(STYLE)
            + "'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    private LetterPage() {}

    /**
     * The page.
     *
     * @param at where it stands, as a path
     * @param receipts whether it is noted that it was opened
     * @param reply what was answered; empty as long as nothing was
     * @param zone in whose hours it says until when it is good
     */
    public static byte[] of(
            Envelope envelope, Letter letter, String at, boolean receipts, Optional<Reply> reply, ZoneId zone) {
        String[] blocks = envelope.words().strip().split("\n\\s*\n");
        StringBuilder body = new StringBuilder();
        head(body, List.of(blocks[0].split("\n")));
        body.append("<p>");
        envelope.page()
                .ifPresent(p -> body.append(link(
                        "go main", at + "/page", TEXTS.get(envelope.asks() ? "letter.watch" : "letter.watch.hour"))));
        body.append(link("go", at + "/calendar.ics", TEXTS.get("letter.calendar")))
                .append("</p>");
        if (envelope.asks()) {
            answer(body, envelope, at, reply);
        }
        for (int i = 1; i < blocks.length; i++) {
            block(body, blocks[i].split("\n"));
        }
        body.append("<footer><p>%s</p><p>%s</p></footer>"
                .formatted(
                        text(receipts ? "letter.receipt" : "letter.no-receipt", envelope.coach()),
                        text("letter.until", UNTIL.format(letter.until().atZone(zone)))));
        return page(blocks[0].split("\n")[0], body.toString());
    }

    /** What stands there for whoever has no link that is good, and whatever else is asked for. */
    public static byte[] none() {
        return page(
                TEXTS.get("letter.none.title"),
                "<h1>%s</h1><p>%s</p>".formatted(text("letter.none.title"), text("letter.none")));
    }

    /** What stands there when an answer could not be taken. */
    public static byte[] refused(String at) {
        return page(
                TEXTS.get("letter.refused.title"),
                "<h1>%s</h1><p>%s</p><p>%s</p>"
                        .formatted(
                                text("letter.refused.title"),
                                text("letter.refused"),
                                link("go", at, TEXTS.get("letter.back"))));
    }

    private static void head(StringBuilder body, List<String> lines) {
        body.append("<h1>").append(Xhtml.escape(lines.get(0))).append("</h1>");
        for (int i = 1; i < lines.size(); i++) {
            body.append("<p class=\"%s\">%s</p>".formatted(i == 1 ? "quiet" : "for", Xhtml.escape(lines.get(i))));
        }
    }

    private static void block(StringBuilder body, String[] lines) {
        body.append("<section><b>").append(Xhtml.escape(lines[0])).append("</b>");
        for (int i = 1; i < lines.length; i++) {
            body.append("<p>").append(Xhtml.escape(lines[i])).append("</p>");
        }
        body.append("</section>");
    }

    private static void answer(StringBuilder body, Envelope envelope, String at, Optional<Reply> reply) {
        body.append("<h2>").append(text("letter.coming")).append("</h2>");
        reply.ifPresent(r -> said(body, envelope, r));
        body.append("<form method=\"post\" action=\"%s/answer\" accept-charset=\"utf-8\">".formatted(at));
        for (Coming coming : List.of(Coming.CAN, Coming.CANNOT)) {
            body.append(button(coming, "letter." + coming));
        }
        body.append("<label>%s<textarea name=\"question\" maxlength=\"%d\"></textarea></label>"
                .formatted(text("letter.question", envelope.coach()), MOST_LETTERS));
        body.append(button(Coming.NOT_SAID, "letter.ask")).append("</form>");
    }

    private static void said(StringBuilder body, Envelope envelope, Reply reply) {
        body.append("<div class=\"said\">");
        if (reply.coming() != Coming.NOT_SAID) {
            body.append("<p><b>%s</b></p>".formatted(text("letter.said." + reply.coming(), envelope.coach())));
        }
        reply.questions()
                .forEach(q -> body.append("<p>").append(text("letter.asked", q)).append("</p>"));
        body.append("</div>");
    }

    private static String button(Coming coming, String key) {
        return "<button name=\"coming\" value=\"%s\">%s</button>".formatted(coming, text(key));
    }

    private static String link(String style, String to, String words) {
        return "<a class=\"%s\" href=\"%s\">%s</a>".formatted(style, Xhtml.escape(to), Xhtml.escape(words));
    }

    private static String text(String key, Object... arguments) {
        return Xhtml.escape(TEXTS.get(key, arguments));
    }

    private static byte[] page(String title, String body) {
        return ("<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\">"
                        + "<meta name=\"viewport\" content=\"width=device-width,initial-scale=1\">"
                        + "<meta name=\"referrer\" content=\"no-referrer\"><title>" + Xhtml.escape(title)
                        + "</title><style>" + STYLE + "</style></head><body><main>" + body
                        + "</main></body></html>\n")
                .getBytes(StandardCharsets.UTF_8);
    }
}
