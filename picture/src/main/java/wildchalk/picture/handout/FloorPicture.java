package wildchalk.picture.handout;

import java.awt.Graphics2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import wildchalk.core.handout.Post;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.text.Texts;
import wildchalk.core.words.PlanWriter;
import wildchalk.picture.export.Column;
import wildchalk.picture.export.Still;
import wildchalk.picture.paint.FloorPainter;
import wildchalk.picture.paint.Painter;
import wildchalk.picture.paint.Viewport;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** The floor of each block of an hour that has stations: what stands where, with which drill, who is there and with whom. */
final class FloorPicture implements Still {

    private static final Texts TEXTS = Texts.of("wildchalk.picture.picture");
    /** Marks of a floor that is that large. */
    private static final double MARK_UNIT = 0.67;

    /** Printed 19 cm wide, 12.5 of these are nine of a printer's points. */
    private static final double USUAL_WIDTH = 748;

    private static final double PAD = 14;
    private static final double BETWEEN = 16;
    /** A floor beside what is said of it takes this share of the width. */
    private static final double FLOOR_SHARE = 0.62;
    /** Who waits stands beyond the lines where the floor ends. */
    private static final double ROOM_FOR_QUEUES = 0.9;

    private final HourTold told;
    private final PlanWriter writer;
    private final Session session;
    private final double width;
    private final double unit;
    private final Column column;
    private final Ground ground;

    private FloorPicture(HourTold told, Ground ground, double width) {
        this.told = told;
        this.writer = told.hour().writer();
        this.session = told.hour().session();
        this.ground = ground;
        this.width = width;
        this.unit = width / USUAL_WIDTH;
        this.column = new Column(width - 2 * PAD * unit)
                .text(session.title(), Fonts.bold(20 * unit), ground.text())
                .text(
                        TEXTS.get(
                                "floor.when",
                                HourSheet.DAY.format(session.date()),
                                session.floor().surface().title()),
                        Fonts.regular(13 * unit),
                        ground.quiet());
        blocks(told).forEach(this::add);
    }

    /** @throws IOException where no block has a station with a drill */
    static Still.Layout of(HourTold told, Ground ground) throws IOException {
        if (blocks(told).isEmpty()) {
            throw new IOException(TEXTS.get("floor.none"));
        }
        return width -> new FloorPicture(told, ground, width);
    }

    private static List<Slot> blocks(HourTold told) {
        return told.hour().plan().slots().stream()
                .filter(s -> !Post.of(s).isEmpty())
                .toList();
    }

    private void add(Slot slot) {
        double all = width - 2 * PAD * unit;
        double wide = FLOOR_SHARE * all;
        double aspect = Viewport.aspect(session.floor());
        double high = wide * Math.min(1, aspect);
        Column floor = new Column(wide).picture(high, (g, w, h) -> paint(slot, g, w, h));
        Column said = new Column(all - wide - BETWEEN * unit);
        Post.of(slot).forEach(p -> say(said, p));
        column.gap(18 * unit)
                .text(
                        TEXTS.get(
                                "hour.above",
                                writer.clock(slot.from()),
                                writer.clock(slot.to()),
                                PlanWriter.title(slot.block())),
                        Fonts.bold(15 * unit),
                        ground.text())
                .gap(6 * unit)
                .row(List.of(floor, said), BETWEEN * unit);
    }

    private void say(Column column, Post post) {
        String drill = post.title();
        String name = post.coach()
                .flatMap(session::coach)
                .map(c -> TEXTS.get("hour.station.with", post.number(), drill, c.name()))
                .orElseGet(() -> TEXTS.get("hour.station", post.number(), drill));
        column.text(name, Fonts.bold(13 * unit), ground.text());
        for (Post.Visit visit : post.visits()) {
            String who = writer.who(visit.here());
            column.text(
                    post.visits().size() > 1
                            ? TEXTS.get("hour.from", writer.clock(visit.round().from()), who)
                            : who,
                    Fonts.regular(13 * unit),
                    ground.text());
        }
        column.gap(8 * unit);
    }

    private void paint(Slot slot, Graphics2D g, double w, double h) {
        new FloorPainter(ground)
                .paint(
                        g,
                        session.floor(),
                        slot.rounds().get(0).stations().stream()
                                .map(s -> s.setUp())
                                .flatMap(Optional::stream)
                                .toList(),
                        Viewport.fitting(session.floor(), w, h)
                                .zoomed(ROOM_FOR_QUEUES, w / 2, h / 2)
                                .withUnit(MARK_UNIT * unit));
    }

    @Override
    public double height() {
        return column.height() + 2 * PAD * unit;
    }

    @Override
    public void paint(Graphics2D g) {
        Painter.prepare(g);
        g.setColor(ground.surround());
        g.fill(new Rectangle2D.Double(0, 0, width, Math.ceil(height())));
        column.paint(g, PAD * unit, PAD * unit);
    }
}
