package wildchalk.desktop.present;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import wildchalk.core.drill.Question;
import wildchalk.core.motion.StepSpan;
import wildchalk.core.motion.Turnings;
import wildchalk.core.motion.Turnings.Turning;
import wildchalk.core.words.CourseWords;
import wildchalk.core.words.Line;
import wildchalk.core.words.StepWords;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Beside;
import wildchalk.desktop.ui.FrameView;
import wildchalk.desktop.ui.Icon;
import wildchalk.desktop.ui.Ticker;
import wildchalk.desktop.ui.Ui;
import wildchalk.desktop.ui.WayButtons;
import wildchalk.picture.export.Told;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.style.Ground;

/** Shows the open drill to players, a step at a time. */
public final class PresentWindow {

    private static final double SLOW = 0.25;

    private final DrillDocument document;
    private final Ground ground;
    private final FrameView view;
    private final InkMarks marks = new InkMarks();
    private final Ink ink;
    private final CoachNotes notes = new CoachNotes();
    private final BorderPane root = new BorderPane();
    private final ToggleButton other = new ToggleButton(Ui.text("present.other"));
    /** What players see elsewhere, while they do. */
    private Optional<PlayersWindow> players = Optional.empty();

    private final Label caption = new Label();
    private final Label stepTitle = new Label();
    private final VBox card = new VBox();
    private final ToggleButton slow = new ToggleButton(Ui.text("present.slow"));
    private final ToggleButton freeze = new ToggleButton(Ui.text("present.freeze"));
    private final ToggleButton write = new ToggleButton(Ui.text("present.write"));
    private final Stage stage = new Stage();
    private final Set<String> asked = new HashSet<>();
    private final Set<String> decided = new HashSet<>();
    private double t;
    /** A card is no wider than can be read at a glance. */
    private static final double MOST_CARD = 560;

    private int step;
    /** How far the step that plays goes; nothing plays once it is reached. */
    private double until;

    private Optional<Question> open = Optional.empty();
    private Optional<Turning> choosing = Optional.empty();
    /** A button for each way while somebody chooses. */
    private Pane ways = new HBox();

    private PresentWindow(DrillDocument document, Ground ground) {
        this.document = document;
        this.view = new FrameView(this::frame, ground, document.reader().code());
        this.ink = new Ink(marks, view::viewport, ground.alert());
        this.ground = ground;
    }

    /** Opens it over the whole screen. */
    public static void show(Window owner, DrillDocument document, Ground ground) {
        new PresentWindow(document, ground).open(owner);
    }

    private void open(Window owner) {
        document.playingProperty().set(false);
        card.setId("present-card");
        card.getStyleClass().add("present-card");
        card.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        card.managedProperty().bind(card.visibleProperty());
        StackPane board = new StackPane(view, ink, card);
        StackPane.setAlignment(card, Pos.TOP_LEFT);
        ink.over(board, write::isSelected);
        root.setCenter(board);
        root.setBottom(foot());
        root.getStyleClass().addAll("shell", "present");
        Scene scene = new Scene(root, owner.getWidth(), owner.getHeight());
        scene.getStylesheets().setAll(owner.getScene().getStylesheets());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        stage.initOwner(owner);
        stage.setTitle(document.drill().title());
        stage.setScene(scene);
        stage.setFullScreenExitHint("");
        stage.setFullScreen(true);
        Ticker ticker = Ticker.start(this::tick);
        stage.setOnHidden(e -> ticker.stop());
        show(0);
        stage.show();
    }

    private Node foot() {
        stepTitle.setId("present-step");
        stepTitle.getStyleClass().add("side-title");
        caption.setId("present-caption");
        caption.getStyleClass().add("present-caption");
        caption.setWrapText(true);
        caption.setMinHeight(Region.USE_PREF_SIZE);
        Button back = button("present.back", "present-back", this::back);
        Button next = button("present.next", "present-next", this::next);
        back.setGraphic(Icon.BACK.node());
        next.setGraphic(Icon.NEXT.node());
        next.setContentDisplay(ContentDisplay.RIGHT);
        next.getStyleClass().add("accent-button");
        Button clear = button("present.clear", "present-clear", marks::clear);
        Button end = button("present.end", "present-end", stage::close);
        slow.setId("present-slow");
        freeze.setId("present-freeze");
        write.setId("present-write");
        other.setId("present-other");
        other.setOnAction(e -> toOther());
        for (ToggleButton b : List.of(slow, freeze, write, other)) {
            b.setFocusTraversable(false);
            b.setMinWidth(Region.USE_PREF_SIZE);
        }
        VBox words = new VBox(2, stepTitle, caption);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(12, words, back, next, slow, freeze, write, clear, other, end);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("present-foot");
        return row;
    }

