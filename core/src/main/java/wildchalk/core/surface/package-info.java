/**
 * Playing surfaces, true to scale: outline, markings, named points ({@link wildchalk.core.surface.Landmark landmarks}),
 * named regions ({@link wildchalk.core.surface.Zone zones}), goals and the parts that can be shown
 * ({@link wildchalk.core.surface.View views}).
 *
 * <p>The team in possession attacks +x in every name: "left corner" is at +x and +y, "own left corner" at -x and +y.
 * Figures are those of the public rule books, named at each surface; where an edition may differ the comment says so.
 */
package wildchalk.core.surface;
