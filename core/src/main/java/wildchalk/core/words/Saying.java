package wildchalk.core.words;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Seeks;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Skill;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Stroke;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trick;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.edit.Courses;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.EditKind;
import wildchalk.core.edit.Edited;
import wildchalk.core.edit.Tellings;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.path.Path;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.SportTexts;
import wildchalk.core.text.Texts;

/**
 * Turns what somebody types into what it means: "lines at -10,6 and -10,-6; A1 passes to A2; next; A2 shoots". Sentences stand
 * between semicolons; each may speak of what those before it have put down.
 */
public final class Saying {

    /** What was typed could not be understood: the message says what, and what there is instead. */
    public static final class NotUnderstood extends IllegalArgumentException {
        private static final long serialVersionUID = 1;

        NotUnderstood(String message) {
            super(message);
        }
    }

    /** More choices than these are not listed. */
    private static final int LISTED = 8;

    private static final MoveId NEW = new MoveId("new");
    private static final Set<String> AND = Set.of("and", "then", "via");

    private final ProgressionId version;
    private final LengthUnit unit;
    private final List<Edit> edits = new ArrayList<>();
    private Drill drill;
    private StepId step;

    private Saying(Drill drill, Path path, StepId step, LengthUnit unit) {
        this.drill = drill;
        this.version = path.id();
        this.step = step;
        this.unit = unit;
    }

    /**
     * All of it as one edit.
     *
     * @param step to which moves are told until "next" begins another
     * @throws NotUnderstood at the first sentence that means nothing
     */
    public static Edit edit(Drill drill, Path path, StepId step, LengthUnit unit, String text) {
        Saying saying = new Saying(drill, path, step, unit);
        for (String sentence : text.split("[;\\n]")) {
            List<String> words = Arrays.stream(sentence.strip().split("\\s+"))
                    .map(w -> w.replaceAll("[.,]$", ""))
                    .filter(w -> !w.isEmpty())
                    .collect(Collectors.toCollection(ArrayList::new));
            if (!words.isEmpty()) {
                saying.sentence(words);
            }
        }
        if (saying.edits.isEmpty()) {
            throw new NotUnderstood(Texts.CORE.get("say.nothing"));
        }
        return Edit.all(EditKind.TELL, saying.edits);
    }

    // ---- sentences ----

    private void sentence(List<String> words) {
        String first = words.get(0).toLowerCase(Locale.ROOT);
        if (first.equals("next") && words.size() > 1 && means("rep", words.get(1))) {
            launch(words.subList(2, words.size()));
        } else if (means("next", first)) {
            apply(Tellings.newStep(step));
            step = behind(step);
        } else if (role(first).isPresent() && words.size() > 1) {
            does(role(first).get(), words.get(1), new ArrayList<>(words.subList(2, words.size())));
        } else {
            new SaidThings(drill, now(), words, this::place).edits().forEach(this::apply);
        }
    }

    private Progression now() {
        return drill.progression(version).orElseThrow();
    }

    private StepId behind(StepId before) {
        List<Step> steps = now().steps();
        for (int i = 0; i + 1 < steps.size(); i++) {
            if (steps.get(i).id().equals(before)) {
                return steps.get(i + 1).id();
            }
        }
        return before;
    }

    private Set<ElementId> apply(Edit edit) {
        Edited done = edit.applyTo(drill, version);
        drill = done.drill();
        edits.add(edit);
        return done.made();
    }

    // ---- somebody does something ----

