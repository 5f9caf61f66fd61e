package wildchalk.desktop.whistle;

import java.io.IOException;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.desktop.ui.Ui;

/** Asks whether the session is over. */
final class EndCard extends VBox {

    private final Label said = new Label(Ui.text("whistle.end.ask"));

    EndCard(Runnable finish) {
        super(16);
        getStyleClass().add("whistle-over");
        setId("whistle-end-card");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        said.getStyleClass().add("whistle-title");
        said.setWrapText(true);
        said.setMaxWidth(620);
        said.setMinHeight(Region.USE_PREF_SIZE);
        managedProperty().bind(visibleProperty());
        setVisible(false);
        var yes = WhistleView.button("whistle-end-yes", "whistle.end.yes", finish);
        yes.getStyleClass().add("accent-button");
        getChildren()
                .setAll(
                        said,
                        WhistleView.row(
                                yes, WhistleView.button("whistle-end-no", "whistle.end.no", () -> setVisible(false))));
    }

    void failed(IOException why) {
        said.setText(Ui.text("whistle.end.failed", why.getMessage()));
    }
}
