package wildchalk.desktop.talk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Question;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.StepId;
import wildchalk.core.edit.Tellings;
import wildchalk.core.finding.Finding;
import wildchalk.core.path.Path;
import wildchalk.core.words.StepWords;
import wildchalk.core.words.Words;
import wildchalk.desktop.app.Limited;
import wildchalk.desktop.app.Ui;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.picture.export.Told;

/** Shows the talk-through of the open drill, and changes the drill through it. */
public final class TalkView extends VBox {

    private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final DrillDocument document;
    private final VBox lines = new VBox();
    private final ScrollPane scroll = new ScrollPane(lines);
    private final Hyperlink look = new Hyperlink();
    private final VBox findings = new VBox();
    private final Figures figures = new Figures();
    private final VBox part = new VBox(3);
    private Optional<RoleId> followed = Optional.empty();
    private Map<StepId, Kept> kept = new HashMap<>();
    private final ChangeListener<Object> rebuild = (o, a, b) -> build();
    private final ChangeListener<Object> highlight = (o, a, b) -> highlight();
    private final ChangeListener<Object> follow = (o, a, b) -> Platform.runLater(this::showCurrentStep);

    public TalkView(DrillDocument document) {
        this.document = document;
        getStyleClass().add("talk");
        Label title = new Label(Ui.text("talk.title"));
        title.getStyleClass().add("side-title");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        look.setId("look");
        look.setOnAction(e -> findings.setVisible(!findings.isVisible()));
        findings.managedProperty().bind(findings.visibleProperty());
        findings.setVisible(false);
        findings.getStyleClass().add("findings");
        HBox head = new HBox(title, gap, look);
        head.getStyleClass().add("talk-head");
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
        getChildren().addAll(head, findings, part, scroll, figures);
        document.toldProperty().addListener(rebuild);
        document.stepProperty().addListener(highlight);
        document.stepProperty().addListener(follow);
        document.selectionProperty().addListener(highlight);
        build();
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
        role.ifPresent(
                r -> Words.partOf(r, told.drill(), told.path(), told.talk()).forEach(line -> {
                    Label label = new Label(line);
                    label.setWrapText(true);
                    label.setMinHeight(Region.USE_PREF_SIZE);
                    part.getChildren().add(label);
                }));
    }

    // ---- building ----

    private void build() {
        Optional<String> focused = Optional.ofNullable(getScene())
                .map(s -> s.getFocusOwner())
                .filter(n -> n.getStyleClass().contains("slot"))
                .map(Node::getId);
        Told told = document.told();
        List<Node> shown = new ArrayList<>();
        Map<StepId, Kept> fresh = new HashMap<>();
        int index = 0;
        for (StepWords words : told.talk().steps()) {
            Object key = keyOf(told, words, index);
            Kept before = kept.get(words.step());
            Kept now = before != null && before.key().equals(key) && !before.isEdited()
                    ? before
                    : new Kept(key, step(words, index));
            fresh.put(words.step(), now);
            shown.add(now.node());
            document.version().course().forks().stream()
                    .filter(f -> f.after().equals(words.step()))
                    .forEach(f -> shown.add(ForkCard.of(document, f)));
            index++;
        }
        kept = fresh;
        shown.add(hint(told));
        if (!told.path().roles().isEmpty()) {
            shown.addAll(CourseSection.of(document));
        }
        lines.getChildren().setAll(shown);
        showPart(told);
        showFindings(told);
        figures.show(told);
        highlight();
        focused.ifPresent(id -> Platform.runLater(() -> {
            Node again = lookup("#" + id);
            if (again != null) {
                again.requestFocus();
            }
        }));
    }

    /** A step as it was built last, and all that it was built from. */
    private record Kept(Object key, VBox node) {
        /** Whether somebody is writing in it. */
        boolean isEdited() {
            return node.getChildren().stream().anyMatch(n -> n instanceof TextArea);
        }
    }

    private static Object keyOf(Told told, StepWords words, int index) {
        Path p = told.path();
        List<String> said = new ArrayList<>(List.of(words.title(), words.span(), words.numbers()));
        words.sentences().forEach(s -> {
            s.phrases().forEach(f -> said.add(f.text()));
            said.add(s.letter() + s.measure());
        });
        return List.of(
                told.drill().surfaceUse(),
                p.roles(),
                p.balls(),
                p.gear(),
                p.layout(),
                p.course(),
                p.steps().get(Math.max(0, index - 1)),
                p.steps().get(index),
                index,
                said);
    }

