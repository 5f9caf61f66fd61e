/**
 * Setting out: carrying elements about, copying them, lining them up, patterns of gear, snapping and measuring. Functions
 * of values; nothing here knows of a pointer.
 */
package wildchalk.core.arrange;
