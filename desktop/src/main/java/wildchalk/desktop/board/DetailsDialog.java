package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.event.ActionEvent;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Footprint;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.app.Dialogs;
import wildchalk.desktop.app.Ui;
import wildchalk.desktop.document.DrillDocument;

/** The sheet of one thing: where it stands exactly, where it looks, and what it is. */
final class DetailsDialog {

    private static final int LABEL = 12;
    private static final int WORDS = 200;

    private final DrillDocument document;
    private final ElementId id;
    private final LengthUnit unit;
    private final GridPane grid = new GridPane();
    private final Label wrong = new Label();
    private final List<Supplier<Progression>> edits = new ArrayList<>();
    private Progression result;
    private int row;

    private DetailsDialog(DrillDocument document, ElementId id) {
        this.document = document;
        this.id = id;
        this.unit = document.reader().unit();
        this.result = document.progression();
    }

    static void show(DrillDocument document, ElementId id, Window owner) {
        new DetailsDialog(document, id).show(owner);
    }

    private void show(Window owner) {
        grid.setHgap(16);
        grid.setVgap(10);
        grid.setId("details");
        Progression p = document.progression();
        p.roles().stream().filter(r -> r.id().equals(id)).findFirst().ifPresent(this::role);
        p.gear().stream().filter(g -> g.id().equals(id)).findFirst().ifPresent(this::gear);
        p.lines().stream().filter(l -> l.id().equals(id)).findFirst().ifPresent(this::line);
        p.layout().zones().stream().filter(z -> z.id().equals(id)).findFirst().ifPresent(this::zone);
        p.layout().notes().stream().filter(n -> n.id().equals(id)).findFirst().ifPresent(this::note);
        p.layout().gaps().stream().filter(g -> g.id().equals(id)).findFirst().ifPresent(this::gap);
        place(p);
        wrong.getStyleClass().add("finding");
        wrong.setWrapText(true);
        grid.add(wrong, 0, row, 2, 1);
        Dialog<ButtonType> dialog = new Dialog<>();
        Dialogs.dress(dialog, owner);
        dialog.setHeaderText(Ui.text("details.title"));
        dialog.getDialogPane().setContent(grid);
        dialog.getDialogPane().getButtonTypes().addAll(ButtonType.OK, ButtonType.CANCEL);
        dialog.getDialogPane().lookupButton(ButtonType.OK).addEventFilter(ActionEvent.ACTION, e -> {
            try {
                result = document.progression();
                edits.forEach(edit -> result = edit.get());
            } catch (IllegalArgumentException refused) {
                wrong.setText(refused.getMessage());
                dialog.getDialogPane().getScene().getWindow().sizeToScene();
                e.consume();
            }
        });
        if (dialog.showAndWait().filter(b -> b == ButtonType.OK).isPresent()) {
            document.change(Ui.text("edit.details"), before -> result);
        }
    }

    // ---- kinds ----

    private void role(Role role) {
        TextField label = text("label", role.label());
        ComboBox<Side> side = choice("side", Side.values(), role.side(), s -> Ui.text("tray." + s));
        ComboBox<Optional<Chalk>> team = teams(role.team());
        ComboBox<Hand> hand = choice("hand", Hand.values(), role.hand(), h -> Ui.text("hand." + h));
        TextField task = text("task", role.task());
        task.setPromptText(Ui.text("details.task.prompt"));
        TextField facing = text("facing", Numbers.brief(document.progression().startFacingOf(role.id()), 1));
        edits.add(() -> {
            Role now = result.role(role.id()).orElseThrow();
            Role changed = now.withLabel(required(label, LABEL))
                    .withSide(side.getValue())
                    .withTeam(team.getValue())
                    .withHand(hand.getValue())
                    .withTask(limited(task, WORDS));
            return result.with(role.at().isPresent() ? changed.withFacing(degrees(facing)) : changed);
        });
    }

    private void gear(Gear gear) {
        ComboBox<Chalk> colour = choice("colour", Chalk.values(), gear.colour(), c -> Ui.text("chalk." + c));
        TextField label = text("label", gear.label());
        TextField width = text("width", unit.exact(gear.size().widthMetres()));
        TextField depth = text("depth", unit.exact(gear.size().depthMetres()));
        TextField facing = text("facing", Numbers.brief(gear.facingDegrees(), 1));
        TextField count = gear.kind().isSupply() ? text("count", String.valueOf(gear.count())) : null;
        edits.add(() -> {
            Gear changed = result.gear(gear.id())
                    .orElseThrow()
                    .withColour(colour.getValue())
                    .withLabel(limited(label, LABEL))
                    .withSize(new Footprint(length(width), length(depth)))
                    .withFacing(degrees(facing));
            return result.with(count == null ? changed : changed.withCount((int) Math.round(number(count))));
        });
    }

