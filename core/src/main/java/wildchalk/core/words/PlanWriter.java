package wildchalk.core.words;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import wildchalk.core.drill.GearKind;
import wildchalk.core.session.Beside;
import wildchalk.core.session.ChangeOver;
import wildchalk.core.session.Clash;
import wildchalk.core.session.Load;
import wildchalk.core.session.Replan;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;
import wildchalk.core.session.SessionPlan;
import wildchalk.core.session.SessionPlan.Here;
import wildchalk.core.session.SessionPlan.Slot;
import wildchalk.core.session.SessionPlan.Sums;
import wildchalk.core.session.SessionRemedy;
import wildchalk.core.session.What;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.squad.Squad;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Says a session: when what is on, who is where, what it takes, and what does not go together. */
public final class PlanWriter {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

    /** More names are not said in one sentence. */
    private static final int MOST_NAMES = 4;

    private final SessionPlan plan;
    private final Session session;
    private final Optional<Squad> squad;

    /** @param squad whose names are said; without it players have numbers */
    public PlanWriter(SessionPlan plan, Optional<Squad> squad) {
        this.plan = plan;
        this.session = plan.session();
        this.squad = squad;
    }

    // ---- the clock ----

    /** "18:24"; over midnight it goes on from 00:00. */
    public String clock(double seconds) {
        return CLOCK.format(start().plusSeconds(Math.round(seconds)));
    }

    private LocalTime start() {
        return session.start();
    }

    /** Every stretch with its times, a line each, and under a block of drills who is where. */
    public List<String> timetable() {
        List<String> lines = new ArrayList<>();
        for (Slot slot : plan.slots()) {
            String times = text("plan.times", clock(slot.from()), clock(slot.to()));
            if (slot.change().isPresent()) {
                lines.add(text("plan.line", times, change(slot.change().get())));
            } else {
                lines.add(text("plan.line", times, head(slot.block())));
                for (int r = 0; r < slot.rounds().size(); r++) {
                    SessionPlan.Round round = slot.rounds().get(r);
                    if (slot.rounds().size() > 1) {
                        lines.add(text("plan.round", r + 1, clock(round.from())));
                    }
                    round.stations().forEach(h -> lines.add(text("plan.under", station(h))));
                }
            }
        }
        return lines;
    }

    /** A block's title, else what kind of time it is. */
    public static String title(SessionBlock block) {
        return block.title().isBlank() ? kind(block) : block.title();
    }

    /** "12 min". */
    public String minutes(SessionBlock block) {
        return text("plan.min", Numbers.brief(block.minutes(), 1));
    }

    /** A drill and who is there, in few words. */
    public String brief(Here here) {
        String title = drill(here);
        List<String> groups = groups(here);
        return groups.isEmpty() ? title : text("plan.station", title, ReadOut.list(groups));
    }

    /** "18:13 to 18:33". */
    public String times(Slot slot) {
        return text("plan.times", clock(slot.from()), clock(slot.to()));
    }

    /** What a change-over takes. */
    public String changing(ChangeOver change) {
        return change(change);
    }

    private String head(SessionBlock block) {
        String said = text("plan.block", title(block), Numbers.brief(block.minutes(), 1));
        return block.aim().isBlank() ? said : text("plan.aim", said, block.aim());
    }

    private static String kind(SessionBlock block) {
        return block.what() instanceof What.Plain p ? text("plan.kind." + p.kind()) : text("plan.kind.DRILLS");
    }

    private String change(ChangeOver change) {
        List<String> parts = new ArrayList<>();
        if (!change.bring().isEmpty()) {
            parts.add(text("plan.change.bring", pieces(change.bring().size())));
        }
        if (!change.clear().isEmpty()) {
            parts.add(text("plan.change.clear", pieces(change.clear().size())));
        }
        if (change.bibs() > 0) {
            parts.add(text(change.bibs() == 1 ? "plan.change.bibs.one" : "plan.change.bibs", change.bibs()));
        }
        String minutes = Numbers.brief(change.seconds() / 60, 1);
        return parts.isEmpty()
                ? text("plan.change", minutes)
                : text("plan.change.with", minutes, String.join(", ", parts));
    }

