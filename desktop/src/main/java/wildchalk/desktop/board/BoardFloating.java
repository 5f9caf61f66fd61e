package wildchalk.desktop.board;

import java.awt.geom.Point2D;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import wildchalk.core.arrange.Patterns;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.drill.ElementId;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Severity;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.Places;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Viewport;

/** Draws what floats over the picture: findings, rings around what is chosen, handles, and the gesture that goes on. */
final class BoardFloating {

    /** Where what is said over the board stands, in pixels. */
    private static final double NOTICE_TOP = 60;

    private final BoardView board;
    private final DrillDocument document;
    private final Canvas floating;
    private Optional<String> notice = Optional.empty();

    BoardFloating(BoardView board, DrillDocument document, Canvas floating) {
        this.board = board;
        this.document = document;
        this.floating = floating;
    }

    /** Says something until it is forgotten. */
    void tell(String text) {
        notice = Optional.of(text);
    }

    void forget(String text) {
        notice = notice.filter(n -> !n.equals(text));
    }

    /** What is said over the board now. */
    Optional<String> notice() {
        return notice;
    }

    void paint(Frame frame, Viewport v) {
        Overlay overlay = new Overlay(floating, v, board.groundProperty().get());
        overlay.clear();
        for (Finding f : document.told().findings()) {
            if (f.severity() != Severity.NOTE) {
                f.where().ifPresent(overlay::alert);
            }
        }
        Selection selection = document.selectionProperty().get();
        for (ElementId id : selection.ids()) {
            Things.middle(frame, v, id)
                    .ifPresent((Point2D p) -> overlay.ring(p, (selection.isSeveral() ? 16 : 20) * v.unit()));
        }
        for (ElementId id : frame.path().layout().locked()) {
            Things.middle(frame, v, id).ifPresent(overlay::lock);
        }
        Things.handles(frame, selection).forEach(wp -> overlay.handle(wp.at(), wp.cut()));
        if (board.gestureOrNull() != null) {
            board.gestureOrNull().paint(overlay);
        } else if (board.armedProperty().get() != null && board.isHover()) {
            paintArmed(frame, v, overlay);
        }
        notice.ifPresent(text -> overlay.bubble(text, v.width() / 2, NOTICE_TOP));
    }

    private void paintArmed(Frame frame, Viewport v, Overlay overlay) {
        LengthUnit unit = document.reader().unit();
        Snapping.Snapped snapped = PullGesture.snapping(frame, v).place(v.toMetres(board.pointerX(), board.pointerY()));
        overlay.guides(snapped.guides(), unit);
        Point p = snapped.at();
        if (board.armedProperty().get() == TrayItem.PATTERN) {
            Patterns.points(board.patternProperty().get()).forEach(q -> overlay.handle(p.plus(q), false));
        } else {
            overlay.handle(p, false);
        }
        String where = new Places(frame.path(), frame.drill().surface(), unit).standing(p);
        overlay.bubble(
                Ui.text("tray." + board.armedProperty().get()) + " " + where, board.pointerX(), board.pointerY());
    }
}
