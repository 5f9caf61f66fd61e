/** Running a session: a window at arm's length whose clock goes on whatever else is done. */
package wildchalk.desktop.whistle;
