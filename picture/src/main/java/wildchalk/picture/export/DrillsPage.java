package wildchalk.picture.export;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.RoleId;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;
import wildchalk.picture.style.Ground;

/** Several drills on one page for a phone, a chapter each. */
public final class DrillsPage {

    /** More ways of each are not carried where there are several drills. */
    private static final int MOST_WAYS = 6;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private DrillsPage() {}

    /**
     * One drill.
     *
     * @param title of the chapter
     * @param me whose part is shown first, where it is somebody's own page
     */
    public record Chapter(String title, Told told, Optional<RoleId> me) {}

    /** What an element of the introduction has as its {@code data-chapter} that leads to one of them. */
    public static String name(List<Chapter> chapters, int index) {
        return PageStage.chapter(chapters.size(), index, chapters.get(index).told());
    }

    /**
     * The page.
     *
     * @param chapters at least one
     * @param intro as XHTML, above the first
     * @throws TooLong when all reps together last longer than anybody watches
     */
    public static byte[] of(
            String title, String about, String intro, List<Chapter> chapters, Ground ground, Progress progress)
            throws IOException {
        List<PageStage> stages = SideBySide.each(chapters.size(), i -> stage(chapters.get(i), i), done -> {});
        TooLong.check(
                stages.stream().flatMap(s -> s.plays().stream()).map(Play::told).toList(), PageExport.MOST_SECONDS);
        String age = chapters.get(0).told().drill().audience().paceBand().label();
        return new PageFile(title, about, intro, TEXTS.get("page.figures", age), stages, ground).bytes(progress);
    }

    private static PageStage stage(Chapter chapter, int index) {
        List<Play> plays = new ArrayList<>();
        Told usual = chapter.told();
        plays.add(new Play(usual, index == 0 ? "" : "s" + index + "-"));
        for (Told way : usual.everyWay(MOST_WAYS)) {
            if (!way.path().equals(usual.path())) {
                plays.add(new Play(way, "s" + index + "-" + plays.size() + "-"));
            }
        }
        return PageStage.of(chapter.title(), plays, chapter.me());
    }
}
