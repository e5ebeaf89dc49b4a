/**
 * Finding a sewing order: one thread that leaves exactly the wanted stitches, going through a hole after each of them.
 *
 * <p>Read {@link itomichi.order.EulerTrail} first: a question in, an order or the reason why there is none out. {@link
 * itomichi.order.Completion} names the cheapest stitches to add where there is none; recovery asks it for the way back from a
 * wrong hole.
 *
 * <p>Uses path.
 */
@NullMarked
package itomichi.order;

import org.jspecify.annotations.NullMarked;
