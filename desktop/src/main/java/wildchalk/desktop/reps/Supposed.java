package wildchalk.desktop.reps;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Scene;
import wildchalk.core.reps.Rests;
import wildchalk.core.reps.Setting;

/** What a coach has tried otherwise than drawn; the rest follows the drawing. */
record Supposed(
        Optional<Integer> people,
        Optional<Double> minutes,
        Optional<AgeBand> age,
        Optional<Integer> balls,
        Optional<Double> every,
        Optional<Integer> coaches,
        Optional<Rests> rests) {

    static final Supposed NOTHING = new Supposed(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    boolean isNothing() {
        return equals(NOTHING);
    }

    Setting of(Drill drill, Scene path) {
        Setting drawn = Setting.drawn(drill, path);
        return new Setting(
                people.orElse(drawn.people()),
                minutes.orElse(drawn.minutes()),
                age.orElse(drawn.age()),
                balls.map(OptionalInt::of).orElse(drawn.balls()),
                every.map(OptionalDouble::of).orElse(drawn.every()),
                coaches.map(OptionalInt::of).orElse(drawn.coaches()),
                rests);
    }

    Supposed withPeople(int count) {
        return new Supposed(Optional.of(count), minutes, age, balls, every, coaches, rests);
    }

    Supposed withMinutes(double length) {
        return new Supposed(people, Optional.of(length), age, balls, every, coaches, rests);
    }

    Supposed withAge(AgeBand band) {
        return new Supposed(people, minutes, Optional.of(band), balls, every, coaches, rests);
    }

    Supposed withBalls(int count) {
        return new Supposed(people, minutes, age, Optional.of(count), every, coaches, rests);
    }

    Supposed withEvery(double seconds) {
        return new Supposed(people, minutes, age, balls, Optional.of(seconds), coaches, rests);
    }

    Supposed withCoaches(int count) {
        return new Supposed(people, minutes, age, balls, every, Optional.of(count), rests);
    }

    Supposed withRests(Optional<Rests> rest) {
        return new Supposed(people, minutes, age, balls, every, coaches, rest);
    }
}
