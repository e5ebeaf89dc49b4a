package itomichi.measure;

import java.io.Serial;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A sum of lengths and numbers, in the order that school teaches: brackets, times and by, plus and minus.
 *
 * <p>A number without a unit that is added to a length is of the one unit that is named, or of the screen's where none is. A unit behind the
 * last number counts for all of a sum that has no other: {@code (297 - 5) / 2 mm}. Takes linear time.
 */
final class LengthSum {

    private static final Pattern TOKEN = Pattern.compile(
            "\\s*(?:(?<number>\\d+\\s+\\d+/\\d+|\\d+/\\d+(?!\\s*[/\\d])|\\d+(?:[.,]\\d+)?|[.,]\\d+)|(?<sign>[-+x×*/÷()])|(?<unit>[a-wyz\"']+(?!\\d)))");

    private final List<String> tokens = new ArrayList<>();
    private final Set<String> units = new HashSet<>();
    private final Unit bare;
    private int at;

    private LengthSum(String text, Unit bare) {
        this.bare = bare;
        Matcher token = TOKEN.matcher(text);
        int end = 0;
        while (end < text.length() && token.find(end) && token.start() == end) {
            tokens.add(token.group().strip());
            @Nullable String unit = token.group("unit");
            if (unit != null) {
                if (!LengthText.MICROMETRES.containsKey(unit)) {
                    throw new Unfit("“" + unit + "” is not a unit of length here: mm, cm, in or ft are");
                }
                units.add(unit);
            }
            end = token.end();
        }
        if (end < text.length()) {
            throw new Unfit(null);
        }
    }

    /** It is not a sum, or none that comes to a length. */
    static final class Unfit extends RuntimeException {
        @Serial
        private static final long serialVersionUID = 1;

        Unfit(@Nullable String wanted) {
            super(wanted);
        }
    }

    /**
     * A part of a sum.
     *
     * @param number a plain number, or micrometres
     * @param length whether it is a length
     * @param in micrometres of the unit that stands behind a single number; 0 where none does
     */
    private record Value(double number, boolean length, double in) {
        static Value plain(double number) {
            return new Value(number, false, 0);
        }

        static Value micrometres(double number) {
            return new Value(number, true, 0);
        }
    }

    /**
     * What a sum comes to; negative where it comes to less than nothing.
     *
     * @param text tidied
     * @param bare the unit where none is named
     * @throws Unfit if it is no sum of lengths
     */
    static double micrometres(String text, Unit bare) {
        LengthSum sum = new LengthSum(text, bare);
        Value value = sum.sum();
        if (sum.at < sum.tokens.size()) {
            throw new Unfit(null);
        }
        double micrometres = sum.asLength(value).number();
        if (!Double.isFinite(micrometres)) {
            throw new Unfit("nothing is divided by 0");
        }
        return micrometres;
    }

    static String written(String text) {
        return text.replaceAll("\\s*[x×*]\\s*", " × ")
                .replaceAll("\\s*-\\s*", " − ")
                .replaceAll("\\s*\\+\\s*", " + ")
                .replaceAll("(?<=[)a-z\"])\\s*[/÷]\\s*", " ÷ ");
    }

    private @Nullable String next() {
        return at < tokens.size() ? tokens.get(at) : null;
    }

    private boolean takes(String signs) {
        @Nullable String token = next();
        boolean taken = token != null && token.length() == 1 && signs.contains(token);
        at += taken ? 1 : 0;
        return taken;
    }

    private Value sum() {
        Value sum = product();
        while (true) {
            if (takes("+")) {
                sum = added(sum, product(), 1);
            } else if (takes("-")) {
                sum = added(sum, product(), -1);
            } else {
                return sum;
            }
        }
    }

    private Value product() {
        Value product = factor();
        while (true) {
            if (takes("x×*")) {
                product = times(product, factor());
            } else if (takes("/÷")) {
                product = by(product, factor());
            } else {
                return product;
            }
        }
    }

    private Value factor() {
        if (takes("(")) {
            Value inner = sum();
            if (!takes(")")) {
                throw new Unfit("a bracket is left open");
            }
            return behind(inner);
        }
        @Nullable String token = next();
        if (token == null || !Character.isDigit(token.charAt(token.length() - 1))) {
            throw new Unfit(null);
        }
        at++;
        OptionalDouble number = LengthText.number(token);
        return behind(Value.plain(number.orElseThrow(() -> new Unfit("nothing is divided by 0"))));
    }

    /** With the unit that stands behind it, if one does. */
    private Value behind(Value value) {
        @Nullable String unit = next();
        @Nullable Double micrometres = unit == null ? null : LengthText.MICROMETRES.get(unit);
        if (micrometres == null) {
            return value;
        }
        at++;
        if (value.length()) {
            throw new Unfit("“" + unit + "” stands behind a unit");
        }
        return new Value(value.number() * micrometres, true, micrometres);
    }

    private Value added(Value a, Value b, int sign) {
        return !a.length() && !b.length()
                ? Value.plain(a.number() + sign * b.number())
                : Value.micrometres(asLength(a).number() + sign * asLength(b).number());
    }

    private static Value times(Value a, Value b) {
        if (a.length() && b.length()) {
            throw new Unfit("a length times a length is no length");
        }
        return new Value(a.number() * b.number(), a.length() || b.length(), 0);
    }

    private Value by(Value a, Value b) {
        boolean unitOfAll = !a.length() && b.in() > 0 && at == tokens.size() && units.size() == 1;
        if (unitOfAll) {
            return Value.micrometres(a.number() / (b.number() / b.in()) * b.in());
        }
        if (b.length()) {
            throw new Unfit("what is divided by a length is no length");
        }
        return new Value(a.number() / b.number(), a.length(), 0);
    }

    private Value asLength(Value value) {
        if (value.length()) {
            return value;
        }
        if (units.size() > 1) {
            throw new Unfit("each length wants its unit where there are two of them");
        }
        String unit = units.stream().findFirst().orElse(bare.symbol());
        Double micrometres = LengthText.MICROMETRES.get(unit);
        return Value.micrometres(value.number() * (micrometres == null ? Double.NaN : micrometres));
    }
}
