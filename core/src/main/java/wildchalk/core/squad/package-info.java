/** Who there is: people with what a coach has to know of them, and fair groups of them. Names stay here; all else has ids. */
package wildchalk.core.squad;
