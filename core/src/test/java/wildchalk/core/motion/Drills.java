package wildchalk.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Aim;
import wildchalk.core.drill.Audience;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Course;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.GearId;
import wildchalk.core.drill.GearKind;
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
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.finding.Finding;
import wildchalk.core.geometry.Point;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.words.FindingWriter;

/** Small drills for tests, told in the order of a talk-through. */
public final class Drills {

    public static final Surface HANDBALL = Surfaces.find("handball").orElseThrow();
    public static final Surface ICE = Surfaces.find("ice-60x30").orElseThrow();

    private final List<Role> roles = new ArrayList<>();
    private final List<Gear> gear = new ArrayList<>();
    private final List<Ball> balls = new ArrayList<>();
    private final List<List<Move>> steps = new ArrayList<>(List.of(new ArrayList<>()));

    private Course course = Course.PLAIN;

    private Drills() {}

    /** A handball drill of one version, for an age. */
    public static Drill drill(Progression version, AgeBand age) {
        SurfaceUse use = SurfaceUse.of(HANDBALL);
        return Drill.blank("Test", use, Audience.USUAL.withPaceBand(age)).withProgressions(List.of(version));
    }

    /** Along its likeliest path on a handball court. */
    public static RunThrough run(Progression version, AgeBand age) {
        return RunThrough.of(drill(version, age), version);
    }

    /** What a check says about a path on a handball court. */
    public static String message(Progression version, Finding finding) {
        return new FindingWriter(drill(version, AgeBand.U16), Path.usual(version), LengthUnit.METRES).message(finding);
    }

    public static Drills blank() {
        return new Drills();
    }

    public Drills role(String id, Side side, double x, double y) {
        roles.add(new Role(new RoleId(id), id.toUpperCase(), side, Optional.of(new Point(x, y)), 0, 1));
        return this;
    }

    public Drills gear(String id, GearKind kind, double x, double y) {
        gear.add(new Gear(new GearId(id), kind, Chalk.ORANGE, new Point(x, y), 0));
        return this;
    }

    public Drills ballWith(String role) {
        balls.add(new Ball(new BallId("b" + balls.size()), new Ball.With(new RoleId(role))));
        return this;
    }

    public Drills ballAt(double x, double y) {
        balls.add(new Ball(new BallId("b" + balls.size()), new Ball.Loose(new Point(x, y))));
        return this;
    }

    public Drills under(Course rules) {
        course = rules;
        return this;
    }

    public Drills nextStep() {
        steps.add(new ArrayList<>());
        return this;
    }

    public Drills move(Move move) {
        steps.get(steps.size() - 1).add(move);
        return this;
    }

    public Drills travel(
            String id, String role, Optional<Trigger> when, Manner manner, Effort effort, List<Waypoint> path) {
        return move(new Travel(new MoveId(id), new RoleId(role), when, false, manner, effort, path));
    }

    public Drills run(String id, String role, double x, double y) {
        return travel(id, role, Optional.empty(), Manner.FORWARD, Effort.HARD, List.of(Waypoint.smooth(x, y)));
    }

    public Drills run(String id, String role, Trigger when, double x, double y) {
        return travel(id, role, Optional.of(when), Manner.FORWARD, Effort.HARD, List.of(Waypoint.smooth(x, y)));
    }

    public Drills pass(String id, String role, String to) {
        return pass(id, role, Optional.empty(), new Target.ToRole(new RoleId(to)));
    }

    public Drills pass(String id, String role, Trigger when, String to) {
        return pass(id, role, Optional.of(when), new Target.ToRole(new RoleId(to)));
    }

    public Drills passTo(String id, String role, double x, double y) {
        return pass(id, role, Optional.empty(), new Target.ToPlace(new Point(x, y)));
    }

    private Drills pass(String id, String role, Optional<Trigger> when, Target to) {
        return move(new Pass(new MoveId(id), new RoleId(role), when, false, to, PassKind.AIR, Weight.FIRM));
    }

    public Drills shot(String id, String role, Optional<Trigger> when) {
        return move(new Shot(new MoveId(id), new RoleId(role), when, false, "right", Aim.MIDDLE, Weight.FIRM));
    }

    public Drills pickUp(String id, String role) {
        return move(new PickUp(new MoveId(id), new RoleId(role), Optional.empty(), false));
    }

    public Progression progression() {
        List<Step> list = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            list.add(new Step(new StepId("s" + (i + 1)), steps.get(i), List.of()));
        }
        Progression still = new Progression(
                new ProgressionId("base"),
                "Test",
                gear,
                List.of(),
                roles,
                balls,
                List.of(new Step(new StepId("s1"), List.of(), List.of())));
        return still.withSteps(list, course);
    }
}
