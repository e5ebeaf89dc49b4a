package itomichi.schedule;

import itomichi.measure.Phrase;

/**
 * How hands become quicker at copies of one book: the n-th takes n to the power of log₂ p of what the first took, so that p of the time is left
 * at twice the number. The power law of practice, published 1936 for the making of aircraft (its unit form, from memory); its rate for this
 * work is common practice, no published source, or the binder's own.
 */
public final class Practice {

    /** Of the time, where nobody becomes quicker. */
    public static final int ALL = 100;

    /** One copy, which takes what it takes. */
    public static final Practice ONE = of(1, ALL);

    private final int copies;
    private final int percent;
    private final double inAll;

    private Practice(int copies, int percent, double inAll) {
        this.copies = copies;
        this.percent = percent;
        this.inAll = inAll;
    }

    /**
     * So many copies.
     *
     * @param copies made one after the other, at least one
     * @param percent of the time that is left at twice the number; 100 where nobody becomes quicker
     * @throws IllegalArgumentException if there is no copy, or no time is left
     */
    public static Practice of(int copies, int percent) {
        if (copies < 1 || percent < 1 || percent > ALL) {
            throw new IllegalArgumentException(
                    "Copies are at least one, and of the time 1 to 100 % are left; read " + copies + ", " + percent);
        }
        double sum = 0;
        for (int n = 1; n <= copies; n++) {
            sum += unit(n, percent);
        }
        return new Practice(copies, percent, sum);
    }

    /** What the n-th copy takes of the first one's time. */
    public static double unit(int n, int percent) {
        return Math.pow(n, Math.log(percent / (double) ALL) / Math.log(2));
    }

    /** Copies that are made. */
    public int copies() {
        return copies;
    }

    /** What all copies take, counted in what the first takes. */
    public double inAll() {
        return inAll;
    }

    /** What a copy takes of the first one's time, all of them together. */
    public double share() {
        return inAll / copies;
    }

    /** What is said of it beside a time. */
    public Phrase told() {
        return Phrase.of(
                "{} copies: at twice the number {}\u202f% of the time is left for each, by the power law of practice (published 1936, from memory; its rate is common practice or your own).",
                copies, percent);
    }
}
