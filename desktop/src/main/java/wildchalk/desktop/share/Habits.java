package wildchalk.desktop.share;

import java.nio.file.Path;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.ExportOptions;

/** How somebody exported last, from one day to the next. */
public interface Habits {

    /** As such a file was made last; the usual way before the first time. */
    ExportOptions options(Export kind, ExportOptions usual);

    void keep(Export kind, ExportOptions options);

    /** Where files went last. */
    Path folder();

    void keepFolder(Path folder);
}
