package wildchalk.core.binder;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.Hand;
import wildchalk.core.json.Extras;
import wildchalk.core.json.Fields;
import wildchalk.core.json.JsonText;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Restraint;
import wildchalk.core.squad.Squad;

/** Turns squads into JSON. The counterpart of {@link SquadReader}. */
final class SquadWriter {

    private final Extras extras;

    private SquadWriter(Extras extras) {
        this.extras = extras;
    }

    static ObjectNode file(Squad squad, Extras extras) {
        return new SquadWriter(extras).write(squad);
    }

    private ObjectNode write(Squad squad) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        ObjectNode format = o.putObject("format");
        format.put("name", SquadReader.FORMAT).put("version", SquadReader.VERSION);
        extras.addTo("/format", format);
        o.put("id", squad.id().text()).put("title", squad.title());
        if (!squad.levels().isEmpty()) {
            squad.levels().forEach(o.putArray("levels")::add);
        }
        ArrayNode players = o.putArray("players");
        squad.players().forEach(p -> player(players.addObject(), p));
        bonds(o, "together", squad.together());
        bonds(o, "apart", squad.apart());
        extras.addTo("", o);
        return o;
    }

    private void player(ObjectNode o, Player p) {
        String path = "/players/" + p.id();
        o.put("id", p.id().text()).put("name", p.name());
        if (!p.positions().isEmpty()) {
            p.positions().forEach(o.putArray("positions")::add);
        }
        if (p.hand() != Hand.NONE) {
            o.put("hand", Fields.nameOf(p.hand()));
        }
        if (!p.level().isEmpty()) {
            o.put("level", p.level());
        }
        if (p.keeper()) {
            o.put("keeper", true);
        }
        if (!p.restraints().isEmpty()) {
            ArrayNode list = o.putArray("restraints");
            for (int i = 0; i < p.restraints().size(); i++) {
                Restraint r = p.restraints().get(i);
                ObjectNode n = list.addObject().put("from", Fields.nameOf(r.from()));
                r.until().ifPresent(d -> n.put("until", d.toString()));
                extras.addTo(path + "/restraints/" + i, n);
            }
        }
        if (p.pace() != 1) {
            o.set("pace", JsonText.number(p.pace()));
        }
        if (!p.bibs().isEmpty()) {
            ArrayNode bibs = o.putArray("bibs");
            p.bibs().forEach(b -> bibs.add(Fields.nameOf(b)));
        }
        extras.addTo(path, o);
    }

    private static void bonds(ObjectNode o, String name, List<Set<PlayerId>> bonds) {
        if (!bonds.isEmpty()) {
            ArrayNode list = o.putArray(name);
            bonds.forEach(b -> list.add(ids(b.stream().sorted().toList())));
        }
    }

    static ArrayNode ids(Collection<PlayerId> players) {
        ArrayNode list = JsonNodeFactory.instance.arrayNode();
        players.forEach(p -> list.add(p.text()));
        return list;
    }
}
