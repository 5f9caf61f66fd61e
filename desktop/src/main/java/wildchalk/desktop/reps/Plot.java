package wildchalk.desktop.reps;

import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import wildchalk.core.reps.Outlook;
import wildchalk.picture.style.Ground;

/** A picture of an outlook as wide as there is room. */
abstract class Plot extends Pane {

    static final Font FONT = Font.font("Atkinson Hyperlegible", 12);
    static final Font BOLD = Font.font("Atkinson Hyperlegible", FontWeight.BOLD, 12);

    private final Canvas canvas = new Canvas();
    private final ObjectProperty<Ground> ground = new SimpleObjectProperty<>(Ground.SLATE);
    private Outlook outlook;

    Plot() {
        canvas.setManaged(false);
        canvas.setMouseTransparent(true);
        getChildren().add(canvas);
        setMinWidth(0);
        ground.addListener((o, a, b) -> paint());
    }

    ObjectProperty<Ground> groundProperty() {
        return ground;
    }

    Outlook outlook() {
        return outlook;
    }

    void show(Outlook next) {
        outlook = next;
        paint();
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            paint();
        }
    }

    final void paint() {
        if (outlook == null || getWidth() < 1) {
            return;
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        paint(g, outlook, ground.get());
    }

    abstract void paint(GraphicsContext g, Outlook shown, Ground look);

    static Color fx(java.awt.Color c) {
        return Color.rgb(c.getRed(), c.getGreen(), c.getBlue());
    }

    static Color faint(java.awt.Color c, double share) {
        return Color.rgb(c.getRed(), c.getGreen(), c.getBlue(), share);
    }
}
