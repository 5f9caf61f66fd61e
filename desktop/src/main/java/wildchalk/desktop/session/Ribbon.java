package wildchalk.desktop.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.What;
import wildchalk.core.words.PlanWriter;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/**
 * The hour from left to right: a block is as wide as it is long. Pulled by its right edge it gets longer or shorter, pulled at
 * its middle it goes elsewhere, with Shift it changes places with the one it is let go on; with keys: plus and minus, and left and right with Alt.
 */
final class Ribbon extends Pane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    /** The height of a line of letters says how high and wide what is written is, at any size of text. */
    private static final double LINES = 4.4;

    private static final double EDGE = 9;
    private static final double[] STEPS_MINUTES = {1, 2, 5, 10, 15, 30, 60};

    /** What a hand wants of it. */
    record Hand(
            Consumer<BlockId> choose,
            BiConsumer<BlockId, Double> stretch,
            BiConsumer<BlockId, Integer> move,
            BiConsumer<BlockId, BlockId> swap,
            Consumer<BlockId> remove) {}

    private final Hand hand;
    private final List<Region> shown = new ArrayList<>();
    private final Label ruler = new Label("00:00");
    private SessionPlan plan;
    private PlanWriter writer;
    private Optional<BlockId> chosen = Optional.empty();

    Ribbon(Hand hand) {
        this.hand = hand;
        setId("ribbon");
        getStyleClass().add("ribbon");
        ruler.setVisible(false);
    }

    private double ticks() {
        return ruler.prefHeight(-1) + 2;
    }

    private double high() {
        return LINES * ruler.prefHeight(-1);
    }

    @Override
    protected double computePrefHeight(double width) {
        return ticks() + high() + 8;
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    void show(SessionPlan now, PlanWriter said, Optional<BlockId> open) {
        plan = now;
        writer = said;
        chosen = open;
        Optional<String> focused = getChildren().stream()
                .filter(n -> n.isFocused() && n.getId() != null)
                .map(n -> n.getId())
                .findFirst();
        getChildren().setAll(ruler);
        shown.clear();
        for (Slot slot : now.slots()) {
            Region part = slot.change().isPresent() ? change(slot) : block(slot);
            shown.add(part);
            getChildren().add(part);
        }
        requestLayout();
        focused.flatMap(id ->
                        getChildren().stream().filter(n -> id.equals(n.getId())).findFirst())
                .ifPresent(n -> n.requestFocus());
    }

    private Region change(Slot slot) {
        Label gap = new Label();
        gap.getStyleClass().add("ribbon-change");
        Tips.on(gap, writer.changing(slot.change().orElseThrow()));
        return gap;
    }

    private Region block(Slot slot) {
        SessionBlock block = slot.block();
        Label title = new Label(PlanWriter.title(block));
        title.getStyleClass().add("ribbon-title");
        Button button = new Button();
        button.widthProperty()
                .addListener((o, was, is) -> upright(button, title, is.doubleValue() < 3.8 * ruler.prefHeight(-1)));
        VBox words = new VBox(1, title);
        words.setAlignment(Pos.TOP_LEFT);
        if (!slot.rounds().isEmpty()) {
            slot.rounds().get(0).stations().forEach(h -> {
                Label line = new Label(writer.brief(h));
                line.getStyleClass().add("quiet");
                words.getChildren().add(line);
            });
        } else {
            Label minutes = new Label(writer.minutes(block));
            minutes.getStyleClass().add("quiet");
            words.getChildren().add(minutes);
        }
        button.setGraphic(words);
        button.setUserData(words);
        button.setId("block-" + block.id());
        button.setAlignment(Pos.TOP_LEFT);
        button.getStyleClass().addAll("ribbon-block", kind(block));
        button.pseudoClassStateChanged(CHOSEN, chosen.equals(Optional.of(block.id())));
        button.setAccessibleText(PlanWriter.title(block) + ", " + writer.minutes(block));
        Tips.on(button, PlanWriter.title(block) + ", " + writer.minutes(block));
        button.setOnAction(e -> hand.choose().accept(block.id()));
        button.addEventFilter(KeyEvent.KEY_PRESSED, e -> key(e, block));
        pull(button, slot);
        return button;
    }

    /** A narrow block has its title alone, from below to above. */
    private void upright(Button button, Label title, boolean narrow) {
        VBox words = (VBox) button.getUserData();
        if (narrow && button.getGraphic() == words) {
            words.getChildren().remove(title);
            title.setRotate(-90);
            title.setMaxWidth(high() - 12);
            button.setGraphic(new javafx.scene.Group(title));
            button.setAlignment(Pos.CENTER);
        } else if (!narrow && button.getGraphic() != words) {
            title.setRotate(0);
            title.setMaxWidth(Double.MAX_VALUE);
            words.getChildren().add(0, title);
            button.setGraphic(words);
            button.setAlignment(Pos.TOP_LEFT);
        }
    }

    private static String kind(SessionBlock block) {
        return block.what() instanceof What.Plain p
                ? "ribbon-" + p.kind().name().toLowerCase()
                : "ribbon-drills";
    }

    private void key(KeyEvent e, SessionBlock block) {
        boolean more = e.getCode() == KeyCode.PLUS || e.getCode() == KeyCode.ADD || e.getCode() == KeyCode.EQUALS;
        boolean less = e.getCode() == KeyCode.MINUS || e.getCode() == KeyCode.SUBTRACT;
        if (more || less) {
            hand.stretch().accept(block.id(), block.minutes() + (more ? 1 : -1));
        } else if (e.isAltDown() && (e.getCode() == KeyCode.LEFT || e.getCode() == KeyCode.RIGHT)) {
            hand.move().accept(block.id(), e.getCode() == KeyCode.LEFT ? -1 : 1);
        } else if (e.getCode() == KeyCode.DELETE || e.getCode() == KeyCode.BACK_SPACE) {
            hand.remove().accept(block.id());
        } else {
            return;
        }
        e.consume();
    }

    // ---- pulling ----

    private void pull(Button button, Slot slot) {
        double[] began = new double[1];
        boolean[] edge = new boolean[1];
        boolean[] pulled = new boolean[1];
        button.setOnMouseMoved(
                e -> button.setCursor(e.getX() > button.getWidth() - EDGE ? Cursor.H_RESIZE : Cursor.HAND));
        button.setOnMousePressed(e -> {
            began[0] = e.getSceneX();
            edge[0] = e.getX() > button.getWidth() - EDGE;
            pulled[0] = false;
        });
        button.setOnMouseDragged(e -> {
            double by = e.getSceneX() - began[0];
            pulled[0] |= Math.abs(by) > 4;
            if (pulled[0] && edge[0]) {
                button.resize(Math.max(EDGE, minutes(slot, by) * 60 * scale() - 2), button.getHeight());
                button.toFront();
            } else if (pulled[0]) {
                button.setTranslateX(by);
                button.toFront();
            }
        });
        button.addEventFilter(javafx.scene.input.MouseEvent.MOUSE_RELEASED, e -> {
            if (pulled[0]) {
                e.consume();
                button.disarm();
                double by = e.getSceneX() - began[0];
                button.setTranslateX(0);
                if (edge[0]) {
                    hand.stretch().accept(slot.block().id(), minutes(slot, by));
                } else if (e.isShiftDown() && blockAt(e.getSceneX()).isPresent()) {
                    hand.swap().accept(slot.block().id(), blockAt(e.getSceneX()).get());
                } else {
                    hand.move().accept(slot.block().id(), places(slot, by));
                }
                requestLayout();
            }
        });
    }

    /** The block at a place of the window; empty beyond the last. */
    Optional<BlockId> blockAt(double sceneX) {
        double at = sceneToLocal(sceneX, 0).getX() / scale();
        return plan.slots().stream()
                .filter(s -> s.from() <= at && at < s.to())
                .map(s -> s.block().id())
                .findFirst();
    }

    /** To the half minute. */
    private double minutes(Slot slot, double by) {
        return Math.max(0.5, Math.round(2 * (slot.block().minutes() + by / scale() / 60)) / 2.0);
    }

    /** Over how many blocks its middle has been pulled. */
    private int places(Slot slot, double by) {
        double middle = (slot.from() + slot.to()) / 2 + by / scale();
        int places = 0;
        for (Slot other : plan.slots()) {
            double at = (other.from() + other.to()) / 2;
            if (other.change().isEmpty() && other != slot) {
                places += at > slot.from() && at < middle ? 1 : at < slot.from() && at > middle ? -1 : 0;
            }
        }
        return places;
    }

    // ---- where ----

    /** Pixels for a second. */
    private double scale() {
        double last = plan.slots().isEmpty()
                ? 0
                : plan.slots().get(plan.slots().size() - 1).to();
        return (getWidth() - 4) / Math.max(60, Math.max(last, 60 * plan.sums().given()));
    }

    @Override
    protected void layoutChildren() {
        if (plan == null) {
            return;
        }
        getChildren().removeIf(n -> n != ruler && !shown.contains(n));
        double wide = ruler.prefWidth(-1) + 2;
        double scale = scale();
        double step = STEPS_MINUTES[STEPS_MINUTES.length - 1];
        for (int i = STEPS_MINUTES.length - 1; i >= 0; i--) {
            step = STEPS_MINUTES[i] * 60 * scale >= wide + 16 ? STEPS_MINUTES[i] : step;
        }
        double end = 60 * plan.sums().given();
        for (double t = 0; t * scale < getWidth() - wide; t += 60 * step) {
            Label tick = new Label(writer.clock(t));
            tick.getStyleClass().add("quiet");
            getChildren().add(tick);
            tick.resizeRelocate(t * scale, 0, wide, ticks());
        }
        for (int i = 0; i < shown.size(); i++) {
            Slot slot = plan.slots().get(i);
            shown.get(i)
                    .resizeRelocate(
                            slot.from() * scale, ticks(), Math.max(3, (slot.to() - slot.from()) * scale - 2), high());
        }
        Region line = new Region();
        line.getStyleClass().add(plan.sums().slack() < -0.05 ? "ribbon-over" : "ribbon-end");
        getChildren().add(line);
        line.resizeRelocate(Math.min(getWidth() - 3, end * scale), ticks() - 4, 3, high() + 8);
        line.setAccessibleText(Ui.text("session.end"));
    }
}
