package wildchalk.desktop.serve;

import com.sun.net.httpserver.Headers;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpHandler;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.drill.Limits;
import wildchalk.core.handout.Letter;
import wildchalk.core.log.Reply;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.text.Printable;
import wildchalk.picture.handout.Envelope;
import wildchalk.picture.handout.LetterPage;

/**
 * Answers what phones ask. Whatever is not asked for with a good link gets the same page, byte for byte, whether there was such
 * a link once or never.
 */
final class Answering implements HttpHandler {

    private static final String HOME = "/h/";
    private static final Pattern PATH = Pattern.compile("/h/([A-Za-z0-9_-]{24})(/page|/calendar\\.ics|/answer)?");

    private static final int MOST_PATH = 80;
    private static final int MOST_BODY = 4096;

    /** A hall full of phones behind one address gets through; nobody counts through links. */
    private static final double ALL_AT_ONCE = 600;

    private static final double ALL_A_SECOND = 60;
    private static final double MISSES_AT_ONCE = 60;
    private static final double MISSES_A_SECOND = 2;
    private static final double ANSWERS_AT_ONCE = 12;
    private static final double ANSWERS_A_SECOND = 0.2;

    private static final String HTML = "text/html; charset=utf-8";

    private final LetterDesk desk;
    private final List<String> names;
    private final ZoneId zone;
    private final Tap all;
    private final Tap misses;
    private final Tap answers;

    /** What is sent back. */
    private record Sent(int code, String type, byte[] body, String policy, String to) {

        static Sent page(int code, byte[] body) {
            return new Sent(code, HTML, body, LetterPage.POLICY, "");
        }
    }

    private static final Sent NONE = Sent.page(404, LetterPage.none());
    private static final Sent LATER = new Sent(
            429,
            "text/plain; charset=utf-8",
            "Too often; wait a little.\n".getBytes(StandardCharsets.UTF_8),
            "default-src 'none'",
            "");

    /** @param names under which it may be asked for: no other page's name is led here */
    Answering(LetterDesk desk, List<String> names, ZoneId zone, LongSupplier nanos) {
        this.desk = desk;
        this.names = List.copyOf(names);
        this.zone = zone;
        this.all = new Tap(ALL_AT_ONCE, ALL_A_SECOND, nanos);
        this.misses = new Tap(MISSES_AT_ONCE, MISSES_A_SECOND, nanos);
        this.answers = new Tap(ANSWERS_AT_ONCE, ANSWERS_A_SECOND, nanos);
    }

    static String path(String code) {
        return HOME + code;
    }

    @Override
    public void handle(HttpExchange x) throws IOException {
        try (x) {
            Sent sent;
            try {
                sent = answer(x);
            } catch (RuntimeException broken) {
                sent = NONE; // whatever was asked, nothing of how it broke leaves
            }
            send(x, sent);
        }
    }

    private Sent answer(HttpExchange x) throws IOException {
        String who = x.getRemoteAddress().getAddress().getHostAddress();
        if (!all.takes(who)) {
            return LATER;
        }
        String path = x.getRequestURI().getRawPath();
        boolean plain = path != null
                && path.length() <= MOST_PATH
                && x.getRequestURI().getRawQuery() == null
                && names.contains(String.valueOf(x.getRequestHeaders().getFirst("Host")));
        Matcher asked = PATH.matcher(plain ? path : "");
        Optional<Letter> letter = asked.matches() ? desk.good(asked.group(1)) : Optional.empty();
        Optional<Envelope> envelope = letter.flatMap(l -> desk.envelope(l.player()));
        Sent sent = envelope.map(e -> open(
                        x, letter.get(), e, Optional.ofNullable(asked.group(2)).orElse("")))
                .orElse(NONE);
        // whoever guesses is slowed down; whoever has a good link is not
        return sent == NONE && !misses.takes(who) ? LATER : sent;
    }

    private Sent open(HttpExchange x, Letter letter, Envelope envelope, String what) {
        String method = x.getRequestMethod();
        boolean reads = method.equals("GET") || method.equals("HEAD");
        if (what.equals("/answer")) {
            return method.equals("POST") && envelope.asks()
                    ? answered(x, letter, letter.player().orElseThrow())
                    : NONE;
        } else if (!reads) {
            return NONE;
        }
        if (method.equals("GET")) {
            desk.opened(letter.code()); // whoever asks for the heads alone has read nothing
        }
        return switch (what) {
            case "" -> letter(letter, envelope);
            case "/page" ->
                envelope.page()
                        // the page says itself what it may do: this narrows it further
                        .map(p -> new Sent(
                                200, HTML, p, "base-uri 'none'; form-action 'none'; frame-ancestors 'none'", ""))
                        .orElse(NONE);
            default ->
                new Sent(200, "text/calendar; charset=utf-8", envelope.calendar(), "default-src 'none'; sandbox", "");
        };
    }

