/** What was done in a session, and what weeks of it say. */
package wildchalk.core.log;
