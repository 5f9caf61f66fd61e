package wildchalk.desktop.app;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.picture.export.Told;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Ground;

/**
 * While the window system starts on one core, the painter and the engine are made ready on another: fonts, surfaces and
 * texts are loaded, and the first drill is painted once for nobody to see.
 */
final class WarmUp {

    private WarmUp() {}

    static void begin(String[] windowArguments) {
        Thread thread = new Thread(() -> run(windowArguments), "wildchalk-warm-up");
        thread.setDaemon(true);
        thread.start();
    }

    private static void run(String[] windowArguments) {
        Drill drill = Drill.blank("Warm-up", new SurfaceUse("handball", "whole"), Audience.USUAL);
        for (String argument : windowArguments) {
            if (argument.startsWith(WildChalkApp.DRILL)) {
                try {
                    drill = DrillFile.read(Path.of(argument.substring(WildChalkApp.DRILL.length())))
                            .value();
                } catch (IOException e) {
                    continue; // the window will say what is wrong with it
                }
            }
        }
        Told told = Told.of(drill, drill.base());
        BufferedImage nobody = new BufferedImage(440, 220, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = nobody.createGraphics();
        new Painter(Ground.SLATE)
                .paint(
                        g,
                        Frame.at(drill, told.path(), told.timeline(), 0),
                        Viewport.fitting(drill.surfaceUse(), 440, 220));
        g.dispose();
    }
}