    private static Button button(String key, String id, Runnable action) {
        Button b = new Button(Ui.text(key));
        b.setId(id);
        b.setFocusTraversable(false);
        b.setMinWidth(Region.USE_PREF_SIZE);
        b.setOnAction(e -> action.run());
        return b;
    }

    // ---- another screen ----

    /** Players look at another screen from now on, and the coach has his words beside the picture; or no longer. */
    private void toOther() {
        if (players.isPresent()) {
            players.get().close();
            return;
        }
        PlayersWindow window = new PlayersWindow(
                stage, this::frame, marks, ground, document.reader().code());
        boolean full = stage.isFullScreen();
        if (!window.open(stage)) {
            stage.setFullScreen(false); // there is one screen: both have to be seen
        }
        players = Optional.of(window);
        window.onClosed(() -> {
            players = Optional.empty();
            other.setSelected(false);
            root.setRight(null);
            words();
            if (stage.isShowing()) {
                stage.setFullScreen(full);
            }
        });
        other.setSelected(true);
        root.setRight(notes);
        words();
        asked(card.isVisible() ? cardWords() : "");
    }

    private void asked(String words) {
        players.ifPresent(p -> p.ask(words));
    }

    /** All that stands on the card, but its buttons. */
    private String cardWords() {
        return card.getChildren().stream()
                .flatMap(n -> n instanceof Pane p ? p.getChildren().stream() : Stream.of(n))
                .filter(n -> n instanceof Label || choosing.isPresent() && n instanceof Button)
                .map(n -> ((Labeled) n).getText())
                .collect(Collectors.joining("\n"));
    }

    private void paint() {
        view.paint();
        players.ifPresent(PlayersWindow::paint);
    }

