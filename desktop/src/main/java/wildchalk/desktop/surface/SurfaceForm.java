package wildchalk.desktop.surface;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.geometry.Point;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Overlay;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.SizeRange;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.View;
import wildchalk.core.text.LengthUnit;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** How a chosen surface is used: its size, the part that is shown, how it lies, other lines on it; with a picture. */
final class SurfaceForm extends VBox {

    private static final int WIDTH = 372;
    private static final int HEIGHT = 180;
    /** Lines that are offered for a hall's floor, and the colour they usually have there. */
    private static final List<Overlay> OFFERED = List.of(
            new Overlay("basketball-international", Point.ORIGIN, false, true, Ink.LINE),
            new Overlay("volleyball", Point.ORIGIN, false, false, Ink.GREEN),
            new Overlay("handball", Point.ORIGIN, false, false, Ink.YELLOW),
            new Overlay("futsal", Point.ORIGIN, false, false, Ink.BLUE),
            new Overlay("netball", Point.ORIGIN, false, false, Ink.RED));

    private final Ground ground;
    private final LengthUnit unit;
    private final ImageView picture = new ImageView();
    private final TextField length = new TextField();
    private final TextField width = new TextField();
    private final Label range = new Label();
    private final ComboBox<View> part = new ComboBox<>();
    private final TextField[] corners = {new TextField(), new TextField(), new TextField(), new TextField()};
    private final HBox rectangle = new HBox(6);
    private final CheckBox standing = new CheckBox(Ui.text("surface.standing"));
    private final List<OverlayRow> overlays = new ArrayList<>();
    private final VBox overlayBox = new VBox(4);
    private final Label about = new Label();
    private final Label wrong = new Label();
    private Surface floor;
    private SurfaceUse use;
    private boolean filling;

    SurfaceForm(Ground ground, LengthUnit unit, SurfaceUse start) {
        super(10);
        this.ground = ground;
        this.unit = unit;
        picture.setFitWidth(WIDTH);
        picture.setFitHeight(HEIGHT);
        length.setId("surface-length");
        width.setId("surface-width");
        part.setId("surface-part");
        standing.setId("surface-standing");
        part.setConverter(Shown.by(View::name));
        part.setMaxWidth(Double.MAX_VALUE);
        length.setPrefColumnCount(6);
        width.setPrefColumnCount(6);
        HBox size = new HBox(8, length, new Label("×"), width);
        size.setAlignment(Pos.CENTER_LEFT);
        for (int i = 0; i < corners.length; i++) {
            corners[i].setPrefColumnCount(4);
            corners[i].setId("surface-corner-" + i);
            corners[i].setPromptText(Ui.text("surface.corner." + i));
            corners[i].setOnAction(e -> read());
            rectangle.getChildren().add(corners[i]);
        }
        for (Overlay offered : OFFERED) {
            OverlayRow row = new OverlayRow(offered, this::read);
            overlays.add(row);
            overlayBox.getChildren().add(row);
        }
        GridPane grid = new GridPane();
        grid.setHgap(14);
        grid.setVgap(8);
        grid.addRow(0, new Label(Ui.text("surface.size")), size);
        grid.add(range, 1, 1);
        grid.addRow(2, new Label(Ui.text("surface.part")), part);
        grid.add(rectangle, 1, 3);
        grid.add(standing, 1, 4);
        about.getStyleClass().add("quiet");
        about.setWrapText(true);
        about.setMaxWidth(WIDTH);
        range.getStyleClass().add("quiet");
        wrong.getStyleClass().add("finding");
        wrong.setWrapText(true);
        wrong.setMaxWidth(WIDTH);
        getChildren().addAll(picture, about, grid, overlayBox, wrong);
        length.setOnAction(e -> read());
        width.setOnAction(e -> read());
        length.focusedProperty().addListener((o, was, is) -> readWhen(was));
        width.focusedProperty().addListener((o, was, is) -> readWhen(was));
        part.setOnAction(e -> read());
        standing.setOnAction(e -> read());
        show(start);
    }

    private void readWhen(boolean left) {
        if (left) {
            read();
        }
    }

    /** What the form says now; empty while something in it makes no sense. */
    Optional<SurfaceUse> use() {
        read();
        return wrong.getText().isEmpty() ? Optional.of(use) : Optional.empty();
    }

    /** Whether a surface is the one that is chosen, at whatever size. */
    boolean shows(Surface surface) {
        return floor.id().equals(surface.id());
    }

    /** Starts from another surface, whole and lying. */
    void choose(Surface surface) {
        show(SurfaceUse.of(surface));
    }

