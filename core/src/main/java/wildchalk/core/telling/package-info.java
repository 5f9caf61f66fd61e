/** What is told and when: moves that are added, forks, rules, the launch and the rotation, and delays on the beat strip. */
package wildchalk.core.telling;
