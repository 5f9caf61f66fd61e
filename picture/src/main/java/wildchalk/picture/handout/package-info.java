/** An hour on paper: the session as a sheet with its drills behind it, cards for its stations, the script of a stand-in. */
package wildchalk.picture.handout;
