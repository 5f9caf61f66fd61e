package wildchalk.desktop.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.SessionFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Limits;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.Sessions;
import wildchalk.core.session.Templates;
import wildchalk.core.session.What;
import wildchalk.core.words.PlanWriter;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.session.SessionDocument.Worked;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Place;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** The Session place: the hour as a ribbon, and below it the block that is chosen, the people and what it all comes to. */
public final class SessionView extends BorderPane implements Place {

    private static final double USUAL_MINUTES = 10;
    private static final double DRINK_MINUTES = 2;
    private static final int MATCH_DAY_MINUTES = 30;
    private static final int MOST_LIKE = 12;

    private final SessionDesk desk;
    private final Faults faults;
    private final LazyMenu which = new LazyMenu("", this::fillSessions).withArrow();
    private final TextField title = new TextField();
    private final WhenRow when = new WhenRow(this::edit);
    private final Label state = new Label();
    private final Button mine = new Button(Ui.text("session.keep-mine"));
    private final Button theirs = new Button(Ui.text("session.take-theirs"));
    private final Ribbon ribbon;
    private final BlockCard block;
    private final PeopleCard people;
    private final SumsCard sums;
    private final StaffBox staff;
    private final HandOutMenu handOuts;
    private final Label nothing = new Label(Ui.text("session.nothing"));
    private final VBox filled = new VBox(8);
    private final DrillDrawer drawer;
    private SessionDocument document;
    private Optional<BlockId> chosen = Optional.empty();
    private Runnable changed = () -> {};
    private Runnable running = () -> {};

    public SessionView(SessionDesk desk, Faults faults) {
        this.desk = desk;
        this.faults = faults;
        this.ribbon = new Ribbon(new Ribbon.Hand(
                this::choose,
                (id, m) -> edit("session.edit.minutes", s -> Sessions.minutes(s, id, m)),
                (id, by) -> edit("session.edit.move", s -> Sessions.moved(s, id, by)),
                (id, other) -> edit("session.edit.swap", s -> Sessions.swapped(s, id, other)),
                id -> edit("session.edit.remove", s -> Sessions.removed(s, id))));
        this.drawer = new DrillDrawer(desk, this::drop);
        this.block = new BlockCard(desk, this::edit);
        this.people = new PeopleCard(desk, this::edit);
        this.sums = new SumsCard(this::edit);
        this.staff = new StaffBox(this::edit);
        this.handOuts = new HandOutMenu(desk);
        this.people.onSquad(() -> document().ifPresent(SessionDocument::readAnew));
        setId("session-view");
        getStyleClass().add("session");
        lay();
    }

    /** Runs whenever something is shown that the bar should know. */
    public void onChanged(Runnable listener) {
        changed = listener;
    }

    /** Runs when somebody wants the session that is open to begin. */
    public void onRun(Runnable run) {
        running = run;
    }

    public Optional<SessionDocument> document() {
        return Optional.ofNullable(document);
    }

    // ---- parts ----

