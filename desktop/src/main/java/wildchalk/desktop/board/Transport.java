package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import wildchalk.core.drill.RoleId;
import wildchalk.core.text.Numbers;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.strip.StripView;
import wildchalk.desktop.talk.TalkView;
import wildchalk.desktop.ui.Folding;
import wildchalk.desktop.ui.Icon;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;

/** Below the board: playing, the clock, what is chosen, and who is followed. */
final class Transport extends StackPane {

    private static final List<Double> SPEEDS = List.of(0.25, 0.5, 0.75, 1.0, 1.5, 2.0, 4.0, 8.0, 16.0, 32.0);

    private final DrillDocument document;
    private final BoardView board;
    private final StripView strip;
    private final TalkView talk;
    private final BoardSizes sizes;
    private final Node playSign = Icon.PLAY.node();
    private final Node pauseSign = Icon.PAUSE.node();
    private final Button play = new Button();
    private final Label clock = new Label();
    private final Label status = new Label();
    private final ChoiceBox<AtForks> forks = new ChoiceBox<>();
    private final ToggleButton reps = new ToggleButton(Ui.text("strip.reps"));
    private final ToggleButton loop = new ToggleButton(Ui.text("strip.loop"));
    private final ChoiceBox<Followed> follow = new ChoiceBox<>();
    private final ChangeListener<Object> refresh = (o, a, b) -> refresh();
    private final ChangeListener<Object> chosen = (o, a, b) -> showChosen();
    private final ChangeListener<Object> tick = (o, a, b) -> showClock();

    /** @param present shows the drill full screen */
    Transport(
            DrillDocument document,
            BoardView board,
            StripView strip,
            TalkView talk,
            BoardSizes sizes,
            Runnable present) {
        this.document = document;
        this.board = board;
        this.strip = strip;
        this.talk = talk;
        this.sizes = sizes;
        getStyleClass().add("transport");
        lay(present);
        playChoices();
        document.drillProperty().addListener(refresh);
        document.toldProperty().addListener(refresh);
        document.playingProperty().addListener(refresh);
        document.secondsProperty().addListener(tick);
        document.stepProperty().addListener(tick);
        document.selectionProperty().addListener(chosen);
        refresh();
    }

    private void lay(Runnable show) {
        play.setId("play");
        play.getStyleClass().add("accent-button");
        play.setOnAction(e -> {
            document.togglePlaying();
            board.requestFocus();
        });
        Button back = new Button("", Icon.BACK.node());
        back.setId("back");
        back.setAccessibleText(Ui.text("strip.back"));
        Tips.on(back, Ui.text("strip.back"));
        back.setOnAction(e -> document.goToStartOf(document.stepProperty().get() - 1));
        Button next = new Button("", Icon.NEXT.node());
        next.setId("next");
        next.setAccessibleText(Ui.text("strip.next"));
        Tips.on(next, Ui.text("strip.next"));
        next.setOnAction(e -> document.goToStartOf(document.stepProperty().get() + 1));
        ChoiceBox<Double> speed = new ChoiceBox<>();
        speed.setId("speed");
        speed.getItems().setAll(SPEEDS);
        speed.setConverter(Shown.by(x -> Ui.text("strip.speed", Numbers.brief(x, 2))));
        speed.setValue(1.0);
        speed.setAccessibleText(Ui.text("strip.speed.tip"));
        Tips.on(speed, Ui.text("strip.speed.tip"));
        speed.setOnAction(e -> document.speedProperty().set(speed.getValue()));
        document.speedProperty().addListener((o, a, b) -> speed.setValue(b.doubleValue()));
        loop.setId("loop");
        Tips.on(loop, Ui.text("strip.loop.tip"));
        loop.selectedProperty().bindBidirectional(board.playback().loopProperty());
        clock.setId("clock");
        clock.getStyleClass().add("clock");
        status.setId("status");
        status.getStyleClass().add("quiet");
        status.setMinWidth(0);
        status.setPrefWidth(0);
        status.setMaxWidth(Double.MAX_VALUE);
        status.setAlignment(Pos.CENTER_RIGHT);
        Button closer = new Button("+");
        closer.setId("strip-in");
        closer.setAccessibleText(Ui.text("strip.closer"));
        Tips.on(closer, Ui.text("strip.closer"));
        closer.setOnAction(e -> strip.zoom(1.5));
        Button wider = new Button("\u2212");
        wider.setId("strip-out");
        wider.setAccessibleText(Ui.text("strip.wider"));
        Tips.on(wider, Ui.text("strip.wider"));
        wider.setOnAction(e -> strip.zoom(1 / 1.5));
        Button present = new Button(Ui.text("present.open"));
        present.setId("present");
        Tips.on(present, Ui.text("present.open.tip"));
        present.setOnAction(e -> show.run());
        HBox zoom = new HBox(4, wider, closer);
        zoom.setAlignment(Pos.CENTER);
        zoom.visibleProperty().bind(sizes.lanesProperty());
        zoom.managedProperty().bind(zoom.visibleProperty());
        ToggleButton lanes = new ToggleButton(Ui.text("strip.lanes"));
        lanes.setId("lanes");
        Tips.on(lanes, Ui.text("strip.lanes.tip"));
        lanes.selectedProperty().bindBidirectional(sizes.lanesProperty());
        MenuButton more = new MenuButton("", Icon.MORE.node());
        more.setId("transport-more");
        more.setAccessibleText(Ui.text("fold.more.tip"));
        Node[] parts = {play, back, next, speed, loop, clock, reps, forks, follow, lanes, present, more};
        Folding row = new Folding(Orientation.HORIZONTAL, 8, more)
                .keep(play)
                .keep(back)
                .keep(next)
                .add(speed, 4)
                .add(loop, 3)
                .add(clock, 7)
                .stretch(status)
                .add(reps, 6)
                .add(forks, 8)
                .add(zoom, 1)
                .add(follow, 2)
                .add(lanes, 9)
                .add(present, 5)
                .keep(closeStep());
        for (Node part : parts) {
            ((Region) part).setMinWidth(Region.USE_PREF_SIZE);
        }
        zoom.getChildren().forEach(b -> ((Region) b).setMinWidth(Region.USE_PREF_SIZE));
        getChildren().setAll(row);
    }

