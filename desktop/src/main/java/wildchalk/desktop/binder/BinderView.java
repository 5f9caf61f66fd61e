package wildchalk.desktop.binder;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.binder.Catalogue;
import wildchalk.core.binder.ConflictingCopies;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.binder.Expected;
import wildchalk.core.binder.Favourites;
import wildchalk.core.binder.Order;
import wildchalk.core.binder.Sieve;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.ui.Folding;
import wildchalk.desktop.ui.Icon;
import wildchalk.desktop.ui.NextFrame;
import wildchalk.desktop.ui.Place;
import wildchalk.desktop.ui.Tips;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** Shows the drills of a binder as cards: searched as one types, favourites first if wanted, the archive apart. */
public final class BinderView extends BorderPane implements Place {

    /** What a card takes with the space about it, pixels. */
    private static final int CARD_WIDTH = Miniature.WIDTH + 44;

    private static final int CARD_HEIGHT = Miniature.HEIGHT + 90;

    private static final double LEAST_SEARCH = 120;
    private static final double MOST_SEARCH = 300;

    /** So many new cards come with a frame. */
    private static final int NEW_CARDS = 3;

    /** Which drills are shown. */
    private enum Shelf {
        ALL,
        FAVOURITES,
        SURFACES,
        ARCHIVE
    }

    private final BinderActions actions;
    private final FlowPane cards = new FlowPane();
    private final Label count = new Label();
    private final Label empty = new Label(Ui.text("binder.empty"));
    private final TextField search = new TextField();
    private final ScrollPane scroll = new ScrollPane();
    private final FilterRow filters;
    private final Button showAll = new Button(Ui.text("filter.all"));
    private final ExecutorService reader = CardPainters.thread("wildchalk-binder");
    /** Cards wait for nobody who reads. */
    private final CardPainters painters = new CardPainters();

    private Shelf shelf = Shelf.ALL;
    private Binder binder;
    private Ground ground;
    private Favourites favourites;
    /** Conflicting copies, each with what it is a copy of. */
    private Map<Path, Path> copies = Map.of();

    private Catalogue catalogue = new Catalogue();
    private Map<Path, Binder.Entry> entries = new LinkedHashMap<>();
    /** The files in the order in which they are shown. */
    private List<Path> ordered = List.of();

    private Sieve sieve = Sieve.OPEN;
    private List<Binder.SurfaceEntry> surfaces = List.of();
    private List<Path> found = List.of();
    /** Cards that have been built; they are dealt again to whatever is found next. */
    private final List<DrillCard> pool = new ArrayList<>();

    private int dealt;
    /** So many cards shall be there. */
    private int wanted;
    /** Goes up with each fill: what was to be dealt for an earlier one is not wanted any more. */
    private int fills;

    private volatile int request;

    public BinderView(BinderActions actions) {
        this.actions = actions;
        getStyleClass().add("binder");
        Label title = new Label(Ui.text("binder.title"));
        title.getStyleClass().add("page-title");
        count.getStyleClass().add("quiet");
        count.setId("binder-count");
        search.setId("binder-search");
        search.setPromptText(Ui.text("binder.search"));
        search.textProperty().addListener((o, was, is) -> fill());
        search.setMinWidth(LEAST_SEARCH);
        search.setPrefWidth(MOST_SEARCH);
        search.setMaxWidth(MOST_SEARCH);
        count.setMinWidth(0);
        count.setMaxWidth(Double.MAX_VALUE);
        MenuButton more = new MenuButton("", Icon.MORE.node());
        more.setId("binder-more");
        more.setAccessibleText(Ui.text("fold.more.tip"));
        more.setMinWidth(Region.USE_PREF_SIZE);
        title.setMinWidth(Region.USE_PREF_SIZE);
        Folding head = new Folding(Orientation.HORIZONTAL, 12, more)
                .add(title, 0)
                .stretch(search)
                .stretch(count)
                .keep(shelves())
                .add(button("take-in", actions::takeIn), 2)
                .add(button("hand-on", () -> actions.handOn(found)), 1)
                .keep(newDrill());
        head.getStyleClass().add("binder-head");
        cards.getStyleClass().add("cards");
        empty.getStyleClass().add("hint");
        filters = new FilterRow(this::drills, this::sift, actions.order(), this::order);
        showAll.setId("show-all");
        showAll.setOnAction(e -> filters.clear());
        scroll.setContent(new VBox(8, empty, showAll, cards));
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("binder-scroll");
        scroll.vvalueProperty().addListener((o, was, is) -> {
            if (is.doubleValue() > 0.85) {
                more();
            }
        });
        HBox notice = notice();
        VBox.setMargin(notice, new Insets(0, 0, 12, 0));
        setTop(new VBox(head, notice, filters));
        setCenter(scroll);
        drops();
    }

