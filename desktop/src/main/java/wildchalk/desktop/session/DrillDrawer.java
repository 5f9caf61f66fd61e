package wildchalk.desktop.session;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.Miniature;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/**
 * The drills of the binder as small pictures that play while the pointer is over them: a press puts one behind the block that is
 * chosen, a pull drops it where it is let go.
 */
final class DrillDrawer extends VBox {

    private static final double WIDE = 150;
    private static final double PULLED = 6;

    private final SessionDesk desk;
    private final BiConsumer<Drill, Double> drop;
    private final Worker worker;
    private final TextField find = new TextField();
    private final HBox cards = new HBox(8);
    private List<Drill> shown = List.of();
    private Surface floor;
    private Ground ground = Ground.SLATE;
    private int run;

    /** @param drop takes a drill, and where in the window it was let go; not a number for a press */
    DrillDrawer(SessionDesk desk, BiConsumer<Drill, Double> drop) {
        super(6);
        this.desk = desk;
        this.drop = drop;
        this.worker = new Worker(why -> desk.faults().told(Faults.Kind.WORK, why));
        setId("drill-drawer");
        find.setId("drawer-find");
        find.setPromptText(Ui.text("session.drawer.find"));
        find.setAccessibleText(Ui.text("session.drawer.find"));
        find.setMinWidth(160);
        find.setPrefWidth(160);
        find.textProperty().addListener((o, a, b) -> fill());
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFitToHeight(true);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().add("findings-scroll");
        scroll.setMinHeight(Region.USE_PREF_SIZE);
        HBox row = new HBox(8, find, scroll);
        row.setAlignment(Pos.TOP_LEFT);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(row);
        managedProperty().bind(visibleProperty());
        setVisible(false);
    }

    void dress(Ground other) {
        if (ground != other) {
            ground = other;
            shown = List.of();
            fill();
        }
    }

    /** Drills on this floor come first. */
    void on(Surface here) {
        if (!here.equals(floor)) {
            floor = here;
            fill();
        }
    }

    void toggle() {
        setVisible(!isVisible());
        fill();
    }

    /** Those on the floor of the session first; with what is typed in title, theme or the name of the surface. */
    void fill() {
        if (!isVisible()) {
            return;
        }
        String wanted = find.getText().strip().toLowerCase(Locale.ROOT);
        List<Drill> drills = desk.drills().stream()
                .filter(d -> wanted.isEmpty() || words(d).contains(wanted))
                .sorted(Comparator.comparing(d -> !d.surfaceUse().floor().equals(floor)))
                .toList();
        if (drills.equals(shown)) {
            return;
        }
        shown = drills;
        run++;
        cards.getChildren().clear();
        next(0, run);
    }

    private static String words(Drill d) {
        return (d.title() + " " + String.join(" ", d.themes()) + " "
                        + d.surface().title())
                .toLowerCase(Locale.ROOT);
    }

    /** One picture after the other, beside the window. */
    private void next(int at, int mine) {
        if (at >= shown.size() || mine != run) {
            return;
        }
        Drill drill = shown.get(at);
        Ground on = ground;
        worker.ask(() -> Miniature.Painted.of(Told.of(drill, drill.base()), on), painted -> {
            if (mine == run) {
                cards.getChildren().add(card(drill, new Miniature(painted)));
                next(at + 1, mine);
            }
        });
    }

    private Node card(Drill drill, Miniature picture) {
        picture.setFitWidth(WIDE);
        picture.setFitHeight(WIDE * Miniature.HEIGHT / Miniature.WIDTH);
        Label title = new Label(drill.title());
        title.setMaxWidth(WIDE);
        Button card = new Button("", new VBox(2, picture, title));
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.setId("drawer-" + drill.id());
        card.setAccessibleText(drill.title());
        Tips.on(
                card,
                Ui.text("session.drawer.tip", drill.title(), drill.surface().title()));
        card.getStyleClass().add("drawer-card");
        card.hoverProperty().addListener((o, was, is) -> live(picture, is));
        card.focusedProperty().addListener((o, was, is) -> live(picture, is));
        pull(card, drill);
        return card;
    }

    private static void live(Miniature picture, boolean is) {
        if (is) {
            picture.play();
        } else {
            picture.rest();
        }
    }

    private void pull(Button card, Drill drill) {
        double[] began = new double[2];
        boolean[] pulled = new boolean[1];
        card.setOnMousePressed(e -> {
            began[0] = e.getSceneX();
            began[1] = e.getSceneY();
            pulled[0] = false;
        });
        card.setOnMouseDragged(e -> {
            pulled[0] |= Math.hypot(e.getSceneX() - began[0], e.getSceneY() - began[1]) > PULLED;
            if (pulled[0]) {
                card.setTranslateX(e.getSceneX() - began[0]);
                card.setTranslateY(e.getSceneY() - began[1]);
                card.setViewOrder(-1);
            }
        });
        card.addEventFilter(javafx.scene.input.MouseEvent.MOUSE_RELEASED, e -> {
            card.setTranslateX(0);
            card.setTranslateY(0);
            card.setViewOrder(0);
            if (pulled[0]) {
                e.consume();
                card.disarm();
                drop.accept(drill, e.getSceneX());
            }
        });
        card.setOnAction(e -> drop.accept(drill, Double.NaN));
    }
}
