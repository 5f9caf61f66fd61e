package wildchalk.desktop.session;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.session.Beat;
import wildchalk.core.session.BeatText;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Coach;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.Sessions;
import wildchalk.core.session.StationPlan;
import wildchalk.core.session.What;
import wildchalk.core.text.Numbers;
import wildchalk.core.words.PlanWriter;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.session.SessionDocument.Worked;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** The block that is chosen: the floor with its stations, who leads them, and what can be changed. */
final class BlockCard extends VBox {

    private final SessionDesk desk;
    private final BiConsumer<String, UnaryOperator<Session>> edit;
    private final FloorView floor;
    private final Label head = new Label();
    private final TextField title = new TextField();
    private final TextField minutes = new TextField();
    private final TextField aim = new TextField();
    private final TextField text = new TextField();
    private final CheckBox must = new CheckBox(Ui.text("session.must"));
    private final VBox stations = new VBox(8);
    private final FlowPane turning = new FlowPane(8, 6);
    private final TextField beat = new TextField();
    private final Button round = new Button();
    private int roundShown;
    private final Label empty = new Label(Ui.text("session.empty"));
    private final VBox filled = new VBox(8);
    private SessionBlock shown;
    private Slot shownSlot;
    private SurfaceUse surface;
    private PlanWriter stationed;

    BlockCard(SessionDesk desk, BiConsumer<String, UnaryOperator<Session>> edit) {
        super(8);
        this.desk = desk;
        this.edit = edit;
        this.floor = new FloorView(new Worker(why -> desk.faults().told(Faults.Kind.WORK, why)));
        setId("block-card");
        getStyleClass().add("card-content");
        lay();
    }

    void dress(Ground ground) {
        floor.dress(ground);
    }

    private void lay() {
        head.getStyleClass().add("course-title");
        floor.managedProperty().bind(floor.visibleProperty());
        text.managedProperty().bind(text.visibleProperty());
        typed(title, "block-title", "session.block.title", t -> s -> Sessions.title(s, shown.id(), t));
        typed(aim, "block-aim", "session.block.aim", t -> s -> Sessions.aim(s, shown.id(), t));
        typed(text, "block-text", "session.block.text", t -> s -> Sessions.text(s, shown.id(), t));
        typed(minutes, "block-minutes", "session.block.minutes", this::minutesOrGoes);
        typed(beat, "block-beat", "session.block.beat", t -> {
            Optional<Beat> shifts = BeatText.beat(t);
            return s -> Sessions.beat(s, shown.id(), shifts);
        });
        beat.setPrefColumnCount(4);
        beat.setMinWidth(Region.USE_PREF_SIZE);
        Tips.on(beat, Ui.text("session.block.beat.tip"));
        Tips.on(minutes, Ui.text("session.block.minutes.tip"));
        round.setId("block-round-shown");
        round.managedProperty().bind(round.visibleProperty());
        round.setOnAction(e -> {
            roundShown++;
            showRound();
        });
        minutes.setPrefColumnCount(3);
        minutes.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(title, Priority.ALWAYS);
        must.setId("block-must");
        Tips.on(must, Ui.text("session.must.tip"));
        must.setOnAction(e -> edit.accept("session.edit.must", s -> Sessions.must(s, shown.id(), must.isSelected())));
        Label min = new Label(Ui.text("session.min"));
        min.getStyleClass().add("quiet");
        FlowPane row = new FlowPane(8, 6, head, minutes, min, beat, must);
        row.setAlignment(Pos.CENTER_LEFT);
        HBox named = new HBox(8, title, aim);
        HBox.setHgrow(aim, Priority.ALWAYS);
        FlowPane acts = new FlowPane(
                8,
                6,
                SessionView.button("block-earlier", "session.earlier", () -> move(-1)),
                SessionView.button("block-later", "session.later", () -> move(1)),
                SessionView.button(
                        "block-split",
                        "session.split",
                        () -> edit.accept("session.edit.split", s -> Sessions.split(s, shown.id()))),
                SessionView.button(
                        "block-remove",
                        "session.remove",
                        () -> edit.accept("session.edit.remove", s -> Sessions.removed(s, shown.id()))));
        turning.setAlignment(Pos.CENTER_LEFT);
        empty.setWrapText(true);
        empty.getStyleClass().add("hint");
        filled.getChildren().setAll(row, named, floor, round, text, stations, turning, acts);
        getChildren().setAll(empty);
    }

