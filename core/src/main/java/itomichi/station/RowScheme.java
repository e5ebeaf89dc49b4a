package itomichi.station;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** A school of dividing a spine into rows: a pure function from its width and what is sewn through it. */
public sealed interface RowScheme {

    /**
     * An answer for each school; a new one does not compile until every question has its answer.
     *
     * @param <T> what is asked for
     */
    interface Cases<T> {
        T equalGaps(EqualGaps equalGaps);

        T edgeMargin(EdgeMargin edgeMargin);

        T pitch(Pitch pitch);

        T ownThickness(OwnThickness ownThickness);

        T placed(Placed placed);
    }

    /** The answer for this school. */
    <T> T match(Cases<T> cases);

    /** Rows at this distance from an edge keep the cover from tearing at its fold: common practice. */
    Length USUAL_MARGIN = Length.ofMm(6);

    /** The margin at each edge, where the school is told one. */
    default Optional<Length> toldMargin() {
        return Optional.empty();
    }

    /** The distance from row to row, where the school is told one. */
    default Optional<Length> toldPitch() {
        return Optional.empty();
    }

    /** Rows on a spine, seen from outside. */
    Rows across(Spine spine);

    /**
     * What rows are laid on.
     *
     * @param width of the spine
     * @param thicknesses at the spine of what is sewn through each row, row by row from the front of the book, at least one
     */
    record Spine(Length width, List<Length> thicknesses) {
        /** @throws IllegalArgumentException if nothing is sewn through it */
        public Spine {
            thicknesses = List.copyOf(thicknesses);
            if (thicknesses.isEmpty()) {
                throw new IllegalArgumentException("A spine needs a row; read none");
            }
        }

        public int rows() {
            return thicknesses.size();
        }
    }

    /** Equal gaps, those at the edges included: w ÷ (n + 1). */
    record EqualGaps() implements RowScheme {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.equalGaps(this);
        }

        @Override
        public Rows across(Spine spine) {
            return divided(spine, i -> spine.width().micrometres() * (i + 1.0) / (spine.rows() + 1));
        }
    }

    /**
     * A fixed margin at each edge and equal gaps inside it: (w − 2 × m) ÷ (n − 1).
     *
     * @param margin from each edge to the outermost row
     */
    record EdgeMargin(Length margin) implements RowScheme {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.edgeMargin(this);
        }

        @Override
        public Optional<Length> toldMargin() {
            return Optional.of(margin);
        }

        @Override
        public Optional<Phrase> unfit(Spine spine) {
            boolean fits = spine.rows() == 1 || margin.times(2).isLessThan(spine.width());
            return fits
                    ? Optional.empty()
                    : Optional.of(Phrase.of(
                            "Margins of {} leave nothing of a spine of {}",
                            margin.at(Fineness.MARK),
                            spine.width().at(Fineness.MARK)));
        }

        @Override
        public Rows across(Spine spine) {
            double insideUm = spine.width().micrometres() - 2.0 * margin.micrometres();
            return divided(
                    spine,
                    i -> spine.rows() == 1
                            ? spine.width().micrometres() / 2.0
                            : margin.micrometres() + insideUm * i / (spine.rows() - 1));
        }
    }

    /**
     * A fixed distance from row to row, about the centre line.
     *
     * @param pitch from row to row
     */
    record Pitch(Length pitch) implements RowScheme {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.pitch(this);
        }

        @Override
        public Optional<Length> toldPitch() {
            return Optional.of(pitch);
        }

        @Override
        public Rows across(Spine spine) {
            return divided(
                    spine,
                    i -> spine.width().micrometres() / 2.0 + pitch.micrometres() * (i - (spine.rows() - 1) / 2.0));
        }
    }

    /** Each row at the middle of what is sewn through it, all of it about the centre line. */
    record OwnThickness() implements RowScheme {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.ownThickness(this);
        }

        @Override
        public Rows across(Spine spine) {
            // the front of the book is at the right of a spine seen from outside
            List<Length> thick = spine.thicknesses();
            long allUm = thick.stream().mapToLong(Length::micrometres).sum();
            double[] fromLeft = new double[thick.size()];
            double edgeUm = (spine.width().micrometres() - allUm) / 2.0;
            for (int i = 0; i < thick.size(); i++) {
                double oneUm = thick.get(thick.size() - 1 - i).micrometres();
                fromLeft[i] = edgeUm + oneUm / 2;
                edgeUm += oneUm;
            }
            return divided(spine, i -> fromLeft[i]);
        }
    }

    /**
     * Placed by hand.
     *
     * @param fromLeft positions from the left edge of the spine seen from outside, strictly increasing
     */
    record Placed(List<Length> fromLeft) implements RowScheme {
        public Placed {
            fromLeft = List.copyOf(fromLeft);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.placed(this);
        }

        @Override
        public Optional<Phrase> unfit(Spine spine) {
            return fromLeft.size() == spine.rows()
                    ? Optional.empty()
                    : Optional.of(
                            Phrase.of("{} rows are placed by hand; the book needs {}", fromLeft.size(), spine.rows()));
        }

        @Override
        public Rows across(Spine spine) {
            return new Rows(fromLeft, spine.width());
        }
    }

    /**
     * Why rows of this school cannot be laid on a spine; nothing where they can.
     *
     * <p>A margin that eats the spine would put rows in the wrong order.
     */
    default Optional<Phrase> unfit(Spine spine) {
        return Optional.empty();
    }

    private static Rows divided(Spine spine, java.util.function.IntToDoubleFunction fromLeftUm) {
        return new Rows(
                IntStream.range(0, spine.rows())
                        .mapToObj(i -> new Length(Math.round(fromLeftUm.applyAsDouble(i))))
                        .toList(),
                spine.width());
    }
}
