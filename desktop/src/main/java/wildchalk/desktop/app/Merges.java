package wildchalk.desktop.app;

import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.edit.Wholes;

/** A drill with some versions of another state of it. */
final class Merges {

    private Merges() {}

    static Drill with(Drill drill, List<Progression> versions) {
        Drill now = drill;
        for (Progression version : versions) {
            now = Wholes.bringBack(version).applyTo(now, now.base().id()).drill();
        }
        return now;
    }
}
