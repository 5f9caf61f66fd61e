/**
 * The talk-through: what a coach would say, written from the marks.
 *
 * <p>Sentences are structured: some {@link wildchalk.core.words.Phrase phrases} are slots that know their other choices.
 * The board makes buttons of them; everything else joins them as text, so the words are the same everywhere.
 */
package wildchalk.core.words;
