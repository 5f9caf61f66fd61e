package wildchalk.desktop.binder;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import wildchalk.core.drill.Drill;

/** Works out the pictures of cards away from the window: heavy drills on a lane of their own, so that none waits for them. */
final class CardPainters {

    /** Moves and points from which a drill is heavy: several times what anybody draws. */
    private static final int HEAVY = 400;

    private final ExecutorService usual = thread("wildchalk-cards");
    private final ExecutorService heavy = thread("wildchalk-heavy-cards");

    /** Runs the work for a drill's card. */
    void paint(Drill drill, Runnable work) {
        (drill.base().size() < HEAVY ? usual : heavy).execute(work);
    }

    /** Runs when the usual cards that were asked for until now are painted. */
    void whenPainted(Runnable then) {
        usual.execute(then);
    }

    static ExecutorService thread(String name) {
        return Executors.newSingleThreadExecutor(task -> {
            Thread t = new Thread(task, name);
            t.setDaemon(true);
            return t;
        });
    }
}
