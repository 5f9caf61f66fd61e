/** How far long work is, and whether it shall go on. */
package wildchalk.core.progress;
