package wildchalk.desktop.talk;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.beans.value.ChangeListener;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import wildchalk.core.check.Everywhere;
import wildchalk.core.check.Everywhere.Found;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.edit.Tellings;
import wildchalk.core.finding.Finding;
import wildchalk.core.motion.Waits;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.words.FindingWriter;
import wildchalk.core.words.WaitWriter;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.NextFrame;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.Told;

/**
 * What the second look has found: on the open path at once, in the other versions and ways as it is worked out. Each leads to
 * its place and moment, offers what mends it, and can be left as it is with a reason.
 */
public final class FindingsList extends VBox {

    /** More than these are not listed before somebody asks for them. */
    private static final int FIRST = 5;

    private final DrillDocument document;
    private final Worker elsewhere;
    private final Worker remedies;
    private final Label said = new Label();
    private final StringProperty count = new SimpleStringProperty("");
    private final ChangeListener<Object> refresh = (o, a, b) -> updateSoon();
    /** Whether the list is out of date, and will be made with the next frame. */
    private boolean due;

    private final VBox lines = new VBox();
    private Optional<Everywhere> all = Optional.empty();
    /** The drill that all its ways were looked at of, or are being looked at. */
    private Drill lookedAt;

    /** The figures with which it was. */
    private OwnFigures lookedWith = OwnFigures.NONE;

    private boolean whole;

    /** All ways are looked at when nobody has changed anything for a while: it takes what the window needs to be quick. */
    private final PauseTransition quiet = new PauseTransition(Duration.millis(400));

