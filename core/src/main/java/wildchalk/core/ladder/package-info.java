/**
 * Versions of a drill that build on each other: what one changes in another, how an edit of the base flows down, and how
 * versions are added, detached and put in order. A version is kept whole; its changes are worked out by comparing ids.
 */
package wildchalk.core.ladder;
