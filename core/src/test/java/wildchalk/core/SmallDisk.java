package wildchalk.core;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** A disk of a few kilobytes that a test can fill, and make read-only; only where the system lets us mount one. */
public final class SmallDisk implements AutoCloseable {

    private final Path folder;

    private SmallDisk(Path folder) {
        this.folder = folder;
    }

    /** Empty where nobody may mount here. */
    public static Optional<SmallDisk> of(int kilobytes) throws Exception {
        Path folder = Files.createTempDirectory("wildchalk-disk");
        boolean mounted = ran("mount", "-t", "tmpfs", "-o", "size=" + kilobytes + "k", "tmpfs", folder.toString());
        return mounted ? Optional.of(new SmallDisk(folder)) : Optional.empty();
    }

    public Path folder() {
        return folder;
    }

    /** Writes until nothing fits any more; deleting the file makes room again. */
    public Path fill() throws IOException {
        Path filler = folder.resolve("filler");
        try (var out = Files.newOutputStream(filler)) {
            byte[] block = new byte[1024];
            while (true) {
                out.write(block);
            }
        } catch (IOException full) {
            return filler;
        }
    }

    public void readOnly(boolean on) throws Exception {
        if (!ran("mount", "-o", on ? "remount,ro" : "remount,rw", folder.toString())) {
            throw new IOException(folder + " cannot be mounted anew.");
        }
    }

    @Override
    public void close() throws Exception {
        ran("umount", "-l", folder.toString());
    }

    private static boolean ran(String... command) throws Exception {
        try {
            return new ProcessBuilder(command)
                            .redirectErrorStream(true)
                            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                            .start()
                            .waitFor()
                    == 0;
        } catch (IOException noSuchCommand) {
            return false;
        }
    }
}
