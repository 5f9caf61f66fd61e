package wildchalk.desktop.command;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import wildchalk.core.check.Acceptance;
import wildchalk.core.check.Everywhere;
import wildchalk.core.check.Remedies;
import wildchalk.core.check.Remedy;
import wildchalk.core.check.SoundnessCheck;
import wildchalk.core.drill.Accepted;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.LineId;
import wildchalk.core.drill.Move;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.drill.WaitingLine;
import wildchalk.core.finding.Finding;
import wildchalk.core.motion.MoveKinds;
import wildchalk.core.motion.MoveSpan;
import wildchalk.core.reps.Rotations;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.text.LengthUnit;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.core.words.FindingWriter;
import wildchalk.core.words.Line;
import wildchalk.core.words.Register;
import wildchalk.core.words.RepsWriter;
import wildchalk.core.words.Sentence;
import wildchalk.core.words.StepWords;
import wildchalk.picture.export.Told;

/** What commands print for people. */
final class TextReports {

    private TextReports() {}

    static void time(Told told, PrintWriter out) {
        out.println(told.drill().title() + " · " + told.path().title() + way(told) + " · "
                + Numbers.seconds(told.timeline().seconds()));
        out.println("%-3s %-6s %-8s %8s %8s %8s %8s  %s"
                .formatted("", "role", "move", "start s", "end s", "metres", "peak m/s", ""));
        for (StepWords step : told.talk().steps()) {
            out.println(step.title() + "  " + step.span() + numbers(step));
            for (Sentence sentence : step.sentences()) {
                row(told, sentence, out);
            }
        }
        told.timeline()
                .happenings()
                .forEach(h -> out.println("%8s s  %s %s%s"
                        .formatted(
                                Numbers.fixed(h.seconds(), 2),
                                h.ball(),
                                h.kind().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                                h.role().map(r -> " by " + label(told, r)).orElse(""))));
    }

    /** A table of the first reps, with names for people who are none in particular. */
    static void reps(Told told, int count, PrintWriter out) {
        Rotations rotations = Rotations.of(told.path());
        out.println(told.drill().title() + " · " + told.path().title() + way(told));
        told.talk().rotation().forEach(l -> out.println("  " + l));
        rotations.drift().forEach((line, more) -> {
            if (more != 0) {
                out.println("  "
                        + Texts.CORE.get(
                                more > 0 ? "reps.gains" : "reps.loses", lineLabel(told, line), Math.abs(more)));
            }
        });
        List<Role> roles = told.path().roles();
        out.println("%-5s %s"
                .formatted(
                        "rep",
                        roles.stream().map(r -> "%-8s".formatted(r.label())).collect(Collectors.joining(" "))));
        List<Rotations.Rep> reps = rotations.first(count);
        for (int i = 0; i < reps.size(); i++) {
            Rotations.Rep rep = reps.get(i);
            out.println("%-5s %s"
                    .formatted(
                            RepsWriter.row(told.path().course().stint(), i),
                            roles.stream()
                                    .map(r -> "%-8s"
                                            .formatted(
                                                    RepsWriter.name(rep.parts().get(r.id()))))
                                    .collect(Collectors.joining(" "))));
        }
    }

    private static String lineLabel(Told told, LineId id) {
        return told.path().lines().stream()
                .filter(l -> l.id().equals(id))
                .map(WaitingLine::label)
                .findFirst()
                .orElseThrow();
    }

    private static String way(Told told) {
        return told.run().label().isEmpty() ? "" : " · " + told.run().label();
    }

    private static String numbers(StepWords step) {
        return step.numbers().isEmpty() ? "" : "  " + step.numbers();
    }

    private static String label(Told told, RoleId role) {
        return told.path().role(role).orElseThrow().label();
    }

    private static void row(Told told, Sentence sentence, PrintWriter out) {
        MoveSpan span = told.timeline().move(sentence.move());
        Move move = told.path().move(sentence.move()).orElseThrow();
        String kind = move.match(
                t -> span.carrying() ? "carry" : "travel", MoveKinds::of, MoveKinds::of, MoveKinds::of, MoveKinds::of);
        out.println("%-3s %-6s %-8s %8s %8s %8s %8s  %s"
                .formatted(
                        sentence.letter(),
                        label(told, move.role()),
                        kind,
                        span.happens() ? Numbers.fixed(span.start(), 2) : "-",
                        span.happens() ? Numbers.fixed(span.end(), 2) : "-",
                        Numbers.fixed(span.metres(), 1),
                        Numbers.fixed(span.peakSpeed(), 1),
                        span.happens() ? "" : "never happens"));
    }

    static void words(Told told, Register how, PrintWriter out) {
        out.println(told.drill().title());
        out.println(told.path().title() + way(told));
        switch (how) {
            case ALOUD -> aloud(told, out);
            case SHORT -> {
                out.println();
                told.talk().steps().forEach(s -> out.println(s.title() + "  " + s.brief() + numbers(s)));
            }
            case PROBLEM -> section(out, told.problem());
        }
    }

