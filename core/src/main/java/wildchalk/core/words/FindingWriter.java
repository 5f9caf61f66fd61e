package wildchalk.core.words;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import wildchalk.core.check.Remedy;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Station;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.finding.Finding;
import wildchalk.core.finding.Quantity;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.MoveKinds;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/**
 * Puts what checks find into sentences, in the reader's unit. Texts name what is to be put in: {@code {move}} and {@code
 * {other}} are the first two moves that a finding is about, {@code {role}} the first role, {@code {metres}}, {@code
 * {within}} (likewise, rounded up), {@code {seconds}}, {@code {speed}}, {@code {degrees}}, {@code {count}}, {@code {limit}} and {@code {space}} (a limit in metres), {@code {area}} and {@code {room}} (a limit in m²) its figures,
 * {@code {at}} its moment, {@code {second}} the second role, {@code {line}} and {@code {gear}} the first of those.
 */
public final class FindingWriter {

    private final Drill drill;
    private final Path path;
    private final LengthUnit unit;
    private final EventNames events;
    private final HouseWords house;

    public FindingWriter(RunThrough run, LengthUnit unit) {
        this(run.drill(), run.path(), unit);
    }

    /** In the words of a club. */
    public FindingWriter(RunThrough run, LengthUnit unit, HouseWords house) {
        this(run.drill(), run.path(), unit, house);
    }

    public FindingWriter(Drill drill, Path path, LengthUnit unit) {
        this(drill, path, unit, HouseWords.NONE);
    }

    private FindingWriter(Drill drill, Path path, LengthUnit unit, HouseWords house) {
        this.house = house;
        this.drill = drill;
        this.path = path;
        this.unit = unit;
        this.events = new EventNames(path, drill.surface());
    }

    /** One sentence with its figures. */
    public String message(Finding finding) {
        return house.said(Texts.CORE.fill("finding." + finding.rule(), word -> word(word, finding)));
    }

    /** What would mend it, one sentence. */
    public String remedy(Finding finding) {
        return house.said(Texts.CORE.fill("remedy." + finding.rule(), word -> word(word, finding)));
    }

    /** What a remedy does, short enough for a button. */
    public String mend(Remedy remedy) {
        return Texts.CORE.fill("mend." + remedy.kind(), word -> switch (word) {
            case "move" -> move(first(remedy, MoveId.class));
            case "role" ->
                path.role(first(remedy, RoleId.class)).map(Role::label).orElseThrow();
            case "goal" ->
                Goals.find(path, drill.surface(), remedy.name())
                        .map(GoalMouth::name)
                        .orElse(remedy.name());
            case "line" -> line(remedy.about());
            case "gear" -> gear(remedy.about());
            case "station" -> station(remedy.about());
            case "degrees" -> Numbers.brief(remedy.figures().get(Quantity.DEGREES), 0);
            case "metres" -> unit.text(remedy.figures().get(Quantity.METRES));
            case "ball" -> drill.surface().ballName();
            case "seconds" -> Numbers.seconds(remedy.figures().get(Quantity.SECONDS));
            case "count" -> String.valueOf(Math.round(remedy.figures().get(Quantity.COUNT)));
            case "effort" -> Texts.CORE.get("effort." + remedy.name());
            case "weight" -> Texts.CORE.get("mend.weight." + remedy.name());
            case "kind" -> Texts.CORE.get("mend.kind." + remedy.name());
            default -> remedy.name();
        });
    }

    private static <I> I first(Remedy remedy, Class<I> type) {
        return remedy.about().stream()
                .filter(type::isInstance)
                .map(type::cast)
                .findFirst()
                .orElseThrow();
    }

