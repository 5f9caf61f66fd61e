package wildchalk.desktop.ui;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

@ExtendWith(ApplicationExtension.class)
class AsideTest {

    private static <R> R onTheWindowsThread(Aside.Work<R> work) throws Exception {
        CompletableFuture<R> answer = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                answer.complete(Aside.call(work));
            } catch (IOException e) {
                answer.completeExceptionally(e);
            }
        });
        return answer.get(30, TimeUnit.SECONDS);
    }

    @Test
    void theWindowGoesOnWhileWhoeverAskedWaits() throws Exception {
        boolean wentOn = onTheWindowsThread(() -> {
            CountDownLatch drawn = new CountDownLatch(1);
            Platform.runLater(drawn::countDown);
            try {
                return drawn.await(20, TimeUnit.SECONDS);
            } catch (InterruptedException e) {
                return false;
            }
        });
        assertTrue(wentOn);
    }

    @Test
    void whatGoesWrongIsToldToWhoeverAsked() {
        IOException full = new IOException("The disk is full.");
        ExecutionException told = assertThrows(
                ExecutionException.class,
                () -> onTheWindowsThread(() -> {
                    throw full;
                }));
        assertSame(full, told.getCause());
    }

    @Test
    void elsewhereItIsDoneAtOnce() throws IOException {
        Thread here = Thread.currentThread();
        assertSame(here, Aside.call(Thread::currentThread));
        assertEquals("done", Aside.call(() -> "done"));
    }
}
