package wildchalk.desktop.whistle;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.CallSet;
import wildchalk.core.log.Log;
import wildchalk.core.whistle.Caller;
import wildchalk.core.whistle.Cue;
import wildchalk.core.whistle.Part;
import wildchalk.core.whistle.Ready;
import wildchalk.core.whistle.Rescue;
import wildchalk.core.whistle.Run;
import wildchalk.core.whistle.Signal;
import wildchalk.core.words.RunWriter;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.Aside;
import wildchalk.desktop.ui.Ui;

/** What is seen while a session runs: read at arm's length, pressed with cold fingers. */
public final class WhistleView extends StackPane {

    /** What the window round it does. */
    public interface Around {
        /** The run goes on; the window goes. */
        void leave();

        /** The run is over, and its log written. */
        void finished();
    }

    private static final double FLASH_SECONDS = 1.2;
    private static final String GOOD = "good";

    private final RunDocument document;
    private final Around around;
    private final Faults faults;
    private final Worker worker;
    private final Horn horn = new Horn();
    private final Speech speech = new Speech();
    private final Function<Run, Optional<Rescue>> rescuer;
    private final Label title = new Label();
    private final Label standing = new Label();
    private final Button rescueButton = button("whistle-rescue", "", this::rescue);
    private final Button whoButton = button("whistle-who", "whistle.who", this::showWho);
    private final Button undo = button("whistle-undo", "whistle.undo", () -> press(new Signal.Undo()));
    private final NowCard now;
    private final ScoreCard score;
    private final SideCards side;
    private final Region flash = new Region();
    private final AskCard ask;
    private final WhoCard who;
    private final EndCard end;
    private Run shown;
    private Part part;
    private Ready ready = Ready.NOTHING;
    private Optional<Rescue> rescue = Optional.empty();
    /** For which state of things the rescue was looked for. */
    private Object rescueFor;

    /** The key that led into a field is not to be written into it. */
    private boolean takesKey;

    private boolean finishing;
    private boolean aloud;
    private double flashUntil;

    public WhistleView(RunDocument document, Around around, Faults faults) {
        this.document = document;
        this.around = around;
        this.faults = faults;
        this.worker = new Worker(why -> faults.told(Faults.Kind.WORK, why));
        this.rescuer = document.rescuer();
        this.now = new NowCard(this::startOrPause, this::press, this::freeze);
        this.score = new ScoreCard(this::press);
        this.side = new SideCards(
                () -> press(new Signal.Rep()),
                this::call,
                this::speak,
                speech.isThere(),
                t -> press(new Signal.Noted(t)),
                m -> press(new Signal.Lost(m)),
                () -> press(new Signal.Tallied(GOOD)));
        this.ask = new AskCard(this::press);
        this.who = new WhoCard(document.squad(), this::press);
        this.end = new EndCard(this::finish);
        setId("whistle");
        getStyleClass().addAll("shell", "whistle");
        lay();
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        addEventFilter(KeyEvent.KEY_TYPED, e -> {
            if (takesKey) {
                takesKey = false;
                e.consume();
            }
        });
        tick();
    }

    // ---- parts ----