    private Sent letter(Letter letter, Envelope envelope) {
        Optional<Reply> reply = letter.player().flatMap(p -> desk.letters().reply(p));
        byte[] page = LetterPage.of(
                envelope, letter, path(letter.code()), desk.letters().receipts(), reply, zone);
        return Sent.page(200, page);
    }

    // ---- answers ----

    private Sent answered(HttpExchange x, Letter letter, PlayerId player) {
        Headers headers = x.getRequestHeaders();
        String type = String.valueOf(headers.getFirst("Content-Type")).toLowerCase(Locale.ROOT);
        String origin = headers.getFirst("Origin");
        boolean own =
                origin == null || origin.equals("null") || names.stream().anyMatch(n -> origin.equals("http://" + n));
        if (!type.startsWith("application/x-www-form-urlencoded") || !own) {
            return NONE;
        }
        if (!answers.takes(letter.code())) {
            return LATER;
        }
        try {
            byte[] body = x.getRequestBody().readNBytes(MOST_BODY + 1);
            if (body.length > MOST_BODY) {
                return Sent.page(413, LetterPage.refused(path(letter.code())));
            }
            String text = new String(body, StandardCharsets.UTF_8);
            Optional<Reply.Coming> coming = coming(field(text, "coming"));
            String question = question(field(text, "question"));
            if (coming.isEmpty() || coming.get() == Reply.Coming.NOT_SAID && question.isEmpty()) {
                return back(letter);
            }
            desk.opened(letter.code());
            desk.answered(player, coming.get(), question.isEmpty() ? List.of() : List.of(question));
            return back(letter);
        } catch (IOException | IllegalArgumentException notKept) {
            return Sent.page(500, LetterPage.refused(path(letter.code())));
        }
    }

    private static Sent back(Letter letter) {
        return new Sent(303, HTML, new byte[0], LetterPage.POLICY, path(letter.code()));
    }

    private static Optional<Reply.Coming> coming(String text) {
        for (Reply.Coming c : Reply.Coming.values()) {
            if (c.name().equals(text)) {
                return Optional.of(c);
            }
        }
        return Optional.empty();
    }

    private static String question(String text) {
        String plain = Printable.of(text).replaceAll("\\s+", " ").strip();
        return plain.isEmpty() ? "" : Limits.fitting(plain, LetterPage.MOST_LETTERS);
    }

    /** @throws IllegalArgumentException where it is no form */
    private static String field(String form, String name) {
        for (String pair : form.split("&")) {
            int at = pair.indexOf('=');
            if (at > 0 && pair.substring(0, at).equals(name)) {
                return URLDecoder.decode(pair.substring(at + 1), StandardCharsets.UTF_8);
            }
        }
        return "";
    }

    // ---- sending ----

    private static void send(HttpExchange x, Sent sent) throws IOException {
        Headers headers = x.getResponseHeaders();
        headers.set("Content-Type", sent.type());
        headers.set("Content-Security-Policy", sent.policy());
        headers.set("X-Content-Type-Options", "nosniff");
        headers.set("X-Frame-Options", "DENY");
        headers.set("Referrer-Policy", "no-referrer");
        headers.set("Cache-Control", "no-store");
        headers.set("Cross-Origin-Resource-Policy", "same-origin");
        headers.set("Cross-Origin-Opener-Policy", "same-origin");
        headers.set("X-Robots-Tag", "noindex, nofollow");
        if (!sent.to().isEmpty()) {
            headers.set("Location", sent.to());
        }
        if (sent.code() == 429) {
            headers.set("Retry-After", "5");
        }
        if (x.getRequestMethod().equals("HEAD")) {
            headers.set("Content-Length", String.valueOf(sent.body().length));
            x.sendResponseHeaders(sent.code(), -1);
            return;
        }
        x.sendResponseHeaders(sent.code(), sent.body().length == 0 ? -1 : sent.body().length);
        if (sent.body().length > 0) {
            x.getResponseBody().write(sent.body());
        }
    }
}
