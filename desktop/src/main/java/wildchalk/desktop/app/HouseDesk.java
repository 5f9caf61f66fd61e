package wildchalk.desktop.app;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.HouseFile;
import wildchalk.core.drill.GearKind;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.Texts;
import wildchalk.core.words.HouseWords;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Ui;

/** The club's own words: reads them for the binder that is open, and lets them be changed. */
final class HouseDesk {

    private static final double WIDTH = 760;
    private static final double NAMES_WIDTH = 260;
    private static final double HEIGHT = 300;

    private final Shell shell;
    private Optional<Binder> of = Optional.empty();
    private HouseWords words = HouseWords.NONE;

    HouseDesk(Shell shell) {
        this.shell = shell;
    }

    /** Those of the open binder; none, and it is said why, where its file cannot be used. */
    HouseWords words() {
        if (!of.equals(Optional.of(shell.binder()))) {
            of = Optional.of(shell.binder());
            try {
                words = HouseFile.read(shell.binder());
            } catch (IOException e) {
                words = HouseWords.NONE;
                // the window may not be there yet
                Platform.runLater(() -> shell.error(e.getMessage()));
            }
        }
        return words;
    }

    /** Shows them, to be changed; what cannot be used is told while it is typed. */
    void ask() {
        String stored;
        try {
            stored = HouseFile.text(shell.binder());
        } catch (IOException e) {
            // what cannot be read is not written over
            shell.error(e.getMessage());
            return;
        }
        TextArea text = new TextArea(stored);
        text.setId("house-words");
        text.setPromptText(Ui.text("house.prompt"));
        text.setPrefHeight(HEIGHT);
        Label told = wrapped(" ");
        told.setId("house-told");
        ListView<String> names = names(text);
        VBox left = new VBox(8, wrapped(Ui.text("house.how")), text, told);
        HBox.setHgrow(left, Priority.ALWAYS);
        VBox right = new VBox(8, wrapped(Ui.text("house.names")), names);
        right.setMinWidth(NAMES_WIDTH);
        right.setMaxWidth(NAMES_WIDTH);
        Dialog<ButtonType> dialog = new Dialog<>();
        dialog.setTitle(Ui.text("house.title"));
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
        HBox content = new HBox(16, left, right);
        content.setPadding(new Insets(16));
        dialog.getDialogPane().setContent(content);
        Dialogs.widen(Dialogs.dress(dialog, shell.stage()), WIDTH);
        var ok = dialog.getDialogPane().lookupButton(ButtonType.OK);
        Runnable check = () -> {
            Optional<String> problem = problem(text.getText());
            ok.setDisable(problem.isPresent());
            told.setText(problem.orElseGet(() -> example(text.getText())));
        };
        text.textProperty().addListener((o, a, b) -> check.run());
        check.run();
        if (dialog.showAndWait().filter(b -> b == ButtonType.OK).isPresent()) {
            keep(text.getText());
        }
    }

    private static Label wrapped(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        return label;
    }

    private static Optional<String> problem(String text) {
        try {
            HouseWords.parse(text);
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(e.getMessage());
        }
    }

    /** The first sentence of the open drill that is told otherwise with them. */
    private String example(String text) {
        HouseWords wanted = HouseWords.parse(text);
        return shell.document()
                .flatMap(d -> d.told().talk().steps().stream()
                        .flatMap(s -> s.lines().stream())
                        .map(l -> words.understood(l.text()))
                        .filter(l -> !wanted.said(l).equals(l))
                        .findFirst())
                .map(l -> Ui.text("house.example", wanted.said(l)))
                .orElse(" ");
    }

    /** What the tool says of the open drill's surface and of gear; a click writes it down. */
    private ListView<String> names(TextArea text) {
        Stream<String> spots = shell.document().stream()
                .map(d -> d.drill().surface())
                .flatMap(s -> Stream.concat(
                        s.landmarks().stream().filter(l -> !l.foreign()).map(Landmark::name),
                        s.zones().stream().map(Zone::name)));
        Stream<String> gear = Stream.of(GearKind.values()).map(k -> Texts.CORE.get("gear." + k));
        List<String> all = Stream.concat(spots, gear).distinct().toList();
        ListView<String> names = new ListView<>();
        names.setId("house-names");
        names.getItems().setAll(all);
        names.setPrefHeight(HEIGHT);
        names.setOnMouseClicked(e -> {
            String name = names.getSelectionModel().getSelectedItem();
            if (name != null) {
                String before = text.getText().isEmpty() || text.getText().endsWith("\n") ? "" : "\n";
                text.appendText(before + name + " = ");
                text.requestFocus();
                text.end();
            }
        });
        return names;
    }

    private void keep(String typed) {
        try {
            words = HouseFile.write(shell.binder(), typed);
            shell.setReader(shell.reader());
        } catch (IOException e) {
            shell.error(e.getMessage());
        }
    }
}