    private static String pieces(int count) {
        return count == 1 ? text("plan.piece") : text("plan.pieces", count);
    }

    /** Which drill, who is there, who leads it, and what each gets. */
    public String station(Here here) {
        String said = text("plan.station", drill(here), who(here));
        said = here.station()
                .coach()
                .flatMap(session::coach)
                .map(c -> c.name())
                .map(leads(said))
                .orElse(said);
        String led = said;
        return turns(here).map(t -> text("plan.with-turns", led, t)).orElse(led);
    }

    /** "Red, 8 players". */
    public String who(Here here) {
        List<String> groups = groups(here);
        return groups.isEmpty()
                ? text(
                        here.players().size() == 1 ? "plan.player" : "plan.players",
                        here.players().size())
                : text("plan.groups", ReadOut.list(groups), here.players().size());
    }

    /** "19 to 20 turns each"; empty where nobody gets one. */
    public Optional<String> turns(Here here) {
        return here.turnsMost() == 0
                ? Optional.empty()
                : Optional.of(text(
                        here.turnsMost() == 1 ? "plan.turn" : "plan.turns",
                        here.turnsFewest() == here.turnsMost()
                                ? String.valueOf(here.turnsMost())
                                : text("reps.range", here.turnsFewest(), here.turnsMost())));
    }

    /** "Red and Blue to Tove: Crossing backs.", as it is called across the floor. */
    public String goes(Here here) {
        List<String> groups = groups(here);
        String who = groups.isEmpty() ? text("plan.all") : ReadOut.list(groups);
        return here.station()
                .coach()
                .flatMap(session::coach)
                .map(c -> text("plan.goes.coach", who, c.name(), drill(here)))
                .orElseGet(() -> text("plan.goes", who, drill(here)));
    }

    /** "A, B and C". @param all at least one */
    public static String list(List<String> all) {
        return ReadOut.list(all);
    }

    /** A drill, who is there and who leads it. */
    public String posted(Here here) {
        String said = brief(here);
        return here.station()
                .coach()
                .flatMap(session::coach)
                .map(c -> leads(said).apply(c.name()))
                .orElse(said);
    }

    /** What some do beside the blocks: when, who, with whom. */
    public String besideLine(Beside b) {
        String when = text("plan.times", clock(60 * b.from()), clock(60 * (b.from() + b.minutes())));
        List<String> who = b.players().stream().map(p -> name(p.text())).toList();
        String said = text("plan.line", when, beside(b));
        return who.isEmpty() ? said : text("plan.station", said, ReadOut.list(who));
    }

    /** What there is to set out, as far as it was counted. */
    public String kit() {
        List<String> all = new ArrayList<>();
        if (session.kit().balls() >= 0) {
            String ball = session.floor().surface().ballName();
            all.add(
                    session.kit().balls() == 1
                            ? text("plan.ball", ball)
                            : text("plan.balls", session.kit().balls(), ball));
        }
        session.kit().gear().forEach((kind, n) -> all.add(gear(kind, n)));
        return all.isEmpty() ? text("plan.kit.none") : ReadOut.list(all);
    }

    /** What some do beside it, and with whom. */
    public String beside(Beside b) {
        return b.coach()
                .flatMap(session::coach)
                .map(c -> leads(b.title()).apply(c.name()))
                .orElse(b.title());
    }

    /** What a block is for, or what is done in it, where somebody has said. */
    public Optional<String> under(SessionBlock block) {
        String said = block.what() instanceof What.Plain p && !p.text().isBlank() ? p.text() : block.aim();
        return said.isBlank() ? Optional.empty() : Optional.of(said);
    }

