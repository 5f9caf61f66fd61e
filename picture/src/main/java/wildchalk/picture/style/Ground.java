package wildchalk.picture.style;

import java.awt.Color;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Side;
import wildchalk.core.surface.Ink;
import wildchalk.core.surface.Medium;

/**
 * The grounds on which everything is drawn. Each side's colour has a contrast of at least 4.5 : 1 on its ground; sides
 * also differ by shape.
 */
public enum Ground {
    /** Dark, for the screen. */
    SLATE(
            new int[] {
                0x1F2A2E, 0x223339, 0x2A4650, 0x8FB4BA, 0xE08A80, 0x7FB2DD, 0x73929A, 0x86C79A, 0xD9C069, 0xE4E4DC
            },
            new int[] {0xFF8F78, 0x84E1B5, 0xFFD66B, 0x78C6FF, 0xCFB6F7},
            new int[] {0xF4F1E8, 0xFFD66B, 0x17201F, 0xA9B8B8, 0xFFD66B},
            new int[] {0xFFA94D, 0xFFE066, 0x74B9FF, 0xF4F1E8, 0xFF7A70, 0x6FCF8F}),
    /** Light, for print and sun. */
    PAPER(
            new int[] {
                0xFBF8F1, 0xF7EFDF, 0xE6EFEF, 0x5D757B, 0xB5483D, 0x2F6DA8, 0x7C8986, 0x2E7D4F, 0x8A6A00, 0x3A474D
            },
            new int[] {0xC13922, 0x10764A, 0x8A6400, 0x1466A6, 0x6B42AE},
            new int[] {0x1D2B33, 0x8A6400, 0xFFFFFF, 0x56636A, 0x8A5A00},
            new int[] {0xC05600, 0x946E00, 0x1B5FA8, 0x3C4A50, 0xB3261E, 0x1B7A3D}),
    /** White, for a printer: no tint that eats ink; everything can be told in grey. */
    PRINT(
            new int[] {
                0xFFFFFF, 0xFFFFFF, 0xF3F5F5, 0x5D757B, 0xB5483D, 0x2F6DA8, 0x7C8986, 0x2E7D4F, 0x8A6A00, 0x3A474D
            },
            new int[] {0xC13922, 0x10764A, 0x8A6400, 0x1466A6, 0x6B42AE},
            new int[] {0x1D2B33, 0x8A6400, 0xFFFFFF, 0x56636A, 0x8A5A00},
            new int[] {0xC05600, 0x946E00, 0x1B5FA8, 0x3C4A50, 0xB3261E, 0x1B7A3D});

    /** Those of the window. */
    public static final List<Ground> ON_SCREEN = List.of(SLATE, PAPER);

    private final int[] surface;
    private final int[] sides;
    private final int[] marks;
    private final int[] chalks;

    Ground(int[] surface, int[] sides, int[] marks, int[] chalks) {
        this.surface = surface;
        this.sides = sides;
        this.marks = marks;
        this.chalks = chalks;
    }

    /** All that is drawn with, in the same order for each ground: what one draws in a colour another draws in its own. */
    public List<Color> palette() {
        List<Color> all = new ArrayList<>();
        for (int[] some : List.of(surface, sides, marks, chalks)) {
            Arrays.stream(some).mapToObj(Color::new).forEach(all::add);
        }
        for (Medium medium : Medium.values()) {
            all.add(floor(medium));
        }
        all.add(runOff());
        return all;
    }

    /** Around the playing area. */
    public Color surround() {
        return new Color(surface[0]);
    }

    /** The playing area itself. */
    public Color floor() {
        return new Color(surface[1]);
    }

    /** The playing area of a medium: ice is a little colder than a floor, grass greener, sand warmer. */
    public Color floor(Medium medium) {
        if (this == PRINT) {
            return floor();
        }
        return switch (medium) {
            case FLOOR -> floor();
            case ICE -> new Color(this == SLATE ? 0x20333D : 0xF1F7F9);
            case GRASS -> new Color(this == SLATE ? 0x21352E : 0xEFF4E4);
            case SAND -> new Color(this == SLATE ? 0x332F27 : 0xF8F0DA);
        };
    }

    /** The space round the playing area that the rules ask for. */
    public Color runOff() {
        return this == PRINT ? floor() : new Color(this == SLATE ? 0x202D32 : 0xF9F4EA);
    }

    /** Tinted regions: goal area, crease. */
    public Color tint() {
        return new Color(surface[2]);
    }

    public Color ink(Ink ink) {
        return switch (ink) {
            case LINE -> new Color(surface[3]);
            case RED -> new Color(surface[4]);
            case BLUE -> new Color(surface[5]);
            case FAINT -> new Color(surface[6]);
            case GREEN -> new Color(surface[7]);
            case YELLOW -> new Color(surface[8]);
            case NET -> new Color(surface[9]);
        };
    }

    public Color side(Side side) {
        return new Color(sides[side.ordinal()]);
    }

    /** Text and the strokes of the ball. */
    public Color text() {
        return new Color(marks[0]);
    }

    public Color ball() {
        return new Color(marks[1]);
    }

    /** Text on a filled body. */
    public Color onBody() {
        return new Color(marks[2]);
    }

    /** Lesser text. */
    public Color quiet() {
        return new Color(marks[3]);
    }

    /** What asks for attention. */
    public Color alert() {
        return new Color(marks[4]);
    }

    /** Whether something of a colour is drawn by its outline, in its shade here, and filled white. */
    public boolean isOutlined(Chalk chalk) {
        return this != SLATE && chalk == Chalk.WHITE;
    }

    public Color chalk(Chalk chalk) {
        return new Color(chalks[chalk.ordinal()]);
    }
}
