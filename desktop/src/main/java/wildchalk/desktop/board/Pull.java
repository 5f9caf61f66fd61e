package wildchalk.desktop.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.arrange.Snapping;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Bid;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.ElementId;
import wildchalk.core.drill.Gap;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.PassKind;
import wildchalk.core.drill.PickUp;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Shot;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.Target;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Trigger;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.drill.Waypoint;
import wildchalk.core.drill.Weight;
import wildchalk.core.edit.Tellings;
import wildchalk.core.geometry.PlaneMap;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.telling.Bids;
import wildchalk.core.telling.NewMoves;
import wildchalk.desktop.ui.Ui;
import wildchalk.picture.paint.Frame;

/**
 * A pull from a player or from the ball in a player's hands: what it means, depending on where it ends. Pure: it takes
 * places and gives proposals.
 */
final class Pull {

    /** Who runs to somebody stops so far (m) from the middle of that body. */
    private static final double BESIDE_METRES = 0.9;

    /** A shorter pull is a click. */
    static final double LEAST_METRES = 0.4;

    /** Places that differ by less (m) are the same: rounding noise. */
    private static final double SAME_METRES = 0.05;

    /** Stands for the id that a move gets when it is told. */
    private static final MoveId NEW = new MoveId("new");

    private final Frame frame;
    private final RoleId role;
    private final boolean fromBall;
    private final Point start;
    private final Freehand hand;
    /** Whether the move begins where an earlier one ends, and not at the body that is pulled. */
    private final boolean goesOn;

    private Manner manner = Manner.FORWARD;
    private Effort effort = Effort.STEADY;

    /** Who would do the same beside him. */
    private final List<RoleId> others;

    private boolean together;

    private Pull(Frame frame, RoleId role, boolean fromBall, List<RoleId> others) {
        this.frame = frame;
        this.role = role;
        this.fromBall = fromBall;
        this.others = others;
        Point body = frame.timeline().poseAt(role, frame.seconds()).at();
        this.start = fromBall && onTheRun().isPresent() ? body : afterTheStep(role);
        this.goesOn = !start.isWithin(SAME_METRES, body);
        this.hand = new Freehand(start);
    }

    /** Where the role is when it has done what the step has for it: the next move begins there. */
    private Point afterTheStep(RoleId role) {
        double done = frame.seconds();
        for (Move move : step().moves()) {
            MoveSpan span = frame.timeline().move(move.id());
            if (move.role().equals(role) && span.happens()) {
                done = Math.max(done, span.end());
            }
        }
        return frame.timeline().poseAt(role, done).at().toMillimetres();
    }

    private Step step() {
        List<Step> steps = frame.path().steps();
        return steps.get(Math.min(frame.currentStep(), steps.size() - 1));
    }

    /** From a player's body: a travel, with the ball if the player has it. */
    static Pull fromBody(Frame frame, RoleId role) {
        return fromBody(frame, role, Set.of());
    }

    /**
     * Likewise, perhaps with others who do the same.
     *
     * @param chosen what is chosen: the players among it go along if he is one of them, else his team
     */
    static Pull fromBody(Frame frame, RoleId role, Set<ElementId> chosen) {
        List<RoleId> team = frame.path().course().teamOf(role).map(Team::roles).orElse(List.of());
        List<RoleId> all = frame.path().roles().stream()
                .map(Role::id)
                .filter(r -> chosen.contains(role) && chosen.size() > 1 ? chosen.contains(r) : team.contains(r))
                .filter(r -> !r.equals(role))
                .toList();
        return new Pull(frame, role, false, all);
    }

    /** All who are chosen with him, or his team, do the same beside him; or he alone again. */
    void toggleTogether() {
        together = !together && !others.isEmpty();
    }

    /** From the ball that a player holds: a pass or a shot. */
    static Pull fromBall(Frame frame, RoleId holder) {
        return new Pull(frame, holder, true, List.of());
    }

    Point start() {
        return start;
    }

    /** Where the player stands who is pulled. */
    Point body() {
        return frame.timeline().poseAt(role, frame.seconds()).at();
    }

    void passThrough(Point p) {
        // what leads from the body to where the move begins is no part of it
        if (!goesOn) {
            hand.add(p);
        }
    }

    void cut(Point at) {
        if (!fromBall) {
            hand.cut(new Point(Math.round(at.x() * 10) / 10.0 + 0.0, Math.round(at.y() * 10) / 10.0 + 0.0));
        }
    }

    /** Presses of the same manner go back to forward. */
    void toggle(Manner wanted) {
        manner = manner == wanted ? Manner.FORWARD : wanted;
    }

