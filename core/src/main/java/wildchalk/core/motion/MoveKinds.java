package wildchalk.core.motion;

import wildchalk.core.drill.Act;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.DroppingOut;
import wildchalk.core.drill.HandlingGear;
import wildchalk.core.drill.Looking;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Skill;
import wildchalk.core.drill.Travel;

/** Short names of kinds of moves, for texts, tables and JSON. */
public final class MoveKinds {

    private MoveKinds() {}

    /** "travel", "pass", "pick-up", "screen"… */
    public static String of(Move move) {
        return move.match(t -> "travel", p -> "pass", s -> "shot", u -> "pick-up", MoveKinds::of);
    }

    /** Finer: a travel by somebody is a "follow", one for a ball a "seek". */
    public static String finely(Move move) {
        return move instanceof Travel t && t.isWorkedOut() ? t.follows().isPresent() ? "follow" : "seek" : of(move);
    }

    private static String of(Act act) {
        return act.deed().match(new Deed.Cases<String>() {
            @Override
            public String waiting(Deed.Waiting w) {
                return "wait";
            }

            @Override
            public String turning(Deed.Turning t) {
                return "turn";
            }

            @Override
            public String screening(Deed.Screening s) {
                return "screen";
            }

            @Override
            public String contact(Deed.Contact c) {
                return "contact";
            }

            @Override
            public String contest(Deed.Contest c) {
                return "contest";
            }

            @Override
            public String challenge(Challenge c) {
                return "challenge";
            }

            @Override
            public String openPlay(OpenPlay p) {
                return "play";
            }

            @Override
            public String skill(Skill s) {
                return "skill";
            }

            @Override
            public String looking(Looking l) {
                return "look";
            }

            @Override
            public String droppingOut(DroppingOut d) {
                return "drop-out";
            }

            @Override
            public String handlingGear(HandlingGear h) {
                return h.way() == HandlingGear.Way.TAKE ? "take-gear" : "put-gear";
            }

            @Override
            public String calling(Deed.Calling c) {
                return "call";
            }

            @Override
            public String puttingDown(Deed.PuttingDown p) {
                return "put-down";
            }
        });
    }
}