    // ---- keys ----

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case ENTER -> {
                if (choosing.isPresent()) {
                    ((Button) ways.getChildren().get(focusedWay())).fire();
                } else {
                    next();
                }
            }
            case UP, DOWN -> {
                if (choosing.isPresent()) {
                    int count = ways.getChildren().size();
                    int to = focusedWay() + (e.getCode() == KeyCode.UP ? count - 1 : 1);
                    ways.getChildren().get(to % count).requestFocus();
                }
            }
            case RIGHT, SPACE, PAGE_DOWN -> next();
            case LEFT, PAGE_UP -> back();
            case S -> slow.setSelected(!slow.isSelected());
            case F -> freeze.setSelected(!freeze.isSelected());
            case W -> write.setSelected(!write.isSelected());
            case C -> marks.clear();
            case O -> other.fire();
            case A -> answer();
            case ESCAPE -> stage.close();
            default -> {
                String digit = e.getCode().isDigitKey() ? e.getCode().getName().replaceAll("\\D", "") : "";
                if (digit.isEmpty() || choosing.isEmpty()) {
                    return;
                }
                int n = Integer.parseInt(digit) - 1;
                List<Turnings.Option> all = choosing.get().ways();
                if (n >= 0 && n < all.size()) {
                    choose(all.get(n));
                }
            }
        }
        e.consume();
    }

    /** The way whose button has the focus; the first where none has. */
    private int focusedWay() {
        return IntStream.range(0, ways.getChildren().size())
                .filter(i -> ways.getChildren().get(i).isFocused())
                .findFirst()
                .orElse(0);
    }

    // ---- going on ----

    private Told told() {
        return document.told();
    }

    private List<StepSpan> steps() {
        return told().timeline().steps();
    }

    /** Stands at the start of a step. */
    private void show(int index) {
        step = Math.max(0, Math.min(index, steps().size() - 1));
        t = steps().isEmpty() ? 0 : steps().get(step).start();
        until = t;
        // whoever goes back is asked again
        told().run().turnings().stream().filter(x -> indexOf(x) >= step).forEach(x -> decided.remove(x.id()));
        freeze.setSelected(false);
        hideCard();
        words();
        paint();
    }

    private void next() {
        if (open.isPresent()) {
            open = Optional.empty();
            hideCard();
            freeze.setSelected(false);
            return;
        }
        if (choosing.isPresent()) {
            return; // somebody has to say which way
        }
        if (t < until) {
            t = until; // impatient: to the end of the step
            reached();
            return;
        }
        boolean played = t >= endOf(step) - 1e-9 && t > steps().get(step).start();
        if (played && step + 1 < steps().size()) {
            step++;
            t = Math.max(t, steps().get(step).start());
            words();
        } else if (played) {
            show(0);
            return;
        }
        until = stop();
        freeze.setSelected(false);
        if (t >= until) {
            reached();
        }
    }

    /** Where playing stops next: where somebody has to say which way, else at the end of the step. */
    private double stop() {
        return open(step).map(x -> Math.min(endOf(step), x.seconds())).orElse(endOf(step));
    }

    private double endOf(int index) {
        return steps().get(index).end();
    }

    private void back() {
        boolean within = t > steps().get(step).start() + 0.05;
        choosing = Optional.empty();
        open = Optional.empty();
        show(within ? step : step - 1);
    }

    private void tick(double elapsed) {
        notes.tick(elapsed);
        if (t < until && !freeze.isSelected() && open.isEmpty()) {
            double next = Math.min(until, t + elapsed * (slow.isSelected() ? SLOW : 1));
            Optional<Question> due = due(next);
            t = due.map(q -> momentOf(q)).orElse(next);
            due.ifPresent(this::ask);
            paint();
            if (t >= until) {
                reached();
            }
        }
    }

    private void reached() {
        open(step).ifPresent(this::askWhich);
        paint();
    }

    // ---- questions ----

    private Optional<Question> due(double next) {
        return told().path()
                .steps()
                .get(step)
                .question()
                .filter(q -> !asked.contains(step + q.ask()) && momentOf(q) <= next);
    }

    private double momentOf(Question q) {
        double start = steps().get(step).start();
        return Math.max(t, q.at().map(m -> told().timeline().move(m).start()).orElse(start));
    }

    private void ask(Question q) {
        asked.add(step + q.ask());
        open = Optional.of(q);
        Label text = new Label(q.ask());
        text.getStyleClass().add("present-question");
        text.setWrapText(true);
        Button show = button("present.answer", "present-answer", this::answer);
        show.setVisible(!q.answer().isEmpty());
        Button on = button("present.go-on", "present-go-on", this::next);
        card.getChildren().setAll(text, new HBox(10, show, on));
        showCard();
    }

    private void answer() {
        if (open.isPresent() && card.lookup("#present-answer-text") == null) {
            Label text = new Label(open.get().answer());
            text.setId("present-answer-text");
            text.getStyleClass().add("present-question");
            text.setWrapText(true);
            card.getChildren().add(1, text);
            Node button = card.lookup("#present-answer");
            if (button != null) {
                button.setVisible(false);
            }
            showCard(); // it is larger now
        }
    }

    // ---- which way ----

    private int indexOf(Turning turning) {
        return told().path().steps().indexOf(told().path().step(turning.step()).orElseThrow());
    }

    /** What has to be said next in a step. */
    private Optional<Turning> open(int index) {
        return told().run().turnings().stream()
                .filter(x -> indexOf(x) == index && !decided.contains(x.id()))
                .findFirst();
    }

    private void askWhich(Turning turning) {
        choosing = Optional.of(turning);
        Label text = new Label(CourseWords.question(turning.by()));
        text.getStyleClass().add("present-question");
        ways = WayButtons.of(
                turning, "present-branch-", (n, label) -> Ui.text("present.branch", n, label), this::choose);
        card.getChildren().setAll(text, ways);
        showCard();
        ways.getChildren().get(0).requestFocus();
    }

    private void choose(Turnings.Option way) {
        decided.add(choosing.orElseThrow().id());
        choosing = Optional.empty();
        hideCard();
        document.choose(way.choices(), this::goOn);
    }

    /** The way that was chosen is worked out: on from the same moment. */
    private void goOn() {
        t = Math.min(t, told().timeline().seconds());
        if (t >= endOf(step) - 0.05 && step + 1 < steps().size()) {
            step++;
            t = Math.max(t, steps().get(step).start());
        }
        until = stop();
        words();
        paint();
    }

    /** Beside what it asks about, over nobody. */
    private void showCard() {
        card.setMaxWidth(Math.min(MOST_CARD, view.getWidth() / 2));
        Beside.ball(card, frame(), view.viewport());
        card.setVisible(true);
        asked(cardWords());
    }

    private void hideCard() {
        card.setVisible(false);
        card.getChildren().clear();
        asked("");
    }

    private void words() {
        if (told().talk().steps().isEmpty()) {
            return;
        }
        StepWords now = told().talk().steps().get(step);
        String numbers = now.numbers().isEmpty() ? "" : "  ·  " + now.numbers();
        stepTitle.setText(told().drill().title() + "  ·  " + now.title() + numbers);
        StringBuilder text = new StringBuilder();
        for (Line s : now.lines()) {
            text.append(text.isEmpty() ? "" : " ").append(s.text());
        }
        // beside the picture there is more room for them
        caption.setText(players.isPresent() ? "" : text.toString());
        notes.show(told(), step);
    }

    private Frame frame() {
        Told r = told();
        return new Frame(r.drill(), r.path(), r.timeline(), t, step, true, Set.of());
    }
}
