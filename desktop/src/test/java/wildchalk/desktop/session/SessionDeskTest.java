package wildchalk.desktop.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mockito;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.binder.Binder;
import wildchalk.desktop.app.Window;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Reader;

/** Whoever waits for the drills of a binder gets them, and nobody takes "not read yet" for "there are none". */
@ExtendWith(ApplicationExtension.class)
class SessionDeskTest {

    @Test
    void allWhoWaitAreAnswered(@TempDir Path folder) throws Exception {
        Files.createDirectories(folder.resolve("drills"));
        SessionDesk desk = new SessionDesk(
                () -> new Binder(folder),
                file -> {},
                Mockito.mock(FileDialogs.class),
                new Faults(),
                () -> Reader.USUAL);
        assertFalse(desk.knowsDrills(), "nothing was asked for yet");
        List<String> answered = new ArrayList<>();
        WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
            desk.readDrills(() -> answered.add("drawer"));
            desk.readDrills(() -> answered.add("proposal"));
            assertFalse(desk.knowsDrills(), "they are being read");
        });
        Window.until(() -> answered.size() == 2);
        assertEquals(List.of("drawer", "proposal"), answered);
        assertTrue(desk.knowsDrills());
    }

    /** Where they cannot be read that is said, and not that they still are. */
    @Test
    void whoWaitsForWhatCannotBeReadIsTold(@TempDir Path folder) throws Exception {
        Binder broken = Mockito.spy(new Binder(folder));
        Mockito.doThrow(new IOException("gone")).when(broken).drills();
        SessionDesk desk = new SessionDesk(
                () -> broken, file -> {}, Mockito.mock(FileDialogs.class), new Faults(), () -> Reader.USUAL);
        List<String> answered = new ArrayList<>();
        WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
            desk.readDrills(() -> answered.add(desk.noDrills()));
            assertEquals(Ui.text("session.drills-are-read"), desk.noDrills());
        });
        Window.until(() -> answered.size() == 1);
        assertEquals(List.of(Ui.text("session.drills-unreadable")), answered);
    }
}
