package itomichi.gathering;

/**
 * The back of a book: left as it is sewn, or hammered round before it is cased. Limits are common practice, no published source.
 */
public enum Back {
    /** Flat, soft or exposed: the less the spine is thicker, the better the book closes. */
    FLAT(12, 20),
    /** A round wants a quarter to a third of thread in it. */
    ROUNDED(12, 35);

    private final double notedPercent;
    private final double mostPercent;

    Back(double notedPercent, double mostPercent) {
        this.notedPercent = notedPercent;
        this.mostPercent = mostPercent;
    }

    /** A flat back is looked at from here on; under it a round one has little to round. */
    public double notedPercent() {
        return notedPercent;
    }

    /** From here on the spine is too thick. */
    public double mostPercent() {
        return mostPercent;
    }
}
