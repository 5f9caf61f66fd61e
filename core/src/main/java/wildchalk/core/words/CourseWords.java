package wildchalk.core.words;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.AfterRep;
import wildchalk.core.drill.Alternation;
import wildchalk.core.drill.Branch;
import wildchalk.core.drill.CallSet;
import wildchalk.core.drill.Challenge;
import wildchalk.core.drill.Conduct;
import wildchalk.core.drill.Deed;
import wildchalk.core.drill.Event;
import wildchalk.core.drill.Fork;
import wildchalk.core.drill.Gear;
import wildchalk.core.drill.Launch;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.OnBranch;
import wildchalk.core.drill.OpenPlay;
import wildchalk.core.drill.Region;
import wildchalk.core.drill.Repeat;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Rule;
import wildchalk.core.drill.Scene;
import wildchalk.core.drill.Scoring;
import wildchalk.core.drill.Step;
import wildchalk.core.drill.StepId;
import wildchalk.core.drill.Stint;
import wildchalk.core.drill.Team;
import wildchalk.core.drill.TeamId;
import wildchalk.core.drill.TeamTurn;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.path.Path;
import wildchalk.core.reps.Rotations;
import wildchalk.core.surface.Surface;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Ordinals;
import wildchalk.core.text.Texts;

/** Writes rules, forks, calls, the launch and the rotation. */
public final class CourseWords {

    /** More than these are not named one by one. */
    /** Gear that lies so near (m) to where a row goes on is the next of it. */
    private static final double NEXT_METRES = 0.3;

    private static final int MOST_PAIRS = 3;

    /** Nobody counts more reps than these until it begins anew. */
    private static final int MOST_ROUNDS = 60;

    private final Scene scene;
    private final Surface surface;
    private final EventNames names;
    private final TriggerWriter triggers;

    public CourseWords(Scene scene, Surface surface) {
        this.scene = scene;
        this.surface = surface;
        this.names = new EventNames(scene, surface);
        this.triggers = new TriggerWriter(scene, surface);
    }

    /** Limits, holds, and what may be called. */
    public List<String> rules() {
        List<String> lines = new ArrayList<>();
        scene.course().rules().forEach(r -> lines.add(rule(r)));
        lines.addAll(calls());
        scoring(scene.course().scoring()).ifPresent(lines::add);
        lines.addAll(conduct(scene.course().conduct()));
        return lines;
    }

    /** At what tempo, from which score, and what is done with a lost ball; each a sentence. */
    public List<String> conduct(Conduct c) {
        List<String> lines = new ArrayList<>();
        if (c.tempo() != 1) {
            lines.add(tempo(c.tempo()));
        }
        c.situation().ifPresent(s -> lines.add(situation(s)));
        c.lost().ifPresent(l -> lines.add(lost(l)));
        return lines;
    }

    /** "Walk it through." */
    public String tempo(double share) {
        int percent = (int) Math.round(100 * share);
        return Texts.CORE.has("tempo." + percent) ? text("tempo." + percent) : text("tempo", percent);
    }

    /** "It starts at 1 : 2 with 30 s left." */
    public String situation(Conduct.Situation s) {
        return s.seconds() > 0
                ? text("situation.clock", s.ours(), s.theirs(), s.seconds())
                : text("situation", s.ours(), s.theirs());
    }

    /** "If the ball is lost, take a spare one." */
    public String lost(Conduct.Lost lost) {
        return text("lost." + lost, surface.ballName());
    }

    /** "The same on the other side, with RB for LB." */
    public String again(Repeat repeat) {
        String who = repeat.instead().isEmpty() ? "" : with(repeat);
        boolean turns = repeat.how() == Repeat.How.TURNED && !repeat.instead().isEmpty();
        String often = repeat.times() == 2 ? ".2" : turns ? ".next" : "";
        String along = repeat.how() == Repeat.How.ALONG ? along(repeat) : "";
        String again = repeat.until()
                .map(word -> text(
                        "again." + repeat.how() + (turns ? ".next" : "") + ".until", who, repeat.times(), word, along))
                .orElseGet(() -> text("again." + repeat.how() + often, who, repeat.times(), "", along));
        return repeat.growth().touchFewer() ? again + " " + text("again.fewer") : again;
    }

    /** "The second time D1 joins in." */
    public String joins(Path.Again again) {
        RoleId who = again.repeat().role(again.repeat().growth().joining().get(again.n() - 1), again.n());
        return text("again.joins", Ordinals.of(again.n() + 1), label(who));
    }

