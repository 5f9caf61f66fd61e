/**
 * From marks to seconds: how long a travel takes, when a pass is caught, who holds the ball.
 *
 * <p>{@link wildchalk.core.motion.Timeline#of} compiles a progression once; the timeline then answers where everybody
 * is at any second in O(log n). Rules that no one class can state:
 *
 * <ol>
 *   <li>Events happen in time order. At one instant ends and catches come before starts, then the move told first goes
 *       first. Same drill, same timeline, bit for bit.
 *   <li>A move starts when its role's earlier moves are done and its trigger has fired; without a trigger, when its step
 *       starts. A step ends when its moves have ended, but for those that run on.
 *   <li>A pass or shot with a trigger of its own may be made on the run. One whose role has no ball yet waits for it.
 *   <li>Consecutive travels of a role join without stopping when nothing makes the second one wait.
 *   <li>What cannot happen is a finding; the rest of the drill still runs.
 * </ol>
 *
 * <p>What has to be seen or heard costs a reaction time ({@link wildchalk.core.motion.Reactions}); a longer delay of the coach's
 * contains it.
 */
package wildchalk.core.motion;
