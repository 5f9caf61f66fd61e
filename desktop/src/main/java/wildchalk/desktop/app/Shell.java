package wildchalk.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonType;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Journal;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.edit.Wholes;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.surface.Surface;
import wildchalk.desktop.binder.BinderView;
import wildchalk.desktop.board.BoardPlace;
import wildchalk.desktop.board.BoardSizes;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.Opened;
import wildchalk.desktop.document.Stored;
import wildchalk.desktop.session.SessionDocument;
import wildchalk.desktop.share.Sharing;
import wildchalk.desktop.surface.SurfaceChooser;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Errand;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.FileDialogs;
import wildchalk.desktop.ui.NextFrame;
import wildchalk.desktop.ui.Place;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.Reader;
import wildchalk.picture.style.Ground;

/** The content of the window: the bar, and the place that is open. */
public final class Shell extends BorderPane {

    private final Stage stage;
    private final Settings settings;
    private final BoardSizes sizes;
    private final FileDialogs dialogs;
    private final TopBar bar;
    /** Made when it is first shown. */
    private Place binderPlace;

    /** What fills the window; a place that is being put together lies under the one that is seen. */
    private final StackPane places = new StackPane();

    private Place place;

    private final Backdrops backdrops = new Backdrops(this);
    private final Saving saving = new Saving(this);
    private final Faults faults = new Faults();
    private final DemoCopy demo = new DemoCopy(this);
    private final HouseDesk house = new HouseDesk(this);
    private final Hour hour;
    private final FiguresDesk figures = new FiguresDesk(this);
    private final Watching watching;
    private Binder binder;
    private Ground ground;
    private DrillDocument document;
    private BoardPlace board;
    private boolean staleOnDisk;
    /** Goes up with each drill that is to be opened. */
    private int opening;

    Shell(Stage stage, Settings settings, Path binderFolder, FileDialogs dialogs) {
        this.stage = stage;
        this.settings = settings;
        this.sizes = settings.boardSizes();
        this.dialogs = dialogs;
        this.binder = new Binder(binderFolder);
        this.ground = settings.ground();
        getStyleClass().add("shell");
        hour = new Hour(this, faults);
        watching = new Watching(settings, faults, this::changedOutside);
        bar = new TopBar(this);
        setTop(new VBox(bar, new FaultBar(faults, saving::saveAs)));
        setCenter(places);
        addEventFilter(KeyEvent.KEY_PRESSED, this::shortcut);
        addEventHandler(MenuButton.ON_HIDDEN, e -> backToBoard());
        stage.setOnCloseRequest(e -> {
            if (!mayLeave()) {
                e.consume();
            } else {
                closeDrill();
                hour.close();
            }
        });
    }

    void start(Optional<Path> drill) {
        dress();
        watching.over(binder);
        drill.ifPresent(this::openNow);
        if (board == null) {
            showBinder();
        }
    }

    // ---- places ----

    void showBinder() {
        if (binderPlace == null) {
            binderPlace = new BinderView(new BinderDesk(this));
        }
        show(binderPlace);
    }

    void show(Place next) {
        place = next;
        next.dress(ground);
        places.getChildren().removeIf(n -> n != next.content());
        if (places.getChildren().isEmpty()) {
            places.getChildren().add(next.content());
        }
        next.enter();
        bar.refresh();
    }

    /** Planning an hour, running it, and what it was. */
    Hour hour() {
        return hour;
    }

    void refreshBar() {
        bar.refresh();
    }

    boolean isInSession() {
        return hour.isSession(place);
    }

    boolean isInLog() {
        return hour.isLog(place);
    }

    Optional<SessionDocument> session() {
        return hour.open(place);
    }

    void undo() {
        if (isInSession()) {
            session().ifPresent(SessionDocument::undo);
        } else {
            document().ifPresent(DrillDocument::undo);
        }
    }

    void redo() {
        if (isInSession()) {
            session().ifPresent(SessionDocument::redo);
        } else {
            document().ifPresent(DrillDocument::redo);
        }
    }

    void showBoard() {
        if (board != null) {
            show(board);
        }
    }

