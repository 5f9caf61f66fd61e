package wildchalk.picture.export;

import java.io.IOException;
import java.io.InputStream;
import java.util.Base64;
import wildchalk.picture.style.Fonts;

/** The letters that ship with the application, for files that can carry them: whoever opens one has them too. */
final class FontFaces {

    private FontFaces() {}

    /** Rules of a style sheet that hold the regular and the bold cut. */
    static String css() throws IOException {
        return face(Fonts.REGULAR_FILE, 400) + face(Fonts.BOLD_FILE, 700);
    }

    private static String face(String file, int weight) throws IOException {
        try (InputStream in = Fonts.open(file)) {
            return "@font-face{font-family:\"%s\";font-weight:%d;src:url(data:font/ttf;base64,%s) format(\"truetype\")}\n"
                    .formatted(Fonts.FAMILY, weight, Base64.getEncoder().encodeToString(in.readAllBytes()));
        }
    }
}
