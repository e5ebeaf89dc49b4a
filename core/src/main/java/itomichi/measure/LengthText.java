package itomichi.measure;

import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads lengths as people type them: {@code 210}, {@code 21.6cm}, {@code 8 1/2 in}, {@code 3/4"}, {@code 5' 2"}. */
public final class LengthText {

    private static final String WANTED = "a length is wanted, such as 210 mm, 21.6 cm, 8 1/2 in or 5' 2\"";
    private static final Length LONGEST = Length.ofMm(100_000);
    private static final String NUMBER = "(\\d+\\s*/\\s*\\d+|\\d+(?:[.,]\\d+)?|[.,]\\d+|\\d+\\s+\\d+\\s*/\\s*\\d+)";
    private static final Pattern PLAIN = Pattern.compile(NUMBER + "\\s*([a-z\"']*)");
    private static final Pattern FEET =
            Pattern.compile(NUMBER + "\\s*(?:'|ft|feet|foot)\\s*(?:" + NUMBER + "\\s*(?:\"|in|inch|inches)?)?");
    private static final Map<String, Double> MICROMETRES = Map.ofEntries(
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
                    : unreadable(typed);
        }
        String unit = plain.group(2).isEmpty() ? bare.symbol() : plain.group(2);
        OptionalDouble number = number(plain.group(1));
        if (!MICROMETRES.containsKey(unit)) {
            return new Reading.Unreadable<>(
                    typed, "\u201c" + unit + "\u201d is not a unit of length here: mm, cm, in or ft are");
        }
        return number.isEmpty() ? unreadable(typed) : limited(typed, number.getAsDouble() * MICROMETRES.get(unit));
    }

    private static String tidy(String typed) {
        String text = typed.strip().toLowerCase(java.util.Locale.ROOT);
        for (Map.Entry<String, String> vulgar : VULGAR.entrySet()) {
            text = text.replace(vulgar.getKey(), vulgar.getValue());
        }
        return text.replace('\u2033', '"')
                .replace('\u201d', '"')
                .replace('\u2032', '\'')
                .replace('\u2019', '\'')
                .replace('\u2044', '/')
                .replace('\u2212', '-')
                .replaceAll("''", "\"")
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
