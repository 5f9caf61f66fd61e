package wildchalk.desktop.surface;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.SurfaceFile;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.surface.OwnSurfaces;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.text.LengthUnit;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** Asks what a drill is drawn on: every surface as a picture, then its size, part and lines. */
public final class SurfaceChooser {

    private static final int CARD_WIDTH = 138;
    private static final int CARD_HEIGHT = 84;
    /** Room for the longest form, so that the window need not grow when another surface is chosen. */
    private static final int CONTENT_HEIGHT = 572;

    private final Window owner;
    private final Ground ground;
    private final Binder binder;
    private final SurfaceForm form;
    private final TilePane cards = new TilePane(8, 8);
    private final ToggleGroup one = new ToggleGroup();
    private final TextField search = new TextField();
    private final Label unread = new Label();
    private List<Surface> surfaces = List.of();
    private final TextField name = new TextField();
    private final ComboBox<AgeBand> age = new ComboBox<>();

    private SurfaceChooser(Window owner, Ground ground, LengthUnit unit, Binder binder, SurfaceUse start) {
        this.owner = owner;
        this.ground = ground;
        this.binder = binder;
        this.form = new SurfaceForm(ground, unit, start);
        search.setId("surface-search");
        search.setPromptText(Ui.text("surface.search"));
        search.textProperty().addListener((o, was, is) -> {
            fill();
            takeFirst();
        });
        cards.setPrefColumns(4);
        cards.getStyleClass().add("surface-cards");
        name.setId("new-name");
        name.setPromptText(Ui.text("new.name.prompt"));
        age.setId("new-age");
        age.getItems().setAll(AgeBand.values());
        age.setConverter(Shown.by(AgeBand::label));
        age.setValue(AgeBand.U16);
        unread.getStyleClass().add("finding");
        unread.setWrapText(true);
        readSurfaces();
        fill();
    }

    /** The empty drill, or nothing if it was given up. */
    public static Optional<Drill> newDrill(Window owner, Ground ground, LengthUnit unit, Binder binder) {
        return newDrillOn(
                owner, ground, unit, binder, SurfaceUse.of(Surfaces.all().get(0)));
    }

    /** Lays a surface of one's own out further; its file is written over, what it was is kept as a backup. */
    public static void edit(Window owner, Ground ground, Binder binder, Path file) throws IOException {
        new SurfaceEditor(owner, ground, binder, SurfaceFile.read(file), file).ask();
    }

    /** As {@link #newDrill}, with a surface that is chosen already. */
    public static Optional<Drill> newDrillOn(
            Window owner, Ground ground, LengthUnit unit, Binder binder, SurfaceUse first) {
        SurfaceChooser chooser = new SurfaceChooser(owner, ground, unit, binder, first);
        HBox top =
                new HBox(10, new Label(Ui.text("new.name")), chooser.name, new Label(Ui.text("new.age")), chooser.age);
        top.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(chooser.name, Priority.ALWAYS);
        return chooser.ask(Ui.text("new.title"), Ui.text("new.create"), Optional.of(top))
                .map(use -> Drill.blank(
                        chooser.name.getText().isBlank()
                                ? Ui.text("new.untitled")
                                : chooser.name.getText().strip(),
                        use,
                        new Audience(List.of(chooser.age.getValue()), Audience.USUAL.players())));
    }

    /** Another surface, size or part for a drill. */
    public static Optional<SurfaceUse> change(
            Window owner, Ground ground, LengthUnit unit, Binder binder, SurfaceUse now) {
        return new SurfaceChooser(owner, ground, unit, binder, now)
                .ask(Ui.text("surface.title"), Ui.text("surface.use"), Optional.empty());
    }

