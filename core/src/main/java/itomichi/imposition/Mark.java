package itomichi.imposition;

import java.util.function.Function;

/** Something printed on a printer's sheet besides the text, in mm from its upper left corner. */
public sealed interface Mark {

    /**
     * The answer for its kind.
     *
     * @param line asked of a line
     * @param words asked of words
     */
    <T> T match(Function<Line, T> line, Function<Words, T> words);

    /** What a line is for. */
    enum Kind {
        CROP,
        FOLD,
        STATION,
        COLLATION
    }

    /** A straight line. */
    record Line(Kind kind, double x1, double y1, double x2, double y2) implements Mark {
        @Override
        public <T> T match(Function<Line, T> line, Function<Words, T> words) {
            return line.apply(this);
        }
    }

    /** A line of words, {@code x} its middle and {@code y} its base line. */
    record Words(String text, double x, double y, double size) implements Mark {
        @Override
        public <T> T match(Function<Line, T> line, Function<Words, T> words) {
            return words.apply(this);
        }
    }
}
