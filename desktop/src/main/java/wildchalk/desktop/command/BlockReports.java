package wildchalk.desktop.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.Locale;
import wildchalk.core.json.JsonText;
import wildchalk.core.reps.Block;
import wildchalk.core.reps.Fit;
import wildchalk.core.reps.Outlook;
import wildchalk.core.text.Numbers;
import wildchalk.core.text.Texts;
import wildchalk.core.turns.MoreTurns;
import wildchalk.core.words.RepsWriter;
import wildchalk.picture.export.Told;

/** What minutes of a drill give, as a table and as JSON. */
final class BlockReports {

    private BlockReports() {}

    static void text(Told told, Outlook outlook, PrintWriter out) {
        out.println(told.drill().title() + " · " + told.path().title());
        RepsWriter writer = writer(told, outlook);
        writer.all().forEach(l -> out.println("  " + l));
        MoreTurns.of(told.drill(), outlook, told.run().own())
                .forEach(p -> out.println("  " + Texts.CORE.get("more.line-of", writer.does(p), writer.gives(p))));
        out.println("%-8s %-8s %6s %8s %6s %8s %8s %8s %8s"
                .formatted("who", "first", "turns", "touches", "shots", "m", "work s", "hard s", "wait s"));
        for (Block.Share p : outlook.block().people()) {
            out.println("%-8s %-8s %6d %8d %6d %8s %8s %8s %8s"
                    .formatted(
                            RepsWriter.name(p.number()),
                            told.path().role(p.role()).orElseThrow().label(),
                            p.turns().size(),
                            p.touches(),
                            p.shots(),
                            Numbers.fixed(p.metres(), 0),
                            Numbers.fixed(p.workSeconds(), 0),
                            Numbers.fixed(p.hardSeconds(), 0),
                            Numbers.fixed(p.longestWaitSeconds(), 0)));
        }
        out.println("%-8s %6s %8s %8s %8s".formatted("people", "turns", "stand %", "wait s", "balls"));
        for (Fit.Row row : outlook.fit().rows()) {
            out.println("%-8d %6d %8s %8s %8d"
                    .formatted(
                            row.people(),
                            row.block().fewestTurns(),
                            Numbers.fixed(100 * row.block().standing(), 0),
                            Numbers.fixed(row.block().longestWaitSeconds(), 0),
                            row.block().ballsForAll()));
        }
    }

    private static RepsWriter writer(Told told, Outlook outlook) {
        return new RepsWriter(outlook, told.drill().surface(), told.reader().unit());
    }

    static String json(Told told, Outlook outlook) {
        ObjectNode o = JsonReports.about(told);
        Block block = outlook.block();
        o.put("people", outlook.setting().people())
                .put("minutes", outlook.setting().minutes())
                .put("age", outlook.setting().age().label())
                .put("reps", block.reps())
                .put("turnsFewest", block.fewestTurns())
                .put("turnsMost", block.mostTurns())
                .put("standing", JsonReports.round(block.standing()))
                .put("longestWait", JsonReports.round(block.longestWaitSeconds()))
                .put("stations", outlook.groups().size())
                .put("balls", outlook.ballsForAll());
        block.starves()
                .ifPresent(s -> o.put("waitsFor", s.name().toLowerCase(Locale.ROOT))
                        .put("waited", JsonReports.round(block.waitedSeconds())));
        o.putObject("withMisses")
                .put("low", outlook.spread().low())
                .put("usual", outlook.spread().usual())
                .put("high", outlook.spread().high());
        o.set("words", JsonReports.texts(writer(told, outlook).all()));
        ArrayNode shares = o.putArray("shares");
        for (Block.Share p : block.people()) {
            ObjectNode share = shares.addObject()
                    .put("role", p.role().text())
                    .put("turns", p.turns().size())
                    .put("touches", p.touches())
                    .put("shots", p.shots())
                    .put("metres", JsonReports.round(p.metres()))
                    .put("work", JsonReports.round(p.workSeconds()))
                    .put("hard", JsonReports.round(p.hardSeconds()))
                    .put("longestWait", JsonReports.round(p.longestWaitSeconds()));
            p.line().ifPresent(l -> share.put("line", l.text()));
            if (p.keeper()) {
                share.put("faced", p.shotsFaced());
            }
        }
        ArrayNode more = o.putArray("more");
        MoreTurns.of(told.drill(), outlook, told.run().own())
                .forEach(p -> more.addObject()
                        .put("kind", p.kind().name().toLowerCase(Locale.ROOT))
                        .put("does", writer(told, outlook).does(p))
                        .put("turns", p.turns())
                        .put("balls", p.cost().balls())
                        .put("coaches", p.cost().coaches())
                        .put("keepers", p.cost().keepers())
                        .put("others", p.cost().others())
                        .put("findings", p.cost().findings()));
        Fit fit = outlook.fit();
        ObjectNode fits = o.putObject("fit").put("fewest", fit.fewest()).put("best", fit.best());
        fit.most().ifPresent(m -> fits.put("most", m));
        return JsonText.of(o);
    }
}
