package itomichi.structure;

/**
 * A rule of thumb for thread, common practice.
 *
 * @param lowHeights the least, in heights of the book
 * @param highHeights the most
 * @param words the rule as binders say it
 */
public record ThumbRule(double lowHeights, double highHeights, String words) {

    /** One height for each signature and two besides: sewing all along. */
    static ThumbRule allAlong(int signatures) {
        return new ThumbRule(signatures + 1.0, signatures + 3.0, "as many heights as signatures, and two more");
    }

    /** The same, where two signatures share each length. */
    static ThumbRule twoOn(int lengths) {
        return new ThumbRule(lengths + 1.0, lengths + 3.0, "a height for every two signatures, and two more");
    }

    /** Where every gap is sewn twice, there and back: two heights for each signature and a bit. */
    static ThumbRule thereAndBack(int signatures) {
        return new ThumbRule(2.0 * signatures, 2.0 * signatures + 3, "twice as many heights as signatures, and a bit");
    }

    /** The middle of the rule, in heights. */
    public double heights() {
        return (lowHeights + highHeights) / 2;
    }
}