    private void lay() {
        title.getStyleClass().add("whistle-head");
        title.setMinWidth(0);
        title.setId("whistle-title");
        standing.setId("whistle-standing");
        standing.getStyleClass().add("whistle-line");
        standing.setWrapText(true);
        rescueButton.getStyleClass().add("accent-button");
        rescueButton.setWrapText(true);
        rescueButton.managedProperty().bind(rescueButton.visibleProperty());
        rescueButton.setVisible(false);
        rescueButton.setMaxWidth(Double.MAX_VALUE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(
                12,
                title,
                gap,
                whoButton,
                undo,
                button("whistle-end", "whistle.end", this::askEnd),
                button("whistle-leave", "whistle.leave", around::leave));
        head.setAlignment(Pos.CENTER_LEFT);
        VBox top = new VBox(8, head, standing, rescueButton);
        top.getStyleClass().add("whistle-top");
        VBox left = new VBox(12, now, score);
        VBox.setVgrow(now, Priority.ALWAYS);
        ScrollPane right = new ScrollPane(side);
        right.setFitToWidth(true);
        right.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        right.setFocusTraversable(false);
        right.getStyleClass().add("findings-scroll");
        right.setMinWidth(0);
        ScrollPane leftScroll = new ScrollPane(left);
        leftScroll.setFitToWidth(true);
        leftScroll.setFitToHeight(true);
        leftScroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        leftScroll.setFocusTraversable(false);
        leftScroll.getStyleClass().add("findings-scroll");
        leftScroll.setMinWidth(0);
        side.onWriting(is -> right.setVvalue(is ? 1 : 0));
        HBox middle = new HBox(12, leftScroll, right);
        HBox.setHgrow(leftScroll, Priority.ALWAYS);
        right.prefWidthProperty().bind(widthProperty().multiply(0.38));
        right.minWidthProperty().bind(widthProperty().multiply(0.34));
        middle.getStyleClass().add("whistle-middle");
        BorderPane all = new BorderPane(middle);
        all.setTop(top);
        flash.setId("whistle-flash");
        flash.getStyleClass().add("whistle-flash");
        flash.setMouseTransparent(true);
        flash.setVisible(false);
        getChildren().setAll(all, flash, ask, who, end);
    }

    static Button button(String id, String key, Runnable action) {
        Button button = new Button(key.isEmpty() ? "" : Ui.text(key));
        button.setId(id);
        button.getStyleClass().add("whistle-button");
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    static VBox card(Node... parts) {
        VBox card = new VBox(8, parts);
        card.getStyleClass().add("whistle-card");
        return card;
    }

    static FlowPane row(Node... parts) {
        FlowPane row = new FlowPane(12, 12, parts);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    // ---- the clock ----

    /** Brings what is seen up to now. */
    public void tick() {
        Run was = shown;
        Run run = document.now();
        shown = run;
        if (was != null && document.hasBegun()) {
            Set<Cue> cues = Cue.between(was, run);
            cues.forEach(this::cue);
        }
        show(run);
    }

    private void cue(Cue cue) {
        horn.sound(cue);
        flashUntil = System.nanoTime() / 1e9 + FLASH_SECONDS;
        if (aloud && cue == Cue.PART) {
            shown.part().ifPresent(p -> speech.say(writer(shown).title(p)));
        }
    }

    private RunWriter writer(Run run) {
        return new RunWriter(run, document.began(), document.squad());
    }

    private void show(Run run) {
        RunWriter writer = writer(run);
        Part is = run.part().orElse(null);
        if (is != part) {
            part = is;
            ready = is == null ? Ready.NOTHING : Ready.of(is);
        }
        title.setText(document.planned().title());
        String note = document.guessedSeconds() >= 1
                ? Ui.text("whistle.guessed", RunWriter.span(document.guessedSeconds()))
                : document.unseenSeconds() >= 1
                        ? Ui.text("whistle.unseen", RunWriter.span(document.unseenSeconds()))
                        : "";
        standing.setText(
                document.hasBegun()
                        ? writer.standing() + (note.isEmpty() ? "" : ". " + note)
                        : Ui.text("whistle.ready"));
        boolean over = run.part().isPresent() && run.over() > 5;
        standing.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("late"), over);
        boolean begun = document.hasBegun();
        whoButton.setDisable(!begun);
        score.setDisable(!begun);
        side.setDisable(!begun);
        undo.setDisable(run.last().isEmpty());
        undo.setText(run.last()
                .map(l -> Ui.text("whistle.undo.of", RunWriter.name(l)))
                .orElse(Ui.text("whistle.undo")));
        flash.setVisible(System.nanoTime() / 1e9 < flashUntil);
        now.show(run, writer, document.hasBegun());
        score.show(run, ready);
        side.show(run, writer, ready, horn.isSilent());
        ask.show(run, ready);
        who.show(run);
        lookForRescue(run, writer);
    }

    /** Looked for beside the window, anew whenever what is to come, or how much is lost, has changed. */
    private void lookForRescue(Run run, RunWriter writer) {
        Object key = List.of(run.session(), run.index(), (int) Math.ceil(run.over() / 30), document.hasBegun());
        if (!key.equals(rescueFor)) {
            rescueFor = key;
            if (!document.hasBegun() || run.over() <= 0) {
                offer(Optional.empty());
            } else {
                worker.ask(() -> rescuer.apply(run), this::offer);
            }
        }
        rescue.ifPresent(r -> rescueButton.setText(Ui.text("whistle.rescue", writer.rescue(r))));
    }

    private void offer(Optional<Rescue> found) {
        rescue = found;
        rescueButton.setVisible(found.isPresent());
    }

    // ---- what is pressed ----

    private void press(Signal signal) {
        document.press(signal);
        tick();
    }

    private void startOrPause() {
        if (!document.hasBegun()) {
            try {
                document.begin();
            } catch (IOException e) {
                faults.told(Faults.Kind.RUN, e);
                standing.setText(e.getMessage());
                return;
            }
            tick();
        } else {
            press(shown.paused() ? new Signal.Resume() : new Signal.Pause());
        }
    }

    private void freeze() {
        press(shown.frozen() ? new Signal.Go() : new Signal.Freeze());
    }

    private void call() {
        for (Map.Entry<String, CallSet> e : ready.calls().entrySet()) {
            List<List<String>> before = shown.calls().getOrDefault(e.getKey(), List.of());
            long seed = document.planned().date().toEpochDay() + e.getKey().hashCode();
            List<String> words = Caller.next(e.getValue(), before, seed);
            press(new Signal.Called(e.getKey(), words));
            if (aloud) {
                speech.say(String.join(", ", words));
            }
            return;
        }
    }

    private void speak() {
        aloud = !aloud && speech.isThere();
        side.speaks(aloud);
    }

    private void rescue() {
        rescue.ifPresent(r -> press(r.signal()));
    }

    private void showWho() {
        who.setVisible(!who.isVisible());
        end.setVisible(false);
    }

    private void askEnd() {
        end.setVisible(true);
        who.setVisible(false);
    }

    private void finish() {
        if (!document.hasBegun()) {
            around.leave();
            return;
        }
        if (finishing) {
            return;
        }
        finishing = true;
        Log log = document.log();
        try {
            Aside.call(() -> {
                document.finish(log);
                return log;
            });
            around.finished();
        } catch (IOException e) {
            faults.told(Faults.Kind.RUN, e);
            end.failed(e);
        } finally {
            finishing = false;
        }
    }

    // ---- keys ----

    private void key(KeyEvent e) {
        boolean typing = getScene().getFocusOwner() instanceof TextInputControl;
        if (e.getCode() == KeyCode.ESCAPE) {
            if (typing || who.isVisible() || end.isVisible()) {
                who.setVisible(false);
                end.setVisible(false);
                requestFocus();
            } else {
                around.leave();
            }
            e.consume();
            return;
        }
        if (typing || e.isAltDown()) {
            return;
        }
        if (pressed(e)) {
            e.consume();
        }
    }

    private boolean pressed(KeyEvent e) {
        if (!document.hasBegun() && e.getCode() != KeyCode.SPACE) {
            return false;
        }
        if (end.isVisible() && e.getCode() == KeyCode.ENTER) {
            finish();
            return true;
        }
        switch (e.getCode()) {
            case SPACE -> startOrPause();
            case N, RIGHT -> press(new Signal.Next());
            case PLUS, ADD, EQUALS -> press(new Signal.Longer(1));
            case MINUS, SUBTRACT -> press(new Signal.Longer(-1));
            case A -> press(new Signal.ByItself(!shown.byItself()));
            case R -> press(new Signal.Rep());
            case C -> call();
            case V -> speak();
            case F -> freeze();
            case Q -> ask.ask();
            case P -> rescue();
            case U -> press(new Signal.Undo());
            case Z -> {
                if (!e.isShortcutDown()) {
                    return false;
                }
                press(new Signal.Undo());
            }
            case X -> press(new Signal.Tallied(GOOD));
            case T -> {
                takesKey = true;
                side.note();
            }
            case L -> {
                takesKey = true;
                side.lost();
            }
            case W -> showWho();
            case E -> askEnd();
            default -> {
                return score.key(e.getCode());
            }
        }
        return true;
    }

    /** Nothing of it is heard or worked out any more. */
    public void close() {
        worker.close();
        horn.close();
        speech.quiet();
    }
}