    /** Its drill, which version of it where that is said, and whether it is mirrored. */
    private String drill(Here here) {
        String title = here.setUp()
                .map(s -> here.station().version().isEmpty()
                        ? s.drill().title()
                        : text(
                                "plan.version",
                                s.drill().title(),
                                s.path().version().title()))
                .orElseGet(() -> text("plan.no-drill", here.station().drill()));
        return here.station().place().mirrored() ? text("plan.mirrored", title) : title;
    }

    private List<String> groups(Here here) {
        return here.station().groups().isEmpty()
                ? List.of()
                : session.groups().stream()
                        .filter(g -> g.players().stream().anyMatch(here.players()::contains))
                        .map(g -> g.name())
                        .toList();
    }

    private static java.util.function.UnaryOperator<String> leads(String said) {
        return coach -> text("plan.leads", said, coach);
    }

    // ---- sums ----

    /** Minutes against minutes, what is done in them, and what it takes. */
    public List<String> sums() {
        Sums s = plan.sums();
        List<String> lines = new ArrayList<>();
        String slack = Numbers.brief(Math.abs(s.slack()), 1);
        lines.add(text(
                Math.abs(s.slack()) < 0.05 ? "plan.full" : s.slack() > 0 ? "plan.slack" : "plan.over",
                Numbers.brief(s.planned(), 1),
                Numbers.brief(s.given(), 0),
                slack));
        lines.add(text(
                "plan.minutes",
                Numbers.brief(s.drilling(), 1),
                Numbers.brief(s.changing(), 1),
                Numbers.brief(s.talking(), 1),
                Numbers.brief(s.water(), 1)));
        if (s.working() > 0) {
            lines.add(text("plan.moves", Numbers.brief(s.working(), 0), Numbers.brief(s.standing(), 0)));
        }
        plan.loads().values().stream()
                .filter(l -> l.shotsFaced() == 0)
                .mapToInt(Load::turns)
                .min()
                .ifPresent(n -> lines.add(text(n == 0 ? "plan.each.none" : n == 1 ? "plan.each.one" : "plan.each", n)));
        bring().ifPresent(lines::add);
        setOut().ifPresent(lines::add);
        return lines;
    }

    /** What has to be there: the most that stands at once. */
    public Optional<String> bring() {
        List<String> all = pieces();
        return all.isEmpty() ? Optional.empty() : Optional.of(text("plan.bring", String.join(", ", all)));
    }

    /** "2 cones", "8 balls": what has to be there, each kind by itself. */
    public List<String> pieces() {
        List<String> all = new ArrayList<>();
        plan.bring().entrySet().stream()
                .sorted(java.util.Map.Entry.comparingByKey())
                .forEach(e -> all.add(gear(e.getKey(), e.getValue())));
        if (plan.balls() > 0) {
            all.add(text(
                    plan.balls() == 1 ? "plan.ball" : "plan.balls",
                    plan.balls(),
                    session.floor().surface().ballName()));
        }
        return all;
    }

    /** When to begin putting it out, and how long that takes. */
    public Optional<String> setOut() {
        if (plan.setOutSeconds() <= 0) {
            return Optional.empty();
        }
        String minutes = Numbers.brief(Math.ceil(plan.setOutSeconds() / 30) / 2, 1);
        return Optional.of(text("plan.set-out", clock(-60 * Math.ceil(plan.setOutSeconds() / 60)), minutes));
    }

    private static String gear(GearKind kind, int count) {
        return count + " " + text((count == 1 ? "gear." : "gears.") + kind);
    }

    /** Heads of the table of what each gets. */
    public static List<String> heads() {
        List<String> heads = new ArrayList<>(WeeksWriter.heads());
        heads.remove(1);
        heads.add(text("plan.head.stands"));
        return heads;
    }

