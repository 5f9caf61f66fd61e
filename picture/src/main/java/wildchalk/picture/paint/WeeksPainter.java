package wildchalk.picture.paint;

import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.drill.Side;
import wildchalk.core.season.Share;
import wildchalk.core.season.Weeks;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.picture.style.Fonts;
import wildchalk.picture.style.Ground;

/** Plots of some weeks: every bar has its number beside it, so that nothing is told by length or colour alone. */
public final class WeeksPainter {

    private static final int MOST_THEMES = 10;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private static final double USUAL_SIZE = 13;

    private final Ground ground;
    private final double size;
    private final double row;
    private final double head;

    public WeeksPainter(Ground ground) {
        this(ground, 1);
    }

    /** @param scale of what is written, 1 as usual */
    public WeeksPainter(Ground ground, double scale) {
        this.ground = ground;
        this.size = USUAL_SIZE * scale;
        this.row = 22 * scale;
        this.head = 24 * scale;
    }

    public double themesHeight(Weeks weeks) {
        return head + row * Math.min(MOST_THEMES, weeks.allThemes().size()) + 4;
    }

    public double playersHeight(Weeks weeks) {
        return head + row * weeks.shares().size() + 4;
    }

    private void begin(Graphics2D g) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    }

    /** Minutes of each theme, a column a week. */
    public void themes(Graphics2D g, Weeks weeks, double width) {
        begin(g);
        List<String> themes = weeks.allThemes().stream().limit(MOST_THEMES).toList();
        double names = widest(g, themes, width * 0.34);
        TreeSet<LocalDate> all = new TreeSet<>(weeks.themes().keySet());
        all.addAll(weeks.planned().keySet());
        List<LocalDate> mondays = List.copyOf(all);
        double column = (width - names) / Math.max(1, mondays.size());
        double most = Stream.concat(weeks.themes().values().stream(), weeks.planned().values().stream())
                .flatMap(w -> w.values().stream())
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(1);
        for (int c = 0; c < mondays.size(); c++) {
            String said = mondays.get(c).format(DAY);
            text(g, column < 56 && c % 2 == 1 ? "" : said, names + c * column, 0.62 * head, true, column);
        }
        for (int r = 0; r < themes.size(); r++) {
            double y = head + r * row;
            text(g, themes.get(r), 0, y + 0.68 * row, false, names - 8);
            for (int c = 0; c < mondays.size(); c++) {
                double minutes = minutes(weeks.themes(), mondays.get(c), themes.get(r));
                double planned = minutes(weeks.planned(), mondays.get(c), themes.get(r));
                String said = planned > 0 ? "+" + Numbers.brief(planned, 0) : "";
                String ran = minutes > 0 ? Numbers.brief(minutes, 0) : "";
                double room = column - 3.4 * size;
                hollow(g, names + c * column, y, minutes, planned, most, room);
                if (planned == 0 || minutes > 0) {
                    bar(g, names + c * column, y, minutes, most, room, planned > 0 ? "" : ran);
                }
                if (planned > 0) {
                    double end = Math.max(0, room) * (minutes + planned) / Math.max(1e-9, most);
                    text(
                            g,
                            ran + said,
                            names + c * column + Math.max(2, Math.min(end, room)) + 5,
                            y + 0.68 * row,
                            false,
                            60);
                }
            }
        }
    }

    /** Turns of each player. */
    public void players(Graphics2D g, Weeks weeks, Function<String, String> name, double width) {
        begin(g);
        List<String> all =
                weeks.shares().stream().map(s -> name.apply(s.player().text())).toList();
        double names = widest(g, all, width * 0.4);
        double most =
                weeks.shares().stream().mapToInt(s -> s.load().turns()).max().orElse(1);
        text(g, Texts.CORE.get("log.head.turns"), names, 0.62 * head, true, width);
        for (int r = 0; r < all.size(); r++) {
            Share s = weeks.shares().get(r);
            double y = head + r * row;
            text(g, all.get(r), 0, y + 0.68 * row, false, names - 8);
            String said = s.load().turns() + "  (" + Texts.CORE.get("log.of", s.there(), s.known()) + ")";
            bar(g, names, y, s.load().turns(), most, width - names - 7.5 * size, said);
        }
    }

    private static double minutes(Map<LocalDate, Map<String, Double>> weeks, LocalDate monday, String theme) {
        return weeks.getOrDefault(monday, Map.of()).getOrDefault(theme, 0.0);
    }

    /** What is planned and was not run yet: an outline, with a plus before its number. */
    private void hollow(Graphics2D g, double x, double y, double ran, double planned, double most, double room) {
        if (planned > 0) {
            double end = Math.max(0, room) * Math.min(most, ran + planned) / Math.max(1e-9, most);
            g.setColor(ground.side(Side.DEFENCE));
            g.draw(new Rectangle2D.Double(x, y + 4, Math.max(3, end), row - 9));
        }
    }

    private void bar(Graphics2D g, double x, double y, double value, double most, double room, String said) {
        double length = Math.max(0, room) * value / Math.max(1e-9, most);
        if (value > 0) {
            g.setColor(ground.side(Side.DEFENCE));
            g.fill(new Rectangle2D.Double(x, y + 4, Math.max(2, length), row - 8));
            text(g, said, x + Math.max(2, length) + 5, y + 0.68 * row, false, 120);
        } else {
            g.setColor(ground.quiet());
            g.fill(new Rectangle2D.Double(x, y + row / 2 - 0.5, 8, 1));
        }
    }

    private double widest(Graphics2D g, List<String> texts, double most) {
        FontMetrics metrics = g.getFontMetrics(Fonts.regular(size));
        return Math.min(
                most, 14 + texts.stream().mapToInt(metrics::stringWidth).max().orElse(0));
    }

    private void text(Graphics2D g, String said, double x, double y, boolean bold, double room) {
        Font font = bold ? Fonts.bold(size) : Fonts.regular(size);
        g.setFont(font);
        g.setColor(ground.text());
        String fits = said;
        while (fits.length() > 2 && g.getFontMetrics().stringWidth(fits) > room) {
            fits = fits.substring(0, fits.length() - 2).strip() + "…";
        }
        g.drawString(fits, (float) x, (float) y);
    }
}
