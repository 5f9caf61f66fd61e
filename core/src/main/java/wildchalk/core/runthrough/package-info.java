/**
 * A path as it is run through once: everything that is worked out for it, so that what is shown, told and exported comes
 * from one place and is worked out once, off the thread of the windows.
 */
package wildchalk.core.runthrough;
