package wildchalk.desktop.whistle;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Scoring;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.squad.Group;
import wildchalk.core.whistle.Run;
import wildchalk.core.whistle.Signal;
import wildchalk.core.whistle.Standings;
import wildchalk.desktop.ui.Ui;

/** Points of each side; every way to score is a button and a number key. */
final class ScoreCard extends VBox {

    private static final int KEYS = 9;
    private static final double LEAST_BUTTON = 96;
    /** What counts may be said in many words: then in two lines. */
    private static final double MOST_BUTTON = 250;

    private record Side(String id, String name) {}

    private final Consumer<Signal> press;
    private final Label head = new Label();
    private final GridPane grid = new GridPane(12, 8);
    private final List<Runnable> keys = new ArrayList<>();
    private final List<Label> totals = new ArrayList<>();
    private final List<Label> says = new ArrayList<>();
    private List<Side> sides = List.of();
    private Scoring scoring = Scoring.NONE;
    private Run run;

    ScoreCard(Consumer<Signal> press) {
        super(8);
        this.press = press;
        getStyleClass().add("whistle-card");
        setId("whistle-score");
        head.getStyleClass().add("whistle-line");
        head.setWrapText(true);
        head.setMinHeight(Region.USE_PREF_SIZE);
        grid.setAlignment(Pos.CENTER_LEFT);
        managedProperty().bind(visibleProperty());
        setVisible(false);
        setMinHeight(Region.USE_PREF_SIZE);
        getChildren().setAll(head, grid);
    }

    void show(Run now, wildchalk.core.whistle.Ready ready) {
        run = now;
        List<Side> there = sides(now);
        if (!there.equals(sides) || !ready.scoring().equals(scoring)) {
            sides = there;
            scoring = ready.scoring();
            build();
        }
        setVisible(scoring.isKept());
        if (scoring.isKept()) {
            count();
        }
    }

    /** Groups who are there; where there are none, two sides without a name. */
    private static List<Side> sides(Run run) {
        List<Side> groups = run.session().groups().stream()
                .filter(g -> g.players().stream().anyMatch(run.plan().present()::contains))
                .map((Group g) -> new Side(g.id(), g.name()))
                .toList();
        return groups.size() > 1
                ? groups
                : List.of(
                        new Side("first", Ui.text("whistle.side.first")),
                        new Side("second", Ui.text("whistle.side.second")));
    }

    private void build() {
        grid.getChildren().clear();
        keys.clear();
        totals.clear();
        says.clear();
        head.setText(Ui.text(scoring.against() ? "whistle.score.against" : "whistle.score")
                + (scoring.target() > 0 ? Ui.text("whistle.score.to", scoring.target()) : "")
                + (scoring.rounds() > 1 ? Ui.text("whistle.score.rounds", scoring.rounds()) : ""));
        for (int s = 0; s < sides.size(); s++) {
            Side side = sides.get(s);
            Label name = new Label(side.name());
            name.getStyleClass().add("whistle-line");
            Label total = new Label();
            total.getStyleClass().add("whistle-title");
            total.setMinWidth(Region.USE_PREF_SIZE);
            total.setId("whistle-total-" + side.id());
            totals.add(total);
            grid.add(name, 0, s);
            grid.add(total, 1, s);
            for (int p = 0; p < scoring.points().size(); p++) {
                Scoring.Points points = scoring.points().get(p);
                grid.add(
                        scorer(
                                points.what() + (points.worth() > 0 ? " +" : " ") + points.worth(),
                                "whistle-point-" + side.id() + "-" + p,
                                () -> press.accept(new Signal.Scored(side.id(), points.what(), points.worth()))),
                        2 + p,
                        s);
            }
            if (scoring.tally() == Scoring.Tally.IN_A_ROW) {
                grid.add(
                        scorer(
                                Ui.text("whistle.score.miss"),
                                "whistle-miss-" + side.id(),
                                () -> press.accept(
                                        new Signal.Scored(side.id(), Ui.text("whistle.score.missed"), -points(side)))),
                        2 + scoring.points().size(),
                        s);
            }
            Label said = new Label();
            said.getStyleClass().add("whistle-line");
            said.setWrapText(true);
            GridPane.setHgrow(said, Priority.ALWAYS);
            says.add(said);
            grid.add(said, 3 + scoring.points().size(), s);
        }
    }

    /** With its key in front, as far as there are number keys. */
    private Button scorer(String text, String id, Runnable action) {
        keys.add(action);
        Button button = WhistleView.button(id, "", action);
        button.setWrapText(true);
        button.setMinWidth(LEAST_BUTTON);
        button.setPrefWidth(Region.USE_COMPUTED_SIZE);
        button.setMaxWidth(MOST_BUTTON);
        button.setText(keys.size() <= KEYS ? keys.size() + "  " + text : text);
        return button;
    }

    private int points(Side side) {
        return run.counts().map(c -> c.points(side.id())).orElse(0);
    }

    private void count() {
        LoggedBlock counted = run.counts()
                .orElseGet(() -> new LoggedBlock(
                        run.part().orElseThrow().block().id(),
                        0,
                        0,
                        List.of(),
                        0,
                        0,
                        List.of(),
                        Map.of(),
                        List.of(),
                        List.of()));
        Standings is = Standings.of(scoring, sides.stream().map(Side::id).toList(), counted);
        for (int s = 0; s < sides.size(); s++) {
            String id = sides.get(s).id();
            totals.get(s).setText(String.valueOf(is.points().get(id)));
            boolean ahead = is.ahead().contains(id) && is.ahead().size() < sides.size();
            says.get(s)
                    .setText(
                            is.over()
                                    ? ahead ? Ui.text("whistle.score.won") : scoring.others()
                                    : ahead ? Ui.text("whistle.score.ahead") : "");
        }
    }

    /** A number key scores; whether it was one. */
    boolean key(KeyCode code) {
        int n = code.isDigitKey() ? Integer.parseInt(code.getName().replaceAll("\\D", "")) : 0;
        if (!isVisible() || n < 1 || n > Math.min(KEYS, keys.size())) {
            return false;
        }
        keys.get(n - 1).run();
        return true;
    }
}
