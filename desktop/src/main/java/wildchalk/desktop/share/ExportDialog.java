package wildchalk.desktop.share;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.collections.FXCollections;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import wildchalk.core.path.Outcomes;
import wildchalk.core.words.Register;
import wildchalk.core.words.StepWords;
import wildchalk.desktop.ui.Aside;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.Export.Choice;
import wildchalk.picture.export.ExportOptions;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.export.SheetExport.Paper;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/** Asks before a file is made what matters for one of its kind, and shows what would come of it. */
final class ExportDialog {

    private static final double FIELD_WIDTH = 264;

    private final Export kind;
    private final Told told;
    /** Whether all ways of the version that is open fit in. */
    private final boolean fit;

    /** More than these are chosen from a list that scrolls. */
    private static final int MANY = 12;

    private final PreviewPane preview = new PreviewPane();
    private final VBox fields = new VBox(12);
    private ExportOptions how;

    private ExportDialog(Export kind, Told told, ExportOptions how, boolean fit) {
        this.fit = fit;
        this.kind = kind;
        this.told = told;
        this.how = how;
    }

    /** @return how it is to be made; empty when somebody would rather not */
    static Optional<ExportOptions> ask(Window owner, Export kind, Told told, ExportOptions usual) throws IOException {
        // counting the ways of a large drill takes a while: the window goes on meanwhile
        boolean fit = Aside.call(() -> fit(kind, told));
        return new ExportDialog(kind, told, usual, fit).ask(owner);
    }

    private static boolean fit(Export kind, Told told) {
        return kind.mostWays() == Integer.MAX_VALUE
                || !kind.asks().contains(Choice.WAYS)
                || !Outcomes.areMoreThan(told.run().version(), kind.mostWays());
    }

    private Optional<ExportOptions> ask(Window owner) {
        for (Choice choice : Choice.values()) {
            if (kind.asks().contains(choice)) {
                field(choice);
            }
        }
        fields.setMinWidth(FIELD_WIDTH);
        ButtonType save = new ButtonType(Ui.text("share.save"), ButtonBar.ButtonData.OK_DONE);
        Dialog<ExportOptions> dialog = Dialogs.dress(new Dialog<>(), owner);
        dialog.setHeaderText(kind.title());
        dialog.getDialogPane().setContent(new HBox(24, fields, preview));
        dialog.getDialogPane().getButtonTypes().setAll(save, ButtonType.CANCEL);
        dialog.getDialogPane().lookupButton(save).setId("share-save");
        dialog.getDialogPane().lookupButton(save).disableProperty().bind(preview.refusedProperty());
        dialog.setResultConverter(button -> button == save ? how : null);
        dialog.setOnHidden(e -> preview.close());
        look();
        return dialog.showAndWait();
    }

    private void look() {
        ExportOptions wanted = how;
        preview.ask(progress -> kind.look(told, wanted, PreviewPane.WIDTH, progress));
    }

    private void field(Choice choice) {
        switch (choice) {
            case VERSIONS -> versions();
            case WAYS -> ways();
            case STEP -> steps();
            case WORDS ->
                choose(
                        choice,
                        List.of(Register.values()),
                        w -> Ui.text("share.words." + w),
                        how.words(),
                        ExportOptions::withWords);
            case PAPER -> choose(choice, List.of(Paper.values()), Paper::title, how.paper(), ExportOptions::withPaper);
            case WIDTH -> choose(choice, kind.widths(), this::width, how.widthPixels(), ExportOptions::withWidth);
            case GROUND ->
                choose(
                        choice,
                        List.of(Ground.values()),
                        g -> Ui.text("share.ground." + g),
                        how.ground(),
                        ExportOptions::withGround);
        }
    }

    private void versions() {
        if (told.drill().progressions().size() > 1) {
            String open = told.run().version().title();
            choose(
                    Choice.VERSIONS,
                    List.of(Reach.ALL, Reach.ONE),
                    r -> r == Reach.ONE ? Ui.text("share.this-version", open) : Ui.text("share.all-versions"),
                    how.versions(),
                    ExportOptions::withVersions);
        }
    }

    private void ways() {
        if (told.drill().progressions().stream().noneMatch(Outcomes::areMany)) {
            return;
        }
        String open = told.run().label();
        choose(
                Choice.WAYS,
                fit ? List.of(Reach.ALL, Reach.ONE) : List.of(Reach.ONE),
                r -> r == Reach.ONE ? Ui.text("share.this-way", open) : Ui.text("share.all-ways"),
                fit ? how.ways() : Reach.ONE,
                ExportOptions::withWays);
        if (!fit) {
            // a version with too many goes one way whatever is wanted: the habit stays as it was
            fields.getChildren().add(quiet(Ui.text("share.too-many-ways", kind.mostWays())));
        }
    }

    private void steps() {
        List<StepWords> steps = told.talk().steps();
        if (steps.size() > 1) {
            choose(
                    Choice.STEP,
                    IntStream.range(0, steps.size()).boxed().toList(),
                    i -> steps.get(i).title(),
                    how.step(),
                    ExportOptions::withStep);
        }
    }

    private String width(int pixels) {
        String use = "share.width." + pixels;
        return Ui.text(use, Ui.text("share.pixels", pixels));
    }

    private <T> void choose(
            Choice choice,
            List<T> values,
            Function<T, String> words,
            T now,
            BiFunction<ExportOptions, T, ExportOptions> set) {
        Control box = box(values, words, now, set);
        box.setId("share-" + choice.name().toLowerCase(Locale.ROOT));
        box.setMaxWidth(Double.MAX_VALUE);
        Label label = new Label(Ui.text("share.ask." + choice));
        label.setLabelFor(box);
        box.setAccessibleText(label.getText());
        fields.getChildren().add(new VBox(4, label, box));
    }

    /** Many are listed in what scrolls, which makes a row for what is seen of it only. */
    private <T> Control box(
            List<T> values, Function<T, String> words, T now, BiFunction<ExportOptions, T, ExportOptions> set) {
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

    private <T> void bind(ObjectProperty<T> chosen, T now, BiFunction<ExportOptions, T, ExportOptions> set) {
        chosen.set(now);
        chosen.addListener((o, before, value) -> {
            how = set.apply(how, value);
            look();
        });
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().add("quiet");
        return label;
    }
}
