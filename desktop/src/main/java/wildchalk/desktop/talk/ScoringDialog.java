package wildchalk.desktop.talk;

import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Scoring;
import wildchalk.core.telling.ScoringText;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** Asks what counts, how much, and what it goes to. */
final class ScoringDialog extends Dialog<Scoring> {

    private final TextField points = new TextField();
    private final TextField target = new TextField();
    private final TextField rounds = new TextField();
    private final TextField others = new TextField();
    private final CheckBox row = new CheckBox(Ui.text("talk.scoring.row"));
    private final CheckBox against = new CheckBox(Ui.text("talk.scoring.against"));
    private final Label wrong = new Label();

    ScoringDialog(Scoring now, Window owner) {
        Dialogs.dress(this, owner);
        setHeaderText(Ui.text("talk.scoring.ask"));
        points.setId("scoring-points");
        points.setText(ScoringText.of(now.points()));
        points.setPromptText(Ui.text("talk.scoring.hint"));
        points.setPrefColumnCount(32);
        target.setId("scoring-target");
        target.setText(number(now.target()));
        target.setPrefColumnCount(4);
        rounds.setId("scoring-rounds");
        rounds.setText(number(now.rounds()));
        rounds.setPrefColumnCount(4);
        others.setId("scoring-others");
        others.setText(now.others());
        others.setPromptText(Ui.text("talk.scoring.others.hint"));
        row.setId("scoring-row");
        row.setSelected(now.tally() == Scoring.Tally.IN_A_ROW);
        against.setId("scoring-against");
        against.setSelected(now.against());
        wrong.getStyleClass().add("finding");
        wrong.setWrapText(true);
        wrong.setMaxWidth(420);
        GridPane grid = new GridPane(12, 8);
        grid.addRow(0, new Label(Ui.text("talk.scoring.points")), points);
        grid.addRow(1, new Label(Ui.text("talk.scoring.target")), target);
        grid.addRow(2, new Label(Ui.text("talk.scoring.rounds")), rounds);
        grid.addRow(3, new Label(Ui.text("talk.scoring.others")), others);
        grid.add(row, 1, 4);
        grid.add(against, 1, 5);
        grid.add(wrong, 0, 6, 2, 1);
        getDialogPane().setContent(grid);
        getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
        for (TextField field : new TextField[] {points, target, rounds, others}) {
            field.textProperty().addListener((o, a, b) -> check());
        }
        setOnShown(e -> points.requestFocus());
        setResultConverter(button -> button == ButtonType.OK ? read() : null);
    }

    private static String number(int n) {
        return n == 0 ? "" : String.valueOf(n);
    }

    private void check() {
        String problem = "";
        try {
            read();
        } catch (NumberFormatException no) {
            problem = Ui.text("talk.scoring.wrong", Scoring.MOST_KINDS);
        } catch (IllegalArgumentException e) {
            problem = e.getMessage();
        }
        wrong.setText(problem);
        getDialogPane().lookupButton(ButtonType.OK).setDisable(!problem.isEmpty());
        getDialogPane().getScene().getWindow().sizeToScene();
    }

    private Scoring read() {
        return new Scoring(
                ScoringText.points(points.getText()),
                row.isSelected() ? Scoring.Tally.IN_A_ROW : Scoring.Tally.TOTAL,
                against.isSelected(),
                whole(target),
                whole(rounds),
                Limits.fitting(others.getText().strip(), Limits.LINE));
    }

    private static int whole(TextField field) {
        String text = field.getText().strip();
        return text.isEmpty() ? 0 : Integer.parseInt(text);
    }
}