    private void does(Role who, String verb, List<String> rest) {
        Optional<Effort> effort = effort(verb, rest);
        Manner manner = manner(verb, rest);
        Optional<Following> by = new SaidFollowing(now(), drill.surface(), unit, who, this::role).of(verb, rest);
        if (by.isPresent()) {
            Point start = now().startOf(who.id());
            tell(new Travel(
                            NEW,
                            who.id(),
                            Optional.empty(),
                            false,
                            manner,
                            effort.orElse(Effort.HARD),
                            List.of(new Waypoint(start, false)))
                    .withFollows(by));
        } else if (stroke("stroke", verb).isPresent()) {
            Pass pass = new Pass(NEW, who.id(), Optional.empty(), false, target(rest), kind(), Weight.FIRM);
            tell(pass.withStroke(stroke("stroke", verb)));
        } else if (stroke("stroke-shot", verb).isPresent()) {
            Shot shot = new Shot(
                    NEW, who.id(), Optional.empty(), false, goal(who, rest).id(), Aim.MIDDLE, Weight.FIRM);
            tell(shot.withStroke(stroke("stroke-shot", verb)));
        } else if (at(who, verb, rest).isPresent()) {
            tell(new Shot(NEW, who.id(), Optional.empty(), false, "nobody", Aim.MIDDLE, Weight.FIRM)
                    .withAt(at(who, verb, rest).get()));
        } else if (means("pass", verb)) {
            tell(new Pass(NEW, who.id(), Optional.empty(), false, target(rest), kind(), Weight.FIRM));
        } else if (means("shoot", verb)) {
            tell(new Shot(
                    NEW, who.id(), Optional.empty(), false, goal(who, rest).id(), Aim.MIDDLE, Weight.FIRM));
        } else if (bid(verb).isPresent()) {
            Role on = known(last(rest));
            tell(new Act(
                    NEW,
                    who.id(),
                    Optional.empty(),
                    false,
                    Challenge.of(bid(verb).get(), on.id())));
        } else if (means("seek", verb) && rest.stream().anyMatch(w -> means("ball", w) || means("rebound", w))) {
            Seeks what = rest.stream().anyMatch(w -> means("rebound", w)) ? Seeks.REBOUND : Seeks.BALL;
            Point start = now().startOf(who.id());
            tell(new Travel(
                            NEW,
                            who.id(),
                            Optional.empty(),
                            false,
                            manner,
                            effort.orElse(Effort.HARD),
                            List.of(new Waypoint(start, false)))
                    .withSeeks(Optional.of(what)));
        } else if (means("does", verb) && !rest.isEmpty()) {
            tell(new Act(NEW, who.id(), Optional.empty(), false, skill(bare(rest))));
        } else if (means("wait", verb)) {
            tell(new Act(NEW, who.id(), Optional.empty(), false, new Deed.Waiting(seconds(rest))));
        } else if (means("pick", verb)) {
            tell(new PickUp(NEW, who.id(), Optional.empty(), false));
        } else if (means("join", verb)) {
            apply(Courses.rotation(Rotation.toLine(
                    who.id(),
                    line(last(rest))
                            .orElseThrow(() -> unknown(
                                    "say.line-unknown",
                                    last(rest),
                                    now().lines().stream()
                                            .map(WaitingLine::label)
                                            .toList()))
                            .id())));
        } else if (means("become", verb)) {
            apply(Courses.rotation(Rotation.toRole(who.id(), known(last(rest)).id())));
        } else if (means("stay", verb)) {
            apply(Courses.rotation(Rotation.stay(who.id())));
        } else if (means("rest", verb)) {
            apply(Courses.rotation(Rotation.rest(who.id())));
        } else if (means("run", verb) || effort.isPresent() || manner != Manner.FORWARD) {
            tell(new Travel(
                    NEW, who.id(), Optional.empty(), false, manner, effort.orElse(Effort.STEADY), way(who, rest)));
        } else {
            throw unknown("say.verb", verb, List.of(Texts.CORE.get("say.verbs")));
        }
    }

    /** One with a name in the field, else one's own. */
    private static Skill skill(List<String> words) {
        String said = String.join(" ", words);
        String key = said.toUpperCase(Locale.ROOT).replaceAll("[ -]", "_");
        return Arrays.stream(Trick.values())
                .filter(t -> t != Trick.OWN && t.name().equals(key))
                .findFirst()
                .map(Skill::of)
                .orElseGet(() ->
                        new Skill(Trick.OWN, said.substring(0, Math.min(Limits.WORD, said.length())), Hand.NONE));
    }

