package wildchalk.picture.export;

import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Drill;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Texts;
import wildchalk.picture.paint.Crop;
import wildchalk.picture.paint.Frame;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Many drills on one picture, each small with all of its steps, to look for one or to hang on a wall. */
public final class ContactSheet implements Still {

    /** More than these nobody looks through on one picture. */
    public static final int MOST_DRILLS = 200;

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    private static final int ACROSS = 4;
    /** Printed 19 cm wide, 12.5 of these are nine of a printer's points. */
    private static final double USUAL_WIDTH = 748;

    private static final double PAD = 14;
    private static final double BETWEEN = 14;
    private static final double ASPECT = 0.6;
    /** Marks in pictures that are so small. */
    private static final double MARK_UNIT = 0.48;

    private final Ground ground;
    private final double width;
    private final double pad;
    private final Column column;

    private ContactSheet(String title, List<Told> drills, Ground ground, double width) {
        this.ground = ground;
        this.width = width;
        double unit = width / USUAL_WIDTH;
        this.pad = PAD * unit;
        this.column = new Column(width - 2 * pad)
                .text(title, Fonts.bold(20 * unit), ground.text())
                .text(TEXTS.get("contact.about", drills.size()), Fonts.regular(13 * unit), ground.quiet())
                .gap(10 * unit);
        double wide = (width - 2 * pad - (ACROSS - 1) * BETWEEN * unit) / ACROSS;
        for (int i = 0; i < drills.size(); i += ACROSS) {
            column.row(
                            drills.subList(i, Math.min(drills.size(), i + ACROSS)).stream()
                                    .map(t -> card(t, wide, unit))
                                    .toList(),
                            BETWEEN * unit)
                    .gap(BETWEEN * unit);
        }
    }

    /**
     * Works out the drills once, for a picture of any width.
     *
     * @param title above all of them
     * @throws IOException when there are none, or more than {@link #MOST_DRILLS}
     */
    public static Still.Layout of(String title, List<Drill> drills, Ground ground, Progress progress)
            throws IOException {
        if (drills.isEmpty()) {
            throw new IOException(TEXTS.get("contact.none"));
        }
        if (drills.size() > MOST_DRILLS) {
            throw new IOException(TEXTS.get("contact.many", drills.size(), MOST_DRILLS));
        }
        List<Told> told = SideBySide.each(
                drills.size(),
                i -> Told.of(drills.get(i), drills.get(i).base()),
                done -> Progress.tell(progress, (double) done / drills.size()));
        return width -> new ContactSheet(title, told, ground, width);
    }

    private Column card(Told told, double wide, double unit) {
        Column card = new Column(wide)
                .picture(wide * ASPECT, (g, w, h) -> paint(told, g, w, h, MARK_UNIT * unit))
                .gap(4 * unit)
                .text(told.drill().title(), Fonts.bold(14 * unit), ground.text());
        about(told.drill()).forEach(a -> card.text(a, Fonts.regular(12.5 * unit), ground.quiet()));
        return card;
    }

    private static List<String> about(Drill drill) {
        Audience audience = drill.audience();
        List<String> all = new ArrayList<>();
        all.add(drill.surface().title());
        int fewest = audience.players().min();
        int most = audience.players().max();
        all.add(
                fewest == most
                        ? TEXTS.get("contact.figures.one", fewest, audience.minutes())
                        : TEXTS.get("contact.figures", fewest, most, audience.minutes()));
        if (!drill.themes().isEmpty()) {
            all.add(String.join(", ", drill.themes()));
        }
        return all;
    }

    private void paint(Told told, Graphics2D g, double w, double h, double unit) {
        Frame frame = Frame.ofAll(told.drill(), told.path(), told.timeline());
        Viewport v = Crop.ofSetUp(frame, w, h, unit);
        new Painter(ground, told.reader().code())
                .paintSmall(g, frame.with(frame.extra().withArea(Crop.area(v))), v);
    }

    @Override
    public double height() {
        return column.height() + 2 * pad;
    }

    @Override
    public void paint(Graphics2D g) {
        Painter.prepare(g);
        g.setColor(ground.surround());
        g.fill(new Rectangle2D.Double(0, 0, width, Math.ceil(height())));
        column.paint(g, pad, pad);
    }
}
