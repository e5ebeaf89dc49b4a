package itomichi.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * How finely a length is shown: the one rounding policy of the product.
 *
 * <p>Millimetres are rounded half up to a step; inches are shown as a fraction reduced to lowest terms, or in decimals where a
 * caliper is read. A length that is not zero is never shown as zero: the next finer way of showing it is taken.
 */
public enum Fineness {
    /** Thread and other lengths cut with scissors: 1 mm, 1/8 in. */
    THREAD("1", 8),
    /** Sheets, leaves, covers: 0.5 mm, 1/16 in. */
    CUT("0.5", 16),
    /** Marks along a fold and creep: 0.1 mm, 1/32 in. */
    MARK("0.1", 32),
    /** Folded bundles, creep, holes: 0.1 mm, 0.001 in. */
    BUNDLE("0.1", 0),
    /** What a caliper reads: 0.01 mm, 0.001 in. */
    CALIPER("0.01", 0),
    /** The thickness of a single sheet: 0.001 mm, 0.0001 in. */
    HAIR("0.001", 0);

    /** Stands between a number and its unit, so that they never part at a line's end. */
    static final String THIN = "\u202f";

    private final BigDecimal stepMm;
    private final int inchParts;

    Fineness(String stepMm, int inchParts) {
        this.stepMm = new BigDecimal(stepMm);
        this.inchParts = inchParts;
    }

    /** The next finer way of showing; the finest is its own. */
    Fineness finer() {
        return switch (this) {
            case THREAD -> CUT;
            case CUT -> MARK;
            case MARK -> BUNDLE;
            case BUNDLE -> CALIPER;
            case CALIPER, HAIR -> HAIR;
        };
    }

    String show(Length length, Unit unit) {
        if (length.micrometres() < 0) {
            return "\u2212" + show(new Length(-length.micrometres()), unit);
        }
        String number = unit == Unit.MM ? millimetres(length) : inches(length);
        boolean vanished = number.matches("0(\\.0+)?") && length.micrometres() > 0;
        if (vanished && this != HAIR) {
            return finer().show(length, unit);
        }
        return number + THIN + unit.symbol();
    }

    /** The length that is read off what is shown, mm. */
    double readMm(Length length, Unit unit) {
        double parts = inchParts == 0 ? Math.pow(10, decimals()) : inchParts;
        double mm = unit == Unit.MM
                ? rounded(length).doubleValue()
                : Math.round(length.micrometres() * parts / Length.PER_INCH) / parts * Length.PER_INCH / 1000;
        boolean vanished = mm == 0 && length.micrometres() != 0 && this != HAIR;
        return vanished ? finer().readMm(length, unit) : mm;
    }

    private int decimals() {
        return this == HAIR ? 4 : 3;
    }

    private BigDecimal rounded(Length length) {
        BigDecimal steps = BigDecimal.valueOf(length.micrometres(), 3).divide(stepMm, 0, RoundingMode.HALF_UP);
        return steps.multiply(stepMm);
    }

    private String millimetres(Length length) {
        BigDecimal rounded = rounded(length);
        return rounded.stripTrailingZeros().scale() <= 0
                ? rounded.setScale(0, RoundingMode.UNNECESSARY).toPlainString()
                : rounded.toPlainString();
    }

    private String inches(Length length) {
        if (inchParts == 0) {
            return BigDecimal.valueOf(length.micrometres())
                    .divide(BigDecimal.valueOf(Length.PER_INCH), decimals(), RoundingMode.HALF_UP)
                    .toPlainString();
        }
        long parts = Math.round(length.micrometres() * (double) inchParts / Length.PER_INCH);
        long whole = parts / inchParts;
        long over = parts % inchParts;
        if (over == 0) {
            return Long.toString(whole);
        }
        long shared = Math.min(Long.lowestOneBit(over), inchParts);
        String fraction = over / shared + "/" + inchParts / shared;
        return whole == 0 ? fraction : whole + "\u00a0" + fraction;
    }
}
