package wildchalk.core.drill;

import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;

/**
 * Some who are one: placed, told, counted and rotated as such. The colour of its bibs is that of its players.
 *
 * @param name as it is called out: "Blue", "the outer ring"
 * @param roles at least one, each in no other team, in the order in which they change tasks with those of another
 */
public record Team(TeamId id, String name, List<RoleId> roles) {

    public Team {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(name, "name");
        roles = List.copyOf(roles);
        Limits.text("name of the team", name, Limits.WORD);
        Limits.count("players of a team", roles.size(), Limits.ROLES);
        if (name.isBlank()) {
            throw new IllegalArgumentException("The team %s needs a name.".formatted(id));
        }
        if (roles.isEmpty() || roles.stream().distinct().count() < roles.size()) {
            throw new IllegalArgumentException("The team %s (%s) needs players, each once.".formatted(id, roles));
        }
    }

    public Team withId(TeamId other) {
        return new Team(other, name, roles);
    }

    public Team withName(String text) {
        return new Team(id, text, roles);
    }

    public Team withRoles(List<RoleId> list) {
        return new Team(id, name, list);
    }

    /** Those of it who are left; nobody may be. */
    List<RoleId> left(Predicate<RoleId> there) {
        return roles.stream().filter(there).toList();
    }
}
