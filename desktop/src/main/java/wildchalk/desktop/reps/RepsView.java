package wildchalk.desktop.reps;

import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.Wholes;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Fit;
import wildchalk.core.reps.Outlook;
import wildchalk.core.reps.Rests;
import wildchalk.core.reps.Setting;
import wildchalk.core.text.Numbers;
import wildchalk.core.turns.Proposal;
import wildchalk.core.words.RepsWriter;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** What minutes of the drill give, with sliders that answer while they are dragged. */
public final class RepsView extends VBox {

    private static final int MOST_PEOPLE = Fit.MOST;
    private static final int MOST_MINUTES = 30;
    private static final int MOST_EVERY = 60;
    private static final int LEAST_EVERY = 2;
    private static final int MOST_COACHES = 6;

    private final DrillDocument document;
    private final Worker worker;
    private final Consumer<Outlook> watch;
    private final Slider people = slider("people", 1, MOST_PEOPLE);
    private final Slider minutes = slider("minutes", 1, MOST_MINUTES);
    private final Slider balls = slider("balls", 1, 20);
    private final Slider every = slider("every", LEAST_EVERY, MOST_EVERY);
    private final Slider age = slider("age", 0, AgeBand.values().length - 1);
    private final Slider coaches = slider("coaches", 0, MOST_COACHES);
    private final Slider rest = slider("rest", 0, Rests.USUAL.size());
    private final Label coachesSaid = value("coaches");
    private final Label restSaid = value("rest");
    private final Label peopleSaid = value("people");
    private final Label minutesSaid = value("minutes");
    private final Label ballsSaid = value("balls");
    private final Label everySaid = value("every");
    private final Label ageSaid = value("age");
    private final Label turns = figure("turns");
    private final Label ratio = figure("ratio");
    private final Label stands = figure("stands");
    private final TurnsPlot plot;
    private final LanesPlot lanes;
    private final VBox said = new VBox(4);
    private final MoreTurnsBox more;
    private final StopwatchBox stopwatch;
    private final Label tableHead = title(Ui.text("reps.table"));
    private final FirstReps table = new FirstReps();

    private final HBox fit = new HBox(12);
    private final Button watchIt = new Button(Ui.text("reps.watch"));
    private final Button keep = new Button(Ui.text("reps.keep"));
    private final Hyperlink drawn = new Hyperlink(Ui.text("reps.drawn"));
    private final VBox content = new VBox();
    private final Label nothing = new Label(Ui.text("reps.nothing"));
    private final ObjectProperty<Outlook> outlook = new SimpleObjectProperty<>();
    private final ChangeListener<Object> changed = (o, a, b) -> ask();
    private Supposed supposed = Supposed.NOTHING;
    /** Whether the sliders are being set, not dragged. */
    private boolean setting;

    /**
     * @param watch plays a block on the board
     * @param seek shows a second of it
     */
    public RepsView(DrillDocument document, Consumer<Outlook> watch, BiConsumer<Outlook, Double> seek) {
        this.document = document;
        this.worker = document.helper();
        this.more = new MoreTurnsBox(document, this::take);
        this.stopwatch = new StopwatchBox(document);
        this.watch = watch;
        this.plot = new TurnsPlot(n -> suppose(s -> s.withPeople(n)));
        this.lanes = new LanesPlot(t -> seek.accept(outlook.get(), t));
        setId("reps-view");
        getStyleClass().add("reps");
        lay();
        listen();
        setVisible(false);
        visibleProperty().addListener(changed);
        document.toldProperty().addListener(changed);
    }

    /** What is shown; null before anything has been worked out. */
    public ObjectProperty<Outlook> outlookProperty() {
        return outlook;
    }

    public void dress(ObjectProperty<Ground> ground) {
        plot.groundProperty().bind(ground);
        lanes.groundProperty().bind(ground);
    }

    /** Where a block is that is being watched, s; the lanes of another show nothing of it. */
    public void mark(Optional<Outlook> watched, double seconds) {
        lanes.mark(watched.filter(o -> o == outlook.get()).isPresent() ? seconds : -1);
    }

    public void dispose() {
        document.toldProperty().removeListener(changed);
        worker.close();
        more.dispose();
        stopwatch.dispose();
    }

    // ---- parts ----

    private static Slider slider(String key, double least, double most) {
        Slider slider = new Slider(least, most, least);
        slider.setId("reps-" + key);
        slider.setBlockIncrement(1);
        slider.setAccessibleText(Ui.text("reps." + key));
        return slider;
    }

