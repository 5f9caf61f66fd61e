package wildchalk.picture.export;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wildchalk.core.drill.StepId;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.picture.export.ExportOptions.Shown;
import wildchalk.picture.style.Ground;

/** A moving picture of a fixed size: a title, each rep with the words of its steps under it, a moment of rest behind each. */
public final class Film {

    /** Lying, 720 lines high. */
    static final int LYING_WIDTH = 1280;

    static final int UPRIGHT_WIDTH = 1080;

    static final int FRAMES_A_SECOND = 30;

    /** A film is looked at, not watched for an evening. */
    static final double MOST_SECONDS = 900;

    private static final double TITLE_SECONDS = 1.6;
    private static final double REST_SECONDS = 1.2;
    private static final double SLOW = 0.5;
    /** Less than this is nothing between two frames. */
    private static final double LEAST_SECONDS = 1e-6;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    /**
     * A stretch of it.
     *
     * @param from seconds of the rep
     * @param slow steps, from 0, that are shown slowly
     */
    private record Take(Clip clip, Told told, double from, double to, String title, String under, Set<Integer> slow) {

        /** Seconds of the rep, frame by frame. */
        List<Double> moments(double speed) {
            List<Double> all = new ArrayList<>();
            double t = from;
            while (t < to - LEAST_SECONDS) {
                all.add(t);
                boolean slowly = slow.contains(told.timeline().stepIndexAt(t));
                t += (slowly ? Math.min(SLOW, speed) : speed) / FRAMES_A_SECOND;
            }
            all.add(to);
            return all;
        }
    }

    /** Takes the frames one after the other. */
    interface Camera {
        /** @param times how many frames it stands */
        void take(BufferedImage image, int times) throws IOException;
    }

    private final List<Take> takes;
    private final Shown shown;
    private final int width;
    private final int height;

    private Film(List<Take> takes, Shown shown, int width) {
        this.takes = List.copyOf(takes);
        this.shown = shown;
        this.width = width;
        this.height = height(width);
    }

    private static int height(int width) {
        return width == UPRIGHT_WIDTH ? 1920 : Math.max(2, width * 9 / 16 / 2 * 2);
    }

    /**
     * Of a drill: all reps that are wanted, or one step of the open one.
     *
     * @throws TooLong when it lasts longer than anybody watches
     */
    static Film of(Told told, ExportOptions how) throws TooLong {
        int width = how.widthPixels() / 2 * 2;
        boolean part = how.step() >= 0 && how.step() < told.timeline().steps().size();
        List<Told> reps = part ? List.of(told) : Clip.reps(told, how);
        TooLong.check(reps, MOST_SECONDS);
        Clip clip = new Clip(reps, how.ground(), width, height(width));
        List<Take> takes = new ArrayList<>();
        for (Told rep : reps) {
            double from = part ? told.timeline().steps().get(how.step()).start() : 0;
            double to = part
                    ? told.timeline().steps().get(how.step()).end()
                    : rep.timeline().seconds();
            String title = takes.isEmpty() ? rep.drill().title() : clip.about(rep);
            takes.add(new Take(clip, rep, from, Math.max(from, to), title, clip.about(rep), slow(told, how, rep)));
        }
        return new Film(takes, how.shown(), width);
    }

    /** Steps of a rep that are those of the open one which shall be slow. */
    private static Set<Integer> slow(Told open, ExportOptions how, Told rep) {
        Set<StepId> wanted = how.slow().stream()
                .filter(i -> i < open.path().steps().size())
                .map(i -> open.path().steps().get(i).id())
                .collect(Collectors.toSet());
        return IntStream.range(0, rep.path().steps().size())
                .filter(i -> wanted.contains(rep.path().steps().get(i).id()))
                .boxed()
                .collect(Collectors.toSet());
    }

    /** One rep. @param title before it */
    public record Chapter(String title, String under, Told told) {}

    /**
     * Of several drills, one rep of each.
     *
     * @throws TooLong when it lasts longer than anybody watches
     */
    public static byte[] bytes(List<Chapter> chapters, Ground ground, Shown shown, Progress progress)
            throws IOException {
        return Mp4Export.bytes(of(chapters, ground, shown), progress);
    }

    /** What it would be. @param wide pixels of each picture */
    public static Preview look(List<Chapter> chapters, Ground ground, Shown shown, int wide) throws IOException {
        Film film = of(chapters, ground, shown);
        return new Preview(film.pictures(MOST_PICTURES, wide), film.about());
    }

    private static final int MOST_PICTURES = 12;

    private static Film of(List<Chapter> chapters, Ground ground, Shown shown) throws TooLong {
        TooLong.check(chapters.stream().map(Chapter::told).toList(), MOST_SECONDS);
        List<Take> takes = new ArrayList<>();
        for (Chapter c : chapters) {
            Clip clip = new Clip(List.of(c.told()), ground, LYING_WIDTH, height(LYING_WIDTH));
            takes.add(new Take(clip, c.told(), 0, c.told().timeline().seconds(), c.title(), c.under(), Set.of()));
        }
        return new Film(takes, shown, LYING_WIDTH);
    }

    int width() {
        return width;
    }

    int height() {
        return height;
    }

    double seconds() {
        return (double) frames() / FRAMES_A_SECOND;
    }

    /** How many frames it has. */
    int frames() {
        int all = 0;
        for (Take take : takes) {
            all += frames(TITLE_SECONDS);
            for (double speed : speeds()) {
                all += take.moments(speed).size() + frames(REST_SECONDS);
            }
        }
        return all;
    }

    private List<Double> speeds() {
        return switch (shown) {
            case ONCE -> List.of(1.0);
            case SLOWLY -> List.of(SLOW);
            case BOTH -> List.of(1.0, SLOW);
        };
    }

    private static int frames(double seconds) {
        return (int) Math.round(seconds * FRAMES_A_SECOND);
    }

    /** Shows all of it to a camera; what stands still is drawn once. */
    void show(Camera camera, Progress progress) throws IOException {
        BufferedImage image = takes.get(0).clip().blank();
        int all = frames();
        int done = 0;
        for (Take take : takes) {
            take.clip().card(take.title(), take.under(), image);
            camera.take(image, frames(TITLE_SECONDS));
            done += frames(TITLE_SECONDS);
            for (double speed : speeds()) {
                List<Double> moments = take.moments(speed);
                for (int i = 0; i < moments.size(); i++) {
                    Progress.tell(progress, (double) done++ / all);
                    take.clip().draw(take.told(), moments.get(i), image);
                    camera.take(image, i + 1 < moments.size() ? 1 : 1 + frames(REST_SECONDS));
                }
                done += frames(REST_SECONDS);
            }
        }
    }

    /** One picture of each stretch, so wide. */
    List<BufferedImage> pictures(int most, int wide) {
        List<BufferedImage> all = new ArrayList<>();
        BufferedImage full = takes.get(0).clip().blank();
        for (Take take : takes.subList(0, Math.min(most, takes.size()))) {
            take.clip().draw(take.told(), (take.from() + take.to()) / 2, full);
            BufferedImage image = new BufferedImage(
                    wide, Math.max(1, Math.round((float) wide * height / width)), BufferedImage.TYPE_INT_RGB);
            Graphics2D g = image.createGraphics();
            g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
            g.drawImage(full, 0, 0, wide, image.getHeight(), null);
            g.dispose();
            all.add(image);
        }
        return all;
    }

    /** Its length and size, in words. */
    String about() {
        return TEXTS.get("preview.film", Numbers.fixed(seconds(), 1), String.valueOf(width), String.valueOf(height));
    }
}
