/**
 * What a coach draws: a {@link wildchalk.core.drill.Drill} of {@link wildchalk.core.drill.Progression progressions}, each
 * with gear, lines, roles, balls and {@link wildchalk.core.drill.Step steps} of {@link wildchalk.core.drill.Move moves}.
 *
 * <p>Everything is an immutable value; every change makes a new one. Nothing here is computed: seconds and metres come
 * from {@code motion}. A drill may be wrong (a pass by somebody without a ball); that is a finding, not an exception.
 * What must hold always: ids are unique in their progression, and what points at another element by id finds it, which
 * {@link Progression} checks.
 */
package wildchalk.core.drill;
