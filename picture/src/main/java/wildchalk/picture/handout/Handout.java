package wildchalk.picture.handout;

import java.io.IOException;
import java.util.Set;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;
import wildchalk.picture.export.Preview;

/**
 * One kind of file that is made of an hour.
 *
 * @param id short and stable: "pdf", "cards"; its name stands under {@code handout.<id>}
 * @param suffix how such files end
 * @param asks what can be chosen before one is made
 */
public record Handout(String id, String suffix, Set<Choice> asks, Maker maker, Looker looker) {

    /** What can be chosen before a file is made, in the order in which it is asked. */
    public enum Choice {
        PLAYER,
        PAPER,
        NAMES
    }

    public Handout {
        asks = Set.copyOf(asks);
    }

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    /** Makes the bytes of a file. */
    public interface Maker {
        byte[] make(HourTold told, HandoutOptions options, Progress progress) throws IOException;
    }

    /** Shows beforehand what would come of it. */
    public interface Looker {
        /** @param widthPixels of each picture */
        Preview look(HourTold told, HandoutOptions options, int widthPixels, Progress progress) throws IOException;
    }

    public String title() {
        return TEXTS.get("handout." + id);
    }

    /** What is appended to the name of a session for a name of a file. */
    public String name() {
        return TEXTS.get("handout.file." + id);
    }

    public byte[] make(HourTold told, HandoutOptions options, Progress progress) throws IOException {
        return maker.make(told.calling(options.names()), options, progress);
    }

    public Preview look(HourTold told, HandoutOptions options, int widthPixels, Progress progress) throws IOException {
        return looker.look(told.calling(options.names()), options, widthPixels, progress);
    }

    @Override
    public String toString() {
        return id;
    }
}
