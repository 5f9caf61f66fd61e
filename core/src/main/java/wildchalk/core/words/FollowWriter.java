package wildchalk.core.words;

import static wildchalk.core.words.Rewordings.travel;
import static wildchalk.core.words.SentenceWriter.text;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Effort;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Following.How;
import wildchalk.core.drill.Manner;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.Goals;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.surface.Surface;

/** Writes how somebody goes by where others are, and what he keeps in sight. */
final class FollowWriter {

    /** Between two who are no further apart than this (m) there is nobody: hip to hip. */
    private static final double HIP_METRES = 1.2;

    private static final List<Double> FAR = List.of(1.0, 1.5, 2.0, 3.0, 5.0);

    private final Path path;
    private final Surface surface;
    private final Timeline timeline;
    private final Places places;

    FollowWriter(Path path, Surface surface, Timeline timeline, Places places) {
        this.path = path;
        this.surface = surface;
        this.timeline = timeline;
        this.places = places;
    }

    void write(List<Phrase> phrases, Travel move) {
        Following f = move.follows().orElseThrow();
        String manner = manner(move);
        // how hard he goes is said of the going, before where he stops
        boolean stops = f.how() == Following.How.PRESS;
        String goes = stops ? text("follow.PRESS", name(f.of())) : said(f);
        String said = goes + (goes.contains(",") && !manner.isEmpty() ? "," : "");
        phrases.add(new Phrase.Slot(SlotKind.KIND, said, "", () -> choices(move, f)));
        phrases.add(new Phrase.Slot(SlotKind.MANNER, manner, text("follow.manner-prompt"), this::manners));
        if (stops) {
            phrases.add(new Phrase.Plain(text("follow.PRESS.stop", places.exact(f.metres()))));
        }
    }

    /** "Eyes on the ball": empty for who looks where he goes. */
    Optional<Phrase> eyes(Travel move) {
        return move.faces().map(m -> new Phrase.Plain(text("follow.eyes", name(m))));
    }

    /** What somebody could keep in sight on his way. */
    List<Phrase.Choice> sights(Travel move) {
        List<Phrase.Choice> all = new ArrayList<>();
        String group = text("follow.group.eyes");
        ball().ifPresent(b -> all.add(
                new Phrase.Choice(group, text("follow.eyes", name(b)), travel(t -> t.withFaces(Optional.of(b))))));
        for (Role role : path.roles()) {
            if (!role.id().equals(move.role())) {
                Mark mark = new Mark.Somebody(role.id());
                all.add(new Phrase.Choice(group, text("follow.eyes", name(mark)), travel(t -> sees(t, mark))));
            }
        }
        if (move.faces().isPresent()) {
            all.add(new Phrase.Choice(group, text("follow.eyes.none"), travel(t -> t.withFaces(Optional.empty()))));
        }
        return all;
    }

    /** Nobody keeps himself in sight. */
    private static Travel sees(Travel t, Mark mark) {
        return mark.role().equals(Optional.of(t.role())) ? t : t.withFaces(Optional.of(mark));
    }

    /** With whom a run that is drawn could go instead: by the nearest one, of the other side if there is one. */
    List<Phrase.Choice> offers(Travel move) {
        return nearest(move)
                .map(r -> ways(move, new Mark.Somebody(r), text("follow.group.with")))
                .orElse(List.of());
    }

    private Optional<RoleId> nearest(Travel move) {
        Role own = path.role(move.role()).orElseThrow();
        double t = timeline.move(move.id()).start();
        Point at = timeline.placeAt(move.role(), t);
        return path.roles().stream()
                .filter(r -> !r.id().equals(move.role()))
                .min(Comparator.comparing((Role r) -> r.side() == own.side())
                        .thenComparingDouble(r -> timeline.placeAt(r.id(), t).distanceTo(at)))
                .map(Role::id);
    }

    private String manner(Travel move) {
        String manner = move.manner() == Manner.FORWARD ? "" : text("follow.manner." + move.manner());
        boolean usual = move.effort() == Effort.STEADY || move.effort() == Effort.HARD;
        return (manner + " " + (usual ? "" : text("effort." + move.effort()))).strip();
    }

