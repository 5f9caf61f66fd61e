package wildchalk.desktop.log;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.binder.LogTable;
import wildchalk.core.binder.SafeFiles;
import wildchalk.core.binder.Seasons;
import wildchalk.core.binder.TableFiles;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.Limits;
import wildchalk.core.season.Hint;
import wildchalk.core.season.NextWeek;
import wildchalk.core.season.Share;
import wildchalk.core.text.Texts;
import wildchalk.core.words.ReplyWriter;
import wildchalk.core.words.WeeksWriter;
import wildchalk.desktop.document.Faults;
import wildchalk.desktop.document.Worker;
import wildchalk.desktop.log.LogDesk.Read;
import wildchalk.desktop.ui.Aside;
import wildchalk.desktop.ui.Place;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.export.WeeksPage;
import wildchalk.picture.style.Ground;

/** The Log place: sessions that were run, the one that is chosen, and what the last weeks come to. */
public final class LogView extends BorderPane implements Place {

    private static final String CSV = ".csv";

    /** So many letter sizes wide is the table of people. */
    private static final double TABLE_LETTERS = 30;

    /** A day must be read whole. */
    private static final double LEAST_LIST = 184;

    private final LogDesk desk;
    private final Worker worker;
    private final VBox sessions = new VBox(6);
    private final VBox chosen = new VBox(6);
    private final TextField note = new TextField();
    private final VBox weeks = new VBox(8);
    private ScrollPane weeksPane;
    private final PlotView themes;
    private final PlotView players;
    private final Label nothing = new Label(Ui.text("log.nothing"));
    private final HBox filled = new HBox(12);
    private final HBox head = new HBox(8);
    private Optional<Path> wanted = Optional.empty();
    private Read read;

    public LogView(LogDesk desk) {
        this.desk = desk;
        this.worker = new Worker(why -> desk.faults().told(Faults.Kind.FOLDER, why));
        this.themes = new PlotView("log-themes");
        this.players = new PlotView("log-players");
        setId("log-view");
        getStyleClass().add("session");
        lay();
    }

    private void lay() {
        Label title = new Label(Texts.CORE.get("weeks.title"));
        title.getStyleClass().add("side-title");
        Button csv = button("log-csv", "log.csv", this::saveTables);
        Button page = button("log-page", "log.page", this::savePage);
        Button next = button("log-next", "log.next", this::planNext);
        next.getStyleClass().add("accent-button");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        head.getChildren().setAll(title, gap, csv, page, next);
        head.setAlignment(Pos.CENTER_LEFT);
        head.getStyleClass().add("head");
        setTop(head);
        note.setId("log-note");
        note.setPromptText(Ui.text("log.note.add"));
        note.setAccessibleText(Ui.text("log.note.add"));
        note.setOnAction(e -> addNote());
        sessions.setId("log-sessions");
        chosen.setId("log-chosen");
        weeks.setId("log-weeks");
        VBox one = new VBox(8, chosen, note);
        for (VBox card : List.of(sessions, one, weeks)) {
            card.getStyleClass().add("card-content");
        }
        ScrollPane left = scrolled(sessions, 220);
        left.setMinWidth(LEAST_LIST);
        ScrollPane middle = scrolled(one, 420);
        weeksPane = scrolled(weeks, 520);
        HBox.setHgrow(middle, Priority.ALWAYS);
        HBox.setHgrow(weeksPane, Priority.ALWAYS);
        filled.getChildren().setAll(left, middle, weeksPane);
        filled.getStyleClass().add("session-filled");
        nothing.setId("log-nothing");
        nothing.setWrapText(true);
        nothing.getStyleClass().add("hint");
        setCenter(nothing);
    }

