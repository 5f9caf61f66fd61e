package wildchalk.core.drill;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** What a constant is called in messages and files: "held-up". */
final class Named {

    private Named() {}

    static String of(Enum<?> one) {
        return one.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static String of(List<? extends Enum<?>> all) {
        return all.stream().map(Named::of).collect(Collectors.joining(", "));
    }
}
