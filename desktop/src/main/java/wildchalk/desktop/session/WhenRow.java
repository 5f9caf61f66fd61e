package wildchalk.desktop.session;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import wildchalk.core.session.Session;
import wildchalk.desktop.ui.Ui;

/** Day, time, minutes and people of a session, typed. What cannot be is marked and told, and nothing is changed. */
final class WhenRow extends HBox {

    private final BiConsumer<String, UnaryOperator<Session>> edit;
    private final TextField day = field("session-day", 9);
    private final TextField start = field("session-start", 5);
    private final TextField minutes = field("session-minutes", 3);
    private final TextField people = field("session-people", 3);
    private final Label wrong = new Label();
    private Session session;

    WhenRow(BiConsumer<String, UnaryOperator<Session>> edit) {
        super(6);
        this.edit = edit;
        setAlignment(Pos.CENTER_LEFT);
        wrong.getStyleClass().add("alert");
        wrong.setId("session-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        getChildren().setAll(day, start, minutes, quiet("session.min"), people, quiet("session.people"), wrong);
        on(day, "session.wrong.day", t -> {
            LocalDate date = LocalDate.parse(t);
            return s -> s.withStart(date, s.start());
        });
        on(start, "session.wrong.start", t -> {
            LocalTime time = LocalTime.parse(t.length() == 4 ? "0" + t : t);
            return s -> s.withStart(s.date(), time);
        });
        on(minutes, "session.wrong.minutes", t -> {
            int count = Integer.parseInt(t);
            return checked(s -> s.withMinutes(count));
        });
        on(people, "session.wrong.people", t -> {
            int count = Integer.parseInt(t);
            return checked(s -> s.withPeople(count));
        });
    }

    /** Fails here where it cannot be, so that it is told here. */
    private UnaryOperator<Session> checked(UnaryOperator<Session> change) {
        change.apply(session);
        return change;
    }

    /** Wide enough for so many letters, whatever their size. */
    private static TextField field(String id, int letters) {
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(letters);
        field.setMinWidth(Region.USE_PREF_SIZE);
        field.setAccessibleText(Ui.text(id.replace('-', '.')));
        return field;
    }

    private static Label quiet(String key) {
        Label label = new Label(Ui.text(key));
        label.getStyleClass().add("quiet");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private interface Typed {
        UnaryOperator<Session> of(String text);
    }

    private void on(TextField field, String key, Typed typed) {
        Runnable take = () -> {
            if (session == null || field.getText().strip().equals(said(field))) {
                wrong.setText("");
                return;
            }
            try {
                UnaryOperator<Session> change = typed.of(field.getText().strip());
                wrong.setText("");
                edit.accept("session.edit.when", change);
            } catch (RuntimeException cannotBe) {
                wrong.setText(Ui.text(key));
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
        return field == day
                ? session.date().toString()
                : field == start
                        ? session.start().toString()
                        : field == minutes ? String.valueOf(session.minutes()) : String.valueOf(session.people());
    }

    void show(Session now, int present) {
        session = now;
        for (TextField field : new TextField[] {day, start, minutes, people}) {
            if (!field.isFocused()) {
                field.setText(said(field));
            }
        }
        boolean squad = now.squad().isPresent();
        people.setDisable(squad);
        if (squad) {
            people.setText(String.valueOf(present));
        }
    }
}
