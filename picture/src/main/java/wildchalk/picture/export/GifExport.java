package wildchalk.picture.export;

import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;
import wildchalk.core.words.StepWords;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** The whole rep as an animated GIF that repeats, with the step's sentences under it. */
public final class GifExport {

    /** Hundredths of a second that a frame stands. */
    public static final int FRAME_HUNDREDTHS = 8;

    /** How long the last frame stands, so that the eye can rest before the next round. */
    public static final int LAST_HUNDREDTHS = 120;

    private static final int WIDTH = 800;
    private static final double CAPTION_SIZE = 13;
    private static final int CAPTION_LINE = 19;
    /** A clip is looked at, not watched for an evening. */
    private static final double MOST_SECONDS = 600;
    /** More captions than there is room for under a picture. */
    private static final int MOST_LINES = 14;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private GifExport() {}

    /** Frames of a rep of so many seconds: the first at the whistle, the last at or after the end. */
    public static int frames(double seconds) {
        return (int) Math.ceil(seconds * 100 / FRAME_HUNDREDTHS) + 1;
    }

    public static byte[] of(Told told, Ground ground, Progress progress) throws IOException {
        return of(List.of(told), ground, progress);
    }

    /** One rep after another, such as the paths of a drill that can go several ways. */
    public static byte[] of(List<Told> reps, Ground ground, Progress progress) throws IOException {
        TooLong.check(reps, MOST_SECONDS);
        Told first = reps.get(0);
        Viewport viewport = Viewport.fitting(
                first.drill().surfaceUse(),
                WIDTH,
                WIDTH * Math.min(1, Viewport.aspect(first.drill().surfaceUse())));
        int lines = reps.stream()
                .flatMap(r -> r.talk().steps().stream())
                .mapToInt(s -> s.sentences().size())
                .max()
                .orElse(0);
        lines = Math.min(lines, MOST_LINES);
        int height = (int) Math.ceil(viewport.height()) + 40 + lines * CAPTION_LINE;
        Painter painter = new Painter(ground, first.reader().code());
        BufferedImage surface = surface(first, ground, painter, viewport, height);
        int total = reps.stream().mapToInt(r -> frames(r.timeline().seconds())).sum();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        BufferedImage image = new BufferedImage(WIDTH, height, BufferedImage.TYPE_INT_RGB);
        int done = 0;
        try (GifWriter gif = new GifWriter(bytes)) {
            for (Told told : reps) {
                int frames = frames(told.timeline().seconds());
                for (int i = 0; i < frames; i++) {
                    Progress.tell(progress, (double) done++ / total);
                    double t = Math.min(told.timeline().seconds(), i * FRAME_HUNDREDTHS / 100.0);
                    Graphics2D g = image.createGraphics();
                    g.drawImage(surface, 0, 0, null);
                    Frame frame = Frame.at(told.drill(), told.path(), told.timeline(), t);
                    g.setClip(new Rectangle(0, 0, WIDTH, (int) viewport.height()));
                    painter.paintMarks(g, frame, viewport);
                    g.setClip(null);
                    caption(g, told, ground, frame, viewport.height());
                    g.dispose();
                    gif.add(image, i + 1 < frames ? FRAME_HUNDREDTHS : LAST_HUNDREDTHS);
                }
            }
        }
        Progress.tell(progress, 1);
        return bytes.toByteArray();
    }

    private static BufferedImage surface(Told told, Ground ground, Painter painter, Viewport viewport, int height) {
        BufferedImage surface = new BufferedImage(WIDTH, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = surface.createGraphics();
        g.setColor(ground.surround());
        g.fillRect(0, 0, WIDTH, height);
        painter.paintGround(g, told.drill().surfaceUse(), viewport);
        g.setColor(ground.surround());
        g.fill(new Rectangle2D.Double(0, viewport.height(), WIDTH, height - viewport.height()));
        g.dispose();
        return surface;
    }

    private static void caption(Graphics2D g, Told told, Ground ground, Frame frame, double top) {
        g.setColor(ground.text());
        g.setFont(Fonts.bold(CAPTION_SIZE + 2));
        StepWords step =
                told.talk().steps().isEmpty() ? null : told.talk().steps().get(frame.currentStep());
        String way = told.run().label().isEmpty() ? "" : " · " + told.run().label();
        String title = told.drill().title() + way + (step == null ? "" : " · " + step.title());
        g.drawString(title, 14, (float) (top + 20));
        if (step == null) {
            return;
        }
        float y = (float) (top + 20);
        int said = step.sentences().size();
        boolean all = said <= MOST_LINES;
        for (var sentence : step.sentences().subList(0, all ? said : MOST_LINES - 1)) {
            y += CAPTION_LINE;
            g.setFont(fitting(g, sentence.text()));
            g.drawString(sentence.text(), 14, y);
        }
        if (!all) {
            g.setFont(Fonts.regular(CAPTION_SIZE));
            g.drawString(TEXTS.get("clip.more", said - MOST_LINES + 1), 14, y + CAPTION_LINE);
        }
    }

    private static Font fitting(Graphics2D g, String text) {
        Font font = Fonts.regular(CAPTION_SIZE);
        double wide = font.getStringBounds(text, g.getFontRenderContext()).getWidth();
        double room = WIDTH - 28;
        return wide <= room ? font : Fonts.regular(CAPTION_SIZE * room / wide);
    }
}
