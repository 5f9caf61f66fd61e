/** What all places of the window share. */
package wildchalk.desktop.ui;
