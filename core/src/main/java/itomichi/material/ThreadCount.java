package itomichi.material;

import itomichi.measure.Length;
import java.util.Optional;

/** How a thread's fineness is told. */
public sealed interface ThreadCount {

    /**
     * An answer for each way of telling; a new one does not compile until every question has its answer.
     *
     * @param <T> what is asked for
     */
    interface Cases<T> {
        T tex(Tex tex);

        T linen(Linen linen);

        T cotton(Cotton cotton);

        T wound(Wound wound);
    }

    /** The answer for the way that this one is told. */
    <T> T match(Cases<T> cases);

    /** tex of a linen thread of count 1: 453.59237 g in 300 yards. */
    double LINEN_TEX = 1653.5;
    /** tex of a cotton thread of count 1: 453.59237 g in 840 yards. */
    double COTTON_TEX = 590.5;

    /** Width of the winding, where the thread was measured. */
    default Optional<Length> wound() {
        return Optional.empty();
    }

    /** Mass in g/km; NaN where the thread was measured instead. */
    double tex();

    /** Grams in 1000 m, ISO 1144. */
    record Tex(double tex) implements ThreadCount {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.tex(this);
        }
    }

    /** Linen: hanks of 300 yards in a pound, and how many plies are twisted together. */
    record Linen(double count, int ply) implements ThreadCount {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.linen(this);
        }

        @Override
        public double tex() {
            return LINEN_TEX / count * ply;
        }
    }

    /** Cotton: hanks of 840 yards in a pound, and plies. */
    record Cotton(double count, int ply) implements ThreadCount {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.cotton(this);
        }

        @Override
        public double tex() {
            return COTTON_TEX / count * ply;
        }
    }

    /** Measured: so many turns wound close on a rod take up so much of it. */
    record Wound(int turns, Length width) implements ThreadCount {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.wound(this);
        }

        @Override
        public Optional<Length> wound() {
            return Optional.of(width);
        }

        @Override
        public double tex() {
            return Double.NaN;
        }
    }
}
