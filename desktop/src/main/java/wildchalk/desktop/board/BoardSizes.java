package wildchalk.desktop.board;

import java.util.List;
import javafx.beans.Observable;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;

/** Which parts stand round the board and how large they are: as somebody has put them, for every drill. */
public final class BoardSizes {

    public static final double LEAST_PANEL = 320;
    public static final double MOST_PANEL = 520;
    public static final double USUAL_PANEL = 334;
    public static final double LEAST_LANES = 72;
    public static final double MOST_LANES = 360;
    public static final double USUAL_LANES = 168;

    private final BooleanProperty tray = new SimpleBooleanProperty(true);
    private final BooleanProperty panel = new SimpleBooleanProperty(true);
    private final BooleanProperty lanes = new SimpleBooleanProperty(false);
    private final DoubleProperty panelWidth = new SimpleDoubleProperty(USUAL_PANEL);
    private final DoubleProperty lanesHeight = new SimpleDoubleProperty(USUAL_LANES);

    /** Whether the tray stands beside the board. */
    public BooleanProperty trayProperty() {
        return tray;
    }

    /** Whether words and findings stand beside the board. */
    public BooleanProperty panelProperty() {
        return panel;
    }

    /** Whether the strip shows a lane for everybody. */
    public BooleanProperty lanesProperty() {
        return lanes;
    }

    public DoubleProperty panelWidthProperty() {
        return panelWidth;
    }

    public DoubleProperty lanesHeightProperty() {
        return lanesHeight;
    }

    /** Everything that can be put otherwise. */
    public List<Observable> all() {
        return List.of(tray, panel, lanes, panelWidth, lanesHeight);
    }
}
