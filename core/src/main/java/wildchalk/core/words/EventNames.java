package wildchalk.core.words;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.BallId;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.MoveId;
import wildchalk.core.drill.Pass;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Zones;
import wildchalk.core.geometry.Point;
import wildchalk.core.motion.MoveKinds;
import wildchalk.core.surface.Landmark;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Zone;
import wildchalk.core.text.Letters;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.SportTexts;
import wildchalk.core.text.Texts;

/** Names moments that are no moments of a move: "F2 gets the puck", "the ball enters the slot". */
public final class EventNames {

    private static final double LANDMARK_METRES = 1.6;
    private static final double NEAR_ZERO_METRES = 0.05;

    private final Scene scene;
    private final Surface surface;
    /** Numbers of the moves; counted when the first is named. */
    private Map<MoveId, Integer> order = Map.of();
    /** How many moves of a kind each role has. */
    private final Map<List<Object>, Integer> ofAKind = new HashMap<>();
    /** Likewise in each step, by its index. */
    private final Map<List<Object>, Integer> inAStep = new HashMap<>();

    private final Map<MoveId, Integer> stepOf = new HashMap<>();

    public EventNames(Scene scene, Surface surface) {
        this.scene = scene;
        this.surface = surface;
    }

    private void count() {
        if (order.isEmpty()) {
            order = scene.moveOrder();
            for (int s = 0; s < scene.steps().size(); s++) {
                for (Move m : scene.steps().get(s).moves()) {
                    ofAKind.merge(kind(m), 1, Integer::sum);
                    inAStep.merge(List.of(s, kind(m)), 1, Integer::sum);
                    stepOf.put(m.id(), s);
                }
            }
        }
    }

    private int alike(int step, Move move) {
        return inAStep.getOrDefault(List.of(step, kind(move)), 0);
    }

    private static List<Object> kind(Move move) {
        return List.of(move.role(), move.getClass());
    }

    /** As a clause without "when". */
    public String of(Event event) {
        if (event instanceof Event.Handles h) {
            return Texts.CORE.get(
                    "event.handles." + h.what().name().toLowerCase(Locale.ROOT), label(h.role()), surface.ballName());
        } else if (event instanceof Event.Reaches r) {
            return Texts.CORE.get("event.reaches", who(r), where(r.where()));
        } else if (event instanceof Event.IsCalled c) {
            return Texts.CORE.get("event.called", c.words());
        }
        return event instanceof Event.Whistle ? Texts.CORE.get("event.whistle") : ofMove("clause", event);
    }

    /** "When A gets the ball", "as CO shoots", "on the whistle". */
    public String when(Event event) {
        if (event instanceof Event.Whistle) {
            return Texts.CORE.get("trigger.whistle", "");
        }
        return event.move().isPresent() ? ofMove("trigger", event) : Texts.CORE.get("trigger.when", of(event), "");
    }

    /** A moment of a move, under keys that begin with a word. */
    private String ofMove(String key, Event event) {
        if (event instanceof Event.Caught caught) {
            Move pass = scene.move(caught.of()).orElseThrow();
            RoleId receiver = pass instanceof Pass p ? p.receiver().orElse(pass.role()) : pass.role();
            return Texts.CORE.get(key + ".caught", label(receiver));
        }
        return event instanceof Event.Starts starts
                ? about(key + ".start", starts.of(), "")
                : about(key + ".end", event.move().orElseThrow(), "");
    }

    /** A text about a move of some kind, under a key that ends with the kind. */
    public String about(String key, MoveId id, String seconds) {
        Move other = scene.move(id).orElseThrow();
        return moment(key, other, actorInStep(other), seconds);
    }

    /** The same in the sentence of a move: with a letter only where somebody could mean another one of these steps. */
    String about(String key, MoveId id, String seconds, Move teller) {
        Move other = scene.move(id).orElseThrow();
        count();
        int there = stepOf.get(id);
        int here = stepOf.getOrDefault(teller.id(), there);
        int alike = alike(there, other) + (here == there ? 0 : alike(here, other));
        // nobody means the move that is told
        alike -= kind(teller).equals(kind(other)) ? 1 : 0;
        Optional<RoleId> receiver = alike > 1 ? onlyOneTo(other) : Optional.empty();
        String actor = alike > 1 && receiver.isEmpty() ? actor(other) : label(other.role());
        String to = receiver.map(r -> " " + Texts.CORE.get("words.to-role", label(r)))
                .orElse("");
        return moment(key, other, actor, seconds, to);
    }

