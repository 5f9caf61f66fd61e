package wildchalk.core.motion;

import java.util.Optional;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.Trigger;

/**
 * How long somebody takes from what he has to see or hear to his first movement, where the coach has set nothing: by age, by what
 * it is, and for calls by how many there are to choose from.
 */
final class Reactions {

    private final Scene scene;
    private final Pace pace;

    Reactions(Scene scene, Pace pace) {
        this.scene = scene;
        this.pace = pace;
    }

    /** Seconds that a move's trigger costs it beside the coach's delay. */
    double seconds(Move move, Trigger trigger) {
        return trigger.reaction().orElseGet(() -> seconds(move.role(), trigger.event()));
    }

    /** Seconds that an event costs a role before it moves. */
    double seconds(RoleId role, Event event) {
        Cue cue = cueOf(role, event);
        return seconds(role, cue, cue == Cue.CALL ? choices(event) : 1);
    }

    private double seconds(RoleId role, Cue cue, int choices) {
        boolean grownUp = side(role).equals(Optional.of(Side.COACH));
        Pace own = grownUp ? new Pace(AgeBand.ADULT, pace.medium(), pace.sport()) : pace;
        return own.reactionSeconds(cue, choices);
    }

    /** Seconds from what another does to when a role that goes by him does something about it. */
    double seesSeconds(RoleId role, RoleId other) {
        return seconds(role, ofRole(role, other), 1);
    }

    private Cue cueOf(RoleId role, Event event) {
        return event.match(new Event.Cases<Cue>() {
            @Override
            public Cue whistle(Event.Whistle w) {
                return Cue.SOUND;
            }

            @Override
            public Cue starts(Event.Starts s) {
                return ofMove(role, scene.move(s.of()));
            }

            @Override
            public Cue ends(Event.Ends e) {
                return ofMove(role, scene.move(e.of()));
            }

            @Override
            public Cue caught(Event.Caught c) {
                Optional<RoleId> receiver =
                        scene.move(c.of()).flatMap(m -> m instanceof Pass pass ? pass.receiver() : Optional.empty());
                return receiver.map(r -> ofRole(role, r)).orElse(Cue.SIGHT);
            }

            @Override
            public Cue handles(Event.Handles h) {
                return ofRole(role, h.role());
            }

            @Override
            public Cue reaches(Event.Reaches r) {
                return r.who().match(somebody -> ofRole(role, somebody.role()), ball -> Cue.SIGHT);
            }

            @Override
            public Cue called(Event.IsCalled c) {
                return callsItself(role, c.words()) ? Cue.NONE : Cue.CALL;
            }
        });
    }

    private Cue ofMove(RoleId role, Optional<Move> other) {
        boolean isCall = other.filter(m -> m instanceof Act a && a.deed() instanceof Deed.Calling)
                .isPresent();
        Cue seen = other.map(m -> ofRole(role, m.role())).orElse(Cue.SIGHT);
        return isCall && seen != Cue.NONE ? Cue.CALL : seen;
    }

    private Cue ofRole(RoleId role, RoleId other) {
        if (role.equals(other)) {
            return Cue.NONE;
        }
        return isAttack(role) && isDefence(other) || isDefence(role) && isAttack(other) ? Cue.OPPONENT : Cue.SIGHT;
    }

    private boolean isAttack(RoleId role) {
        return side(role).equals(Optional.of(Side.ATTACK));
    }

    private boolean isDefence(RoleId role) {
        return side(role).filter(s -> s == Side.DEFENCE || s == Side.KEEPER).isPresent();
    }

    private Optional<Side> side(RoleId role) {
        return scene.role(role).map(r -> r.side());
    }

    private boolean callsItself(RoleId role, String words) {
        return scene.moves().stream()
                .anyMatch(m -> m.role().equals(role)
                        && m instanceof Act a
                        && a.deed() instanceof Deed.Calling c
                        && c.words().equals(words));
    }

    /** Of how many calls an event is one. */
    private int choices(Event event) {
        Optional<CallSet> set = event.move()
                .flatMap(scene::move)
                .flatMap(m -> m instanceof Act a && a.deed() instanceof Deed.Calling c ? c.set() : Optional.empty())
                .flatMap(scene.course()::call);
        if (set.isEmpty() && event instanceof Event.IsCalled called) {
            set = scene.course().calls().stream()
                    .filter(c -> c.options().contains(called.words()))
                    .findFirst();
        }
        return set.map(s -> s.options().size()).orElse(1);
    }
}
