package wildchalk.desktop.surface;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import javafx.event.ActionEvent;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.SurfaceFile;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Medium;
import wildchalk.core.surface.OwnSurfaces;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** Lays out a surface: its size, lines, circles, spots, points with names, zones and goals, drawn on it. */
final class SurfaceEditor {

    private final Window owner;
    private final Binder binder;
    private final SurfaceCanvas canvas;
    private final TextField title = new TextField();
    private final TextField length = new TextField();
    private final TextField width = new TextField();
    private final ComboBox<Medium> ground = new ComboBox<>();
    private final CheckBox walls = new CheckBox(Ui.text("editor.walls"));
    private final TextField name = new TextField();
    private final ComboBox<Ink> ink = new ComboBox<>();
    private final ListView<String> parts = new ListView<>();
    private final CheckBox dashed = new CheckBox(Ui.text("editor.dashed"));
    private final Button undo = new Button(Ui.text("editor.undo"));
    private final Label wrong = new Label();
    /** What the surface was before each change, the last one first. */
    private final Deque<Surface> before = new ArrayDeque<>();

    private Surface surface;
    private Optional<BinderFile<Surface>> stored = Optional.empty();
    private Optional<Path> file = Optional.empty();

    /** Lays a stored surface out further. */
    SurfaceEditor(Window owner, Ground ground, Binder binder, BinderFile<Surface> stored, Path file) {
        this(owner, ground, binder, stored.value());
        this.stored = Optional.of(stored);
        this.file = Optional.of(file);
    }

    /** Lays out a surface that begins as a copy of another. */
    SurfaceEditor(Window owner, Ground ground, Binder binder, Surface start) {
        this.owner = owner;
        this.binder = binder;
        boolean own = Surfaces.find(start.id()).isEmpty();
        String called =
                own ? start.title() : Ui.text("editor.new", start.title().toLowerCase(Locale.ROOT));
        this.surface = OwnSurfaces.copyOf(start, own ? start.id() : Slugs.of("own-" + called), called);
        this.canvas = new SurfaceCanvas(ground, surface, this::drawn, this::pen);
        fields();
        show();
    }

