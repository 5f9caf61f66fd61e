/** Running a session: what is pressed, as a list; what that comes to at any moment; and a clock that nothing upsets. */
package wildchalk.core.whistle;
