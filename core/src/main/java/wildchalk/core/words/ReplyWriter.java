package wildchalk.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import wildchalk.core.log.Reply;
import wildchalk.core.squad.PlayerId;
import wildchalk.core.text.Texts;

/** Says what players have answered. */
public final class ReplyWriter {

    private ReplyWriter() {}

    /**
     * Who can come, who cannot, and what is asked; nothing where nobody has answered.
     *
     * @param name as players are called
     */
    public static List<String> lines(List<Reply> replies, Function<PlayerId, String> name) {
        List<String> lines = new ArrayList<>();
        for (Reply.Coming coming : List.of(Reply.Coming.CAN, Reply.Coming.CANNOT)) {
            List<String> who = replies.stream()
                    .filter(r -> r.coming() == coming)
                    .map(r -> name.apply(r.player()))
                    .toList();
            if (!who.isEmpty()) {
                lines.add(Texts.CORE.get(
                        "reply." + coming + (who.size() == 1 ? ".one" : ""), ReadOut.list(who), who.size()));
            }
        }
        for (Reply r : replies) {
            r.questions().forEach(q -> lines.add(Texts.CORE.get("reply.asks", name.apply(r.player()), q)));
        }
        return lines;
    }
}
