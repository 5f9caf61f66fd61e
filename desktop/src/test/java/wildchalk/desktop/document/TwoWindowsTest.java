package wildchalk.desktop.document;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.binder.TwoPrograms;

/** Two windows at one binder. */
class TwoWindowsTest {

    @TempDir
    Path folder;

    @Test
    void ofTwoWindowsThatSaveAtTheSameTimeNothingIsLost() throws Exception {
        TwoPrograms.assertNothingIsLost(SaveManyByDocument.class, folder, 300);
    }
}