    /** After a menu the keys are the board's again, so that space plays; unless somebody types. */
    void backToBoard() {
        Platform.runLater(() -> {
            boolean typing = getScene().getFocusOwner() instanceof TextInputControl;
            if (isOnBoard() && !typing) {
                board.focusBoard();
            }
        });
    }

    boolean isOnBoard() {
        return board != null && place == board;
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

    /** Reads a drill and works it out beside the window, then opens it; of several that are asked for, the last. */
    public void openFile(Path file) {
        if (!mayLeave()) {
            return;
        }
        int mine = ++opening;
        Optional<Drill> left = document().map(DrillDocument::drill);
        Reader reader = reader();
        Errand.run(
                stage,
                Ui.text("errand.opening", file.getFileName()),
                progress -> Opened.read(file, reader),
                opened -> {
                    // what was done to the open drill meanwhile has not been asked about yet
                    boolean same = document().map(DrillDocument::drill).equals(left);
                    if (mine == opening && (same || mayLeave())) {
                        openDrill(new DrillDocument(opened, faults));
                        NextFrame.run(() -> settings.opened(file));
                    }
                },
                why -> error(Failures.said(why)),
                () -> {});
    }

    /** Opens a drill before there is a window in which somebody could wait. */
    private void openNow(Path file) {
        try {
            openDrill(new DrillDocument(Opened.read(file, reader()), faults));
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
                use(new Binder(folder));
                showBinder();
            }
        });
    }

    /** Works in another binder from now on. */
    void use(Binder other) {
        binder = other;
        settings.binder(other.folder());
        demo.isCopyProperty().set(false);
        watching.over(binder);
        bar.refresh();
    }

    void newDrill() {
        if (mayLeave()) {
            SurfaceChooser.newDrill(stage, ground, reader().unit(), binder).ifPresent(this::startNew);
        }
    }

    void newDrillOn(Surface surface) {
        if (mayLeave()) {
            SurfaceChooser.newDrillOn(stage, ground, reader().unit(), binder, SurfaceUse.of(surface))
                    .ifPresent(this::startNew);
        }
    }

    void editSurface(Path file) {
        try {
            SurfaceChooser.edit(stage, ground, binder, file);
            showBinder();
        } catch (IOException e) {
            error(e.getMessage());
        }
    }

    /** Opens a drill that no file holds yet. */
    public void startNew(Drill drill) {
        openDrill(new DrillDocument(Stored.ofNew(DrillFile.ofNew(drill)), reader(), faults));
    }

    private void openDrill(DrillDocument opened) {
        closeDrill();
        document = opened;
        staleOnDisk = false;
        board = new BoardPlace(opened, sizes, this::changeSurface);
        board.dress(ground);
        board.view().strokeCodeProperty().set(reader().code());
        opened.drillProperty().addListener((o, a, b) -> bar.refresh());
        opened.setConsent(new LossQuestion(stage));
        opened.keepIn(new Journal<>(settings.journals(), DrillFile.KIND, new JournalWatch(faults)));
        if (stage.isShowing() && (place == binderPlace || (hour.isSession(place) || hour.isLog(place)))) {
            assemble(board);
        } else {
            board.assemble();
            showBoard();
        }
    }

    /** The Board is put together under the Binder, part by part, and comes to be seen when it is whole. */
    private void assemble(BoardPlace next) {
        place = next;
        places.getChildren().add(0, next.content());
        bar.refresh();
        NextFrame.run(() -> next.assemble(() -> {
            if (place == next) {
                show(next);
            }
        }));
    }

    /** Whether nothing is being put together. */
    boolean isWhole() {
        return places.getChildren().size() == 1;
    }

    /** What fills the window now. */
    Node shown() {
        return places.getChildren().get(places.getChildren().size() - 1);
    }

    private void closeDrill() {
        opening++; // what was to be opened before something else was is not wanted any more
        if (board != null) {
            board.dispose();
            document.close();
            board = null;
            document = null;
        }
    }

    /** Saves to the drill's file, or to a new one in the binder; false if that failed. */
    public boolean save() {
        return saving.save();
    }

    /** Saves, or brings back what the open drill was. */
    Saving saving() {
        return saving;
    }

    boolean mayLeave() {
        return saving.mayLeave();
    }

    /** The open drill has been saved there. */
    void saved(Path target) {
        settings.opened(target);
        staleOnDisk = false;
        bar.refresh();
    }

    // ---- what a crash has left, and what others do ----

    /** Offers what was not saved when the application ended without being asked to. */
    void offerJournals() {
        new Recovery(this, settings.journals()).offer();
        hour.whistle().recover(binder);
    }

    /** Opens a stored drill, or one that no file holds yet, with changes that wait to be saved. */
    void openChanged(Optional<Path> file, BinderFile<Drill> changed) throws IOException {
        if (file.isPresent()) {
            openDrill(new DrillDocument(Stored.read(DrillFile.KIND, file.get()), reader(), faults));
            document.edit(Ui.text("journal.edit"), Wholes.bringBack(changed.value()));
        } else {
            openDrill(new DrillDocument(Stored.ofNew(changed), reader(), faults));
        }
    }

    private void changedOutside() {
        if (!isOnBoard() && place != null) {
            place.enter();
        }
        staleOnDisk = document != null && document.isChangedOutside();
        bar.refresh();
    }

    /** Whether somebody else has written the open drill's file. */
    boolean isStaleOnDisk() {
        return staleOnDisk;
    }

    Binder binder() {
        return binder;
    }

    /** What goes wrong, for the bar across the window. */
    Faults faults() {
        return faults;
    }

    /** A file of the binder has another name or folder: if it is the open drill's, that follows. */
    void moved(Path from, Path to) {
        if (document != null && document.file().equals(Optional.of(from))) {
            try {
                document.movedTo(to);
                settings.opened(to);
            } catch (IOException e) {
                error(e.getMessage());
            }
        }
    }

    DemoCopy demo() {
        return demo;
    }

    Settings settings() {
        return settings;
    }

    Stage stage() {
        return stage;
    }

    FileDialogs dialogs() {
        return dialogs;
    }

    void changeSurface() {
        if (document != null) {
            SurfaceChooser.change(
                            stage,
                            ground,
                            reader().unit(),
                            binder,
                            document.drill().surfaceUse())
                    .ifPresent(use -> document.edit(Ui.text("edit.surface"), Wholes.surface(use)));
        }
    }

    Backdrops backdrops() {
        return backdrops;
    }

    void mirror(Symmetry symmetry) {
        if (document != null) {
            String label = Ui.text(symmetry == Symmetry.HALF_TURN ? "edit.other-end" : "edit.mirror");
            document.edit(label, Wholes.mirror(symmetry));
        }
    }

    void share(Export kind) {
        if (document != null) {
            new Sharing(stage, dialogs, settings.habits())
                    .share(
                            kind,
                            document.told(),
                            ground,
                            document.stepProperty().get());
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
        if (place != null && !isOnBoard()) {
            show(place);
        }
    }

    private void applyGround() {
        WildChalkApp.theme(ground);
        dress();
        if (board != null) {
            board.dress(ground);
        }
        bar.refresh();
    }

    Reader reader() {
        return settings.reader().withHouse(house.words()).withFigures(figures.figures());
    }

    FiguresDesk figures() {
        return figures;
    }

    HouseDesk house() {
        return house;
    }

    /** Says lengths and draws strokes for another reader from now on. */
    void setReader(Reader reader) {
        settings.reader(reader);
        if (board != null) {
            document.setReader(reader);
            board.view().strokeCodeProperty().set(reader.code());
        }
    }

    /** Which parts stand round the board. */
    BoardSizes sizes() {
        return sizes;
    }

    int textPercent() {
        return settings.textPercent();
    }

    void setTextPercent(int percent) {
        settings.textPercent(percent);
        dress();
    }

    private void dress() {
        getScene().getStylesheets().setAll(TextSize.styleSheet(settings.textPercent()), TextSize.colours(ground));
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

    void say(String message) {
        Alert alert = new Alert(Alert.AlertType.INFORMATION, message, ButtonType.OK);
        alert.setHeaderText(null);
        Dialogs.dress(alert, stage);
        alert.showAndWait();
    }

    private void shortcut(KeyEvent e) {
        if (Shortcuts.run(this, e)) {
            e.consume();
        }
    }
}
