package wildchalk.desktop.document;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.binder.DrillFile;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.CallId;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Footprint;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.Passing;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Round;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.RuleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Suits;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.drill.ZoneKind;
import wildchalk.core.edit.Arrangements;
import wildchalk.core.edit.Courses;
import wildchalk.core.edit.Edit;
import wildchalk.core.edit.Placements;
import wildchalk.core.edit.Tellings;
import wildchalk.core.edit.Versions;
import wildchalk.core.edit.Wholes;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.ladder.Keys;

/** Whatever a field or a gesture can hand in is either refused with words, or saved and read again equal. */
class AcceptedValuesTest {

    private static final int VALUES = 24_000;
    private static final Path NAME = Path.of("nasty.drill.json");
    private static final StepId STEP = new StepId("s1");
    private static final RoleId A = new RoleId("a");
    private static final RoleId B = new RoleId("b");

    /** Half characters, control characters, marks that turn the writing round, what templates and JSON are made of. */
    private static final String[] PIECES = {
        "\uD83C",
        "\uDFD2",
        "\uD83C\uDFD2",
        "\u0000",
        "\u0007",
        "\u001B[31m",
        "\u202E",
        "\u200B",
        "\uFEFF",
        "\uFFFF",
        "e\u0301",
        "\"",
        "\\",
        "\\u12",
        "/",
        "</script>",
        "@body@",
        "${x}",
        "{0}",
        "'",
        "\n",
        "\r\n",
        "\t",
        " ",
        "\u00A0",
        "%s",
        "\u0665",
        "x",
        "Æ",
        "漢",
        "ﬁ",
        "\u2028",
        "[]",
        "null",
        ","
    };

    private static final double[] NUMBERS = {
        0.0,
        -0.0,
        1,
        -1,
        0.1 + 0.2,
        1 / 3.0,
        Math.PI,
        1e-9,
        Double.MIN_VALUE,
        1e-308,
        499.9999999999999,
        500,
        500.0000000000001,
        600,
        -500,
        359.99999999999994,
        360,
        720.5,
        1e9,
        1e15,
        1e16,
        1e308,
        Double.NaN,
        Double.POSITIVE_INFINITY,
        60,
        59.99999999999999,
        0.01,
        0.009999999999999998,
        2.5,
        1000,
        0.001
    };

    private final Random random = new Random(20_261_126);
    private int refused;

