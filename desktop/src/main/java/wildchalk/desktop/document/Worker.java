package wildchalk.desktop.document;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/** Computes off the FX thread; of several requests only the latest is answered. */
public final class Worker implements AutoCloseable {

    private final ExecutorService thread = Executors.newSingleThreadExecutor(task -> {
        Thread t = new Thread(task, "wildchalk-worker");
        t.setDaemon(true);
        return t;
    });
    private final AtomicReference<Object> latest = new AtomicReference<>();

    /** Runs {@code work} elsewhere and {@code answer} on the FX thread, unless something newer has been asked meanwhile. */
    public <T> void ask(Supplier<T> work, Consumer<T> answer) {
        Object ticket = new Object();
        latest.set(ticket);
        thread.execute(() -> {
            if (latest.get() != ticket) {
                return;
            }
            T result = work.get();
            Platform.runLater(() -> {
                if (latest.get() == ticket) {
                    answer.accept(result);
                }
            });
        });
    }

    /** Forgets what was asked last. */
    public void forget() {
        latest.set(null);
    }

    @Override
    public void close() {
        thread.shutdownNow();
    }
}
