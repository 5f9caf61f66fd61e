/** What is wrong, risky or unclear in a drill, said with its place, its moment and its figures. Findings inform; they never block. */
package wildchalk.core.finding;
