/**
 * Reading and writing: the only package of core that touches files.
 *
 * <p>Files are UTF-8 JSON, one record each, described by the schemas beside this package and by {@code docs/format.md}.
 * Fields that this version does not know survive a read and a write: they are kept as
 * {@link wildchalk.core.binder.Extras} beside the value. A file that cannot be understood is a
 * {@link wildchalk.core.binder.FormatProblem} that says where and what was expected; it is never overwritten.
 */
package wildchalk.core.binder;
