package itomichi.lookover;

import itomichi.finding.Stage;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.Optional;

/**
 * Something that is looked at or measured before the next stage.
 *
 * @param key a name that does not change, kept with what was found
 * @param stage at whose end it is looked at
 * @param look what should be seen
 * @param measure what is measured; nothing where it is only looked at
 * @param mend what can still be done at this stage where it is not so
 * @param later what it costs later where nothing is done
 */
public record Check(String key, Stage stage, Phrase look, Optional<Measure> measure, Phrase mend, Phrase later) {

    /**
     * What is measured.
     *
     * @param planned as it was worked out
     * @param low the least that is good
     * @param high the most that is good
     * @param fineness how finely it is measured
     * @param own whether how far off is still good is its binder's own; else it is common practice
     */
    public record Measure(Length planned, Length low, Length high, Fineness fineness, boolean own) {

        /** As is common practice. */
        public Measure(Length planned, Length low, Length high, Fineness fineness) {
            this(planned, low, high, fineness, false);
        }

        /** So much more or less than planned is good. */
        static Measure about(Length planned, Length tolerance, Fineness fineness) {
            Length least = planned.minus(tolerance);
            return new Measure(
                    planned, least.micrometres() < 0 ? Length.ZERO : least, planned.plus(tolerance), fineness);
        }

        /** The same where so much more or less is good to its binder. */
        Measure within(Length tolerance) {
            Measure about = about(planned, tolerance, fineness);
            return new Measure(planned, about.low, about.high, fineness, true);
        }

        /** How far off is still good: the wider of both sides. */
        public Length tolerance() {
            Length below = planned.minus(low);
            Length above = high.minus(planned);
            return below.isMoreThan(above) ? below : above;
        }

        /** Whether it is good as it was measured. */
        public boolean good(Length measured) {
            return !measured.isLessThan(low) && !measured.isMoreThan(high);
        }
    }

    /** The same where so much more or less than planned is good to its binder; what is only looked at stays as it is. */
    public Check within(Length tolerance) {
        return new Check(key, stage, look, measure.map(is -> is.within(tolerance)), mend, later);
    }

    static Check look(String key, Stage stage, String look, String mend, String later) {
        return new Check(key, stage, Phrase.of(look), Optional.empty(), Phrase.of(mend), Phrase.of(later));
    }

    static Check measure(String key, Stage stage, String look, Measure measure, String mend, String later) {
        return new Check(key, stage, Phrase.of(look), Optional.of(measure), Phrase.of(mend), Phrase.of(later));
    }
}
