package wildchalk.desktop.binder;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.binder.Binder;
import wildchalk.core.drill.Drill;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.app.Ui;
import wildchalk.picture.export.Rep;
import wildchalk.picture.style.Ground;

/** Shows the drills of a binder as cards. */
public final class BinderView extends BorderPane {

    private final Consumer<Path> open;
    private final FlowPane cards = new FlowPane();
    private final Label count = new Label();
    private final Label empty = new Label(Ui.text("binder.empty"));
    private List<Miniature> playing = new ArrayList<>();
    private int request;

    /** A file, and what could be worked out for it. */
    private record Found(Binder.Entry entry, Rep rep) {}

    public BinderView(Consumer<Path> open, Runnable newDrill) {
        this.open = open;
        getStyleClass().add("binder");
        Label title = new Label(Ui.text("binder.title"));
        title.getStyleClass().add("page-title");
        count.getStyleClass().add("quiet");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button add = new Button(Ui.text("binder.new"));
        add.setId("new-drill");
        add.getStyleClass().add("accent-button");
        add.setOnAction(e -> newDrill.run());
        HBox head = new HBox(title, count, gap, add);
        head.setAlignment(Pos.BASELINE_LEFT);
        head.getStyleClass().add("binder-head");
        cards.getStyleClass().add("cards");
        empty.getStyleClass().add("hint");
        ScrollPane scroll = new ScrollPane(new VBox(empty, cards));
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("binder-scroll");
        setTop(head);
        setCenter(scroll);
    }

    /** Reads the binder again, off the FX thread, and shows what is in it. */
    public void show(Binder binder, Ground ground) {
        int mine = ++request;
        Thread reader = new Thread(() -> read(binder, ground, mine), "wildchalk-binder");
        reader.setDaemon(true);
        reader.start();
    }

    private void read(Binder binder, Ground ground, int mine) {
        List<Found> found = new ArrayList<>();
        try {
            for (Binder.Entry entry : binder.drills()) {
                found.add(new Found(
                        entry,
                        entry.content()
                                .map(c -> Rep.of(c.drill(), c.drill().base()))
                                .orElse(null)));
            }
        } catch (IOException e) {
            Platform.runLater(() -> count.setText(e.getMessage()));
            return;
        }
        Platform.runLater(() -> {
            if (mine == request) {
                fill(binder, ground, found);
            }
        });
    }

    private void fill(Binder binder, Ground ground, List<Found> found) {
        playing.forEach(Miniature::rest);
        playing = new ArrayList<>();
        List<Node> nodes = new ArrayList<>();
        for (Found f : found) {
            nodes.add(f.rep() == null ? broken(f.entry()) : card(f, ground));
        }
        cards.getChildren().setAll(nodes);
        count.setText(Ui.text("binder.count", found.size(), binder.folder().getFileName()));
        empty.setVisible(found.isEmpty());
        empty.setManaged(found.isEmpty());
    }

    private Node card(Found found, Ground ground) {
        Drill drill = found.rep().drill();
        Miniature miniature = new Miniature(found.rep(), ground);
        playing.add(miniature);
        Label title = new Label(drill.title());
        title.getStyleClass().add("card-title");
        Label about = new Label(Ui.text("binder.about", drill.surface().title(), String.join(", ", drill.themes())));
        about.getStyleClass().add("quiet");
        Label figures = new Label(Ui.text(
                "binder.figures",
                found.rep().progression().steps().size(),
                Numbers.seconds(found.rep().timeline().seconds()),
                drill.audience().paceBand().label()));
        figures.getStyleClass().add("quiet");
        VBox content = new VBox(miniature, title, about, figures);
        content.setMaxWidth(Miniature.WIDTH);
        Button card = new Button();
        card.setGraphic(content);
        card.setContentDisplay(ContentDisplay.GRAPHIC_ONLY);
        card.getStyleClass().add("card");
        card.setId("card-" + drill.id());
        card.setAccessibleText(Ui.text("binder.open", drill.title()));
        card.setOnAction(e -> {
            miniature.rest();
            open.accept(found.entry().file());
        });
        card.hoverProperty().addListener((o, was, is) -> play(miniature, is || card.isFocused()));
        card.focusedProperty().addListener((o, was, is) -> play(miniature, is || card.isHover()));
        return card;
    }

    private static void play(Miniature miniature, boolean on) {
        if (on) {
            miniature.play();
        } else {
            miniature.rest();
        }
    }

    private static Node broken(Binder.Entry entry) {
        Label title = new Label(Ui.text("binder.broken"));
        title.getStyleClass().addAll("card-title", "finding");
        Label why = new Label(entry.problem().orElseThrow().getMessage());
        why.setWrapText(true);
        why.setMaxWidth(Miniature.WIDTH);
        VBox box = new VBox(8, title, why);
        box.getStyleClass().addAll("card", "broken");
        box.setPrefWidth(Miniature.WIDTH + 28);
        return box;
    }
}