    /** " at the next cone", or how far on. */
    private String along(Repeat repeat) {
        Optional<Gear> row = scene.gear().stream()
                .filter(g -> scene.gear().stream()
                        .anyMatch(
                                o -> o.kind() == g.kind() && o.at().isWithin(NEXT_METRES, g.at().plus(repeat.about()))))
                .findFirst();
        return row.map(g -> text("again.next", Places.kindOf(g)))
                .orElseGet(
                        () -> text("again.further", Numbers.brief(repeat.about().length(), 1)));
    }

    /** ", with RB for LB" */
    private String with(Repeat repeat) {
        List<String> pairs = new ArrayList<>();
        repeat.insteadInOrder().forEach((of, by) -> {
            // where two change places, whoever does it as it was told is named behind "for"
            boolean swap = repeat.instead().get(by).equals(of);
            boolean said = swap
                    && (acts(repeat, by) && !acts(repeat, of)
                            || acts(repeat, by) == acts(repeat, of) && by.compareTo(of) < 0);
            if (!said) {
                pairs.add(text("again.pair", label(by), label(of)));
            }
        });
        return repeat.how() == Repeat.How.TURNED || repeat.how() == Repeat.How.ALONG && pairs.size() > 1
                ? text("again.everybody")
                : pairs.size() > MOST_PAIRS ? text("again.places") : text("again.with", ReadOut.list(pairs));
    }

    private boolean acts(Repeat repeat, RoleId role) {
        List<StepId> order = scene.steps().stream().map(Step::id).toList();
        return scene.steps().stream()
                .filter(s -> order.indexOf(s.id()) >= order.indexOf(repeat.from())
                        && order.indexOf(s.id()) <= order.indexOf(repeat.to()))
                .flatMap(s -> s.moves().stream())
                .anyMatch(m -> m.role().equals(role));
    }

    /** One rule as a sentence. */
    public String rule(Rule rule) {
        if (rule instanceof Rule.Limit l) {
            return limit(l);
        }
        if (rule instanceof Rule.Duty d) {
            return duty(d);
        }
        Rule.Hold h = (Rule.Hold) rule;
        String where = h.where()
                .map(r -> r instanceof Region.In in ? names.zone(in.zone()) : names.line((Region.Line) r))
                .orElse("");
        String until = h.until().map(triggers::untilWords).orElse("");
        return text("rule.hold." + h.what().name().toLowerCase(Locale.ROOT), label(h.role()), where, until)
                .replaceAll(" +", " ")
                .replace(" .", ".");
    }

    /** "Always at least one of Blue in the far post." */
    private String duty(Rule.Duty d) {
        String number =
                d.number() == 0 ? text("duty.nobody") : text("duty." + d.bound(), ProblemWriter.number(d.number()));
        String who = d.side()
                .map(s -> text("duty.of." + s))
                .or(() -> d.team().map(t -> text("duty.of.team", team(t))))
                .orElse("");
        return text(d.number() == 0 ? "duty.never" : "duty", number, who, names.inZone(d.zone()));
    }

    /** "At most 2 touches each time." "Exactly 3 passes before a shot, in the near half, for the defence." */
    private String limit(Rule.Limit l) {
        String kind = l.kind().name().toLowerCase(Locale.ROOT);
        boolean inZone = l.kind() == Rule.Kind.SECONDS && l.zone().isPresent();
        String one = l.number() == 1 ? ".one" : "";
        String what = text("limit." + kind + (inZone ? ".zone" : "") + one, String.valueOf(l.number()));
        String where = l.zone()
                .map(z -> l.kind() == Rule.Kind.ENTRIES
                        ? text("limit.into", names.zone(z))
                        : text("limit.in", names.inZone(z)))
                .orElse("");
        String whom = l.side()
                .map(s -> text("limit.for." + s))
                .or(() -> l.team().map(t -> text("limit.for.team", team(t))))
                .orElse("");
        return text("limit", text("limit." + l.bound()), what, where, whom);
    }

    /** "A goal counts 2 and a goal off a cross 3. The first with 5 wins." */
    public Optional<String> scoring(Scoring s) {
        if (!s.isKept()) {
            return Optional.empty();
        }
        List<String> points = s.points().stream()
                .map(p -> text("scoring.worth", p.what(), p.worth()))
                .toList();
        List<String> said = new ArrayList<>();
        said.add(text("scoring.points", ReadOut.list(points)));
        if (s.tally() == Scoring.Tally.IN_A_ROW) {
            said.add(text("scoring.row"));
        }
        if (s.against()) {
            said.add(text("scoring.against"));
        }
        if (s.target() > 0) {
            said.add(text("scoring.target", s.target()));
        }
        if (s.rounds() > 0) {
            said.add(text(s.rounds() == 1 ? "scoring.round" : "scoring.rounds", s.rounds()));
        }
        if (!s.others().isBlank()) {
            said.add(text("scoring.others", s.others()));
        }
        return Optional.of(String.join(" ", said));
    }

