/** Choosing what a drill is drawn on, and laying out surfaces of one's own. */
package wildchalk.desktop.surface;
