package itomichi.station;

import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** A school of placing stations: a pure function from the height of the fold to positions along it. */
public sealed interface StationScheme {

    /**
     * An answer for each school; a new one does not compile until every question has its answer.
     *
     * @param <T> what is asked for
     */
    interface Cases<T> {
        T margins(Margins margins);

        T share(Share share);

        T equal(Equal equal);

        T pairs(Pairs pairs);

        T exemplar(Exemplar exemplar);

        T placed(Placed placed);
    }

    /** From each end to a kettle, or to the outermost hole of a block, where nothing else is said: common practice. */
    Length USUAL_KETTLE = Length.ofMm(12);
    /** Width of a tape or a link where nothing else is said: common practice. */
    Length USUAL_SUPPORT = Length.ofMm(12);

    /** The answer for this school. */
    <T> T match(Cases<T> cases);

    /**
     * Positions for a fold of this height.
     *
     * @throws IllegalArgumentException if the fold has no room for them
     */
    Stations along(Length height);

    /** Number of stations. */
    int count();

    /** The same school with so many stations; unchanged where each has a place of its own. */
    default StationScheme withCount(int count) {
        return this;
    }

    /** Pairs about supports or links that stations are placed in; 0 where they are not. */
    default int pairCount() {
        return 0;
    }

    /** Whether each station has a place that was given it by hand. */
    default boolean byHand() {
        return false;
    }

    /** Why a fold of this height has no room for them; nothing where it has. */
    default Optional<Phrase> unfit(Length height) {
        return Optional.empty();
    }

    /**
     * A fixed margin at head and tail and equal spaces between.
     *
     * @param count stations, at least two
     * @param headMargin from the head to the first
     * @param tailMargin from the last to the tail
     */
    record Margins(int count, Length headMargin, Length tailMargin) implements StationScheme {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.margins(this);
        }

        @Override
        public StationScheme withCount(int other) {
            return new Margins(other, headMargin, tailMargin);
        }

        @Override
        public Optional<Phrase> unfit(Length height) {
            return headMargin.plus(tailMargin).isLessThan(height)
                    ? Optional.empty()
                    : Optional.of(Phrase.of(
                            "Margins of {} and {} leave nothing of a fold of {}",
                            headMargin.at(Fineness.MARK),
                            tailMargin.at(Fineness.MARK),
                            height.at(Fineness.MARK)));
        }

