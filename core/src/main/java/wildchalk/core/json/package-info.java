/** Files as JSON: values that know where they stood, fields that are taken one by one, what nobody took, and text. */
package wildchalk.core.json;
