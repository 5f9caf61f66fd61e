package wildchalk.desktop.session;

import java.net.InetAddress;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import wildchalk.core.handout.Letters;
import wildchalk.core.log.Reply;
import wildchalk.core.squad.PlayerId;
import wildchalk.desktop.serve.Addresses;
import wildchalk.desktop.session.Serving.Lasting;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.Errand;
import wildchalk.desktop.ui.Failures;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.handout.Envelope;
import wildchalk.picture.handout.HandoutOptions;
import wildchalk.picture.handout.HandoutOptions.Names;

/** A link for each: what lies behind it, where it is served, who has opened it and what was answered. Closing it stops serving. */
final class LinksWindow {

    private static final double GAP = 12;
    private static final double LIST_WIDTH = 300;

    private final Serving serving;
    private final Stage stage = new Stage();
    private final ChoiceBox<Optional<InetAddress>> where;
    private final ChoiceBox<Lasting> lasting;
    private final ChoiceBox<Names> names;
    private final CheckBox receipts = new CheckBox(Ui.text("links.receipts"));
    private final Label state = new Label();
    private final Button start = SessionView.button("links-start", "links.start", this::start);
    private final Button stop = SessionView.button("links-stop", "links.stop", this::stop);
    private final Button fresh = SessionView.button("links-fresh", "links.fresh", () -> fill(() -> {}));
    private final Button outbox = SessionView.button("links-outbox", "links.outbox", this::outbox);
    private final Button absent = SessionView.button("links-absent", "links.absent", this::markAbsent);
    private final VBox rows = new VBox(4);
    private final Map<Optional<PlayerId>, ToggleButton> buttons = new LinkedHashMap<>();
    private final LinkCard card;
    private Optional<PlayerId> chosen = Optional.empty();

    LinksWindow(Serving serving, ObservableList<String> sheets) {
        this.serving = serving;
        this.card = new LinkCard(serving);
        this.where = choice("links-where", places(), this::place);
        this.lasting = choice("links-lasting", List.of(Lasting.values()), l -> Ui.text("links.lasting." + l));
        this.names = choice("links-names", List.of(Names.values()), n -> Ui.text("share.names." + n));
        Scene scene = new Scene(layout(), 1080, 720);
        Bindings.bindContent(scene.getStylesheets(), sheets);
        stage.setTitle(Ui.text("links.title", serving.title()));
        stage.setScene(scene);
        stage.setOnHidden(e -> serving.close());
        serving.onChanged(this::show);
        receipts.setId("links-receipts");
        names.getSelectionModel().selectedItemProperty().addListener((o, was, is) -> fill(() -> {}));
        show();
    }

    /** Shows it, and works out what would leave. */
    void open() {
        stage.show();
        stage.toFront();
        if (serving.envelopes().isEmpty()) {
            fill(() -> {});
        }
    }

    Stage stage() {
        return stage;
    }

    // ---- parts ----

    private static <T> ChoiceBox<T> choice(String id, List<T> values, java.util.function.Function<T, String> words) {
        ChoiceBox<T> box = new ChoiceBox<>(FXCollections.observableList(values));
        box.setId(id);
        box.setConverter(Shown.by(words));
        box.setValue(values.get(0));
        box.setMaxWidth(Double.MAX_VALUE);
        return box;
    }

    private static List<Optional<InetAddress>> places() {
        Optional<InetAddress> shared = Addresses.shared();
        return shared.isPresent() ? List.of(Optional.empty(), shared) : List.of(Optional.empty());
    }

    private String place(Optional<InetAddress> at) {
        return at.map(a -> Ui.text("links.where.shared", a.getHostAddress())).orElse(Ui.text("links.where.here"));
    }

    private static VBox asked(String key, Control field) {
        Label label = new Label(Ui.text(key));
        label.setLabelFor(field);
        field.setAccessibleText(label.getText());
        return new VBox(4, label, field);
    }

    private BorderPane layout() {
        state.setId("links-state");
        state.setWrapText(true);
        state.setMinHeight(Region.USE_PREF_SIZE);
        start.getStyleClass().add("accent-button");
        for (Button b : List.of(start, stop, fresh)) {
            b.managedProperty().bind(b.visibleProperty());
        }
        receipts.setWrapText(true);
        receipts.setMinHeight(Region.USE_PREF_SIZE);
        FlowPane choices = new FlowPane(
                GAP,
                8,
                asked("links.where", where),
                asked("links.lasting", lasting),
                asked("links.names", names),
                receipts);
        choices.setAlignment(Pos.BOTTOM_LEFT);
        HBox served = new HBox(GAP, start, stop, fresh, state);
        served.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(state, Priority.ALWAYS);
        VBox top = new VBox(GAP, choices, served);
        top.setPadding(new Insets(GAP));
        ScrollPane list = new ScrollPane(rows);
        list.setFitToWidth(true);
        list.setMinWidth(LIST_WIDTH);
        list.setPrefWidth(LIST_WIDTH);
        list.getStyleClass().addAll("findings-scroll", "session-card");
        rows.setId("links-rows");
        rows.getStyleClass().add("card-content");
        HBox middle = new HBox(GAP, list, card);
        HBox.setHgrow(card, Priority.ALWAYS);
        middle.setPadding(new Insets(0, GAP, GAP, GAP));
        HBox bottom = new HBox(GAP, outbox, absent);
        bottom.setPadding(new Insets(0, GAP, GAP, GAP));
        BorderPane pane = new BorderPane(middle, top, null, bottom, null);
        pane.getStyleClass().addAll("shell", "session");
        return pane;
    }

