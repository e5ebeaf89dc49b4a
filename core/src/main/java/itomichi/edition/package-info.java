/**
 * A book made in several copies: which copy is made of what, what is done of each, what batches take, what a spoilt one needs anew. Read
 * {@link itomichi.edition.Edition} first. What copies differ in is wished in {@code spec}, what all of them use up is worked out in {@code plan}.
 *
 * <p>Uses advice, measure, finding, gathering, punching, cover, spec, plan, book.
 */
package itomichi.edition;
