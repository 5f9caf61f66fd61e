package wildchalk.desktop.bench;

import atlantafx.base.theme.PrimerDark;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.layout.BorderPane;
import javafx.stage.Stage;
import wildchalk.desktop.app.Usable;

/** The yardstick for the start: a window with the same theme and nothing in it. */
public final class EmptyWindow extends Application {

    @Override
    public void start(Stage stage) {
        Application.setUserAgentStylesheet(new PrimerDark().getUserAgentStylesheet());
        stage.setScene(new Scene(new BorderPane(), 1280, 800));
        stage.show();
        Usable.report();
    }

    /** Starts it from a class that is no application, as the real program does. */
    public static final class Start {
        private Start() {}

        public static void main(String[] arguments) {
            Application.launch(EmptyWindow.class, arguments);
        }
    }
}
