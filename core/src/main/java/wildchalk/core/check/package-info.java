/**
 * The rules of the second look. Each is a class with a {@link wildchalk.core.check.Check} in it, registered in {@link
 * wildchalk.core.check.Checks}; it takes a run-through and gives findings, which are data. What cannot happen at all is found
 * while the motion is worked out, and stands in the timeline.
 */
package wildchalk.core.check;
