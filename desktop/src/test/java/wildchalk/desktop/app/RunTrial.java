package wildchalk.desktop.app;

import java.nio.file.Path;
import java.util.Random;
import wildchalk.core.binder.MachineClocks;
import wildchalk.core.whistle.Signal;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.whistle.RunDocument;
import wildchalk.desktop.whistle.RunTrials;

/** A run in which something is pressed without a pause until it is killed; what was pressed is said with the time, once it was. */
final class RunTrial {

    private static final int MILLIS = 15;

    private RunTrial() {}

    public static void main(String[] arguments) throws Exception {
        Random random = new Random(Long.parseLong(arguments[1]));
        RunDocument run = RunDocument.ready(Path.of(arguments[0]), new MachineClocks(), new Faults());
        RunTrials.begin(run);
        for (int i = 0; ; i++) {
            Signal signal =
                    switch (random.nextInt(4)) {
                        case 0 -> new Signal.Rep();
                        case 1 -> new Signal.Scored("g1", "goal", 1 + random.nextInt(3));
                        case 2 -> new Signal.Noted("note " + i);
                        default -> new Signal.Tallied("good");
                    };
            double at = RunTrials.press(run, signal);
            System.out.println(System.currentTimeMillis() + " " + at + " " + (i + 1));
            Thread.sleep(MILLIS);
        }
    }
}