    private HBox shelves() {
        HBox box = new HBox();
        box.setAlignment(Pos.CENTER_LEFT);
        ToggleGroup group = new ToggleGroup();
        for (Shelf s : Shelf.values()) {
            ToggleButton button = new ToggleButton(Ui.text("binder.shelf." + s));
            button.setId("shelf-" + s.name().toLowerCase(Locale.ROOT));
            if (s == Shelf.FAVOURITES) {
                button.setGraphic(Icon.FAVOURITE.node());
                button.setAccessibleText(Ui.text("binder.favourites"));
                Tips.on(button, Ui.text("binder.favourites"));
            }
            button.setToggleGroup(group);
            button.setSelected(s == shelf);
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.getStyleClass()
                    .add(s == Shelf.ALL ? "left-pill" : s == Shelf.ARCHIVE ? "right-pill" : "middle-pill");
            button.setOnAction(e -> {
                button.setSelected(true);
                boolean otherFolder = (shelf == Shelf.ARCHIVE) != (s == Shelf.ARCHIVE);
                shelf = s;
                if (otherFolder) {
                    enter();
                } else {
                    fill();
                }
            });
            box.getChildren().add(button);
        }
        return box;
    }

    private Node newDrill() {
        Button add = button("new", actions::newDrill);
        add.setId("new-drill");
        add.getStyleClass().add("accent-button");
        return add;
    }

    private static Button button(String key, Runnable action) {
        Button button = new Button(Ui.text("binder." + key));
        button.setId("binder-" + key);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }

