package wildchalk.core.check;

import wildchalk.core.finding.Flaw;

/** A zone of a rule or a trigger that is neither drawn nor on the surface; its name is that of the zone. */
final class NoZone {

    static final Flaw FLAW = Flaw.warn("no-zone");

    private NoZone() {}
}
