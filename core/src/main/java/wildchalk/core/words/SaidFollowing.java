package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.drill.Ball;
import wildchalk.core.drill.Following;
import wildchalk.core.drill.Following.How;
import wildchalk.core.drill.Mark;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.motion.Goals;
import wildchalk.core.path.Path;
import wildchalk.core.surface.GoalMouth;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.LengthUnit;

/** Understands by whom somebody is said to go: "shadows A1", "stays between the ball and the goal", "presses A1 to 2". */
final class SaidFollowing {

    private final Progression version;
    private final Surface surface;
    private final LengthUnit unit;
    private final Role who;
    private final Function<String, Optional<Role>> roles;

    SaidFollowing(
            Progression version, Surface surface, LengthUnit unit, Role who, Function<String, Optional<Role>> roles) {
        this.version = version;
        this.surface = surface;
        this.unit = unit;
        this.who = who;
        this.roles = roles;
    }

    /** Empty where a verb and what stands behind it say nothing of the kind. */
    Optional<Following> of(String verb, List<String> rest) {
        List<Mark> marks = new ArrayList<>();
        rest.forEach(w -> mark(w).filter(m -> !marks.contains(m)).ifPresent(marks::add));
        if (marks.isEmpty() || marks.get(0).role().equals(Optional.of(who.id()))) {
            return Optional.empty();
        }
        return how(verb, rest, marks).map(f -> far(f, rest));
    }

    private Optional<Following> how(String verb, List<String> rest, List<Mark> marks) {
        Mark first = marks.get(0);
        if (means("between", rest)) {
            return marks.size() < 2 || marks.stream().noneMatch(Mark::moves)
                    ? Optional.empty()
                    : Optional.of(Following.between(How.MIDWAY, first, marks.get(1)));
        }
        if (first.role().isEmpty()) {
            return Optional.empty();
        }
        for (How how : List.of(How.TRAIL, How.MIRROR, How.PRESS)) {
            if (Saying.means("follow." + how, verb)) {
                return Optional.of(Following.of(how, first.role().get()));
            }
        }
        boolean shadows = Saying.means("shadow", verb);
        if (!shadows && !Saying.means("stay", verb)) {
            return Optional.empty();
        }
        if (means("ball-side", rest)) {
            return ball().map(b -> Following.between(How.TOWARDS, first, b));
        } else if (means("inside", rest)) {
            return Optional.of(Following.of(How.INSIDE, first.role().get()));
        } else if (shadows || means("goal-side", rest)) {
            return Optional.of(Following.marking(first.role().get(), goal()));
        }
        return Optional.of(Following.of(How.BESIDE, first.role().get()));
    }

    /** With the first length that is said, where one is asked. */
    private Following far(Following f, List<String> rest) {
        return rest.stream()
                .filter(w -> f.how().asksMetres() && w.matches("\\d+(\\.\\d+)?m?"))
                .findFirst()
                .map(w -> Double.parseDouble(w.replace("m", "")) * unit.metres())
                .filter(m -> m >= Following.LEAST_METRES && m <= Following.MOST_METRES)
                .map(f::withMetres)
                .orElse(f);
    }

    private Optional<Mark> mark(String word) {
        Optional<Mark> role = roles.apply(word).map(r -> new Mark.Somebody(r.id()));
        return role.or(() -> Saying.means("ball", word) ? ball() : Optional.empty())
                .or(() -> Saying.means("goal-noun", word) ? goal().map(Mark.TheGoal::new) : Optional.empty());
    }

    private Optional<Mark> ball() {
        return version.balls().stream().map(Ball::id).findFirst().map(Mark.TheBall::new);
    }

    private Optional<String> goal() {
        return Goals.nearest(Path.usual(version), surface, version.startOf(who.id()))
                .map(GoalMouth::id);
    }

    private static boolean means(String key, List<String> words) {
        return Stream.concat(words.stream(), Stream.of(String.join(" ", words)))
                .anyMatch(w -> Saying.means(key, w.toLowerCase(Locale.ROOT)));
    }
}
