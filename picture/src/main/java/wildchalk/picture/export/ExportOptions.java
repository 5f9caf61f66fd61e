package wildchalk.picture.export;

import java.util.Objects;
import wildchalk.picture.style.Ground;

/**
 * How a file to hand out shall be made; each kind takes what concerns it.
 *
 * @param step from 0, for pictures of one step
 * @param widthPixels of what is made of pixels
 * @param versions whether it holds the version that is open, or all of them
 * @param ways likewise for the ways that a version can go
 */
public record ExportOptions(
        Ground ground, int step, SheetExport.Paper paper, int widthPixels, Reach versions, Reach ways) {

    /** How much of a drill goes in. */
    public enum Reach {
        /** What is open before the coach. */
        ONE,
        ALL
    }

    public ExportOptions {
        Objects.requireNonNull(ground, "ground");
        Objects.requireNonNull(paper, "paper");
        Objects.requireNonNull(versions, "versions");
        Objects.requireNonNull(ways, "ways");
    }

    public ExportOptions withGround(Ground other) {
        return new ExportOptions(other, step, paper, widthPixels, versions, ways);
    }

    public ExportOptions withStep(int other) {
        return new ExportOptions(ground, other, paper, widthPixels, versions, ways);
    }

    public ExportOptions withPaper(SheetExport.Paper other) {
        return new ExportOptions(ground, step, other, widthPixels, versions, ways);
    }

    public ExportOptions withWidth(int pixels) {
        return new ExportOptions(ground, step, paper, pixels, versions, ways);
    }

    public ExportOptions withVersions(Reach other) {
        return new ExportOptions(ground, step, paper, widthPixels, other, ways);
    }

    public ExportOptions withWays(Reach other) {
        return new ExportOptions(ground, step, paper, widthPixels, versions, other);
    }
}
