package wildchalk.desktop.ui;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;

/**
 * Controls in a row or a column that never need more room than there is: what may shrink shrinks, then parts take their brief form,
 * then they go into one menu at the end, those of the lowest rank first.
 */
public final class Folding extends Pane {

    private final Orientation along;
    private final double gap;
    private final MenuButton more;
    /** What the menu holds in any case. */
    private final List<MenuItem> always;

    private final List<Cell> cells = new ArrayList<>();

    /** One part, in its usual and perhaps a brief form. */
    private static final class Cell extends StackPane {
        final Node node;
        final Optional<Node> brief;
        final int rank;
        final boolean stretches;
        boolean isBrief;
        boolean isFolded;

        Cell(Node node, Optional<Node> brief, int rank, boolean stretches) {
            super(node);
            this.node = node;
            this.brief = brief;
            this.rank = rank;
            this.stretches = stretches;
            brief.ifPresent(b -> getChildren().add(b));
        }

        void show(boolean folded, boolean shortened) {
            isFolded = folded;
            isBrief = shortened;
            setVisible(!folded);
            brief.ifPresent(b -> {
                b.setVisible(shortened);
                node.setVisible(!shortened);
            });
        }

        Node now() {
            return isBrief ? brief.orElse(node) : node;
        }
    }

    /** @param more the menu into which parts go; shown while it has any, or always where it has items of its own */
    public Folding(Orientation along, double gap, MenuButton more) {
        this.along = along;
        this.gap = gap;
        this.more = more;
        this.always = List.copyOf(more.getItems());
        more.addEventHandler(MenuButton.ON_SHOWING, e -> fill());
        more.addEventHandler(MenuButton.ON_HIDDEN, e -> FoldedItems.giveBack(more.getItems()));
        getChildren().add(more);
    }

    /** A part that goes into the menu where room is short, lower ranks first. */
    public Folding add(Node node, int rank) {
        return put(new Cell(node, Optional.empty(), rank, false));
    }

    /** A part that has a brief form, which it takes before anything goes into the menu. */
    public Folding add(Node node, Node brief, int rank) {
        return put(new Cell(node, Optional.of(brief), rank, false));
    }

    /** A part that is always there. */
    public Folding keep(Node node) {
        return add(node, Integer.MAX_VALUE);
    }

    /** A part that takes what room is left, from its least to its largest size. */
    public Folding stretch(Node node) {
        return put(new Cell(node, Optional.empty(), Integer.MAX_VALUE, true));
    }

    private Folding put(Cell cell) {
        cell.managedProperty().bind(node(cell).managedProperty());
        cells.add(cell);
        getChildren().add(getChildren().size() - 1, cell);
        return this;
    }

    private static Node node(Cell cell) {
        return cell.node;
    }

    /** Parts that are in the menu now. */
    public List<Node> folded() {
        return cells.stream()
                .filter(c -> c.isFolded && c.node.isManaged())
                .map(Folding::node)
                .toList();
    }

    private void fill() {
        List<MenuItem> items = new ArrayList<>();
        folded().forEach(n -> items.addAll(FoldedItems.of(n)));
        items.addAll(always);
        more.getItems().setAll(items);
    }

    // ---- sizes ----

    private boolean isRow() {
        return along == Orientation.HORIZONTAL;
    }

    private double least(Node n) {
        return isRow() ? n.minWidth(-1) : n.minHeight(-1);
    }

    private double usual(Node n) {
        double pref = isRow() ? n.prefWidth(-1) : n.prefHeight(-1);
        return Math.max(least(n), Math.min(pref, most(n)));
    }

    private double most(Node n) {
        return isRow() ? n.maxWidth(-1) : n.maxHeight(-1);
    }

    private double across(Node n) {
        return isRow() ? Math.max(n.minHeight(-1), n.prefHeight(-1)) : Math.max(n.minWidth(-1), n.prefWidth(-1));
    }

    private double padding(boolean alongIt) {
        var in = getInsets();
        return alongIt == isRow() ? in.getLeft() + in.getRight() : in.getTop() + in.getBottom();
    }

