package wildchalk.core.finding;

/** How much a finding matters; worst first. */
public enum Severity {
    /** The drill cannot run as drawn. */
    STOP,
    /** It can, but probably not as meant. */
    WARN,
    /** Worth knowing. */
    NOTE
}
