package wildchalk.desktop.document;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/** Computes off the FX thread; of several requests only the latest is answered. Work that fails is told, never swallowed. */
public final class Worker implements AutoCloseable {

    private final ExecutorService thread = Executors.newSingleThreadExecutor(task -> {
        Thread t = new Thread(task, "wildchalk-worker");
        t.setDaemon(true);
        return t;
    });
    private final AtomicReference<Object> latest = new AtomicReference<>();
    private final Consumer<Throwable> failed;

    /** @param failed hears on the worker's thread why the latest request could not be answered */
    public Worker(Consumer<Throwable> failed) {
        this.failed = failed;
    }

    /** Runs {@code work} elsewhere and {@code answer} on the FX thread, unless something newer has been asked meanwhile. */
    public <T> void ask(Supplier<T> work, Consumer<T> answer) {
        Object ticket = new Object();
        latest.set(ticket);
        try {
            thread.execute(() -> {
                if (latest.get() == ticket) {
                    answer(work, answer, ticket);
                }
            });
        } catch (RejectedExecutionException closed) {
            // nobody waits for an answer any more
            latest.set(null);
        }
    }

    private <T> void answer(Supplier<T> work, Consumer<T> answer, Object ticket) {
        T result;
        try {
            result = work.get();
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            if (latest.get() == ticket) {
                failed.accept(e);
            }
            return;
        }
        Platform.runLater(() -> {
            if (latest.get() == ticket) {
                answer.accept(result);
            }
        });
    }

    /** Forgets what was asked last. */
    public void forget() {
        latest.set(null);
    }

    @Override
    public void close() {
        forget();
        thread.shutdownNow();
    }
}
