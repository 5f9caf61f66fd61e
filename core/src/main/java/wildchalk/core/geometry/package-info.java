/**
 * Plane geometry of a playing surface.
 *
 * <p>Frame: metres, origin at the centre of the surface, x along its length, y across its width, +y to the left of
 * somebody who faces +x. Headings are degrees in files and in records that a file holds, counter-clockwise from +x;
 * radians only inside a calculation. Nothing here knows about time or about drills.
 */
package wildchalk.core.geometry;
