package wildchalk.picture.export;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntConsumer;

/** Works out the pages of one thing beside each other, as many at once as the machine has cores. */
public final class SideBySide {

    private static final int MOST = 4;

    private SideBySide() {}

    /** Work on one of several. */
    public interface Work<T> {
        T at(int index) throws IOException;
    }

    /**
     * All of them, in their order.
     *
     * @param told hears on the thread of whoever asks how many are done; what it throws stops the rest
     * @throws IOException as the first that failed did
     */
    public static <T> List<T> each(int count, Work<T> work, IntConsumer told) throws IOException {
        int threads = Math.min(Math.min(MOST, Runtime.getRuntime().availableProcessors()), Math.max(1, count));
        ExecutorService pool = Executors.newFixedThreadPool(threads, task -> {
            Thread thread = new Thread(task, "wildchalk-pages");
            thread.setDaemon(true);
            return thread;
        });
        try {
            List<Future<T>> asked = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                int index = i;
                asked.add(pool.submit(() -> work.at(index)));
            }
            List<T> done = new ArrayList<>();
            for (Future<T> one : asked) {
                done.add(one.get());
                told.accept(done.size());
            }
            return done;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new java.util.concurrent.CancellationException("stopped");
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof IOException why) {
                throw why;
            } else if (failed.getCause() instanceof RuntimeException why) {
                throw why;
            }
            throw new IllegalStateException(failed.getCause());
        } finally {
            pool.shutdownNow();
        }
    }
}
