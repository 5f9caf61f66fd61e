package wildchalk.desktop.board;

import wildchalk.core.drill.Elements;
import wildchalk.core.drill.Progression;
import wildchalk.core.words.Places;
import wildchalk.desktop.app.Ui;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;

/** What is chosen, as a sentence for a screen reader and the status line. */
final class Spoken {

    private Spoken() {}

    static String of(DrillDocument document) {
        Selection s = document.selectionProperty().get();
        Progression drill = document.progression();
        if (s.isNone()) {
            return Ui.text("board.accessible", document.drill().title());
        }
        if (s.isSeveral()) {
            return Ui.text("spoken.several", s.ids().size());
        }
        if (s.move().isPresent()) {
            return document.rep()
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
                .or(() -> s.ball().map(b -> document.drill().surface().ballName()))
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
