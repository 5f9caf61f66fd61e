package wildchalk.core.json;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Limits;
import wildchalk.core.geometry.Point;
import wildchalk.core.text.Misplaced;
import wildchalk.core.text.Slugs;

/** Takes the fields of one JSON object, one by one, and keeps what nobody took. */
public final class Fields {

    public static final double MAX_METRES = Limits.METRES;

    /** Turns an element into a value. */
    public interface Reading<T> {
        T read(Fields fields) throws FormatProblem;
    }

    private final Path file;
    private final Extras extras;
    private final Located node;
    private final String path;
    private final Map<String, Located> fields;
    private final Set<String> taken = new LinkedHashSet<>();

    public Fields(Path file, Extras extras, Located node, String path) throws FormatProblem {
        this.file = file;
        this.extras = extras;
        this.node = node;
        this.path = path;
        if (!node.isObject()) {
            throw problem(node, "Expected an object in braces, found " + node.kind() + ".");
        }
        this.fields = node.fields();
    }

    public boolean has(String name) {
        Located value = fields.get(name);
        return value != null && value.value() != null;
    }

    /** All names of its fields, in their order. */
    public List<String> names() {
        return List.copyOf(fields.keySet());
    }

    /** Where this object stands among the ids of the file. */
    public String path() {
        return path;
    }

    public String text(String name, int maxLength) throws FormatProblem {
        Located value = need(name);
        if (!(value.value() instanceof String text)) {
            throw problem(value, "\"%s\" should be a text in quotes, found %s.".formatted(name, value.kind()));
        }
        if (text.length() > maxLength) {
            throw problem(value, "\"%s\" has %d characters; %d is the most.".formatted(name, text.length(), maxLength));
        }
        return text;
    }

    public String textOr(String name, String otherwise, int maxLength) throws FormatProblem {
        return has(name) ? text(name, maxLength) : skip(name, otherwise);
    }

    public String slug(String name) throws FormatProblem {
        String text = text(name, 200);
        if (!Slugs.isSlug(text)) {
            throw problem(
                    fields.get(name),
                    "\"%s\" is \"%s\"; it should be 1 to 60 small letters, digits and dashes.".formatted(name, text));
        }
        return text;
    }

    /** Any number; the value that it becomes part of knows what it may be. */
    public double number(String name) throws FormatProblem {
        return number(name, -Double.MAX_VALUE, Double.MAX_VALUE);
    }

    public double numberOr(String name, double otherwise) throws FormatProblem {
        return has(name) ? number(name) : skip(name, otherwise);
    }

    public double number(String name, double min, double max) throws FormatProblem {
        return number(need(name), "\"" + name + "\"", min, max);
    }

    public double numberOr(String name, double otherwise, double min, double max) throws FormatProblem {
        return has(name) ? number(name, min, max) : skip(name, otherwise);
    }

    public int whole(String name, int min, int max) throws FormatProblem {
        double number = number(name, min, max);
        if (number != Math.rint(number)) {
            throw problem(fields.get(name), "\"%s\" should be a whole number, found %s.".formatted(name, number));
        }
        return (int) number;
    }

    public boolean flagOr(String name, boolean otherwise) throws FormatProblem {
        if (!has(name)) {
            return skip(name, otherwise);
        }
        Located value = need(name);
        if (!(value.value() instanceof Boolean flag)) {
            throw problem(value, "\"%s\" should be true or false, found %s.".formatted(name, value.kind()));
        }
        return flag;
    }

    public <E extends Enum<E>> E choice(String name, Class<E> type) throws FormatProblem {
        return choice(need(name), "\"" + name + "\"", type);
    }

    public <E extends Enum<E>> E choiceOr(String name, Class<E> type, E otherwise) throws FormatProblem {
        return has(name) ? choice(name, type) : skip(name, otherwise);
    }

    public Point point(String name) throws FormatProblem {
        return point(need(name), "\"" + name + "\"");
    }

    public Optional<Point> pointIfAny(String name) throws FormatProblem {
        return has(name) ? Optional.of(point(name)) : skip(name, Optional.<Point>empty());
    }

    /** A list of places, so many at least and at most. */
    public List<Point> points(String name, int fewest, int most) throws FormatProblem {
        List<Point> result = new ArrayList<>();
        for (Located element : list(name)) {
            result.add(point(element, "a point of \"" + name + "\""));
        }
        if (result.size() < fewest || result.size() > most) {
            throw problem(
                    "\"%s\" has %d places; it should have %d to %d.".formatted(name, result.size(), fewest, most));
        }
        return result;
    }

    /** Two numbers in brackets, in rising order. */
    public List<Double> pair(String name) throws FormatProblem {
        Point p = point(name);
        if (p.x() >= p.y()) {
            throw problem(need(name), "\"%s\" should be two numbers in rising order.".formatted(name));
        }
        return List.of(p.x(), p.y());
    }

