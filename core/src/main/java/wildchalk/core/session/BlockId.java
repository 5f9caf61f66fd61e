package wildchalk.core.session;

import wildchalk.core.text.Slugs;

/** Names a block within its session. */
public record BlockId(String text) implements Comparable<BlockId> {

    public BlockId {
        Slugs.check("BlockId", text);
    }

    @Override
    public int compareTo(BlockId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
