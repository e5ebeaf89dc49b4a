package itomichi.measure;

import java.util.ArrayList;
import java.util.List;

/**
 * A sentence that holds lengths and can be read in either unit.
 *
 * @param pieces the words between the lengths, one more than there are lengths
 * @param lengths the lengths between the words
 */
public record Phrase(List<String> pieces, List<Shown> lengths) {

    /** A sentence of nothing. */
    public static final Phrase EMPTY = new Phrase(List.of(""), List.of());

    /** @throws IllegalArgumentException if there is not one piece more than lengths */
    public Phrase {
        pieces = List.copyOf(pieces);
        lengths = List.copyOf(lengths);
        if (pieces.size() != lengths.size() + 1) {
            throw new IllegalArgumentException("A sentence needs one more piece of text than lengths; read "
                    + pieces.size() + " and " + lengths.size());
        }
    }

    /**
     * Builds a sentence; each {@code {}} stands for the next argument: a {@link Shown} length, another phrase, or anything else as
     * text.
     *
     * @throws IllegalArgumentException if there are not as many arguments as places
     */
    public static Phrase of(String template, Object... arguments) {
        Builder builder = new Builder();
        int from = 0;
        for (Object argument : arguments) {
            int place = template.indexOf("{}", from);
            if (place < 0) {
                throw new IllegalArgumentException(
                        "No place left for \u201c" + argument + "\u201d in \u201c" + template + "\u201d");
            }
            builder.text(template.substring(from, place)).add(argument);
            from = place + 2;
        }
        if (template.indexOf("{}", from) >= 0) {
            throw new IllegalArgumentException("Too few arguments for \u201c" + template + "\u201d");
        }
        return builder.text(template.substring(from)).build();
    }

    /** The same without the full stop at its end, so that more can be said after it. */
    public Phrase withoutStop() {
        String last = pieces.get(pieces.size() - 1);
        if (!last.endsWith(".")) {
            return this;
        }
        List<String> open = new ArrayList<>(pieces);
        open.set(pieces.size() - 1, last.substring(0, last.length() - 1));
        return new Phrase(open, lengths);
    }

    /** The sentence with its lengths in the given unit. */
    public String in(Unit unit) {
        StringBuilder text = new StringBuilder(pieces.get(0));
        for (int i = 0; i < lengths.size(); i++) {
            text.append(lengths.get(i).in(unit)).append(pieces.get(i + 1));
        }
        return text.toString();
    }

    private static final class Builder {
        private final List<String> pieces = new ArrayList<>();
        private final List<Shown> lengths = new ArrayList<>();
        private final StringBuilder open = new StringBuilder();

        Builder text(String text) {
            open.append(text);
            return this;
        }

        Builder add(Object argument) {
            if (argument instanceof Shown shown) {
                close();
                lengths.add(shown);
            } else if (argument instanceof Phrase phrase) {
                for (int i = 0; i < phrase.lengths.size(); i++) {
                    text(phrase.pieces.get(i)).add(phrase.lengths.get(i));
                }
                text(phrase.pieces.get(phrase.lengths.size()));
            } else {
                text(String.valueOf(argument));
            }
            return this;
        }

        private void close() {
            pieces.add(open.toString());
            open.setLength(0);
        }

        Phrase build() {
            close();
            return new Phrase(pieces, lengths);
        }
    }
}
