/** Weeks of sessions together: what was done, who got what, what was left, and what may come next. */
package wildchalk.core.season;