    private void drops() {
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
            e.consume();
        });
        setOnDragDropped(e -> {
            actions.takeIn(
                    e.getDragboard().getFiles().stream().map(File::toPath).toList());
            e.setDropCompleted(true);
            e.consume();
        });
    }

    @Override
    public Node content() {
        return this;
    }

    /** Reads the binder again, off the FX thread, and shows what is in it. */
    @Override
    public void enter() {
        Binder now = actions.binder();
        binder = now;
        int mine = ++request;
        boolean archive = shelf == Shelf.ARCHIVE;
        reader.execute(() -> read(now, archive, mine));
    }

    @Override
    public void dress(Ground other) {
        ground = other;
    }

    private void read(Binder from, boolean archive, int mine) {
        Map<Path, Binder.Entry> fresh = new LinkedHashMap<>();
        Catalogue index = new Catalogue();
        Favourites marked;
        Map<Path, Path> beside;
        List<Binder.SurfaceEntry> own;
        try {
            own = from.surfaces();
            (archive ? from.archived() : from.drills()).forEach(entry -> fresh.put(entry.file(), entry));
            marked = Favourites.of(from);
            beside = ConflictingCopies.among(List.copyOf(fresh.values()));
            actions.found(marked.problem());
        } catch (IOException e) {
            actions.found(Optional.of(e));
            Platform.runLater(() -> count.setText(e.getMessage()));
            return;
        }
        Platform.runLater(() -> {
            if (mine == request) {
                entries = fresh;
                putInOrder();
                catalogue = index;
                favourites = marked;
                copies = beside;
                surfaces = own;
                fill();
                // what is on screen is painted first; then there is time to read every word
                painters.whenPainted(() -> reader.execute(() -> index(fresh, index, mine)));
            }
        });
    }

    private void index(Map<Path, Binder.Entry> fresh, Catalogue index, int mine) {
        fresh.values().parallelStream()
                .forEach(entry -> entry.content().ifPresent(c -> index.add(entry.file(), c.value())));
        Platform.runLater(() -> {
            if (mine == request && !search.getText().isBlank()) {
                fill(); // somebody was quicker than the index
            }
        });
        // the talk-through of every drill takes longer; searching for its words works a little later
        for (Binder.Entry entry : fresh.values()) {
            if (mine != request) {
                return;
            }
            entry.content().ifPresent(c -> index.addTalk(entry.file(), c.value()));
        }
    }

    private void fill() {
        if (shelf == Shelf.SURFACES) {
            fillSurfaces();
            return;
        }
        List<Path> among = ordered.stream()
                .filter(f -> shelf != Shelf.FAVOURITES || favourites.has(f))
                .filter(f -> sieve.isOpen()
                        || entries.get(f)
                                .content()
                                .filter(c -> sieve.passes(c.value()))
                                .isPresent())
                .toList();
        List<Path> hits = search.getText().isBlank() ? among : catalogue.find(among, search.getText());
        found = hits;
        pool.forEach(DrillCard::rest);
        dealt = 0;
        scroll.setVvalue(0);
        wanted = Math.min(found.size(), page());
        show(deal(0, Math.min(wanted, pool.size() + NEW_CARDS)));
        dealOn(++fills);
        count.setText(
                search.getText().isBlank() && sieve.isOpen()
                        ? Ui.text("binder.count", hits.size(), binder.folder().getFileName())
                        : Ui.text(
                                "binder.found",
                                hits.size(),
                                entries.size(),
                                binder.folder().getFileName()));
        tellEmpty(hits.isEmpty());
    }

    /** Surfaces of one's own; few, so they are built anew. */
    private void fillSurfaces() {
        String asked = search.getText().strip().toLowerCase(Locale.ROOT);
        List<Node> list = new ArrayList<>();
        for (Binder.SurfaceEntry entry : surfaces) {
            String name = entry.content()
                    .map(c -> c.value().title())
                    .orElse(entry.file().getFileName().toString());
            if (name.toLowerCase(Locale.ROOT).contains(asked)) {
                list.add(entry.content()
                        .map(c -> (Node) new SurfaceCard(c.value(), entry.file(), ground, actions))
                        .orElseGet(() -> DrillCard.broken(entry.problem().orElseThrow())));
            }
        }
        found = List.of();
        wanted = 0;
        fills++;
        pool.forEach(DrillCard::rest);
        scroll.setVvalue(0);
        cards.getChildren().setAll(list);
        count.setText(Ui.text("binder.surfaces.count", list.size()));
        tellEmpty(list.isEmpty());
    }

    private void tellEmpty(boolean none) {
        boolean sifted = !sieve.isOpen() && shelf != Shelf.SURFACES;
        empty.setText(Ui.text(whyEmpty(sifted)));
        empty.setVisible(none);
        empty.setManaged(none);
        showAll.setVisible(none && sifted);
        showAll.setManaged(none && sifted);
        filters.setDisable(shelf == Shelf.SURFACES);
    }

    private String whyEmpty(boolean sifted) {
        if (sifted && !entries.isEmpty()) {
            return "binder.empty.SIFTED";
        } else if (!search.getText().isBlank()) {
            return "binder.empty.SEARCH";
        }
        return shelf == Shelf.ALL ? "binder.empty" : "binder.empty." + shelf;
    }

    private List<Drill> drills() {
        return entries.values().stream()
                .flatMap(e -> e.content().stream())
                .map(BinderFile::value)
                .toList();
    }

    private void sift(Sieve wanted) {
        sieve = wanted;
        fill();
    }

    private void order(Order order) {
        actions.order(order);
        putInOrder();
        fill();
    }

    private void putInOrder() {
        ordered = entries.values().stream()
                .sorted(actions.order().comparator())
                .map(Binder.Entry::file)
                .toList();
    }

    /** Says that what is saved here does not stay, where that is so. */
    private HBox notice() {
        Label said = new Label(Ui.text("demo.notice"));
        said.setWrapText(true);
        HBox.setHgrow(said, Priority.ALWAYS);
        Button keep = button("keep-demo", actions::keepDemo);
        HBox row = new HBox(12, said, keep);
        row.setId("demo-notice");
        row.getStyleClass().add("notice");
        row.setAlignment(Pos.CENTER_LEFT);
        row.visibleProperty().bind(actions.demo());
        row.managedProperty().bind(actions.demo());
        return row;
    }

    private void more() {
        if (shelf == Shelf.SURFACES) {
            return; // all of them are there
        }
        wanted = Math.min(found.size(), cards.getChildren().size() + page());
        dealOn(++fills);
    }

    /** New cards come a few with each frame, since their looks are worked out as they come. */
    private void dealOn(int mine) {
        int there = cards.getChildren().size();
        if (mine != fills || shelf == Shelf.SURFACES || isDealt()) {
            return;
        }
        NextFrame.run(() -> {
            if (mine == fills) {
                cards.getChildren().addAll(deal(there, Math.min(wanted, there + NEW_CARDS)));
                dealOn(mine);
            }
        });
    }

    /** Whether all cards that can be seen are there. */
    public boolean isDealt() {
        return cards.getChildren().size() >= wanted;
    }

    /** So many cards are built at a time: what can be seen. More come when somebody scrolls to the end. */
    private int page() {
        int columns = (int) Math.max(1, scroll.getWidth() / CARD_WIDTH);
        int rows = (int) Math.ceil(scroll.getHeight() / CARD_HEIGHT);
        return Math.max(6, columns * rows);
    }

    /** Cards for some of the files that were found. */
    private List<Node> deal(int from, int until) {
        List<Node> dealing = new ArrayList<>();
        for (Path file : found.subList(from, until)) {
            Binder.Entry entry = entries.get(file);
            if (entry.content().isEmpty()) {
                dealing.add(DrillCard.broken(entry.problem().orElseThrow()));
            } else {
                if (dealt == pool.size()) {
                    pool.add(new DrillCard(painters, this::act));
                }
                DrillCard card = pool.get(dealt++);
                card.show(
                        entry.content().get().value(),
                        file,
                        ground,
                        favourites.has(file),
                        Optional.ofNullable(copies.get(file)));
                dealing.add(card);
            }
        }
        return dealing;
    }

    /** Only what differs is taken out and put in: a node that stays keeps its looks, which are dear to work out. */
    private void show(List<Node> dealing) {
        List<Node> there = cards.getChildren();
        int same = 0;
        while (same < Math.min(there.size(), dealing.size()) && there.get(same) == dealing.get(same)) {
            same++;
        }
        there.subList(same, there.size()).clear();
        there.addAll(dealing.subList(same, dealing.size()));
    }

    /** Does what a card asks for, and shows the binder as it is then. */
    private void act(CardAction action, Path file) {
        try {
            switch (action) {
                case OPEN -> {
                    actions.open(file);
                    return;
                }
                case RESOLVE -> actions.resolve(file, copies.get(file));
                case FAVOURITE -> favourites.set(file, !favourites.has(file));
                case DUPLICATE -> binder.duplicate(file, Ui.text("binder.copy", title(file)));
                case RENAME -> {
                    var name = CardDialogs.title(getScene().getWindow(), title(file));
                    if (name.isPresent()) {
                        actions.moved(file, binder.rename(file, name.get()));
                    }
                }
                case ABOUT -> {
                    // what the file holds now, not what it held when its card was made
                    BinderFile.Read<Drill> now = DrillFile.KIND.readWhole(file);
                    var changed = CardDialogs.about(getScene().getWindow(), now.content());
                    if (changed.isPresent()) {
                        changed.get().save(file, Expected.exactly(now.fingerprint()));
                    }
                }
                case ARCHIVE -> actions.moved(file, binder.archive(file));
                case RESTORE -> actions.moved(file, binder.restore(file));
                case HAND_ON -> {
                    actions.handOn(List.of(file));
                    return;
                }
            }
            enter();
        } catch (IOException | IllegalArgumentException e) {
            actions.error(e.getMessage());
        }
    }

    private String title(Path file) {
        return entries.get(file).content().orElseThrow().value().title();
    }

    /** Files that are shown now, in their order. */
    public List<Path> found() {
        return found;
    }

    /** Whether the archive is shown. */
    static boolean isArchived(Path file) {
        return file.getParent().getFileName().toString().equals("archive");
    }
}
