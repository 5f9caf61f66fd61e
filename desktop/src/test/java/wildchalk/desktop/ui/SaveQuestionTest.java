package wildchalk.desktop.ui;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Path;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SaveQuestionTest {

    @ParameterizedTest
    @CsvSource({
        "wall, .pdf, wall.pdf",
        "wall.pdf, .pdf, wall.pdf",
        "wall.PDF, .pdf, wall.PDF",
        "wall.old, .pdf, wall.old.pdf",
        "mine, .drill.json, mine.drill.json",
        "mine.json, .drill.json, mine.drill.json",
        "mine.drill.json, .drill.json, mine.drill.json",
        "2 v 1. Left, .gif, 2 v 1. Left.gif"
    })
    void aNameHasItsEndingOnce(String typed, String suffix, String saved) {
        Path folder = Path.of("some folder");
        assertEquals(folder.resolve(saved), SaveQuestion.withEnding(folder.resolve(typed), suffix));
    }
}
