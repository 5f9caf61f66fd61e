package wildchalk.desktop.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import wildchalk.core.binder.Binder;
import wildchalk.core.binder.BinderFile;
import wildchalk.core.drill.Drill;
import wildchalk.core.progress.Progress;
import wildchalk.core.text.Slugs;
import wildchalk.desktop.command.CommandLineEntry.BadInput;
import wildchalk.picture.export.ContactSheet;
import wildchalk.picture.export.PngExport;
import wildchalk.picture.export.Still;
import wildchalk.picture.export.SvgExport;
import wildchalk.picture.style.Ground;

/** Makes one picture of all drills of a binder. */
final class WholeBinder {

    private static final String PNG = "png";
    private static final String SVG = "svg";

    private WholeBinder() {}

    /**
     * Makes it; drills that cannot be read are left out.
     *
     * @param target where to; beside whoever asks if it is null
     * @param width pixels of a PNG; its usual width if it is null
     * @return where it is
     * @throws BadInput when there is no such kind of picture
     */
    static Path picture(Path folder, String wanted, Path target, Ground ground, Integer width) throws IOException {
        String kind = wanted.toLowerCase(Locale.ROOT);
        if (!kind.equals(PNG) && !kind.equals(SVG)) {
            throw new BadInput("--to %s: of a binder a contact sheet is made; choose png or svg.".formatted(wanted));
        }
        List<Drill> drills = new Binder(folder)
                .drills().stream()
                        .flatMap(e -> e.content().stream())
                        .map(BinderFile::value)
                        .toList();
        if (drills.isEmpty()) {
            throw new BadInput("%s: is a folder without drills; give a drill, a session or the folder of a binder."
                    .formatted(folder));
        }
        String title = folder.toAbsolutePath().normalize().getFileName().toString();
        Still.Layout layout = ContactSheet.of(title, drills, ground, Progress.NONE);
        byte[] bytes = kind.equals(PNG)
                ? PngExport.of(layout, width == null ? PngExport.PRINT_WIDTH : width)
                : SvgExport.of(layout);
        Path path = target != null ? target : Path.of(Slugs.of(title) + "-drills." + kind);
        Files.write(path, bytes);
        return path;
    }
}
