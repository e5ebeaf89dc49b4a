/**
 * Finding a sewing order: one thread that leaves exactly the wanted stitches, going through a hole after each of them.
 *
 * <p>Read {@link itomichi.order.Orders} first: a question in, an order or the reason why there is none out. {@link
 * itomichi.order.Completion} names the cheapest stitches to add where there is none, {@link itomichi.order.WayBack} leads back from a
 * wrong hole. Uses {@code path}, {@code station} and {@code measure}.
 */
@NullMarked
package itomichi.order;

import org.jspecify.annotations.NullMarked;
