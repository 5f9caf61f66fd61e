package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wildchalk.core.squad.Group;
import wildchalk.core.squad.Grouping;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.Wanted;
import wildchalk.core.text.Texts;

/** Says groups: who is in which, what could not be kept. Levels are for the staff and are not said. */
public final class GroupWriter {

    private final Squad squad;

    public GroupWriter(Squad squad) {
        this.squad = squad;
    }

    /** A line a group, who is over, and what could not be kept. */
    public List<String> all(Grouping grouping, Wanted.Odd how) {
        List<String> lines = new ArrayList<>();
        grouping.groups().forEach(g -> lines.add(line(g)));
        if (!grouping.over().isEmpty()) {
            lines.add(over(grouping, how));
        }
        lines.addAll(broken(grouping));
        return lines;
    }

    public String line(Group group) {
        List<String> names = group.players().stream()
                .map(p -> group.captain().filter(p::equals).isPresent()
                        ? Texts.CORE.get("groups.captain", name(p))
                        : name(p))
                .toList();
        String colour = group.bib().map(b -> b.name().toLowerCase(Locale.ROOT)).orElse("");
        String head = colour.isEmpty() || group.name().equalsIgnoreCase(colour)
                ? group.name()
                : Texts.CORE.get("groups.bib", group.name(), colour);
        return Texts.CORE.get("groups.line", head, group.players().size(), String.join(", ", names));
    }

    /** Those who are over, and what becomes of them. @param how as it was asked for */
    public String over(Grouping grouping, Wanted.Odd how) {
        return Texts.CORE.get("groups.over." + how, names(grouping.over()));
    }

    /** What could not be kept, a sentence each. */
    public List<String> broken(Grouping grouping) {
        return grouping.broken().stream()
                .map(b -> Texts.CORE.get(
                        "groups.broken." + b.wish(),
                        names(b.who().stream().sorted().toList())))
                .toList();
    }

    private String names(List<PlayerId> who) {
        return ReadOut.list(who.stream().map(this::name).toList());
    }

    private String name(PlayerId id) {
        return squad.player(id).map(Player::name).orElse(id.text());
    }
}
