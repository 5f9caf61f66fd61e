package wildchalk.desktop.talk;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.check.Acceptance;
import wildchalk.core.check.Everywhere.Found;
import wildchalk.core.check.Remedies;
import wildchalk.core.check.Remedy;
import wildchalk.core.drill.Accepted;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.edit.Wholes;
import wildchalk.core.finding.Finding;
import wildchalk.core.text.Numbers;
import wildchalk.core.words.FindingWriter;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.ui.Ui;

/** One finding: what, where and when, what mends it, and a way to leave it as it is. */
final class FindingCard extends VBox {

    private final DrillDocument document;
    private final Found found;
    private final FindingWriter writer;
    private final FlowPane buttons = new FlowPane(6, 6);
    /** What might help, as long as nothing was tried. */
    private Optional<Label> advice = Optional.empty();

    private FindingCard(DrillDocument document, Found found) {
        super(4);
        this.document = document;
        this.found = found;
        this.writer = FindingsList.writer(document, found);
        getStyleClass().add("finding-card");
    }

    /** One of the open path, which can be mended at once. */
    static FindingCard here(DrillDocument document, Found found, Runnable lead) {
        FindingCard card = new FindingCard(document, found);
        card.message(lead, card.when());
        card.advice = Optional.of(card.wrapped(card.writer.remedy(found.finding()), "quiet"));
        card.buttons.getChildren().add(card.leave());
        card.getChildren().add(card.buttons);
        return card;
    }

    /** One of another version or way: it has to be opened first. */
    static FindingCard elsewhere(DrillDocument document, Found found, Runnable lead) {
        FindingCard card = new FindingCard(document, found);
        card.message(lead, card.where());
        return card;
    }

    /** One that the coach has left as it is. */
    static FindingCard accepted(DrillDocument document, Found found) {
        FindingCard card = new FindingCard(document, found);
        card.wrapped(card.writer.message(found.finding()), "quiet");
        List<Accepted> left = card.found.where().keySet().stream()
                .flatMap(v -> Acceptance.in(document.drill(), v, found.finding()).stream())
                .toList();
        String reasons = left.stream().map(Accepted::reason).distinct().collect(Collectors.joining(" · "));
        card.wrapped(Ui.text("findings.because", reasons), "quiet");
        Button again = new Button(Ui.text("findings.again"));
        again.getStyleClass().add("small");
        again.setOnAction(e -> left.forEach(a -> document.edit(Ui.text("undo.finding.again"), Wholes.withdraw(a))));
        card.getChildren().add(again);
        return card;
    }

    /** The sentence, which leads to where and when it is. */
    private void message(Runnable lead, String where) {
        Finding finding = found.finding();
        String mark = Ui.text("findings.severity." + finding.severity().name().toLowerCase(Locale.ROOT));
        Button message = new Button(mark + "  " + writer.message(finding));
        message.getStyleClass().addAll("plain", "finding");
        message.setWrapText(true);
        message.setMaxWidth(Double.MAX_VALUE);
        message.setMinHeight(Region.USE_PREF_SIZE);
        message.setId("finding-" + finding.rule());
        message.setOnAction(e -> lead.run());
        getChildren().add(message);
        if (!where.isEmpty()) {
            wrapped(where, "quiet");
        }
    }

    private Label wrapped(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        getChildren().add(label);
        return label;
    }

    private String when() {
        return found.finding()
                .atSeconds()
                .map(t -> Ui.text("findings.at", Numbers.seconds(t)))
                .orElse("");
    }

    /** The version and the way on which it is. */
    private String where() {
        ProgressionId version = found.run().version().id();
        boolean several = document.drill().progressions().size() > 1;
        return Stream.of(
                        several ? found.run().version().title() : "",
                        found.run().label(),
                        several && found.where().size() > 1
                                ? Ui.text("findings.versions", found.where().size())
                                : "",
                        when())
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining(" · "));
    }

    /** Tries out what might mend it; takes a while. */
    List<Remedy> remedies() {
        return Remedies.of(found.run(), found.finding());
    }

    /** Puts a button for each remedy. */
    void offer(List<Remedy> remedies) {
        List<Button> offered = new ArrayList<>();
        for (Remedy remedy : remedies) {
            Button button = new Button(writer.mend(remedy));
            button.getStyleClass().addAll("small", "remedy");
            button.setId("mend-" + remedy.kind());
            button.setOnAction(e -> document.edit(writer.mend(remedy), Wholes.mend(remedy)));
            offered.add(button);
        }
        buttons.getChildren().addAll(0, offered);
        if (!offered.isEmpty()) {
            // what was tried says it better than what might help
            advice.ifPresent(getChildren()::remove);
        }
    }

    /** Asks for the reason, without which nothing is left as it is. */
    private Button leave() {
        Button leave = new Button(Ui.text("findings.leave"));
        leave.getStyleClass().add("small");
        leave.setId("leave-" + found.finding().rule());
        leave.setOnAction(e -> {
            TextField reason = new TextField();
            reason.setId("reason");
            reason.setPromptText(Ui.text("findings.reason"));
            reason.setAccessibleText(Ui.text("findings.reason"));
            Button done = new Button(Ui.text("findings.leave.done"));
            done.getStyleClass().add("small");
            done.disableProperty().bind(reason.textProperty().map(String::isBlank));
            Runnable accept = () -> accept(reason.getText().strip());
            reason.setOnAction(a -> accept.run());
            done.setOnAction(a -> accept.run());
            getChildren().removeAll(buttons);
            getChildren().addAll(reason, done);
            reason.requestFocus();
        });
        return leave;
    }

    private void accept(String reason) {
        if (reason.isEmpty()) {
            return;
        }
        String words = reason.length() > Limits.LINE ? reason.substring(0, Limits.LINE) : reason;
        ProgressionId version = found.run().version().id();
        document.edit(Ui.text("undo.finding.leave"), Wholes.accept(Acceptance.of(found.finding(), version, words)));
    }
}
