package wildchalk.desktop.talk;

import java.util.List;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Limits;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Ui;

/** Asks what a coach may call: which words, how many of them together, and which may follow each other. */
final class CallsDialog extends Dialog<CallSet> {

    private static final int WIDEST = 3;

    private final TextField options = new TextField();
    private final ComboBox<Integer> picks = new ComboBox<>();
    private final CheckBox repeats = new CheckBox(Ui.text("talk.calls.repeats"));
    private final ComboBox<Integer> within = new ComboBox<>();
    private final Label wrong = new Label();

    CallsDialog(CallSet usual, Window owner) {
        Dialogs.dress(this, owner);
        setHeaderText(Ui.text("talk.calls.ask"));
        options.setId("calls-options");
        options.setText(String.join(", ", usual.options()));
        options.setPrefColumnCount(36);
        picks.setId("calls-picks");
        for (int n = 1; n <= CallSet.MAX_PICKS; n++) {
            picks.getItems().add(n);
        }
        picks.setConverter(Shown.by(n -> Ui.text("talk.calls.picks." + n)));
        picks.setValue(usual.picks());
        within.setId("calls-within");
        for (int n = 0; n <= WIDEST; n++) {
            within.getItems().add(n);
        }
        within.setConverter(Shown.by(n -> Ui.text("talk.calls.within." + n)));
        within.setValue(usual.within());
        repeats.setId("calls-repeats");
        repeats.setSelected(usual.repeats());
        wrong.getStyleClass().add("finding");
        wrong.setWrapText(true);
        GridPane grid = new GridPane(12, 8);
        grid.addRow(0, new Label(Ui.text("talk.calls.options")), options);
        grid.addRow(1, new Label(Ui.text("talk.calls.together")), picks);
        grid.addRow(2, new Label(Ui.text("talk.calls.apart")), within);
        grid.add(repeats, 1, 3);
        grid.add(wrong, 0, 4, 2, 1);
        getDialogPane().setContent(grid);
        getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
        within.disableProperty().bind(picks.valueProperty().isEqualTo(1));
        repeats.disableProperty().bind(picks.valueProperty().isEqualTo(1));
        options.textProperty().addListener((o, a, b) -> check(usual));
        picks.valueProperty().addListener((o, a, b) -> check(usual));
        within.valueProperty().addListener((o, a, b) -> check(usual));
        repeats.selectedProperty().addListener((o, a, b) -> check(usual));
        setOnShown(e -> options.requestFocus());
        setResultConverter(button -> button == ButtonType.OK ? read(usual) : null);
    }

    private void check(CallSet usual) {
        String problem = "";
        try {
            read(usual);
        } catch (IllegalArgumentException e) {
            boolean tooLong = e.getMessage().contains("characters");
            problem = tooLong ? e.getMessage() : Ui.text("talk.calls.wrong", CallSet.MAX_OPTIONS);
        }
        wrong.setText(problem);
        getDialogPane().lookupButton(ButtonType.OK).setDisable(!problem.isEmpty());
    }

    private CallSet read(CallSet usual) {
        List<String> said = List.of(options.getText().split(",")).stream()
                .map(t -> Limits.clean(t.strip()))
                .filter(t -> !t.isEmpty())
                .distinct()
                .toList();
        boolean several = picks.getValue() > 1;
        return new CallSet(
                usual.id(), said, picks.getValue(), several && repeats.isSelected(), several ? within.getValue() : 0);
    }
}
