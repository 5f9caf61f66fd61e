package wildchalk.desktop.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.Stream;
import wildchalk.core.binder.Order;
import wildchalk.core.binder.SafeFiles;
import wildchalk.core.runthrough.OwnFigures;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.HouseWords;
import wildchalk.core.words.Register;
import wildchalk.desktop.board.BoardSizes;
import wildchalk.desktop.share.Habits;
import wildchalk.picture.export.Export;
import wildchalk.picture.export.ExportOptions;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.export.Paper;
import wildchalk.picture.export.Reader;
import wildchalk.picture.style.Ground;
import wildchalk.picture.style.StrokeCode;

/** What the application remembers from one day to the next. A file that cannot be read is as good as none. */
final class Settings {

    private static final int RECENT = 8;

    private final Path file;
    private final Properties values = new Properties();

    Settings(Path folder) {
        this.file = folder.resolve("settings.properties");
        if (Files.isRegularFile(file)) {
            try (InputStream in = Files.newInputStream(file)) {
                values.load(in);
            } catch (IOException | IllegalArgumentException e) {
                values.clear();
            }
        }
    }

    /** The folder for settings: named by the property {@code wildchalk.home}, or in the user's configuration. */
    static Path folder() {
        String named = System.getProperty("wildchalk.home");
        if (named != null) {
            return Path.of(named);
        }
        String config = System.getenv("XDG_CONFIG_HOME");
        return config != null && !config.isBlank()
                ? Path.of(config, "wildchalk")
                : Path.of(System.getProperty("user.home"), ".config", "wildchalk");
    }

    Path binder() {
        return Path.of(values.getProperty(
                "binder", Path.of(System.getProperty("user.home"), "Wild Chalk").toString()));
    }

    /** Whether a binder is the one that was opened last. */
    boolean knows(Path folder) {
        return folder.toString().equals(values.getProperty("binder"));
    }

    void binder(Path folder) {
        put("binder", folder.toAbsolutePath().toString());
    }

    Ground ground() {
        return "PAPER".equals(values.getProperty("ground")) ? Ground.PAPER : Ground.SLATE;
    }

    void ground(Ground ground) {
        put("ground", ground.name());
    }

    /** Where journals of drills lie that have not been saved yet. */
    Path journals() {
        return file.resolveSibling("journals");
    }

    /** Whom words and figures are for. */
    Reader reader() {
        return new Reader(
                Stream.of(LengthUnit.values())
                        .filter(u -> u.name().equals(values.getProperty("unit")))
                        .findFirst(),
                named(StrokeCode.class, "strokes", StrokeCode.CHALK),
                HouseWords.NONE,
                OwnFigures.NONE);
    }

    void reader(Reader reader) {
        values.setProperty("strokes", reader.code().name());
        put("unit", reader.chosen().map(LengthUnit::name).orElse(""));
    }

    /** In which order the drills of a binder lie. */
    Order order() {
        return named(Order.class, "order", Order.TITLE);
    }

    void order(Order order) {
        put("order", order.name());
    }

    /** Size of the texts in the window, per cent: 100 to 150. */
    int textPercent() {
        String text = values.getProperty("text", "100");
        return text.matches("1[0-4]\\d|150") ? Integer.parseInt(text) : 100;
    }

    void textPercent(int percent) {
        put("text", String.valueOf(percent));
    }

    /** Whether somebody has taken or refused the tour. */
    boolean knowsTour() {
        return values.containsKey("tour");
    }

    void tourSeen() {
        put("tour", "seen");
    }

    /** Which parts stand round the board: as they were left; what is put otherwise is remembered. */
    BoardSizes boardSizes() {
        BoardSizes sizes = new BoardSizes();
        sizes.trayProperty().set(!"no".equals(values.getProperty("tray")));
        sizes.panelProperty().set(!"no".equals(values.getProperty("panel")));
        sizes.lanesProperty().set("yes".equals(values.getProperty("lanes")));
        sizes.panelWidthProperty()
                .set(number("panel-width", BoardSizes.LEAST_PANEL, BoardSizes.USUAL_PANEL, BoardSizes.MOST_PANEL));
        sizes.lanesHeightProperty()
                .set(number("lanes-height", BoardSizes.LEAST_LANES, BoardSizes.USUAL_LANES, BoardSizes.MOST_LANES));
        sizes.all().forEach(o -> o.addListener(changed -> keep(sizes)));
        return sizes;
    }

