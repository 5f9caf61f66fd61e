package wildchalk.picture.export;

import java.util.Objects;
import wildchalk.core.words.Register;
import wildchalk.picture.style.Ground;

/**
 * How a file to hand out shall be made; each kind takes what concerns it.
 *
 * @param step from 0, for pictures of one step; below 0 for all of a rep
 * @param widthPixels of what is made of pixels
 * @param versions whether it holds the version that is open, or all of them
 * @param ways likewise for the ways that a version can go
 * @param words how much is told
 * @param shown how fast, and how often, where it moves
 */
public record ExportOptions(
        Ground ground,
        int step,
        Paper paper,
        int widthPixels,
        Reach versions,
        Reach ways,
        Register words,
        Shown shown) {

    /** How much of a drill goes in. */
    public enum Reach {
        /** What is open before the coach. */
        ONE,
        ALL
    }

    /** How a rep is shown that moves. */
    public enum Shown {
        /** As fast as it is. */
        ONCE,
        /** At half the speed. */
        SLOWLY,
        /** As fast as it is, and once more at half the speed. */
        BOTH
    }

    public ExportOptions {
        Objects.requireNonNull(shown, "shown");
        Objects.requireNonNull(ground, "ground");
        Objects.requireNonNull(paper, "paper");
        Objects.requireNonNull(versions, "versions");
        Objects.requireNonNull(ways, "ways");
        Objects.requireNonNull(words, "words");
    }

    public ExportOptions withGround(Ground other) {
        return new ExportOptions(other, step, paper, widthPixels, versions, ways, words, shown);
    }

    public ExportOptions withStep(int other) {
        return new ExportOptions(ground, other, paper, widthPixels, versions, ways, words, shown);
    }

    public ExportOptions withPaper(Paper other) {
        return new ExportOptions(ground, step, other, widthPixels, versions, ways, words, shown);
    }

    public ExportOptions withWidth(int pixels) {
        return new ExportOptions(ground, step, paper, pixels, versions, ways, words, shown);
    }

    public ExportOptions withVersions(Reach other) {
        return new ExportOptions(ground, step, paper, widthPixels, other, ways, words, shown);
    }

    public ExportOptions withWays(Reach other) {
        return new ExportOptions(ground, step, paper, widthPixels, versions, other, words, shown);
    }

    public ExportOptions withWords(Register other) {
        return new ExportOptions(ground, step, paper, widthPixels, versions, ways, other, shown);
    }

    public ExportOptions withShown(Shown other) {
        return new ExportOptions(ground, step, paper, widthPixels, versions, ways, words, other);
    }
}