    /** Rows of it, in the order of who is there. */
    public List<List<String>> rows() {
        return plan.present().stream()
                .map(p -> {
                    Load l = plan.loads().get(p);
                    return List.of(
                            name(p.text()),
                            String.valueOf(l.turns()),
                            Numbers.brief(l.hardSeconds() / 60, 1),
                            String.valueOf(l.touches()),
                            String.valueOf(l.shots()),
                            String.valueOf(l.shotsFaced()),
                            Numbers.brief(l.standSeconds() / 60, 0));
                })
                .toList();
    }

    /** What a remedy does, short enough for a button. */
    public String mend(SessionRemedy remedy) {
        boolean person = remedy.kind() == SessionRemedy.Kind.BESIDE
                || remedy.kind() == SessionRemedy.Kind.ONE_GROUP
                || remedy.kind() == SessionRemedy.Kind.KEEPER;
        if (person) {
            List<String> names = new ArrayList<>(remedy.names());
            names.set(0, name(names.get(0)));
            return text("mend.session." + remedy.kind(), names.toArray());
        }
        return text(
                "mend.session." + remedy.kind(),
                remedy.names().stream().map(PlanWriter::called).toArray());
    }

    /** What a way to do with less time does, and what it costs. */
    public String replan(Replan replan) {
        String does = text(
                "replan." + replan.how(),
                ReadOut.list(
                        replan.gone().isEmpty()
                                ? List.of("")
                                : replan.gone().stream().map(PlanWriter::called).toList()));
        String turns = replan.turns() >= replan.turnsBefore()
                ? text("replan.turns.same")
                : text("replan.turns", replan.turns(), replan.turnsBefore());
        return replan.aimsGone().isEmpty()
                ? text("replan.said", does, turns)
                : text("replan.said.aims", does, turns, ReadOut.list(replan.aimsGone()));
    }

    // ---- what does not go together ----

    /** One sentence with its figures. */
    public String clash(Clash clash) {
        Object[] said = {
            blocks(clash),
            names(clash),
            Numbers.brief(clash.have(), 0),
            Numbers.brief(clash.need(), 0),
            session.floor().surface().ballName()
        };
        return switch (clash.kind()) {
            case NO_WATER -> text("clash.NO_WATER", blocks(clash), clock(60 * clash.have()));
            case SHOT_LANE ->
                text(
                        "clash.SHOT_LANE",
                        blocks(clash),
                        clash.names().get(0),
                        clash.names().get(1));
            case RESTRAINT ->
                text(
                        "clash.RESTRAINT." + clash.names().get(1),
                        name(clash.names().get(0)),
                        clash.names().get(2));
            case GEAR_SHORT ->
                text(
                        "clash.GEAR_SHORT",
                        gear(GearKind.valueOf(clash.names().get(0)), (int) clash.need()),
                        Numbers.brief(clash.have(), 0));
            case NO_GROUP -> text(clash.names().size() == 1 ? "clash.NO_GROUP.one" : "clash.NO_GROUP", said);
            default -> text("clash." + clash.kind(), said);
        };
    }

    private String blocks(Clash clash) {
        return session.blocks().stream()
                .filter(b -> clash.blocks().contains(b.id()))
                .map(PlanWriter::title)
                .collect(Collectors.joining(", "));
    }

    private String names(Clash clash) {
        boolean people = clash.kind() == Clash.Kind.PLAYER_TWICE || clash.kind() == Clash.Kind.NO_GROUP;
        List<String> names = people ? clash.names().stream().map(this::name).toList() : clash.names();
        int more = names.size() - MOST_NAMES;
        return names.isEmpty()
                ? ""
                : more <= 1
                        ? ReadOut.list(names)
                        : text("plan.more", String.join(", ", names.subList(0, MOST_NAMES)), more);
    }

    /** A player as he is called. */
    public String name(String id) {
        return squad.flatMap(s -> s.player(new PlayerId(id)))
                .map(p -> p.name())
                .orElseGet(() -> text("plan.number", id.replaceAll("\\D+", "")));
    }

    private static String called(String title) {
        return title.isBlank() ? text("plan.untitled") : title;
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
