package wildchalk.desktop.reps;

import java.util.List;
import java.util.function.DoubleConsumer;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.Line;
import javafx.scene.text.TextAlignment;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.Side;
import wildchalk.core.reps.Block;
import wildchalk.core.reps.Outlook;
import wildchalk.core.words.RepsWriter;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** A lane for each person: full while he has a turn, empty while he does not. Pressing it goes to that moment of the block. */
final class LanesPlot extends Plot {

    private static final double LEFT = 48;
    private static final double RIGHT = 8;
    private static final double FOOT = 16;
    private static final double MOST_ROW = 12;
    private static final double LEAST_ROW = 5;
    private static final double ROOM = 150;
    /** Rows lower than this have no names. */
    private static final double NAMED_ROW = 10;

    private final Line marker = new Line();
    private final DoubleConsumer seek;

    /** @param seek told the second of the block that was pressed */
    LanesPlot(DoubleConsumer seek) {
        this.seek = seek;
        setId("lanes-plot");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        marker.setManaged(false);
        marker.setMouseTransparent(true);
        marker.setStrokeWidth(2);
        marker.setVisible(false);
        getChildren().add(marker);
        setOnMousePressed(e -> at(e.getX()));
        setOnMouseDragged(e -> at(e.getX()));
    }

    private void at(double x) {
        if (outlook() != null) {
            double share = (x - LEFT) / Math.max(1, getWidth() - LEFT - RIGHT);
            seek.accept(Math.max(0, Math.min(1, share)) * outlook().block().seconds());
        }
    }

    double x(double seconds) {
        return LEFT + seconds / outlook().block().seconds() * (getWidth() - LEFT - RIGHT);
    }

    private double row() {
        int people = Math.max(1, outlook().block().people().size());
        return Math.max(LEAST_ROW, Math.min(MOST_ROW, ROOM / people));
    }

    /** Where the block is that is being watched; below 0 for none. */
    void mark(double seconds) {
        marker.setVisible(outlook() != null
                && seconds >= 0
                && seconds <= outlook().block().seconds());
        if (marker.isVisible()) {
            marker.setStartX(x(seconds));
            marker.setEndX(x(seconds));
            marker.setEndY(getHeight() - FOOT);
        }
    }

    @Override
    void show(Outlook next) {
        boolean other = outlook() == null
                || outlook().block().people().size() != next.block().people().size();
        super.show(next);
        if (other) {
            double high = row() * next.block().people().size() + FOOT;
            setMinHeight(high);
            setPrefHeight(high);
        }
        setAccessibleText(Ui.text("reps.lanes.said", next.block().people().size()));
    }

    @Override
    void paint(GraphicsContext g, Outlook shown, Ground look) {
        List<Block.Share> people = shown.block().people();
        double row = row();
        double bar = Math.max(3, row - 3);
        g.setFont(FONT);
        g.setTextBaseline(VPos.CENTER);
        for (int i = 0; i < people.size(); i++) {
            Block.Share p = people.get(i);
            double y = i * row + (row - bar) / 2;
            g.setFill(faint(look.quiet(), 0.16));
            g.fillRect(LEFT, y, getWidth() - LEFT - RIGHT, bar);
            g.setFill(fx(p.stays() ? look.quiet() : look.side(Side.DEFENCE)));
            for (Block.Turn turn : p.turns()) {
                g.fillRect(x(turn.from()), y, Math.max(1.5, x(turn.to()) - x(turn.from())), bar);
            }
            if (row >= NAMED_ROW || i == 0) {
                g.setFill(fx(look.quiet()));
                g.setTextAlign(TextAlignment.RIGHT);
                g.fillText(name(shown, p, i), LEFT - 6, i * row + row / 2, LEFT - 8);
            }
        }
        double foot = people.size() * row + FOOT / 2 + 1;
        g.setFill(fx(look.quiet()));
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(RepsWriter.time(0), LEFT, foot);
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(RepsWriter.time(shown.block().seconds()), getWidth() - RIGHT, foot);
        marker.setStroke(fx(look.alert()));
    }

    /** Whoever stays has his label; others are counted. */
    private static String name(Outlook shown, Block.Share p, int index) {
        return p.stays() ? shown.script().path().role(p.role()).map(Role::label).orElse("") : String.valueOf(index + 1);
    }
}
