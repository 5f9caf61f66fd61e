/** How things look: colours of the two grounds, fonts, and the code of strokes. */
package wildchalk.picture.style;
