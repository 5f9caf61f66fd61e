/** Writing files to hand out from the window, with progress and a way to stop. */
package wildchalk.desktop.share;
