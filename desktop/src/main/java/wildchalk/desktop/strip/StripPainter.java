package wildchalk.desktop.strip;

import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.TextAlignment;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Severity;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.motion.Waits;
import wildchalk.core.words.WaitWriter;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/** Draws the strip. */
final class StripPainter {

    private static final String FAMILY = "Atkinson Hyperlegible";
    /** Radius of the handle at the end of a thread that can be pulled. */
    static final double HANDLE = 5;

    private static final Font BAR_FONT = Font.font(FAMILY, FontWeight.BOLD, 12);
    private static final BarText BAR_TEXT = BarText.of(BAR_FONT);

    private final GraphicsContext g;
    private final Ground look;
    private final StripScale scale;
    private final double width;
    private final double height;

    StripPainter(GraphicsContext g, Ground look, StripScale scale, double height) {
        this.g = g;
        this.look = look;
        this.scale = scale;
        this.width = scale.width();
        this.height = height;
    }

    void paint(Told told, StripBars all, Optional<MoveId> chosen, double left) {
        g.clearRect(0, 0, width, height);
        g.setTextBaseline(VPos.CENTER);
        steps(told);
        axis();
        for (StripBars.Bar bar : all.bars()) {
            bar(bar, chosen.equals(Optional.of(bar.move())));
        }
        for (Waits.Wait wait : all.waits()) {
            wait(told, wait);
        }
        for (StripBars.Thread thread : all.threads()) {
            thread(thread, chosen.equals(Optional.of(thread.move())));
        }
        chosen.ifPresent(id -> handle(all, id));
        pins(told);
        labels(told, left);
    }

    private void steps(Told told) {
        var spans = told.timeline().steps();
        for (int i = 1; i < spans.size(); i += 2) {
            StepSpan span = spans.get(i);
            g.setFill(faint(look.quiet(), 0.10));
            double from = scale.x(span.start());
            g.fillRect(from, StripScale.AXIS, scale.x(span.end()) - from, height - StripScale.AXIS);
        }
    }

    private void axis() {
        g.setFont(Font.font(FAMILY, 12));
        g.setTextAlign(TextAlignment.CENTER);
        double room = (width - StripScale.LABELS) / 44;
        int every = Math.max(1, (int) Math.ceil(scale.seconds() / Math.max(4, room)));
        for (int s = 0; s <= scale.seconds(); s += every) {
            double x = Math.round(scale.x(s)) + 0.5;
            g.setFill(fx(look.quiet()));
            g.fillText(Ui.text("strip.second", s), x, StripScale.AXIS / 2);
            g.setStroke(faint(look.quiet(), 0.35));
            g.setLineWidth(1);
            g.strokeLine(x, StripScale.AXIS, x, height);
        }
    }

    /** They stay at the left edge of what can be seen. */
    private void labels(Told told, double left) {
        g.setFill(fx(look.surround()));
        g.fillRect(left, StripScale.AXIS, StripScale.LABELS - 6, height - StripScale.AXIS);
        g.setTextAlign(TextAlignment.LEFT);
        int lane = 0;
        for (Role role : told.path().roles()) {
            label(role.label(), fx(look.side(role.side())), lane++, left);
        }
        for (int i = 0; i < told.path().balls().size(); i++) {
            label(told.drill().surface().ballName(), fx(look.ball()), lane++, left);
        }
    }

    private void label(String text, Color colour, int lane, double left) {
        boolean low = scale.collapsed().contains(lane);
        g.setFont(Font.font(FAMILY, FontWeight.BOLD, low ? 8 : 12.5));
        g.setFill(colour);
        g.fillText((low ? "› " : "") + text, left + 12, scale.middle(lane));
    }

    private void bar(StripBars.Bar bar, boolean chosen) {
        double from = scale.x(bar.start());
        double wide = Math.max(3, scale.x(bar.end()) - from);
        double top = scale.top(bar.lane());
        double high = scale.height(bar.lane());
        double inset = high > 10 ? 2 : 1;
        g.setFill(bar.role().map(r -> fx(look.side(r.side()))).orElse(fx(look.ball())));
        g.fillRoundRect(from, top + inset, wide, high - 2 * inset, 5, 5);
        if (bar.reacts() > 0) {
            reaction(bar, top + inset, high - 2 * inset);
        }
        if (chosen) {
            g.setStroke(fx(look.text()));
            g.setLineWidth(2);
            g.strokeRoundRect(from, top + inset, wide, high - 2 * inset, 5, 5);
        }
        if (wide > 46 && high > 10) {
            g.setFill(fx(look.onBody()));
            g.setFont(BAR_FONT);
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(BAR_TEXT.fitting(bar.text(), wide - 11), from + 7, top + high / 2);
        }
    }

