package itomichi.measure;

/**
 * Mass of paper for its area, ISO 536.
 *
 * @param milligramsPerM2 grammage in mg/m2
 */
public record Grammage(long milligramsPerM2) {

    /**
     * The grammage of so many g/m2, to the nearest mg/m2.
     *
     * @throws IllegalArgumentException if it is no finite number, or over a thousand million
     */
    public static Grammage ofGsm(double gsm) {
        if (!Double.isFinite(gsm) || Math.abs(gsm) > 1e9) {
            throw new IllegalArgumentException("A paper's weight must be a finite number of g/m2; read " + gsm);
        }
        return new Grammage(Math.round(gsm * 1000));
    }

    /** The grammage of a paper of which 500 sheets of its kind's basic size weigh so many pounds. */
    public static Grammage ofPounds(double pounds, PoundKind kind) {
        return ofGsm(pounds * PoundKind.GRAMS_PER_POUND / (PoundKind.SHEETS * kind.basicSheetM2()));
    }

    /** Grammage in g/m2. */
    public double gsm() {
        return milligramsPerM2 / 1000.0;
    }

    /** Grammage in whole g/m2 (one decimal when it is not whole) with its unit. */
    public String shown() {
        double tenths = Math.round(gsm() * 10) / 10.0;
        String number = tenths == Math.rint(tenths) ? Long.toString((long) tenths) : Double.toString(tenths);
        return number + Fineness.THIN + "g/m\u00b2";
    }
}
