package wildchalk.desktop.binder;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import javafx.util.StringConverter;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;
import wildchalk.desktop.app.Dialogs;
import wildchalk.desktop.app.Ui;
import wildchalk.desktop.board.AgeText;

/** Asks what a new drill is drawn on, and for whom. */
public final class NewDrillDialog {

    private NewDrillDialog() {}

    /** The empty drill, or nothing if it was given up. */
    public static Optional<Drill> ask(Window owner) {
        Dialog<Drill> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        dialog.setTitle(Ui.text("new.title"));
        dialog.setHeaderText(Ui.text("new.title"));
        TextField name = new TextField();
        name.setId("new-name");
        name.setPromptText(Ui.text("new.name.prompt"));
        ComboBox<Surface> surface = box("new-surface", Surfaces.all(), Surface::title);
        ComboBox<View> view = box("new-view", surface.getValue().views(), v -> v.name());
        surface.valueProperty().addListener((o, was, is) -> {
            view.getItems().setAll(is.views());
            view.setValue(is.wholeView());
        });
        ComboBox<AgeBand> age = new ComboBox<>();
        age.setId("new-age");
        age.getItems().setAll(AgeBand.values());
        age.setConverter(new AgeText());
        age.setValue(AgeBand.U16);
        GridPane grid = new GridPane();
        grid.setHgap(16);
        grid.setVgap(12);
        grid.addRow(0, new Label(Ui.text("new.name")), name);
        grid.addRow(1, new Label(Ui.text("new.surface")), surface);
        grid.addRow(2, new Label(Ui.text("new.view")), view);
        grid.addRow(3, new Label(Ui.text("new.age")), age);
        dialog.getDialogPane().setContent(grid);
        ButtonType create = new ButtonType(Ui.text("new.create"), ButtonBar.ButtonData.OK_DONE);
        dialog.getDialogPane().getButtonTypes().addAll(create, ButtonType.CANCEL);
        dialog.setResultConverter(button -> button == create
                ? Drill.blank(
                        name.getText().isBlank()
                                ? Ui.text("new.untitled")
                                : name.getText().strip(),
                        new SurfaceUse(surface.getValue().id(), view.getValue().id()),
                        new Audience(List.of(age.getValue()), Audience.USUAL.players()))
                : null);
        Platform.runLater(name::requestFocus);
        return dialog.showAndWait();
    }

    private static <T> ComboBox<T> box(String id, List<T> items, Function<T, String> text) {
        ComboBox<T> box = new ComboBox<>();
        box.setId(id);
        box.getItems().setAll(items);
        box.setPrefWidth(280);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : text.apply(value);
            }

            @Override
            public T fromString(String typed) {
                return items.stream()
                        .filter(i -> text.apply(i).equals(typed))
                        .findFirst()
                        .orElseThrow();
            }
        });
        box.setValue(items.get(0));
        return box;
    }
}
