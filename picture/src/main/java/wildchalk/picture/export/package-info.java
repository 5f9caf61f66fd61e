/**
 * A drill as a file to hand out: picture, sheet, moving picture, phone page. All of them draw with the one painter. An
 * export that takes long tells its {@link wildchalk.picture.export.Progress} and stops when that says so.
 */
package wildchalk.picture.export;
