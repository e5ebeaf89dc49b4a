package itomichi.cover;

import java.util.List;

/** Something that a binder settles of a cover; each kind says which it has. */
public sealed interface Setting {

    /** A name that does not change, kept with books. */
    String key();

    /** What a binder calls it. */
    String words();

    /** The ways to choose from, the usual one first; none where it is a number. */
    default List<Option> options() {
        return List.of();
    }

    /**
     * An answer for each kind of setting.
     *
     * @param <T> what is asked for
     */
    interface Cases<T> {
        T measure(Measure measure);

        T share(Share share);

        T school(School school);

        T measured(Measured measured);
    }

    /** The answer for this setting. */
    <T> T match(Cases<T> cases);

    /**
     * A length.
     *
     * @param usualMm what is taken where nothing else is said, mm: common practice
     * @param leastMm the least that is taken, mm
     * @param mostMm the most that is taken, mm
     */
    record Measure(String key, String words, double usualMm, double leastMm, double mostMm) implements Setting {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.measure(this);
        }
    }

    /**
     * A length of a thing that is there already; what it has to be stands in for it until it is measured.
     *
     * @param leastMm the least that is taken, mm
     * @param mostMm the most that is taken, mm
     */
    record Measured(String key, String words, double leastMm, double mostMm) implements Setting {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.measured(this);
        }
    }

    /**
     * A share of something, in percent.
     *
     * @param of what it is a share of
     * @param usual what is taken where nothing else is said, percent: common practice
     * @param least the least that is taken, percent
     * @param most the most that is taken, percent
     */
    record Share(String key, String words, String of, double usual, double least, double most) implements Setting {
        @Override
        public <T> T match(Cases<T> cases) {
            return cases.share(this);
        }
    }

    /**
     * Ways to choose from.
     *
     * @param options the usual one first
     */
    record School(String key, String words, List<Option> options) implements Setting {
        public School {
            options = List.copyOf(options);
        }

        @Override
        public <T> T match(Cases<T> cases) {
            return cases.school(this);
        }
    }

    /**
     * One of the ways.
     *
     * @param key a name that does not change, kept with books
     * @param words what a binder calls it
     */
    record Option(String key, String words) {}
}
