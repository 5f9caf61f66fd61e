/** What is put into whose hand, in words: a card of a station, the script of a stand-in, a player's own part of an hour. */
package wildchalk.core.handout;
