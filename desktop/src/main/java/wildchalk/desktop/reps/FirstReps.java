package wildchalk.desktop.reps;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import wildchalk.core.drill.Role;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Filling;
import wildchalk.core.reps.Outlook;
import wildchalk.core.reps.Rotations;
import wildchalk.core.words.RepsWriter;

/** Who plays what in the first reps, with made-up names: a row for each, as many roles as there is room for. */
final class FirstReps extends GridPane {

    private static final int MOST_COLUMNS = 5;
    private static final int MOST_ROWS = 8;

    FirstReps() {
        setId("reps-table");
        setHgap(10);
        setVgap(2);
    }

    void show(Outlook shown) {
        getChildren().clear();
        Path path = shown.script().path();
        List<Role> roles = path.roles().stream()
                .filter(Filling::isPlayer)
                .limit(MOST_COLUMNS)
                .toList();
        for (int c = 0; c < roles.size(); c++) {
            add(quiet(roles.get(c).label()), c + 1, 0);
        }
        List<Rotations.Rep> reps =
                Rotations.of(path, Filling.of(path, shown.groups().get(0))).first(MOST_ROWS);
        for (int r = 0; r < reps.size(); r++) {
            add(quiet(RepsWriter.row(path.course().stint(), r)), 0, r + 1);
            for (int c = 0; c < roles.size(); c++) {
                add(
                        new Label(RepsWriter.name(
                                reps.get(r).parts().get(roles.get(c).id()))),
                        c + 1,
                        r + 1);
            }
        }
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        return label;
    }
}
