package wildchalk.picture.export;

import java.awt.Graphics2D;

/** A picture of a certain width that stands still; how high it is follows from what is in it. */
public interface Still {

    /** Lays one out. */
    interface Layout {
        /** @param widthPixels at least 200 */
        Still at(double widthPixels);
    }

    /** Pixels. */
    double height();

    void paint(Graphics2D g);
}
