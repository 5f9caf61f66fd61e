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
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
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
import wildchalk.desktop.ui.Miniature;
import wildchalk.desktop.ui.NextFrame;
import wildchalk.desktop.ui.Place;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.Ground;

/** Shows the drills of a binder as cards: searched as one types, favourites first if wanted, the archive apart. */
public final class BinderView extends BorderPane implements Place {

    /** What a card takes with the space about it, pixels. */
    private static final int CARD_WIDTH = Miniature.WIDTH + 44;

    private static final int CARD_HEIGHT = Miniature.HEIGHT + 90;

    /** So many new cards come with a frame. */
    private static final int NEW_CARDS = 3;

    private final BinderActions actions;
    private final FlowPane cards = new FlowPane();
    private final Label empty = new Label(Ui.text("binder.empty"));
    private final ScrollPane scroll = new ScrollPane();
    private final BinderHead head;
    private final Button showAll = new Button(Ui.text("filter.all"));
    private final ExecutorService reader = CardPainters.thread("wildchalk-binder");
    /** Cards wait for nobody who reads. */
    private final CardPainters painters = new CardPainters();

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
        cards.getStyleClass().add("cards");
        empty.getStyleClass().add("hint");
        FilterRow filters = new FilterRow(this::drills, this::sift, actions.order(), this::order);
        head = new BinderHead(actions, filters, this::fill, this::leave, this::found);
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
        setTop(head);
        setCenter(scroll);
        drops();
    }

    private void leave(Shelf before) {
        boolean otherFolder = (before == Shelf.ARCHIVE) != (head.shelf() == Shelf.ARCHIVE);
        if (otherFolder) {
            enter();
        } else {
            fill();
        }
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
        boolean archive = head.shelf() == Shelf.ARCHIVE;
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
            Platform.runLater(() -> head.say(e.getMessage()));
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
            if (mine == request && !head.asked().isBlank()) {
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
        if (head.shelf() == Shelf.SURFACES) {
            fillSurfaces();
            return;
        }
        List<Path> among = ordered.stream()
                .filter(f -> head.shelf() != Shelf.FAVOURITES || favourites.has(f))
                .filter(f -> sieve.isOpen()
                        || entries.get(f)
                                .content()
                                .filter(c -> sieve.passes(c.value()))
                                .isPresent())
                .toList();
        List<Path> hits = head.asked().isBlank() ? among : catalogue.find(among, head.asked());
        found = hits;
        pool.forEach(DrillCard::rest);
        dealt = 0;
        scroll.setVvalue(0);
        wanted = Math.min(found.size(), page());
        show(deal(0, Math.min(wanted, pool.size() + NEW_CARDS)));
        dealOn(++fills);
        head.say(
                head.asked().isBlank() && sieve.isOpen()
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
        String asked = head.asked().strip().toLowerCase(Locale.ROOT);
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
        head.say(Ui.text("binder.surfaces.count", list.size()));
        tellEmpty(list.isEmpty());
    }

    private void tellEmpty(boolean none) {
        boolean sifted = !sieve.isOpen() && head.shelf() != Shelf.SURFACES;
        empty.setText(Ui.text(whyEmpty(sifted)));
        empty.setVisible(none);
        empty.setManaged(none);
        showAll.setVisible(none && sifted);
        showAll.setManaged(none && sifted);
        head.filters().setDisable(head.shelf() == Shelf.SURFACES);
    }

    private String whyEmpty(boolean sifted) {
        if (sifted && !entries.isEmpty()) {
            return "binder.empty.SIFTED";
        } else if (!head.asked().isBlank()) {
            return "binder.empty.SEARCH";
        }
        return head.shelf() == Shelf.ALL ? "binder.empty" : "binder.empty." + head.shelf();
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

    private void more() {
        if (head.shelf() == Shelf.SURFACES) {
            return; // all of them are there
        }
        wanted = Math.min(found.size(), cards.getChildren().size() + page());
        dealOn(++fills);
    }

    /** New cards come a few with each frame, since their looks are worked out as they come. */
    private void dealOn(int mine) {
        int there = cards.getChildren().size();
        if (mine != fills || head.shelf() == Shelf.SURFACES || isDealt()) {
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
