package wildchalk.picture.handout;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import wildchalk.core.progress.Progress;
import wildchalk.core.session.Coach;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.text.Texts;
import wildchalk.picture.export.SideBySide;

/**
 * All that one person gets behind a link: nothing else leaves.
 *
 * @param words what he reads first, a line each; blocks with an empty line between
 * @param asks whether he is asked to answer
 * @param coach who has made it
 * @param page what plays his part; empty where no drill is run
 * @param calendar an entry for his calendar
 */
public record Envelope(String words, boolean asks, String coach, Optional<byte[]> page, byte[] calendar) {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    /** One for each player who is there, and one for those who help. */
    public static Map<Optional<PlayerId>, Envelope> of(HourTold told, HandoutOptions how, Progress progress)
            throws IOException {
        List<Optional<PlayerId>> who = Stream.concat(
                        told.hour().plan().present().stream().map(Optional::of), Stream.of(Optional.<PlayerId>empty()))
                .toList();
        List<Envelope> made = SideBySide.each(
                who.size(),
                i -> of(told.calling(how.names()), how.withPlayer(who.get(i))),
                done -> Progress.tell(progress, (double) done / who.size()));
        Map<Optional<PlayerId>, Envelope> all = new LinkedHashMap<>();
        for (int i = 0; i < who.size(); i++) {
            all.put(who.get(i), made.get(i));
        }
        return all;
    }

    private static Envelope of(HourTold told, HandoutOptions how) throws IOException {
        String coach = told.hour().session().coaches().stream()
                .findFirst()
                .map(Coach::name)
                .orElse(TEXTS.get("letter.coach"));
        boolean drills = how.player()
                .map(p -> Handouts.parts(told, how).get(0).stretches().stream()
                        .anyMatch(s -> s.post().isPresent()))
                .orElse(!told.firsts().isEmpty());
        return new Envelope(
                PhoneHour.words(told, how),
                how.player().isPresent(),
                coach,
                drills ? Optional.of(PhoneHour.of(told, how, Progress.NONE)) : Optional.empty(),
                Handouts.CALENDAR.make(told, how, Progress.NONE));
    }

    /** All that can be read in it, as it leaves. */
    public String text() {
        StringBuilder text = new StringBuilder(words).append("\n");
        page.ifPresent(p -> text.append("\n")
                .append(TEXTS.get("letter.inside.page"))
                .append("\n")
                .append(read(p)));
        text.append("\n")
                .append(TEXTS.get("letter.inside.calendar"))
                .append("\n")
                .append(new String(calendar, StandardCharsets.UTF_8));
        return text.toString();
    }

    /** What stands on a page of ours, without its looks and its pictures. */
    private static String read(byte[] page) {
        return new String(page, StandardCharsets.UTF_8)
                .replaceAll("(?s)<(style|svg|head)\\b.*?</\\1>", "\n")
                .replaceAll("(?s)<script\\b(?! id=)[^>]*>.*?</script>", "\n")
                .replaceAll("(?s)<[^>]+>", "\n")
                .replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&quot;", "\"")
                .replace("&#39;", "'")
                .replace("&amp;", "&")
                .replaceAll("\\s*\n\\s*", "\n")
                .strip();
    }
}
