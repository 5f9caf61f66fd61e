package wildchalk.core.reps;

import java.util.List;

/** Everybody and every ball at one moment of many reps. */
public record Crowd(List<Somebody> people, List<BallSpot> balls) {

    public static final Crowd NOBODY = new Crowd(List.of(), List.of());

    public Crowd {
        people = List.copyOf(people);
        balls = List.copyOf(balls);
    }
}
