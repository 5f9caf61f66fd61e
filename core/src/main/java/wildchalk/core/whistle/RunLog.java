package wildchalk.core.whistle;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wildchalk.core.log.Log;
import wildchalk.core.log.LoggedBlock;
import wildchalk.core.session.BlockId;
import wildchalk.core.session.Session;
import wildchalk.core.session.SessionBlock;

/** Makes a log of a run. */
public final class RunLog {

    private RunLog() {}

    /** @param planned the session as it was before anything was pressed: what of it was not run is logged with no minutes */
    public static Log of(Session planned, Run run) {
        List<LoggedBlock> blocks = new ArrayList<>(run.counted().values());
        for (SessionBlock b : planned.blocks()) {
            if (!run.counted().containsKey(b.id())) {
                blocks.add(leftOut(b.id()));
            }
        }
        return new Log(planned.id(), run.attendance(), blocks, List.of());
    }

    private static LoggedBlock leftOut(BlockId id) {
        return new LoggedBlock(id, 0, 0, List.of(), 0, 0, List.of(), Map.of(), List.of(), List.of());
    }
}
