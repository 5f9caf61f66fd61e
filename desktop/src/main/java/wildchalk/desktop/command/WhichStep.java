package wildchalk.desktop.command;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.desktop.command.CommandLineEntry.BadInput;
import wildchalk.picture.export.ExportOptions;

/** Steps as they are asked for: from 1, or all of them. */
final class WhichStep {

    private static final String ALL = "all";

    private WhichStep() {}

    /** @return from 0, or {@link ExportOptions#ALL_STEPS} */
    static int of(String wanted, int steps) {
        if (wanted.equalsIgnoreCase(ALL)) {
            return ExportOptions.ALL_STEPS;
        }
        try {
            return checked("--step", Integer.parseInt(wanted), steps) - 1;
        } catch (NumberFormatException e) {
            throw new BadInput("--step %s: write a number from 1, or '%s'.".formatted(wanted, ALL));
        }
    }

    /** @param wanted null where none is */
    static Set<Integer> all(List<Integer> wanted, int steps) {
        return wanted == null
                ? Set.of()
                : wanted.stream().map(k -> checked("--slow", k, steps) - 1).collect(Collectors.toSet());
    }

    private static int checked(String option, int step, int steps) {
        if (step < 1 || step > Math.max(1, steps)) {
            throw new BadInput("%s %d: the drill has steps 1 to %d.".formatted(option, step, steps));
        }
        return step;
    }
}
