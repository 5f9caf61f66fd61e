/**
 * The command line. Commands call only core and picture; no window is opened by them. Exit codes: 0 well, 1 a finding that
 * stops the drill, 2 bad input, with one line on standard error that says what, where and how to mend it.
 */
package wildchalk.desktop.command;
