package wildchalk.picture.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.drill.Hand;
import wildchalk.core.handout.Hour;
import wildchalk.core.handout.Hours;
import wildchalk.core.handout.Letter;
import wildchalk.core.log.Reply;
import wildchalk.core.progress.Progress;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.picture.export.Reader;

/** What lies ready for each, and what never does. */
class OutboxTest {

    /** Words that stand nowhere but where the coach keeps what is nobody else's business. */
    private static final String LEVEL = "Zweitgut";

    private static HourTold told(Squad squad) throws IOException {
        Hour hour = Hours.demo();
        return HourTold.of(hour.plan(), Optional.of(squad), Reader.USUAL, Progress.NONE);
    }

    private static Squad squad() {
        return Hours.demo().squad().orElseThrow();
    }

    private static BinaryBitmap bitmap(BufferedImage image) {
        int w = image.getWidth();
        int h = image.getHeight();
        return new BinaryBitmap(
                new HybridBinarizer(new RGBLuminanceSource(w, h, image.getRGB(0, 0, w, h, null, 0, w))));
    }

    @Test
    void aCodeIsReadBackAsTheLinkItIs() throws Exception {
        for (int length : new int[] {1, 20, 60, 200}) {
            String link = "http://192.168.100.200:65535/h/" + "x".repeat(length);
            for (int pixels : new int[] {90, 240, 601}) {
                BufferedImage code = LinkCode.of(link, pixels);
                assertTrue(code.getWidth() >= pixels);
                assertEquals(link, new QRCodeReader().decode(bitmap(code)).getText());
            }
        }
    }

    @Test
    void eachGetsWhatIsHisAndNobodyElsesNameInALink(@TempDir Path folder) throws Exception {
        HourTold told = told(squad());
        Outbox.write(
                folder,
                told,
                HandoutOptions.USUAL,
                who -> who.map(p -> "http://127.0.0.1:1/h/" + "c".repeat(20) + p.text()),
                Progress.NONE);
        List<PlayerId> present = told.hour().plan().present();
        try (Stream<Path> files = Files.list(folder)) {
            assertEquals(
                    4 * present.size() + 3, files.count(), "text, page, calendar and code; helpers have no link here");
        }
        String ada = Files.readString(folder.resolve("01-ada.txt"));
        assertTrue(ada.startsWith("Before the weekend\n"), ada);
        assertTrue(ada.contains("For Ada: blue bib."));
        assertTrue(ada.strip().endsWith("Your own link: http://127.0.0.1:1/h/" + "c".repeat(20) + present.get(0)));
        BufferedImage code = ImageIO.read(folder.resolve("01-ada.png").toFile());
        assertTrue(new QRCodeReader()
                .decode(bitmap(code))
                .getText()
                .endsWith(present.get(0).text()));
        assertTrue(Files.readString(folder.resolve("01-ada.ics")).contains("BEGIN:VALARM"));
        String helpers = Files.readString(folder.resolve("%02d-helpers.txt".formatted(present.size() + 1)));
        assertTrue(helpers.contains("Crossing backs: Red, 8 players, with Tove"), helpers);
    }

    /** Levels, limits, hands, and whoever is absent: nothing of it is in what anybody gets. */
    @Test
    void whatIsNobodysBusinessIsInNoEnvelope() throws Exception {
        Squad squad = squad();
        List<Player> players = new ArrayList<>();
        for (Player p : squad.players()) {
            players.add(new Player(
                    p.id(), p.name(), p.positions(), Hand.LEFT, LEVEL, p.keeper(), p.restraints(), 0.8765, p.bibs()));
        }
        List<String> levels = new ArrayList<>(squad.levels());
        levels.add(LEVEL);
        Squad told = squad.withLevels(levels).withPlayers(players);
        Map<Optional<PlayerId>, Envelope> all = Envelope.of(told(told), HandoutOptions.USUAL, Progress.NONE);
        List<String> absent = players.stream()
                .filter(p -> !Hours.demo().plan().present().contains(p.id()))
                .map(p -> p.name().split(" ")[0])
                .toList();
        assertFalse(absent.isEmpty(), "somebody is absent or takes no part");
        for (Envelope envelope : all.values()) {
            String whole = envelope.words()
                    + envelope.page()
                            .map(p -> new String(p, StandardCharsets.UTF_8))
                            .orElse("")
                    + new String(envelope.calendar(), StandardCharsets.UTF_8);
            assertFalse(whole.contains(LEVEL));
            assertFalse(whole.contains("0.8765"));
            for (Player p : players) {
                String last = p.name().substring(p.name().indexOf(' ') + 1);
                assertFalse(whole.contains(last), "first names only: " + last);
                p.restraints()
                        .forEach(r -> assertFalse(
                                whole.toLowerCase(java.util.Locale.ROOT)
                                        .contains(r.toString().toLowerCase(java.util.Locale.ROOT)),
                                r.toString()));
            }
            absent.forEach(a -> assertFalse(whole.contains(">" + a + "<"), a));
            String shown = envelope.text().replaceAll("\\s+", "");
            assertTrue(shown.contains(envelope.words().replaceAll("\\s+", "")), "what leaves can be looked at first");
        }
    }

    /** A letter runs nothing and says nothing but text, whatever somebody is called or asks. */
    @Test
    void hostileWordsAreOnlyShown() {
        String nasty = "<img src=x onerror=alert(1)></textarea><script>alert(1)</script>\u202E@data@";
        Envelope envelope =
                new Envelope(nasty + "\n" + nasty + "\n\n" + nasty, true, nasty, Optional.empty(), new byte[0]);
        Letter letter =
                new Letter("a".repeat(24), Optional.of(new PlayerId("p1")), Instant.EPOCH, false, Optional.empty());
        Reply reply = new Reply(new PlayerId("p1"), Reply.Coming.CAN, List.of(nasty), Instant.EPOCH);
        String page = new String(
                LetterPage.of(envelope, letter, "/h/x", true, Optional.of(reply), ZoneOffset.UTC),
                StandardCharsets.UTF_8);
        assertFalse(page.contains("<img"));
        assertFalse(page.contains("<script"));
        assertEquals(1, page.split("</textarea>", -1).length - 1);
        assertTrue(page.contains("You asked: &lt;img src=x onerror=alert(1)&gt;"));
    }
}
