/** An hour: blocks of minutes with drills at stations, who is where, what it takes, and what does not go together. */
package wildchalk.core.session;
