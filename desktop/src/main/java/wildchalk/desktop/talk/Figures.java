package wildchalk.desktop.talk;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.text.Numbers;
import wildchalk.core.words.RepLength;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;

/** What a rep takes: seconds, metres, players, balls. */
final class Figures extends HBox {

    Figures() {
        getStyleClass().add("figures");
    }

    void show(Told told) {
        int roles = told.path().roles().size();
        int balls = told.path().balls().size();
        String ball = told.drill().surface().ballName();
        getChildren()
                .setAll(
                        figure(RepLength.of(told.path(), told.timeline()), Ui.text("figure.rep")),
                        figure(Numbers.brief(told.run().metresMoved(), 0) + " m", Ui.text("figure.metres")),
                        figure(String.valueOf(roles), Ui.text("figure.roles", roles)),
                        figure(String.valueOf(balls), Ui.text("figure.balls", balls, ball)));
    }

    private static Node figure(String number, String what) {
        Label big = new Label(number);
        big.getStyleClass().add("figure");
        Label small = new Label(what);
        small.getStyleClass().add("quiet");
        VBox box = new VBox(big, small);
        HBox.setHgrow(box, Priority.ALWAYS);
        return box;
    }
}