    private List<Phrase.Choice> manners() {
        List<Phrase.Choice> all = new ArrayList<>();
        for (Effort effort : Effort.values()) {
            all.add(new Phrase.Choice(text("effort." + effort), travel(t -> t.withEffort(effort))));
        }
        for (Manner manner : Manner.values()) {
            all.add(new Phrase.Choice(
                    text("verb.group.manner"), text("follow.manner." + manner), travel(t -> t.withManner(manner))));
        }
        return all;
    }

    private List<Phrase.Choice> choices(Travel move, Following f) {
        List<Phrase.Choice> all = new ArrayList<>(ways(move, f.of(), ""));
        if (f.how().asksMetres()) {
            FAR.forEach(m -> all.add(new Phrase.Choice(
                    text("follow.group.far"),
                    text("follow.far", places.exact(m)),
                    travel(t ->
                            t.withFollows(t.follows().map(now -> now.how().asksMetres() ? now.withMetres(m) : now))))));
        }
        if (f.of().role().isPresent()) {
            path.roles().stream()
                    .filter(r -> !r.id().equals(move.role()) && !f.roles().contains(r.id()))
                    .map(r -> f.withMarks(new Mark.Somebody(r.id()), f.to()))
                    .forEach(o -> all.add(new Phrase.Choice(text("follow.group.whom"), said(o), by(o))));
        }
        all.add(new Phrase.Choice(
                text("follow.group.whom"), text("follow.as-drawn"), travel(t -> t.withFollows(Optional.empty()))));
        return all;
    }

    /** All that can be told of how one goes by something. */
    private List<Phrase.Choice> ways(Travel move, Mark of, String group) {
        List<Following> all = new ArrayList<>();
        of.role().ifPresent(who -> {
            for (How how : How.values()) {
                if (!how.asksTo()) {
                    all.add(Following.of(how, who));
                }
            }
        });
        own(move).filter(g -> of.moves()).ifPresent(g -> {
            all.add(Following.between(How.TOWARDS, of, g));
            all.add(Following.between(How.MIDWAY, of, g));
        });
        ball().filter(b -> !b.equals(of)).ifPresent(b -> {
            all.add(Following.between(How.TOWARDS, of, b));
            own(move).ifPresent(g -> all.add(Following.between(How.TOWARDS, b, g)));
        });
        return all.stream()
                .filter(f -> !f.roles().contains(move.role()))
                .map(f -> new Phrase.Choice(group, said(f), by(f)))
                .toList();
    }

    private static UnaryOperator<Move> by(Following f) {
        return travel(t -> f.roles().contains(t.role()) ? t : t.withFollows(Optional.of(f)));
    }

    /** The goal that somebody guards: the one that he starts nearest to. */
    private Optional<Mark> own(Travel move) {
        Point start = path.startOf(move.role());
        return Goals.nearest(path, surface, start).map(g -> new Mark.TheGoal(g.id()));
    }

    private Optional<Mark> ball() {
        return path.balls().stream().map(Ball::id).findFirst().map(Mark.TheBall::new);
    }

    // ---- words ----

    private String said(Following f) {
        String of = name(f.of());
        String usual = f.metres() == f.how().usualMetres() ? "" : ".far";
        String far = places.exact(f.metres());
        return switch (f.how()) {
            case TRAIL, INSIDE -> text("follow." + f.how() + usual, of, far);
            case BESIDE -> text("follow.BESIDE" + (f.metres() <= HIP_METRES ? "" : ".far"), of, far);
            case PRESS -> text("follow.PRESS", of) + " " + text("follow.PRESS.stop", far);
            case MIRROR -> text("follow.MIRROR", of);
            case GOAL_LINE -> text("follow.GOAL_LINE", of);
            case MIDWAY -> text("follow.MIDWAY", of, name(f.to().orElseThrow()));
            case TOWARDS -> towards(f, of, far, usual);
        };
    }

    private String towards(Following f, String of, String far, String usual) {
        Mark to = f.to().orElseThrow();
        if (f.of().role().isPresent() && to instanceof Mark.TheGoal) {
            return text("follow.goal-side" + usual, of, far);
        } else if (f.of().role().isPresent() && to instanceof Mark.TheBall) {
            return text("follow.ball-side" + usual, of, far, surface.ballName());
        } else if (f.of() instanceof Mark.TheGoal) {
            return text("follow.off-goal", of, name(to), far);
        }
        return text("follow.TOWARDS", of, name(to), far);
    }

    private String name(Mark mark) {
        return new MarkNames(path, surface, places).of(mark);
    }
}
