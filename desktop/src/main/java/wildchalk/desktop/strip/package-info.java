/** The beat strip under the board: a lane for each role and each ball on an axis of seconds. */
package wildchalk.desktop.strip;
