package wildchalk.picture.export;

import java.awt.image.BufferedImage;
import java.util.List;

/**
 * What would come of an export, to be looked at before it is made.
 *
 * @param pictures its pages, or what it shows one after the other; at least one
 * @param about its length, its size in pixels or pages
 */
public record Preview(List<BufferedImage> pictures, String about) {

    public Preview {
        pictures = List.copyOf(pictures);
        if (pictures.isEmpty()) {
            throw new IllegalArgumentException("The preview (0 pictures) needs at least one.");
        }
    }
}
