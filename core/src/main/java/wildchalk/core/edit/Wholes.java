package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import wildchalk.core.arrange.Transforms;
import wildchalk.core.check.Remedy;
import wildchalk.core.drill.Accepted;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Backdrop;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.DrillId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.MovedGoal;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.ProgressionId;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.SurfaceUse;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Symmetry;
import wildchalk.core.ladder.Ladder;
import wildchalk.core.reps.Filling;
import wildchalk.core.reps.Setting;
import wildchalk.core.stopwatch.LearnedPace;
import wildchalk.core.turns.Proposal;

/** What is for the whole drill, with all its versions. */
public final class Wholes {

    private Wholes() {}

    public static Edit title(String title) {
        return inDrill(EditKind.TITLE, d -> d.withTitle(title));
    }

    /** Its title, and the id that goes with it. */
    public static Edit renamed(String title, DrillId id) {
        return inDrill(EditKind.TITLE, d -> d.withTitle(title).withId(id));
    }

    /** Whose speeds the times come from. */
    public static Edit age(AgeBand age) {
        return inDrill(EditKind.AGE, d -> d.withAudience(d.audience().withPaceBand(age)));
    }

    /**
     * So many people stand in the lines of the open version; the drill is run for so long, at such an age, and with a whistle if
     * one is tried. How many balls there are is written nowhere but on what holds them.
     */
    public static Edit runWith(Setting setting) {
        return Edit.inDrill(EditKind.RUN_WITH, (d, open) -> {
            Progression version = d.progression(open).orElse(d.base());
            Map<LineId, Integer> standing =
                    Filling.of(version, setting.groups(version).get(0));
            Progression filled = version;
            for (WaitingLine line : version.lines()) {
                filled = filled.with(line.withStanding(Math.max(1, standing.get(line.id()))));
            }
            if (setting.every().isPresent()) {
                Launch whistle = new Launch(
                        Optional.of(new Event.Whistle()), setting.every().getAsDouble());
                filled = filled.withCourse(filled.course().withLaunch(Optional.of(whistle)));
            }
            int minutes = (int) Math.max(1, Math.round(setting.minutes()));
            Drill after = filled.equals(version) ? d : Ladder.edit(d, filled);
            return new Edited(
                    after.withAudience(
                            after.audience().withPaceBand(setting.age()).withMinutes(minutes)),
                    version.id(),
                    Set.of());
        });
    }

    /** Everybody, or one player, is so much faster than drawn. */
    public static Edit pace(Optional<RoleId> role, double factor) {
        return Edit.inVersion(EditKind.PACE, (d, version) -> Edit.Change.of(LearnedPace.paced(version, role, factor)));
    }

    /** What gives everybody more turns. */
    public static Edit moreTurns(Proposal proposal) {
        return Edit.inVersion(
                EditKind.MORE_TURNS,
                (d, version) -> Edit.Change.of(proposal.change().apply(version)));
    }

    public static Edit surface(SurfaceUse use) {
        return inDrill(EditKind.SURFACE, d -> d.withSurfaceUse(use));
    }

    /** Puts a goal of the surface elsewhere. */
    public static Edit goal(MovedGoal goal) {
        return inDrill(EditKind.GOAL, d -> d.withSurfaceUse(d.surfaceUse().withGoal(goal)));
    }

    public static Edit backdrop(Optional<Backdrop> under) {
        return inDrill(EditKind.BACKDROP, d -> d.withBackdrop(under));
    }

    public static Edit mirror(Symmetry symmetry) {
        return inDrill(EditKind.MIRROR, d -> Transforms.drill(d, symmetry));
    }

    /** What the second look offers for the open version. */
    public static Edit mend(Remedy remedy) {
        return Edit.inVersion(
                EditKind.MEND, (d, version) -> Edit.Change.of(remedy.change().apply(version)));
    }

    /** A finding stays as it is, for a reason; in place of what was accepted of it before. */
    public static Edit accept(Accepted finding) {
        return inDrill(EditKind.ACCEPT, d -> {
            List<Accepted> all = new ArrayList<>(d.accepted());
            all.removeIf(finding::isOfSame);
            all.add(finding);
            return d.withAccepted(all);
        });
    }

    /** A finding is looked at again. */
    public static Edit withdraw(Accepted finding) {
        return inDrill(
                EditKind.ACCEPT,
                d -> d.withAccepted(
                        d.accepted().stream().filter(a -> !a.isOfSame(finding)).toList()));
    }

    /** All of it becomes what it was elsewhere. */
    public static Edit bringBack(Drill other) {
        return Edit.inDrill(
                EditKind.BRING_BACK,
                (d, open) -> new Edited(
                        other,
                        other.progression(open)
                                .map(Progression::id)
                                .orElse(other.base().id()),
                        Set.of()));
    }

    /** One version becomes what it was elsewhere, or comes back where it has gone; the others stay the very same. */
    public static Edit bringBack(Progression version) {
        return Edit.inDrill(EditKind.BRING_BACK, (d, open) -> {
            ProgressionId id = version.id();
            boolean based = version.basedOn()
                    .map(b -> !b.equals(id) && stands(d, b, id))
                    .orElse(true);
            Progression fits = based ? version : version.withBasedOn(Optional.empty());
            Drill after;
            if (d.progression(id).isPresent()) {
                after = d.withProgression(fits);
            } else {
                List<Progression> list = new ArrayList<>(d.progressions());
                list.add(fits);
                after = d.withProgressions(list);
            }
            return new Edited(after, id, Set.of());
        });
    }

    /** Whether a version stands before another, or the other is not there yet and comes last. */
    private static boolean stands(Drill drill, ProgressionId base, ProgressionId version) {
        int at = indexOf(drill, base);
        int own = indexOf(drill, version);
        return at >= 0 && (own < 0 || at < own);
    }

    private static int indexOf(Drill drill, ProgressionId id) {
        return drill.progressions().stream().map(Progression::id).toList().indexOf(id);
    }

    private static Edit inDrill(EditKind kind, UnaryOperator<Drill> change) {
        return Edit.inDrill(kind, (drill, open) -> new Edited(change.apply(drill), open, Set.of()));
    }
}
