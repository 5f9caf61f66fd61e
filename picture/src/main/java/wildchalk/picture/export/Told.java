package wildchalk.picture.export;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.check.Checks;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Progression;
import wildchalk.core.drill.Role;
import wildchalk.core.drill.RoleId;
import wildchalk.core.finding.Finding;
import wildchalk.core.motion.Timeline;
import wildchalk.core.path.Path;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.text.Printable;
import wildchalk.core.words.FindingWriter;
import wildchalk.core.words.HouseWords;
import wildchalk.core.words.Sentence;
import wildchalk.core.words.TalkThrough;
import wildchalk.core.words.Words;
import wildchalk.picture.paint.Legend;

/**
 * A run-through as it is told to somebody: what the window shows and what every export is made from.
 *
 * @param talk its words, in the reader's unit
 * @param findings what the second look finds on it and the coach has not accepted; nobody looks at what is told in passing
 * @param reader whom it is written and drawn for
 */
public record Told(RunThrough run, TalkThrough talk, List<Finding> findings, Reader reader) {

    public Told {
        findings = List.copyOf(findings);
    }

    public static Told of(RunThrough run, Reader reader) {
        Reader who = reader.forSport(run.drill().surface().sport());
        return new Told(run, who.house().of(Words.of(run, who.unit())), Checks.open(run), who);
    }

    /**
     * Another path of the same drill for the same reader, for its pictures and words: the second look is left out, since it takes as
     * long as both.
     */
    public Told inPassing(Path path) {
        RunThrough other = RunThrough.of(drill(), path, run.own());
        return new Told(other, reader.house().of(Words.of(other, reader.unit())), List.of(), reader);
    }

    public static Told of(Drill drill, Path path, Reader reader) {
        return of(RunThrough.of(drill, path, reader.figures()), reader);
    }

    /** The likeliest path. */
    public static Told of(Drill drill, Progression version, Reader reader) {
        return of(drill, Path.usual(version), reader);
    }

    /** The likeliest path, for the usual reader. */
    public static Told of(Drill drill, Progression version) {
        return of(drill, version, Reader.USUAL);
    }

    public Drill drill() {
        return run.drill();
    }

    public Path path() {
        return run.path();
    }

    public Timeline timeline() {
        return run.timeline();
    }

    /** Puts findings into sentences for the reader. */
    public FindingWriter findingWriter() {
        return new FindingWriter(run, reader.unit(), reader.house());
    }

    /** What each role has to know, in the second person; what all have in common is worked out once. */
    public Function<RoleId, List<String>> parts() {
        // in the tool's words first: a part is put together from whole sentences
        TalkThrough plain = reader.house().equals(HouseWords.NONE) ? talk : Words.of(run, reader.unit());
        return Words.parts(run, plain).andThen(reader.house()::all);
    }

    /** What is at stake and what is allowed, and not how it is solved. */
    public List<String> problem() {
        return reader.house().all(Words.problemOf(run));
    }

    /** What another version changes in the one that it is based on. */
    public List<String> changesOf(Progression version) {
        return reader.house().all(Words.changes(drill(), version, reader.unit()));
    }

    /** The same version along every path; this one alone where it goes one way only, or too many to show. */
    public List<Told> everyWay(int most) {
        List<Path> ways = run.everyWay(most);
        return ways.size() == 1
                ? List.of(this)
                : ways.stream().map(this::inPassing).toList();
    }

    /** The version that this one is based on, along its likeliest path. */
    public Optional<Told> base() {
        return run.version().basedOn().flatMap(drill()::progression).map(b -> inPassing(Path.usual(b)));
    }

    /** Whether everything that is written can be shown: no controls, no halves of characters. */
    public boolean isPrintable() {
        Stream<String> own =
                Stream.of(drill().title(), drill().notes(), run.version().title());
        Stream<String> labels = path().roles().stream().map(Role::label);
        Stream<String> steps = talk.steps().stream()
                .flatMap(s -> Stream.concat(
                        s.points().stream(), s.sentences().stream().map(Sentence::text)));
        return Stream.of(own, labels, steps, talk.gear().stream(), talk.setUp().stream())
                .flatMap(t -> t)
                .allMatch(Printable::isPrintable);
    }

    Legend legend() {
        return Legend.of(path(), timeline(), reader.code());
    }
}
