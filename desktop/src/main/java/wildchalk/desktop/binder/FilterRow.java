package wildchalk.desktop.binder;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.SortedMap;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import wildchalk.core.binder.Facet;
import wildchalk.core.binder.Order;
import wildchalk.core.binder.Sieve;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.ui.Shown;
import wildchalk.desktop.ui.Ui;

/** Chips over the cards: for which sport, players, minutes, age, gear and themes drills are wanted, and in which order. */
final class FilterRow extends FlowPane {

    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    private static final int MOST_DIGITS = 3;

    private final Supplier<Collection<Drill>> drills;
    private final Consumer<Sieve> wanted;
    private final Map<Facet, MenuButton> menus = new EnumMap<>(Facet.class);
    private final TextField players = number("players");
    private final TextField minutes = number("minutes");
    private final Button all = new Button(Ui.text("filter.all"));
    private Sieve sieve = Sieve.OPEN;

    /**
     * @param drills those that there are, whatever is wanted
     * @param wanted is told what is wanted from now on
     * @param order the order that cards lie in
     * @param ordered is told another
     */
    FilterRow(Supplier<Collection<Drill>> drills, Consumer<Sieve> wanted, Order order, Consumer<Order> ordered) {
        this.drills = drills;
        this.wanted = wanted;
        getStyleClass().add("filters");
        for (Facet facet : Facet.values()) {
            menus.put(facet, menu(facet));
        }
        players.textProperty().addListener((o, was, is) -> want(sieve.withPlayers(read(is))));
        minutes.textProperty().addListener((o, was, is) -> want(sieve.withMinutes(read(is))));
        all.setId("filter-all");
        all.setOnAction(e -> clear());
        getChildren()
                .addAll(
                        menus.get(Facet.SPORT),
                        field("players", players),
                        field("minutes", minutes),
                        menus.get(Facet.AGE),
                        menus.get(Facet.GEAR),
                        menus.get(Facet.THEME),
                        sort(order, ordered),
                        all);
        show();
    }

    /** Wants everything again. */
    void clear() {
        sieve = Sieve.OPEN;
        players.clear();
        minutes.clear();
        want(Sieve.OPEN);
    }

    private void want(Sieve other) {
        sieve = other;
        show();
        wanted.accept(other);
    }

    private void show() {
        menus.forEach((facet, menu) -> {
            Set<String> keys = sieve.of(facet);
            String name = Ui.text("filter." + facet);
            menu.setText(keys.isEmpty() ? name : Ui.text("filter.on", name, said(facet, keys)));
            menu.pseudoClassStateChanged(ON, !keys.isEmpty());
        });
        players.pseudoClassStateChanged(ON, sieve.players().isPresent());
        minutes.pseudoClassStateChanged(ON, sieve.minutes().isPresent());
        all.setVisible(!sieve.isOpen());
    }

    private String said(Facet facet, Set<String> keys) {
        if (keys.size() > 1) {
            return String.valueOf(keys.size());
        }
        return drills.get().stream()
                .flatMap(d -> facet.of(d).stream())
                .filter(v -> keys.contains(v.key()))
                .findFirst()
                .map(Facet.Value::label)
                .orElse("");
    }

    private MenuButton menu(Facet facet) {
        MenuButton menu = new MenuButton();
        menu.setId("filter-" + facet.name().toLowerCase(Locale.ROOT));
        menu.setMnemonicParsing(false);
        menu.getItems().add(new MenuItem()); // a menu without anything in it does not open
        menu.setOnShowing(e -> fill(facet, menu));
        return menu;
    }

    private void fill(Facet facet, MenuButton menu) {
        SortedMap<Facet.Value, Integer> choices = sieve.choices(facet, drills.get());
        MenuItem any = new MenuItem(Ui.text("filter.any." + facet));
        any.setOnAction(e -> want(sieve.with(facet, Set.of())));
        menu.getItems().setAll(any, new SeparatorMenuItem());
        choices.forEach((value, count) -> {
            CheckMenuItem item = new CheckMenuItem(Ui.text("filter.value", value.label(), count));
            item.setMnemonicParsing(false);
            item.setSelected(sieve.of(facet).contains(value.key()));
            item.setOnAction(e -> want(sieve.toggled(facet, value.key())));
            menu.getItems().add(item);
        });
        if (choices.isEmpty()) {
            MenuItem none = new MenuItem(Ui.text("filter.none"));
            none.setDisable(true);
            menu.getItems().add(none);
        }
    }

    private static TextField number(String id) {
        TextField field = new TextField();
        field.setId("filter-" + id);
        field.setPrefColumnCount(MOST_DIGITS);
        field.setAccessibleText(Ui.text("filter." + id));
        field.textProperty().addListener((o, was, is) -> {
            if (!is.matches("\\d{0," + MOST_DIGITS + "}")) {
                field.setText(was);
            }
        });
        return field;
    }

    private static OptionalInt read(String typed) {
        return typed.matches("\\d{1," + MOST_DIGITS + "}")
                ? OptionalInt.of(Integer.parseInt(typed))
                : OptionalInt.empty();
    }

    private static HBox field(String id, TextField field) {
        Label label = new Label(Ui.text("filter." + id));
        label.setLabelFor(field);
        HBox box = new HBox(6, label, field);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private static HBox sort(Order order, Consumer<Order> ordered) {
        ChoiceBox<Order> box = new ChoiceBox<>();
        box.setId("binder-order");
        box.setConverter(Shown.by(o -> Ui.text("order." + o)));
        box.getItems().setAll(List.of(Order.values()));
        box.setValue(order);
        box.setAccessibleText(Ui.text("filter.order"));
        box.valueProperty().addListener((o, was, is) -> ordered.accept(is));
        Label label = new Label(Ui.text("filter.order"));
        label.setLabelFor(box);
        HBox row = new HBox(6, label, box);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}
