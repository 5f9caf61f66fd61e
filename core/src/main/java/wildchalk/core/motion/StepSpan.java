package wildchalk.core.motion;

import wildchalk.core.drill.StepId;

/**
 * When the moves of a step happen, seconds from the whistle: from the first start to the last end. Steps may overlap, for a
 * trigger can start a move while the step before is still running.
 */
public record StepSpan(StepId step, double start, double end) {}