    void effort(Effort wanted) {
        effort = wanted;
    }

    /** The points of the line that is being pulled, for showing it. */
    List<Waypoint> path(Point end) {
        return fromBall ? List.of(new Waypoint(end, false)) : hand.pathTo(end);
    }

    /** What letting go would do; empty when that is nothing. */
    Optional<Proposal> propose(Aiming aim, double snapMetres) {
        return propose(aim, snapMetres, Optional.empty());
    }

    /** What letting go would do at a place that was typed. */
    Optional<Proposal> propose(Aiming aim, double snapMetres, Optional<Point> exact) {
        Point end = exact.orElse(aim.place());
        boolean far = hand.hasCuts() || end.distanceTo(start) >= LEAST_METRES;
        if (!far) {
            return Optional.empty();
        }
        return fromBall ? release(aim, snapMetres, exact) : travel(aim, snapMetres, exact);
    }

    // ---- travel ----

    /** Where a pull that ends here is drawn to. */
    Point end(Point p, double snapMetres) {
        return Snapping.of(frame.path(), frame.drill().surface(), Set.of(), snapMetres)
                .pull(p, start)
                .at();
    }

    private Optional<Proposal> travel(Aiming aim, double snapMetres, Optional<Point> exact) {
        Optional<Proposal> challenge = exact.isPresent() || hand.hasCuts()
                ? Optional.empty()
                : carrier(aim)
                        .map(this::tries)
                        .or(() -> attacker(aim).map(this::marks))
                        .or(() -> aim.flight().flatMap(this::intercepts));
        if (challenge.isPresent()) {
            return challenge;
        }
        Optional<Point> ball = aim.looseBall()
                .map(b -> frame.timeline().ballAt(b, frame.seconds()).toMillimetres());
        Point end = exact.or(() -> ball).or(() -> beside(aim)).orElseGet(() -> end(aim.place(), snapMetres));
        Travel travel = new Travel(
                NEW,
                role,
                Optional.empty(),
                false,
                manner,
                effort,
                exact.isPresent() ? hand.straightTo(end) : hand.pathTo(end));
        return Optional.of(
                ball.isPresent() && exact.isEmpty()
                        ? proposal("edit.fetch", label(role), travel, new PickUp(NEW, role, Optional.empty(), false))
                        : proposal("edit.travel", label(role), withOthers(travel)));
    }

    /** The same for everybody who goes along, each from where he stands. */
    private Move[] withOthers(Travel travel) {
        List<Move> all = new ArrayList<>(List.of(travel));
        for (RoleId other : together ? others : List.<RoleId>of()) {
            PlaneMap shift = PlaneMap.shift(afterTheStep(other).minus(start));
            all.add(travel.withPath(travel.path().stream()
                            .map(w -> w.withAt(shift.apply(w.at()).toMillimetres()))
                            .toList())
                    .withRole(other));
        }
        return all.toArray(Move[]::new);
    }

    /** The opponent under the pointer who has the ball. */
    private Optional<RoleId> carrier(Aiming aim) {
        return aim.role().filter(r -> isOpponent(r) && !has(role)).filter(this::has);
    }

    /** Whom a defender is pulled onto who has no ball: he marks him. */
    private Optional<RoleId> attacker(Aiming aim) {
        boolean defends = frame.path()
                .role(role)
                .filter(r -> r.side() == Side.DEFENCE && !has(role))
                .isPresent();
        return aim.role().filter(r -> defends && isOpponent(r));
    }

    private Proposal marks(RoleId whom) {
        return proposal(
                "edit.marks",
                label(role),
                NewMoves.marks(frame.path(), frame.drill().surface(), NEW, role, whom, start)
                        .withManner(manner)
                        .withEffort(effort == Effort.STEADY ? Effort.HARD : effort));
    }

    private boolean isOpponent(RoleId other) {
        Optional<Side> own = frame.path().role(role).map(Role::side);
        Optional<Side> theirs = frame.path().role(other).map(Role::side);
        return own.equals(Optional.of(Side.DEFENCE)) && theirs.equals(Optional.of(Side.ATTACK))
                || own.equals(Optional.of(Side.ATTACK)) && theirs.equals(Optional.of(Side.DEFENCE));
    }

    private boolean has(RoleId who) {
        return frame.path().balls().stream()
                .anyMatch(b -> frame.timeline()
                        .ballStateAt(b.id(), frame.seconds())
                        .holder()
                        .equals(Optional.of(who)));
    }

