package itomichi.server.lookover;

import itomichi.finding.Stage;
import itomichi.server.plan.InUnits;
import org.jspecify.annotations.Nullable;

/**
 * Something to look at on a book, and what was found.
 *
 * @param look what should be seen
 * @param measure what is measured; left out where it is only looked at
 * @param mend what can still be done where it is not so
 * @param later what it costs later
 * @param found what was found; left out while nobody looked
 */
record CheckView(
        String key,
        Stage stage,
        InUnits look,
        @Nullable CheckMeasure measure,
        InUnits mend,
        InUnits later,
        @Nullable CheckFound found) {

    /**
     * What is measured: as planned, and from what to what it is good.
     *
     * @param tolerance how far off is still good
     * @param own whether that is its binder's own; else it is common practice
     */
    record CheckMeasure(InUnits planned, InUnits low, InUnits high, InUnits tolerance, boolean own) {}

    /** What was found. */
    record CheckFound(boolean good, @Nullable InUnits measured) {}
}
