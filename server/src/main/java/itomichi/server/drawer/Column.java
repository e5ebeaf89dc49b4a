package itomichi.server.drawer;

import itomichi.measure.Fineness;
import itomichi.measure.GrammageText;
import itomichi.measure.Length;
import itomichi.measure.LengthText;
import itomichi.measure.Reading;
import itomichi.measure.Unit;
import itomichi.server.plan.InUnits;
import itomichi.spec.UnfitValueException;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Something that is known of the things in a drawer.
 *
 * @param key a name that does not change
 * @param label what a binder calls it
 * @param kind what its values are
 * @param required whether a thing must have it
 * @param least the least it may be; mm for a length, g/m2 for a weight
 * @param most the most it may be, letters for words
 * @param choices what it may be, for a choice
 * @param detail whether it only matters where the thing is looked at closely: how its thickness was found, what is seen of it otherwise
 */
record Column(
        String key,
        String label,
        Kind kind,
        boolean required,
        double least,
        double most,
        List<Choice> choices,
        boolean detail) {

    /** What values are. */
    enum Kind {
        WORDS,
        CUT_LENGTH,
        FINE_LENGTH,
        WEIGHT,
        COUNT,
        NUMBER,
        CHOICE
    }

    /** One of a few: a key that is kept, words that are shown. */
    record Choice(String key, String words) {}

    static Column words(String key, String label, int most) {
        return new Column(key, label, Kind.WORDS, false, 0, most, List.of(), false);
    }

    /** A length cut to a rule, mm. */
    static Column cut(String key, String label, double leastMm, double mostMm) {
        return new Column(key, label, Kind.CUT_LENGTH, false, leastMm, mostMm, List.of(), false);
    }

    /** A length read off a caliper, mm. */
    static Column fine(String key, String label, double leastMm, double mostMm) {
        return new Column(key, label, Kind.FINE_LENGTH, false, leastMm, mostMm, List.of(), false);
    }

    static Column count(String key, String label, int least, int most) {
        return new Column(key, label, Kind.COUNT, false, least, most, List.of(), false);
    }

    static Column number(String key, String label, double least, double most) {
        return new Column(key, label, Kind.NUMBER, false, least, most, List.of(), false);
    }

    static Column weight(String key, String label) {
        return new Column(key, label, Kind.WEIGHT, false, 8, 1000, List.of(), false);
    }

    static Column choice(String key, String label, List<Choice> choices) {
        return new Column(key, label, Kind.CHOICE, false, 0, 0, choices, false);
    }

    Column needed() {
        return new Column(key, label, kind, true, least, most, choices, detail);
    }

    /** The same, left out where all things lie in a row. */
    Column closely() {
        return new Column(key, label, kind, required, least, most, choices, true);
    }

    /** What stands over it in a CSV file: its label, and the unit of bare numbers. */
    String heading() {
        return switch (kind) {
            case CUT_LENGTH, FINE_LENGTH -> label + " (mm)";
            case WEIGHT -> label + " (g/m2)";
            default -> label;
        };
    }

    /**
     * Reads what was typed, which is not blank.
     *
     * @param unit the unit of a bare length
     * @return a number or words, as they are kept
     * @throws UnfitValueException with the key of this column and one line
     */
    Object read(String typed, Unit unit) {
        return switch (kind) {
            case WORDS -> words(typed.strip());
            case CUT_LENGTH, FINE_LENGTH -> length(typed, unit);
            case WEIGHT -> within(value(GrammageText.parse(typed)).gsm(), " g/m²");
            case COUNT -> whole(typed.strip());
            case NUMBER -> decimal(typed.strip());
            case CHOICE -> chosen(typed.strip());
        };
    }

    private <T> T value(Reading<T> reading) {
        return reading.orElseGet(unreadable -> {
            throw wrong(unreadable.message() + ".");
        });
    }

    private String words(String text) {
        if (text.length() > most) {
            throw wrong(label + " of " + text.length() + " letters: " + (int) most + " at the most are taken.");
        }
        if (text.chars().anyMatch(letter -> letter < ' ')) {
            throw wrong(label + " holds a letter that cannot be shown.");
        }
        return text;
    }

    private double length(String typed, Unit unit) {
        Length length = value(LengthText.parse(typed, unit));
        if (length.mm() < least || length.mm() > most) {
            Fineness fineness = kind == Kind.CUT_LENGTH ? Fineness.CUT : Fineness.HAIR;
            throw wrong(label + " of " + length.at(fineness).in(unit) + ": from "
                    + Length.ofMm(least).at(fineness).in(unit) + " to "
                    + Length.ofMm(most).at(fineness).in(unit) + " is taken.");
        }
        return length.mm();
    }

    private double whole(String typed) {
        if (!typed.matches("\\d{1,7}")) {
            throw wrong("Read “" + shortened(typed) + "” for " + label.toLowerCase(Locale.ROOT)
                    + "; a whole number is wanted.");
        }
        return within(Integer.parseInt(typed), "");
    }

    private double decimal(String typed) {
        String plain = typed.replace(',', '.');
        if (!plain.matches("\\d{1,7}(\\.\\d{1,4})?")) {
            throw wrong(
                    "Read “" + shortened(typed) + "” for " + label.toLowerCase(Locale.ROOT) + "; a number is wanted.");
        }
        return within(Double.parseDouble(plain), "");
    }

    private double within(double number, String unit) {
        if (number < least || number > most) {
            throw wrong(label + " of " + plain(number) + unit + ": from " + plain(least) + " to " + plain(most) + unit
                    + " is taken.");
        }
        return number;
    }

    private String chosen(String typed) {
        return choices.stream()
                .filter(choice ->
                        choice.key().equalsIgnoreCase(typed) || choice.words().equalsIgnoreCase(typed))
                .map(Choice::key)
                .findFirst()
                .orElseThrow(() -> wrong("Read “" + shortened(typed) + "” for " + label.toLowerCase(Locale.ROOT) + "; "
                        + choices.stream().map(Choice::words).collect(Collectors.joining(", ")) + " are taken."));
    }

    /** A kept value as it is shown. */
    InUnits shown(Object value) {
        return switch (kind) {
            case CUT_LENGTH ->
                InUnits.of(Length.ofMm(((Number) value).doubleValue()).at(Fineness.CUT));
            case FINE_LENGTH ->
                InUnits.of(Length.ofMm(((Number) value).doubleValue()).at(Fineness.CALIPER));
            case WEIGHT -> same(plain(((Number) value).doubleValue()) + "\u202fg/m²");
            case COUNT, NUMBER -> same(plain(((Number) value).doubleValue()));
            case WORDS -> same((String) value);
            case CHOICE ->
                same(choices.stream()
                        .filter(choice -> choice.key().equals(value))
                        .map(Choice::words)
                        .findFirst()
                        .orElse(String.valueOf(value)));
        };
    }

    /** A kept value as it stands in a CSV file. */
    String written(Object value) {
        return value instanceof Number number
                ? plain(number.doubleValue())
                : shown(value).mm();
    }

    private static InUnits same(String text) {
        return new InUnits(text, text);
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(Math.round(number * 10000), 4)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }

    private UnfitValueException wrong(String message) {
        return new UnfitValueException(key, message);
    }
}