    private String word(String name, Finding f) {
        return switch (name) {
            case "move" -> move(f.moves().get(0));
            case "other" -> move(f.moves().get(1));
            case "circle" -> circle(f);
            case "role" -> path.role(f.roles().get(0)).map(Role::label).orElseThrow();
            case "line" -> line(f.about());
            case "gear" -> gear(f.about());
            case "station" -> station(f.about());
            case "space" -> unit.text(figure(f, Quantity.LIMIT));
            case "second" -> path.role(f.roles().get(1)).map(Role::label).orElseThrow();
            case "ball" -> drill.surface().ballName();
            case "metres" -> unit.text(figure(f, Quantity.METRES));
            case "near" -> unit.text(figure(f, Quantity.NEARNESS));
            case "area" -> area(figure(f, Quantity.AREA));
            case "room" -> area(figure(f, Quantity.LIMIT));
            case "flank" -> Texts.CORE.get("flank." + f.name());
            case "between" -> Numbers.seconds(figure(f, Quantity.BETWEEN));
            case "minutes" -> Numbers.brief(figure(f, Quantity.SECONDS) / 60, 1);
            case "within" -> unit.text(Math.max(1, Math.ceil(10 * figure(f, Quantity.NEARNESS))) / 10);
            case "seconds" -> Numbers.seconds(figure(f, Quantity.SECONDS));
            case "speed" -> Numbers.fixed(figure(f, Quantity.SPEED), 0);
            case "degrees" -> Numbers.fixed(figure(f, Quantity.DEGREES), 0);
            case "count" -> String.valueOf(Math.round(figure(f, Quantity.COUNT)));
            case "limit" -> String.valueOf(Math.round(figure(f, Quantity.LIMIT)));
            case "at" -> Numbers.seconds(f.atSeconds().orElseThrow());
            case "event" -> events.of(f.event().orElseThrow());
            case "name" -> f.name();
            case "rule" -> rule(f.name());
            case "zone" -> events.zone(f.name());
            case "suits" -> path.version().course().suits().agesInWords();
            case "age" -> drill.audience().paceBand().label();
            default -> throw new IllegalArgumentException("A finding has no {%s}.".formatted(name));
        };
    }

    private String area(double squareMetres) {
        double square = squareMetres / (unit.metres() * unit.metres());
        return Texts.CORE.get("area.square", Numbers.brief(square, 0), Texts.CORE.get("area." + unit.symbol()));
    }

    private String line(List<ElementId> about) {
        return path.lines().stream()
                .filter(l -> about.contains(l.id()))
                .map(WaitingLine::label)
                .findFirst()
                .orElseThrow();
    }

    /** Its number, counted from the drill itself, which is the first. */
    private String station(List<ElementId> about) {
        List<Station> all = path.layout().stations();
        for (int i = 0; i < all.size(); i++) {
            if (about.contains(all.get(i).id())) {
                return String.valueOf(i + 2);
            }
        }
        throw new IllegalArgumentException("A finding about no station.");
    }

    private String gear(List<ElementId> about) {
        Places places = new Places(path, drill.surface(), unit);
        return path.gear().stream()
                .filter(g -> about.contains(g.id()))
                .map(places::gear)
                .findFirst()
                .orElseThrow();
    }

    private String rule(String id) {
        return path.course().rules().stream()
                .filter(r -> r.id().text().equals(id))
                .findFirst()
                .map(new CourseWords(path, drill.surface())::rule)
                .orElse(id);
    }

    private static double figure(Finding f, Quantity quantity) {
        return Optional.ofNullable(f.figures().get(quantity))
                .orElseThrow(() -> new IllegalArgumentException("The finding %s has no figure for %s."
                        .formatted(f.rule(), quantity.name().toLowerCase(Locale.ROOT))));
    }

    private String circle(Finding f) {
        return f.moves().stream().map(this::move).collect(Collectors.joining(", "));
    }

    /**
     * "F1's pass"; with its letter, "F1's pass (b)", where he makes several on this path, and with its id where it is on another,
     * since it has no letter here.
     */
    private String move(MoveId id) {
        // a repetition is on no version
        Move move = path.move(id).or(() -> path.version().move(id)).orElseThrow();
        String kind = MoveKinds.of(move);
        String label = path.version().role(move.role()).orElseThrow().label();
        boolean here = path.move(id).isPresent();
        long alike = path.moves().stream()
                .filter(m -> m.role().equals(move.role()) && MoveKinds.of(m).equals(kind))
                .count();
        String said = Texts.CORE.get("move.name", label, Texts.CORE.get("move.kind." + kind));
        return here && alike == 1 ? said : Texts.CORE.get("move.which", said, here ? events.letter(id) : id.text());
    }
}