    /** Somebody stands until a step begins: dots, with how long. */
    private void wait(Told told, Waits.Wait wait) {
        List<RoleId> roles = told.path().roles().stream().map(Role::id).toList();
        int lane = roles.indexOf(wait.role());
        double from = scale.x(wait.from());
        double to = scale.x(wait.until());
        double y = scale.middle(lane);
        g.setStroke(fx(look.quiet()));
        g.setLineWidth(2);
        g.setLineDashes(1.5, 5);
        g.strokeLine(from + 4, y, to - 3, y);
        g.setLineDashes();
        String text = BAR_TEXT.fitting(WaitWriter.brief(wait), to - from - 12);
        if (text.length() > 3 && scale.height(lane) > 10) {
            g.setFill(fx(look.surround()));
            g.fillRect(from + 6, y - 7, Math.min(to - from - 12, 66), 14);
            g.setFill(fx(look.quiet()));
            g.setFont(BAR_FONT);
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(text, from + 8, y);
        }
    }

    /** The time before a bar in which its cue is seen or heard: an outline, since nobody moves yet. */
    private void reaction(StripBars.Bar bar, double top, double high) {
        double from = scale.x(bar.start() - bar.reacts());
        g.setStroke(bar.role().map(r -> fx(look.side(r.side()))).orElse(fx(look.ball())));
        g.setLineWidth(1.2);
        g.setLineDashes(3, 2);
        g.strokeRect(from + 0.5, top + 2, Math.max(1, scale.x(bar.start()) - from - 1), Math.max(1, high - 4));
        g.setLineDashes();
    }

    /** Down or up from what is waited for, then along to the start. */
    private void thread(StripBars.Thread t, boolean chosen) {
        double x = scale.x(t.fromSeconds());
        double to = scale.x(t.toSeconds());
        double y = scale.middle(t.fromLane());
        double end = scale.middle(t.toLane());
        g.setStroke(chosen ? fx(look.alert()) : faint(look.text(), 0.75));
        g.setLineWidth(chosen ? 2.2 : 1.3);
        g.strokeLine(x, y, x, end);
        if (to - x > 1) {
            g.setLineDashes(4, 3);
            g.strokeLine(x, end, to, end);
            g.setLineDashes();
        }
        g.setFill(chosen ? fx(look.alert()) : fx(look.text()));
        if (t.ends()) {
            g.fillRect(to - 1.5, end - 6, 3, 12);
        } else {
            g.fillPolygon(new double[] {to, to - 5, to - 5}, new double[] {end, end - 3.5, end + 3.5}, 3);
        }
        if (t.fromLane() != t.toLane()) {
            g.fillOval(x - 2.5, y - 2.5, 5, 5);
        }
    }

    /** Where the chosen move's thread can be taken hold of. */
    private void handle(StripBars all, MoveId chosen) {
        place(all, chosen).ifPresent(p -> {
            g.setFill(fx(look.alert()));
            g.fillOval(p[0] - HANDLE, p[1] - HANDLE, 2 * HANDLE, 2 * HANDLE);
            g.setStroke(fx(look.surround()));
            g.setLineWidth(1.5);
            g.strokeOval(p[0] - HANDLE, p[1] - HANDLE, 2 * HANDLE, 2 * HANDLE);
        });
    }

    /** The handle: at the moment that is waited for, or before the bar of a move that waits for nothing. */
    Optional<double[]> place(StripBars all, MoveId chosen) {
        Optional<double[]> ofThread = all.threads().stream()
                .filter(t -> t.move().equals(chosen) && !t.ends())
                .findFirst()
                .map(t -> new double[] {scale.x(t.fromSeconds()), scale.middle(t.fromLane())});
        return ofThread.or(() -> all.bars().stream()
                .filter(b -> b.move().equals(chosen) && b.role().isPresent())
                .findFirst()
                .map(b -> new double[] {scale.x(b.start()) - 9, scale.middle(b.lane())}));
    }

    /** A thread or a bar that is being pulled. */
    void pulled(double fromX, double fromY, double toX, double toY) {
        g.setStroke(fx(look.alert()));
        g.setLineWidth(2.2);
        g.setLineDashes(5, 4);
        g.strokeLine(fromX, fromY, toX, toY);
        g.setLineDashes();
    }

    void ghost(StripBars.Bar bar, double dx, String text) {
        g.setStroke(fx(look.alert()));
        g.setLineWidth(2);
        double from = scale.x(bar.start()) + dx;
        g.strokeRoundRect(
                from,
                scale.top(bar.lane()) + 2,
                Math.max(3, scale.x(bar.end()) - scale.x(bar.start())),
                scale.height(bar.lane()) - 4,
                5,
                5);
        g.setFill(fx(look.alert()));
        g.setFont(Font.font(FAMILY, FontWeight.BOLD, 12));
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(text, from, Math.max(10, scale.top(bar.lane()) - 7));
    }

    private void pins(Told told) {
        g.setFont(Font.font(FAMILY, FontWeight.BOLD, 13));
        g.setTextAlign(TextAlignment.CENTER);
        for (Finding f : told.findings()) {
            f.atSeconds().filter(t -> f.severity() != Severity.NOTE).ifPresent(t -> {
                g.setFill(fx(look.alert()));
                g.fillText("!", scale.x(t), StripScale.AXIS - 5);
            });
        }
    }

    static Color faint(java.awt.Color c, double share) {
        return Color.rgb(c.getRed(), c.getGreen(), c.getBlue(), share);
    }

    static Color fx(java.awt.Color c) {
        return Color.rgb(c.getRed(), c.getGreen(), c.getBlue());
    }
}