    private static Label value(String key) {
        Label label = new Label();
        label.setId("reps-" + key + "-said");
        label.getStyleClass().add("reps-value");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private static Label figure(String key) {
        Label label = new Label();
        label.setId("reps-" + key);
        label.getStyleClass().add("reps-figure");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private void lay() {
        GridPane grid = new GridPane();
        grid.setHgap(10);
        grid.setVgap(6);
        row(grid, 0, Ui.text("reps.people"), people, peopleSaid);
        row(grid, 1, Ui.text("reps.minutes"), minutes, minutesSaid);
        row(grid, 2, ballName(), balls, ballsSaid);
        row(grid, 3, Ui.text("reps.every"), every, everySaid);
        row(grid, 4, Ui.text("reps.coaches"), coaches, coachesSaid);
        row(grid, 5, Ui.text("reps.rest"), rest, restSaid);
        row(grid, 6, Ui.text("reps.age"), age, ageSaid);
        HBox figures = new HBox(14, over(turns, "reps.turns"), over(ratio, "reps.ratio"), over(stands, "reps.stands"));
        figures.setAlignment(Pos.BOTTOM_LEFT);
        watchIt.setId("reps-watch");
        watchIt.getStyleClass().add("accent-button");
        Tips.on(watchIt, Ui.text("reps.watch.tip"));
        watchIt.setOnAction(e -> watch.accept(outlook.get()));
        keep.setId("reps-keep");
        Tips.on(keep, Ui.text("reps.keep.tip"));
        keep.setOnAction(e -> keepIt());
        drawn.setId("reps-drawn");
        drawn.setOnAction(e -> suppose(s -> Supposed.NOTHING));
        HBox buttons = new HBox(8, watchIt, keep, drawn);
        buttons.setAlignment(Pos.CENTER_LEFT);
        fit.setAlignment(Pos.CENTER_LEFT);
        said.getStyleClass().add("reps-said");
        content.getStyleClass().add("reps-content");
        content.getChildren()
                .setAll(
                        grid,
                        figures,
                        buttons,
                        more,
                        title(Ui.text("reps.plot")),
                        plot,
                        fit,
                        title(Ui.text("reps.lanes")),
                        lanes,
                        said,
                        tableHead,
                        table,
                        title(Ui.text("stopwatch")),
                        stopwatch);
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("findings-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        nothing.setId("reps-nothing");
        nothing.setWrapText(true);
        nothing.getStyleClass().add("reps-nothing");
        nothing.managedProperty().bind(nothing.visibleProperty());
        scroll.visibleProperty().bind(nothing.visibleProperty().not());
        scroll.managedProperty().bind(scroll.visibleProperty());
        getChildren().setAll(nothing, scroll);
    }

    private String ballName() {
        return Ui.text("reps.balls", document.drill().surface().ballName());
    }

    private static void row(GridPane grid, int row, String name, Slider slider, Label value) {
        Label label = new Label(name);
        label.setMinWidth(Region.USE_PREF_SIZE);
        label.setLabelFor(slider);
        GridPane.setHgrow(slider, Priority.ALWAYS);
        slider.setMaxWidth(Double.MAX_VALUE);
        slider.setMinWidth(60);
        grid.addRow(row, label, slider, value);
    }

    private static VBox over(Label figure, String key) {
        Label what = new Label(Ui.text(key));
        what.getStyleClass().add("quiet");
        return new VBox(figure, what);
    }

    static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("course-title");
        return label;
    }

    // ---- trying ----

    private void listen() {
        onDrag(people, v -> s -> s.withPeople(v.intValue()));
        onDrag(minutes, v -> s -> s.withMinutes(v));
        onDrag(balls, v -> s -> s.withBalls(v.intValue()));
        onDrag(every, v -> s -> s.withEvery(v));
        onDrag(coaches, v -> s -> s.withCoaches(v.intValue()));
        onDrag(rest, v -> s -> s.withRests(v < 1 ? Optional.empty() : Optional.of(Rests.USUAL.get(v.intValue() - 1))));
        onDrag(age, v -> s -> s.withAge(AgeBand.values()[v.intValue()]));
    }

    private void onDrag(Slider slider, Function<Double, UnaryOperator<Supposed>> change) {
        slider.valueProperty().addListener((o, was, is) -> {
            double whole = Math.rint(is.doubleValue());
            if (!setting && whole != Math.rint(was.doubleValue())) {
                suppose(change.apply(whole));
            }
        });
    }

    private void suppose(UnaryOperator<Supposed> change) {
        supposed = change.apply(supposed);
        ask();
    }

    private void ask() {
        if (!isVisible()) {
            return;
        }
        Drill drill = document.told().drill();
        Path path = document.told().path();
        boolean empty = path.roles().isEmpty() || document.timeline().seconds() <= 0;
        nothing.setVisible(empty);
        if (empty) {
            worker.forget();
            return;
        }
        Setting wanted = supposed.of(drill, path);
        Optional<Outlook> before =
                Optional.ofNullable(outlook.get()).filter(o -> o.script().path() == path && shownDrill == drill);
        worker.ask(() -> before.map(o -> o.with(drill, wanted)).orElseGet(() -> Outlook.of(drill, path, wanted)), o -> {
            shownDrill = drill;
            show(o);
        });
    }

    /** The drill of which the outlook is. */
    private Drill shownDrill;

    private void keepIt() {
        Setting wanted = outlook.get().setting();
        if (document.edit(Ui.text("edit.reps"), Wholes.runWith(wanted))) {
            supposed = Supposed.NOTHING;
        }
    }

    // ---- showing ----

    private void show(Outlook shown) {
        outlook.set(shown);
        Setting now = shown.setting();
        RepsWriter writer = new RepsWriter(
                shown, document.drill().surface(), document.reader().unit());
        setting = true;
        int fewest = shown.fit().fewest();
        people.setMin(Math.min(fewest, MOST_PEOPLE - 1));
        people.setValue(now.people());
        minutes.setValue(now.minutes());
        balls.setMin(Math.max(1, shown.leastBalls()));
        balls.setValue(now.balls().orElse(shown.ballsForAll()));
        balls.setDisable(shown.script().ballsOfOneRep() == 0);
        every.setValue(now.every().orElse(shown.script().period()));
        age.setValue(now.age().ordinal());
        int takes = Setting.coachesOf(shown.script().path());
        coaches.setValue(now.coaches().orElse(takes));
        rest.setValue(now.rests().map(r -> 1 + Rests.USUAL.indexOf(r)).orElse(0));
        setting = false;
        peopleSaid.setText(String.valueOf(now.people()));
        minutesSaid.setText(Numbers.brief(now.minutes(), 0));
        ballsSaid.setText(
                now.balls().isPresent()
                        ? String.valueOf(now.balls().getAsInt())
                        : Ui.text("reps.enough", shown.ballsForAll()));
        everySaid.setText(
                now.every().isPresent()
                        ? Ui.text("reps.seconds", Numbers.brief(now.every().getAsDouble(), 0))
                        : Ui.text("reps.told", Numbers.brief(shown.script().period(), 1)));
        coachesSaid.setText(
                now.coaches().isPresent()
                        ? String.valueOf(now.coaches().getAsInt())
                        : takes == 0 ? Ui.text("reps.coaches.none") : Ui.text("reps.enough", takes));
        restSaid.setText(now.rests()
                .map(r -> Ui.text(
                        "reps.rest.said",
                        Numbers.brief(r.restSeconds() / 60, 1),
                        Numbers.brief(r.workSeconds() / 60, 1)))
                .orElse(Ui.text("reps.rest.none")));
        ageSaid.setText(now.age().label());
        turns.setText(writer.turns());
        ratio.setText(writer.restPerWork());
        stands.setText(writer.standShare());
        keep.setDisable(supposed.isNothing());
        drawn.setVisible(!supposed.isNothing());
        plot.show(shown);
        lanes.show(shown);
        showFit(shown.fit());
        table.show(shown);
        more.show(shownDrill, shown);
        said.getChildren().setAll(writer.all().stream().map(RepsView::line).toList());
    }

    /** What it changes in the drill is one edit; what it changes in what is supposed stays supposed. */
    private void take(Proposal proposal, String label) {
        // the people stay who they are, though more places are drawn
        supposed = supposed.withPeople(outlook.get().setting().people());
        if (proposal.balls().isPresent()) {
            suppose(s -> s.withBalls(proposal.balls().getAsInt()));
        } else {
            document.edit(label, Wholes.moreTurns(proposal));
        }
    }

    private void showFit(Fit shown) {
        fit.getChildren().clear();
        fit(shown.fewest(), "fewest");
        if (shown.rows().size() > 1) {
            fit(shown.best(), "best");
            shown.most().ifPresent(m -> fit(m, "most"));
        }
    }

    private void fit(int count, String key) {
        Hyperlink link = new Hyperlink(Ui.text("reps.fit." + key, count));
        link.setId("reps-fit-" + key);
        link.setOnAction(e -> suppose(s -> s.withPeople(count)));
        fit.getChildren().add(link);
    }

    static Label line(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