    private Optional<SurfaceUse> ask(String title, String go, Optional<HBox> top) {
        Dialog<SurfaceUse> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        dialog.setTitle(title);
        dialog.setHeaderText(title);
        ScrollPane scroll = new ScrollPane(cards);
        scroll.getStyleClass().add("binder-scroll");
        scroll.setFitToWidth(true);
        scroll.setPrefWidth(4 * (CARD_WIDTH + 28) + 28);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Button own = new Button(Ui.text("surface.own"));
        own.setId("surface-own");
        own.setMinWidth(Region.USE_PREF_SIZE);
        own.setOnAction(e -> layOut());
        HBox.setHgrow(search, Priority.ALWAYS);
        HBox bar = new HBox(8, search, own);
        VBox left = new VBox(8, bar, unread, scroll);
        HBox both = new HBox(18, left, form);
        VBox content = new VBox(12);
        top.ifPresent(content.getChildren()::add);
        content.getChildren().add(both);
        VBox.setVgrow(both, Priority.ALWAYS);
        content.setPrefHeight(CONTENT_HEIGHT);
        dialog.getDialogPane().setContent(content);
        dialog.getDialogPane().getStyleClass().add("wide-dialog");
        ButtonType ok = new ButtonType(go, ButtonBar.ButtonData.OK_DONE);
        dialog.getDialogPane().getButtonTypes().addAll(ok, ButtonType.CANCEL);
        dialog.getDialogPane().lookupButton(ok).addEventFilter(ActionEvent.ACTION, e -> {
            if (form.use().isEmpty()) {
                e.consume();
            }
        });
        dialog.setResultConverter(button -> button == ok ? form.use().orElse(null) : null);
        Platform.runLater(top.isPresent() ? name::requestFocus : search::requestFocus);
        return dialog.showAndWait();
    }

    /** Those that are laid out, and those of the binder; where these cannot be read, that is said above the cards. */
    private void readSurfaces() {
        surfaces = new ArrayList<>(Surfaces.all());
        try {
            binder.surfaces().forEach(e -> e.content().ifPresent(f -> surfaces.add(f.value())));
            unread.setText("");
        } catch (IOException e) {
            unread.setText(Ui.text("surface.unread", e.getMessage()));
        }
        unread.setVisible(!unread.getText().isEmpty());
        unread.setManaged(unread.isVisible());
    }

    private void fill() {
        String wanted = search.getText().strip().toLowerCase(Locale.ROOT);
        cards.getChildren().clear();
        for (Surface surface : surfaces) {
            String words = (surface.title() + " " + surface.sportName()).toLowerCase(Locale.ROOT);
            if (words.contains(wanted)) {
                cards.getChildren().add(card(surface));
            }
        }
    }

    /** What is chosen is one of those that are shown: Enter takes what somebody has searched for. */
    private void takeFirst() {
        boolean seen = cards.getChildren().stream().anyMatch(c -> ((ToggleButton) c).isSelected());
        if (!seen && !cards.getChildren().isEmpty()) {
            ((ToggleButton) cards.getChildren().get(0)).fire();
        }
    }

    private ToggleButton card(Surface surface) {
        ImageView picture =
                new ImageView(SurfacePicture.of(SurfaceUse.of(surface), ground, 2 * CARD_WIDTH, 2 * CARD_HEIGHT));
        picture.setFitWidth(CARD_WIDTH);
        picture.setFitHeight(CARD_HEIGHT);
        Label title = new Label(surface.title());
        title.setWrapText(true);
        title.setMinHeight(Region.USE_PREF_SIZE);
        title.setMaxWidth(CARD_WIDTH);
        ToggleButton card = new ToggleButton();
        card.setToggleGroup(one);
        card.setGraphic(new VBox(4, picture, title));
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.setPrefSize(CARD_WIDTH + 20, CARD_HEIGHT + 62);
        card.setSelected(form.shows(surface));
        card.getStyleClass().add("surface-card");
        card.setId("surface-" + surface.id());
        card.setAccessibleText(surface.title());
        card.setOnAction(e -> {
            card.setSelected(true);
            form.choose(surface);
        });
        return card;
    }

    /** Lays out a surface of one's own, stores it in the binder and chooses it. */
    private void layOut() {
        SurfaceUse start = form.use().orElse(SurfaceUse.of(Surfaces.find("hall").orElseThrow()));
        Surface base = OwnSurfaces.cropped(start.floor(), start.view());
        new SurfaceEditor(owner, ground, binder, base).ask().ifPresent(surface -> {
            search.clear();
            readSurfaces();
            fill();
            form.choose(surface);
        });
    }
}
