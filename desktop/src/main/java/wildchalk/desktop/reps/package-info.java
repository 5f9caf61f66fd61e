/**
 * What minutes of the drill give, beside the board: people, minutes and balls are tried with sliders; who gets how many turns, who
 * stands when, for how many the drill is. Everything shown is an {@link wildchalk.core.reps.Outlook}, worked out off the FX thread.
 */
package wildchalk.desktop.reps;
