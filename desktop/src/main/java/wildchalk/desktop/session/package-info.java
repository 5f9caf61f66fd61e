/** The Session place: an hour as a ribbon of time, what stands on the floor, who is where, and what it comes to. */
package wildchalk.desktop.session;
