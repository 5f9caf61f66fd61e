package wildchalk.picture.export;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import wildchalk.core.progress.Progress;

/** Whole reps as an animated GIF that repeats, with the sentences of the step under them. */
public final class GifExport {

    /** Hundredths of a second that a frame stands. */
    public static final int FRAME_HUNDREDTHS = 8;

    /** How long the last frame of a rep stands, so that the eye can rest before the next. */
    public static final int LAST_HUNDREDTHS = 120;

    /** A clip is looked at, not watched for an evening. */
    static final double MOST_SECONDS = 600;

    private GifExport() {}

    /** Frames of a rep of so many seconds: the first at the whistle, the last at or after the end. */
    public static int frames(double seconds) {
        return (int) Math.ceil(seconds * 100 / FRAME_HUNDREDTHS) + 1;
    }

    /** @throws TooLong when it lasts longer than anybody watches */
    public static byte[] of(Told open, ExportOptions how, Progress progress) throws IOException {
        Clip clip = new Clip(open, how, how.widthPixels());
        TooLong.check(clip.reps(), MOST_SECONDS);
        int total = clip.reps().stream()
                .mapToInt(r -> frames(r.timeline().seconds()))
                .sum();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        BufferedImage image = clip.blank();
        int done = 0;
        try (GifWriter gif = new GifWriter(bytes)) {
            for (Told told : clip.reps()) {
                int frames = frames(told.timeline().seconds());
                for (int i = 0; i < frames; i++) {
                    Progress.tell(progress, (double) done++ / total);
                    clip.draw(told, Math.min(told.timeline().seconds(), i * FRAME_HUNDREDTHS / 100.0), image);
                    gif.add(image, i + 1 < frames ? FRAME_HUNDREDTHS : LAST_HUNDREDTHS);
                }
            }
        }
        Progress.tell(progress, 1);
        return bytes.toByteArray();
    }
}
