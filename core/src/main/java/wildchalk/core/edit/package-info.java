/**
 * Everything that a hand can do to a drill. An {@link wildchalk.core.edit.Edit} is no finished drill but a function: it is
 * applied to whatever the drill is by the time it is made, to the open version with all its ways, and flows from there to
 * the versions that are based on it.
 *
 * <p>1. An edit touches what it names and what would point at nothing without it, and nothing else. 2. New ids and labels
 * are given as it is applied, so that two edits made from the same picture never give the same one. 3. What it is about may
 * be gone by then: it does nothing. 4. Nothing but this package makes edits; {@link wildchalk.core.edit.EditKind} lists them.
 */
package wildchalk.core.edit;
