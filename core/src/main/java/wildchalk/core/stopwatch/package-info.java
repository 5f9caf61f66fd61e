/** What stopped times say about the pace of those who ran: a middle that one slip does not move, and how sure it is. */
package wildchalk.core.stopwatch;
