package wildchalk.picture.export;

import java.io.IOException;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;
import wildchalk.picture.style.Ground;

/**
 * One kind of file to hand out.
 *
 * @param id short and stable: "pdf", "gif-paths"; its name in menus stands under {@code export.<id>}
 * @param suffix how such files end
 */
public record Export(String id, String suffix, Maker maker) {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    /** Makes the bytes of a file. */
    public interface Maker {
        /** @throws TooLong when nobody would want what came of it */
        byte[] make(Told told, Options options, Progress progress) throws IOException;
    }

    /**
     * How it shall be made; each kind takes what concerns it.
     *
     * @param step from 0, for pictures of one step
     * @param widthPixels of pictures made of pixels
     */
    public record Options(Ground ground, int step, SheetExport.Paper paper, int widthPixels) {

        public static Options usual(Ground ground, int step) {
            return new Options(ground, step, SheetExport.Paper.A4, PngExport.PRINT_WIDTH);
        }
    }

    public String title() {
        return TEXTS.get("export." + id);
    }

    public byte[] make(Told told, Options options, Progress progress) throws IOException {
        return maker.make(told, options, progress);
    }

    @Override
    public String toString() {
        return id;
    }
}