    /** What the coach may call, a line each set. */
    public List<String> calls() {
        return scene.course().calls().stream().map(this::calls).toList();
    }

    private String calls(CallSet c) {
        String options = String.join(", ", c.options());
        String many = c.picks() == 1 ? text("calls.one", options) : text("calls.many", c.picks(), options);
        String near = c.within() > 0 ? text("calls.within", c.within()) : "";
        return many + (c.picks() > 1 && !c.repeats() ? text("calls.no-repeat") : "") + near + ".";
    }

    /** When the next rep starts and where everybody goes. */
    public List<String> rotation() {
        List<String> lines = new ArrayList<>();
        scene.course().launch().ifPresent(l -> lines.add(launch(l)));
        if (!scene.course().stint().isUsual()) {
            lines.add(stint(scene.course().stint()));
        }
        for (Rotation.How how : Rotation.How.values()) {
            List<Rotation> alike = scene.course().rotation().stream()
                    .filter(r -> r.how() == how)
                    .toList();
            boolean one = alike.size() > 1 && (how == Rotation.How.STAY || how == Rotation.How.REST);
            if (one) {
                List<String> who = alike.stream().map(r -> label(r.role())).toList();
                lines.add(
                        text("rotation." + (how == Rotation.How.STAY ? "stay" : "rest") + ".many", ReadOut.list(who)));
            } else {
                lines.addAll(changing(alike));
            }
        }
        scene.course().teamTurns().forEach(t -> lines.add(teamTurn(t)));
        scene.course().alternation().ifPresent(a -> lines.add(alternation(a)));
        lines.addAll(comingRound());
        return lines;
    }

    /** "B1 to B5 are Blue." */
    public String team(Team team) {
        return text(
                team.roles().size() == 1 ? "team.is" : "team.are",
                team.name(),
                ReadOut.list(team.roles().stream().map(this::label).toList()));
    }

    /** What becomes of two teams. */
    public String teamTurn(TeamTurn turn) {
        Optional<String> line = scene.course().team(turn.second()).stream()
                .flatMap(t -> t.roles().stream())
                .flatMap(r -> scene.lineFeeding(r).stream())
                .map(WaitingLine::label)
                .findFirst();
        String away = line.map(l -> text("team.away.line", l)).orElse(text("team.away"));
        return text("team.turn." + turn.how(), team(turn.first()), team(turn.second()), away);
    }

    private String team(TeamId id) {
        return scene.course().team(id).map(Team::name).orElse(id.text());
    }

    /** "Every other rep is on the other side, with RB for LB." */
    public String alternation(Alternation sides) {
        Repeat once = sides.once(
                scene.steps().get(0).id(),
                scene.steps().get(scene.steps().size() - 1).id());
        String who = sides.instead().isEmpty() ? "" : with(once);
        return text("sides", often(sides.after()), text("sides.where." + sides.how()), who);
    }

    /** "Every other rep", "Every 5 reps it changes: then". */
    String often(Stint after) {
        String often = after.isUsual()
                ? "one"
                : after.count() == 1 ? "minute" : after.unit().name().toLowerCase(Locale.ROOT);
        return text("sides.when." + often, Numbers.brief(after.count(), 1));
    }

    /** Who takes turns with whom, and after how many reps all have come round. */
    private List<String> comingRound() {
        List<String> lines = new ArrayList<>();
        boolean anybodyWaits = scene.lines().stream().anyMatch(l -> !l.feeds().isEmpty());
        if (AfterRep.rotation(scene, 0).isEmpty() || !anybodyWaits) {
            return lines;
        }
        Rotations.Play play = Rotations.of(scene).round(MOST_ROUNDS);
        if (play.round().isEmpty()
                || play.round().getAsInt() < 2
                || play.round().getAsInt() > MOST_ROUNDS) {
            return lines;
        }
        Set<Set<RoleId>> groups = new LinkedHashSet<>();
        for (int person = 0; person < play.people(); person++) {
            groups.add(play.rolesOf(person));
        }
        groups.stream()
                .filter(g -> g.size() > 1)
                .map(g -> text(
                        "rotation.change",
                        ReadOut.list(scene.roles().stream()
                                .filter(r -> g.contains(r.id()))
                                .map(Role::label)
                                .toList())))
                .forEach(lines::add);
        if (!lines.isEmpty()) {
            boolean each = scene.course().stint().isUsual();
            lines.add(text(
                    each ? "rotation.round" : "rotation.round.changes",
                    play.round().getAsInt()));
        }
        return lines;
    }

