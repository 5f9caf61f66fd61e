package wildchalk.desktop.board;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputDialog;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Role;
import wildchalk.core.edit.Arrangements;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ladder.CompareWindow;
import wildchalk.desktop.ladder.LadderParts;
import wildchalk.desktop.present.PresentWindow;
import wildchalk.desktop.reps.RepsView;
import wildchalk.desktop.strip.BeatBar;
import wildchalk.desktop.strip.StripView;
import wildchalk.desktop.talk.TalkView;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Grip;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.NextFrame;
import wildchalk.desktop.ui.Place;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Reader;
import wildchalk.picture.export.Told;
import wildchalk.picture.style.Ground;

/** The Board: title, surface, tray, talk-through and beat strip of one open drill. */
public final class BoardPlace extends BorderPane implements Place {

    private final DrillDocument document;
    private final BoardView board;
    private final TalkView talk;
    private final StripView strip;
    private final BeatBar beats;
    private final LadderParts ladder;
    private final BoardHead head;
    private final SidePanel panel;
    private final BoardSizes sizes;
    private final ObjectProperty<Ground> ground = new SimpleObjectProperty<>(Ground.SLATE);
    private final BooleanProperty historyShown = new SimpleBooleanProperty();
    /** Works out the version that the open one is compared with. */
    private final Worker beside;

    private final Transport transport;
    private final ForkAsk ask;
    private final StackPane surface = new StackPane();
    private final VBox foot = new VBox();
    private Optional<TourCard> tour = Optional.empty();
    private final HBox left = new HBox();
    private final Tray tray;
    private HistoryPanel history;
    private final VBox empty = emptyState();
    private final ChangeListener<Object> refresh = (o, a, b) -> refresh();
    private final ChangeListener<Object> layout = (o, a, b) -> layOut();
    /** What puts the parts in that are not there yet. */
    private final Deque<Runnable> missing = new ArrayDeque<>();

    /**
     * @param sizes which parts stand round the board
     * @param changeSurface asks for another ground, size or part
     */
    public BoardPlace(DrillDocument document, BoardSizes sizes, Runnable changeSurface) {
        this.document = document;
        this.sizes = sizes;
        this.beside = document.helper();
        this.board = new BoardView(document);
        this.talk = new TalkView(document, this::focusBoard);
        this.strip = new StripView(document);
        this.beats = new BeatBar(document);
        this.ladder = new LadderParts(document, this::compare);
        this.head = new BoardHead(document, board, ladder, changeSurface);
        this.panel = new SidePanel(document, sizes, talk, board, this::reps);
        this.tray = new Tray(board);
        this.transport = new Transport(document, board, strip, talk, sizes, this::present);
        this.ask = new ForkAsk(board);
        getStyleClass().add("board-place");
        board.groundProperty().bind(ground);
        strip.groundProperty().bind(ground);
        beats.groundProperty().bind(ground);
        surface.getChildren().setAll(board, empty, ask);
        surface.getStyleClass().add("surface");
        surface.setMinSize(0, 0);
        missing.addAll(List.of(
                () -> setTop(head),
                () -> setLeft(left),
                () -> setBottom(foot),
                () -> setRight(panel),
                // last, so that it is painted once, in its size
                () -> setCenter(surface)));
        document.drillProperty().addListener(refresh);
        document.toldProperty().addListener(refresh);
        sizes.trayProperty().addListener(layout);
        sizes.lanesProperty().addListener(layout);
        addEventHandler(KeyEvent.KEY_PRESSED, this::keys);
        panel.onLeave(() -> historyShown.set(false));
        historyShown.addListener((o, was, is) -> showHistory(is));
        board.armedProperty().addListener(refresh);
        StackPane.setAlignment(empty, Pos.BOTTOM_LEFT);
        StackPane.setMargin(empty, new Insets(12));
        layOut();
        refresh();
    }

