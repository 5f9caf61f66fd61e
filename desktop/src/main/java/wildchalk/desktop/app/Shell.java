package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.stage.Stage;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Mirrors;
import wildchalk.core.geometry.Symmetry;
import wildchalk.desktop.binder.BinderView;
import wildchalk.desktop.binder.NewDrillDialog;
import wildchalk.desktop.board.BoardPlace;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.share.Sharing;
import wildchalk.picture.style.Ground;

/** The content of the window: the bar, and the place that is open. */
public final class Shell extends BorderPane {

    private static final PseudoClass PAPER = PseudoClass.getPseudoClass("paper");

    private final Stage stage;
    private final Settings settings;
    private final FileDialogs dialogs;
    private final TopBar bar;
    private final BinderView binderView;
    private Binder binder;
    private Ground ground;
    private DrillDocument document;
    private BoardPlace board;

    Shell(Stage stage, Settings settings, Path binderFolder, FileDialogs dialogs) {
        this.stage = stage;
        this.settings = settings;
        this.dialogs = dialogs;
        this.binder = new Binder(binderFolder);
        this.ground = settings.ground();
        getStyleClass().add("shell");
        binderView = new BinderView(this::openFile, this::newDrill);
        bar = new TopBar(this);
        setTop(bar);
        addEventFilter(KeyEvent.KEY_PRESSED, this::shortcut);
        stage.setOnCloseRequest(e -> {
            if (!mayLeave()) {
                e.consume();
            } else {
                closeDrill();
            }
        });
    }

    void start(Optional<Path> drill) {
        applyGround();
        drill.ifPresent(this::openFile);
        if (board == null) {
            showBinder();
        }
    }

    // ---- places ----

    void showBinder() {
        binderView.show(binder, ground);
        setCenter(binderView);
        bar.refresh();
    }

    void showBoard() {
        if (board != null) {
            setCenter(board);
            board.focusBoard();
            bar.refresh();
        }
    }

    boolean isOnBoard() {
        return board != null && getCenter() == board;
    }

    public Optional<DrillDocument> document() {
        return Optional.ofNullable(document);
    }

    public Optional<BoardPlace> board() {
        return Optional.ofNullable(board);
    }

    List<Path> recent() {
        return settings.recent();
    }

    // ---- drills ----

    public void openFile(Path file) {
        if (!mayLeave()) {
            return;
        }
        try {
            openDrill(new DrillDocument(DrillFile.read(file), file));
            settings.opened(file);
        } catch (IOException e) {
            error(e.getMessage());
        }
    }

    void openByDialog() {
        dialogs.open(stage, binder.drillsFolder()).ifPresent(this::openFile);
    }

    void openBinderByDialog() {
        dialogs.folder(stage, binder.folder()).ifPresent(folder -> {
            if (mayLeave()) {
                closeDrill();
                binder = new Binder(folder);
                settings.binder(folder);
                showBinder();
            }
        });
    }

    void newDrill() {
        if (mayLeave()) {
            NewDrillDialog.ask(stage).ifPresent(this::startNew);
        }
    }

    /** Opens a drill that no file holds yet. */
    public void startNew(Drill drill) {
        openDrill(new DrillDocument(DrillFile.ofNew(drill), null));
    }

    private void openDrill(DrillDocument opened) {
        closeDrill();
        document = opened;
        board = new BoardPlace(opened);
        board.groundProperty().set(ground);
        opened.drillProperty().addListener((o, a, b) -> bar.refresh());
        showBoard();
    }

    private void closeDrill() {
        if (board != null) {
            board.dispose();
            document.close();
            board = null;
            document = null;
        }
    }

    /** Saves to the drill's file, or to a new one in the binder; false if that failed. */
    public boolean save() {
        if (document == null) {
            return true;
        }
        Path target =
                document.path().orElseGet(() -> binder.newFile(document.drill().title()));
        return saveTo(target);
    }

    void saveAs() {
        if (document != null) {
            dialogs.save(
                            stage,
                            binder.drillsFolder(),
                            binder.newFile(document.drill().title())
                                    .getFileName()
                                    .toString())
                    .ifPresent(this::saveTo);
        }
    }

    private boolean saveTo(Path target) {
        try {
            document.save(target);
            settings.opened(target);
            bar.refresh();
            return true;
        } catch (IOException e) {
            error(target + ": " + e.getMessage());
            return false;
        }
    }

    /** Whether the open drill may be left: it is saved, or its changes are not wanted. */
    boolean mayLeave() {
        if (document == null || document.isSaved()) {
            return true;
        }
        ButtonType save = new ButtonType(Ui.text("guard.save"), ButtonBar.ButtonData.YES);
        ButtonType discard = new ButtonType(Ui.text("guard.discard"), ButtonBar.ButtonData.NO);
        ButtonType stay = new ButtonType(Ui.text("guard.cancel"), ButtonBar.ButtonData.CANCEL_CLOSE);
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, Ui.text("guard.detail"), save, discard, stay);
        alert.setHeaderText(Ui.text("guard.title", document.drill().title()));
        Dialogs.dress(alert, stage);
        Optional<ButtonType> answer = alert.showAndWait();
        if (answer.filter(b -> b == save).isPresent()) {
            return save();
        }
        return answer.filter(b -> b == discard).isPresent();
    }

    void mirror(Symmetry symmetry) {
        if (document != null) {
            String label = Ui.text(symmetry == Symmetry.HALF_TURN ? "edit.other-end" : "edit.mirror");
            document.change(label, p -> Mirrors.of(p, document.drill().surface(), symmetry));
        }
    }

    void share(Sharing.Kind kind) {
        if (document != null) {
            new Sharing(stage, dialogs, ground)
                    .share(kind, document.rep(), document.stepProperty().get());
        }
    }

    // ---- looks ----

    Ground ground() {
        return ground;
    }

    void toggleGround() {
        ground = ground == Ground.SLATE ? Ground.PAPER : Ground.SLATE;
        settings.ground(ground);
        applyGround();
        if (!isOnBoard()) {
            showBinder();
        }
    }

    private void applyGround() {
        WildChalkApp.theme(ground);
        pseudoClassStateChanged(PAPER, ground == Ground.PAPER);
        if (board != null) {
            board.groundProperty().set(ground);
        }
        bar.refresh();
    }

    void showKeys() {
        HelpSheet.show(stage);
    }

    void error(String message) {
        Alert alert = new Alert(Alert.AlertType.ERROR, message, ButtonType.OK);
        alert.setHeaderText(Ui.text("error.title"));
        Dialogs.dress(alert, stage);
        alert.getDialogPane().setMinWidth(520);
        alert.showAndWait();
    }

    private void shortcut(KeyEvent e) {
        if (Shortcuts.run(this, e)) {
            e.consume();
        }
    }
}
