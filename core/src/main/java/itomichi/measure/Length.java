package itomichi.measure;

/**
 * A length, signed, held as whole micrometres so that sums of lengths are exact.
 *
 * <p>One inch is 25.4 mm exactly (international yard and pound agreement, 1959); a sixteenth of an inch is therefore held to within
 * half a micrometre.
 *
 * @param micrometres the length in micrometres; negative only for differences
 */
public record Length(long micrometres) implements Comparable<Length> {

    /** Micrometres in an inch: the definition of 1959, exact. */
    static final long PER_INCH = 25_400;

    /** No length at all. */
    public static final Length ZERO = new Length(0);

    /**
     * The length of so many millimetres, to the nearest micrometre.
     *
     * @throws IllegalArgumentException if it is no finite number, or over 10¹²
     */
    public static Length ofMm(double mm) {
        if (!Double.isFinite(mm) || Math.abs(mm) > 1e12) {
            throw new IllegalArgumentException("A length must be a finite number of mm; read " + mm);
        }
        return new Length(Math.round(mm * 1000));
    }

    /** The length of so many inches, to the nearest micrometre. */
    public static Length ofInches(double inches) {
        return ofMm(Math.round(inches * PER_INCH) / 1000.0);
    }

    /** This length in millimetres. */
    public double mm() {
        return micrometres / 1000.0;
    }

    /** This length in inches. */
    public double inches() {
        return micrometres / (double) PER_INCH;
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(micrometres, other.micrometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(micrometres, other.micrometres));
    }

    /** This length times a factor, to the nearest micrometre. */
    public Length times(double factor) {
        return ofMm(mm() * factor);
    }

    public boolean isLessThan(Length other) {
        return compareTo(other) < 0;
    }

    public boolean isMoreThan(Length other) {
        return compareTo(other) > 0;
    }

    /** This length, to be shown as finely as given. */
    public Shown at(Fineness fineness) {
        return new Shown(this, fineness);
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(micrometres, other.micrometres);
    }

    @Override
    public String toString() {
        return mm() + " mm";
    }
}
