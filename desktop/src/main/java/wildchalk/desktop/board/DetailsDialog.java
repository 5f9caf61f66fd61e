package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
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
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallKind;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Footprint;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.MarkedZone;
import wildchalk.core.drill.Note;
import wildchalk.core.drill.Posture;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.EditKind;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.core.words.BallNames;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Ui;

/** The sheet of one thing: where it stands exactly, where it looks, and what it is. */
final class DetailsDialog {

    private final DrillDocument document;
    private final ElementId id;
    private final LengthUnit unit;
    private final GridPane grid = new GridPane();
    private final Label wrong = new Label();
    /** What each field makes of what is typed. */
    private final List<Supplier<Edit>> edits = new ArrayList<>();

    private int row;

    private DetailsDialog(DrillDocument document, ElementId id) {
        this.document = document;
        this.id = id;
        this.unit = document.reader().unit();
    }

    static void show(DrillDocument document, ElementId id, Window owner) {
        new DetailsDialog(document, id).show(owner);
    }

    private void show(Window owner) {
        grid.setHgap(16);
        grid.setVgap(10);
        grid.setId("details");
        Scene p = document.path();
        p.roles().stream().filter(r -> r.id().equals(id)).findFirst().ifPresent(this::role);
        p.gear().stream().filter(g -> g.id().equals(id)).findFirst().ifPresent(this::gear);
        p.balls().stream().filter(b -> b.id().equals(id)).findFirst().ifPresent(this::ball);
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
                edit().applyTo(document.drill(), document.versionProperty().get());
            } catch (IllegalArgumentException refused) {
                wrong.setText(refused.getMessage());
                dialog.getDialogPane().getScene().getWindow().sizeToScene();
                e.consume();
            }
        });
        if (dialog.showAndWait().filter(b -> b == ButtonType.OK).isPresent()) {
            document.edit(Ui.text("edit.details"), edit());
        }
    }

    private Edit edit() {
        return Edit.all(EditKind.ELEMENT, edits.stream().map(Supplier::get).toList());
    }

    // ---- kinds ----

    private void role(Role role) {
        TextField label = Limited.to(text("label", role.label()), Limits.LABEL);
        ComboBox<Side> side = choice("side", Side.values(), role.side(), s -> Ui.text("tray." + s));
        ComboBox<Optional<Chalk>> team = teams(role.team());
        ComboBox<Hand> hand = choice("hand", Hand.values(), role.hand(), h -> Ui.text("hand." + h));
        ComboBox<Posture> posture = choice("posture", Posture.values(), role.posture(), h -> Ui.text("posture." + h));
        ComboBox<Boolean> later =
                choice("later", new Boolean[] {false, true}, role.later(), l -> Ui.text("later." + l));
        TextField task = Limited.to(text("task", role.task()), Limits.LINE);
        task.setPromptText(Ui.text("details.task.prompt"));
        TextField facing = text("facing", Numbers.brief(document.path().startFacingOf(role.id()), 1));
        edits.add(() -> {
            String called = required(label, Limits.LABEL);
            String does = limited(task, Limits.LINE);
            double turned = degrees(facing);
            return Arrangements.role(role.id(), r -> {
                Role changed = r.withLabel(called)
                        .withSide(side.getValue())
                        .withTeam(team.getValue())
                        .withHand(hand.getValue())
                        .withPosture(posture.getValue())
                        .withLater(later.getValue())
                        .withTask(does);
                return r.at().isPresent() ? changed.withFacing(turned) : changed;
            });
        });
    }

    private void gear(Gear gear) {
        ComboBox<Chalk> colour = choice("colour", Chalk.values(), gear.colour(), c -> Ui.text("chalk." + c));
        TextField label = Limited.to(text("label", gear.label()), Limits.LABEL);
        TextField width = text("width", unit.exact(gear.size().widthMetres()));
        TextField depth = text("depth", unit.exact(gear.size().depthMetres()));
        TextField facing = text("facing", Numbers.brief(gear.facingDegrees(), 1));
        TextField count = gear.kind().isSupply() ? text("count", String.valueOf(gear.count())) : null;
        edits.add(() -> {
            String called = limited(label, Limits.LABEL);
            Footprint size = new Footprint(length(width), length(depth));
            double turned = degrees(facing);
            OptionalInt balls = count == null ? OptionalInt.empty() : OptionalInt.of((int) Math.round(number(count)));
            return Arrangements.gear(gear.id(), g -> {
                Gear changed = g.withColour(colour.getValue())
                        .withLabel(called)
                        .withSize(size)
                        .withFacing(turned);
                return balls.isPresent() ? changed.withCount(balls.getAsInt()) : changed;
            });
        });
    }

    private void ball(Ball ball) {
        Surface surface = document.drill().surface();
        ComboBox<BallKind> kind = choice("kind", BallKind.values(), ball.kind(), k -> BallNames.of(k, surface));
        edits.add(() -> Arrangements.ball(ball.id(), b -> b.withKind(kind.getValue())));
    }

    private void line(WaitingLine line) {
        TextField label = Limited.to(text("label", line.label()), Limits.LABEL);
        TextField standing = text("standing", String.valueOf(line.standing()));
        TextField facing = text("facing", Numbers.brief(line.facingDegrees(), 1));
        edits.add(() -> {
            String called = required(label, Limits.LABEL);
            int people = (int) Math.round(number(standing));
            double turned = degrees(facing);
            return Arrangements.line(
                    line.id(), l -> l.withLabel(called).withStanding(people).withFacing(turned));
        });
    }

    private void zone(MarkedZone zone) {
        TextField name = Limited.to(text("name", zone.name()), Limits.LINE);
        ComboBox<ZoneKind> kind = choice("kind", ZoneKind.values(), zone.kind(), k -> Ui.text("zone.kind." + k));
        edits.add(() -> {
            String called = required(name, Limits.LINE);
            return Arrangements.zone(zone.id(), z -> z.withName(called).withKind(kind.getValue()));
        });
    }

    private void note(Note note) {
        TextArea words = Limited.to(new TextArea(note.text()), Limits.TEXT);
        words.setId("details-words");
        words.setPrefRowCount(3);
        words.setPrefColumnCount(24);
        words.selectAll();
        add("words", words);
        edits.add(() -> {
            String text = required(words, Limits.TEXT);
            return Arrangements.note(note.id(), n -> n.withText(text));
        });
    }

    private void gap(Gap gap) {
        TextField number = text("number", String.valueOf(gap.number()));
        edits.add(() -> {
            int counted = (int) Math.round(number(number));
            return Arrangements.gap(gap.id(), g -> g.withNumber(counted));
        });
    }

    /** Where it stands, measured from the middle of the surface. */
    private void place(Scene p) {
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
                    ? Arrangements.carry(Set.of(), PlaneMap.shift(Point.ORIGIN))
                    : Arrangements.carry(Set.of(id), PlaneMap.shift(to.minus(at.get())));
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
        box.setConverter(Shown.by(name));
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
        box.setConverter(Shown.by(c -> c.map(k -> Ui.text("chalk." + k)).orElse(Ui.text("details.team.none"))));
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
        String text = Limits.clean(field.getText().strip());
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
            double typed =
                    Double.parseDouble(field.getText().replace('°', ' ').strip().replace(',', '.'));
            if (Double.isFinite(typed)) {
                return typed;
            }
        } catch (NumberFormatException e) {
            // told below, with what "NaN" and "1e999" are told
        }
        throw new IllegalArgumentException(Ui.text("typed.no-number", field.getText()));
    }
}
