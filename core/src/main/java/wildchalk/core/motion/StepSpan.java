package wildchalk.core.motion;

import wildchalk.core.drill.StepId;

/** When a step starts and ends, seconds from the whistle. */
public record StepSpan(StepId step, double start, double end) {}
