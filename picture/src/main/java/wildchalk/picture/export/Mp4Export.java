package wildchalk.picture.export;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import wildchalk.core.progress.Progress;

/** Whole reps as a film that any phone plays: H.264 in MP4, what is needed first at its beginning. */
public final class Mp4Export {

    private Mp4Export() {}

    /** @throws TooLong when it lasts longer than anybody watches */
    public static byte[] of(Told open, ExportOptions how, Progress progress) throws IOException {
        return bytes(Film.of(open, how), progress);
    }

    static byte[] bytes(Film film, Progress progress) throws IOException {
        Path folder = Files.createTempDirectory("wildchalk-film");
        try {
            return bytes(film, folder, progress);
        } finally {
            Files.deleteIfExists(folder);
        }
    }

    /** @param folder for what is only needed until it is made */
    static byte[] bytes(Film film, Path folder, Progress progress) throws IOException {
        Path file = folder.resolve("film.mp4");
        try {
            try (Mp4Writer writer = new Mp4Writer(file, film.width(), film.height(), Film.FRAMES_A_SECOND)) {
                film.show(writer::add, progress);
                writer.finish();
            }
            Progress.tell(progress, 1);
            return Files.readAllBytes(file);
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
