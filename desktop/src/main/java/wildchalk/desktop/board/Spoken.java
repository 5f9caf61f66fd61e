package wildchalk.desktop.board;

import wildchalk.core.drill.Elements;
import wildchalk.core.drill.RoleId;
import wildchalk.core.motion.Readings;
import wildchalk.core.path.Path;
import wildchalk.core.text.Numbers;
import wildchalk.core.words.BallNames;
import wildchalk.core.words.Places;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ui.Ui;

/** What is chosen, as a sentence for a screen reader and the status line. */
final class Spoken {

    private Spoken() {}

    /** With what is measured of a player or a ball at the playhead: speed, way, seconds. */
    static String measured(DrillDocument document) {
        Selection s = document.selectionProperty().get();
        double t = document.secondsProperty().get();
        var unit = document.reader().unit();
        if (t > 0 && s.role().filter(r -> isThere(document, r)).isPresent()) {
            RoleId role = s.role().get();
            return Ui.text(
                    "spoken.role",
                    document.path().role(role).orElseThrow().label(),
                    unit.text(Readings.metres(document.timeline(), role, t)),
                    Numbers.fixed(document.timeline().poseAt(role, t).speed(), 1));
        }
        if (t > 0 && s.ball().filter(document.timeline().ballIds()::contains).isPresent()) {
            return Ui.text(
                    "spoken.ball",
                    document.drill().surface().ballName(),
                    unit.text(Readings.metres(document.timeline(), s.ball().get(), t)),
                    Numbers.fixed(Readings.speed(document.timeline(), s.ball().get(), t), 1));
        }
        return of(document);
    }

    private static boolean isThere(DrillDocument document, RoleId role) {
        return document.timeline().roles().contains(role)
                && document.path().role(role).isPresent();
    }

    static String of(DrillDocument document) {
        Selection s = document.selectionProperty().get();
        Path drill = document.path();
        if (s.isNone()) {
            return Ui.text("board.accessible", document.drill().title());
        }
        if (s.isSeveral()) {
            return Ui.text("spoken.several", s.ids().size());
        }
        if (s.move().isPresent()) {
            return document.told()
                    .talk()
                    .sentence(s.move().get())
                    .map(w -> w.text() + " " + w.measure())
                    .orElse("");
        }
        String what = s.role()
                .flatMap(drill::role)
                .map(r -> r.label() + ", " + Ui.text("tray." + r.side()))
                .or(() -> s.gear().flatMap(drill::gear).map(g -> Ui.text("tray." + g.kind())))
                .or(() -> s.line().flatMap(drill::line).map(l -> Ui.text("spoken.line", l.label(), l.standing())))
                .or(() -> s.ball()
                        .flatMap(drill::ball)
                        .map(b -> BallNames.of(b.kind(), document.drill().surface())))
                .orElse(s.single().orElseThrow().text());
        String where = Elements.place(drill, s.single().orElseThrow())
                .map(p -> new Places(
                                drill,
                                document.drill().surface(),
                                document.reader().unit())
                        .standing(p))
                .orElse("");
        return Ui.text("spoken.one", what, where);
    }
}
