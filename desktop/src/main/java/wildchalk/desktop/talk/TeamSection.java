package wildchalk.desktop.talk;

import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputDialog;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Team;
import wildchalk.core.edit.Courses;
import wildchalk.core.words.CourseWords;
import wildchalk.desktop.document.DrillDocument;
import wildchalk.desktop.document.Selection;
import wildchalk.desktop.ui.Dialogs;
import wildchalk.desktop.ui.LazyMenu;
import wildchalk.desktop.ui.Limited;
import wildchalk.desktop.ui.Ui;

/** Who are a team: each can be chosen on the board, called something else, or taken apart. */
final class TeamSection {

    private final DrillDocument document;

    private TeamSection(DrillDocument document) {
        this.document = document;
    }

    static Node of(DrillDocument document) {
        return new TeamSection(document).box();
    }

    private CourseWords words() {
        return new CourseWords(document.version(), document.drill().surface());
    }

    private Node box() {
        VBox box = new VBox(3, CourseSection.head(Ui.text("talk.teams.title")));
        box.getStyleClass().add("course");
        for (Team team : document.version().course().teams()) {
            HBox row = CourseSection.removable(
                    document, words().team(team), "team-gone-" + team.id(), Courses.removeTeam(team.id()));
            LazyMenu more = new LazyMenu("...", m -> fillTeam(m, team));
            more.setId("team-more-" + team.id());
            more.getStyleClass().addAll("step-menu", "plain");
            more.setAccessibleText(team.name());
            row.getChildren().add(1, more);
            box.getChildren().add(row);
        }
        return box;
    }

    private void fillTeam(LazyMenu menu, Team team) {
        MenuItem rename = new MenuItem(Ui.text("talk.team.rename"));
        rename.setId("team-rename");
        rename.setOnAction(e -> rename(team, menu));
        MenuItem choose = new MenuItem(Ui.text("talk.team.choose"));
        choose.setId("team-choose");
        choose.setOnAction(e -> document.selectionProperty().set(new Selection(Set.copyOf(team.roles()))));
        menu.getItems().setAll(rename, choose);
    }

    private void rename(Team team, Node near) {
        TextInputDialog dialog = new TextInputDialog(team.name());
        Limited.to(dialog.getEditor(), Limits.WORD);
        Dialogs.dress(dialog, near.getScene().getWindow());
        dialog.setHeaderText(Ui.text("talk.team.name"));
        dialog.showAndWait()
                .map(String::strip)
                .filter(t -> !t.isEmpty())
                .ifPresent(t -> document.edit(
                        Ui.text("edit.team"), Courses.teamName(team.id(), Limits.fitting(t, Limits.WORD))));
    }
}