        @Override
        public Stations along(Length height) {
            refuse(unfit(height));
            long spanMicrometres = height.minus(tailMargin).minus(headMargin).micrometres();
            return new Stations(IntStream.range(0, count)
                    .mapToObj(i -> headMargin.plus(new Length(Math.round(spanMicrometres * (double) i / (count - 1)))))
                    .toList());
        }
    }

    /**
     * A share of the height at head and tail and equal spaces between.
     *
     * @param count stations, at least two
     * @param share from 0 to 0.5, of the height at each end
     */
    record Share(int count, double share) implements StationScheme {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.share(this);
        }

        @Override
        public StationScheme withCount(int other) {
            return new Share(other, share);
        }

        @Override
        public Stations along(Length height) {
            Length margin = height.times(share);
            return new Margins(count, margin, margin).along(height);
        }
    }

    /**
     * Equal spaces everywhere, those at head and tail included: height ÷ (count + 1).
     *
     * @param count stations, at least one
     */
    record Equal(int count) implements StationScheme {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.equal(this);
        }

        @Override
        public StationScheme withCount(int other) {
            return new Equal(other);
        }

        @Override
        public Stations along(Length height) {
            return new Stations(IntStream.rangeClosed(1, count)
                    .mapToObj(i -> new Length(Math.round(height.micrometres() * (double) i / (count + 1))))
                    .toList());
        }
    }

    /**
     * A kettle, a pair about each support or link, a kettle; clear spaces between them all equal.
     *
     * @param pairs supports or links, at least one
     * @param width of a support, which is how far apart the two of a pair lie
     * @param kettle from each end to its kettle
     */
    record Pairs(int pairs, Length width, Length kettle) implements StationScheme {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.pairs(this);
        }

        @Override
        public int pairCount() {
            return pairs;
        }

        @Override
        public StationScheme withCount(int stations) {
            return new Pairs(Math.max(1, (stations - 2) / 2), width, kettle);
        }

        @Override
        public int count() {
            return 2 * pairs + 2;
        }

        /** The clear space between kettle and pair and between two pairs: (H − 2 × k − n × a) ÷ (n + 1). */
        public Length clear(Length height) {
            double freeMm = height.mm() - 2 * kettle.mm() - pairs * width.mm();
            return Length.ofMm(freeMm / (pairs + 1));
        }

        @Override
        public Optional<Phrase> unfit(Length height) {
            return clear(height).micrometres() > 0
                    ? Optional.empty()
                    : Optional.of(Phrase.of(
                            "{} pairs {} wide and kettles {} from the ends leave no space on a fold of {}",
                            pairs,
                            width.at(Fineness.MARK),
                            kettle.at(Fineness.MARK),
                            height.at(Fineness.MARK)));
        }

        @Override
        public Stations along(Length height) {
            refuse(unfit(height));
            double clearMm = (height.mm() - 2 * kettle.mm() - pairs * width.mm()) / (pairs + 1);
            List<Length> places = new ArrayList<>();
            places.add(kettle);
            for (int pair = 0; pair < pairs; pair++) {
                double fromMm = kettle.mm() + (pair + 1) * clearMm + pair * width.mm();
                places.add(Length.ofMm(fromMm));
                places.add(Length.ofMm(fromMm + width.mm()));
            }
            places.add(height.minus(kettle));
            return new Stations(places);
        }
    }

    /**
     * The stations of an older book, carried over.
     *
     * @param height of the older book
     * @param fromHead its stations, strictly increasing
     * @param carried how they are brought onto a fold of another height
     */
    record Exemplar(Length height, List<Length> fromHead, Carry carried) implements StationScheme {
        public Exemplar {
            fromHead = List.copyOf(fromHead);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.exemplar(this);
        }

        @Override
        public int count() {
            return fromHead.size();
        }

        @Override
        public Stations along(Length other) {
            return new Stations(fromHead.stream()
                    .map(place -> carried.onto(other, height, place))
                    .toList());
        }
    }

    /** How the stations of an older book are brought onto a fold of another height. */
    enum Carry {
        IN_PROPORTION,
        FROM_HEAD,
        FROM_CENTRE,
        FROM_TAIL;

        Length onto(Length height, Length exemplar, Length place) {
            return switch (this) {
                case IN_PROPORTION ->
                    new Length(
                            Math.round(place.micrometres() * (double) height.micrometres() / exemplar.micrometres()));
                case FROM_HEAD -> place;
                case FROM_CENTRE -> place.plus(Level.CENTRE.headBelow(height, exemplar));
                case FROM_TAIL -> place.plus(Level.TAIL.headBelow(height, exemplar));
            };
        }
    }

    /**
     * Placed by hand.
     *
     * @param fromHead positions, strictly increasing
     * @param symmetric whether each two that face each other across the middle are brought equally far from it
     */
    record Placed(List<Length> fromHead, boolean symmetric) implements StationScheme {
        public Placed {
            fromHead = List.copyOf(fromHead);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.placed(this);
        }

        @Override
        public boolean byHand() {
            return true;
        }

        public Placed(List<Length> fromHead) {
            this(fromHead, false);
        }

        @Override
        public int count() {
            return fromHead.size();
        }

        @Override
        public Stations along(Length height) {
            if (!symmetric) {
                return new Stations(fromHead);
            }
            int last = fromHead.size() - 1;
            return new Stations(IntStream.rangeClosed(0, last)
                    .mapToObj(i -> {
                        // facing pairs are worked out once, so that they are symmetric to the micrometre
                        int upper = Math.min(i, last - i);
                        Length fromEnd = fromHead.get(upper)
                                .plus(height.minus(fromHead.get(last - upper)))
                                .times(0.5);
                        return i == last - i ? height.times(0.5) : i == upper ? fromEnd : height.minus(fromEnd);
                    })
                    .toList());
        }
    }

    private static void refuse(Optional<Phrase> reason) {
        reason.ifPresent(words -> {
            throw new IllegalArgumentException(words.in(itomichi.measure.Unit.MM));
        });
    }
}