    private Proposal tries(RoleId on) {
        String sport = frame.drill().surface().sport();
        return proposal(
                "edit.challenge",
                label(role),
                new Act(NEW, role, Optional.empty(), false, Challenge.of(Bids.usual(sport), on)));
    }

    /** Into the lane of a pass of the other side, as it is sent. */
    private Optional<Proposal> intercepts(MoveId pass) {
        return frame.path()
                .move(pass)
                .filter(m -> isOpponent(m.role()) && !has(role))
                .map(m -> proposal(
                        m instanceof Shot ? "edit.challenge" : "edit.intercept",
                        label(role),
                        new Act(
                                NEW,
                                role,
                                Optional.of(Trigger.withStartOf(pass, 0)),
                                false,
                                Challenge.of(m instanceof Shot ? Bid.BLOCK : Bid.INTERCEPTION, m.role()))));
    }

    /** A run to a player ends beside the player, one to a line at its tail, one to a gap in its middle. */
    private Optional<Point> beside(Aiming aim) {
        Optional<Point> player = aim.role().filter(r -> !r.equals(role)).map(r -> {
            Point at = frame.timeline().poseAt(r, frame.seconds()).at();
            double way = at.distanceTo(start);
            return way < 2 * BESIDE_METRES ? at : at.towards(start, BESIDE_METRES / way);
        });
        return player.or(() -> aim.line().map(WaitingLine::tail))
                .or(() -> aim.gap().map(Gap::middle))
                .map(Point::toMillimetres);
    }

    // ---- passes and shots ----

    private Optional<Proposal> release(Aiming aim, double snapMetres, Optional<Point> exact) {
        if (exact.isEmpty() && aim.role().isPresent() && !isInGoal(aim)) {
            RoleId to = aim.role().get();
            return to.equals(role)
                    ? Optional.empty()
                    : Optional.of(proposal("edit.pass", label(to), pass(new Target.ToRole(to))));
        }
        if (exact.isEmpty() && aim.line().isPresent()) {
            return Optional.of(toNextIn(aim.line().get()));
        }
        if (exact.isEmpty() && aim.goal().isPresent()) {
            Shot shot = new Shot(NEW, role, onTheRun(), false, aim.goal().get().id(), aim.aimFrom(start), Weight.FIRM);
            return Optional.of(proposal("edit.shot", label(role), shot));
        }
        Point place = exact.orElseGet(() -> end(aim.place(), snapMetres));
        return Optional.of(proposal("edit.space", label(role), pass(new Target.ToPlace(place))));
    }

    /** A ball let go on a keeper who stands in a goal is meant for the goal. */
    private boolean isInGoal(Aiming aim) {
        return aim.goal().isPresent()
                && aim.role()
                        .flatMap(frame.path()::role)
                        .filter(r -> r.side() == Side.KEEPER && !r.id().equals(role))
                        .isPresent();
    }

    /** To the role at the head of a line; once that has gone, to whoever is the next there. */
    private Proposal toNextIn(WaitingLine line) {
        Target to = line.feeds().stream()
                .filter(r -> !r.equals(role))
                .filter(r -> frame.timeline().poseAt(r, frame.seconds()).at().isWithin(BESIDE_METRES, line.at()))
                .findFirst()
                .<Target>map(Target.ToRole::new)
                .orElseGet(() -> new Target.ToPlace(line.at()));
        return proposal("edit.pass", line.label(), pass(to));
    }

    private Pass pass(Target to) {
        boolean ground = frame.drill().surface().ballStaysLow();
        return new Pass(NEW, role, onTheRun(), false, to, ground ? PassKind.GROUND : PassKind.AIR, Weight.FIRM);
    }

    /** A ball pulled in the middle of its holder's travel leaves at just that moment of it. */
    private Optional<Trigger> onTheRun() {
        double t = frame.seconds();
        for (Move move : frame.path().moves()) {
            MoveSpan span = frame.timeline().move(move.id());
            boolean during = span.start() + 0.05 < t && t < span.end() - 0.05;
            if (move instanceof Travel && move.role().equals(role) && span.happens() && during) {
                return Optional.of(Trigger.withStartOf(move.id(), Math.round((t - span.start()) * 10) / 10.0));
            }
        }
        return Optional.empty();
    }

    private Proposal proposal(String key, String label, Move... moves) {
        return new Proposal(Ui.text(key, label), Tellings.tell(frame.path().told(step().id()), List.of(moves)));
    }

    private String label(RoleId id) {
        return frame.path().role(id).map(Role::label).orElse(id.text());
    }
}
