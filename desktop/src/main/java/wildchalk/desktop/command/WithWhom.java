package wildchalk.desktop.command;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Option;
import wildchalk.core.drill.AgeBand;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Scene;
import wildchalk.core.reps.Rests;
import wildchalk.core.reps.Setting;
import wildchalk.desktop.command.CommandLineEntry.BadInput;

/** With how many, for how long and with what a drill is run; what is not said is as drawn. */
final class WithWhom {

    private static final int MOST_BALLS = 500;
    private static final double MOST_SECONDS = 600;

    @Option(names = "--players", paramLabel = "N", description = "how many there are, coaches not counted, 1 to 200")
    private Integer players;

    @Option(names = "--minutes", paramLabel = "M", description = "how long, above 0, at most 120")
    private Double minutes;

    @Option(names = "--age", paramLabel = "AGE", description = "U8, U10, U12, U14, U16, Adult or Competitive")
    private String age;

    @Option(
            names = "--balls",
            paramLabel = "N",
            description = "how many balls there are; by default as many as it takes")
    private Integer balls;

    @Option(names = "--every", paramLabel = "S", description = "a rep every so many seconds, instead of as told")
    private Double every;

    @Option(
            names = "--coaches",
            paramLabel = "N",
            description = "how many there are; where one is missing a player feeds in his place")
    private Integer coaches;

    @Option(
            names = "--rest",
            paramLabel = "W/R",
            description = "after every W seconds of work R seconds in which no rep starts: 300/60")
    private String rest;

    /** Whether any of it has been said. */
    boolean isAsked() {
        return Stream.of(players, minutes, age, balls, every, coaches, rest).anyMatch(o -> o != null);
    }

    /** @throws BadInput when one of them cannot be */
    Setting setting(Drill drill, Scene path) {
        check("--players", players, 1, Setting.MOST_PEOPLE);
        check("--balls", balls, 1, MOST_BALLS);
        check("--every", every, 1, MOST_SECONDS);
        if (minutes != null && !(minutes > 0 && minutes <= Setting.MOST_MINUTES)) {
            throw new BadInput("--minutes is " + minutes + "; it should be above 0 and at most 120.");
        }
        check("--coaches", coaches, 0, Setting.MOST_COACHES);
        Setting setting = Setting.drawn(drill, path);
        setting = players == null ? setting : setting.withPeople(players);
        setting = minutes == null ? setting : setting.withMinutes(minutes);
        setting = age == null ? setting : setting.withAge(age());
        setting = balls == null ? setting : setting.withBalls(OptionalInt.of(balls));
        setting = coaches == null ? setting : setting.withCoaches(OptionalInt.of(coaches));
        setting = rest == null ? setting : setting.withRests(Optional.of(rests()));
        return every == null ? setting : setting.withEvery(OptionalDouble.of(every));
    }

    private static void check(String name, Number given, int least, double most) {
        if (given != null && !(given.doubleValue() >= least && given.doubleValue() <= most)) {
            throw new BadInput("%s is %s; it should be from %d to %.0f.".formatted(name, given, least, most));
        }
    }

    private Rests rests() {
        String[] parts = rest.split("/");
        try {
            return new Rests(Double.parseDouble(parts[0]), Double.parseDouble(parts[1]));
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException wrong) {
            throw new BadInput("--rest is " + rest
                    + "; it should be seconds of work (10 to 3600), a slash, seconds of rest (1 to 900): 300/60.");
        }
    }

    private AgeBand age() {
        return Stream.of(AgeBand.values())
                .filter(a -> a.label().equalsIgnoreCase(age.strip()))
                .findFirst()
                .orElseThrow(() -> new BadInput("--age is " + age + "; it should be one of "
                        + Stream.of(AgeBand.values()).map(AgeBand::label).collect(Collectors.joining(", ")) + "."));
    }
}
