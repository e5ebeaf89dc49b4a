package itomichi.cover;

import itomichi.finding.Quantity;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Shown;
import java.util.Optional;

/**
 * A measure of the sewn block: as it was measured, else as it is planned.
 *
 * @param name what it is, for instance {@code height of the block}
 * @param fineness how finely it is shown
 * @param planned as it was worked out
 * @param low the least that was to be expected
 * @param high the most that was to be expected
 * @param measured as it was measured on the block; nothing where nobody did
 */
public record Dimension(
        String name, Fineness fineness, Length planned, Length low, Length high, Optional<Length> measured) {

    /** A point that slipped makes it ten times as much; a block is never five times what was planned for another reason. */
    private static final double SLIP = 5;

    /** As it is taken. */
    public Length length() {
        return measured.orElse(planned);
    }

    /** What it is and where it comes from, for a working. */
    String meaning() {
        return name + (measured.isPresent() ? ", as measured" : ", as planned");
    }

    /** A length, shown as finely as this is measured. */
    public Shown shown(Length length) {
        return length.at(fineness);
    }

    Quantity at(Fineness fineness) {
        return Quantity.of(length(), fineness);
    }

    /** Whether what was measured lies outside of what was to be expected. */
    public boolean unexpected() {
        return measured.filter(length -> low.isMoreThan(length) || length.isMoreThan(high))
                .isPresent();
    }

    /** Whether what was measured is so far from the plan, a tenth of it or ten times as much, that a point slipped. */
    public boolean slipped() {
        return measured.filter(length -> slipped(planned, length)).isPresent();
    }

    /** Whether a measure is so far from the plan that a point slipped. */
    public static boolean slipped(Length planned, Length measured) {
        return planned.mm() > 0 && (measured.mm() >= planned.mm() * SLIP || measured.mm() <= planned.mm() / SLIP);
    }
}
