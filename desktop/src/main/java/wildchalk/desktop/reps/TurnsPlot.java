package wildchalk.desktop.reps;

import java.util.List;
import java.util.function.IntConsumer;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import wildchalk.core.drill.Side;
import wildchalk.core.reps.Fit;
import wildchalk.core.reps.Outlook;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** Turns of whoever has fewest over how many there are; pressing a head count tries it. */
final class TurnsPlot extends Plot {

    private static final double HEIGHT = 92;
    private static final double LEFT = 26;
    private static final double RIGHT = 10;
    private static final double TOP = 12;
    private static final double FOOT = 18;

    TurnsPlot(IntConsumer people) {
        setId("turns-plot");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setOnMousePressed(e -> at(e.getX(), people));
        setOnMouseDragged(e -> at(e.getX(), people));
    }

    private void at(double x, IntConsumer people) {
        if (outlook() != null && !outlook().fit().rows().isEmpty()) {
            List<Fit.Row> rows = outlook().fit().rows();
            int first = rows.get(0).people();
            int last = rows.get(rows.size() - 1).people();
            double share = (x - LEFT) / Math.max(1, getWidth() - LEFT - RIGHT);
            people.accept((int) Math.max(first, Math.min(last, Math.round(first + share * (last - first)))));
        }
    }

    /** Pixel of a head count. */
    double x(int people) {
        List<Fit.Row> rows = outlook().fit().rows();
        int first = rows.get(0).people();
        int last = Math.max(first + 1, rows.get(rows.size() - 1).people());
        return LEFT + (double) (people - first) / (last - first) * (getWidth() - LEFT - RIGHT);
    }

    @Override
    void paint(GraphicsContext g, Outlook shown, Ground look) {
        List<Fit.Row> rows = shown.fit().rows();
        double most = rows.stream().mapToInt(r -> r.block().fewestTurns()).max().orElse(1);
        double foot = getHeight() - FOOT;
        double high = foot - TOP;
        int people = shown.setting().people()
                - shown.setting().insteadOfCoach(shown.script().path());
        int turns = shown.block().fewestTurns();
        double level = foot - high * turns / Math.max(1, most);
        band(g, shown.fit(), look, foot);
        g.setStroke(faint(look.quiet(), 0.6));
        g.setLineWidth(1);
        g.setLineDashes();
        g.strokeLine(LEFT, TOP - 4, LEFT, foot);
        g.strokeLine(LEFT, foot, getWidth() - RIGHT, foot);
        g.setLineDashes(2, 4);
        g.strokeLine(LEFT, level, getWidth() - RIGHT, level);
        g.setStroke(fx(look.alert()));
        g.strokeLine(x(people), TOP - 4, x(people), foot);
        g.setLineDashes();
        for (Fit.Row row : rows) {
            double y = foot - high * row.block().fewestTurns() / Math.max(1, most);
            boolean now = row.people() == people;
            double r = now ? 4.5 : 2.6;
            g.setFill(now ? fx(look.alert()) : fx(look.side(Side.DEFENCE)));
            g.fillOval(x(row.people()) - r, y - r, 2 * r, 2 * r);
        }
        g.setFont(FONT);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(fx(look.quiet()));
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(String.valueOf((int) most), LEFT - 5, TOP);
        g.fillText("0", LEFT - 5, foot);
        g.setTextAlign(TextAlignment.CENTER);
        int first = rows.get(0).people();
        int last = rows.get(rows.size() - 1).people();
        for (int end : new int[] {first, last}) {
            if (Math.abs(x(end) - x(people)) > 22) {
                g.fillText(String.valueOf(end), Math.min(x(end), getWidth() - RIGHT - 4), foot + 10);
            }
        }
        g.setFont(BOLD);
        g.setFill(fx(look.alert()));
        g.fillText(String.valueOf(people), x(people), foot + 10);
        setAccessibleText(Ui.text("reps.plot.said", people, turns));
    }

    /** From the fewest to the most, a bar under the axis. */
    private void band(GraphicsContext g, Fit fit, Ground look, double foot) {
        int most = fit.most().orElse(fit.fewest());
        g.setFill(faint(look.side(Side.DEFENCE), 0.16));
        g.fillRect(x(fit.fewest()) - 4, TOP - 4, x(Math.max(fit.fewest(), most)) - x(fit.fewest()) + 8, foot - TOP + 4);
    }
}