    /** What only this sport calls so, by the word with which that begins: "digs". */
    private Optional<Stroke> stroke(String key, String verb) {
        String sport = drill.surface().sport();
        List<Stroke> meant = Arrays.stream(Stroke.values())
                .filter(s -> SportTexts.has(key, sport, s.name()))
                .filter(s -> {
                    String first = SportTexts.get(key, sport, s.name()).split(" ")[0];
                    return verb.equals(first) || verb.equals(SecondPerson.base(first));
                })
                .toList();
        boolean plain = List.of("pass", "shoot", "run", "pick", "seek").stream().anyMatch(k -> means(k, verb));
        return meant.size() == 1 && !plain ? Optional.of(meant.get(0)) : Optional.empty();
    }

    private static Optional<Bid> bid(String verb) {
        return Arrays.stream(Bid.values()).filter(b -> means("bid." + b, verb)).findFirst();
    }

    private void tell(Move move) {
        apply(Tellings.tell(step, List.of(move)));
    }

    private PassKind kind() {
        return drill.surface().ballStaysLow() ? PassKind.GROUND : PassKind.AIR;
    }

    private Target target(List<String> rest) {
        List<String> to = bare(rest);
        Optional<Role> role = to.size() == 1 ? role(to.get(0)) : Optional.empty();
        if (role.isPresent()) {
            return new Target.ToRole(role.get().id());
        }
        return lineNamed(to)
                .<Target>map(l -> new Target.ToPlace(l.at()))
                .orElseGet(() -> new Target.ToPlace(place(to)));
    }

    private Optional<WaitingLine> lineNamed(List<String> words) {
        boolean named = words.size() == 2 && means("line", words.get(0));
        return named ? line(words.get(1)) : Optional.empty();
    }

    /** Who is thrown or shot at: somebody behind "at", or behind a word that means no pass. */
    private Optional<RoleId> at(Role who, String verb, List<String> rest) {
        boolean throwsAt = rest.size() > 1 && means("at", rest.get(0)) && (means("pass", verb) || means("throw", verb));
        return throwsAt || means("shoot", verb) && !rest.isEmpty()
                ? role(last(rest)).map(Role::id).filter(r -> !r.equals(who.id()))
                : Optional.empty();
    }

    private GoalMouth goal(Role who, List<String> rest) {
        List<GoalMouth> all = Goals.all(Path.usual(now()), drill.surface());
        List<String> named = bare(rest);
        Point from = now().startOf(who.id());
        return all.stream()
                .filter(g -> named.isEmpty()
                        || (g.id() + " " + g.name()).toLowerCase(Locale.ROOT).contains(named.get(0)))
                .min((a, b) ->
                        Double.compare(a.centre().distanceTo(from), b.centre().distanceTo(from)))
                .orElseThrow(() -> unknown(
                        "say.goal",
                        String.join(" ", rest),
                        all.stream().map(GoalMouth::name).toList()));
    }

    private List<Waypoint> way(Role who, List<String> rest) {
        List<Waypoint> way = new ArrayList<>();
        List<String> part = new ArrayList<>();
        for (String word : rest) {
            if (AND.contains(word.toLowerCase(Locale.ROOT)) && !part.isEmpty()) {
                way.add(new Waypoint(end(part), false));
                part = new ArrayList<>();
            } else {
                part.add(word);
            }
        }
        if (part.isEmpty() && way.isEmpty()) {
            throw new NotUnderstood(Texts.CORE.get("say.where", who.label()));
        }
        if (!part.isEmpty()) {
            way.add(new Waypoint(end(part), false));
        }
        return way;
    }

    private Point end(List<String> words) {
        List<String> to = bare(words);
        return lineNamed(to).map(WaitingLine::tail).orElseGet(() -> place(to));
    }

    private double seconds(List<String> rest) {
        return rest.stream()
                .map(w -> w.replaceAll("s$", ""))
                .filter(w -> w.matches("\\d+(\\.\\d+)?"))
                .findFirst()
                .map(Double::parseDouble)
                .orElse(1.0);
    }

