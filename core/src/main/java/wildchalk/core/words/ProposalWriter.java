package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.session.Proposal;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;

/** Says why a proposed session is as it is. */
public final class ProposalWriter {

    private ProposalWriter() {}

    /** A line for each drill, then what could not be kept. */
    public static List<String> lines(Proposal p) {
        List<String> lines = new ArrayList<>();
        for (Proposal.Reason r : p.reasons()) {
            List<String> why = new ArrayList<>();
            if (!r.aims().isEmpty()) {
                why.add(text("propose.aim", ReadOut.list(r.aims())));
            }
            why.add(text(r.turns() == 1 ? "propose.turn" : "propose.turns", r.turns()));
            if (r.days() >= 0) {
                why.add(text(
                        r.days() == 0 ? "propose.today" : r.days() == 1 ? "propose.day" : "propose.days", r.days()));
            } else {
                why.add(text("propose.new"));
            }
            lines.add(text("propose.drill", r.title(), Numbers.brief(r.minutes(), 1), String.join(", ", why)));
        }
        p.broken().forEach(b -> lines.add(text("propose." + b.rule(), b.about())));
        return lines;
    }

    private static String text(String key, Object... arguments) {
        return Texts.CORE.get(key, arguments);
    }
}