    private void lay() {
        which.setId("session-which");
        which.setAccessibleText(Ui.text("session.which"));
        Button make = button("session-new", "session.new", this::makeNew);
        Button copy = button("session-copy", "session.copy", this::copyToNextWeek);
        LazyMenu from = new LazyMenu(Ui.text("session.from"), this::fillFrom).withArrow();
        from.setId("session-from");
        title.setId("session-title");
        title.getStyleClass().add("title-field");
        title.setAccessibleText(Ui.text("session.title"));
        title.setOnAction(e -> retitle());
        title.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                retitle();
            }
        });
        state.setId("session-state");
        state.getStyleClass().add("quiet");
        mine.setId("session-mine");
        mine.setOnAction(e -> document.keepMine());
        theirs.setId("session-theirs");
        theirs.setOnAction(e -> takeTheirs());
        for (Node n : List.of(mine, theirs)) {
            n.managedProperty().bind(n.visibleProperty());
            n.setVisible(false);
        }
        title.setPrefColumnCount(14);
        Button run = button("session-run", "session.run", () -> running.run());
        run.getStyleClass().add("accent-button");
        run.visibleProperty().bind(filled.sceneProperty().isNotNull());
        LazyMenu out = new LazyMenu(Ui.text("session.hand-out"), this::fillHandOuts).withArrow();
        out.setId("session-hand-out");
        out.visibleProperty().bind(filled.sceneProperty().isNotNull());
        FlowPane head = new FlowPane(8, 6, title, when, which, make, from, copy, out, run);
        head.setAlignment(Pos.CENTER_LEFT);
        head.getStyleClass().add("head");
        setTop(head);
        HBox cards = new HBox(12, scrolled(block), scrolled(people), scrolled(new VBox(4, sums, staff)));
        cards.getChildren().forEach(c -> HBox.setHgrow(c, Priority.ALWAYS));
        VBox.setVgrow(cards, Priority.ALWAYS);
        filled.getChildren().setAll(ribbon, adding(), drawer, cards);
        filled.getStyleClass().add("session-filled");
        nothing.setId("session-nothing");
        nothing.setWrapText(true);
        nothing.getStyleClass().add("hint");
        setCenter(nothing);
    }

    private static ScrollPane scrolled(Region card) {
        ScrollPane scroll = new ScrollPane(card);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().addAll("findings-scroll", "session-card");
        scroll.setPrefWidth(300);
        return scroll;
    }

    private FlowPane adding() {
        LazyMenu drill = new LazyMenu(Ui.text("session.add.drill"), this::fillDrills).withArrow();
        drill.setId("add-drill");
        FlowPane row = new FlowPane(
                8,
                6,
                drill,
                button("open-drawer", "session.drawer", drawer::toggle),
                button("add-water", "session.add.water", () -> addPlain(What.Kind.WATER, DRINK_MINUTES)),
                button("add-talk", "session.add.talk", () -> addPlain(What.Kind.TALK, DRINK_MINUTES)),
                button("add-warm-up", "session.add.warm-up", () -> addPlain(What.Kind.WARM_UP, USUAL_MINUTES)),
                button("add-game", "session.add.game", () -> addPlain(What.Kind.GAME, USUAL_MINUTES)),
                button("add-other", "session.add.other", () -> addPlain(What.Kind.OTHER, USUAL_MINUTES)),
                state,
                mine,
                theirs);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    static Button button(String id, String key, Runnable action) {
        Button button = new Button(Ui.text(key));
        button.setId(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    // ---- which session ----

    private void fillSessions(LazyMenu menu) {
        menu.getItems().clear();
        for (Path file : sessions()) {
            MenuItem item = new MenuItem(file.getParent().getFileName().toString());
            item.setMnemonicParsing(false);
            item.setOnAction(e -> open(file));
            menu.getItems().add(0, item);
        }
        if (menu.getItems().isEmpty()) {
            MenuItem none = new MenuItem(Ui.text("session.none"));
            none.setDisable(true);
            menu.getItems().add(none);
        }
        document()
                .ifPresent(d -> menu.getItems()
                        .addAll(
                                new SeparatorMenuItem(),
                                handOn("session-hand-on", d, false),
                                handOn("session-staff", d, true)));
    }

    private void fillHandOuts(LazyMenu menu) {
        document().ifPresent(d -> handOuts.fill(menu, d));
    }

    private MenuItem handOn(String id, SessionDocument open, boolean staff) {
        MenuItem item = new MenuItem(Ui.text(staff ? "session.hand-on.staff" : "session.hand-on"));
        item.setId(id);
        item.setOnAction(e -> HandOn.ask(getScene().getWindow(), desk, open, staff));
        return item;
    }

    private List<Path> sessions() {
        try {
            return desk.binder().sessions();
        } catch (IOException e) {
            faults.told(Faults.Kind.FOLDER, e);
            return List.of();
        }
    }

    private void fillDrills(LazyMenu menu) {
        menu.getItems().setAll(DrillMenu.items(desk, d -> {
            BlockId id = Sessions.next(document.session());
            edit("session.edit.drill", s -> Sessions.drill(s, chosen, d.id(), d.title(), USUAL_MINUTES));
            choose(id);
        }));
    }

    /** Behind the block over which it was let go, or behind the one that is chosen. */
    private void drop(Drill drill, double sceneX) {
        Optional<BlockId> before =
                Double.isNaN(sceneX) ? chosen : ribbon.blockAt(sceneX).or(() -> chosen);
        BlockId id = Sessions.next(document.session());
        edit("session.edit.drill", s -> Sessions.drill(s, before, drill.id(), drill.title(), USUAL_MINUTES));
        choose(id);
    }

    private void addPlain(What.Kind kind, double minutes) {
        BlockId id = Sessions.next(document.session());
        edit("session.edit.add", s -> Sessions.plain(s, chosen, kind, minutes));
        choose(id);
    }

    /** A proposal, a warm-up, or an earlier session to begin with. */
    private void fillFrom(LazyMenu menu) {
        MenuItem propose = new MenuItem(Ui.text("session.propose"));
        propose.setId("session-propose");
        propose.setOnAction(
                e -> ProposeDialog.ask(getScene().getWindow(), desk, blank()).ifPresent(this::write));
        MenuItem match = new MenuItem(Ui.text("session.match-day"));
        match.setId("session-match-day");
        match.setOnAction(e -> write(Templates.matchDay(blank(), MATCH_DAY_MINUTES)));
        menu.getItems().setAll(propose, match);
        List<Path> all = sessions();
        for (int i = all.size() - 1; i >= Math.max(0, all.size() - MOST_LIKE); i--) {
            Path file = all.get(i);
            MenuItem like =
                    new MenuItem(Ui.text("session.like", file.getParent().getFileName()));
            like.setMnemonicParsing(false);
            like.setOnAction(e -> beLike(file));
            menu.getItems().add(like);
        }
    }

    private Session blank() {
        return desk.fresh(document().map(SessionDocument::session));
    }

    private void beLike(Path file) {
        try {
            write(Templates.like(SessionFile.read(file).value(), blank()));
        } catch (IOException e) {
            faults.told(Faults.Kind.FOLDER, e);
        }
    }

    /** The day's session, with what stays from one to the next: floor, squad, coaches, kit, time. */
    private void makeNew() {
        write(desk.fresh(document().map(SessionDocument::session)));
    }

    private void copyToNextWeek() {
        document()
                .map(SessionDocument::session)
                .ifPresent(
                        s -> write(s.withStart(s.date().plusWeeks(1), s.start()).withAbsent(List.of())));
    }

    private void write(Session session) {
        Binder binder = desk.binder();
        Path file = binder.newSession(session.date(), session.title());
        try {
            Files.createDirectories(file.getParent());
            SessionFile.ofNew(session).save(file);
            open(file);
        } catch (IOException e) {
            faults.told(Faults.Kind.FOLDER, e);
        }
    }

    private void takeTheirs() {
        Path file = document.file();
        document.end();
        document = null;
        open(file);
    }

    /** Opens a session; what another one had is written by then. */
    public void open(Path file) {
        try {
            SessionDocument opened = SessionDocument.open(file, faults);
            handOuts.close();
            Optional<SessionDocument> before = document();
            document = opened; // at no moment is none open
            before.ifPresent(SessionDocument::close);
            chosen = opened.session().blocks().stream().findFirst().map(SessionBlock::id);
            opened.workedProperty().addListener((o, was, is) -> show(is));
            opened.stateProperty().addListener((o, was, is) -> tell());
            show(opened.workedProperty().get());
            tell();
        } catch (IOException e) {
            faults.told(Faults.Kind.FOLDER, e);
        }
    }

    public void close() {
        handOuts.close();
        if (document != null) {
            document.close();
            document = null;
            setCenter(nothing);
        }
    }

    // ---- editing and showing ----

    private void edit(String key, UnaryOperator<Session> change) {
        if (document != null) {
            document.edit(Ui.text(key), change);
        }
    }

    private void retitle() {
        String text = Limits.fitting(title.getText().strip(), Limits.LINE);
        if (document != null && !text.isEmpty()) {
            edit("session.edit.title", s -> s.withTitle(text));
        }
    }

    private void choose(BlockId id) {
        chosen = Optional.of(id);
        if (document != null) {
            show(document.workedProperty().get());
        }
    }

    private void tell() {
        state.setText(document == null ? "" : document.stateProperty().get());
        boolean other = document != null && document.stateProperty().get().equals(Ui.text("session.changed"));
        mine.setVisible(other);
        theirs.setVisible(other);
        changed.run();
    }

    private void show(Worked worked) {
        if (document == null || worked == null) {
            return;
        }
        Session session = worked.plan().session();
        which.setText(session.date().toString());
        if (!title.isFocused()) {
            title.setText(session.title());
        }
        when.show(session, worked.plan().present().size());
        // what was just added is there before it has been worked out
        if (document.session().blocks().stream().noneMatch(b -> chosen.equals(Optional.of(b.id())))) {
            chosen = document.session().blocks().stream().reduce((a, b) -> b).map(SessionBlock::id);
        }
        PlanWriter writer = new PlanWriter(worked.plan(), worked.squad());
        ribbon.show(worked.plan(), writer, chosen);
        Optional<Slot> slot = worked.plan().slots().stream()
                .filter(s -> s.change().isEmpty()
                        && chosen.equals(Optional.of(s.block().id())))
                .findFirst();
        drawer.on(session.floor().floor());
        block.show(worked, writer, slot);
        people.show(worked, writer);
        sums.show(document, worked, writer);
        staff.show(worked, writer);
        setCenter(filled);
        changed.run();
    }

    // ---- as a place ----

    @Override
    public Node content() {
        return this;
    }

    /** What somebody else has written is read again; a binder with sessions opens the next of them. */
    @Override
    public void enter() {
        desk.readDrills(drawer::fill);
        if (document != null && !document.file().startsWith(desk.binder().folder())) {
            close();
        }
        if (document == null) {
            next().ifPresent(this::open);
        } else if (document.stateProperty().get().equals(Ui.text("session.saved")) && document.isChangedOutside()) {
            takeTheirs();
        } else {
            document.readAnew();
        }
    }

    /** The first from today on, else the last. */
    public Optional<Path> next() {
        List<Path> all = new ArrayList<>(sessions());
        String today = LocalDate.now().toString();
        return all.stream()
                .filter(f -> f.getParent().getFileName().toString().compareTo(today) >= 0)
                .findFirst()
                .or(() -> all.stream().reduce((a, b) -> b));
    }

    @Override
    public void dress(Ground ground) {
        block.dress(ground);
        drawer.dress(ground);
    }
}
