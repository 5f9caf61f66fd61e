package wildchalk.desktop.ui;

import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;

/** Failures in words, in one line: the system often gives no more than a path. */
public final class Failures {

    private Failures() {}

    public static String said(Throwable why) {
        if (why instanceof FileSystemException f && f.getReason() == null) {
            return Ui.text(key(f), f.getFile());
        }
        String text = why.getMessage() == null || why.getMessage().isBlank()
                ? why.getClass().getSimpleName()
                : why.getMessage();
        return text.replaceAll("\\s+", " ").strip();
    }

    private static String key(FileSystemException why) {
        if (why instanceof FileAlreadyExistsException || why instanceof NotDirectoryException) {
            return "failure.in-the-way";
        } else if (why instanceof NoSuchFileException) {
            return "failure.not-there";
        } else if (why instanceof AccessDeniedException) {
            return "failure.not-allowed";
        }
        return "failure.file";
    }
}