    // ---- showing ----

    private void show() {
        boolean on = serving.isOn();
        for (Control c : List.of(where, lasting, names, receipts)) {
            c.setDisable(on);
        }
        start.setVisible(!on);
        stop.setVisible(on);
        fresh.setVisible(on);
        boolean made = !serving.envelopes().isEmpty();
        start.setDisable(!made);
        outbox.setDisable(!made);
        state.setText(
                on
                        ? Ui.text(serving.isHereAlone() ? "links.on.here" : "links.on.shared", serving.port())
                        : Ui.text(made ? "links.off" : "links.making"));
        List<Optional<PlayerId>> people = serving.people();
        if (!people.equals(List.copyOf(buttons.keySet()))) {
            buttons.clear();
            ToggleGroup group = new ToggleGroup();
            people.forEach(who -> buttons.put(who, row(who, group)));
            rows.getChildren().setAll(buttons.values());
        }
        // whoever stands on one with the keys stays there
        buttons.forEach((who, row) -> row.setText(said(who)));
        absent.setDisable(serving.cannot().isEmpty());
        card.show(chosen);
    }

    /** What is known of somebody: his name, whether his was opened, what he has answered. */
    private String said(Optional<PlayerId> who) {
        Optional<Letters> letters = serving.letters();
        List<String> lines = new ArrayList<>(List.of(serving.name(who)));
        letters.flatMap(l -> l.of(who)).ifPresent(letter -> {
            if (letter.revoked()) {
                lines.add(Ui.text("links.row.revoked"));
            } else if (letters.get().receipts()) {
                lines.add(letter.opened()
                        .map(at -> Ui.text("links.row.opened", serving.clock(at)))
                        .orElse(Ui.text("links.row.unopened")));
            }
        });
        who.flatMap(serving::reply).ifPresent(r -> {
            if (r.coming() != Reply.Coming.NOT_SAID) {
                lines.add(Ui.text("links.row." + r.coming()));
            }
            if (!r.questions().isEmpty()) {
                lines.add(Ui.text("links.row.asks"));
            }
        });
        return String.join("\n", lines);
    }

    private ToggleButton row(Optional<PlayerId> who, ToggleGroup group) {
        ToggleButton row = new ToggleButton();
        row.setId("link-" + who.map(PlayerId::text).orElse("helpers"));
        row.setMnemonicParsing(false);
        row.setMaxWidth(Double.MAX_VALUE);
        row.setWrapText(true);
        row.setMinHeight(Region.USE_PREF_SIZE);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setToggleGroup(group);
        row.setSelected(who.equals(chosen));
        row.setOnAction(e -> {
            chosen = who;
            row.setSelected(true);
            card.show(who);
        });
        return row;
    }

    // ---- doing ----

    /** Works out what lies behind each link, beside the window. */
    private void fill(Runnable then) {
        HandoutOptions how = HandoutOptions.USUAL.withNames(names.getValue());
        Errand.run(
                stage,
                Ui.text("links.working"),
                progress -> serving.make(how, progress),
                (Map<Optional<PlayerId>, Envelope> made) -> {
                    serving.fill(made);
                    then.run();
                },
                why -> say(Alert.AlertType.ERROR, Failures.said(why)),
                () -> say(Alert.AlertType.INFORMATION, Ui.text("share.stopped")));
    }

    private void start() {
        Optional<InetAddress> at = where.getValue();
        if (at.isPresent() && !mayBeReached(at.get())) {
            return;
        }
        try {
            serving.start(at.orElseGet(Addresses::here), lasting.getValue(), receipts.isSelected());
        } catch (java.io.IOException why) {
            say(Alert.AlertType.ERROR, Ui.text("links.not-served", Failures.said(why)));
        }
    }

    /** Asked in plain words before anybody else can reach this computer. */
    private boolean mayBeReached(InetAddress at) {
        ButtonType yes = new ButtonType(Ui.text("links.shared.yes"), ButtonData.OK_DONE);
        ButtonType no = new ButtonType(Ui.text("links.shared.no"), ButtonData.CANCEL_CLOSE);
        Alert alert = Dialogs.dress(
                new Alert(Alert.AlertType.CONFIRMATION, Ui.text("links.shared", at.getHostAddress()), yes, no), stage);
        alert.setHeaderText(null);
        alert.getDialogPane().lookupButton(yes).setId("links-shared-yes");
        return alert.showAndWait().filter(yes::equals).isPresent();
    }

    private void stop() {
        serving.stop();
    }

    private void outbox() {
        Errand.run(
                stage,
                Ui.text("links.outbox.working"),
                progress -> serving.outbox(HandoutOptions.USUAL.withNames(names.getValue()), progress),
                folder -> say(Alert.AlertType.INFORMATION, Ui.text("links.outbox.done", folder)),
                why -> say(Alert.AlertType.ERROR, Failures.said(why)),
                () -> say(Alert.AlertType.INFORMATION, Ui.text("share.stopped")));
    }

    private void markAbsent() {
        String who = String.join(
                ", ",
                serving.cannot().stream().map(p -> serving.name(Optional.of(p))).toList());
        if (serving.markAbsent()) {
            say(Alert.AlertType.INFORMATION, Ui.text("links.absent.done", who));
        }
    }

    private void say(Alert.AlertType type, String message) {
        Alert alert = Dialogs.dress(new Alert(type, message), stage);
        alert.setHeaderText(null);
        alert.show();
    }
}
