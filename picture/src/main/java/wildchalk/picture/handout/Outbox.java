package wildchalk.picture.handout;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javax.imageio.ImageIO;
import wildchalk.core.binder.SafeFiles;
import wildchalk.core.progress.Progress;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.text.Slugs;
import wildchalk.core.text.Texts;

/** A folder of messages that lie ready: for each person what to paste, what to attach, and his link where there is one. */
public final class Outbox {

    /** What it is called in a binder. */
    public static final String FOLDER = "outbox";

    private static final int CODE_PIXELS = 600;
    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private Outbox() {}

    /**
     * Writes them; what lay there under the same names is replaced.
     *
     * @param link of somebody, while links are served
     */
    public static void write(
            Path folder,
            HourTold told,
            HandoutOptions how,
            Function<Optional<PlayerId>, Optional<String>> link,
            Progress progress)
            throws IOException {
        Map<Optional<PlayerId>, Envelope> all = Envelope.of(told, how, done -> progress.at(0.8 * done));
        Files.createDirectories(folder);
        int number = 0;
        for (Map.Entry<Optional<PlayerId>, Envelope> one : all.entrySet()) {
            Progress.tell(progress, 0.8 + 0.2 * number / all.size());
            number++;
            HourTold named = told.calling(how.names());
            String who =
                    one.getKey().map(p -> named.hour().writer().name(p.text())).orElse(TEXTS.get("outbox.helpers"));
            String stem = "%02d-%s".formatted(number, Slugs.of(who));
            write(folder, stem, one.getValue(), link.apply(one.getKey()));
        }
        Progress.tell(progress, 1);
    }

    private static void write(Path folder, String stem, Envelope envelope, Optional<String> link) throws IOException {
        String text = link.map(l -> envelope.words().strip() + "\n\n" + TEXTS.get("outbox.link", l) + "\n")
                .orElse(envelope.words());
        SafeFiles.replace(folder.resolve(stem + ".txt"), text.getBytes(StandardCharsets.UTF_8));
        SafeFiles.replace(folder.resolve(stem + ".ics"), envelope.calendar());
        if (envelope.page().isPresent()) {
            SafeFiles.replace(folder.resolve(stem + ".html"), envelope.page().get());
        }
        if (link.isPresent()) {
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(LinkCode.of(link.get(), CODE_PIXELS), "png", png);
            SafeFiles.replace(folder.resolve(stem + ".png"), png.toByteArray());
        }
    }
}
