package wildchalk.desktop.ui;

import javafx.scene.Node;
import javafx.scene.control.Alert.AlertType;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** What stands beside a message: said by shape, letter and colour, in the shapes that the board uses. */
final class Signs {

    private static final String DISC = "M12 0 A12 12 0 1 1 12 24 A12 12 0 1 1 12 0 Z";
    private static final String LOZENGE = "M12 0 L24 12 L12 24 L0 12 Z";
    private static final String CUT_TILE = "M0 0 H16 L24 8 V24 H0 Z";

    private Signs() {}

    static Node of(AlertType type) {
        return switch (type) {
            case CONFIRMATION -> sign("ask", LOZENGE, "?");
            case WARNING, ERROR -> sign("wrong", CUT_TILE, "!");
            case INFORMATION, NONE -> sign("tell", DISC, "i");
        };
    }

    private static Node sign(String kind, String path, String letter) {
        Region shape = new Region();
        shape.setStyle("-fx-shape: \"" + path + "\";");
        shape.getStyleClass().add("shape");
        Label said = new Label(letter);
        StackPane sign = new StackPane(shape, said);
        sign.getStyleClass().addAll("sign", kind);
        return sign;
    }
}
