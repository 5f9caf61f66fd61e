package wildchalk.desktop.app;

import wildchalk.desktop.command.CommandLineEntry;

/** Where the program starts. It is no JavaFX application itself, so that it runs from a plain class path. */
public final class Launcher {

    private Launcher() {}

    public static void main(String[] arguments) {
        if (CommandLineEntry.wants(arguments)) {
            System.setProperty("java.awt.headless", "true");
            System.exit(CommandLineEntry.run(arguments, System.out, System.err));
        }
    }
}
