package wildchalk.core.words;

import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Scene;
import wildchalk.core.text.Texts;

/** What somebody is called: the label, and where two have the same one, whose it is: "7 in red", "7 of the defence". */
final class RoleNames {

    private RoleNames() {}

    static String of(Scene scene, RoleId id) {
        return scene.role(id).map(r -> of(scene, r)).orElse(id.text());
    }

    static String of(Scene scene, Role role) {
        boolean clash =
                scene.roles().stream().anyMatch(r -> r.label().equals(role.label()) && !r.id().equals(role.id()));
        if (!clash) {
            return role.label();
        }
        return role.team()
                .map(c -> Texts.CORE.get("role.in", role.label(), Texts.CORE.get("chalk." + c)))
                .orElseGet(() -> Texts.CORE.get("role.of", role.label(), Texts.CORE.get("role.of." + role.side())));
    }
}
