package wildchalk.desktop.share;

import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.collections.FXCollections;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Ui;

/**
 * What is asked before a file is made, a field each, and what has been answered so far.
 *
 * @param <O> the answers, all together
 */
final class Asked<O> {

    private static final double FIELD_WIDTH = 264;

    /** More than these are chosen from a list that scrolls. */
    private static final int MANY = 12;

    private final VBox fields = new VBox(12);
    private final Consumer<O> changed;
    private O how;

    /** @param changed hears the answers whenever one is another */
    Asked(O usual, Consumer<O> changed) {
        this.how = usual;
        this.changed = changed;
        fields.setMinWidth(FIELD_WIDTH);
    }

    O how() {
        return how;
    }

    VBox fields() {
        return fields;
    }

    /** @param name its label stands under {@code share.ask.<name>}, it itself is {@code #share-<name>} */
    <T> void choose(String name, List<T> values, Function<T, String> words, T now, BiFunction<O, T, O> set) {
        Control box = box(values, words, now, set);
        box.setId("share-" + name.toLowerCase(Locale.ROOT));
        box.setMaxWidth(Double.MAX_VALUE);
        Label label = new Label(Ui.text("share.ask." + name));
        label.setLabelFor(box);
        box.setAccessibleText(label.getText());
        fields.getChildren().add(new VBox(4, label, box));
    }

    void tell(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMaxWidth(FIELD_WIDTH);
        label.getStyleClass().add("quiet");
        fields.getChildren().add(label);
    }

    /** Many are listed in what scrolls, which makes a row for what is seen of it only. */
    private <T> Control box(List<T> values, Function<T, String> words, T now, BiFunction<O, T, O> set) {
        if (values.size() > MANY) {
            ComboBox<T> box = new ComboBox<>(FXCollections.observableList(values));
            box.setConverter(Shown.by(words));
            bind(box.valueProperty(), now, set);
            return box;
        }
        ChoiceBox<T> box = new ChoiceBox<>(FXCollections.observableList(values));
        box.setConverter(Shown.by(words));
        bind(box.valueProperty(), now, set);
        return box;
    }

    private <T> void bind(ObjectProperty<T> chosen, T now, BiFunction<O, T, O> set) {
        chosen.set(now);
        chosen.addListener((o, before, value) -> {
            how = set.apply(how, value);
            changed.accept(how);
        });
    }
}
