package itomichi.station;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;

/**
 * Whether a sheet of another size is caught by the holes through the side of a block.
 *
 * @param caught whether it holds
 * @param byHoles numbers of the holes that go through it with paper enough about them
 * @param reaches what it must at least reach to from the spine edge
 * @param words what it covers or lacks
 */
public record Catching(boolean caught, List<Integer> byHoles, Length reaches, Phrase words) {

    /** Paper that must stand past a hole so that it does not tear out: common practice. */
    static final Length PAST = Length.ofMm(5);
    /** Fewer holes, and the sheet turns about the thread: common practice. */
    private static final int FEWEST = 2;

    /**
     * Looks at a sheet laid against the spine edge.
     *
     * @param holes of the block
     * @param height of the block
     * @param sheetWidth width of the sheet
     * @param sheetHeight its height
     * @param level where it is brought level with the block
     */
    public static Catching of(List<SideHole> holes, Length height, Length sheetWidth, Length sheetHeight, Level level) {
        Length head = level.headBelow(height, sheetHeight);
        Length tail = head.plus(sheetHeight);
        List<Integer> by = new java.util.ArrayList<>();
        Length main = Length.ZERO;
        for (int i = 0; i < holes.size(); i++) {
            SideHole hole = holes.get(i);
            main = hole.fromSpine().isMoreThan(main) ? hole.fromSpine() : main;
            boolean wide = !sheetWidth.isLessThan(hole.fromSpine().plus(PAST));
            boolean high = !hole.fromHead().isLessThan(head.plus(StationFault.END_LEAST))
                    && !hole.fromHead().isMoreThan(tail.minus(StationFault.END_LEAST));
            if (wide && high) {
                by.add(i + 1);
            }
        }
        Length reaches = main.plus(PAST);
        boolean caught = by.size() >= FEWEST;
        Phrase words = caught
                ? Phrase.of("caught by holes {}", named(by))
                : sheetWidth.isLessThan(reaches)
                        ? Phrase.of(
                                "not caught: it must reach {} from the spine edge; hinge it on a strip that does",
                                reaches.at(Fineness.MARK))
                        : Phrase.of("not caught: it covers {} of the holes, two at least are wanted", by.size());
        return new Catching(caught, List.copyOf(by), reaches, words);
    }

    private static String named(List<Integer> holes) {
        return holes.stream().map(String::valueOf).collect(java.util.stream.Collectors.joining(", "));
    }
}
