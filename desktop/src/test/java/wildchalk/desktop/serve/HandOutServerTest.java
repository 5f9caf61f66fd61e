package wildchalk.desktop.serve;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.handout.Letter;
import wildchalk.core.handout.Letters;
import wildchalk.core.log.Reply;
import wildchalk.core.log.Reply.Coming;
import wildchalk.core.squad.PlayerId;
import wildchalk.picture.handout.Envelope;
import wildchalk.picture.handout.LetterPage;

/** Whoever has a good link gets what is in it, and nobody else gets anything, whatever is asked. */
class HandOutServerTest {

    private static final PlayerId ADA = new PlayerId("p1");
    private static final PlayerId BO = new PlayerId("p2");

    /** Stands in for what nobody but Ada may read. */
    private static final String SECRET = "Ada starts in line L with the lantern";

    private static final byte[] PAGE = page();

    private final AtomicReference<Instant> now = new AtomicReference<>(Instant.parse("2026-12-01T18:00:00Z"));
    private final List<Reply> kept = new ArrayList<>();
    private final AtomicReference<IOException> fault = new AtomicReference<>();
    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .followRedirects(HttpClient.Redirect.NORMAL)
            .connectTimeout(Duration.ofSeconds(20))
            .build();
    private LetterDesk desk;
    private HandOutServer server;

    private static byte[] page() {
        byte[] page = new byte[400_000];
        new Random(7).nextBytes(page);
        return page;
    }

    private static Envelope envelope(String words, boolean asks) {
        return new Envelope(words, asks, "Tove", Optional.of(PAGE), "BEGIN:VCALENDAR".getBytes(StandardCharsets.UTF_8));
    }

    @BeforeEach
    void open() throws Exception {
        serve(true);
    }

    private void serve(boolean receipts) throws Exception {
        if (server != null) {
            server.close();
        }
        Clock clock = new Clock() {
            @Override
            public ZoneId getZone() {
                return ZoneOffset.UTC;
            }

            @Override
            public Clock withZone(ZoneId zone) {
                return this;
            }

            @Override
            public Instant instant() {
                return now.get();
            }
        };
        Map<Optional<PlayerId>, Envelope> all = new HashMap<>();
        all.put(
                Optional.of(ADA),
                envelope("Thursday\n3 December\nFor Ada: blue bib.\n\n18:24 Left third\n" + SECRET, true));
        all.put(Optional.of(BO), envelope("Thursday\n3 December\nFor Bo.\n\n18:24 Right third\nBo waits", true));
        all.put(Optional.empty(), envelope("Thursday\nThe whole hour", false));
        desk = new LetterDesk(
                Letters.to(List.of(ADA, BO), now.get().plusSeconds(3600), receipts), all, clock, reply -> {
                    if (fault.get() != null) {
                        throw fault.get();
                    }
                    kept.add(reply);
                });
        server = HandOutServer.start(Addresses.here(), 0, desk);
    }

    @AfterEach
    void close() {
        server.close();
    }

    private Letter letter(PlayerId who) {
        return desk.letters().of(Optional.of(who)).orElseThrow();
    }

    private String link(PlayerId who) {
        return server.link(letter(who));
    }

    private HttpResponse<byte[]> get(String url) throws Exception {
        return client.send(HttpRequest.newBuilder(URI.create(url)).build(), BodyHandlers.ofByteArray());
    }