    private static Button button(String id, String key, Runnable action) {
        Button button = new Button(Ui.text(key));
        button.setId(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    private static ScrollPane scrolled(Region card, double width) {
        ScrollPane scroll = new ScrollPane(card);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().addAll("findings-scroll", "session-card");
        scroll.setPrefWidth(width);
        scroll.setMinWidth(120);
        return scroll;
    }

    private static Label line(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        if (text.startsWith(" ")) {
            label.setText(text.strip());
            label.getStyleClass().addAll("quiet", "log-under");
        }
        return label;
    }

    private static Label title(String key) {
        Label label = new Label(Texts.CORE.get(key));
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add("course-title");
        return label;
    }

    // ---- reading ----

    /** Shows this one from now on. */
    public void choose(Path session) {
        wanted = Optional.of(session);
    }

    private void readAnew() {
        worker.ask(
                () -> {
                    try {
                        return desk.read();
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                },
                this::show);
    }

    private void show(Read now) {
        read = now;
        boolean any = !now.entries().isEmpty();
        head.getChildren().stream()
                .filter(Button.class::isInstance)
                .forEach(b -> b.setDisable(now.weeks().practices().isEmpty()));
        setCenter(any ? filled : nothing);
        if (!any) {
            return;
        }
        if (wanted.isEmpty() || entry().isEmpty()) {
            wanted = Optional.of(now.entries().get(0).file());
        }
        sessions.getChildren().setAll(now.entries().stream().map(this::row).toList());
        showChosen();
        showWeeks();
    }

    private Optional<Seasons.Entry> entry() {
        return read.entries().stream()
                .filter(e -> Optional.of(e.file()).equals(wanted))
                .findFirst();
    }

    private Node row(Seasons.Entry e) {
        String said = e.session()
                .map(s -> s.date() + "\n" + s.title())
                .orElse(e.file().getParent().getFileName().toString());
        ToggleButton button = new ToggleButton(said);
        button.setMnemonicParsing(false);
        button.setId("log-" + e.file().getParent().getFileName());
        button.setMaxWidth(Double.MAX_VALUE);
        button.setWrapText(true);
        button.setAlignment(Pos.CENTER_LEFT);
        button.setSelected(wanted.equals(Optional.of(e.file())));
        button.setOnAction(a -> {
            choose(e.file());
            show(read);
        });
        return button;
    }

    private void showChosen() {
        chosen.getChildren().clear();
        Seasons.Entry e = entry().orElseThrow();
        note.setVisible(e.practice().isPresent());
        e.problem().ifPresent(p -> {
            Label label = line(p);
            label.getStyleClass().add("alert");
            chosen.getChildren().add(label);
        });
        e.session()
                .filter(s -> e.practice().isPresent() || !e.replies().isEmpty())
                .ifPresent(s -> {
                    Label head = new Label(s.title() + ", " + s.date());
                    head.getStyleClass().add("side-title");
                    head.setWrapText(true);
                    head.setMinHeight(Region.USE_PREF_SIZE);
                    chosen.getChildren().add(head);
                });
        ReplyWriter.lines(e.replies(), p -> read.words().name(p.text()))
                .forEach(l -> chosen.getChildren().add(line(l)));
        e.practice().ifPresent(p -> {
            chosen.getChildren().add(button("log-open", "log.open", () -> desk.open(e.file())));
            read.words().practice(p).forEach(l -> chosen.getChildren().add(line(l)));
        });
    }

    private void showWeeks() {
        WeeksWriter words = read.words();
        weeks.getChildren().clear();
        words.sums().forEach(l -> weeks.getChildren().add(line(l)));
        if (!read.weeks().hints().isEmpty()) {
            weeks.getChildren().add(title("weeks.page.hints"));
            read.weeks().hints().forEach(h -> {
                weeks.getChildren().add(line("• " + words.hint(h)));
                if (h.kind() == Hint.Kind.SLOWER || h.kind() == Hint.Kind.FASTER) {
                    weeks.getChildren().add(paced(h));
                }
            });
        }
        read.next().filter(n -> !n.reasons().isEmpty()).ifPresent(n -> {
            weeks.getChildren().add(title("log.next.head"));
            n.reasons().forEach(r -> weeks.getChildren().add(line("• " + words.reason(r))));
        });
        lines("weeks.page.scores", words.scores());
        lines("weeks.page.paces", words.paces());
        if (!read.weeks().allThemes().isEmpty()) {
            var w = read.weeks();
            themes.show(w, p -> p.themesHeight(w), (painter, g, wide) -> painter.themes(g, w, wide));
            weeks.getChildren().addAll(title("weeks.page.themes"), themes);
        }
        if (!read.weeks().shares().isEmpty()) {
            var w = read.weeks();
            players.show(w, p -> p.playersHeight(w), (painter, g, wide) -> painter.players(g, w, words::name, wide));
            weeks.getChildren().addAll(title("weeks.page.players"), players, table(words), people(words));
            Label model = line(Texts.CORE.get("plan.model"));
            model.getStyleClass().add("quiet");
            weeks.getChildren().add(model);
        }
    }

    private void lines(String key, List<String> said) {
        if (!said.isEmpty()) {
            weeks.getChildren().add(title(key));
            said.forEach(l -> weeks.getChildren().add(line(l)));
        }
    }

    /** Reps that took longer or shorter than drawn: a press draws the drill so. */
    private Hyperlink paced(Hint h) {
        String drill = h.names().get(0);
        Hyperlink link = new Hyperlink(Ui.text("log.pace", read.words().drill(drill)));
        link.setId("log-pace-" + drill);
        link.getStyleClass().addAll("mend", "log-under");
        link.setWrapText(true);
        link.setMinHeight(Region.USE_PREF_SIZE);
        link.setOnAction(e ->
                write(() -> desk.drawAsStopped(new DrillId(drill), h.figures().get(1))));
        return link;
    }

    private interface Writing {
        void write() throws IOException;
    }

    /** Writes beside the window, whatever else is asked of it meanwhile, and reads anew. */
    private void write(Writing writing) {
        try {
            Aside.call(() -> {
                writing.write();
                return true;
            });
        } catch (IOException refused) {
            desk.faults().told(Faults.Kind.REFUSED, refused);
        }
        readAnew();
    }

    /** The same in words, where there is no room for a table. */
    private VBox people(WeeksWriter words) {
        List<String> heads = WeeksWriter.heads();
        VBox all = new VBox(4);
        for (Share s : read.weeks().shares()) {
            List<String> row = words.row(s);
            List<String> said = new ArrayList<>();
            for (int c = 1; c < row.size(); c++) {
                said.add(heads.get(c) + " " + row.get(c));
            }
            all.getChildren().add(line(row.get(0) + ": " + String.join(", ", said)));
        }
        all.visibleProperty().bind(roomForTable().not());
        all.managedProperty().bind(all.visibleProperty());
        return all;
    }

    private BooleanBinding roomForTable() {
        return Bindings.createBooleanBinding(
                () -> weeksPane.getViewportBounds().getWidth() > TABLE_LETTERS * players.letterSize(),
                weeksPane.viewportBoundsProperty(),
                players.letterProperty());
    }

    private GridPane table(WeeksWriter words) {
        GridPane grid = new GridPane(14, 3);
        grid.setId("log-table");
        grid.visibleProperty().bind(roomForTable());
        grid.managedProperty().bind(grid.visibleProperty());
        List<String> heads = WeeksWriter.heads();
        for (int c = 0; c < heads.size(); c++) {
            Label label = new Label(heads.get(c));
            label.getStyleClass().add("course-title");
            label.setMinWidth(c == 0 ? 60 : 30);
            label.setWrapText(true);
            grid.add(label, c, 0);
        }
        int r = 1;
        for (Share s : read.weeks().shares()) {
            List<String> row = words.row(s);
            for (int c = 0; c < row.size(); c++) {
                grid.add(new Label(row.get(c)), c, r);
            }
            r++;
        }
        return grid;
    }

    // ---- what can be done ----

    private void addNote() {
        String text = Limits.fitting(note.getText().strip(), Limits.TEXT);
        if (text.isEmpty() || wanted.isEmpty()) {
            return;
        }
        Path session = wanted.get();
        note.clear();
        write(() -> desk.note(session, text));
    }

    private void planNext() {
        if (read != null) {
            read.next().map(NextWeek::session).ifPresent(desk::plan);
        }
    }

    /** As the sheets of one file, or as two of their own where its name ends with .csv. */
    private void saveTables() {
        save("log.xlsx", file -> {
            if (file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(CSV)) {
                String stem = file.getFileName().toString().replaceFirst("\\.[^.]*$", "");
                SafeFiles.replace(file, TableFiles.csv(LogTable.players(read.weeks(), read.squad())));
                SafeFiles.replace(
                        file.resolveSibling(stem + "-blocks" + CSV), TableFiles.csv(LogTable.blocks(read.weeks())));
            } else {
                SafeFiles.replace(file, TableFiles.xlsx(LogTable.all(read.weeks(), read.squad())));
            }
        });
    }

    private void savePage() {
        save(
                "weeks.html",
                file -> SafeFiles.replace(
                        file,
                        WeeksPage.html(Texts.CORE.get("weeks.title"), read.weeks(), read.words())
                                .getBytes(StandardCharsets.UTF_8)));
    }

    private interface Saving {
        void to(Path file) throws IOException;
    }

    /** Where the coach says. */
    private void save(String name, Saving saving) {
        if (read == null) {
            return;
        }
        desk.dialogs().save(getScene().getWindow(), desk.folder(), name).ifPresent(file -> {
            try {
                saving.to(file);
            } catch (IOException e) {
                desk.faults().told(Faults.Kind.FOLDER, e);
            }
        });
    }

    // ---- as a place ----

    @Override
    public Node content() {
        return this;
    }

    @Override
    public void enter() {
        readAnew();
    }

    @Override
    public void dress(Ground ground) {
        themes.dress(ground);
        players.dress(ground);
    }
}
