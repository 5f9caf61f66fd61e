package wildchalk.desktop.app;

import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import wildchalk.core.geometry.Symmetry;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.session.SessionDocument;
import wildchalk.desktop.ui.Folding;
import wildchalk.desktop.ui.Icon;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.Exports;
import wildchalk.picture.style.Ground;

/** The bar at the top: places on the left, what can be done with the open drill on the right. */
final class TopBar extends StackPane {

    /** What is undone is named, as far as it is short. */
    private static final double MOST_UNDO = 170;

    private static final double MOST_STATE = 220;

    private final Shell shell;
    private final ToggleButton binder = new ToggleButton(Ui.text("place.binder"));
    private final ToggleButton board = new ToggleButton(Ui.text("place.board"));
    private final ToggleButton session = new ToggleButton(Ui.text("place.session"));
    private final ToggleButton whistle = new ToggleButton(Ui.text("place.whistle"));
    private final ToggleButton log = new ToggleButton(Ui.text("place.log"));
    private final Label state = new Label();
    private final Label briefState = new Label();
    private final Button undo = new Button();
    private final Button redo = new Button();
    private final MenuButton file = new MenuButton(Ui.text("bar.file"));
    private final MenuButton share = new MenuButton(Ui.text("bar.share"));
    private final Button ground = new Button();

    TopBar(Shell shell) {
        this.shell = shell;
        getStyleClass().add("top-bar");
        Label wild = new Label("Wild");
        wild.getStyleClass().add("wordmark");
        Label chalk = new Label("Chalk");
        chalk.getStyleClass().addAll("wordmark", "accent");
        HBox wordmark = new HBox(5, wild, chalk);
        wordmark.setMinWidth(Region.USE_PREF_SIZE);
        wordmark.setAlignment(Pos.CENTER_LEFT);
        wordmark.getStyleClass().add("wordmark-box");
        binder.setId("place-binder");
        board.setId("place-board");
        session.setId("place-session");
        session.getStyleClass().add("place");
        session.setOnAction(e -> shell.hour().showSession());
        whistle.setId("place-whistle");
        whistle.getStyleClass().add("place");
        whistle.setOnAction(e -> {
            shell.hour().showWhistle();
            refresh();
        });
        log.setId("place-log");
        log.getStyleClass().add("place");
        log.setOnAction(e -> shell.hour().showLog());
        binder.getStyleClass().add("place");
        board.getStyleClass().add("place");
        binder.setOnAction(e -> shell.showBinder());
        board.setOnAction(e -> shell.showBoard());
        undo.setId("undo");
        redo.setId("redo");
        undo.setOnAction(e -> {
            shell.undo();
            shell.backToBoard();
        });
        redo.setOnAction(e -> {
            shell.redo();
            shell.backToBoard();
        });
        ground.setId("ground");
        ground.setGraphic(Icon.GROUND.node());
        Tips.on(ground, Ui.text("bar.ground.tip"));
        ground.setOnAction(e -> {
            shell.toggleGround();
            shell.backToBoard();
        });
        Button help = new Button(Ui.text("bar.help"));
        help.setId("help");
        help.setOnAction(e -> shell.showKeys());
        state.getStyleClass().add("quiet");
        share.getStyleClass().add("accent-button");
        share.setId("share");
        file.setId("file");
        file.setOnShowing(e -> fillFile());
        fillFile();
        fillShare();
        Region gap = new Region();
        gap.setMaxWidth(Double.MAX_VALUE);
        MenuButton more = new MenuButton("", Icon.MORE.node());
        more.setId("bar-more");
        more.setAccessibleText(Ui.text("fold.more.tip"));
        ViewMenu view = new ViewMenu(shell);
        state.setId("saved");
        state.setMaxWidth(MOST_STATE);
        briefState.getStyleClass().add("quiet");
        tellFile(state);
        tellFile(briefState);
        undo.setMaxWidth(MOST_UNDO);
        redo.setMaxWidth(MOST_UNDO);
        for (Region part : List.of(
                binder, board, session, whistle, log, state, briefState, file, view, ground, help, share, more)) {
            part.setMinWidth(Region.USE_PREF_SIZE);
        }
        getChildren()
                .add(new Folding(Orientation.HORIZONTAL, 8, more)
                        .add(wordmark, 1)
                        .keep(binder)
                        .keep(board)
                        .keep(session)
                        .add(whistle, 10)
                        .add(log, 9)
                        .stretch(gap)
                        .add(state, briefState, Integer.MAX_VALUE)
                        .add(undo, 6)
                        .add(redo, 2)
                        .add(file, 8)
                        .add(view, 7)
                        .add(ground, 3)
                        .add(help, 4)
                        .add(share, 9));
    }

