package wildchalk.desktop.app;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.Images;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.AppIcon;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** The application: one window on one binder. */
public final class WildChalkApp extends Application {

    /** Arguments that the launcher gives. */
    static final String BINDER = "--binder=";

    static final String DRILL = "--drill=";

    /** Given where the binder is a copy of the demo. */
    static final String DEMO = "demo";

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEAST_WIDTH = 900;
    private static final double LEAST_HEIGHT = 600;

    @Override
    public void start(Stage stage) {
        var raw = getParameters().getNamed();
        Settings settings = new Settings(Settings.folder());
        Path binder = Optional.ofNullable(raw.get("binder")).map(Path::of).orElseGet(settings::binder);
        Shell shell = show(
                stage, settings, binder, Optional.ofNullable(raw.get("drill")).map(Path::of), FileDialogs.ofSystem());
        LastResort.install(shell.faults());
        Usable.report();
        // its sign is painted when there is time for it
        Platform.runLater(() -> AppIcon.SIZES.forEach(size -> stage.getIcons().add(Images.of(AppIcon.of(size)))));
        Platform.runLater(shell::offerJournals);
        Optional.ofNullable(raw.get("bundle"))
                .map(Path::of)
                .ifPresent(b -> Platform.runLater(() -> OpenedWith.takeIn(shell, b)));
        if (getParameters().getUnnamed().contains(DEMO)) {
            shell.demo().isCopyProperty().set(true);
            Platform.runLater(shell.demo()::offerTour);
        }
    }

    /** Builds the window on a stage: with a drill on the Board, or with the Binder. */
    static Shell show(Stage stage, Settings settings, Path binder, Optional<Path> drill, FileDialogs dialogs) {
        for (String cut : new String[] {Fonts.REGULAR_FILE, Fonts.BOLD_FILE, Fonts.ITALIC_FILE}) {
            Font.loadFont(Fonts.open(cut), 14);
        }
        theme(settings.ground()); // before the first control, which would load JavaFX's own theme
        Shell shell = new Shell(stage, settings, binder, dialogs);
        Scene scene = new Scene(shell, WIDTH, HEIGHT);
        stage.setScene(scene);
        stage.setTitle(Ui.text("app.title"));
        stage.setMinWidth(LEAST_WIDTH);
        stage.setMinHeight(LEAST_HEIGHT);
        shell.start(drill);
        stage.show();
        return shell;
    }

    /** Sets the controls' theme for a ground. */
    static void theme(Ground ground) {
        Application.setUserAgentStylesheet(
                ground == Ground.SLATE
                        ? new PrimerDark().getUserAgentStylesheet()
                        : new PrimerLight().getUserAgentStylesheet());
    }
}