    private void show(SurfaceUse shown) {
        filling = true;
        use = shown;
        floor = shown.floor();
        Optional<SizeRange> sizes = Surfaces.range(floor.id());
        length.setText(unit.exact(floor.lengthMetres()));
        width.setText(unit.exact(floor.widthMetres()));
        length.setDisable(sizes.isEmpty());
        width.setDisable(sizes.isEmpty());
        range.setText(sizes.map(r -> Ui.text(
                        "surface.range",
                        unit.exact(r.minLength()),
                        unit.exact(r.maxLength()),
                        unit.exact(r.minWidth()),
                        unit.exact(r.maxWidth())))
                .orElse(Ui.text("surface.fixed")));
        part.getItems().setAll(floor.views());
        View any = shown.view().id().equals(View.CUSTOM)
                ? shown.view()
                : View.of(
                        new Point(-floor.lengthMetres() / 4, -floor.widthMetres() / 4),
                        new Point(floor.lengthMetres() / 4, floor.widthMetres() / 4));
        part.getItems().add(any);
        part.setValue(shown.view());
        double[] values = {any.minX(), any.maxX(), any.minY(), any.maxY()};
        for (int i = 0; i < corners.length; i++) {
            corners[i].setText((values[i] < 0 ? "-" : "") + unit.exact(Math.abs(values[i])));
        }
        standing.setSelected(shown.standing());
        boolean plain = floor.sport().equals("hall") || shown.isOwn();
        overlayBox.setVisible(plain);
        overlayBox.setManaged(plain);
        overlays.forEach(row -> row.show(shown.overlays()));
        about.setText(Ui.text("surface.about", floor.ballName(), floor.usualGear()));
        wrong.setText("");
        filling = false;
        paint();
    }

    private void read() {
        if (filling) {
            return;
        }
        try {
            Surface sized = Surfaces.range(floor.id()).isPresent()
                    ? Surfaces.sized(floor.id(), new Size(metres(length), metres(width)))
                    : floor;
            boolean resized = !sized.equals(floor);
            floor = sized;
            boolean custom = part.getValue() != null && part.getValue().id().equals(View.CUSTOM);
            View view = custom
                    ? View.of(
                            new Point(signed(corners[0]), signed(corners[2])),
                            new Point(signed(corners[1]), signed(corners[3])))
                    : floor.view(
                                    part.getValue() == null
                                            ? "whole"
                                            : part.getValue().id())
                            .orElse(floor.wholeView());
            rectangle.setVisible(custom);
            rectangle.setManaged(custom);
            List<Overlay> laid = overlayBox.isManaged()
                    ? overlays.stream().flatMap(r -> r.overlay().stream()).toList()
                    : List.of();
            use = SurfaceUse.of(floor)
                    .withView(view)
                    .withStanding(standing.isSelected())
                    .withOverlays(laid);
            wrong.setText("");
            if (resized) {
                show(use);
                return;
            }
            paint();
        } catch (IllegalArgumentException refused) {
            wrong.setText(refused.getMessage());
        }
    }

    private double metres(TextField field) {
        OptionalDouble typed = unit.parse(field.getText());
        return typed.orElseThrow(() -> new IllegalArgumentException(Ui.text("typed.no-length", field.getText())));
    }

    private double signed(TextField field) {
        String text = field.getText().strip();
        boolean negative = text.startsWith("-");
        OptionalDouble typed = unit.parse(negative ? text.substring(1) : text);
        return (negative ? -1 : 1)
                * typed.orElseThrow(() -> new IllegalArgumentException(Ui.text("typed.no-length", text)));
    }

    private void paint() {
        boolean custom = use.view().id().equals(View.CUSTOM);
        rectangle.setVisible(custom);
        rectangle.setManaged(custom);
        picture.setImage(SurfacePicture.of(use, ground, 2 * WIDTH, 2 * HEIGHT));
    }

    /** One sport's lines: on or off, strong or faint, along or across the floor. */
    private static final class OverlayRow extends HBox {

        private final Overlay offered;
        private final CheckBox on;
        private final CheckBox strong = new CheckBox(Ui.text("surface.strong"));
        private final CheckBox crosswise = new CheckBox(Ui.text("surface.crosswise"));

        OverlayRow(Overlay offered, Runnable changed) {
            super(12);
            this.offered = offered;
            on = new CheckBox(Ui.text("surface.lines", offered.surface().sportName()));
            on.setId("overlay-" + offered.surfaceId());
            on.setMinWidth(150);
            strong.disableProperty().bind(on.selectedProperty().not());
            crosswise.disableProperty().bind(on.selectedProperty().not());
            for (CheckBox box : new CheckBox[] {on, strong, crosswise}) {
                box.setOnAction(e -> changed.run());
                getChildren().add(box);
            }
        }

        void show(List<Overlay> laid) {
            Optional<Overlay> mine = laid.stream()
                    .filter(o -> o.surfaceId().equals(offered.surfaceId()))
                    .findFirst();
            on.setSelected(mine.isPresent());
            strong.setSelected(mine.orElse(offered).strong());
            crosswise.setSelected(mine.orElse(offered).crosswise());
        }

        Optional<Overlay> overlay() {
            return on.isSelected()
                    ? Optional.of(offered.withStrong(strong.isSelected()).withCrosswise(crosswise.isSelected()))
                    : Optional.empty();
        }
    }
}
