/**
 * From stock sheets to the sheets that are folded: how many come out of one, by which cuts, with the grain which way.
 *
 * <p>Read {@link itomichi.cutting.Cutter} first; {@link itomichi.cutting.StockCutter} cuts pieces of many sizes out of several kinds of sheet. A stock sheet's origin is its upper left corner, x runs right and y down.
 *
 * <p>Uses measure, material.
 */
@NullMarked
package itomichi.cutting;

import org.jspecify.annotations.NullMarked;