    /** "20" are minutes, "12 goes" as many as that takes; nobody can be sure of both. */
    private UnaryOperator<Session> minutesOrGoes(String typed) {
        String text = typed.replace(',', '.').strip();
        BlockId id = shown.id();
        if (text.matches("\\d+\\s*(x|goes?|turns?)")) {
            int goes = Integer.parseInt(text.replaceAll("\\D", ""));
            int now = shownSlot.goes();
            double length = now > 0 ? Math.ceil(2 * shown.minutes() * goes / now) / 2 : shown.minutes();
            return s -> Sessions.minutes(Sessions.goes(s, id, goes), id, length);
        }
        double count = Double.parseDouble(text);
        return s -> Sessions.minutes(Sessions.goes(s, id, 0), id, count);
    }

    private void move(int places) {
        edit.accept("session.edit.move", s -> Sessions.moved(s, shown.id(), places));
    }

    private interface Typed {
        UnaryOperator<Session> of(String text);
    }

    /** What is typed counts with Enter, or when somebody goes elsewhere; what cannot be goes back to what was. */
    private void typed(TextField field, String id, String key, Typed typed) {
        field.setId(id);
        field.setPromptText(Ui.text(key));
        field.setAccessibleText(Ui.text(key));
        Runnable take = () -> {
            if (shown != null && !field.getText().strip().equals(said(field))) {
                try {
                    edit.accept(
                            "session.edit.block",
                            typed.of(Limits.fitting(field.getText().strip(), Limits.LINE)));
                } catch (NumberFormatException noNumber) {
                    field.setText(said(field));
                } catch (IllegalArgumentException wrong) {
                    desk.faults().told(Faults.Kind.REFUSED, wrong);
                    field.setText(said(field));
                }
            }
        };
        field.setOnAction(e -> take.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                take.run();
            }
        });
    }

    private String said(TextField field) {
        return field == title
                ? shown.title()
                : field == beat
                        ? BeatText.of(shown.beat())
                        : field == aim
                                ? shown.aim()
                                : field == minutes
                                        ? Numbers.brief(shown.minutes(), 1)
                                        : shown.what() instanceof What.Plain p ? p.text() : "";
    }

    // ---- showing ----

    void show(Worked worked, PlanWriter writer, Optional<Slot> slot) {
        if (slot.isEmpty()) {
            shown = null;
            getChildren().setAll(empty);
            return;
        }
        shownSlot = slot.get();
        roundShown = shown != null && shown.id().equals(slot.get().block().id()) ? roundShown : 0;
        shown = slot.get().block();
        surface = worked.plan().session().floor();
        stationed = writer;
        getChildren().setAll(filled);
        head.setText(writer.times(slot.get()));
        for (TextField field : List.of(title, minutes, aim, text, beat)) {
            if (!field.isFocused()) {
                field.setText(said(field));
            }
        }
        must.setSelected(shown.must());
        text.setVisible(shown.what() instanceof What.Plain);
        stations.getChildren().clear();
        turning.getChildren().clear();
        floor.setVisible(shown.what() instanceof What.Drilling);
        if (shown.what() instanceof What.Drilling drilling) {
            List<Here> here = slot.get().rounds().get(0).stations();
            showRound();
            for (int i = 0; i < here.size(); i++) {
                stations.getChildren().add(station(worked.plan().session(), writer, here.get(i), i));
            }
            LazyMenu more = new LazyMenu(
                            Ui.text("session.station.more"),
                            m -> m.getItems()
                                    .setAll(DrillMenu.items(
                                            desk,
                                            d -> edit.accept(
                                                    "session.edit.station",
                                                    s -> Sessions.stationMore(s, shown.id(), d.id())))))
                    .withArrow();
            more.setId("station-more");
            turning.getChildren().add(more);
            turning.getChildren().addAll(turns(drilling, here), corrections(drilling));
        } else {
            round.setVisible(false);
        }
    }

    /** The floor as it is in a round; the button goes on to the next. */
    private void showRound() {
        int rounds = shownSlot.rounds().size();
        if (rounds == 0) {
            return;
        }
        roundShown %= rounds;
        List<Here> here = shownSlot.rounds().get(roundShown).stations();
        floor.show(surface, here.stream().flatMap(h -> h.setUp().stream()).toList());
        round.setVisible(rounds > 1);
        round.setText(Ui.text(
                "session.round.shown",
                roundShown + 1,
                rounds,
                String.join("; ", here.stream().map(stationed::brief).toList())));
    }

    private LazyMenu turns(What.Drilling drilling, List<Here> here) {
        boolean versions = here.stream()
                .flatMap(h -> h.setUp().stream())
                .anyMatch(s -> s.drill().progressions().size() > 1);
        List<What.Turning> offered = Stream.of(What.Turning.values())
                .filter(t -> t == drilling.turning()
                        || t == What.Turning.NONE
                        || t == What.Turning.SIDES
                        || t == What.Turning.GROUPS && drilling.stations().size() > 1
                        || t == What.Turning.VERSIONS && versions)
                .toList();
        BlockId id = shown.id();
        return choice(
                "block-turning",
                "session.turning.",
                offered,
                drilling.turning(),
                t -> edit.accept("session.edit.turning", s -> Sessions.turning(s, id, t)));
    }

    private LazyMenu corrections(What.Drilling drilling) {
        BlockId id = shown.id();
        return choice(
                "block-correcting",
                "session.correcting.",
                List.of(What.Correcting.values()),
                drilling.correcting(),
                c -> edit.accept("session.edit.correcting", s -> Sessions.correcting(s, id, c)));
    }

    private static <E extends Enum<E>> LazyMenu choice(
            String id, String key, List<E> offered, E now, Consumer<E> choose) {
        LazyMenu menu = new LazyMenu(
                        Ui.text(key + now),
                        m -> m.getItems()
                                .setAll(offered.stream()
                                        .map(e -> {
                                            CheckMenuItem item = new CheckMenuItem(Ui.text(key + e));
                                            item.setSelected(e == now);
                                            item.setOnAction(a -> choose.accept(e));
                                            return item;
                                        })
                                        .toList()))
                .withArrow();
        menu.setId(id);
        return menu;
    }

    private VBox station(Session session, PlanWriter writer, Here here, int number) {
        StationPlan plan = here.station();
        BlockId id = shown.id();
        Label said = new Label((number + 1) + "  " + writer.station(here));
        said.setWrapText(true);
        said.setMinHeight(Region.USE_PREF_SIZE);
        LazyMenu coach = new LazyMenu(
                        plan.coach().flatMap(session::coach).map(Coach::name).orElse(Ui.text("session.coach")),
                        m -> coaches(m, session, id, plan))
                .withArrow();
        coach.setId("station-coach-" + plan.id());
        Button end = SessionView.button(
                "station-end-" + plan.id(),
                "session.other-end",
                () -> edit.accept("session.edit.place", s -> Sessions.otherEnd(s, id, plan.id())));
        Button out = SessionView.button(
                "station-out-" + plan.id(),
                "session.out",
                () -> edit.accept("session.edit.station", s -> Sessions.stationGone(s, id, plan.id())));
        FlowPane row = new FlowPane(8, 6, coach, end, out);
        here.setUp()
                .ifPresent(s -> row.getChildren()
                        .add(SessionView.button(
                                "station-show-" + plan.id(), "session.show", () -> desk.show(s.drill()))));
        row.getStyleClass().add("small-row");
        return new VBox(4, said, row);
    }

    private void coaches(LazyMenu menu, Session session, BlockId id, StationPlan plan) {
        menu.getItems().clear();
        for (Coach c : session.coaches()) {
            CheckMenuItem item = new CheckMenuItem(c.name());
            item.setMnemonicParsing(false);
            item.setSelected(plan.coach().equals(Optional.of(c.id())));
            item.setOnAction(e ->
                    edit.accept("session.edit.coach", s -> Sessions.coach(s, id, plan.id(), Optional.of(c.id()))));
            menu.getItems().add(item);
        }
        CheckMenuItem nobody = new CheckMenuItem(Ui.text("session.nobody"));
        nobody.setSelected(plan.coach().isEmpty());
        nobody.setOnAction(
                e -> edit.accept("session.edit.coach", s -> Sessions.coach(s, id, plan.id(), Optional.empty())));
        menu.getItems().add(nobody);
    }
}
