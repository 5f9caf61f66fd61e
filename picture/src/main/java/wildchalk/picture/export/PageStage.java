package wildchalk.picture.export;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.surface.View;
import wildchalk.picture.paint.Crop;
import wildchalk.picture.paint.Viewport;

/**
 * One drill on a page, with the ways and versions of it that the page plays.
 *
 * @param title above its versions, where a page has several drills; perhaps nothing
 * @param me whose part is shown first, where it is somebody's own page
 */
record PageStage(String title, List<Play> plays, Viewport v, Optional<RoleId> me) {

    private static final int WIDTH = 760;

    /** On a phone the picture is about half as wide: marks have to be larger than on the board. */
    private static final double MARK_PIXELS = 1.5;

    PageStage {
        plays = List.copyOf(plays);
    }

    static PageStage of(String title, List<Play> plays, Optional<RoleId> me) {
        return new PageStage(title, plays, viewport(plays, false, WIDTH), me);
    }

    /**
     * How a page shows a drill: where its action is, if that can be shown much larger than the part in use.
     *
     * @param standing whether the length of the surface points up; then it is as high as it would be wide
     * @param width pixels of the picture that lies
     */
    static Viewport viewport(List<Play> plays, boolean standing, double width) {
        SurfaceUse use = plays.get(0).told().drill().surfaceUse();
        double unit = MARK_PIXELS * width / WIDTH;
        View view = Crop.ofReps(use, plays.stream().map(p -> p.told().path()).toList(), width, unit);
        Viewport lying = Viewport.fitting(view, false, width, width * Viewport.aspect(view))
                .withUnit(unit);
        return standing ? lying.turned() : lying;
    }

    /** What a version is named by among all of a page. */
    static String chapter(List<PageStage> all, int stage, Play play) {
        return chapter(all.size(), stage, play.told());
    }

    /** @param stages how many there are */
    static String chapter(int stages, int stage, Told told) {
        String version = told.run().version().id().text();
        return stages == 1 ? version : stage + ":" + version;
    }
}
