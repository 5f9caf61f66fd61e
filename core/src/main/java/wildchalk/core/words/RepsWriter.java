package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import wildchalk.core.drill.AfterRep;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Block;
import wildchalk.core.reps.Fit;
import wildchalk.core.reps.Outlook;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.core.turns.Proposal;

/** Says what minutes of a drill give: where people stand, what each gets, what holds reps up, for how many it is. */
public final class RepsWriter {

    /** Longer times (s) are said in minutes. */
    private static final double LONGEST_IN_SECONDS = 90;

    private final Outlook outlook;
    private final Path path;
    private final Surface surface;
    private final LengthUnit unit;
    private final String ball;

    /** @param unit what the reader's lengths are said in */
    public RepsWriter(Outlook outlook, Surface surface, LengthUnit unit) {
        this.outlook = outlook;
        this.path = outlook.script().path();
        this.surface = surface;
        this.unit = unit;
        this.ball = surface.ballName();
    }

    /** All of it, sentence by sentence. */
    public List<String> all() {
        List<String> all = new ArrayList<>();
        all.addAll(standing());
        all.addAll(gets());
        all.addAll(holdsUp());
        all.add(fit());
        all.addAll(cautions());
        return all;
    }

    // ---- who stands where ----

    /** Who stands where, and who has nowhere to stand. */
    public List<String> standing() {
        List<String> said = new ArrayList<>();
        if (outlook.isTooFew()) {
            said.add(text(
                    "reps.too-few", outlook.fit().fewest(), outlook.setting().people()));
        }
        Map<LineId, Long> lines = new TreeMap<>();
        List<String> places = new ArrayList<>();
        for (Block.Share p : outlook.block().people()) {
            p.line().ifPresentOrElse(l -> lines.merge(l, 1L, Long::sum), () -> places.add(label(p.role())));
        }
        List<String> parts = new ArrayList<>();
        for (WaitingLine line : path.lines()) {
            if (lines.containsKey(line.id())) {
                parts.add(text("reps.in-line", lines.get(line.id()), line.label()));
            }
        }
        if (!places.isEmpty()) {
            parts.add(text(places.size() == 1 ? "reps.in-place" : "reps.in-places", ReadOut.list(places)));
        }
        if (!parts.isEmpty()) {
            int stations = outlook.groups().size();
            if (stations > 1) {
                List<String> groups =
                        outlook.groups().stream().map(String::valueOf).toList();
                said.add(text("reps.stations", people(outlook.setting().people()), stations, ReadOut.list(groups)));
            }
            said.add(text(
                    stations > 1 ? "reps.stand.station" : "reps.stand",
                    people(outlook.block().people().size()),
                    ReadOut.list(parts)));
        }
        int instead = outlook.setting().insteadOfCoach(path);
        if (instead > 0) {
            said.add(text(instead == 1 ? "reps.instead.one" : "reps.instead", instead));
        }
        int coaches = outlook.setting().coaches().orElse(Integer.MAX_VALUE);
        if (coaches < outlook.groups().size() && outlook.groups().size() > 1) {
            said.add(text("reps.unwatched", outlook.groups().size() - coaches));
        }
        if (AfterRep.ways(path) > 1) {
            said.add(text("reps.win-in-turn"));
        }
        if (outlook.leftOver() > 0) {
            said.add(text(outlook.leftOver() == 1 ? "reps.left-over.one" : "reps.left-over", outlook.leftOver()));
        }
        return said;
    }

    private static String people(int count) {
        return count == 1 ? text("reps.person") : text("reps.people", count);
    }

    private String label(RoleId id) {
        return path.role(id).map(Role::label).orElse(id.text());
    }

    // ---- what each gets ----

    /** "7 turns each", or from the fewest to the most. */
    public String turns() {
        Block block = outlook.block();
        return block.fewestTurns() == block.mostTurns()
                ? String.valueOf(block.fewestTurns())
                : text("reps.range", block.fewestTurns(), block.mostTurns());
    }

    /** "1 : 3.6"; a dash where nobody works. */
    public String restPerWork() {
        return ratio(outlook.block().restPerWork());
    }

    private static String ratio(double rest) {
        return Double.isInfinite(rest) ? "\u2013" : text("reps.ratio", Numbers.brief(rest, rest < 10 ? 1 : 0));
    }

    public String standShare() {
        return text("reps.percent", Math.round(100 * outlook.block().standing()));
    }