    private void line(WaitingLine line) {
        TextField label = text("label", line.label());
        TextField standing = text("standing", String.valueOf(line.standing()));
        TextField facing = text("facing", Numbers.brief(line.facingDegrees(), 1));
        edits.add(() -> result.with(result.line(line.id())
                .orElseThrow()
                .withLabel(required(label, LABEL))
                .withStanding((int) Math.round(number(standing)))
                .withFacing(degrees(facing))));
    }

    private void zone(MarkedZone zone) {
        TextField name = text("name", zone.name());
        ComboBox<ZoneKind> kind = choice("kind", ZoneKind.values(), zone.kind(), k -> Ui.text("zone.kind." + k));
        edits.add(() -> result.withLayout(
                result.layout().with(zone.withName(required(name, WORDS)).withKind(kind.getValue()))));
    }

    private void note(Note note) {
        TextArea words = new TextArea(note.text());
        words.setId("details-words");
        words.setPrefRowCount(3);
        words.setPrefColumnCount(24);
        words.selectAll();
        add("words", words);
        edits.add(() -> result.withLayout(result.layout().with(note.withText(required(words, 2000)))));
    }

    private void gap(Gap gap) {
        TextField number = text("number", String.valueOf(gap.number()));
        edits.add(() -> result.withLayout(result.layout().with(gap.withNumber((int) Math.round(number(number))))));
    }

    /** Where it stands, measured from the middle of the surface. */
    private void place(Progression p) {
        Optional<Point> at = Elements.place(p, id);
        if (at.isEmpty()) {
            return;
        }
        TextField x = text("x", signed(at.get().x()));
        TextField y = text("y", signed(at.get().y()));
        edits.add(() -> {
            Point to = new Point(
                    signedLength(x, at.get().x()), signedLength(y, at.get().y()));
            return to.isWithin(1e-6, at.get())
                    ? result
                    : Transforms.of(
                            result,
                            document.drill().surface(),
                            java.util.Set.of(id),
                            PlaneMap.shift(to.minus(at.get())));
        });
    }

    // ---- fields ----

    private TextField text(String key, String value) {
        TextField field = new TextField(value);
        field.setId("details-" + key);
        add(key, field);
        return field;
    }

    private <T> ComboBox<T> choice(String key, T[] all, T value, Function<T, String> name) {
        ComboBox<T> box = new ComboBox<>();
        box.setId("details-" + key);
        box.getItems().setAll(all);
        box.setConverter(new TextOf<>(name));
        box.setValue(value);
        add(key, box);
        return box;
    }

    private ComboBox<Optional<Chalk>> teams(Optional<Chalk> value) {
        ComboBox<Optional<Chalk>> box = new ComboBox<>();
        box.setId("details-team");
        box.getItems().add(Optional.empty());
        for (Chalk chalk : Chalk.values()) {
            box.getItems().add(Optional.of(chalk));
        }
        box.setConverter(new TextOf<>(c -> c.map(k -> Ui.text("chalk." + k)).orElse(Ui.text("details.team.none"))));
        box.setValue(value);
        add("team", box);
        return box;
    }

    private void add(String key, Control field) {
        Label label = new Label(Ui.text("details." + key));
        label.setLabelFor(field);
        grid.addRow(row++, label, field);
    }

    private static String required(TextInputControl field, int most) {
        String text = limited(field, most);
        if (text.isEmpty()) {
            throw new IllegalArgumentException(Ui.text("typed.empty"));
        }
        return text;
    }

    private static String limited(TextInputControl field, int most) {
        String text = field.getText().strip();
        if (text.length() > most) {
            throw new IllegalArgumentException(Ui.text("typed.long", text, most));
        }
        return text;
    }

    private double length(TextField field) {
        OptionalDouble metres = unit.parse(field.getText());
        return metres.orElseThrow(() -> new IllegalArgumentException(Ui.text("typed.no-length", field.getText())));
    }

    private String signed(double metres) {
        return (metres < 0 ? "-" : "") + unit.exact(Math.abs(metres));
    }

    /** What was typed, or the exact value when it still says the same. */
    private double signedLength(TextField field, double before) {
        String typed = field.getText().strip();
        if (typed.equals(signed(before))) {
            return before;
        }
        boolean negative = typed.startsWith("-") || typed.startsWith("\u2212");
        OptionalDouble metres = unit.parse(negative ? typed.substring(1) : typed);
        return (negative ? -1 : 1)
                * metres.orElseThrow(() -> new IllegalArgumentException(Ui.text("typed.no-length", typed)));
    }

    private static double degrees(TextField field) {
        return number(field);
    }

    private static double number(TextField field) {
        try {
            return Double.parseDouble(field.getText().replace('°', ' ').strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(Ui.text("typed.no-number", field.getText()));
        }
    }
}
