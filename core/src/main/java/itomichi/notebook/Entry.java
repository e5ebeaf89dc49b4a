package itomichi.notebook;

import itomichi.finding.Quantity;
import itomichi.measure.Phrase;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A line of a book's page: as it was planned, and as it came out.
 *
 * @param key a name that does not change, kept with what was written
 * @param group what it belongs to
 * @param name what it is
 * @param planned as it was worked out; where nothing was, the least that it can be
 * @param foreseen whether it was worked out
 * @param came what came out, in the unit of the plan; nothing where nobody told
 * @param origin where that comes from
 */
public record Entry(
        String key, Group group, Phrase name, Quantity planned, boolean foreseen, OptionalDouble came, Origin origin) {

    /** What a line belongs to. */
    public enum Group {
        /** The sewn block, measured at its cover. */
        BLOCK,
        THREAD,
        WASTE,
        MINUTES
    }

    /** Where what came out comes from. */
    public enum Origin {
        /** From the stage where it is measured; it is changed there. */
        STAGE,
        /** From the begin and end of a step; what is written here wins. */
        CLOCK,
        /** Written here. */
        WRITTEN
    }

    /** What came out, shown as finely as what was planned. */
    public Optional<Quantity> shown() {
        return came.isPresent() ? Optional.of(planned.with(came.getAsDouble())) : Optional.empty();
    }

    /** By what share of the plan it came out otherwise, for instance 0.1 for a tenth more; nothing where there is nothing to compare. */
    public OptionalDouble off() {
        return foreseen && came.isPresent() && planned.number() > 0
                ? OptionalDouble.of(came.getAsDouble() / planned.number() - 1)
                : OptionalDouble.empty();
    }

    /** The same with what came out. */
    Entry came(double number, Origin from) {
        return new Entry(key, group, name, planned, foreseen, OptionalDouble.of(number), from);
    }
}
