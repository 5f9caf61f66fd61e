package wildchalk.desktop.whistle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.whistle.Run;
import wildchalk.core.whistle.Signal;
import wildchalk.desktop.ui.Ui;

/** Who is there: a press when somebody comes or goes. */
final class WhoCard extends VBox {

    private final Optional<Squad> squad;
    private final Consumer<Signal> press;
    private final FlowPane names = new FlowPane(12, 12);
    private List<PlayerId> shown = List.of();

    WhoCard(Optional<Squad> squad, Consumer<Signal> press) {
        super(12);
        this.squad = squad;
        this.press = press;
        getStyleClass().add("whistle-over");
        setId("whistle-people");
        setMaxSize(900, Region.USE_PREF_SIZE);
        setAlignment(Pos.TOP_LEFT);
        Label head = new Label(Ui.text(squad.isPresent() ? "whistle.who.head" : "whistle.who.none"));
        head.getStyleClass().add("whistle-title");
        head.setWrapText(true);
        ScrollPane scroll = new ScrollPane(names);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setPrefViewportHeight(420);
        scroll.getStyleClass().add("findings-scroll");
        managedProperty().bind(visibleProperty());
        setVisible(false);
        getChildren()
                .setAll(
                        head,
                        scroll,
                        WhistleView.button("whistle-who-close", "whistle.close", () -> setVisible(false)));
    }

    void show(Run run) {
        List<PlayerId> present = new ArrayList<>(run.plan().present());
        if (squad.isEmpty()
                || !isVisible()
                || present.equals(shown) && !names.getChildren().isEmpty()) {
            return;
        }
        shown = present;
        names.getChildren()
                .setAll(squad.get().players().stream()
                        .map(p -> {
                            ToggleButton button = new ToggleButton(p.name());
                            button.setId("whistle-there-" + p.id());
                            button.setMnemonicParsing(false);
                            button.getStyleClass().addAll("chip", "whistle-button");
                            button.setFocusTraversable(false);
                            boolean there = present.contains(p.id());
                            button.setSelected(there);
                            button.setOnAction(
                                    e -> press.accept(there ? new Signal.Gone(p.id()) : new Signal.Came(p.id())));
                            return button;
                        })
                        .toList());
    }
}
