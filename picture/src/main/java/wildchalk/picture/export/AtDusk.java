package wildchalk.picture.export;

import java.awt.Color;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wildchalk.picture.style.Ground;

/** A page on paper becomes one on slate where the phone asks for dark: each colour of its pictures has its counterpart. */
final class AtDusk {

    private AtDusk() {}

    /** Rules for a page on this ground; none for one that is dark already. */
    static String css(Ground ground) {
        if (ground == Ground.SLATE) {
            return "";
        }
        StringBuilder css = new StringBuilder("@media (prefers-color-scheme:dark){");
        css.append(PageLooks.colours(Ground.SLATE));
        List<Color> light = ground.palette();
        List<Color> dark = Ground.SLATE.palette();
        Set<Color> done = new HashSet<>();
        for (int i = 0; i < light.size(); i++) {
            if (done.add(light.get(i))) {
                for (String written : written(light.get(i))) {
                    css.append("[fill=\"%s\"]{fill:%s}[stroke=\"%s\"]{stroke:%s}"
                            .formatted(written, PageLooks.hex(dark.get(i)), written, PageLooks.hex(dark.get(i))));
                }
            }
        }
        return css.append("}").toString();
    }

    /** As a colour stands in the attributes of a picture. */
    private static List<String> written(Color c) {
        String figures = "rgb(%d,%d,%d)".formatted(c.getRed(), c.getGreen(), c.getBlue());
        return c.equals(Color.WHITE) ? List.of("white", figures) : List.of(figures);
    }
}