    /** What each gets in these minutes. */
    public List<String> gets() {
        Block block = outlook.block();
        List<String> said = new ArrayList<>();
        said.add(text(
                block.mostTurns() == 1 ? "reps.gets.one" : "reps.gets",
                minutes(outlook.setting().minutes()),
                turns(),
                each(block)));
        outlook.setting()
                .rests()
                .ifPresent(r -> said.add(text("reps.rests", time(r.restSeconds()), time(r.workSeconds()))));
        if (block.longestWaitSeconds() > 0) {
            said.add(text("reps.waits", time(block.longestWaitSeconds())));
        }
        if (outlook.spread().usual() != block.fewestTurns()
                || outlook.spread().low() != outlook.spread().high()) {
            String range = outlook.spread().low() == outlook.spread().high()
                    ? String.valueOf(outlook.spread().low())
                    : text(
                            "reps.range",
                            outlook.spread().low(),
                            outlook.spread().high());
            said.add(text("reps.spread", outlook.setting().age().label(), range));
        }
        outlook.swapping()
                .ifPresent(c -> said.add(text(
                        "reps.swap",
                        ReadOut.list(c.groups().get(0).turns().stream()
                                .map(String::valueOf)
                                .toList()))));
        for (Block.Share keeper : block.keepers()) {
            if (keeper.shotsFaced() > 1) {
                said.add(
                        text("reps.keeper", label(keeper.role()), keeper.shotsFaced(), time(keeper.leastGapSeconds())));
            }
        }
        return said;
    }

    /** What a turn brings, of those that somebody has on average. */
    private String each(Block block) {
        List<String> parts = new ArrayList<>();
        double touches = mean(block, Block.Share::touches);
        double shots = mean(block, Block.Share::shots);
        double metres = mean(block, Block.Share::metres);
        double hard = mean(block, Block.Share::hardSeconds);
        if (touches >= 0.5) {
            parts.add(text(
                    Math.round(touches) == 1 ? "reps.touches.one" : "reps.touches", Numbers.brief(touches, 0), ball));
        }
        if (shots >= 0.5) {
            parts.add(text(Math.round(shots) == 1 ? "reps.shots.one" : "reps.shots", Numbers.brief(shots, 0)));
        }
        if (metres >= 1) {
            parts.add(unit.paces(metres));
        }
        if (hard >= 1) {
            parts.add(text("reps.hard", Numbers.brief(hard, 0)));
        }
        return parts.isEmpty() ? "" : text("reps.each", String.join(", ", parts));
    }

    private static double mean(Block block, java.util.function.ToDoubleFunction<Block.Share> figure) {
        return block.players().stream().mapToDouble(figure).average().orElse(0);
    }

    // ---- what holds reps up ----

    /** What reps wait for, and how many balls it takes. */
    public List<String> holdsUp() {
        Block block = outlook.block();
        List<String> said = new ArrayList<>();
        block.starves().ifPresent(s -> {
            double each = block.waitedSeconds() / Math.max(1, block.reps() - 1);
            if (each >= 0.5) {
                said.add(text("reps.starves." + s, Numbers.brief(each, 1), ball));
            }
        });
        if (outlook.hasTooFewBalls()) {
            said.add(text(
                    "reps.balls.few",
                    outlook.leastBalls(),
                    ball,
                    outlook.setting().balls().orElseThrow()));
        } else if (outlook.script().ballsOfOneRep() > 0 && block.reps() > 1) {
            said.add(text("reps.balls." + (outlook.ballsForAll() == 1 ? "one" : "more"), outlook.ballsForAll(), ball));
        }
        return said;
    }

    // ---- loads ----

    /** What to mind: rest for what is run flat out, drinking, and whose rules count. */
    public List<String> cautions() {
        List<String> said = new ArrayList<>();
        Block block = outlook.block();
        double hard = mean(block, Block.Share::hardSeconds);
        double turns = Math.max(1, block.turnsEach());
        double rest = hard <= 0 ? Double.POSITIVE_INFINITY : (block.seconds() - hard) / hard;
        if (hard / turns >= SPRINT_SECONDS && rest < SPEED_REST) {
            said.add(text(rest < HARD_REST ? "reps.load.tired" : "reps.load.fitness", ratio(rest)));
        }
        double straight = Math.min(
                outlook.setting().minutes(),
                outlook.setting().rests().map(r -> r.workSeconds() / 60).orElse(Double.POSITIVE_INFINITY));
        if (straight > DRINK_MINUTES) {
            said.add(text("reps.load.drink"));
        }
        if (!said.isEmpty()) {
            said.add(text("reps.load.who"));
        }
        return said;
    }

    /** A run shorter than this (s) is no sprint. */
    private static final double SPRINT_SECONDS = 1.5;

    /** For speed, short sprints want 12 to 20 times as much rest (textbook figure for work of 5 to 10 s). */
    private static final double SPEED_REST = 12;

    /** Under this nobody stays fast: repeated sprints are given 3 to 6 times as much. */
    private static final double HARD_REST = 4;

