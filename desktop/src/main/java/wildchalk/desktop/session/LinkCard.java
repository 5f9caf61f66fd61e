package wildchalk.desktop.session;

import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.handout.Letter;
import wildchalk.core.squad.PlayerId;
import wildchalk.desktop.ui.Images;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.handout.Envelope;
import wildchalk.picture.handout.LinkCode;

/** One person's link: its code to be scanned, what can be done with it, what was asked, and all that leaves by it. */
final class LinkCard extends VBox {

    private static final int CODE_PIXELS = 240;

    private final Serving serving;
    private final Label title = new Label();
    private final Label about = new Label();
    private final Label asks = new Label();
    private final ImageView code = new ImageView();
    private final TextField link = new TextField();
    private final Button copy = SessionView.button("link-copy", "links.copy", this::copy);
    private final Button revoke = SessionView.button("link-revoke", "links.revoke", this::revoke);
    private final Button renew = SessionView.button("link-renew", "links.renew", this::renew);
    private final Label leaves = new Label();
    private final TextArea inside = new TextArea();
    private final HBox served;
    private Optional<PlayerId> who = Optional.empty();
    /** What is to be read now. */
    private Optional<Envelope> read = Optional.empty();

    LinkCard(Serving serving) {
        super(8);
        this.serving = serving;
        getStyleClass().add("session-card");
        setPadding(new Insets(12));
        title.getStyleClass().add("side-title");
        for (Label l : new Label[] {about, asks, leaves}) {
            l.setWrapText(true);
            l.setMinHeight(Region.USE_PREF_SIZE);
        }
        asks.setId("link-asks");
        about.setId("link-about");
        code.setId("link-code");
        code.setAccessibleText(Ui.text("links.code"));
        link.setId("link-text");
        link.setEditable(false);
        link.setAccessibleText(Ui.text("links.link"));
        FlowPane buttons = new FlowPane(8, 8, copy, revoke, renew);
        VBox beside = new VBox(8, about, link, buttons, asks);
        HBox.setHgrow(beside, Priority.ALWAYS);
        served = new HBox(16, code, beside);
        served.managedProperty().bind(served.visibleProperty());
        inside.setId("link-inside");
        inside.setEditable(false);
        inside.setWrapText(true);
        inside.setAccessibleText(Ui.text("links.inside"));
        leaves.setLabelFor(inside);
        VBox.setVgrow(inside, Priority.ALWAYS);
        getChildren().setAll(title, served, leaves, inside);
    }

    void show(Optional<PlayerId> whose) {
        who = whose;
        title.setText(serving.name(whose));
        Optional<Letter> letter = serving.letters().flatMap(l -> l.of(whose));
        served.setVisible(serving.isOn() && letter.isPresent());
        letter.filter(l -> serving.isOn()).ifPresent(this::showLink);
        // what can be read in it is worked out when there is something else to read, not with every phone that comes
        Optional<Envelope> now = serving.envelopes().map(e -> e.get(whose));
        if (!now.equals(read)) {
            read = now;
            leaves.setText(now.map(e -> leaves(whose, e)).orElse(""));
            inside.setText(now.map(Envelope::text).orElse(""));
        }
    }

    private String leaves(Optional<PlayerId> whose, Envelope e) {
        int kilobytes = (e.page().map(p -> p.length).orElse(0) + e.calendar().length + 1023) / 1024;
        return Ui.text("links.leaves", serving.name(whose), kilobytes);
    }

    private void showLink(Letter letter) {
        boolean good = serving.isGood(letter);
        String url = serving.link(letter);
        code.setImage(good ? Images.of(LinkCode.of(url, CODE_PIXELS)) : null);
        code.setVisible(good);
        link.setText(good ? url : "");
        copy.setDisable(!good);
        revoke.setDisable(!good);
        about.setText(
                good
                        ? Ui.text("links.good", serving.moment(letter.until()))
                        : Ui.text(letter.revoked() ? "links.row.revoked" : "links.over"));
        asks.setText(serving.asks(who));
    }

    private void copy() {
        ClipboardContent content = new ClipboardContent();
        content.putString(link.getText());
        Clipboard.getSystemClipboard().setContent(content);
    }

    private void revoke() {
        serving.revoke(who);
    }

    private void renew() {
        serving.renew(who);
    }
}
