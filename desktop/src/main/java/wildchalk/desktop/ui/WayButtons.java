package wildchalk.desktop.ui;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import wildchalk.core.motion.Turnings;
import wildchalk.core.motion.Turnings.Turning;

/** A button for each way that a rep can go. */
public final class WayButtons {

    /** More ways than these stand in several rows. */
    private static final int ONE_ROW = 6;

    private static final double GAP = 8;

    private WayButtons() {}

    /**
     * Buttons side by side.
     *
     * @param prefix of their ids
     * @param text what stands on a button, from its number and what its way is called
     */
    public static Pane of(
            Turning turning, String prefix, BiFunction<Integer, String, String> text, Consumer<Turnings.Option> take) {
        Pane row = turning.ways().size() <= ONE_ROW ? new HBox(GAP) : new FlowPane(GAP, GAP);
        List<Turnings.Option> ways = turning.ways();
        for (int i = 0; i < ways.size(); i++) {
            Turnings.Option way = ways.get(i);
            Button button = new Button(text.apply(i + 1, way.label()));
            button.setId(prefix + way.id());
            button.setMnemonicParsing(false);
            button.setOnAction(e -> take.accept(way));
            row.getChildren().add(button);
        }
        return row;
    }
}
