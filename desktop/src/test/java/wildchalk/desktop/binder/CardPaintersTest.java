package wildchalk.desktop.binder;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import wildchalk.core.Demo;
import wildchalk.core.motion.LargeShapes;

class CardPaintersTest {

    @Test
    void aHeavyDrillDelaysItsOwnCardOnly() throws Exception {
        CardPainters painters = new CardPainters();
        CountDownLatch heavyMayEnd = new CountDownLatch(1);
        AtomicBoolean heavyIsPainted = new AtomicBoolean();
        CountDownLatch others = new CountDownLatch(3);
        painters.paint(LargeShapes.largest(), () -> {
            try {
                heavyMayEnd.await();
                heavyIsPainted.set(true);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
        for (String id : new String[] {"crossing-backs", "ebb-or-flow"}) {
            painters.paint(Demo.read(id), others::countDown);
        }
        painters.whenPainted(others::countDown);
        try {
            assertTrue(others.await(30, TimeUnit.SECONDS), "the others do not wait");
            assertFalse(heavyIsPainted.get());
        } finally {
            heavyMayEnd.countDown();
        }
    }
}
