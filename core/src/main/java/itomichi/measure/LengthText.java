package itomichi.measure;

import java.text.Normalizer;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads lengths as people type them: {@code 210}, {@code 21.6cm}, {@code 8 1/2 in}, {@code 3/4"}, {@code 5' 2"}; and sums of them, such as
 * {@code 210 - 2 x 20}, for it is the arithmetic that goes wrong by hand.
 */
public final class LengthText {

    private static final String WANTED = "a length is wanted, such as 210 mm, 21.6 cm, 8 1/2 in or 5' 2\"";
    private static final Length LONGEST = Length.ofMm(100_000);
    /** Three digits behind a comma may be thousands or thousandths; a leading zero says which. */
    private static final Pattern THOUSANDS = Pattern.compile("(?:^|[^\\d.,])([1-9]\\d{0,2},\\d{3})(?![\\d.,])");

    private static final String MIXED_BY_HYPHEN = "(\\d)-(\\d+/\\d+)";
    static final String NUMBER = "(\\d+\\s*/\\s*\\d+|\\d+(?:[.,]\\d+)?|[.,]\\d+|\\d+\\s+\\d+\\s*/\\s*\\d+)";
    private static final Pattern PLAIN = Pattern.compile(NUMBER + "\\s*([a-z\"']*)");
    private static final Pattern FEET =
            Pattern.compile(NUMBER + "\\s*(?:'|ft|feet|foot)\\s*(?:" + NUMBER + "\\s*(?:\"|in|inch|inches)?)?");
    static final Map<String, Double> MICROMETRES = Map.ofEntries(
            Map.entry("mm", 1e3),
            Map.entry("cm", 1e4),
            Map.entry("m", 1e6),
            Map.entry("\"", 25_400.0),
            Map.entry("in", 25_400.0),
            Map.entry("inch", 25_400.0),
            Map.entry("inches", 25_400.0));
    private static final Map<String, String> VULGAR = Map.of(
            "\u00bc", " 1/4",
            "\u00bd", " 1/2",
            "\u00be", " 3/4",
            "\u215b", " 1/8",
            "\u215c", " 3/8",
            "\u215d", " 5/8",
            "\u215e", " 7/8");

    private LengthText() {}

    /**
     * Reads a length of at least nothing and at most 100 m.
     *
     * @param typed what was typed
     * @param bare the unit of a number that stands without one
     */
    public static Reading<Length> parse(String typed, Unit bare) {
        if (typed.length() > Reading.LONGEST) {
            return unreadable(typed);
        }
        String text = tidy(typed);
        Matcher thousands = THOUSANDS.matcher(text);
        if (thousands.find()) {
            String read = thousands.group(1);
            return new Reading.Unreadable<>(
                    typed,
                    "“%s” can be %s or %s: type the one that is meant"
                            .formatted(read, read.replace(',', '.'), read.replace(",", "")));
        }
        Matcher feet = FEET.matcher(text);
        if (feet.matches()) {
            OptionalDouble whole = number(feet.group(1));
            OptionalDouble rest = feet.group(2) == null ? OptionalDouble.of(0) : number(feet.group(2));
            return whole.isEmpty() || rest.isEmpty()
                    ? unreadable(typed)
                    : limited(typed, (whole.getAsDouble() * 12 + rest.getAsDouble()) * 25_400);
        }
        Matcher plain = PLAIN.matcher(text);
        if (!plain.matches()) {
            return text.startsWith("-")
                    ? new Reading.Unreadable<>(typed, "a length is not negative: type it without the minus sign")
                    : sum(typed, text, bare);
        }
        String unit = plain.group(2).isEmpty() ? bare.symbol() : plain.group(2);
        OptionalDouble number = number(plain.group(1));
        if (!MICROMETRES.containsKey(unit)) {
            return new Reading.Unreadable<>(
                    typed, "\u201c" + unit + "\u201d is not a unit of length here: mm, cm, in or ft are");
        }
        return number.isEmpty() ? unreadable(typed) : limited(typed, number.getAsDouble() * MICROMETRES.get(unit));
    }

    /** Whether a length was typed as a sum, and not as one measure. */
    public static boolean isSum(String typed) {
        String text = tidy(typed);
        return !PLAIN.matcher(text).matches() && !FEET.matcher(text).matches();
    }

    /** A sum as it is written down, for instance {@code 210 − 2 × 20}. */
    public static String written(String typed) {
        return LengthSum.written(tidy(typed));
    }

    private static Reading<Length> sum(String typed, String text, Unit bare) {
        try {
            double micrometres = LengthSum.micrometres(text, bare);
            return micrometres < 0
                    ? new Reading.Unreadable<>(typed, "that comes to less than nothing")
                    : limited(typed, micrometres);
        } catch (LengthSum.Unfit unfit) {
            return new Reading.Unreadable<>(typed, Objects.requireNonNullElse(unfit.getMessage(), WANTED));
        }
    }

    private static String tidy(String typed) {
        String text = typed.strip().toLowerCase(java.util.Locale.ROOT);
        for (Map.Entry<String, String> vulgar : VULGAR.entrySet()) {
            text = text.replace(vulgar.getKey(), vulgar.getValue());
        }
        // digits and signs of full width become plain ones
        return Normalizer.normalize(text, Normalizer.Form.NFKC)
                .replace('\u2033', '"')
                .replace('\u201d', '"')
                .replace('\u2032', '\'')
                .replace('\u2019', '\'')
                .replace('\u2044', '/')
                .replace('\u2212', '-')
                .replaceAll("''", "\"")
                .replaceAll("\\s*/\\s*(?=\\d)", "/")
                .replaceAll(MIXED_BY_HYPHEN, "$1 $2")
                .replaceAll("[\\s\u00a0\u2009\u202f]+", " ")
                .strip();
    }

    private static Reading<Length> limited(String typed, double micrometres) {
        return micrometres > LONGEST.micrometres()
                ? new Reading.Unreadable<>(typed, "100 m is the longest length taken here")
                : new Reading.Read<>(new Length(Math.round(micrometres)));
    }

    private static Reading<Length> unreadable(String typed) {
        return new Reading.Unreadable<>(typed, WANTED);
    }

    /** A whole, decimal, broken or mixed number; empty when it divides by nothing. */
    static OptionalDouble number(String text) {
        double sum = 0;
        for (String part : text.replaceAll("\\s*/\\s*", "/").replace(',', '.').split("\\s+", -1)) {
            int bar = part.indexOf('/');
            double below = bar < 0 ? 1 : Double.parseDouble(part.substring(bar + 1));
            if (below == 0) {
                return OptionalDouble.empty();
            }
            sum += Double.parseDouble(bar < 0 ? part : part.substring(0, bar)) / below;
        }
        return OptionalDouble.of(sum);
    }
}
