package wildchalk.core.binder;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** Writes files so that a crash at any moment leaves either the old one or the new one, whole. */
public final class SafeFiles {

    /** The folder beside a file that holds what it was before. */
    public static final String BACKUPS = ".backups";

    private static final int BACKUPS_KEPT = 10;

    private SafeFiles() {}

    /** Writes beside, forces to disk, renames; keeps the previous content in {@link #BACKUPS}. */
    public static void write(Path file, byte[] content) throws IOException {
        write(file, content, true);
    }

    /** Writes beside, forces to disk, renames; what was there before is gone. */
    static void replace(Path file, byte[] content) throws IOException {
        write(file, content, false);
    }

    private static void write(Path file, byte[] content, boolean keepBackup) throws IOException {
        Path target = file.toAbsolutePath();
        Files.createDirectories(target.getParent());
        Path beside = Files.createTempFile(target.getParent(), "." + target.getFileName(), ".part");
        try {
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                ByteBuffer buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
            }
            if (keepBackup && Files.isRegularFile(target)) {
                backUp(target);
            }
            rename(beside, target);
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    private static void rename(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static void backUp(Path target) throws IOException {
        Path folder = target.resolveSibling(BACKUPS);
        Files.createDirectories(folder);
        String name = target.getFileName().toString();
        List<Path> earlier = backupsOf(target);
        int next = earlier.isEmpty() ? 1 : numberOf(earlier.get(earlier.size() - 1)) + 1;
        Files.copy(target, folder.resolve(name + "." + next), StandardCopyOption.REPLACE_EXISTING);
        for (int i = 0; i + BACKUPS_KEPT <= earlier.size(); i++) {
            Files.deleteIfExists(earlier.get(i));
        }
    }

    /** Earlier contents of a file, oldest first. */
    public static List<Path> backupsOf(Path file) throws IOException {
        Path folder = file.toAbsolutePath().resolveSibling(BACKUPS);
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        String stem = file.getFileName() + ".";
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(p -> p.getFileName().toString().startsWith(stem) && numberOf(p) > 0)
                    .sorted(Comparator.comparingInt(SafeFiles::numberOf))
                    .toList();
        }
    }

    private static int numberOf(Path backup) {
        String name = backup.getFileName().toString();
        String digits = name.substring(name.lastIndexOf('.') + 1);
        return digits.matches("\\d{1,9}") ? Integer.parseInt(digits) : 0;
    }
}
