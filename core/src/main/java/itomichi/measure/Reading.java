package itomichi.measure;

import java.util.function.Function;

/** What came of reading something a person typed: a value, or the reason why there is none. */
public sealed interface Reading<T> {

    /** More letters than a weight or a length has; longer texts are not looked at. */
    int LONGEST = 60;

    /** The value that was read. */
    record Read<T>(T value) implements Reading<T> {}

    /**
     * Nothing could be read.
     *
     * @param typed what was typed, shortened to a line
     * @param wanted what would be accepted, with an example
     */
    record Unreadable<T>(String typed, String wanted) implements Reading<T> {

        public Unreadable {
            String line = typed.strip().replaceAll("\\s+", " ");
            typed = line.length() > 40 ? line.substring(0, 40) + "\u2026" : line;
        }

        /** One line for the screen: what was read, what is wanted. */
        public String message() {
            return typed.isEmpty() ? "Nothing was typed; " + wanted : "Read \u201c" + typed + "\u201d; " + wanted;
        }
    }

    /** The value, or the outcome of the given answer to the reason why there is none. */
    default T orElseGet(Function<Unreadable<T>, T> answer) {
        if (this instanceof Read<T> read) {
            return read.value();
        }
        return answer.apply((Unreadable<T>) this);
    }
}