    private static void aloud(Told told, PrintWriter out) {
        section(out, told.talk().changes());
        section(out, told.talk().gear());
        section(out, told.talk().setUp());
        for (StepWords step : told.talk().steps()) {
            if (step.lines().isEmpty() && told.path().again(step.step()).isPresent()) {
                continue; // said once
            }
            out.println();
            out.println(step.title() + "  " + step.span() + numbers(step));
            for (Line line : step.lines()) {
                out.println("  " + line.text() + (line.measure().isEmpty() ? "" : "  (" + line.measure() + ")"));
            }
            step.points().forEach(p -> out.println("     " + p));
            step.question().ifPresent(q -> out.println("     ? " + q.ask() + "  " + q.answer()));
        }
        section(out, told.talk().rules());
        section(out, told.talk().rotation());
        section(out, told.talk().cautions());
    }

    private static void section(PrintWriter out, List<String> lines) {
        if (!lines.isEmpty()) {
            out.println();
            lines.forEach(l -> out.println("  " + l));
        }
    }

    static void findings(Drill drill, Everywhere all, PrintWriter out) {
        if (all.found().isEmpty()) {
            out.println(drill.title() + ": nothing to look at");
        }
        for (Everywhere.Found found : all.found()) {
            Finding f = found.finding();
            FindingWriter writer =
                    new FindingWriter(found.run(), spoken(found.run().drill()));
            out.println("%-4s %s %s%s%s"
                    .formatted(
                            f.severity().name().toLowerCase(Locale.ROOT),
                            writer.message(f),
                            mends(found, writer),
                            f.atSeconds()
                                    .map(t -> " (at " + Numbers.seconds(t) + ")")
                                    .orElse(""),
                            where(drill, found)));
        }
        for (Everywhere.Found found : all.accepted()) {
            FindingWriter writer =
                    new FindingWriter(found.run(), spoken(found.run().drill()));
            out.println("accepted %s%s (%s)"
                    .formatted(writer.message(found.finding()), where(drill, found), reason(found)));
        }
        out.println(ways(all));
    }

    /** What was tried and clears it; without anything, what might. */
    private static String mends(Everywhere.Found found, FindingWriter writer) {
        List<Remedy> tried = Remedies.of(found.run(), found.finding());
        return tried.isEmpty()
                ? writer.remedy(found.finding())
                : tried.stream().map(writer::mend).collect(Collectors.joining(", or: ", "Mend it so: ", "."));
    }

    /** What does not hold together in a drill, version by version. */
    static List<String> unsound(Drill drill) {
        List<String> lines = new ArrayList<>();
        for (Progression version : drill.progressions()) {
            FindingWriter writer = new FindingWriter(drill, wildchalk.core.path.Path.usual(version), spoken(drill));
            SoundnessCheck.of(version)
                    .forEach(f ->
                            lines.add("%s: %s %s".formatted(version.title(), writer.message(f), writer.remedy(f))));
        }
        return lines;
    }

    /** Why it was accepted, in the coach's words. */
    static String reason(Everywhere.Found found) {
        return found.where().keySet().stream()
                .flatMap(v -> Acceptance.in(found.run().drill(), v, found.finding()).stream())
                .map(Accepted::reason)
                .findFirst()
                .orElse("");
    }

    /** The versions in which it holds, and the way on which it is, where the drill has several. */
    private static String where(Drill drill, Everywhere.Found found) {
        List<String> said = new ArrayList<>();
        if (drill.progressions().size() > 1) {
            drill.progressions().stream()
                    .filter(p -> found.where().containsKey(p.id()))
                    .forEach(p -> said.add(p.title()));
        }
        if (!found.run().label().isEmpty()) {
            said.add(found.run().label());
        }
        return said.isEmpty() ? "" : " [" + String.join("; ", said) + "]";
    }

    private static String ways(Everywhere all) {
        return all.looked() == 1 && all.of() == 1 && !all.orMore()
                ? "looked at the one way"
                : "looked at %d of %s%s ways"
                        .formatted(all.looked(), all.orMore() ? "more than " : "", grouped(all.of()));
    }

    /** 6840 as "6,840". */
    private static String grouped(long count) {
        return String.format(Locale.ROOT, "%,d", count);
    }

    static void surfaces(PrintWriter out) {
        for (Surface s : Surfaces.all()) {
            out.println("%-26s %7s x %6s m  %s"
                    .formatted(
                            s.id(), Numbers.fixed(s.lengthMetres(), 2), Numbers.fixed(s.widthMetres(), 2), s.title()));
        }
    }

    private static LengthUnit spoken(Drill drill) {
        return LengthUnit.spokenIn(drill.surface().sport());
    }
}
