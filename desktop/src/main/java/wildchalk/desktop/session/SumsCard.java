package wildchalk.desktop.session;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.session.Clash;
import wildchalk.core.session.Replan;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionRemedy;
import wildchalk.core.text.Texts;
import wildchalk.core.words.PlanWriter;
import wildchalk.desktop.session.SessionDocument.Worked;
import wildchalk.desktop.ui.Ui;

/** What the hour comes to, what does not go together with what mends it, and what to do with less time. */
final class SumsCard extends VBox {

    private final BiConsumer<String, UnaryOperator<Session>> edit;
    private final VBox sums = new VBox(4);
    private final Label count = new Label();
    private final VBox clashes = new VBox(8);
    private final TextField lost = new TextField();
    private final VBox plans = new VBox(4);
    private final GridPane table = new GridPane(10, 3);
    private boolean eachShown;
    private SessionDocument document;
    private Worked worked;

    SumsCard(BiConsumer<String, UnaryOperator<Session>> edit) {
        super(8);
        this.edit = edit;
        setId("sums-card");
        getStyleClass().add("card-content");
        count.getStyleClass().add("badge");
        count.setId("session-clashes");
        lost.setId("session-lost");
        lost.setPrefColumnCount(3);
        lost.setMinWidth(Region.USE_PREF_SIZE);
        lost.setAccessibleText(Ui.text("session.lost"));
        lost.setOnAction(e -> replan());
        HBox look = new HBox(8, title("session.look"), count);
        look.setAlignment(Pos.CENTER_LEFT);
        FlowPane less = new FlowPane(8, 6, lost, new Label(Ui.text("session.lost")));
        less.setAlignment(Pos.CENTER_LEFT);
        Hyperlink each = new Hyperlink(Ui.text("session.each"));
        each.setId("session-each");
        each.getStyleClass().add("mend");
        each.setOnAction(e -> {
            eachShown = !eachShown;
            showEach();
        });
        table.setId("session-table");
        table.managedProperty().bind(table.visibleProperty());
        table.setVisible(false);
        getChildren()
                .setAll(title("session.sums"), sums, each, table, look, clashes, title("session.less"), less, plans);
    }

    private static Label title(String key) {
        Label label = new Label(Ui.text(key));
        label.getStyleClass().add("course-title");
        return label;
    }

    private static Label line(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** Three ways to do with so many minutes less; each is one press. */
    private void replan() {
        plans.getChildren().clear();
        double minutes;
        try {
            minutes = Double.parseDouble(lost.getText().strip().replace(',', '.'));
        } catch (NumberFormatException noNumber) {
            plans.getChildren().add(line(Ui.text("session.lost.wrong")));
            return;
        }
        List<Replan> ways = Replan.of(
                worked.plan().session(),
                Math.max(0, minutes),
                document.library(),
                worked.squad(),
                document.simulations());
        PlanWriter writer = new PlanWriter(worked.plan(), worked.squad());
        for (Replan way : ways) {
            Hyperlink link = new Hyperlink(writer.replan(way));
            link.setId("replan-" + way.how());
            link.setWrapText(true);
            link.setOnAction(e -> edit.accept("session.edit.replan", s -> way.session()));
            plans.getChildren().add(link);
        }
        if (ways.isEmpty()) {
            plans.getChildren().add(line(Ui.text("session.lost.none")));
        }
    }

    private void showEach() {
        table.setVisible(eachShown);
        table.getChildren().clear();
        if (!eachShown) {
            return;
        }
        PlanWriter writer = new PlanWriter(worked.plan(), worked.squad());
        List<String> heads = PlanWriter.heads();
        for (int c = 0; c < heads.size(); c++) {
            Label head = new Label(heads.get(c));
            head.getStyleClass().add("course-title");
            head.setWrapText(true);
            table.add(head, c, 0);
        }
        List<List<String>> rows = writer.rows();
        for (int r = 0; r < rows.size(); r++) {
            for (int c = 0; c < rows.get(r).size(); c++) {
                Label cell = new Label(rows.get(r).get(c));
                cell.setMinWidth(c == 0 ? 90 : 28);
                table.add(cell, c, r + 1);
            }
        }
    }

    void show(SessionDocument open, Worked now, PlanWriter writer) {
        document = open;
        worked = now;
        plans.getChildren().clear();
        sums.getChildren().setAll(writer.sums().stream().map(SumsCard::line).toList());
        Label model = line(Texts.CORE.get("plan.model"));
        model.getStyleClass().add("quiet");
        sums.getChildren().add(model);
        showEach();
        List<Clash> found = now.plan().clashes();
        count.setVisible(!found.isEmpty());
        count.setText(String.valueOf(found.size()));
        clashes.getChildren().clear();
        if (found.isEmpty()) {
            clashes.getChildren().add(line(Ui.text("session.fine")));
        }
        for (int i = 0; i < found.size(); i++) {
            Label said = line(writer.clash(found.get(i)));
            said.getStyleClass().add(found.get(i).kind().isGrave() ? "alert" : "calm");
            VBox card = new VBox(2, said);
            for (SessionRemedy remedy : now.remedies().get(i)) {
                Hyperlink link = new Hyperlink(writer.mend(remedy));
                link.setId("mend-" + i + "-" + remedy.kind());
                link.getStyleClass().add("mend");
                link.setWrapText(true);
                link.setOnAction(e -> edit.accept("session.edit.mend", s -> remedy.then()));
                card.getChildren().add(link);
            }
            clashes.getChildren().add(card);
        }
    }
}