    /** A drink every 15 to 20 minutes is usual advice. */
    private static final double DRINK_MINUTES = 20;

    // ---- for how many ----

    /** "For 4 to 12 people, best with 8." */
    public String fit() {
        Fit fit = outlook.fit();
        int most = fit.most().orElse(fit.fewest());
        if (fit.rows().size() < 2) {
            return text("reps.fit.only", people(fit.fewest()));
        }
        return most <= fit.fewest()
                ? text(
                        "reps.fit.few",
                        people(fit.fewest()),
                        time(Fit.longestWait(outlook.setting().age())))
                : text(
                        fit.best() <= most ? "reps.fit" : "reps.fit.range",
                        fit.fewest(),
                        most,
                        fit.best(),
                        time(Fit.longestWait(outlook.setting().age())));
    }

    // ---- more turns ----

    /** What a proposal does, short enough for a button: "start the next as A shoots". */
    public String does(Proposal proposal) {
        return switch (proposal.kind()) {
            case LAUNCH -> launch(proposal.launch().orElseThrow());
            case STATION ->
                text(
                        "more.station",
                        StationWords.of(path, surface, unit)
                                .where(proposal.station().orElseThrow()));
            case LINE -> text("more.line", label((RoleId) proposal.about().get(0)));
            case NEARER ->
                text(
                        "more.nearer",
                        path.line((LineId) proposal.about().get(0))
                                .map(WaitingLine::label)
                                .orElseThrow(),
                        unit.text(proposal.metres()));
            case BALLS -> text("more.balls", proposal.balls().orElseThrow(), ball);
        };
    }

    private String launch(Launch launch) {
        return launch.at()
                .map(e -> text("more.launch", new EventNames(path, surface).when(e)))
                .orElseGet(() -> text("more.launch.over"));
    }

    /** What it gives and what gets worse: "9 turns; 2 balls more, less rest". */
    public String gives(Proposal proposal) {
        Proposal.Cost cost = proposal.cost();
        List<String> worse = new ArrayList<>();
        more(worse, "coach", cost.coaches());
        more(worse, "keeper", cost.keepers());
        more(worse, "other", cost.others());
        if (cost.balls() > 0) {
            worse.add(text(cost.balls() == 1 ? "more.cost.ball.one" : "more.cost.ball", cost.balls(), ball));
        }
        if (cost.restPerWork() < LEAST_REST) {
            worse.add(text("more.cost.rest", ratio(cost.restPerWork())));
        }
        more(worse, "finding", cost.findings());
        String turns = text(proposal.turns() == 1 ? "more.turn" : "more.turns", proposal.turns());
        return worse.isEmpty() ? text("more.alone", turns) : text("more.but", turns, ReadOut.list(worse));
    }

    private static void more(List<String> worse, String what, int count) {
        if (count > 0) {
            worse.add(text("more.cost." + what + (count == 1 ? ".one" : ""), count));
        }
    }

    /** Less rest (s) than this for a second of work is little for drills in lines: 1 : 3 to 1 : 6 are usual (estimate). */
    private static final double LEAST_REST = 3;

    /** Somebody's made-up name; numbered where there are more people than names, a dash for nobody. */
    public static String name(Integer person) {
        String[] names = Texts.CORE.get("reps.names").split(" ");
        if (person == null) {
            return "-";
        }
        return names[person % names.length] + (person < names.length ? "" : String.valueOf(person / names.length + 1));
    }

    /** What stands before a row of who plays what: its rep, its reps or its minutes. */
    public static String row(Stint stint, int row) {
        if (stint.isUsual()) {
            return String.valueOf(row + 1);
        }
        double from = row * stint.count() + (stint.unit() == Stint.Unit.REPS ? 1 : 0);
        return text(
                stint.unit() == Stint.Unit.REPS ? "reps.row" : "reps.row.minutes",
                Numbers.brief(from, 1),
                Numbers.brief((row + 1) * stint.count(), 1));
    }

    private static String minutes(double minutes) {
        return text(minutes == 1 ? "reps.minutes.one" : "reps.minutes", Numbers.brief(minutes, 1));
    }

    /** "48 s", "2 min 5 s". */
    public static String time(double seconds) {
        long whole = Math.round(seconds);
        return whole <= LONGEST_IN_SECONDS
                ? text("reps.seconds", whole)
                : whole % 60 == 0
                        ? text("reps.minutes", whole / 60)
                        : text("reps.minutes-seconds", whole / 60, whole % 60);
    }

    private static String text(String key, Object... arguments) {
        Object[] plain = new Object[arguments.length];
        for (int i = 0; i < plain.length; i++) {
            plain[i] = String.valueOf(arguments[i]);
        }
        return Texts.CORE.get(key, plain);
    }
}
