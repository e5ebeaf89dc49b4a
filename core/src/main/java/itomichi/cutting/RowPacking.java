package itomichi.cutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Packs pieces of few widths into the fewest rows: bin packing of one dimension.
 *
 * <p>By dynamic programming over how many of each width are still wanted, trying every row that could take no further piece; exact. Where
 * that table would be too large, by first fit of the widest first, which is then said not to be proven the fewest. Cost: states times
 * patterns, at most {@value #MOST_STATES} states.
 */
final class RowPacking {

    /** About what 20 ms take. */
    private static final int MOST_STATES = 60_000;

    private static final int MOST_PATTERNS = 400;

    private final long[] widths;
    private final int[] wanted;
    private final long room;

    private RowPacking(long[] widths, int[] wanted, long room) {
        this.widths = widths;
        this.wanted = wanted;
        this.room = room;
    }

    /**
     * PackedRows of pieces.
     *
     * @param rows for each row how many of each width
     * @param fewest whether fewer rows are proven impossible
     */
    record PackedRows(List<int[]> rows, boolean fewest) {}

    /**
     * The fewest rows.
     *
     * @param widths of the pieces, each at most the room
     * @param wanted how many of each
     * @param room width of a row
     */
    static PackedRows pack(long[] widths, int[] wanted, long room) {
        RowPacking packing = new RowPacking(widths, wanted, room);
        if (widths.length == 1) {
            return packing.oneWidth();
        }
        long states = 1;
        for (int count : wanted) {
            states *= count + 1L;
            if (states > MOST_STATES) {
                return packing.firstFit();
            }
        }
        List<int[]> patterns = packing.patterns();
        return patterns.size() > MOST_PATTERNS ? packing.firstFit() : packing.exact((int) states, patterns);
    }

    private PackedRows oneWidth() {
        int each = (int) (room / widths[0]);
        List<int[]> rows = new ArrayList<>();
        for (int left = wanted[0]; left > 0; left -= each) {
            rows.add(new int[] {Math.min(each, left)});
        }
        return new PackedRows(rows, true);
    }

    /** Every row that takes no further piece. */
    private List<int[]> patterns() {
        List<int[]> found = new ArrayList<>();
        fill(new int[widths.length], 0, room, found);
        return found;
    }

    private void fill(int[] row, int kind, long left, List<int[]> found) {
        if (kind == widths.length) {
            boolean full = true;
            for (int i = 0; i < widths.length; i++) {
                full &= row[i] >= wanted[i] || widths[i] > left;
            }
            if (full) {
                found.add(row.clone());
            }
            return;
        }
        for (int count = (int) Math.min(wanted[kind], left / widths[kind]); count >= 0; count--) {
            row[kind] = count;
            fill(row, kind + 1, left - count * widths[kind], found);
        }
        row[kind] = 0;
    }

    private PackedRows exact(int states, List<int[]> patterns) {
        int[] step = new int[widths.length];
        int size = 1;
        for (int i = 0; i < widths.length; i++) {
            step[i] = size;
            size *= wanted[i] + 1;
        }
        int[] rows = new int[states];
        int[] by = new int[states];
        int[] left = new int[widths.length];
        for (int state = 1; state < states; state++) {
            for (int i = 0; i < widths.length; i++) {
                left[i] = state / step[i] % (wanted[i] + 1);
            }
            rows[state] = Integer.MAX_VALUE;
            for (int p = 0; p < patterns.size(); p++) {
                int after = state;
                for (int i = 0; i < widths.length; i++) {
                    after -= step[i] * Math.min(left[i], patterns.get(p)[i]);
                }
                if (after < state && rows[after] + 1 < rows[state]) {
                    rows[state] = rows[after] + 1;
                    by[state] = p;
                }
            }
        }
        return new PackedRows(readBack(states - 1, step, by, patterns), true);
    }

    private List<int[]> readBack(int state, int[] step, int[] by, List<int[]> patterns) {
        List<int[]> rows = new ArrayList<>();
        while (state > 0) {
            int[] row = new int[widths.length];
            int after = state;
            for (int i = 0; i < widths.length; i++) {
                int left = state / step[i] % (wanted[i] + 1);
                row[i] = Math.min(left, patterns.get(by[state])[i]);
                after -= step[i] * row[i];
            }
            rows.add(row);
            state = after;
        }
        rows.sort(Arrays::compare);
        return rows;
    }

    private PackedRows firstFit() {
        Integer[] widest = new Integer[widths.length];
        Arrays.setAll(widest, i -> i);
        Arrays.sort(widest, Comparator.comparingLong(i -> -widths[i]));
        List<int[]> rows = new ArrayList<>();
        List<Long> left = new ArrayList<>();
        long all = 0;
        for (int kind : widest) {
            int open = 0;
            for (int piece = 0; piece < wanted[kind]; piece++) {
                all += widths[kind];
                while (open < rows.size() && left.get(open) < widths[kind]) {
                    open++;
                }
                if (open == rows.size()) {
                    rows.add(new int[widths.length]);
                    left.add(room);
                }
                rows.get(open)[kind]++;
                left.set(open, left.get(open) - widths[kind]);
            }
        }
        rows.sort(Arrays::compare);
        return new PackedRows(rows, rows.size() <= (all + room - 1) / room);
    }
}
