/** Every word that the tool says itself, from resource bundles, so that another language is another file. */
package wildchalk.core.text;
