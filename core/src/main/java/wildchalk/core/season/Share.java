package wildchalk.core.season;

import wildchalk.core.session.Load;
import wildchalk.core.squad.PlayerId;

/**
 * What one player got in some weeks.
 *
 * @param there at so many sessions
 * @param known of so many it is known whether
 * @param late at so many of them
 * @param load all told, by the model
 */
public record Share(PlayerId player, int there, int known, int late, Load load) {

    /** Turns a session that he was at. */
    public double turnsEach() {
        return there == 0 ? 0 : (double) load.turns() / there;
    }
}