    private void fillFile() {
        Menu recent = new Menu(Ui.text("file.recent"));
        for (Path path : shell.recent()) {
            MenuItem item = item("", () -> shell.openFile(path));
            item.setText(path.getFileName().toString().replace(".drill.json", ""));
            item.setMnemonicParsing(false);
            recent.getItems().add(item);
        }
        if (recent.getItems().isEmpty()) {
            MenuItem none = new MenuItem(Ui.text("file.recent.none"));
            none.setDisable(true);
            recent.getItems().add(none);
        }
        boolean open = shell.document().isPresent();
        MenuItem save = item("file.save", shell::save);
        MenuItem saveAs = item("file.save-as", () -> shell.saving().saveAs());
        MenuItem earlier = item("file.earlier", () -> shell.saving().earlier());
        MenuItem mirror = item("file.mirror", () -> shell.mirror(Symmetry.ACROSS_WIDTH));
        MenuItem otherEnd = item("file.other-end", () -> shell.mirror(Symmetry.HALF_TURN));
        MenuItem keep = item("file.keep-demo", () -> shell.demo().keep());
        keep.visibleProperty().bind(shell.demo().isCopyProperty());
        for (MenuItem needsDrill : new MenuItem[] {save, saveAs, earlier, mirror, otherEnd}) {
            needsDrill.setDisable(!open);
        }
        file.getItems()
                .setAll(
                        item("file.new", shell::newDrill),
                        item("file.open", shell::openByDialog),
                        recent,
                        item("file.binder", shell::openBinderByDialog),
                        keep,
                        new SeparatorMenuItem(),
                        save,
                        saveAs,
                        earlier,
                        new SeparatorMenuItem(),
                        mirror,
                        otherEnd);
    }

    private void fillShare() {
        for (Export kind : Exports.MENU) {
            MenuItem item = new MenuItem(kind.title() + "…");
            item.setId("share-" + kind.id());
            item.setOnAction(e -> shell.share(kind));
            share.getItems().add(item);
        }
    }

    private static MenuItem item(String key, Runnable action) {
        MenuItem item = new MenuItem(key.isEmpty() ? "" : Ui.text(key));
        item.setId(key.replace('.', '-'));
        item.setOnAction(e -> action.run());
        return item;
    }

    private String state(DrillDocument document) {
        if (shell.isStaleOnDisk()) {
            return Ui.text("bar.changed");
        }
        return Ui.text(document.isSaved() ? "bar.saved" : "bar.unsaved");
    }

    /** Says which folder "saved" means. */
    private String savedIn(Path file) {
        boolean inBinder = file.startsWith(shell.binder().folder());
        if (inBinder && shell.demo().isCopyProperty().get()) {
            return Ui.text("bar.saved.demo");
        }
        Path folder = inBinder ? shell.binder().folder() : file.toAbsolutePath().getParent();
        return Ui.text("bar.saved.in", folder.getFileName());
    }

    /** Made when a pointer comes near, since the file may be another by then. */
    private void tellFile(Label over) {
        over.setOnMouseEntered(e -> over.setTooltip(shell.document()
                .flatMap(DrillDocument::file)
                .map(f -> new Tooltip(f.toString()))
                .orElse(null)));
    }

    /** Shows how things stand. */
    void refresh() {
        var document = shell.document();
        session.setSelected(shell.isInSession());
        whistle.setSelected(shell.hour().whistle().isRunning());
        log.setSelected(shell.isInLog());
        binder.setSelected(!shell.isOnBoard() && !shell.isInSession() && !shell.isInLog());
        board.setSelected(shell.isOnBoard());
        board.setDisable(document.isEmpty());
        share.setDisable(document.isEmpty());
        boolean hour = shell.isInSession() || shell.isInLog();
        var undoLabel =
                hour ? shell.session().flatMap(SessionDocument::undoLabel) : document.flatMap(DrillDocument::undoLabel);
        var redoLabel =
                hour ? shell.session().flatMap(SessionDocument::redoLabel) : document.flatMap(DrillDocument::redoLabel);
        undo.setText(undoLabel.map(l -> Ui.text("bar.undo", l)).orElse(Ui.text("bar.undo.none")));
        redo.setText(redoLabel.map(l -> Ui.text("bar.redo", l)).orElse(Ui.text("bar.redo.none")));
        undo.setDisable(undoLabel.isEmpty());
        redo.setDisable(redoLabel.isEmpty());
        // what is said of the open drill is not about what is seen
        briefState.setText(hour ? "" : document.map(this::state).orElse(""));
        state.setText(document.filter(d -> !hour)
                .filter(d -> d.isSaved() && !shell.isStaleOnDisk())
                .flatMap(DrillDocument::file)
                .map(this::savedIn)
                .orElse(briefState.getText()));
        ground.setText(Ui.text(shell.ground() == Ground.SLATE ? "bar.ground.paper" : "bar.ground.slate"));
    }
}