    /** How a drill that can go several ways is played, who is followed, whether reps overlap. */
    private void playChoices() {
        forks.setId("at-forks");
        forks.getItems().setAll(AtForks.values());
        forks.setConverter(Shown.by(f -> Ui.text("forks." + f)));
        forks.valueProperty().bindBidirectional(board.atForksProperty());
        Tips.on(forks, Ui.text("forks.tip"));
        forks.managedProperty().bind(forks.visibleProperty());
        reps.setId("run-reps");
        Tips.on(reps, Ui.text("strip.reps.tip"));
        reps.selectedProperty().bindBidirectional(board.repsProperty());
        reps.managedProperty().bind(reps.visibleProperty());
        reps.setMinWidth(Region.USE_PREF_SIZE);
        follow.setId("follow");
        Tips.on(follow, Ui.text("follow.tip"));
        follow.setOnAction(e -> {
            Optional<RoleId> role = Optional.ofNullable(follow.getValue()).flatMap(Followed::role);
            board.followedProperty().set(role);
            talk.follow(role);
        });
        fillFollow();
    }

    private void fillFollow() {
        List<Followed> all = new ArrayList<>();
        all.add(new Followed(Optional.empty(), Ui.text("follow.nobody")));
        document.path()
                .roles()
                .forEach(r -> all.add(new Followed(Optional.of(r.id()), Ui.text("follow.role", r.label()))));
        if (!all.equals(follow.getItems())) {
            Followed now = follow.getValue();
            follow.getItems().setAll(all);
            follow.setValue(all.contains(now) ? now : all.get(0));
        }
    }

    /** Somebody to follow, or nobody. */
    private record Followed(Optional<RoleId> role, String label) {
        @Override
        public String toString() {
            return label;
        }
    }

    private Node closeStep() {
        Button next = new Button(Ui.text("board.close-step"));
        next.setId("close-step");
        Tips.on(next, Ui.text("board.close-step.tip"));
        next.setOnAction(e -> {
            BoardKeys.closeStep(document);
            board.requestFocus();
        });
        next.setMinWidth(Region.USE_PREF_SIZE);
        return next;
    }

    private void refresh() {
        boolean plays = document.playingProperty().get();
        play.setText(Ui.text(plays ? "strip.pause" : "strip.play"));
        play.setGraphic(plays ? pauseSign : playSign);
        play.setDisable(document.timeline().seconds() <= 0);
        forks.setVisible(!document.version().course().forks().isEmpty());
        reps.setVisible(document.timeline().seconds() > 0);
        fillFollow();
        showClock();
        showChosen();
    }

    private void showChosen() {
        status.setText(document.selectionProperty().get().isNone() ? "" : Spoken.measured(document));
    }

    private void showClock() {
        if (document.selectionProperty().get().role().isPresent()
                || document.selectionProperty().get().ball().isPresent()) {
            showChosen();
        }
        clock.setText(
                Ui.text("strip.time", Numbers.fixed(document.secondsProperty().get(), 1)) + "  ·  "
                        + Ui.text(
                                "strip.step",
                                document.stepProperty().get() + 1,
                                document.told().path().steps().size()));
    }

    void dispose() {
        document.drillProperty().removeListener(refresh);
        document.toldProperty().removeListener(refresh);
        document.playingProperty().removeListener(refresh);
        document.secondsProperty().removeListener(tick);
        document.stepProperty().removeListener(tick);
        document.selectionProperty().removeListener(chosen);
    }
}
