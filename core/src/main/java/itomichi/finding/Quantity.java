package itomichi.finding;

import itomichi.measure.Fineness;
import itomichi.measure.Grammage;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Shown;
import itomichi.measure.Unit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/** A number with its unit, as it goes into a formula and as it is shown. */
public sealed interface Quantity {

    /** The number that goes into a formula: lengths in mm, grammage in g/m2, the rest as they are. */
    double number();

    /** The length, where it is one. */
    default Optional<Length> length() {
        return Optional.empty();
    }

    /** The quantity as text with its unit. */
    String in(Unit unit);

    /** The quantity as it stands in a sentence. */
    default Phrase phrase() {
        return Phrase.of("{}", in(Unit.MM));
    }

    /** The number that is read off what is shown. */
    double read(Unit unit);

    /** The same, shown one step finer; the finest is its own. */
    Quantity finer();

    /** The same kind of quantity with another number. */
    Quantity with(double number);

    /** Finer than this no sum is written out. */
    int MOST_DECIMALS = 5;

    /** A length. */
    record Distance(Shown shown) implements Quantity {
        @Override
        public double number() {
            return shown.length().mm();
        }

        @Override
        public Optional<Length> length() {
            return Optional.of(shown.length());
        }

        @Override
        public String in(Unit unit) {
            return shown.in(unit);
        }

        @Override
        public Phrase phrase() {
            return Phrase.of("{}", shown);
        }

        @Override
        public double read(Unit unit) {
            return shown.readMm(unit);
        }

        @Override
        public Quantity finer() {
            return new Distance(shown.finer());
        }

        @Override
        public Quantity with(double number) {
            return of(Length.ofMm(number), shown.fineness());
        }
    }

    /**
     * A count, a ratio or a quantity that has the same unit everywhere.
     *
     * @param number the number itself
     * @param unit the unit behind it, or empty
     * @param decimals decimals shown at the most
     */
    record Plain(double number, String unit, int decimals) implements Quantity {
        @Override
        public String in(Unit ignored) {
            String text = rounded().stripTrailingZeros().toPlainString();
            return unit.isEmpty() ? text : text + "\u202f" + unit;
        }

        private BigDecimal rounded() {
            return BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_UP);
        }

        @Override
        public double read(Unit ignored) {
            return rounded().doubleValue();
        }

        @Override
        public Quantity finer() {
            return decimals >= MOST_DECIMALS ? this : new Plain(number, unit, decimals + 1);
        }

        @Override
        public Quantity with(double other) {
            return new Plain(other, unit, decimals);
        }
    }

    static Quantity of(Length length, Fineness fineness) {
        return new Distance(length.at(fineness));
    }

    static Quantity of(Grammage grammage) {
        return new Plain(grammage.gsm(), "g/m\u00b2", 1);
    }

    /** A whole number of things. */
    static Quantity count(long number) {
        return new Plain(number, "", 0);
    }

    /** A number without a unit, shown to so many decimals. */
    static Quantity ratio(double number, int decimals) {
        return new Plain(number, "", decimals);
    }
}
