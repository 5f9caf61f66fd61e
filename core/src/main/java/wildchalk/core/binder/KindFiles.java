package wildchalk.core.binder;

import java.util.List;
import wildchalk.core.drill.Kind;
import wildchalk.core.drill.Kinds;

/** How every kind of {@link Kinds} stands in a file; steps apart, of which a version may write less than all. */
final class KindFiles {

    /** Written even where there is none, so that an empty version shows what it could hold. */
    private static final List<Kind<?>> ALWAYS =
            List.of(Kinds.GEAR.kind(), Kinds.LINES.kind(), Kinds.ROLES.kind(), Kinds.BALLS.kind());

    /** In the order of the file, what stands before the steps. */
    static final List<KindFile<?>> BEFORE_STEPS = List.of(
            KindFile.named(Kinds.GEAR.kind(), ElementFiles::gear, ElementFiles::gear),
            KindFile.named(Kinds.LINES.kind(), ElementFiles::line, ElementFiles::line),
            KindFile.named(Kinds.ROLES.kind(), ElementFiles::role, ElementFiles::role),
            KindFile.named(Kinds.BALLS.kind(), ElementFiles::ball, ElementFiles::ball),
            KindFile.named(Kinds.ZONES.kind(), ElementFiles::zone, ElementFiles::zone),
            KindFile.named(Kinds.NOTES.kind(), ElementFiles::note, ElementFiles::note),
            KindFile.named(Kinds.GAPS.kind(), ElementFiles::gap, ElementFiles::gap),
            KindFile.named(Kinds.STATIONS.kind(), ElementFiles::station, ElementFiles::station));

    /** And what stands behind them. */
    static final List<KindFile<?>> BEHIND_STEPS = List.of(
            KindFile.named(Kinds.FORKS, CourseReader::fork, CourseWriter::fork),
            KindFile.named(Kinds.CALLS, CourseReader::calls, CourseWriter::calls),
            KindFile.named(Kinds.RULES, CourseReader::rule, CourseWriter::rule),
            KindFile.named(Kinds.REPEATS, CourseReader::repeat, CourseWriter::repeat),
            KindFile.named(Kinds.TEAMS, CourseReader::team, CourseWriter::team),
            new KindFile<>(Kinds.TEAM_TURNS, false, CourseReader::teamTurn, CourseWriter::teamTurn),
            new KindFile<>(Kinds.ROTATION, false, CourseReader::rotation, CourseWriter::rotation));

    private KindFiles() {}

    static boolean isAlwaysWritten(Kind<?> kind) {
        return ALWAYS.contains(kind);
    }
}
