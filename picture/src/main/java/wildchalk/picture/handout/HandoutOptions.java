package wildchalk.picture.handout;

import java.util.Objects;
import wildchalk.picture.export.Paper;

/** How something is to be handed out. */
public record HandoutOptions(Paper paper, Names names) {

    /** How people are called in what leaves the club. */
    public enum Names {
        FIRST,
        WHOLE
    }

    /** First names only. */
    public static final HandoutOptions USUAL = new HandoutOptions(Paper.A4, Names.FIRST);

    public HandoutOptions {
        Objects.requireNonNull(paper, "paper");
        Objects.requireNonNull(names, "names");
    }

    public HandoutOptions withPaper(Paper other) {
        return new HandoutOptions(other, names);
    }

    public HandoutOptions withNames(Names other) {
        return new HandoutOptions(paper, other);
    }
}