    /** How hard a verb or a word beside it says; that word is taken out. */
    private static Optional<Effort> effort(String verb, List<String> rest) {
        for (Effort effort : Effort.values()) {
            String key = "effort." + effort;
            if (means(key, verb)) {
                return Optional.of(effort);
            }
            for (String said : Texts.CORE.get("say." + key).split(",")) {
                List<String> words = List.of(said.strip().split(" "));
                for (int i = 0; i + words.size() <= rest.size(); i++) {
                    if (rest.subList(i, i + words.size()).equals(words)) {
                        rest.subList(i, i + words.size()).clear();
                        return Optional.of(effort);
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static Manner manner(String verb, List<String> rest) {
        for (Manner manner : Manner.values()) {
            String key = "manner." + manner;
            if (Texts.CORE.has("say." + key) && (means(key, verb) || rest.removeIf(w -> means(key, w)))) {
                return manner;
            }
        }
        return Manner.FORWARD;
    }

    // ---- the next rep ----

    private void launch(List<String> words) {
        if (!words.isEmpty() && means("every", words.get(0))) {
            apply(Courses.launch(Optional.of(new Launch(Optional.of(new Event.Whistle()), seconds(words)))));
            return;
        }
        Optional<Role> who = words.stream().flatMap(w -> role(w).stream()).findFirst();
        Optional<Move> what = who.flatMap(r -> now().moves().stream()
                .filter(m -> m.role().equals(r.id()))
                .filter(m -> words.stream().anyMatch(w -> isSaid(m, w)))
                .reduce((a, b) -> b));
        if (words.stream().anyMatch(w -> means("when", w)) && what.isEmpty()) {
            throw new NotUnderstood(Texts.CORE.get("say.launch", String.join(" ", words)));
        }
        apply(Courses.launch(Optional.of(what.map(m -> new Launch(Optional.of(new Event.Starts(m.id())), 0))
                .orElse(Launch.WHEN_OVER))));
    }

    private static boolean isSaid(Move move, String word) {
        return move.match(
                t -> means("run", word) || means("start", word),
                p -> means("pass", word),
                s -> means("shoot", word),
                u -> means("pick", word),
                a -> false);
    }

    // ---- places and people ----

    private Optional<Role> role(String label) {
        return now().roles().stream()
                .filter(r -> r.label().equalsIgnoreCase(label))
                .findFirst();
    }

    private Role known(String label) {
        return role(label)
                .orElseThrow(() -> unknown(
                        "say.who",
                        label,
                        now().roles().stream().map(Role::label).toList()));
    }

    private Optional<WaitingLine> line(String label) {
        return now().lines().stream()
                .filter(l -> l.label().equalsIgnoreCase(label))
                .findFirst();
    }

    private static String last(List<String> words) {
        return words.isEmpty() ? "" : words.get(words.size() - 1);
    }

    /** Without what only ties a place to the sentence. */
    private static List<String> bare(List<String> words) {
        return words.stream()
                .map(w -> w.toLowerCase(Locale.ROOT))
                .filter(w -> !means("tie", w))
                .toList();
    }

    /** A player's place, a landmark, a piece of gear, or two numbers. */
    private Point place(List<String> words) {
        List<String> said = bare(words);
        return SaidPlaces.of(drill.surface(), now(), unit, said)
                .orElseThrow(() ->
                        unknown("say.place", String.join(" ", words), SaidPlaces.names(drill.surface(), now(), unit)));
    }

    static boolean means(String key, String word) {
        return Arrays.asList(Texts.CORE.get("say." + key).split(",")).contains(word.toLowerCase(Locale.ROOT));
    }

    static NotUnderstood unknown(String key, String said, List<String> known) {
        String some = known.stream().distinct().limit(LISTED).collect(Collectors.joining(", "));
        return new NotUnderstood(Texts.CORE.get(key, said, some));
    }
}
