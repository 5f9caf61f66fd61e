package wildchalk.desktop.session;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputDialog;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Limits;
import wildchalk.core.session.Beside;
import wildchalk.core.session.Coach;
import wildchalk.core.session.CoachId;
import wildchalk.core.session.Session;
import wildchalk.core.session.Sessions;
import wildchalk.core.text.Slugs;
import wildchalk.core.words.PlanWriter;
import wildchalk.desktop.session.SessionDocument.Worked;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Ui;

/** Who leads, what there is to set out, and what some do beside the blocks. */
final class StaffBox extends VBox {

    private final BiConsumer<String, UnaryOperator<Session>> edit;
    private final FlowPane leads = new FlowPane(6, 6);
    private final TextField coach = new TextField();
    private final TextField helper = new TextField();
    private final TextField aims = new TextField();
    private final Label kit = new Label();
    private final VBox beside = new VBox(4);
    private Worked worked;

    StaffBox(BiConsumer<String, UnaryOperator<Session>> edit) {
        super(8);
        this.edit = edit;
        getStyleClass().add("card-content");
        coach.setId("session-coach");
        field(coach, "session.coach.add");
        coach.setOnAction(e -> addCoach());
        helper.setId("session-helper");
        field(helper, "session.helper");
        typed(helper, t -> s -> s.withoutHelper(t));
        aims.setId("session-aims");
        field(aims, "session.aims");
        typed(
                aims,
                t -> s -> s.withAims(Stream.of(t.split(","))
                        .map(String::strip)
                        .filter(a -> !a.isEmpty())
                        .map(a -> Limits.fitting(a, Limits.LINE))
                        .limit(Limits.THEMES)
                        .toList()));
        kit.setWrapText(true);
        kit.setMinHeight(Region.USE_PREF_SIZE);
        Button count = SessionView.button("session-kit", "session.kit", this::askKit);
        Button more = SessionView.button("beside-more", "session.beside.more", this::askBeside);
        HBox gear = new HBox(8, kit, count);
        HBox.setHgrow(kit, Priority.ALWAYS);
        gear.setAlignment(Pos.CENTER_LEFT);
        getChildren()
                .setAll(
                        title("session.leads"),
                        leads,
                        coach,
                        helper,
                        title("session.aims.title"),
                        aims,
                        title("session.kit.title"),
                        gear,
                        title("session.beside.title"),
                        beside,
                        more);
    }

    private static Label title(String key) {
        Label label = new Label(Ui.text(key));
        label.getStyleClass().add("course-title");
        return label;
    }

    private static void field(TextField field, String key) {
        field.setPromptText(Ui.text(key));
        field.setAccessibleText(Ui.text(key));
    }

    private interface Typed {
        UnaryOperator<Session> of(String text);
    }

    /** Counts with Enter, or when somebody goes elsewhere. */
    private void typed(TextField field, Typed typed) {
        field.setOnAction(e -> take(field, typed));
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                take(field, typed);
            }
        });
    }

    private void take(TextField field, Typed typed) {
        if (worked != null && !field.getText().strip().equals(said(field))) {
            edit.accept(
                    "session.edit.plan", typed.of(Limits.fitting(field.getText().strip(), Limits.TEXT)));
        }
    }

    private String said(TextField field) {
        Session s = worked.plan().session();
        return field == helper ? s.withoutHelper() : String.join(", ", s.aims());
    }

    private void addCoach() {
        String name = Limits.fitting(coach.getText().strip(), Limits.WORD);
        if (!name.isEmpty()) {
            edit.accept("session.edit.coach", s -> {
                List<String> taken =
                        s.coaches().stream().map(c -> c.id().text()).toList();
                Coach more = new Coach(new CoachId(Slugs.next("c", taken)), name);
                return s.withCoaches(
                        Stream.concat(s.coaches().stream(), Stream.of(more)).toList());
            });
            coach.clear();
        }
    }

    private void rename(Coach c) {
        TextInputDialog ask = new TextInputDialog(c.name());
        ask.setHeaderText(Ui.text("session.coach.rename"));
        Dialogs.dress(ask, getScene().getWindow());
        ask.showAndWait()
                .map(n -> Limits.fitting(n.strip(), Limits.WORD))
                .filter(n -> !n.isEmpty())
                .ifPresent(n -> edit.accept("session.edit.coach", s -> Sessions.coachNamed(s, c.id(), n)));
    }

    private void askKit() {
        KitDialog.ask(getScene().getWindow(), worked.plan().session().kit())
                .ifPresent(k -> edit.accept("session.edit.kit", s -> s.withKit(k)));
    }

    private void askBeside() {
        BesideDialog.ask(getScene().getWindow(), worked)
                .ifPresent(change -> edit.accept("session.edit.beside", change));
    }

    void show(Worked now, PlanWriter writer) {
        worked = now;
        Session session = now.plan().session();
        leads.getChildren().setAll(session.coaches().stream().map(this::lead).toList());
        for (TextField field : List.of(helper, aims)) {
            if (!field.isFocused()) {
                field.setText(said(field));
            }
        }
        kit.setText(writer.kit());
        beside.getChildren()
                .setAll(session.beside().stream().map(b -> row(b, writer)).toList());
    }

    private LazyMenu lead(Coach c) {
        MenuItem name = new MenuItem(Ui.text("session.coach.rename"));
        name.setOnAction(e -> rename(c));
        MenuItem gone = new MenuItem(Ui.text("session.coach.gone"));
        gone.setId("coach-gone-" + c.id());
        gone.setOnAction(e -> edit.accept("session.edit.coach", s -> Sessions.coachGone(s, c.id())));
        LazyMenu menu = new LazyMenu(c.name(), m -> m.getItems().setAll(name, gone)).withArrow();
        menu.setId("coach-" + c.id());
        menu.setMnemonicParsing(false);
        menu.getStyleClass().add("group-chip");
        return menu;
    }

    private HBox row(Beside b, PlanWriter writer) {
        Label said = new Label(writer.besideLine(b));
        said.setWrapText(true);
        said.setMinHeight(Region.USE_PREF_SIZE);
        HBox.setHgrow(said, Priority.ALWAYS);
        said.setMaxWidth(Double.MAX_VALUE);
        Button gone = new Button("×");
        gone.setId("beside-gone-" + b.id());
        gone.getStyleClass().addAll("plain", "gone");
        gone.setAccessibleText(Ui.text("session.beside.gone"));
        gone.setOnAction(e -> edit.accept("session.edit.beside", s -> Sessions.besideGone(s, b.id())));
        return new HBox(6, said, gone);
    }

    /** Of nobody's session. */
    static Optional<CoachId> named(Session session, String name) {
        return session.coaches().stream()
                .filter(c -> c.name().equals(name))
                .map(Coach::id)
                .findFirst();
    }
}
