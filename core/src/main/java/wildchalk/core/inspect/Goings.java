package wildchalk.core.inspect;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.AfterRep;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Side;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.geometry.Point;
import wildchalk.core.inspect.Inspection.Going;
import wildchalk.core.inspect.Inspection.GoingList;

/** Where the rotation sends everybody: to the tail of a line, to the place of the role that he becomes, back, or out. */
final class Goings {

    private Goings() {}

    static GoingList of(Moment moment) {
        List<Going> all = new ArrayList<>();
        for (Role role : moment.path.roles()) {
            if (role.side() != Side.COACH) {
                all.add(going(moment, role));
            }
        }
        return new GoingList(all);
    }

    private static Going going(Moment moment, Role role) {
        Scene path = moment.path;
        Point from = moment.timeline.placeAt(role.id(), moment.timeline.seconds());
        Optional<Rotation> turn = AfterRep.of(path, role.id(), 0);
        if (turn.filter(r -> r.how() == Rotation.How.REST).isPresent()) {
            return new Going(role.id(), from, Optional.empty(), false);
        }
        RoleId next = turn.flatMap(Rotation::next).orElse(role.id());
        Optional<WaitingLine> line = turn.flatMap(Rotation::line)
                .flatMap(path::line)
                .or(() -> turn.isPresent() && turn.get().next().isEmpty() ? Optional.empty() : path.lineFeeding(next));
        return new Going(
                role.id(),
                from,
                Optional.of(line.map(WaitingLine::tail).orElseGet(() -> path.startOf(next))),
                line.isEmpty() && next.equals(role.id()));
    }
}
