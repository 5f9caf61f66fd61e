package wildchalk.desktop.board;

import javafx.util.StringConverter;
import wildchalk.core.drill.AgeBand;

/** Age bands as people write them. */
public final class AgeText extends StringConverter<AgeBand> {

    @Override
    public String toString(AgeBand band) {
        return band == null ? "" : band.label();
    }

    @Override
    public AgeBand fromString(String text) {
        for (AgeBand band : AgeBand.values()) {
            if (band.label().equals(text)) {
                return band;
            }
        }
        throw new IllegalArgumentException("There is no age band \"" + text + "\".");
    }
}
