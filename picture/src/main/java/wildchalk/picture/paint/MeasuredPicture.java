package wildchalk.picture.paint;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.util.Iterator;
import java.util.concurrent.CancellationException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadProgressListener;
import javax.imageio.stream.ImageInputStream;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;

/** Reads pictures that are measured before they are decoded, no finer than they are needed. */
public final class MeasuredPicture {

    private MeasuredPicture() {}

    /**
     * Reads a PNG, JPEG or another picture that Java knows.
     *
     * @param needed pixels that its longer side needs at least; of more, about so many are read
     * @param most pixels that it may have in all before it is decoded
     * @throws IOException when it is no picture, or a larger one; the message says which, and how large it is
     */
    public static BufferedImage read(InputStream from, int needed, long most, Progress progress) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(from)) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new IOException(text("picture.none"));
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if ((long) width * height > most) {
                    throw new IOException(text("picture.too-large", width, height));
                }
                ImageReadParam how = reader.getDefaultReadParam();
                int every = Math.max(1, Math.max(width, height) / (2 * needed));
                how.setSourceSubsampling(every, every, 0, 0);
                reader.addIIOReadProgressListener(new Listener(progress));
                BufferedImage picture = reader.read(0, how);
                Progress.tell(progress, 1); // where it was stopped, the rest of the picture is missing
                return picture;
            } catch (CancellationException stopped) {
                throw stopped;
            } catch (RuntimeException broken) {
                throw new IOException(text("picture.none"), broken);
            } finally {
                reader.dispose();
            }
        }
    }

    private static String text(String key, Object... arguments) {
        return Texts.of("wildchalk.picture.picture").get(key, arguments);
    }

    /** Passes on how far a reader is, and stops it. */
    private record Listener(Progress progress) implements IIOReadProgressListener {
        @Override
        public void imageProgress(ImageReader source, float percentage) {
            if (!progress.at(percentage / 100)) {
                source.abort();
            }
        }

        @Override
        public void imageStarted(ImageReader source, int index) {}

        @Override
        public void imageComplete(ImageReader source) {}

        @Override
        public void sequenceStarted(ImageReader source, int index) {}

        @Override
        public void sequenceComplete(ImageReader source) {}

        @Override
        public void thumbnailStarted(ImageReader source, int index, int thumbnail) {}

        @Override
        public void thumbnailProgress(ImageReader source, float percentage) {}

        @Override
        public void thumbnailComplete(ImageReader source) {}

        @Override
        public void readAborted(ImageReader source) {}
    }
}