    private String text() {
        int pieces = random.nextInt(8);
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < pieces; i++) {
            text.append(PIECES[random.nextInt(PIECES.length)]);
        }
        int longer = random.nextInt(40);
        return switch (longer) {
            case 0 -> text.toString().repeat(90);
            case 1 -> "m".repeat(Limits.LINE - 1) + text;
            case 2 -> "m".repeat(Limits.LABEL - 1) + text;
            case 3 -> "m".repeat(Limits.WORD - 1) + text;
            default -> text.toString();
        };
    }

    /** As a field hands it in: without half characters, cut at what it may have. */
    private String typed(int most) {
        return Limits.fitting(text().strip(), most);
    }

    private double number() {
        return NUMBERS[random.nextInt(NUMBERS.length)] * (random.nextInt(6) == 0 ? random.nextDouble() : 1);
    }

    private Point place() {
        return new Point(number(), number());
    }

    private <E extends Enum<E>> E any(Class<E> type) {
        E[] all = type.getEnumConstants();
        return all[random.nextInt(all.length)];
    }

    private static Drill start() {
        Progression base = Progression.blank()
                .with(new Role(A, "A", Side.ATTACK, Optional.of(new Point(0, 0)), 0, 1))
                .with(new Role(B, "B", Side.DEFENCE, Optional.of(new Point(4, 1)), 0, 1))
                .with(new Ball(new BallId("b1"), new Ball.With(A)));
        return Drill.blank("Start", new SurfaceUse("handball", "whole"), Audience.USUAL)
                .withProgressions(List.of(base));
    }

    private Move move() {
        MoveId id = new MoveId("new");
        Optional<Trigger> when =
                random.nextInt(3) == 0 ? Optional.of(new Trigger(event(), number())) : Optional.empty();
        return switch (random.nextInt(5)) {
            case 0 -> new Travel(id, A, when, random.nextBoolean(), any(Manner.class), any(Effort.class), path());
            case 1 -> new Pass(id, A, when, false, new Target.ToPlace(place()), any(PassKind.class), any(Weight.class));
            case 2 -> new Shot(id, A, when, false, typed(20), any(Aim.class), any(Weight.class));
            default -> new Act(id, B, when, false, deed());
        };
    }

    private List<Waypoint> path() {
        List<Waypoint> path = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(3); i++) {
            Waypoint w = new Waypoint(place(), random.nextBoolean());
            if (random.nextInt(3) == 0) {
                w = w.withHow(any(Passing.class), Math.abs(number()));
            }
            if (random.nextInt(4) == 0) {
                w = w.withRound(
                        Optional.of(new Round(place(), number(), random.nextBoolean() ? Hand.LEFT : Hand.RIGHT)));
            }
            path.add(w);
        }
        return path;
    }

    private Deed deed() {
        return switch (random.nextInt(5)) {
            case 0 -> new Deed.Waiting(number());
            case 1 -> new Deed.Turning(any(Deed.Turn.class), any(Hand.class), number());
            case 2 -> new Deed.Calling(typed(Limits.WORD), Optional.empty());
            case 3 -> new Deed.Contact(A, any(Deed.Level.class), number());
            default -> new Deed.Screening(Optional.of(A), number());
        };
    }

    private Event event() {
        return switch (random.nextInt(4)) {
            case 0 -> new Event.Whistle();
            case 1 -> new Event.IsCalled(typed(Limits.WORD));
            case 2 -> new Event.Handles(A, any(Event.Handling.class));
            default ->
                new Event.Reaches(new wildchalk.core.drill.Mover.Somebody(B), new Region.NearPlace(place(), number()));
        };
    }

    private Edit edit() {
        return switch (random.nextInt(24)) {
            case 0 -> Wholes.title(typed(Limits.LINE));
            case 1 -> Versions.title(typed(Limits.LINE));
            case 2 -> Versions.suits(new Suits(List.of(any(AgeBand.class)), typed(Limits.LINE)));
            case 3 -> Tellings.coachingPoint(STEP, random.nextInt(3) - 1, typed(Limits.TEXT));
            case 4 -> Tellings.question(STEP, typed(Limits.TEXT), typed(Limits.TEXT));
            case 5 ->
                Arrangements.role(
                        A,
                        r -> r.withLabel(typed(Limits.LABEL))
                                .withTask(typed(Limits.LINE))
                                .withFacing(number()));
            case 6 ->
                Placements.gear(new Gear(new GearId("new"), any(GearKind.class), any(Chalk.class), place(), number())
                        .withLabel(typed(Limits.LABEL))
                        .withSize(new Footprint(number(), number())));
            case 7 -> Placements.role(any(Side.class), "Q", place(), number());
            case 8 -> Placements.line(place());
            case 9 -> Placements.ball(Optional.empty(), place());
            case 10 ->
                Placements.zone(n -> typed(Limits.LINE), any(ZoneKind.class), List.of(place(), place(), place()));
            case 11 -> Placements.note(typed(Limits.TEXT), place(), Optional.of(place()));
            case 12 -> Arrangements.carry(Set.of(A, B), PlaneMap.shift(place()));
            case 13 -> Arrangements.carry(Set.of(A, B), PlaneMap.turn(place(), number()));
            case 14 -> Arrangements.label(A, Optional.of(place()));
            case 15 -> Wholes.goal(new MovedGoal("right", place(), number()));
            case 16 -> Wholes.backdrop(Optional.of(new Backdrop("AAAA", place(), number(), number())));
            case 17 ->
                Courses.addCalls(new CallSet(
                        new CallId("new"),
                        List.of(typed(Limits.WORD), typed(Limits.WORD)),
                        1 + random.nextInt(2),
                        true,
                        0));
            case 18 ->
                Courses.addRule(new Rule.Hold(
                        new RuleId("new"),
                        A,
                        Rule.What.CROSS,
                        Optional.of(new Region.Line(place(), place())),
                        Optional.of(event())));
            case 19 -> Courses.launch(Optional.of(new Launch(Optional.of(event()), number())));
            case 20 -> Tellings.fork(STEP, Fork.By.CHANCE);
            default -> Tellings.tell(STEP, List.of(move()));
        };
    }

    @Test
    void whatIsAcceptedIsSavedAndReadAgainEqual() throws Exception {
        Drill drill = start();
        int accepted = 0;
        for (int i = 0; i < VALUES || accepted < 20_000; i++) {
            if (i % 12 == 0) {
                drill = start();
            }
            Drill after;
            try {
                after = edit().applyTo(drill, drill.base().id()).drill();
            } catch (IllegalArgumentException e) {
                refused++;
                assertTrue(e.getMessage() != null && e.getMessage().length() > 15, "it says why: " + e.getMessage());
                continue;
            }
            accepted++;
            // through the very bytes of a file
            byte[] bytes = DrillFile.ofNew(after).toText().getBytes(StandardCharsets.UTF_8);
            Drill again = DrillFile.parse(NAME, new String(bytes, StandardCharsets.UTF_8))
                    .value();
            for (String key : Keys.differing(after.base(), again.base())) {
                assertEquals(
                        Keys.of(after.base()).get(key), Keys.of(again.base()).get(key), key);
            }
            assertEquals(after, again);
            drill = after;
        }
        System.out.println(
                accepted + " values accepted, saved and read again equal; " + refused + " refused with words");
        assertTrue(refused > 1_000, "the nastiest are refused: " + refused);
    }
}