    private VBox step(StepWords words, int index) {
        Button head = new Button(words.title());
        head.getStyleClass().addAll("step-head", "plain");
        head.setId("step-" + (index + 1));
        head.setOnAction(e -> document.goToStep(index));
        Label span = new Label(words.span());
        span.getStyleClass().add("quiet");
        Label numbers = new Label(words.numbers());
        numbers.getStyleClass().add("numbers");
        numbers.setVisible(!words.numbers().isEmpty());
        numbers.managedProperty().bind(numbers.visibleProperty());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        VBox box = new VBox();
        Node more = StepMenu.of(
                document, words.step(), index + 1, () -> box.getChildren().add(editor(words.step(), "", -1)));
        HBox row = new HBox(head, span, gap, more);
        row.getStyleClass().add("step-row");
        box.getChildren().addAll(row, numbers);
        box.getStyleClass().add("step");
        box.setUserData(index);
        words.sentences().forEach(s -> box.getChildren().add(SentenceRow.of(document, s, this::choose)));
        for (int i = 0; i < words.points().size(); i++) {
            box.getChildren().add(point(words.step(), words.points().get(i), i));
        }
        words.question().ifPresent(q -> box.getChildren().add(question(q)));
        return box;
    }

    private static Node question(Question q) {
        Label label = new Label(Ui.text("talk.question", q.ask(), q.answer()));
        label.getStyleClass().add("question");
        label.setWrapText(true);
        return label;
    }

    private Node point(StepId step, String text, int index) {
        Button label = new Button(text);
        label.getStyleClass().addAll("point", "plain");
        label.setWrapText(true);
        label.setMnemonicParsing(false);
        label.setAccessibleText(Ui.text("talk.edit-point", text));
        label.setOnAction(e -> {
            VBox box = (VBox) label.getParent();
            box.getChildren().set(box.getChildren().indexOf(label), editor(step, text, index));
        });
        return label;
    }

    /** A field for one coaching point; emptied, the point goes. */
    private Node editor(StepId step, String text, int index) {
        TextArea field = Limited.to(new TextArea(text), Limits.TEXT);
        field.getStyleClass().add("point-editor");
        field.setWrapText(true);
        field.setPrefRowCount(2);
        field.setPromptText(Ui.text("talk.point-prompt"));
        field.setOnKeyPressed(e -> {
            switch (e.getCode()) {
                case ENTER -> {
                    e.consume();
                    keepPoint(step, field.getText().strip(), index);
                }
                case ESCAPE -> {
                    e.consume();
                    build();
                }
                default -> {}
            }
        });
        field.focusedProperty().addListener((o, was, is) -> {
            if (was && !is && field.getScene() != null) {
                keepPoint(step, field.getText().strip(), index);
            }
        });
        Platform.runLater(field::requestFocus);
        return field;
    }

    private void keepPoint(StepId id, String text, int index) {
        document.edit(Ui.text("edit.point"), Tellings.coachingPoint(id, index, Limits.fitting(text, Limits.TEXT)));
        Platform.runLater(this::build);
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

    private void showFindings(Told told) {
        List<Finding> found = told.run().findings();
        int count = found.size();
        look.setText(count == 0 ? Ui.text("talk.look.none") : Ui.text("talk.look", count, count == 1 ? "" : "s"));
        look.setDisable(count == 0);
        findings.getChildren().clear();
        for (Finding f : found) {
            Label message = new Label("!  " + f.message());
            message.getStyleClass().add("finding");
            message.setWrapText(true);
            Label remedy = new Label(f.remedy());
            remedy.getStyleClass().add("quiet");
            remedy.setWrapText(true);
            VBox box = new VBox(message, remedy);
            box.setOnMouseClicked(e -> f.moves().stream().findFirst().ifPresent(this::choose));
            findings.getChildren().add(box);
        }
        findings.setVisible(findings.isVisible() && count > 0);
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

    private void highlight() {
        Optional<MoveId> chosen = document.selectionProperty().get().move();
        for (Node node : lines.getChildren()) {
            if (node instanceof VBox box && box.getUserData() instanceof Integer index) {
                box.pseudoClassStateChanged(
                        CURRENT, index == document.stepProperty().get());
                for (Node row : box.getChildren()) {
                    row.pseudoClassStateChanged(
                            CHOSEN, chosen.isPresent() && chosen.get().equals(row.getUserData()));
                }
            }
        }
    }

    /** Scrolls so that the step that is drawn or played can be read. */
    private void showCurrentStep() {
        double room = scroll.getViewportBounds().getHeight();
        double hidden = lines.getHeight() - room;
        int index = document.stepProperty().get();
        Optional<Node> now = lines.getChildren().stream()
                .filter(n -> Integer.valueOf(index).equals(n.getUserData()))
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

    public void dispose() {
        document.toldProperty().removeListener(rebuild);
        document.stepProperty().removeListener(highlight);
        document.stepProperty().removeListener(follow);
        document.selectionProperty().removeListener(highlight);
    }
}
