package itomichi.gathering;

/**
 * How a book's sheets lie.
 *
 * @param folded whether they are folded in signatures, or lie singly
 * @param fewest signatures at least
 * @param most signatures at most
 * @param comfort how thick a signature may well be
 */
public record Form(boolean folded, int fewest, int most, Comfort comfort) {

    /** More than any hand would sew. */
    public static final int MOST_SIGNATURES = 1000;

    /** One signature. */
    public static final Form ONE = new Form(true, 1, 1, Comfort.ALONE);
    /** Single sheets. */
    public static final Form LOOSE = new Form(false, 1, 1, Comfort.ALONE);

    /** Signatures sewn to each other, from so many upwards. */
    public static Form from(int fewest) {
        return new Form(true, fewest, MOST_SIGNATURES, Comfort.AMONG_OTHERS);
    }

    /** Signatures that hang in a cover, each by itself or in pairs. */
    public static Form between(int fewest, int most) {
        return new Form(true, fewest, most, Comfort.AMONG_OTHERS);
    }
}
