package wildchalk.core.binder;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Chalk;
import wildchalk.core.drill.Hand;
import wildchalk.core.drill.Limits;
import wildchalk.core.drill.Role;
import wildchalk.core.json.Fields;
import wildchalk.core.json.FormatProblem;
import wildchalk.core.json.Located;
import wildchalk.core.squad.Player;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Restraint;
import wildchalk.core.squad.Squad;
import wildchalk.core.squad.SquadId;
import wildchalk.core.text.Slugs;

/** Reads squads. The counterpart of {@link SquadWriter}. */
final class SquadReader {

    static final String FORMAT = "wild-chalk-squad";
    static final int VERSION = 1;

    private SquadReader() {}

    static Squad file(Fields f) throws FormatProblem {
        f.object("format").readAll(g -> g.format(FORMAT, VERSION));
        return new Squad(
                new SquadId(f.slug("id")),
                f.text("title", Limits.LINE),
                f.texts("levels", Limits.WORD),
                f.elements("players", SquadReader::player),
                bonds(f, "together"),
                bonds(f, "apart"));
    }

    private static Player player(Fields f) throws FormatProblem {
        return new Player(
                new PlayerId(f.slug("id")),
                f.text("name", Limits.WORD),
                f.texts("positions", Limits.LABEL),
                f.choiceOr("hand", Hand.class, Hand.NONE),
                f.textOr("level", "", Limits.WORD),
                f.flagOr("keeper", false),
                f.elements("restraints", SquadReader::restraint),
                f.numberOr("pace", 1, Role.MIN_PACE, Role.MAX_PACE),
                f.choices("bibs", Chalk.class));
    }

    private static Restraint restraint(Fields f) throws FormatProblem {
        return new Restraint(
                f.choice("from", Restraint.What.class),
                f.has("until") ? Optional.of(date(f, "until")) : Optional.empty());
    }

    /** A day as {@code 2026-12-03}. */
    static LocalDate date(Fields f, String name) throws FormatProblem {
        String text = f.text(name, Limits.LABEL);
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException e) {
            throw f.problem(f.raw(name), "\"%s\" should be a day like 2026-12-03; found \"%s\".".formatted(name, text));
        }
    }

    private static List<Set<PlayerId>> bonds(Fields f, String name) throws FormatProblem {
        List<Set<PlayerId>> bonds = new ArrayList<>();
        for (Located bond : f.list(name)) {
            bonds.add(new HashSet<>(ids(f, bond, name)));
        }
        return bonds;
    }

    /** A list of players' ids. */
    static List<PlayerId> ids(Fields f, String name) throws FormatProblem {
        return f.has(name) ? ids(f, f.raw(name), name) : List.of();
    }

    private static List<PlayerId> ids(Fields f, Located list, String name) throws FormatProblem {
        if (!list.isArray()) {
            throw f.problem(list, "\"%s\" should hold lists of players' ids; found %s.".formatted(name, list.kind()));
        }
        List<PlayerId> ids = new ArrayList<>();
        for (Located one : list.elements()) {
            if (!(one.value() instanceof String text) || !Slugs.isSlug(text)) {
                throw f.problem(one, "\"%s\" should name players by their ids.".formatted(name));
            }
            ids.add(new PlayerId(text));
        }
        return ids;
    }
}
