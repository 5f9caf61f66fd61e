/** The Log place: what sessions were, what weeks of them come to, and what may come next. */
package wildchalk.desktop.log;