    /** The name and version of a file's format, which must be ones that can be read. */
    public String format(String wanted, int newest) throws FormatProblem {
        String name = text("name", 200);
        if (!name.equals(wanted)) {
            throw problem("This is a \"%s\" file; expected \"%s\".".formatted(name, wanted));
        }
        int version = whole("version", 1, 1_000_000);
        if (version > newest) {
            throw problem(
                    "The file has format version %d; this Wild Chalk reads versions up to %d. Open it with a newer one."
                            .formatted(version, newest));
        }
        return name;
    }

    public boolean isObject(String name) {
        Located value = fields.get(name);
        return value != null && value.isObject();
    }

    public Fields object(String name) throws FormatProblem {
        return new Fields(file, extras, need(name), path + "/" + name);
    }

    /** Elements that are objects with an id; none if the field is missing. */
    public <T> List<T> elements(String name, Reading<T> reading) throws FormatProblem {
        List<T> result = new ArrayList<>();
        int index = 0;
        for (Located element : list(name)) {
            Located id = element.isObject() ? element.fields().get("id") : null;
            String key = id != null && id.value() instanceof String text ? text : String.valueOf(index);
            Fields inner = new Fields(file, extras, element, path + "/" + name + "/" + key);
            result.add(inner.readAll(reading));
            index++;
        }
        return result;
    }

    public List<String> texts(String name, int maxLength) throws FormatProblem {
        List<String> result = new ArrayList<>();
        for (Located element : list(name)) {
            if (!(element.value() instanceof String text) || text.length() > maxLength) {
                throw problem(
                        element,
                        "\"%s\" should hold texts of at most %d characters, found %s."
                                .formatted(name, maxLength, element.kind()));
            }
            result.add(text);
        }
        return result;
    }

    public <E extends Enum<E>> List<E> choices(String name, Class<E> type) throws FormatProblem {
        List<E> result = new ArrayList<>();
        for (Located element : list(name)) {
            result.add(choice(element, "\"" + name + "\"", type));
        }
        return result;
    }

    /** The elements of a list as they stand; none if the field is missing. */
    public List<Located> list(String name) throws FormatProblem {
        taken.add(name);
        if (!has(name)) {
            return List.of();
        }
        Located value = fields.get(name);
        if (!value.isArray()) {
            throw problem(value, "\"%s\" should be a list in brackets, found %s.".formatted(name, value.kind()));
        }
        return value.elements();
    }

    /** Reads the object whole: what the reading does not take is kept, what it refuses is reported at this place. */
    public <T> T readAll(Reading<T> reading) throws FormatProblem {
        try {
            T result = reading.read(this);
            keepTheRest();
            return result;
        } catch (Misplaced e) {
            throw problem(Culprit.in(node, e), e.getMessage());
        } catch (IllegalArgumentException e) {
            throw problem(node, e.getMessage());
        }
    }

    private void keepTheRest() {
        fields.forEach((name, value) -> {
            if (!taken.contains(name)) {
                extras.put(path, name, value.toJson());
            }
        });
    }

    public Point point(Located value, String what) throws FormatProblem {
        if (!value.isArray() || value.elements().size() != 2) {
            throw problem(value, "%s should be a place [x, y] in metres, found %s.".formatted(what, value.kind()));
        }
        double x = number(value.elements().get(0), "x of " + what, -MAX_METRES, MAX_METRES);
        double y = number(value.elements().get(1), "y of " + what, -MAX_METRES, MAX_METRES);
        return new Point(x + 0.0, y + 0.0);
    }

    public Fields inner(Located value, String name) throws FormatProblem {
        return new Fields(file, extras, value, path + "/" + name);
    }

    public FormatProblem problem(Located at, String message) {
        return new FormatProblem(file, at.line(), at.column(), message);
    }

    public FormatProblem problem(String message) {
        return problem(node, message);
    }

    public Located raw(String name) throws FormatProblem {
        return need(name);
    }

    private double number(Located value, String what, double min, double max) throws FormatProblem {
        if (!(value.value() instanceof Number number)) {
            throw problem(value, "%s should be a number, found %s.".formatted(what, value.kind()));
        }
        double d = number.doubleValue();
        if (!(d >= min && d <= max)) {
            throw problem(value, "%s is %s; it should be from %s to %s.".formatted(what, value.value(), min, max));
        }
        return d;
    }

    private <E extends Enum<E>> E choice(Located value, String what, Class<E> type) throws FormatProblem {
        for (E constant : type.getEnumConstants()) {
            if (nameOf(constant).equals(value.value())) {
                return constant;
            }
        }
        String all = Stream.of(type.getEnumConstants()).map(Fields::nameOf).collect(Collectors.joining(", "));
        String found = value.value() instanceof String text ? "\"" + text + "\"" : value.kind();
        throw problem(value, "%s should be one of %s; found %s.".formatted(what, all, found));
    }

    /** FLAT_OUT is "flat-out" in a file. */
    public static String nameOf(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private Located need(String name) throws FormatProblem {
        taken.add(name);
        Located value = fields.get(name);
        if (value == null || value.value() == null) {
            throw problem(node, "\"%s\" is missing here.".formatted(name));
        }
        return value;
    }

    private <T> T skip(String name, T otherwise) {
        taken.add(name);
        return otherwise;
    }
}
