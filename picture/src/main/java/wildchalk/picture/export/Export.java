package wildchalk.picture.export;

import java.io.IOException;
import java.util.List;
import java.util.Set;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;
import wildchalk.core.words.Register;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.style.Ground;

/**
 * One kind of file to hand out.
 *
 * @param id short and stable: "pdf", "gif-paths"; its name stands under {@code export.<id>}
 * @param suffix how such files end
 * @param asks what can be chosen before one is made
 * @param widths in pixels that one may choose from, the usual one first; empty where there is nothing to choose
 * @param reach how much of a drill goes in, unless something else is wanted
 * @param mostWays of a version that it can show; of a version with more it shows one
 */
public record Export(
        String id,
        String suffix,
        Set<Choice> asks,
        List<Integer> widths,
        Reach reach,
        int mostWays,
        Maker maker,
        Looker looker) {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    /** What can be chosen before a file is made, in the order in which it is asked. */
    public enum Choice {
        VERSIONS,
        WAYS,
        WORDS,
        /** One step, or all of them on one picture. */
        STEPS,
        /** The whole rep, or one step of it. */
        PART,
        SHOWN,
        /** Which step is shown slowly. */
        SLOW,
        PAPER,
        WIDTH,
        GROUND
    }

    /** Makes the bytes of a file. */
    public interface Maker {
        /** @throws TooLong when nobody would want what came of it */
        byte[] make(Told told, ExportOptions options, Progress progress) throws IOException;
    }

    /** Shows beforehand what would come of it. */
    public interface Looker {
        /**
         * @param widthPixels of each picture
         * @throws TooLong when nobody would want what came of it
         */
        Preview look(Told told, ExportOptions options, int widthPixels, Progress progress) throws IOException;
    }

    public Export {
        asks = Set.copyOf(asks);
        widths = List.copyOf(widths);
    }

    public String title() {
        return TEXTS.get("export." + id);
    }

    /** How it is made when nothing is chosen. */
    public ExportOptions usual(Ground ground, int step) {
        int width = widths.isEmpty() ? PngExport.PRINT_WIDTH : widths.get(0);
        int which = asks.contains(Choice.PART) ? ExportOptions.ALL_STEPS : step;
        return new ExportOptions(
                ground, which, Paper.A4, width, reach, reach, Register.ALOUD, ExportOptions.Shown.ONCE, Set.of());
    }

    public byte[] make(Told told, ExportOptions options, Progress progress) throws IOException {
        return maker.make(told, options, progress);
    }

    public Preview look(Told told, ExportOptions options, int widthPixels, Progress progress) throws IOException {
        return looker.look(told, options, widthPixels, progress);
    }

    @Override
    public String toString() {
        return id;
    }
}
