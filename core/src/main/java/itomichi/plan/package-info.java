/**
 * What is worked out of a book, before anything is said of it: a line of values, each made from those before it.
 *
 * <p>Read {@link itomichi.plan.WorkedBook} first: sheets are gathered, holes get their places, the thread its order, the holes their
 * widths, the thread its lengths. {@link itomichi.plan.Figures} gathers the figures of the band from it.
 *
 * <p>Uses measure, finding, habit, material, gathering, cutting, station, punching, path, structure, cover, schedule, advice, spec.
 */
@NullMarked
package itomichi.plan;

import org.jspecify.annotations.NullMarked;
