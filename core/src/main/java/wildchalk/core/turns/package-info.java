/**
 * How everybody gets more turns: what could be done otherwise is tried with the people who are there, and told with what it gains
 * and what gets worse.
 */
package wildchalk.core.turns;
