package itomichi.cutting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.HashMap;
import java.util.Map;
import org.testng.annotations.Test;

public class RowPackingTest {

    private static final Draw<Integer> WIDTH = Draw.between(20, 99);
    private static final Draw<Integer> FEW = Draw.between(1, 5);

    /** Against brute force: every way of filling a row is tried for what is left, without the idea of full rows. */
    @Test
    public void noFewerRowsThanBruteForceFinds() {
        Property.holdsFor(150).of(WIDTH, WIDTH, FEW, FEW, (one, other, ones, others) -> {
            long[] widths = {one, other};
            RowPacking.PackedRows packed = RowPacking.pack(widths, new int[] {ones, others}, 100);
            return packed.fewest() && packed.rows().size() == fewest(widths, ones, others, new HashMap<>());
        });
    }

    private static int fewest(long[] widths, int ones, int others, Map<Integer, Integer> known) {
        if (ones == 0 && others == 0) {
            return 0;
        }
        Integer already = known.get(ones * 100 + others);
        if (already != null) {
            return already;
        }
        int best = Integer.MAX_VALUE;
        for (int a = 0; a <= ones; a++) {
            for (int b = 0; b <= others; b++) {
                if (a + b > 0 && a * widths[0] + b * widths[1] <= 100) {
                    best = Math.min(best, 1 + fewest(widths, ones - a, others - b, known));
                }
            }
        }
        known.put(ones * 100 + others, best);
        return best;
    }

    @Test
    public void everyRowFitsAndEveryPieceIsPacked() {
        Property.holdsFor(150).of(WIDTH, WIDTH, FEW, FEW, (one, other, ones, others) -> {
            long[] widths = {one, other};
            int[] packed = new int[2];
            for (int[] row :
                    RowPacking.pack(widths, new int[] {ones, others}, 100).rows()) {
                if (row[0] * widths[0] + row[1] * widths[1] > 100) {
                    return false;
                }
                packed[0] += row[0];
                packed[1] += row[1];
            }
            return packed[0] == ones && packed[1] == others;
        });
    }

    @Test
    public void oneWidthFillsEveryRowButTheLast() {
        var rows = RowPacking.pack(new long[] {30}, new int[] {10}, 100).rows();
        assertEquals(rows.stream().map(row -> row[0]).toList(), java.util.List.of(3, 3, 3, 1));
    }

    @Test
    public void aTableTooLargeIsPackedAllTheSameAndNotCalledTheFewest() {
        // five widths, forty of each: more states than the table takes
        long[] widths = {11, 13, 17, 19, 23};
        int[] wanted = {40, 40, 40, 40, 40};
        RowPacking.PackedRows packed = RowPacking.pack(widths, wanted, 100);
        int least = (11 + 13 + 17 + 19 + 23) * 40 / 100;
        assertTrue(
                packed.rows().size() >= least && packed.rows().size() <= least + 3,
                packed.rows().size() + " rows");
        assertEquals(packed.fewest(), packed.rows().size() <= least + 1);
    }

    @Test
    public void aTableOfThreeWidthsIsExact() {
        assertTrue(RowPacking.pack(new long[] {60, 45, 35}, new int[] {20, 20, 20}, 100)
                .fewest());
        assertFalse(RowPacking.pack(new long[] {60, 45, 35}, new int[] {20, 20, 20}, 100)
                .rows()
                .isEmpty());
    }
}
