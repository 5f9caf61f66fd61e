/**
 * One painter for the screen and for every export: a drill at one moment, drawn with {@link java.awt.Graphics2D}.
 *
 * <p>Places are metres until {@link wildchalk.picture.paint.Viewport} turns them into pixels, y upwards until then.
 * Marks have sizes in units of the picture, so that a sheet, a phone and the board look alike.
 */
package wildchalk.picture.paint;
