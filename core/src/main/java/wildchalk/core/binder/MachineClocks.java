package wildchalk.core.binder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import wildchalk.core.whistle.Reading;

/** The clocks of this computer. Where the system tells how long it has been up, sleep counted, nothing need be guessed. */
public final class MachineClocks implements Supplier<Reading> {

    private static final Path UPTIME = Path.of("/proc/uptime");
    private static final Path BOOT = Path.of("/proc/sys/kernel/random/boot_id");

    private final String process =
            ProcessHandle.current().pid() + "-" + System.nanoTime() + "-" + System.currentTimeMillis();
    private final String boot = read(BOOT).strip();

    @Override
    public Reading get() {
        return new Reading(System.currentTimeMillis() / 1e3, process, System.nanoTime() / 1e9, boot, up());
    }

    private static OptionalDouble up() {
        try {
            String text = read(UPTIME);
            return text.isEmpty()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(Double.parseDouble(text.substring(0, text.indexOf(' '))));
        } catch (NumberFormatException | IndexOutOfBoundsException other) {
            return OptionalDouble.empty();
        }
    }

    /** Nothing where there is no such file: other systems have none. */
    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException none) {
            return "";
        }
    }
}
