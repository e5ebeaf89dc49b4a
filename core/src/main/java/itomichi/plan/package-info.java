/**
 * The front door: a book as its binder wants it goes in, its plan comes out.
 *
 * <p>Read {@link itomichi.plan.BookSpec}, {@link itomichi.plan.Planner} and {@link itomichi.plan.BookPlan}, in that order. Uses everything else
 * in the core; nothing in the core uses it.
 */
@NullMarked
package itomichi.plan;

import org.jspecify.annotations.NullMarked;