    public FindingsList(DrillDocument document) {
        this.document = document;
        this.elsewhere = document.helper();
        this.remedies = document.helper();
        said.setId("look-said");
        said.getStyleClass().add("look-said");
        said.setWrapText(true);
        said.setMinHeight(Region.USE_PREF_SIZE);
        quiet.setOnFinished(e -> lookElsewhere());
        lines.getStyleClass().add("findings");
        ScrollPane scroll = new ScrollPane(lines);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("findings-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getStyleClass().add("look");
        getChildren().addAll(said, scroll);
        setId("findings");
        visibleProperty().addListener((o, was, is) -> show());
        document.toldProperty().addListener(refresh);
        updateSoon();
    }

    /** How many there are, as short as can be: empty for none. */
    public ReadOnlyStringProperty countProperty() {
        return count;
    }

    /** The same in words. */
    public ReadOnlyStringProperty saidProperty() {
        return said.textProperty();
    }

    private void updateSoon() {
        if (!due) {
            due = true;
            NextFrame.run(() -> {
                if (due) {
                    due = false;
                    update();
                }
            });
        }
    }

    private void update() {
        Drill drill = document.told().drill();
        OwnFigures own = document.told().run().own();
        if (drill != lookedAt || !own.equals(lookedWith)) {
            lookedAt = drill;
            lookedWith = own;
            all = Optional.empty();
            elsewhere.forget();
            quiet.playFromStart();
        }
        show();
    }

    private void lookElsewhere() {
        Drill drill = lookedAt;
        OwnFigures own = lookedWith;
        elsewhere.ask(() -> Everywhere.of(drill, own), found -> {
            all = Optional.of(found);
            // a reason that is being written is not taken away
            if (lines.lookup("#reason") == null) {
                show();
            } else {
                showHead(here(), others());
            }
        });
    }

    public void dispose() {
        due = false;
        document.toldProperty().removeListener(refresh);
        quiet.stop();
        elsewhere.close();
        remedies.close();
    }

    // ---- what is shown ----

    private void show() {
        List<Found> here = here();
        List<Found> others = others();
        List<Found> accepted = all.map(Everywhere::accepted).orElse(List.of());
        showHead(here, others);
        lines.getChildren().clear();
        if (!isVisible()) {
            remedies.forget();
            return;
        }
        List<Node> shown = new ArrayList<>();
        List<FindingCard> cards = new ArrayList<>();
        int left = whole ? Integer.MAX_VALUE : FIRST;
        for (Found f : here) {
            if (left-- > 0) {
                FindingCard card = FindingCard.here(document, f, () -> lead(f));
                cards.add(card);
                shown.add(card);
            }
        }
        if (left > 0 && !others.isEmpty()) {
            shown.add(heading("findings.elsewhere"));
        }
        for (Found f : others) {
            if (left-- > 0) {
                shown.add(FindingCard.elsewhere(document, f, () -> lead(f)));
            }
        }
        if (left < 0) {
            shown.add(more(-left));
        }
        if (!accepted.isEmpty()) {
            shown.add(heading("findings.accepted"));
            accepted.forEach(f -> shown.add(FindingCard.accepted(document, f)));
        }
        waits().forEach(shown::add);
        all.ifPresent(e -> shown.add(quiet(looked(e))));
        lines.getChildren().setAll(shown);
        askForRemedies(cards);
    }

    private void showHead(List<Found> here, List<Found> others) {
        int all = here.size() + others.size();
        said.setText(title(here.size(), others.size()));
        count.set(all == 0 ? "" : String.valueOf(all));
    }

    private Button more(int count) {
        Button more = new Button(Ui.text("findings.more", count));
        more.setId("findings-more");
        more.setOnAction(e -> {
            whole = true;
            show();
        });
        return more;
    }

    private String title(int here, int others) {
        if (here + others == 0) {
            return Ui.text(all.isPresent() ? "talk.look.none" : "talk.look.looking");
        }
        String open = here == 0 ? "" : Ui.text("talk.look", here);
        String more = others == 0 ? "" : Ui.text(here == 0 ? "talk.look.elsewhere" : "talk.look.and-elsewhere", others);
        return open + more;
    }

    private static String looked(Everywhere e) {
        return e.looked() == 1 && e.of() == 1 && !e.orMore()
                ? Ui.text("findings.looked.one")
                : Ui.text(e.orMore() ? "findings.looked.or-more" : "findings.looked", e.looked(), e.of());
    }

    private static Label heading(String key) {
        Label label = new Label(Ui.text(key));
        label.getStyleClass().add("step-head");
        return label;
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private List<Found> here() {
        Told told = document.told();
        Map<ProgressionId, Integer> where = Map.of(told.run().version().id(), 1);
        return told.findings().stream()
                .map(f -> new Found(f, told.run(), where))
                .toList();
    }

    /** Those that are not on the open path. */
    private List<Found> others() {
        Set<Object> open = new HashSet<>();
        document.told().findings().forEach(f -> open.add(List.of(f.rule(), f.about(), f.name())));
        return all.map(Everywhere::found).orElse(List.of()).stream()
                .filter(f -> !open.contains(List.of(
                        f.finding().rule(), f.finding().about(), f.finding().name())))
                .toList();
    }

    /** Who stands since a step is held up: no fault, but somebody has to mean it. */
    private List<Node> waits() {
        Told told = document.told();
        List<Waits.Wait> waits = Waits.of(told.path(), told.timeline());
        List<Node> shown = new ArrayList<>();
        if (!waits.isEmpty()) {
            shown.add(heading("waits.title"));
        }
        for (Waits.Wait wait : waits) {
            Button where = new Button(WaitWriter.said(wait, told.path(), told.talk()));
            where.setId("wait-" + wait.next());
            where.getStyleClass().addAll("plain", "wait");
            where.setWrapText(true);
            where.setMinHeight(Region.USE_PREF_SIZE);
            where.setOnAction(e -> {
                document.seek(wait.from());
                document.selectionProperty().set(Selection.of(wait.since()));
            });
            Button letRun = new Button(Ui.text("waits.run-on", WaitWriter.holder(wait, told.path())));
            letRun.setId("run-on-" + wait.next());
            letRun.getStyleClass().add("small");
            letRun.setOnAction(
                    e -> document.edit(Ui.text("edit.run-on"), Tellings.retell(wait.since(), m -> m.withRunsOn(true))));
            VBox card = new VBox(4, where, letRun);
            card.getStyleClass().add("finding-card");
            shown.add(card);
        }
        return shown;
    }

    /** What mends each finding is tried out elsewhere, since each try works the drill out anew. */
    private void askForRemedies(List<FindingCard> cards) {
        remedies.ask(() -> cards.stream().map(FindingCard::remedies).toList(), found -> {
            for (int i = 0; i < cards.size(); i++) {
                cards.get(i).offer(found.get(i));
            }
        });
    }

    /** Opens the version and the way on which it is, at its moment, with its move chosen. */
    private void lead(Found found) {
        Finding finding = found.finding();
        ProgressionId version = found.run().version().id();
        document.show(version, found.run().choices(), () -> {
            Optional<MoveId> move = finding.moves().stream()
                    .filter(m -> document.path().move(m).isPresent())
                    .findFirst();
            finding.atSeconds().ifPresent(document::seek);
            document.selectionProperty().set(move.map(Selection::of).orElse(Selection.NONE));
        });
    }

    static FindingWriter writer(DrillDocument document, Found found) {
        return new FindingWriter(
                found.run(), document.reader().unit(), document.reader().house());
    }
}
