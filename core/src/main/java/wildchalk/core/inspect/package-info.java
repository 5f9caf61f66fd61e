/**
 * What a coach looks for in one moment: how open the goal is, who owns which space, which passes are open, who sees what, how wide a side
 * stands, who can still stop. Values only; {@code picture} draws them and {@code words} says them.
 */
package wildchalk.core.inspect;