    /** Puts in what is to be seen of tray and strip. */
    private void layOut() {
        boolean open = sizes.trayProperty().get();
        Button edge = new Button(open ? "\u2039" : "\u203a");
        edge.setId(open ? "tray-close" : "tray-open");
        edge.getStyleClass().addAll("edge", "tall");
        edge.setMaxHeight(Double.MAX_VALUE);
        edge.setAccessibleText(Ui.text(open ? "tray.close" : "tray.open"));
        Tips.on(edge, Ui.text(open ? "tray.close" : "tray.open"));
        edge.setOnAction(e -> {
            sizes.trayProperty().set(!open);
            board.requestFocus();
        });
        left.getChildren().setAll(open ? List.of(tray, edge) : List.of(edge));
        boolean lanes = sizes.lanesProperty().get();
        if (lanes) {
            strip.prefHeightProperty().bind(sizes.lanesHeightProperty());
            Grip grip = Grip.top(
                    sizes.lanesHeightProperty(),
                    BoardSizes.LEAST_LANES,
                    BoardSizes.MOST_LANES,
                    Ui.text("strip.height"));
            foot.getChildren().setAll(grip, transport, strip);
        } else {
            foot.getChildren().setAll(transport, beats);
        }
    }

    /** Six short pulls for somebody who is new, in a corner of the board. */
    public void startTour() {
        endTour();
        tour = Optional.of(new TourCard(document, this::endTour));
        corner(tour.get());
    }

    /** Asks in the same corner whether somebody wants them. @param answered hears yes or no */
    public void offerTour(Consumer<Boolean> answered) {
        Label text = new Label(Ui.text("tour.offer"));
        Button yes = new Button(Ui.text("tour.yes"));
        yes.setId("tour-yes");
        yes.getStyleClass().add("accent-button");
        Button no = new Button(Ui.text("tour.no"));
        no.setId("tour-no");
        HBox offer = new HBox(12, text, yes, no);
        offer.getStyleClass().add("tour");
        offer.setAlignment(Pos.CENTER_LEFT);
        offer.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        yes.setOnAction(e -> {
            surface.getChildren().remove(offer);
            answered.accept(true);
        });
        no.setOnAction(e -> {
            surface.getChildren().remove(offer);
            answered.accept(false);
            focusBoard();
        });
        corner(offer);
    }

    private void corner(Node card) {
        StackPane.setAlignment(card, Pos.BOTTOM_LEFT);
        StackPane.setMargin(card, new Insets(12));
        surface.getChildren().add(card);
        focusBoard();
    }

    private void endTour() {
        tour.ifPresent(t -> {
            t.dispose();
            surface.getChildren().remove(t);
            focusBoard();
        });
        tour = Optional.empty();
    }

    /** Puts all parts in. */
    public void assemble() {
        missing.forEach(Runnable::run);
        missing.clear();
    }

    /**
     * Puts the parts in with one frame each: to style them all at once takes longer than anybody should wait for a key.
     *
     * @param done told when all are there
     */
    public void assemble(Runnable done) {
        if (missing.isEmpty()) {
            done.run();
        } else {
            missing.poll().run();
            NextFrame.run(() -> assemble(done));
        }
    }

    @Override
    public Node content() {
        return this;
    }

    @Override
    public void enter() {
        focusBoard();
    }

    @Override
    public void dress(Ground other) {
        ground.set(other);
    }

    /** Whether the list of everything that was done stands beside the board. */
    public BooleanProperty historyShownProperty() {
        return historyShown;
    }

    public BoardView view() {
        return board;
    }

    public StripView strip() {
        return strip;
    }

    public void focusBoard() {
        board.requestFocus();
    }

    // ---- parts ----

    /** In the place of the talk-through: the board keeps its width. */
    private void showHistory(boolean on) {
        if (on) {
            history = new HistoryPanel(document, () -> historyShown.set(false));
            sizes.panelProperty().set(true);
            panel.show(history);
        } else if (history != null) {
            history.dispose();
            panel.showWords();
            history = null;
        }
        board.requestFocus();
    }

    private RepsView reps() {
        RepsView reps = new RepsView(document, board::watch, board::showBlock);
        reps.dress(ground);
        board.playback()
                .clockProperty()
                .addListener((o, was, is) -> reps.mark(board.playback().watched(), is.doubleValue()));
        return reps;
    }

