/** Hands an hour out over a link to each: a small server of this computer, which keeps private what is private. Opens no window. */
package wildchalk.desktop.serve;
