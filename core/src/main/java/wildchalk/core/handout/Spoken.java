package wildchalk.core.handout;

import java.util.List;
import java.util.function.Function;
import wildchalk.core.drill.RoleId;
import wildchalk.core.words.TalkThrough;

/**
 * A version of a drill in words.
 *
 * @param parts what each role has to know, in the second person
 */
public record Spoken(TalkThrough talk, Function<RoleId, List<String>> parts) {}