    /** Each goes somewhere; two who become each other swap. */
    private List<String> changing(List<Rotation> alike) {
        List<String> lines = new ArrayList<>();
        Set<RoleId> told = new HashSet<>();
        for (Rotation r : alike) {
            boolean swap = alike.stream()
                    .anyMatch(o ->
                            o.next().equals(Optional.of(r.role())) && r.next().equals(Optional.of(o.role())));
            if (!swap) {
                lines.add(rotation(r));
            } else if (told.add(r.role())) {
                RoleId other = r.next().orElseThrow();
                told.add(other);
                lines.add(text("rotation.swap", label(r.role()), label(other)));
            }
        }
        return lines;
    }

    public String launch(Launch launch) {
        String begins = beginning(launch);
        return launch.goesOn() ? begins + " " + text("launch.goes-on", surface.ballName()) : begins;
    }

    private String beginning(Launch launch) {
        String seconds = Numbers.brief(launch.seconds(), 1);
        if (launch.at().isEmpty()) {
            return launch.seconds() > 0 ? text("launch.over.plus", seconds) : text("launch.over");
        }
        if (launch.at().get() instanceof Event.Whistle) {
            return text("launch.every", seconds);
        }
        String when = names.when(launch.at().get());
        return launch.seconds() > 0 ? text("launch.at.plus", when, seconds) : text("launch.at", when);
    }

    /** How long everybody stays on before all rotate. */
    public String stint(Stint stint) {
        String count = Numbers.brief(stint.count(), 1);
        return switch (stint.unit()) {
            case REPS -> stint.isUsual() ? text("stint.one") : text("stint.reps", count);
            case MINUTES -> text(stint.count() == 1 ? "stint.minute" : "stint.minutes", count);
        };
    }

    /** Where one role goes. */
    public String rotation(Rotation r) {
        return switch (r.how()) {
            case LINE ->
                text(
                        "rotation.line",
                        label(r.role()),
                        scene.line(r.line().orElseThrow()).map(l -> l.label()).orElse(""));
            case ROLE -> text("rotation.role", label(r.role()), label(r.next().orElseThrow()));
            case STAY -> text("rotation.stay", label(r.role()));
            case REST -> text("rotation.rest", label(r.role()));
        };
    }

    /** "Who wins the ball?" */
    public static String question(Fork.By by) {
        return switch (by) {
            case BALL -> text("fork.ball");
            case SHOT -> text("fork.shot");
            case CHALLENGE -> text("fork.challenge");
            case FIRST -> text("fork.first");
            case PLACE -> text("fork.place");
            case PLAY -> text("fork.play");
            case CALL -> text("fork.call");
            case CHANCE -> text("fork.chance");
        };
    }

    /** "If blue wins it" for a step on a branch; empty for one of every path. */
    public String branch(Step step) {
        Optional<OnBranch> on = step.on();
        return on.flatMap(o -> scene.course().fork(o.fork()).flatMap(f -> f.branch(o.branch())))
                .map(Branch::label)
                .map(l -> text("step.if", l))
                .orElse("");
    }

    /** Cautions for what is in it. */
    public List<String> cautions() {
        Set<String> lines = new LinkedHashSet<>();
        Set<Deed.Level> levels = new LinkedHashSet<>();
        for (Move move : scene.moves()) {
            if (move instanceof Act act && act.deed() instanceof Deed.Contact c) {
                levels.add(c.level());
            } else if (move instanceof Act act
                    && act.deed() instanceof Challenge c
                    && c.bid().isBodily()) {
                levels.add(c.level());
            } else if (move instanceof Act act
                    && (act.deed() instanceof Deed.Contest
                            || act.deed() instanceof Challenge
                            || act.deed() instanceof OpenPlay)) {
                lines.add(text("caution.contest"));
            } else if (move instanceof Act act && act.deed() instanceof Deed.Screening) {
                lines.add(text("caution.screen"));
            }
        }
        if (!levels.isEmpty()) {
            String all = levels.stream().sorted().map(l -> text("level." + l)).collect(Collectors.joining(", "));
            lines.add(text("caution.contact", all));
        }
        return List.copyOf(lines);
    }

    private String label(RoleId role) {
        return SentenceWriter.label(scene, role);
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
