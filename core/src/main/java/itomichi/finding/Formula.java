package itomichi.finding;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * A formula as a binder would pencil it, read once and worked out as often as wanted.
 *
 * <p>Read by recursive descent. Letters are terms; {@code + − × ÷}, brackets, {@code √(…)}, {@code ⌈…⌉} (round up) and {@code π} mean
 * what they mean on paper.
 */
public final class Formula {

    private final String text;
    private final ToDoubleFunction<ToDoubleFunction<String>> evaluation;
    private final Set<String> symbols;
    private final List<String> pieces;

    private Formula(String text) {
        this.text = text;
        Parser parser = new Parser(text);
        this.evaluation = parser.whole();
        this.symbols = parser.symbols;
        this.pieces = parser.pieces;
    }

    /**
     * Reads a formula.
     *
     * @throws IllegalArgumentException with the place, if it cannot be read
     */
    public static Formula of(String text) {
        return new Formula(text);
    }

    /** The formula as written. */
    public String text() {
        return text;
    }

    /** The terms it needs, in the order in which they stand. */
    public Set<String> symbols() {
        return Set.copyOf(symbols);
    }

    /** The value for the given terms. */
    public double evaluate(ToDoubleFunction<String> terms) {
        return evaluation.applyAsDouble(terms);
    }

    /** The formula with each term replaced by the text given for it. */
    public String written(Function<String, String> terms) {
        StringBuilder written = new StringBuilder();
        for (String piece : pieces) {
            written.append(symbols.contains(piece) ? terms.apply(piece) : piece);
        }
        return written.toString();
    }

    private static final class Parser {
        private final String text;
        private final Set<String> symbols = new LinkedHashSet<>();
        private final List<String> pieces = new ArrayList<>();
        private int at;

        Parser(String text) {
            this.text = text;
        }

        ToDoubleFunction<ToDoubleFunction<String>> whole() {
            var value = sum();
            if (at < text.length()) {
                throw wrong("an operator");
            }
            return value;
        }

        private ToDoubleFunction<ToDoubleFunction<String>> sum() {
            var value = product();
            while (true) {
                var left = value;
                if (take('+')) {
                    var right = product();
                    value = terms -> left.applyAsDouble(terms) + right.applyAsDouble(terms);
                } else if (take('\u2212')) {
                    var right = product();
                    value = terms -> left.applyAsDouble(terms) - right.applyAsDouble(terms);
                } else {
                    return value;
                }
            }
        }

        private ToDoubleFunction<ToDoubleFunction<String>> product() {
            var value = factor();
            while (true) {
                var left = value;
                if (take('\u00d7')) {
                    var right = factor();
                    value = terms -> left.applyAsDouble(terms) * right.applyAsDouble(terms);
                } else if (take('\u00f7')) {
                    var right = factor();
                    value = terms -> left.applyAsDouble(terms) / right.applyAsDouble(terms);
                } else {
                    return value;
                }
            }
        }

        private ToDoubleFunction<ToDoubleFunction<String>> factor() {
            if (take('(')) {
                return closed(')');
            }
            if (take('\u2308')) {
                var inner = closed('\u2309');
                return terms -> Math.ceil(inner.applyAsDouble(terms) - 1e-9);
            }
            if (take('\u221a')) {
                var inner = factor();
                return terms -> Math.sqrt(inner.applyAsDouble(terms));
            }
            if (take('\u03c0')) {
                return terms -> Math.PI;
            }
            String word = word();
            if (Character.isDigit(word.charAt(0))) {
                double number = Double.parseDouble(word);
                return terms -> number;
            }
            symbols.add(word);
            return terms -> terms.applyAsDouble(word);
        }

        private ToDoubleFunction<ToDoubleFunction<String>> closed(char bracket) {
            var inner = sum();
            if (!take(bracket)) {
                throw wrong("\u201c" + bracket + "\u201d");
            }
            return inner;
        }

        private boolean take(char wanted) {
            skipSpace();
            if (at < text.length() && text.charAt(at) == wanted) {
                pieces.add(String.valueOf(wanted));
                at++;
                return true;
            }
            return false;
        }

        private String word() {
            skipSpace();
            int from = at;
            while (at < text.length()
                    && ((Character.isLetterOrDigit(text.charAt(at)) && text.charAt(at) != '\u03c0')
                            || text.charAt(at) == '.')) {
                at++;
            }
            if (from == at) {
                throw wrong("a number or a term");
            }
            String word = text.substring(from, at);
            pieces.add(word);
            skipSpace();
            return word;
        }

        private void skipSpace() {
            int from = at;
            while (at < text.length() && text.charAt(at) == ' ') {
                at++;
            }
            if (at > from) {
                pieces.add(" ");
            }
        }

        private IllegalArgumentException wrong(String wanted) {
            return new IllegalArgumentException(
                    "Formula \u201c" + text + "\u201d, place " + (at + 1) + ": " + wanted + " is wanted");
        }
    }
}
