package wildchalk.desktop.talk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.StepId;
import wildchalk.core.path.Path;
import wildchalk.core.words.StepWords;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ui.Children;
import wildchalk.desktop.ui.NextFrame;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;

/** Shows the talk-through of the open drill, and changes the drill through it. */
public final class TalkView extends VBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    /** So many sentences are there at once: as many as usual drills have. */
    private static final int FIRST_SENTENCES = 32;

    /** And so many more with each frame where there are more: some fifty things to be styled. */
    private static final int MORE_SENTENCES = 3;

    private final DrillDocument document;
    private final VBox lines = new VBox();
    private final ScrollPane scroll = new ScrollPane(lines);
    private final Figures figures = new Figures();
    private final SayLine say;
    private final VBox part = new VBox(3);
    private Optional<RoleId> followed = Optional.empty();
    private Map<StepId, Kept> kept = new HashMap<>();
    private Object courseKey = List.of();
    private List<Node> courseNodes = List.of();
    private Written written = new Written(0, 0, 0, 0);
    /** Whether sentences are still being written. */
    private boolean writing;

    /** Whether the words are out of date, and will be written with the next frame. */
    private boolean due;

    /** Goes up with each build: what was to be written for an earlier one is not wanted any more. */
    private int builds;
    /** The slot that had the focus before what is being built now. */
    private Optional<String> focusAgain = Optional.empty();

    private final ChangeListener<Object> rebuild = (o, a, b) -> buildSoon();
    private final ChangeListener<Object> highlight = (o, a, b) -> highlight();
    private final ChangeListener<Object> toStep = (o, a, b) -> toStep();
    /** What was chosen, as what was just made is, comes to be seen: as soon as it is written. */
    private final ChangeListener<Object> reveal = (o, a, b) -> {
        toReveal = document().selectionProperty().get().move();
        NextFrame.run(this::reveal);
    };

    private Optional<MoveId> toReveal = Optional.empty();
    private final ChangeListener<Object> follow = (o, a, b) -> Platform.runLater(this::showCurrentStep);

    /** @param done gives the keys back to the board */
    public TalkView(DrillDocument document, Runnable done) {
        this.document = document;
        this.say = new SayLine(document, done);
        getStyleClass().add("talk");
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        lines.setMinWidth(0);
        scroll.getStyleClass().add("talk-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        lines.getStyleClass().add("talk-lines");
        part.setId("part");
        part.getStyleClass().add("part");
        part.managedProperty().bind(part.visibleProperty());
        part.setVisible(false);
        getChildren().addAll(part, scroll, say, figures);
        document.toldProperty().addListener(rebuild);
        document.stepProperty().addListener(toStep);
        document.stepProperty().addListener(follow);
        document.selectionProperty().addListener(highlight);
        document.selectionProperty().addListener(reveal);
        // what is written before it is in the window would be styled all at once
        sceneProperty().addListener((o, was, is) -> {
            if (is != null) {
                buildSoon();
            }
        });
    }

    /** Board and strip come first, the words with the next frame. */
    private void buildSoon() {
        if (!due && getScene() != null) {
            due = true;
            NextFrame.run(() -> {
                if (due) {
                    build();
                }
            });
        }
    }

    /** Shows what one role has to know above the steps; empty for everybody. */
    public void follow(Optional<RoleId> role) {
        followed = role;
        showPart(document.told());
    }

    private void showPart(Told told) {
        Optional<RoleId> role = followed.filter(r -> told.path().role(r).isPresent());
        part.getChildren().clear();
        part.setVisible(role.isPresent());
        role.ifPresent(r -> told.parts().apply(r).forEach(line -> {
            Label label = new Label(line);
            label.setWrapText(true);
            label.setMinHeight(Region.USE_PREF_SIZE);
            part.getChildren().add(label);
        }));
    }

    // ---- building ----

    private void build() {
        due = false;
        Optional<String> focused = Optional.ofNullable(getScene())
                .map(s -> s.getFocusOwner())
                .filter(n -> n.getStyleClass().contains("slot"))
                .map(n -> (String) n.getProperties().get(SentenceRow.SLOT));
        Told told = document.told();
        List<StepWords> steps = told.talk().steps();
        written = Written.around(
                document.stepProperty().get(),
                steps.stream().map(w -> w.sentences().size()).toList());
        List<Node> shown = new ArrayList<>();
        Map<StepId, Kept> fresh = new HashMap<>();
        if (written.first() > 0) {
            shown.add(others(0, written.first()));
        }
        for (int i = written.first(); i < written.end(); i++) {
            StepWords words = steps.get(i);
            Optional<Path.Again> again = told.path().again(words.step());
            if (again.isPresent()) {
                boolean first = again.get().n() == 1 && again.get().begins();
                if (first) {
                    shown.add(AgainCard.of(document, words, again.get().repeat(), i));
                }
                shown.addAll(AgainCard.joining(document, words, first ? 1 : 0, i));
                continue;
            }
            Object key = keyOf(words, i);
            Kept before = kept.get(words.step());
            Kept now = before != null && before.key().equals(key) && !before.isEdited()
                    ? before
                    : new Kept(
                            key, new StepCard(document, words, i, written.isWrittenOut(i), this::choose, this::build));
            now.card().take(words);
            fresh.put(words.step(), now);
            shown.add(now.card());
            document.version().course().forks().stream()
                    .filter(f -> f.after().equals(words.step()))
                    .forEach(f -> shown.add(ForkCard.of(document, f)));
        }
        if (written.end() < steps.size()) {
            shown.add(others(written.end(), steps.size()));
        }
        kept = fresh;
        shown.add(hint(told));
        if (!told.path().roles().isEmpty()) {
            shown.addAll(course());
        }
        Children.put(lines.getChildren(), shown);
        showPart(told);
        figures.show(told);
        highlight();
        focusAgain = focused;
        writing = false;
        builds++;
        writeOn();
    }

    /**
     * Writes what is left of the steps, those first that are read first: a few sentences at once, so that nobody who presses a
     * key waits for all of them.
     */
    private void writeOn() {
        int current = document.stepProperty().get();
        List<StepCard> cards = new ArrayList<>();
        for (Node node : lines.getChildren()) {
            if (node instanceof StepCard card && !card.isWhole()) {
                cards.add(card);
            }
        }
        cards.sort(Comparator.comparingInt(c -> Math.abs(c.index() - current)));
        // a few at first where there are many, so that nobody waits who goes from step to step
        boolean many = writing || written.isPart(document.told().talk().steps().size());
        int left = many ? MORE_SENTENCES : FIRST_SENTENCES;
        for (StepCard card : cards) {
            left -= card.write(left);
        }
        highlight();
        if (cards.stream().allMatch(StepCard::isWhole)) {
            writing = false;
            NextFrame.run(this::reveal);
            focusAgain.ifPresent(id -> Platform.runLater(() -> focus(id)));
            focusAgain = Optional.empty();
        } else {
            writing = true;
            int mine = ++builds;
            NextFrame.run(() -> {
                if (mine == builds) {
                    writeOn();
                }
            });
        }
    }

    private void focus(String id) {
        lines.lookupAll(".slot").stream()
                .filter(n -> id.equals(n.getProperties().get(SentenceRow.SLOT)))
                .findFirst()
                .ifPresent(Node::requestFocus);
    }

    /** What stands below the steps, made anew only where it would read otherwise. */
    private List<Node> course() {
        Object key = CourseSection.key(document);
        if (!key.equals(courseKey)) {
            courseKey = key;
            courseNodes = CourseSection.of(document);
        }
        return courseNodes;
    }

    /** In place of steps that are far from the one that is drawn. */
    private Node others(int from, int until) {
        Button button = new Button(Ui.text("talk.others", from + 1, until));
        button.setId("steps-" + (from + 1) + "-" + until);
        button.getStyleClass().addAll("step-head", "plain");
        button.setOnAction(e -> document.goToStep(from == 0 ? until - 1 : from));
        return button;
    }

    /** A step as it was built last, and all that it was built from. */
    private record Kept(Object key, StepCard card) {
        boolean isEdited() {
            return card.isEdited();
        }
    }

    /** All that is to be read of a step; what can be chosen in its slots is asked for when somebody opens them. */
    private Object keyOf(StepWords words, int index) {
        List<Object> said = new ArrayList<>(List.of(words.title(), words.span(), words.numbers()));
        words.sentences().forEach(s -> {
            said.add(s.move());
            s.phrases()
                    .forEach(f ->
                            said.add(f.match(p -> p.text(), slot -> List.of(slot.what(), slot.text(), slot.prompt()))));
            said.add(s.letter());
            said.add(s.measure());
        });
        return List.of(said, words.points(), words.question(), index, written.isWrittenOut(index));
    }

    private Node hint(Told told) {
        boolean bare = told.path().roles().isEmpty();
        boolean still = told.path().moves().isEmpty();
        Label hint = new Label(Ui.text(bare ? "talk.hint.bare" : still ? "talk.hint.still" : "talk.hint.going"));
        hint.getStyleClass().add("hint");
        hint.setWrapText(true);
        hint.setMinHeight(Region.USE_PREF_SIZE);
        return hint;
    }

    // ---- choosing ----

    private void choose(MoveId move) {
        document.path().stepOf(move).ifPresent(step -> {
            int index = document.path().steps().indexOf(step);
            if (index != document.stepProperty().get()) {
                document.goToStep(index);
            }
        });
        document.selectionProperty().set(Selection.of(move));
    }

    /** Another step is drawn or played: of a long talk-through other steps are there to be read. */
    private void toStep() {
        if (written.isPart(document.told().talk().steps().size())) {
            build();
        } else {
            highlight();
        }
    }

    private void highlight() {
        Optional<MoveId> chosen = document.selectionProperty().get().move();
        for (Node node : lines.getChildren()) {
            if (node instanceof StepCard card) {
                card.setCurrent(card.index() == document.stepProperty().get());
                for (Node row : card.getChildren()) {
                    row.pseudoClassStateChanged(
                            CHOSEN, chosen.isPresent() && chosen.get().equals(row.getUserData()));
                }
            }
        }
    }

    private void reveal() {
        if (getScene() == null) {
            return; // the words are not there to be seen, and are never laid out
        }
        for (Node node : lines.getChildren()) {
            if (toReveal.isPresent() && node instanceof StepCard card) {
                card.getChildren().stream()
                        .filter(row -> toReveal.get().equals(row.getUserData()))
                        .findFirst()
                        .ifPresent(row -> {
                            if (row.getLayoutBounds().getHeight() <= 0 || lines.isNeedsLayout()) {
                                NextFrame.run(this::reveal); // not laid out yet
                                return;
                            }
                            toReveal = Optional.empty();
                            bringIn(
                                    card.getLayoutY() + row.getLayoutY(),
                                    row.getLayoutBounds().getHeight());
                        });
            }
        }
    }

    private DrillDocument document() {
        return document;
    }

    /** Scrolls no farther than it has to. */
    private void bringIn(double top, double high) {
        double room = scroll.getViewportBounds().getHeight();
        double hidden = lines.getHeight() - room;
        double now = scroll.getVvalue() * hidden;
        if (hidden > 0 && top < now) {
            scroll.setVvalue(Math.max(0, (top - 8) / hidden));
        } else if (hidden > 0 && top + high > now + room) {
            scroll.setVvalue(Math.min(1, (top + high + 8 - room) / hidden));
        }
    }

    /** Scrolls so that the step that is drawn or played can be read. */
    private void showCurrentStep() {
        double room = scroll.getViewportBounds().getHeight();
        double hidden = lines.getHeight() - room;
        int index = document.stepProperty().get();
        Optional<Node> now = lines.getChildren().stream()
                .filter(n -> n instanceof StepCard card && card.index() == index)
                .findFirst();
        if (hidden <= 0 || now.isEmpty()) {
            return;
        }
        var bounds = now.get().getBoundsInParent();
        double top = scroll.getVvalue() * hidden;
        if (bounds.getMinY() < top || bounds.getMaxY() > top + room) {
            scroll.setVvalue(Math.max(0, Math.min(1, (bounds.getMinY() - 8) / hidden)));
        }
    }

    /** The line in which the drill can be typed. */
    public void typeHere() {
        say.focus();
    }

    public void dispose() {
        due = false;
        say.dispose();
        document.toldProperty().removeListener(rebuild);
        document.stepProperty().removeListener(toStep);
        document.stepProperty().removeListener(follow);
        document.selectionProperty().removeListener(highlight);
        document.selectionProperty().removeListener(reveal);
    }
}
