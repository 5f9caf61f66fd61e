package wildchalk.desktop.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.beans.property.BooleanProperty;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import wildchalk.core.text.LengthUnit;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.style.StrokeCode;

/** How things are shown: units, strokes, size of text, the part of the surface, the signs. */
final class ViewMenu extends MenuButton {

    private final Shell shell;

    ViewMenu(Shell shell) {
        super(Ui.text("bar.view"));
        this.shell = shell;
        setId("view-menu");
        setOnShowing(e -> fill());
        fill();
    }

    private void fill() {
        boolean open = shell.board().isPresent();
        MenuItem fit =
                item("view.fit", () -> shell.board().ifPresent(b -> b.view().fit()));
        MenuItem surface = item("view.surface", shell::changeSurface);
        MenuItem backdrop = item("view.backdrop", shell.backdrops()::choose);
        MenuItem adjust = item("view.adjust-backdrop", shell.backdrops()::adjust);
        MenuItem noBackdrop = item("view.no-backdrop", shell.backdrops()::remove);
        CheckMenuItem signs = new CheckMenuItem(Ui.text("view.signs"));
        signs.setId("view-signs");
        shell.board().ifPresent(b -> signs.setSelected(b.view().legendProperty().get()));
        signs.setOnAction(
                e -> shell.board().ifPresent(b -> b.view().legendProperty().set(signs.isSelected())));
        CheckMenuItem history = new CheckMenuItem(Ui.text("view.history"));
        history.setId("view-history");
        shell.board()
                .ifPresent(b -> history.setSelected(b.historyShownProperty().get()));
        history.setOnAction(
                e -> shell.board().ifPresent(b -> b.historyShownProperty().set(history.isSelected())));
        CheckMenuItem onion = new CheckMenuItem(Ui.text("view.onion"));
        onion.setId("view-onion");
        shell.board().ifPresent(b -> onion.setSelected(b.view().onionProperty().get()));
        onion.setOnAction(
                e -> shell.board().ifPresent(b -> b.view().onionProperty().set(onion.isSelected())));
        MenuItem action =
                item("view.action", () -> shell.board().ifPresent(b -> b.view().fitAction()));
        MenuItem tray = check("view.tray", shell.sizes().trayProperty());
        MenuItem panel = check("view.panel", shell.sizes().panelProperty());
        MenuItem lanes = check("view.lanes", shell.sizes().lanesProperty());
        for (MenuItem needsDrill : List.of(action, tray, panel, lanes, fit, surface, backdrop, signs, onion, history)) {
            needsDrill.setDisable(!open);
        }
        adjust.setDisable(shell.backdrops().now().isEmpty());
        noBackdrop.setDisable(shell.backdrops().now().isEmpty());
        getItems()
                .setAll(
                        item("view.tour", () -> shell.demo().startTour()),
                        new SeparatorMenuItem(),
                        tray,
                        panel,
                        lanes,
                        new SeparatorMenuItem(),
                        action,
                        fit,
                        surface,
                        signs,
                        onion,
                        history,
                        backdrop,
                        adjust,
                        noBackdrop,
                        new SeparatorMenuItem(),
                        choice(
                                "view.unit",
                                units(),
                                shell.reader().chosen(),
                                u -> Ui.text("unit." + u.map(LengthUnit::name).orElse("SPORT")),
                                u -> shell.setReader(shell.reader().withUnit(u))),
                        choice(
                                "view.strokes",
                                List.of(StrokeCode.values()),
                                shell.reader().code(),
                                c -> Ui.text("strokes." + c),
                                c -> shell.setReader(shell.reader().withCode(c))),
                        item("view.house", shell.house()::ask),
                        item("view.figures", shell.figures()::ask),
                        choice(
                                "view.text",
                                List.of(100, 125, 150),
                                shell.textPercent(),
                                p -> p + " %",
                                shell::setTextPercent));
    }

    /** As the sport speaks, or one for all. */
    private static List<Optional<LengthUnit>> units() {
        List<Optional<LengthUnit>> all = new ArrayList<>(List.of(Optional.empty()));
        Stream.of(LengthUnit.values()).map(Optional::of).forEach(all::add);
        return all;
    }

    private static CheckMenuItem check(String key, BooleanProperty shown) {
        CheckMenuItem item = new CheckMenuItem(Ui.text(key));
        item.setId(key.replace('.', '-'));
        item.setSelected(shown.get());
        item.setOnAction(e -> shown.set(item.isSelected()));
        return item;
    }

    private static MenuItem item(String key, Runnable action) {
        MenuItem item = new MenuItem(Ui.text(key));
        item.setId(key.replace('.', '-'));
        item.setOnAction(e -> action.run());
        return item;
    }

    private static <T> Menu choice(String key, List<T> all, T now, Function<T, String> name, Consumer<T> choose) {
        Menu menu = new Menu(Ui.text(key));
        menu.setId(key.replace('.', '-'));
        for (T value : all) {
            RadioMenuItem item = new RadioMenuItem(name.apply(value));
            item.setSelected(value.equals(now));
            item.setOnAction(e -> choose.accept(value));
            menu.getItems().add(item);
        }
        return menu;
    }
}