    private void present() {
        PresentWindow.show(getScene().getWindow(), document, ground.get());
    }

    private void compare(ProgressionId other) {
        Told here = document.told();
        Drill drill = document.drill();
        Reader reader = document.reader();
        beside.ask(() -> Told.of(drill, drill.progression(other).orElseThrow(), reader), there -> compare(here, there));
    }

    private void compare(Told here, Told there) {
        boolean otherFirst = document.drill().progressions().indexOf(there.run().version())
                < document.drill().progressions().indexOf(here.run().version());
        CompareWindow.show(getScene().getWindow(), otherFirst ? there : here, otherFirst ? here : there, ground.get());
    }

    private static VBox emptyState() {
        VBox box = new VBox();
        box.getStyleClass().add("empty");
        box.setMouseTransparent(true);
        box.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label head = new Label(Ui.text("board.empty.title"));
        head.getStyleClass().add("side-title");
        box.getChildren().add(head);
        for (int i = 1; i <= 4; i++) {
            box.getChildren().add(new Label(Ui.text("board.empty." + i)));
        }
        return box;
    }

    // ---- state ----

    private void refresh() {
        head.refresh();
        empty.setVisible(document.path().isEmpty() && board.armedProperty().get() == null);
    }

    private void keys(KeyEvent e) {
        if (e.isShortcutDown()) {
            return;
        }
        if (e.getCode() == KeyCode.H) {
            historyShown.set(!historyShown.get());
            e.consume();
        } else if (e.getCode() == KeyCode.SLASH) {
            type();
            e.consume();
        } else if (e.getCode() == KeyCode.F5) {
            present();
            e.consume();
        } else if (e.getCode() == KeyCode.F2) {
            rename();
            e.consume();
        } else if (e.getCode() == KeyCode.ADD || e.getCode() == KeyCode.PLUS || e.getCode() == KeyCode.EQUALS) {
            standing(1);
        } else if (e.getCode() == KeyCode.SUBTRACT || e.getCode() == KeyCode.MINUS) {
            standing(-1);
        }
    }

    /** More or fewer people in the chosen line, or in the line of the chosen player. */
    private void standing(int by) {
        var chosen = document.selectionProperty().get();
        var id = chosen.line()
                .or(() -> chosen.role()
                        .flatMap(r -> document.path().lineFeeding(r))
                        .map(l -> l.id()));
        document.path().lines().stream()
                .filter(l -> Optional.of(l.id()).equals(id))
                .findFirst()
                .ifPresent(l -> {
                    int count = Math.max(1, Math.min(40, l.standing() + by));
                    document.edit(
                            Ui.text("edit.standing", count), Arrangements.line(l.id(), x -> x.withStanding(count)));
                });
    }

    /** To the line in which the drill is typed. */
    private void type() {
        sizes.panelProperty().set(true);
        panel.showWords();
        NextFrame.run(talk::typeHere);
    }

    private void rename() {
        document.selectionProperty().get().role().flatMap(document.path()::role).ifPresent(this::rename);
    }

    private void rename(Role role) {
        TextInputDialog dialog = new TextInputDialog(role.label());
        Dialogs.dress(dialog, getScene().getWindow());
        Limited.to(dialog.getEditor(), Limits.LABEL);
        dialog.setHeaderText(Ui.text("board.rename", role.label()));
        dialog.showAndWait()
                .map(String::strip)
                .filter(t -> !t.isEmpty())
                .map(t -> Limits.fitting(t, Limits.LABEL))
                .ifPresent(
                        t -> document.edit(Ui.text("edit.rename"), Arrangements.role(role.id(), r -> r.withLabel(t))));
    }

    public void dispose() {
        board.dispose();
        beside.close();
        talk.dispose();
        strip.dispose();
        ladder.dispose();
        transport.dispose();
        document.drillProperty().removeListener(refresh);
        document.toldProperty().removeListener(refresh);
        sizes.trayProperty().removeListener(layout);
        sizes.lanesProperty().removeListener(layout);
        panel.dispose();
        endTour();
        beats.dispose();
        if (history != null) {
            history.dispose();
        }
    }
}
