/**
 * Which way a rep goes. A version holds all its ways; a {@link wildchalk.core.path.Path} is one of them, settled: forks have
 * one branch left, contests a winner, shots their end, calls their words. What is timed, shown and told is a path; what is
 * edited and saved is a version, so that nothing of the other ways can be lost by looking at one.
 */
package wildchalk.core.path;
