package wildchalk.desktop.app;

import java.io.IOException;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.FiguresFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.runthrough.Clearances;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.runthrough.OwnFigures.Figure;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** From which figures on the second look says something: reads a club's own for the open binder, and lets them be changed. */
final class FiguresDesk {

    private static final double WIDTH = 640;

    private final Shell shell;
    private Optional<Binder> of = Optional.empty();
    private OwnFigures figures = OwnFigures.NONE;

    FiguresDesk(Shell shell) {
        this.shell = shell;
    }

    /** Those of the open binder; none, and it is said why, where its file cannot be used. */
    OwnFigures figures() {
        if (!of.equals(Optional.of(shell.binder()))) {
            of = Optional.of(shell.binder());
            try {
                figures = FiguresFile.read(shell.binder());
            } catch (IOException e) {
                figures = OwnFigures.NONE;
                // the window may not be there yet
                Platform.runLater(() -> shell.error(e.getMessage()));
            }
        }
        return figures;
    }

    /** A row for each figure: what it is, what is usual for the age and surface of the open drill, and the club's own. */
    void ask() {
        Map<Figure, TextField> fields = new EnumMap<>(Figure.class);
        GridPane grid = new GridPane();
        grid.setHgap(12);
        grid.setVgap(8);
        grid.addRow(0, new Label(""), new Label(Ui.text("figures.usual")), new Label(Ui.text("figures.own")));
        Optional<Drill> drill = shell.document().map(d -> d.drill());
        for (Figure figure : Figure.values()) {
            TextField field = new TextField(
                    figures().of(figure).isPresent()
                            ? Numbers.brief(figures().of(figure).getAsDouble(), 3)
                            : "");
            field.setId("figure-" + figure.word());
            field.setPrefColumnCount(5);
            fields.put(figure, field);
            Label what = new Label(Ui.text("figures." + figure));
            what.setWrapText(true);
            what.setLabelFor(field);
            Label usual = new Label(drill.map(d ->
                            Numbers.brief(Clearances.of(d, OwnFigures.NONE).of(figure), 2) + " " + figure.unit())
                    .orElse("\u2013"));
            grid.addRow(figure.ordinal() + 1, what, usual, field, new Label(figure.unit()));
        }
        Label told = new Label(" ");
        told.setId("figures-told");
        told.setWrapText(true);
        Label how = new Label(Ui.text("figures.how"));
        how.setWrapText(true);
        VBox content = new VBox(12, how, grid, told);
        content.setPadding(new Insets(16));
        Dialog<ButtonType> dialog = new Dialog<>();
        dialog.setTitle(Ui.text("figures.title"));
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
        dialog.getDialogPane().setContent(content);
        Dialogs.widen(Dialogs.dress(dialog, shell.stage()), WIDTH);
        var ok = dialog.getDialogPane().lookupButton(ButtonType.OK);
        Runnable check = () -> {
            Optional<String> problem = problem(fields);
            ok.setDisable(problem.isPresent());
            told.setText(problem.orElse(" "));
        };
        fields.values().forEach(f -> f.textProperty().addListener((o, a, b) -> check.run()));
        check.run();
        if (dialog.showAndWait().filter(b -> b == ButtonType.OK).isPresent()) {
            keep(OwnFigures.parse(text(fields)));
        }
    }

    private static String text(Map<Figure, TextField> fields) {
        StringBuilder text = new StringBuilder();
        fields.forEach((figure, field) -> {
            if (!field.getText().isBlank()) {
                text.append(figure.word()).append(" = ").append(field.getText()).append("\n");
            }
        });
        return text.toString();
    }

    private static Optional<String> problem(Map<Figure, TextField> fields) {
        try {
            OwnFigures.parse(text(fields));
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(e.getMessage());
        }
    }

    private void keep(OwnFigures wanted) {
        try {
            FiguresFile.write(shell.binder(), wanted);
            figures = wanted;
            shell.setReader(shell.reader());
        } catch (IOException e) {
            shell.error(e.getMessage());
        }
    }
}
