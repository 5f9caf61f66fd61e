package wildchalk.core.binder;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.time.Instant;
import java.util.Arrays;
import java.util.UUID;

/**
 * Writes files so that a crash at any moment leaves either the old one or the new one, whole. A link stays a link, and who
 * may read and write a file stays as it was.
 */
public final class SafeFiles {

    /** Looks at what was written before it replaces anything. */
    @FunctionalInterface
    public interface Check {

        Check NONE = part -> {};

        /** @throws IOException when it is not what it should be; the file that it would have replaced then stays */
        void readBack(Path part) throws IOException;
    }

    private SafeFiles() {}

    /**
     * Writes beside, forces to disk, looks at it, renames; what the file held before becomes a backup. A file that holds the
     * very same already is left alone.
     *
     * @throws ChangedMeanwhile when the file does not hold what is expected; it stays as it is
     * @throws IOException when it cannot be written
     */
    public static void write(Path file, byte[] content, Check check, Expected expected) throws IOException {
        Path target = followed(file);
        try (FolderLock turn = FolderLock.of(target.getParent())) {
            expected.check(target);
            if (!Files.isRegularFile(target) || !Arrays.equals(Files.readAllBytes(target), content)) {
                replace(target, content, check, true);
            }
        }
    }

    /** Whatever the file holds. */
    public static void write(Path file, byte[] content, Check check) throws IOException {
        write(file, content, check, Expected.ANYTHING);
    }

    /** Without looking at it. */
    public static void write(Path file, byte[] content) throws IOException {
        write(file, content, Check.NONE);
    }

    /** Writes like {@link #write}; what was there before is gone. */
    public static void replace(Path file, byte[] content) throws IOException {
        replace(followed(file), content, Check.NONE, false);
    }

    private static void replace(Path target, byte[] content, Check check, boolean keepBackup) throws IOException {
        Files.createDirectories(target.getParent());
        Path beside = target.resolveSibling(".wild-chalk-" + UUID.randomUUID() + ".part");
        try {
            // a new file is for those who may read new files here; a temporary one would be for its owner alone
            try (FileChannel channel =
                    FileChannel.open(beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
                ByteBuffer buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
            }
            check.readBack(beside);
            if (Files.isRegularFile(target)) {
                sameRights(target, beside);
                if (keepBackup) {
                    Backups.keep(target, Instant.now());
                }
            }
            rename(beside, target);
            force(target.getParent());
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    /** Where a link leads, also one whose file is not there yet. */
    private static Path followed(Path file) throws IOException {
        Path at = file.toAbsolutePath();
        for (int i = 0; i < 40 && Files.isSymbolicLink(at); i++) {
            at = at.resolveSibling(Files.readSymbolicLink(at)).normalize();
        }
        return at;
    }

    private static void sameRights(Path from, Path to) throws IOException {
        PosixFileAttributeView rights =
                Files.getFileAttributeView(to, PosixFileAttributeView.class, LinkOption.NOFOLLOW_LINKS);
        if (rights == null) {
            return; // a file system without such rights
        }
        PosixFileAttributes before = Files.readAttributes(from, PosixFileAttributes.class);
        if (!rights.readAttributes().group().equals(before.group())) {
            try {
                rights.setGroup(before.group());
            } catch (IOException notAllowed) {
                // only members may give a file to a group; it is readable all the same
            }
        }
        rights.setPermissions(before.permissions());
    }

    static void rename(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Forces the new name to disk, where the system can do that. */
    private static void force(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException notHere) {
            // some systems open no folders; the content is on the disk in any case
        }
    }
}