    private double sum(List<Cell> of, boolean withMore) {
        double sum = withMore ? usual(more) + gap : 0;
        for (Cell c : of) {
            sum += usual(c.now()) + gap;
        }
        return Math.max(0, sum - gap);
    }

    private double acrossAll() {
        double most = across(more);
        for (Cell c : cells) {
            if (c.node.isManaged()) {
                most = Math.max(most, across(c.now()));
            }
        }
        return most + padding(false);
    }

    @Override
    protected double computePrefWidth(double height) {
        return isRow() ? sum(shown(c -> true), false) + padding(true) : acrossAll();
    }

    @Override
    protected double computePrefHeight(double width) {
        return isRow() ? acrossAll() : sum(shown(c -> true), false) + padding(true);
    }

    @Override
    protected double computeMinWidth(double height) {
        return isRow() ? 0 : acrossAll();
    }

    @Override
    protected double computeMinHeight(double width) {
        return isRow() ? acrossAll() : 0;
    }

    private List<Cell> shown(Predicate<Cell> which) {
        return cells.stream().filter(c -> c.node.isManaged() && which.test(c)).toList();
    }

    // ---- layout ----

    @Override
    protected void layoutChildren() {
        double room = (isRow() ? getWidth() : getHeight()) - padding(true);
        fit(room);
        List<Cell> shown = shown(c -> !c.isFolded);
        boolean withMore = !always.isEmpty() || shown.size() < shown(c -> true).size();
        more.setVisible(withMore);
        double spare = room - sum(shown, withMore);
        double slack = shown.stream()
                .filter(c -> c.stretches)
                .mapToDouble(c -> usual(c.now()) - least(c.now()))
                .sum();
        // what is left goes to the last that can take it
        Optional<Cell> growing = shown.stream()
                .filter(c -> c.stretches && most(c.now()) > usual(c.now()))
                .reduce((a, b) -> b);
        double at = isRow() ? getInsets().getLeft() : getInsets().getTop();
        for (Cell c : shown) {
            double size = usual(c.now());
            if (c.stretches && spare < 0 && slack > 0) {
                size = Math.max(least(c.now()), size + spare * (size - least(c.now())) / slack);
            } else if (spare > 0 && growing.equals(Optional.of(c))) {
                size = Math.min(most(c.now()), size + spare);
            }
            place(c, at, size);
            at += size + gap;
        }
        if (withMore) {
            place(more, at, usual(more));
        }
    }

    private void place(Node n, double at, double size) {
        double depth = (isRow() ? getHeight() : getWidth()) - padding(false);
        double beside = isRow() ? getInsets().getTop() : getInsets().getLeft();
        if (isRow()) {
            double high = n instanceof Cell ? depth : Math.min(depth, across(n));
            n.resizeRelocate(at, beside + (depth - high) / 2, size, high);
        } else {
            n.resizeRelocate(beside, at, depth, size);
        }
    }

    /**
     * Shortens and folds until what is left fits at its least size. Nothing is hidden and shown again meanwhile: an open menu would
     * close.
     */
    private void fit(double room) {
        List<Cell> all = shown(c -> true);
        List<Cell> byRank = new ArrayList<>(all);
        byRank.sort(Comparator.comparingInt(c -> c.rank));
        Set<Cell> shortened = new HashSet<>();
        Set<Cell> folded = new HashSet<>();
        for (Cell c : byRank) {
            if (c.brief.isPresent() && least(all, shortened, folded) > room) {
                shortened.add(c);
            }
        }
        for (Cell c : byRank) {
            if (c.rank < Integer.MAX_VALUE && least(all, shortened, folded) > room) {
                folded.add(c);
            }
        }
        all.forEach(c -> c.show(folded.contains(c), shortened.contains(c)));
    }

    private double least(List<Cell> all, Set<Cell> shortened, Set<Cell> folded) {
        double sum = always.isEmpty() && folded.isEmpty() ? -gap : usual(more);
        for (Cell c : all) {
            if (!folded.contains(c)) {
                Node now = shortened.contains(c) ? c.brief.orElseThrow() : c.node;
                sum += gap + (c.stretches ? least(now) : usual(now));
            }
        }
        return sum;
    }
}
