package wildchalk.picture.export;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.text.Texts;
import wildchalk.core.words.Line;
import wildchalk.core.words.StepWords;

/** The words of a page: steps, rules, parts, and what its controls are called. */
final class PageWords {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    private static final ObjectMapper JSON = new ObjectMapper();

    /** What the script of a page says; a figure goes where {@code #1} stands. */
    private static final List<String> LABELS = List.of(
            "play",
            "pause",
            "aloud",
            "quiet",
            "know",
            "know-stop",
            "know-choose",
            "know-nothing",
            "know-ready",
            "know-go",
            "know-tap",
            "know-keys",
            "know-aim",
            "know-left",
            "know-right",
            "know-up",
            "know-down",
            "know-off",
            "know-early",
            "know-late",
            "know-on-time",
            "know-missed",
            "know-score",
            "know-best",
            "changed");

    private PageWords() {}

    // ---- the words ----

    static String labels() {
        ObjectNode labels = JSON.createObjectNode();
        for (String key : LABELS) {
            labels.put(key, TEXTS.get("page." + key));
        }
        return Xhtml.escape(labels.toString());
    }

    /** Labels of those who play, by their roles. */
    static Map<String, String> roles(List<Play> plays) {
        Map<String, String> labels = new LinkedHashMap<>();
        plays.forEach(p -> p.told().path().roles().forEach(r -> labels.putIfAbsent(r.id().text(), r.label())));
        return labels;
    }

    static String roleOptions(List<Play> plays) {
        StringBuilder html =
                new StringBuilder("<option value=\"\">" + Xhtml.escape(TEXTS.get("page.everyone")) + "</option>");
        roles(plays)
                .forEach((id, label) ->
                        html.append("<option value=\"%s\">%s</option>".formatted(id, Xhtml.escape(label))));
        return html.toString();
    }

    /** The versions, under the drill that they are of where there are several. */
    static String chapters(List<PageStage> stages) {
        StringBuilder html = new StringBuilder();
        for (int i = 0; i < stages.size(); i++) {
            PageStage stage = stages.get(i);
            Map<String, String> titles = new LinkedHashMap<>();
            for (Play p : stage.plays()) {
                titles.putIfAbsent(
                        PageStage.chapter(stages, i, p),
                        p.told().run().version().title());
            }
            String now = i > 0 ? "" : PageStage.chapter(stages, i, first(stage.plays()));
            boolean only = titles.size() == 1 && stages.size() > 1;
            html.append(
                    only || stage.title().isEmpty()
                            ? ""
                            : "<optgroup label=\"%s\">".formatted(Xhtml.escape(stage.title())));
            titles.forEach((id, title) -> html.append("<option value=\"%s\"%s>%s</option>"
                    .formatted(id, id.equals(now) ? " selected" : "", Xhtml.escape(only ? stage.title() : title))));
            html.append(only || stage.title().isEmpty() ? "" : "</optgroup>");
        }
        return html.toString();
    }

    private static Play first(List<Play> plays) {
        return plays.stream().filter(p -> p.id().isEmpty()).findFirst().orElse(plays.get(0));
    }

    static String words(List<Play> plays) {
        StringBuilder html = new StringBuilder();
        for (int i = 0; i < plays.size(); i++) {
            Told told = plays.get(i).told();
            html.append("<div class=\"told\" data-play=\"%d\"%s>"
                    .formatted(i, plays.get(i).id().isEmpty() ? "" : " hidden"));
            String suits = told.run().version().course().suits().inWords();
            if (!suits.isEmpty()) {
                html.append("<p>")
                        .append(Xhtml.escape(TEXTS.get("sheet.level", suits)))
                        .append("</p>");
            }
            lines(html, "page.changes", told.talk().changes());
            html.append("<ol>");
            for (int s = 0; s < told.talk().steps().size(); s++) {
                step(html, told.talk().steps().get(s), s);
            }
            html.append("</ol>");
            lines(html, "page.rules", told.talk().rules());
            lines(html, "page.rotation", told.talk().rotation());
            lines(html, "page.cautions", told.talk().cautions());
            html.append("</div>");
        }
        return html.toString();
    }

    private static void lines(StringBuilder html, String title, List<String> lines) {
        if (!lines.isEmpty()) {
            html.append("<h2>").append(Xhtml.escape(TEXTS.get(title))).append("</h2><ul>");
            lines.forEach(l -> html.append("<li>").append(Xhtml.escape(l)).append("</li>"));
            html.append("</ul>");
        }
    }

    private static void step(StringBuilder html, StepWords step, int index) {
        // of what is done again one line is said
        String hidden = step.lines().isEmpty() && !step.sentences().isEmpty() ? " hidden" : "";
        html.append("<li data-step=\"%d\"%s><button type=\"button\" class=\"go\"><b>%s</b> <span>%s</span></button>"
                .formatted(index, hidden, Xhtml.escape(step.title()), Xhtml.escape(step.span())));
        if (!step.numbers().isEmpty()) {
            html.append("<p><b>").append(Xhtml.escape(step.numbers())).append("</b></p>");
        }
        for (Line line : step.lines()) {
            html.append("<p class=\"line\">%s <small>%s</small></p>"
                    .formatted(Xhtml.escape(line.text()), Xhtml.escape(line.measure())));
        }
        for (String point : step.points()) {
            html.append("<p class=\"point\">%s</p>".formatted(Xhtml.escape(point)));
        }
        step.question()
                .ifPresent(q -> html.append("<details><summary>%s</summary><p>%s</p></details>"
                        .formatted(Xhtml.escape(q.ask()), Xhtml.escape(q.answer()))));
        html.append("</li>");
    }

    static String parts(List<Play> plays) {
        StringBuilder html = new StringBuilder();
        for (int i = 0; i < plays.size(); i++) {
            Told told = plays.get(i).told();
            Function<RoleId, List<String>> part = told.parts();
            for (Role role : told.path().roles()) {
                html.append(
                        "<section class=\"part\" data-play=\"%d\" data-role=\"%s\" hidden>".formatted(i, role.id()));
                for (String line : part.apply(role.id())) {
                    html.append("<p>").append(Xhtml.escape(line)).append("</p>");
                }
                html.append("</section>");
            }
        }
        return html.toString();
    }
}
