package wildchalk.picture.export;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.picture.style.Ground;

/**
 * One HTML file that plays drills on a phone, without a network. Its content policy allows nothing but its own style
 * and its own script, by their hashes; every text is escaped.
 *
 * @param intro what stands above the first drill, as XHTML
 * @param note what the figures are, in plain words
 */
record PageFile(String title, String about, String intro, String note, List<PageStage> stages, Ground ground) {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    PageFile {
        stages = List.copyOf(stages);
    }

    byte[] bytes(Progress progress) throws IOException {
        String style = FontFaces.css() + Template.resource("page.css") + PageLooks.colours(ground) + AtDusk.css(ground);
        String script = Template.of("page.js")
                .fill(Map.of(
                        "aloud",
                        Template.resource("page-aloud.js"),
                        "know",
                        Template.resource("page-know.js"),
                        "changed",
                        Template.resource("page-changed.js")));
        String policy = "default-src 'none'; script-src '" + PageLooks.hash(script) + "'; style-src '"
                + PageLooks.hash(style) + "'; font-src data:; base-uri 'none'; form-action 'none'";
        List<Play> plays = stages.stream().flatMap(s -> s.plays().stream()).toList();
        Map<String, CharSequence> values = new HashMap<>();
        values.put("policy", policy);
        values.put("style", style);
        values.put("script", script);
        values.put("labels", PageWords.labels());
        values.put(
                "viewBox",
                "0 0 " + Numbers.brief(stages.get(0).v().width(), 1) + " "
                        + Numbers.fixed(stages.get(0).v().height(), 1));
        values.put("picture", PageBoard.of(stages, ground, progress));
        values.put("roles", PageWords.roleOptions(stages.get(0).plays()));
        values.put("chapters", PageWords.chapters(stages));
        values.put("words", PageWords.words(plays));
        values.put("parts", PageWords.parts(plays));
        values.put("data", PageData.of(stages));
        values.put("about", Xhtml.escape(about));
        values.put("intro", intro);
        values.put("chapter-label", Xhtml.escape(TEXTS.get(stages.size() > 1 ? "page.drill" : "page.version")));
        values.put("aloud", Xhtml.escape(TEXTS.get("page.aloud")));
        values.put("know", Xhtml.escape(TEXTS.get("page.know")));
        values.put("note", Xhtml.escape(note));
        values.put("title", Xhtml.escape(title));
        String page = Template.of("page.html").fill(values);
        Progress.tell(progress, 1);
        return page.getBytes(StandardCharsets.UTF_8);
    }
}
