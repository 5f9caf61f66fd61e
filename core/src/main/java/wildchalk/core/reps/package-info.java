/**
 * Rep after rep with people in it: who plays which role when, who walks where, who stands in which line. Functions of one path
 * and its timeline; nothing here is drawn.
 */
package wildchalk.core.reps;
