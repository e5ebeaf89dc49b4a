package itomichi.station;

import itomichi.measure.Length;
import java.util.List;
import java.util.stream.IntStream;

/** A school of placing stations: a pure function from the height of the fold to positions along it. */
public sealed interface StationScheme {

    /**
     * Positions for a fold of this height.
     *
     * @throws IllegalArgumentException if the fold has no room for them
     */
    Stations along(Length height);

    /** Number of stations. */
    int count();

    /**
     * A fixed margin at head and tail and equal spaces between.
     *
     * @param count stations, at least two
     * @param headMargin from the head to the first
     * @param tailMargin from the last to the tail
     */
    record Margins(int count, Length headMargin, Length tailMargin) implements StationScheme {
        @Override
        public Stations along(Length height) {
            Length last = height.minus(tailMargin);
            if (!headMargin.isLessThan(last)) {
                throw new IllegalArgumentException(
                        "Margins of %s and %s leave nothing of a fold of %s".formatted(headMargin, tailMargin, height));
            }
            long spanMicrometres = last.minus(headMargin).micrometres();
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
        public Stations along(Length height) {
            Length margin = height.times(share);
            return new Margins(count, margin, margin).along(height);
        }
    }

    /**
     * Placed by hand.
     *
     * @param fromHead positions, strictly increasing
     */
    record Placed(List<Length> fromHead) implements StationScheme {
        public Placed {
            fromHead = List.copyOf(fromHead);
        }

        @Override
        public int count() {
            return fromHead.size();
        }

        @Override
        public Stations along(Length height) {
            return new Stations(fromHead);
        }
    }
}