    private void keep(BoardSizes sizes) {
        values.setProperty("tray", sizes.trayProperty().get() ? "yes" : "no");
        values.setProperty("panel", sizes.panelProperty().get() ? "yes" : "no");
        values.setProperty("lanes", sizes.lanesProperty().get() ? "yes" : "no");
        values.setProperty(
                "panel-width",
                String.valueOf(Math.round(sizes.panelWidthProperty().get())));
        put(
                "lanes-height",
                String.valueOf(Math.round(sizes.lanesHeightProperty().get())));
    }

    /** How files to hand out were made last. */
    Habits habits() {
        return new Habits() {
            @Override
            public ExportOptions options(Export kind, ExportOptions usual) {
                String at = "export." + kind + ".";
                int width = (int) number(at + "width", 1, usual.widthPixels(), 9999);
                return usual.withGround(named(Ground.class, at + "ground", usual.ground()))
                        .withPaper(named(Paper.class, "paper", usual.paper()))
                        .withVersions(named(Reach.class, at + "versions", usual.versions()))
                        .withWays(named(Reach.class, at + "ways", usual.ways()))
                        .withWords(named(Register.class, at + "words", usual.words()))
                        .withWidth(kind.widths().contains(width) ? width : usual.widthPixels());
            }

            @Override
            public void keep(Export kind, ExportOptions options) {
                String at = "export." + kind + ".";
                values.setProperty(at + "ground", options.ground().name());
                values.setProperty("paper", options.paper().name());
                values.setProperty(at + "versions", options.versions().name());
                values.setProperty(at + "ways", options.ways().name());
                values.setProperty(at + "words", options.words().name());
                put(at + "width", String.valueOf(options.widthPixels()));
            }

            @Override
            public Path folder() {
                return Path.of(values.getProperty("export.folder", System.getProperty("user.home")));
            }

            @Override
            public void keepFolder(Path folder) {
                put("export.folder", folder.toString());
            }
        };
    }

    private double number(String key, double least, double usual, double most) {
        String text = values.getProperty(key, "");
        return text.matches("\\d{1,4}") ? Math.max(least, Math.min(most, Integer.parseInt(text))) : usual;
    }

    private <E extends Enum<E>> E named(Class<E> type, String key, E otherwise) {
        for (E constant : type.getEnumConstants()) {
            if (constant.name().equals(values.getProperty(key))) {
                return constant;
            }
        }
        return otherwise;
    }

    /** Files opened last, the latest first, as far as they still exist. */
    List<Path> recent() {
        List<Path> list = new ArrayList<>();
        for (int i = 0; i < RECENT; i++) {
            Optional.ofNullable(values.getProperty("recent." + i))
                    .map(Path::of)
                    .filter(Files::isRegularFile)
                    .ifPresent(list::add);
        }
        return list;
    }

    void opened(Path drill) {
        List<Path> list = new ArrayList<>(List.of(drill.toAbsolutePath()));
        recent().stream().filter(p -> !p.equals(drill.toAbsolutePath())).forEach(list::add);
        for (int i = 0; i < RECENT; i++) {
            if (i < list.size()) {
                values.setProperty("recent." + i, list.get(i).toString());
            } else {
                values.remove("recent." + i);
            }
        }
        store();
    }

    private void put(String key, String value) {
        values.setProperty(key, value);
        store();
    }

    private void store() {
        try {
            StringWriter text = new StringWriter();
            values.store(text, null);
            SafeFiles.write(file, text.toString().getBytes(StandardCharsets.ISO_8859_1));
        } catch (IOException e) {
            // remembering is a convenience: without it the application works as on the first day
            System.getLogger(Settings.class.getName())
                    .log(System.Logger.Level.WARNING, "The settings could not be stored: {0}", e.getMessage());
        }
    }
}
