package wildchalk.picture.export;

import java.util.List;

/**
 * How tightly a page of the sheet is set.
 *
 * @param columns pictures of steps side by side
 * @param legend whether the signs are explained
 * @param setUpShare how much of the width the picture of the set-up has
 * @param heightShare how high pictures may be, as a share of their usual height
 * @param running whether what is set out is told in one paragraph and not line by line
 */
record SheetDensity(int columns, boolean legend, double setUpShare, double heightShare, boolean running) {

    /** From the most generous to the tightest; a page is set by the first at which it is one page. */
    static final List<SheetDensity> ALL = List.of(
            new SheetDensity(2, true, 0.58, 1, false),
            new SheetDensity(2, false, 0.58, 1, false),
            new SheetDensity(2, false, 0.5, 0.85, false),
            new SheetDensity(3, true, 0.58, 1, false),
            new SheetDensity(3, false, 0.5, 1, false),
            new SheetDensity(3, false, 0.42, 0.85, false),
            new SheetDensity(3, false, 0.34, 0.7, false),
            new SheetDensity(3, false, 0.34, 0.7, true),
            new SheetDensity(3, false, 0.28, 0.55, true));

    /** Of a page that is more than one side at any of these: as wide as three side by side may be. */
    static final SheetDensity OVER = new SheetDensity(3, true, 0.5, 1, false);

    /** Between pictures, mm. */
    private static final double GAP = 4;

    double stepMillimetres(double textWidth) {
        return (textWidth - GAP * (columns - 1)) / columns;
    }

    double setUpMillimetres(double textWidth) {
        return textWidth * setUpShare;
    }
}
