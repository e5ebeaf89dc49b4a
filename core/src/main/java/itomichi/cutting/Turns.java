package itomichi.cutting;

/**
 * What is tried otherwise from one time to the next: a row of numbers that looks thrown and is always the same, so that the same wish
 * gives the same plan. The row is the linear congruential one of Knuth's MMIX (The Art of Computer Programming, volume 2, 3.3.4; from memory).
 */
final class Turns {

    private static final long TIMES = 6364136223846793005L;
    private static final long PLUS = 1442695040888963407L;

    private final double spread;
    private long at;

    private Turns(long seed, double spread) {
        this.at = seed * TIMES + PLUS;
        this.spread = spread;
    }

    /** Nothing is tried otherwise. */
    static Turns none() {
        return new Turns(0, 0);
    }

    /**
     * The turns of a pass.
     *
     * @param pass which one
     * @param spread how far values are taken for more or less, 0 to 1
     */
    static Turns of(int pass, double spread) {
        return new Turns(pass, spread);
    }

    /** About one. */
    double about() {
        return spread == 0 ? 1 : 1 + spread * (next() - 0.5);
    }

    /** Whether to do it the other way: once in so many times. */
    boolean now(int often) {
        return spread != 0 && next() * often < 1;
    }

    private double next() {
        at = at * TIMES + PLUS;
        return (at >>> 11) * 0x1.0p-53;
    }
}