    /** To whom a pass goes, where its sender has no other pass to him: then that says which one it is. */
    private Optional<RoleId> onlyOneTo(Move move) {
        return move instanceof Pass pass
                ? pass.receiver()
                        .filter(r -> scene.moves().stream()
                                        .filter(m -> m instanceof Pass p
                                                && p.role().equals(pass.role())
                                                && p.receiver().equals(Optional.of(r)))
                                        .filter(m -> stepOf.get(m.id()).equals(stepOf.get(move.id())))
                                        .count()
                                == 1)
                : Optional.empty();
    }

    private String moment(String key, Move move, String actor, String seconds) {
        return moment(key, move, actor, seconds, "");
    }

    /** @param to " to B" where only that says which pass it is */
    private String moment(String key, Move move, String actor, String seconds, String to) {
        String kind = move instanceof Pass p ? p.kind().toString() : "any";
        String verb = SportTexts.get("release", surface.sport(), kind) + to;
        String ball = SportTexts.get("flight", surface.sport(), kind) + to;
        return Texts.CORE.get(key + "." + MoveKinds.of(move), actor, seconds, verb, ball);
    }

    /** The label; with the sentence's letter when the role has several moves of the kind. */
    private String actor(Move other) {
        count();
        String label = label(other.role());
        return ofAKind.get(kind(other)) > 1 ? label + " (" + letter(other.id()) + ")" : label;
    }

    /** The label; with the step when the role does so in several, with the letter when it does so twice in one. */
    private String actorInStep(Move other) {
        count();
        String label = label(other.role());
        if (ofAKind.get(kind(other)) < 2) {
            return label;
        }
        int step = stepOf.get(other.id());
        return alike(step, other) > 1 ? actor(other) : Texts.CORE.get("event.in-step", label, step + 1);
    }

    /** The letter of a move's sentence. */
    public String letter(MoveId id) {
        count();
        return Letters.of(order.get(id));
    }

    private String who(Event.Reaches r) {
        return r.who().match(s -> label(s.role()), b -> ball(b.ball()));
    }

    /** "the ball"; with its id when there are several. */
    private String ball(BallId id) {
        return scene.balls().size() > 1
                ? Texts.CORE.get("event.one-ball", surface.ballName(), id.text())
                : Texts.CORE.get("event.ball", surface.ballName());
    }

    /** "enters the slot", "crosses the line at the blue line". */
    public String where(Region where) {
        return where.match(new Region.Cases<String>() {
            @Override
            public String line(Region.Line l) {
                return Texts.CORE.get("region.line", EventNames.this.line(l));
            }

            @Override
            public String in(Region.In i) {
                return Texts.CORE.get("region.in", zone(i.zone()));
            }

            @Override
            public String out(Region.Out o) {
                return Texts.CORE.get("region.out", zone(o.zone()));
            }

            @Override
            public String nearPlace(Region.NearPlace n) {
                String metres = Numbers.brief(n.metres(), 1);
                return surface.landmarkNear(n.at(), LANDMARK_METRES)
                        .map(l -> Texts.CORE.get("region.near", metres, l.name()))
                        .orElseGet(() -> Texts.CORE.get("region.near.plain", metres));
            }

            @Override
            public String nearRole(Region.NearRole n) {
                return Texts.CORE.get("region.near", Numbers.brief(n.metres(), 1), label(n.role()));
            }
        });
    }

    /** "halfway", "the rope line", "the line at the slot", or just "the line". */
    public String line(Region.Line l) {
        Point middle = l.from().towards(l.to(), 0.5);
        if (Math.abs(l.from().x()) < NEAR_ZERO_METRES && Math.abs(l.to().x()) < NEAR_ZERO_METRES) {
            return Texts.CORE.get("line.halfway");
        }
        boolean rope = scene.gear().stream()
                .anyMatch(g -> g.kind() == GearKind.ROPE && g.at().isWithin(NEAR_ZERO_METRES, middle));
        return rope
                ? Texts.CORE.get("line.rope")
                : surface.landmarkNear(middle, LANDMARK_METRES)
                        .map(Landmark::name)
                        .map(n -> Texts.CORE.get("line.at", n))
                        .orElseGet(() -> Texts.CORE.get("rule.the-line"));
    }

    /** "the slot"; the id of one that is not there. */
    public String zone(String id) {
        return Zones.find(scene, surface, id).map(Zone::name).orElse("\"" + id + "\"");
    }

    /** "In the slot", "on the far side". */
    public String inZone(String id) {
        return Texts.CORE.get(Zones.goesWithBall(id) ? "zone.on" : "zone.in", zone(id));
    }

    private String label(RoleId role) {
        return RoleNames.of(scene, role);
    }
}
