package wildchalk.picture.export;

import java.util.Objects;
import java.util.Set;
import wildchalk.core.words.Register;
import wildchalk.picture.style.Ground;

/**
 * How a file to hand out shall be made; each kind takes what concerns it.
 *
 * @param step from 0, for pictures of one step; {@link #ALL_STEPS} for all of a rep
 * @param widthPixels of what is made of pixels
 * @param versions whether it holds the version that is open, or all of them
 * @param ways likewise for the ways that a version can go
 * @param words how much is told
 * @param shown how fast, and how often, where it moves
 * @param slow steps (from 0) of what is open that are shown at half the speed wherever the rest is not
 */
public record ExportOptions(
        Ground ground,
        int step,
        Paper paper,
        int widthPixels,
        Reach versions,
        Reach ways,
        Register words,
        Shown shown,
        Set<Integer> slow) {

    /** In place of a step: all of them. */
    public static final int ALL_STEPS = -1;

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
        slow = Set.copyOf(slow);
    }

    public ExportOptions withGround(Ground other) {
        return new ExportOptions(other, step, paper, widthPixels, versions, ways, words, shown, slow);
    }

    public ExportOptions withStep(int other) {
        return new ExportOptions(ground, other, paper, widthPixels, versions, ways, words, shown, slow);
    }

    public ExportOptions withPaper(Paper other) {
        return new ExportOptions(ground, step, other, widthPixels, versions, ways, words, shown, slow);
    }

    public ExportOptions withWidth(int pixels) {
        return new ExportOptions(ground, step, paper, pixels, versions, ways, words, shown, slow);
    }

    public ExportOptions withVersions(Reach other) {
        return new ExportOptions(ground, step, paper, widthPixels, other, ways, words, shown, slow);
    }

    public ExportOptions withWays(Reach other) {
        return new ExportOptions(ground, step, paper, widthPixels, versions, other, words, shown, slow);
    }

    public ExportOptions withWords(Register other) {
        return new ExportOptions(ground, step, paper, widthPixels, versions, ways, other, shown, slow);
    }

    public ExportOptions withShown(Shown other) {
        return new ExportOptions(ground, step, paper, widthPixels, versions, ways, words, other, slow);
    }

    public ExportOptions withSlow(Set<Integer> steps) {
        return new ExportOptions(ground, step, paper, widthPixels, versions, ways, words, shown, steps);
    }
}
