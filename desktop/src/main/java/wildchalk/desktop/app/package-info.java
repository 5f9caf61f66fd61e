/** The window: start, the bar at the top, and the places below it. */
package wildchalk.desktop.app;
