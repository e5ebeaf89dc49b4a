/**
 * The front door: a book as its binder wants it goes in, its plan comes out.
 *
 * <p>Read {@link itomichi.spec.BookSpec}, {@link itomichi.book.Planner} and {@link itomichi.book.BookPlan}, in that order.
 *
 * <p>Uses measure, finding, material, gathering, cutting, punching, path, structure, cover, spec, schedule, advice, plan, remarks.
 */
@NullMarked
package itomichi.book;

import org.jspecify.annotations.NullMarked;
