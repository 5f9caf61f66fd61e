package wildchalk.picture.export;

import java.util.Set;
import wildchalk.core.words.Register;
import wildchalk.picture.export.ExportOptions.Reach;
import wildchalk.picture.style.Ground;

/** Options that tests export with. */
final class How {

    /** Everything, on paper. */
    static final ExportOptions ALL = new ExportOptions(
            Ground.PAPER, 0, Paper.A4, 800, Reach.ALL, Reach.ALL, Register.ALOUD, ExportOptions.Shown.ONCE, Set.of());

    /** The version and the way that are open. */
    static final ExportOptions ONE = ALL.withVersions(Reach.ONE).withWays(Reach.ONE);

    private How() {}
}
