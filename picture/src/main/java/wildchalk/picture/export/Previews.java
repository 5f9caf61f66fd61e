package wildchalk.picture.export;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Fonts;

/** What files to hand out will look like, drawn by what makes them. */
final class Previews {

    /** More pages, ways and versions than anybody leafs through before he saves. */
    static final int MOST_PICTURES = 12;

    /** Where in a rep a moving picture is shown: half way something is under way. */
    private static final double SHOWN_AT = 0.5;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");

    private Previews() {}

    /** The pages themselves. */
    static Preview sheet(Told told, ExportOptions how, int width, Progress progress) throws IOException {
        byte[] pdf = SheetExport.of(told, how, fraction -> progress.at(fraction / 2));
        return PdfPreview.of(pdf, how.paper(), width, progress);
    }

    static Preview png(Told told, ExportOptions how, int width, Progress progress) throws IOException {
        return PngExport.look(w -> new StepPicture(told, how.step(), how.ground(), w), how.widthPixels(), width);
    }

    static Preview svg(Told told, ExportOptions how, int width, Progress progress) throws IOException {
        return SvgExport.look(w -> new StepPicture(told, how.step(), how.ground(), w), width);
    }

    /** One moment of each rep. */
    static Preview clip(Told told, ExportOptions how, int width, Progress progress) throws IOException {
        Clip clip = new Clip(told, how, width);
        TooLong.check(clip.reps(), GifExport.MOST_SECONDS);
        List<BufferedImage> pictures = new ArrayList<>();
        for (Told rep : clip.reps().stream().limit(MOST_PICTURES).toList()) {
            Progress.tell(progress, (double) pictures.size() / clip.reps().size());
            BufferedImage image = clip.blank();
            clip.draw(rep, rep.timeline().seconds() * SHOWN_AT, image);
            pictures.add(image);
        }
        long height = Math.round((double) clip.height() * how.widthPixels() / width);
        String seconds = Numbers.fixed(clip.seconds(), 1);
        int reps = clip.reps().size();
        return new Preview(
                pictures,
                reps == 1
                        ? TEXTS.get("preview.clip", seconds, how.widthPixels(), height)
                        : TEXTS.get("preview.clips", reps, seconds, how.widthPixels(), height));
    }

    /** The middle of each stretch. */
    static Preview film(Told told, ExportOptions how, int width, Progress progress) throws IOException {
        Film film = Film.of(told, how);
        return new Preview(film.pictures(MOST_PICTURES, width), film.about());
    }

    /** The picture that the page begins with, for each way that it plays. */
    static Preview page(Told told, ExportOptions how, int width, Progress progress) throws IOException {
        List<Play> plays = Play.all(told, how);
        TooLong.check(plays.stream().map(Play::told).toList(), PageExport.MOST_SECONDS);
        List<BufferedImage> pictures = new ArrayList<>();
        for (Play play : plays.stream().limit(MOST_PICTURES).toList()) {
            Progress.tell(progress, (double) pictures.size() / plays.size());
            pictures.add(page(play, how, width));
        }
        long versions = plays.stream()
                .map(p -> p.told().run().version().id())
                .distinct()
                .count();
        return new Preview(
                pictures,
                TEXTS.get(
                        "preview.phone",
                        TEXTS.get(versions == 1 ? "preview.version" : "preview.versions", versions),
                        TEXTS.get(plays.size() == 1 ? "preview.way" : "preview.ways", plays.size())));
    }

    private static BufferedImage page(Play play, ExportOptions how, int width) {
        Told told = play.told();
        Viewport v = PageStage.viewport(List.of(play), false, width);
        double unit = width / 380.0;
        int title = (int) Math.ceil(44 * unit);
        BufferedImage image = new BufferedImage(width, (int) Math.ceil(v.height()) + title, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        Painter.prepare(g);
        g.setColor(how.ground().surround());
        g.fillRect(0, 0, width, image.getHeight());
        g.setColor(how.ground().text());
        g.setFont(Fonts.bold(15 * unit));
        g.drawString(told.drill().title(), (float) (12 * unit), (float) (20 * unit));
        g.setFont(Fonts.regular(12 * unit));
        String way = told.run().label().isEmpty() ? "" : " · " + told.run().label();
        g.drawString(told.run().version().title() + way, (float) (12 * unit), (float) (36 * unit));
        g.translate(0, title);
        g.clipRect(0, 0, width, (int) Math.ceil(v.height()));
        new Painter(how.ground(), told.reader().code())
                .paint(g, Frame.ofStep(told.drill(), told.path(), told.timeline(), 0), v);
        g.dispose();
        return image;
    }
}