    private void fields() {
        title.setId("editor-title");
        title.setText(surface.title());
        length.setId("editor-length");
        width.setId("editor-width");
        length.setPrefColumnCount(6);
        width.setPrefColumnCount(6);
        ground.getItems().setAll(Medium.values());
        ground.setConverter(Shown.by(m -> Ui.text("editor.ground." + m)));
        ground.setValue(surface.medium());
        walls.setSelected(surface.boards());
        name.setId("editor-name");
        name.setPromptText(Ui.text("editor.name.prompt"));
        ink.getItems().setAll(Ink.LINE, Ink.RED, Ink.BLUE, Ink.GREEN, Ink.YELLOW, Ink.FAINT, Ink.NET);
        ink.setConverter(Shown.by(i -> Ui.text("editor.ink." + i)));
        ink.setValue(Ink.LINE);
        length.setText(LengthUnit.METRES.exact(surface.lengthMetres()));
        width.setText(LengthUnit.METRES.exact(surface.widthMetres()));
        length.setOnAction(e -> read());
        width.setOnAction(e -> read());
        for (TextField field : new TextField[] {length, width}) {
            field.focusedProperty().addListener((o, was, is) -> {
                if (was) {
                    read();
                }
            });
        }
        ground.setOnAction(e -> read());
        walls.setOnAction(e -> read());
        parts.setId("editor-parts");
        parts.setPrefSize(290, 176);
        parts.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.DELETE || e.getCode() == KeyCode.BACK_SPACE) {
                delete();
            }
        });
        wrong.getStyleClass().add("finding");
        wrong.setWrapText(true);
        wrong.setMaxWidth(290);
    }

    /** The stored surface, or nothing if it was given up. */
    Optional<Surface> ask() {
        Dialog<Surface> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        dialog.setTitle(Ui.text("editor.title"));
        dialog.setHeaderText(Ui.text("editor.title"));
        Label hint = new Label(Ui.text("editor.hint"));
        hint.getStyleClass().add("quiet");
        HBox both = new HBox(16, new VBox(8, tools(), canvas, hint), side());
        both.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.isShortcutDown() && e.getCode() == KeyCode.Z) {
                undo();
                e.consume();
            }
        });
        both.setId("surface-editor");
        dialog.getDialogPane().setContent(both);
        dialog.getDialogPane().getStyleClass().add("wide-dialog");
        ButtonType save = new ButtonType(Ui.text("editor.save"), ButtonBar.ButtonData.OK_DONE);
        dialog.getDialogPane().getButtonTypes().addAll(save, ButtonType.CANCEL);
        dialog.getDialogPane().lookupButton(save).addEventFilter(ActionEvent.ACTION, e -> {
            if (!store()) {
                e.consume();
            }
        });
        dialog.setResultConverter(button -> button == save ? surface : null);
        return dialog.showAndWait();
    }

    private HBox tools() {
        HBox row = new HBox(4);
        ToggleGroup group = new ToggleGroup();
        for (SurfaceTool tool : SurfaceTool.values()) {
            ToggleButton button = new ToggleButton(Ui.text("editor.tool." + tool));
            button.setId("editor-" + tool.name().toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.setSelected(tool == SurfaceTool.LINE);
            button.setOnAction(e -> {
                button.setSelected(true);
                canvas.tool(tool);
            });
            row.getChildren().add(button);
        }
        return row;
    }

    private VBox side() {
        GridPane grid = new GridPane();
        grid.setHgap(12);
        grid.setVgap(8);
        grid.addRow(0, new Label(Ui.text("editor.called")), title);
        HBox size = new HBox(6, length, new Label("×"), width);
        size.setAlignment(Pos.CENTER_LEFT);
        grid.addRow(1, new Label(Ui.text("surface.size")), size);
        grid.addRow(2, new Label(Ui.text("editor.on")), ground);
        grid.add(walls, 1, 3);
        grid.addRow(4, new Label(Ui.text("editor.ink")), ink);
        grid.addRow(5, new Label(Ui.text("editor.name")), name);
        Button thirds = new Button(Ui.text("editor.thirds"));
        thirds.setId("editor-thirds");
        thirds.setOnAction(e -> drawn(SurfaceParts.inThirds(surface)));
        Button clear = new Button(Ui.text("editor.delete"));
        clear.setId("editor-delete");
        clear.setOnAction(e -> delete());
        grid.add(dashed, 1, 6);
        undo.setId("editor-undo");
        undo.setOnAction(e -> undo());
        for (Button b : new Button[] {undo, thirds, clear}) {
            b.setMinWidth(Region.USE_PREF_SIZE);
        }
        return new VBox(10, grid, new Label(Ui.text("editor.parts")), parts, new HBox(8, undo, thirds, clear), wrong);
    }

    private SurfaceParts.Pen pen() {
        return new SurfaceParts.Pen(name.getText(), ink.getValue(), dashed.isSelected());
    }

    private void drawn(Surface changed) {
        if (!changed.equals(surface)) {
            before.push(surface);
            surface = changed;
        }
        show();
    }

    private void undo() {
        if (!before.isEmpty()) {
            surface = before.pop();
            length.setText(LengthUnit.METRES.exact(surface.lengthMetres()));
            width.setText(LengthUnit.METRES.exact(surface.widthMetres()));
            show();
        }
    }

    private void delete() {
        int chosen = parts.getSelectionModel().getSelectedIndex();
        if (chosen >= 0) {
            drawn(SurfaceParts.without(surface, chosen));
        }
    }

    private void show() {
        canvas.show(surface);
        undo.setDisable(before.isEmpty());
        List<String> was = List.copyOf(parts.getItems());
        List<String> is = SurfaceParts.names(surface);
        parts.getItems().setAll(is);
        int fresh = 0;
        while (fresh < Math.min(was.size(), is.size()) && was.get(fresh).equals(is.get(fresh))) {
            fresh++;
        }
        if (!was.isEmpty() && is.size() > was.size()) {
            parts.getSelectionModel().select(fresh);
            parts.scrollTo(Math.max(0, fresh - 1));
        }
    }

    private void read() {
        try {
            Size size = new Size(metres(length), metres(width));
            drawn(SurfaceParts.with(surface, size, ground.getValue(), walls.isSelected()));
            wrong.setText("");
        } catch (IllegalArgumentException refused) {
            wrong.setText(refused.getMessage());
        }
    }

    private static double metres(TextField field) {
        OptionalDouble typed = LengthUnit.METRES.parse(field.getText());
        return typed.orElseThrow(() -> new IllegalArgumentException(Ui.text("typed.no-length", field.getText())));
    }

    private boolean store() {
        read();
        String called = title.getText().strip();
        if (called.isEmpty()) {
            wrong.setText(Ui.text("typed.empty"));
        }
        if (!wrong.getText().isEmpty()) {
            return false;
        }
        Set<String> taken = new HashSet<>();
        try {
            binder.surfaces()
                    .forEach(e -> e.content().ifPresent(f -> taken.add(f.value().id())));
        } catch (IOException e) {
            wrong.setText(e.getMessage());
            return false;
        }
        Surfaces.all().forEach(s -> taken.add(s.id()));
        String id = Slugs.of(called);
        surface = OwnSurfaces.copyOf(
                surface, taken.contains(id) ? Slugs.next(id + "-", new ArrayList<>(taken)) : id, called);
        try {
            if (file.isPresent()) {
                surface =
                        OwnSurfaces.copyOf(surface, stored.orElseThrow().value().id(), called);
                stored.orElseThrow().with(surface).save(file.get());
            } else {
                binder.saveNew(SurfaceFile.ofNew(surface));
            }
            return true;
        } catch (IOException e) {
            wrong.setText(e.getMessage());
            return false;
        }
    }

    /** For tests: what is drawn now. */
    List<String> parts() {
        return parts.getItems();
    }
}
