package itomichi.finding;

import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.measure.Unit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a figure came about, such that it can be checked with a pencil.
 *
 * @param formula the formula
 * @param terms what went into it, by its letter
 * @param result what came out of it
 * @param source where the formula comes from
 * @param range the least and the most it may turn out to be, where that is known
 * @param notes what else is to be said, such as a rule of thumb to compare with
 */
public record Working(
        Formula formula,
        Map<String, Term> terms,
        Quantity result,
        Source source,
        Optional<Range> range,
        List<Phrase> notes) {

    /** Terms are written at most so many steps finer than they are shown by themselves. */
    private static final int FINEST = 5;

    public Working {
        terms = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(terms));
        notes = List.copyOf(notes);
    }

    /** A letter's meaning and value. */
    public record Term(String meaning, Quantity value) {}

    /**
     * A working written out.
     *
     * @param sum with its numbers, as {@link #sum(Unit)} tells it
     * @param terms as finely as the sum writes them, by their letters
     */
    public record Written(String sum, Map<String, Quantity> terms) {
        /**
         * A term by its letter.
         *
         * @throws IllegalArgumentException if there is none
         */
        public Quantity term(String symbol) {
            Quantity term = terms.get(symbol);
            if (term == null) {
                throw new IllegalArgumentException("There is no term for " + symbol + " in " + sum);
            }
            return term;
        }
    }

    /** The least and the most. */
    public record Range(Quantity low, Quantity high) {}

    /**
     * The result as a length.
     *
     * @throws IllegalStateException if it is not one
     */
    public Length length() {
        return result.length()
                .orElseThrow(() -> new IllegalStateException(
                        "The result of " + formula.text() + ", " + result.in(Unit.MM) + ", is not a length"));
    }

    /** The least it may turn out to be, where that is known and is a length. */
    public Optional<Length> low() {
        return range.flatMap(known -> known.low().length());
    }

    /** The most it may turn out to be, where that is known and is a length. */
    public Optional<Length> high() {
        return range.flatMap(known -> known.high().length());
    }

    /** Begins a working by its formula. */
    public static Builder by(Formula formula) {
        return new Builder(formula);
    }

    private Term term(String symbol) {
        Term term = terms.get(symbol);
        if (term == null) {
            throw new IllegalArgumentException("The formula " + formula.text() + " has no term for " + symbol);
        }
        return term;
    }

    /**
     * The sum with its numbers written in, for instance {@code 2 × 8 × 0.156 mm = 2.5 mm}: as finely as it takes for a pencil to come to
     * the result that is shown.
     */
    public String sum(Unit unit) {
        return written(unit).sum();
    }

    /** The sum, and its terms as finely as it writes them. */
    public Written written(Unit unit) {
        Map<String, Quantity> written = fineEnough(unit);
        String sum = formula.written(symbol ->
                        written.getOrDefault(symbol, term(symbol).value()).in(unit)) + " = ";
        boolean metricInside = unit == Unit.INCH
                && result.length().isPresent()
                && terms.values().stream()
                        .allMatch(term -> term.value().length().isEmpty());
        return new Written(
                metricInside ? sum + result.in(Unit.MM) + " = " + result.in(unit) : sum + result.in(unit), written);
    }

    private Map<String, Quantity> fineEnough(Unit unit) {
        Map<String, Quantity> written = new HashMap<>();
        terms.forEach((symbol, term) -> written.put(symbol, term.value()));
        for (int finer = 0; finer < FINEST && !comesOut(written, unit); finer++) {
            written.replaceAll((symbol, value) -> value.finer());
        }
        return written;
    }

    private boolean comesOut(Map<String, Quantity> written, Unit unit) {
        double byPencil = formula.evaluate(
                symbol -> written.getOrDefault(symbol, term(symbol).value()).read(unit));
        return result.with(byPencil).in(unit).equals(result.in(unit));
    }

    /** Gathers the terms of a formula and works it out. */
    public static final class Builder {
        private final Formula formula;
        private final Map<String, Term> terms = new LinkedHashMap<>();
        private final List<Phrase> notes = new ArrayList<>();
        private Optional<Range> range = Optional.empty();
        private Source source = Source.GEOMETRY;

        private Builder(Formula formula) {
            this.formula = formula;
        }

        public Builder with(String symbol, String meaning, Quantity value) {
            terms.put(symbol, new Term(meaning, value));
            return this;
        }

        public Builder from(Source given) {
            this.source = given;
            return this;
        }

        public Builder note(Phrase note) {
            notes.add(note);
            return this;
        }

        public Builder between(Quantity low, Quantity high) {
            range = Optional.of(new Range(low, high));
            return this;
        }

        /**
         * Works the formula out.
         *
         * @param kind a quantity of the kind that the result is; its own number does not matter
         * @throws IllegalArgumentException if a letter has no term
         */
        public Working gives(Quantity kind) {
            double value = formula.evaluate(symbol -> {
                Term term = terms.get(symbol);
                if (term == null) {
                    throw new IllegalArgumentException("The formula " + formula.text() + " has no term for " + symbol);
                }
                return term.value().number();
            });
            return new Working(formula, terms, kind.with(value), source, range, notes);
        }
    }
}