    private HttpResponse<byte[]> post(String url, String body, String... headers) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString(body));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return client.send(request.build(), BodyHandlers.ofByteArray());
    }

    private static String text(HttpResponse<byte[]> response) {
        return new String(response.body(), StandardCharsets.UTF_8);
    }

    private void assertNothing(HttpResponse<byte[]> response) {
        assertEquals(404, response.statusCode());
        assertArrayEquals(LetterPage.none(), response.body(), "the same page, byte for byte");
    }

    private String home() {
        return "http://127.0.0.1:" + server.port();
    }

    // ---- who gets what ----

    @Test
    void aGoodLinkOpensWhatIsInItAndMayDoNothingElse() throws Exception {
        HttpResponse<byte[]> letter = get(link(ADA));
        assertEquals(200, letter.statusCode());
        assertTrue(text(letter).contains(SECRET));
        assertFalse(text(letter).contains("Bo waits"));
        assertFalse(link(ADA).contains("p1"), "no name and no number stands in a link");
        HttpResponse<byte[]> page = get(link(ADA) + "/page");
        assertArrayEquals(PAGE, page.body());
        assertTrue(text(get(link(ADA) + "/calendar.ics")).startsWith("BEGIN:VCALENDAR"));
        for (HttpResponse<byte[]> r : List.of(letter, page, get(home() + "/"))) {
            Map<String, List<String>> headers = r.headers().map();
            assertTrue(headers.get("content-security-policy").get(0).contains("frame-ancestors 'none'"));
            assertEquals(List.of("nosniff"), headers.get("x-content-type-options"));
            assertEquals(List.of("no-referrer"), headers.get("referrer-policy"));
            assertEquals(List.of("no-store"), headers.get("cache-control"));
            assertEquals(List.of("DENY"), headers.get("x-frame-options"));
            assertFalse(headers.containsKey("server"));
            assertFalse(headers.containsKey("access-control-allow-origin"));
        }
        assertFalse(text(letter).contains("<script"));
        HttpResponse<byte[]> head = client.send(
                HttpRequest.newBuilder(URI.create(link(ADA)))
                        .method("HEAD", BodyPublishers.noBody())
                        .build(),
                BodyHandlers.ofByteArray());
        assertEquals(0, head.body().length);
        assertEquals(
                letter.body().length,
                Integer.parseInt(head.headers().firstValue("content-length").orElseThrow()));
    }

    @Test
    void whateverElseIsAskedForGivesTheSame() throws Exception {
        String ada = link(ADA);
        String code = letter(ADA).code();
        for (String path : List.of(
                "/",
                "/h",
                "/h/",
                "/h/" + code.substring(1),
                "/h/" + code + "x",
                "/h/" + code.toLowerCase(java.util.Locale.ROOT) + "",
                "/h/" + code + "/",
                "/h/" + code + "/page/",
                "/h/" + code + "/../" + code,
                "/h/" + code + "/%2e%2e/page",
                "/h/%2e%2e/" + code,
                "/..//etc/passwd",
                "/h/" + code + "/answer",
                "/h/" + code + "?x=1",
                "/favicon.ico",
                "/robots.txt",
                "/h/" + "A".repeat(24),
                "/" + "a".repeat(3000))) {
            if (!path.equals("/h/" + code)) {
                assertNothing(get(home() + path));
            }
        }
        for (String method : List.of("PUT", "DELETE", "OPTIONS", "PATCH", "PROPFIND", "POST")) {
            assertNothing(client.send(
                    HttpRequest.newBuilder(URI.create(ada))
                            .method(method, BodyPublishers.ofString("x"))
                            .build(),
                    BodyHandlers.ofByteArray()));
        }
        assertNothing(raw("GET " + path(ada) + " HTTP/1.1\r\nHost: evil.example\r\nConnection: close\r\n\r\n"));
        assertTrue(text(get(ada)).contains(SECRET));
    }

    private static String path(String url) {
        return URI.create(url).getPath();
    }

    @Test
    void oneThatIsOverOrTakenBackIsAsOneThatNeverWas() throws Exception {
        String ada = link(ADA);
        String bo = link(BO);
        desk.change(l -> l.revoked(Optional.of(ADA)));
        assertNothing(get(ada));
        assertNothing(get(ada + "/page"));
        assertNothing(post(ada + "/answer", "coming=CAN"));
        desk.change(l -> l.renewed(Optional.of(ADA), now.get().plusSeconds(60)));
        assertNothing(get(ada));
        assertTrue(text(get(link(ADA))).contains(SECRET));
        now.set(now.get().plusSeconds(3600));
        assertNothing(get(bo));
        assertNothing(get(link(ADA)));
        assertEquals(List.of(), kept);
    }

    @Test
    void openingIsNotedOnlyWhereTheCoachWantsItAndIsSaid() throws Exception {
        assertTrue(text(get(link(ADA))).contains("Tove is told when you opened this first."));
        assertEquals(Optional.of(now.get()), letter(ADA).opened());
        client.send(
                HttpRequest.newBuilder(URI.create(link(BO)))
                        .method("HEAD", BodyPublishers.noBody())
                        .build(),
                BodyHandlers.discarding());
        assertEquals(Optional.empty(), letter(BO).opened(), "nobody has read that");
        post(link(BO) + "/answer", "coming=CAN");
        assertEquals(Optional.of(now.get()), letter(BO).opened(), "whoever answers has opened it");
        serve(false);
        assertTrue(text(get(link(ADA))).contains("Nobody is told that you opened this."));
        assertEquals(Optional.empty(), letter(ADA).opened());
    }

    // ---- answers ----

    @Test
    void anAnswerIsKeptAndShown() throws Exception {
        AtomicInteger told = new AtomicInteger();
        get(link(ADA));
        desk.onChanged(told::incrementAndGet);
        HttpResponse<byte[]> after = post(link(ADA) + "/answer", "coming=CANNOT&question=Is+it+hall+%22B%22+%3C3%3F");
        assertEquals(200, after.statusCode());
        assertEquals(link(ADA), after.uri().toString());
        assertTrue(text(after).contains("You cannot come. Tove has your answer."));
        assertTrue(text(after).contains("You asked: Is it hall &quot;B&quot; &lt;3?"));
        assertEquals(List.of(new Reply(ADA, Coming.CANNOT, List.of("Is it hall \"B\" <3?"), now.get())), kept);
        assertEquals(1, told.get());
        assertFalse(text(get(link(BO))).contains("hall"), "nobody else reads it");
        assertTrue(text(post(link(ADA) + "/answer", "coming=CAN&question=")).contains("You can come."));
        assertEquals(2, kept.size());
    }

    @Test
    void whatCannotBeKeptIsSaidToWhoeverAnswers() throws Exception {
        fault.set(new IOException("disk full"));
        HttpResponse<byte[]> refused = post(link(ADA) + "/answer", "coming=CAN");
        assertEquals(500, refused.statusCode());
        assertTrue(text(refused).contains("Your answer was not kept"));
        assertFalse(text(refused).contains("disk"));
        assertEquals(Optional.empty(), desk.letters().reply(ADA), "nothing says that it was answered");
    }

    @Test
    void answersAreLimitedAndComeFromTheLetterItself() throws Exception {
        assertEquals(
                413, post(link(ADA) + "/answer", "question=" + "x".repeat(5000)).statusCode());
        assertNothing(post(link(ADA) + "/answer", "coming=CAN", "Origin", "http://evil.example"));
        assertNothing(client.send(
                HttpRequest.newBuilder(URI.create(link(ADA) + "/answer"))
                        .header("Content-Type", "text/plain")
                        .POST(BodyPublishers.ofString("coming=CAN"))
                        .build(),
                BodyHandlers.ofByteArray()));
        String helpers = server.link(desk.letters().of(Optional.empty()).orElseThrow());
        assertNothing(post(helpers + "/answer", "coming=CAN"));
        assertFalse(text(get(helpers)).contains("<form"), "who helps is not asked");
        post(link(ADA) + "/answer", "coming=perhaps&question=");
        post(link(ADA) + "/answer", "%%%=&coming=NOT_SAID");
        assertEquals(500, post(link(ADA) + "/answer", "coming=CAN&question=%zz").statusCode());
        assertEquals(List.of(), kept);
        post(link(ADA) + "/answer", "coming=CAN&question=" + "y".repeat(900));
        assertTrue(kept.get(0).questions().get(0).length() <= LetterPage.MOST_LETTERS);
        int later = 0;
        for (int i = 0; i < 30; i++) {
            later += post(link(ADA) + "/answer", "coming=CAN").statusCode() == 429 ? 1 : 0;
        }
        assertTrue(later > 10, "nobody fills a log: " + later);
        assertEquals(200, post(link(BO) + "/answer", "coming=CAN").statusCode(), "others still answer");
    }

    // ---- many, slow and strange ----

    private HttpResponse<byte[]> raw(String request) throws Exception {
        byte[] all = rawBytes(request);
        String text = new String(all, StandardCharsets.ISO_8859_1);
        int body = text.indexOf("\r\n\r\n") + 4;
        int code = Integer.parseInt(text.substring(9, 12));
        return new Answered(code, Arrays.copyOfRange(all, body, all.length));
    }

    private byte[] rawBytes(String request) throws IOException {
        try (Socket socket = new Socket(Addresses.here(), server.port())) {
            socket.setSoTimeout(20_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            socket.shutdownOutput();
            try (InputStream in = socket.getInputStream()) {
                return in.readAllBytes();
            } catch (IOException reset) {
                return new byte[0];
            }
        }
    }

    /** What came back over a bare socket. */
    private record Answered(int statusCode, byte[] body) implements HttpResponse<byte[]> {
        @Override
        public HttpRequest request() {
            return null;
        }

        @Override
        public Optional<HttpResponse<byte[]>> previousResponse() {
            return Optional.empty();
        }

        @Override
        public java.net.http.HttpHeaders headers() {
            return java.net.http.HttpHeaders.of(Map.of(), (a, b) -> true);
        }

        @Override
        public Optional<javax.net.ssl.SSLSession> sslSession() {
            return Optional.empty();
        }

        @Override
        public URI uri() {
            return null;
        }

        @Override
        public HttpClient.Version version() {
            return HttpClient.Version.HTTP_1_1;
        }
    }

    /** Whatever is sent, nothing that is private comes back, and whoever has a link is served as before. */
    @Test
    void tenThousandStrangeRequestsGetNothing() throws Exception {
        // a clock on which nobody ever asks too often: each is answered
        server.close();
        AtomicLong nanos = new AtomicLong();
        server = HandOutServer.start(Addresses.here(), 0, desk, () -> nanos.addAndGet(10_000_000_000L));
        String ada = path(link(ADA));
        AtomicInteger refused = new AtomicInteger();
        byte[] before = get(link(BO)).body();
        String nothing = new String(LetterPage.none(), StandardCharsets.UTF_8);
        ExecutorService threads = Executors.newFixedThreadPool(8);
        List<Future<String>> wrong = new ArrayList<>();
        for (int t = 0; t < 8; t++) {
            Random random = new Random(4_711 + t);
            wrong.add(threads.submit(() -> {
                for (int i = 0; i < 1_250; i++) {
                    String request = strange(random, ada);
                    String back = new String(rawBytes(request), StandardCharsets.UTF_8);
                    refused.addAndGet(back.endsWith(nothing) ? 1 : 0);
                    if (back.contains(SECRET) || back.contains("Bo waits") || back.contains("wildchalk.")) {
                        return request + "\n--\n" + back;
                    }
                }
                return "";
            }));
        }
        for (Future<String> one : wrong) {
            assertEquals("", one.get());
        }
        threads.shutdown();
        assertTrue(refused.get() > 2_000, "answered with the page that says nothing: " + refused);
        assertArrayEquals(before, get(link(BO)).body());
        assertEquals(List.of(), kept);
    }

    /** A request for Ada's letter in which something is not as it has to be, or one that is none at all. */
    private static String strange(Random random, String path) {
        String[] methods = {"GET", "POST", "HEAD", "PUT", "TRACE", "", "get", "G\0T", "\u00ff"};
        String[] paths = {
            path.substring(0, path.length() - 1),
            path + "/..",
            path + "%00",
            path.replace("/h/", "/h//"),
            path.replace("/h/", "/H/"),
            "/h/" + random.nextLong(),
            "//" + path,
            path + "?" + random.nextInt(),
            path + "/page/x",
            "\\" + path,
            "/%68/" + path.substring(3),
            "*",
            ""
        };
        String[] versions = {"HTTP/1.1", "HTTP/1.0", "HTTP/2", "", "FTP"};
        String[] heads = {
            "Host: 127.0.0.1",
            "Host: evil.example",
            "Content-Length: -1",
            "Content-Length: 99999999999",
            "Transfer-Encoding: chunked",
            "Range: bytes=0-",
            "X: " + "y".repeat(random.nextInt(3000)),
            "Expect: 100-continue",
            ": ",
            "\0"
        };
        // every other one is as a browser would write it, but for what it asks for
        boolean plain = random.nextBoolean();
        StringBuilder request = new StringBuilder(plain ? "GET" : methods[random.nextInt(methods.length)])
                .append(' ')
                .append(paths[random.nextInt(paths.length)])
                .append(' ')
                .append(plain ? "HTTP/1.1" : versions[random.nextInt(versions.length)])
                .append("\r\n");
        for (int i = plain ? 0 : random.nextInt(4); i > 0; i--) {
            request.append(heads[random.nextInt(heads.length)]).append("\r\n");
        }
        request.append("Connection: close\r\n\r\n");
        if (random.nextInt(4) == 0) {
            request.append("coming=CAN&question=").append(random.nextInt());
        }
        return request.toString();
    }

    /** Some say half a word and wait: the others are served meanwhile. */
    @Test
    void whoeverIsSlowHoldsUpNobody() throws Exception {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 80; i++) {
                Socket socket = new Socket(Addresses.here(), server.port());
                socket.getOutputStream().write("GET /h/".getBytes(StandardCharsets.US_ASCII));
                socket.getOutputStream().flush();
                slow.add(socket);
            }
            for (int i = 0; i < 20; i++) {
                assertArrayEquals(PAGE, get(link(ADA) + "/page").body());
            }
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    @Test
    void fortyPhonesAtOnceGetTheirWholePage() throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(40);
        List<Callable<Boolean>> phones = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            PlayerId who = i % 2 == 0 ? ADA : BO;
            phones.add(() -> get(link(who)).statusCode() == 200
                    && Arrays.equals(PAGE, get(link(who) + "/page").body()));
        }
        for (Future<Boolean> phone : threads.invokeAll(phones)) {
            assertTrue(phone.get());
        }
        threads.shutdown();
    }

    /** Whoever guesses is slowed down and finds nothing; whoever sits beside him and has a link is not. */
    @Test
    void guessingIsSlowedDown() throws Exception {
        List<CompletableFuture<HttpResponse<byte[]>>> guesses = new ArrayList<>();
        Random random = new Random(3);
        for (int i = 0; i < 200; i++) {
            String guess = letter(ADA).code().substring(0, 20) + "%04d".formatted(random.nextInt(10_000));
            guesses.add(client.sendAsync(
                    HttpRequest.newBuilder(URI.create(home() + "/h/" + guess)).build(), BodyHandlers.ofByteArray()));
        }
        long later = guesses.stream().filter(g -> g.join().statusCode() == 429).count();
        assertTrue(later > 50, "turned away: " + later);
        assertTrue(text(get(link(ADA))).contains(SECRET));
    }

    @Test
    void aTapLetsThroughWhatItSaysAndNoMore() {
        AtomicReference<Long> nanos = new AtomicReference<>(0L);
        Tap tap = new Tap(3, 2, nanos::get);
        assertTrue(tap.takes("a") && tap.takes("a") && tap.takes("a"));
        assertFalse(tap.takes("a"));
        assertTrue(tap.takes("b"), "each for himself");
        nanos.set(500_000_000L);
        assertTrue(tap.takes("a"));
        assertFalse(tap.takes("a"));
        nanos.set(60_000_000_000L);
        assertTrue(tap.takes("a") && tap.takes("a") && tap.takes("a"));
        assertFalse(tap.takes("a"), "what nobody takes does not pile up");
    }
}
