package itomichi.measure;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads paper weights as people type them: {@code 120}, {@code 120 gsm}, {@code 120 g/m2}, {@code 24 lb bond}. */
public final class GrammageText {

    private static final String WANTED = "a paper weight is wanted, such as 120 gsm or 80 lb text";
    private static final Pattern METRIC = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(?:gsm|g|g/m2|g/m\u00b2|g/sqm)?");
    private static final Pattern POUNDS =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(?:lb|lbs|#|pound|pounds)\\s*\\.?\\s*([a-z]*)");

    private static final double HEAVIEST = 100_000;

    private GrammageText() {}

    /** Reads a paper weight; a bare number is g/m2, and pounds need their kind. */
    public static Reading<Grammage> parse(String typed) {
        if (typed.length() > Reading.LONGEST) {
            return new Reading.Unreadable<>(typed, WANTED);
        }
        String text = Normalizer.normalize(typed, Normalizer.Form.NFKC)
                .strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[\\s\u00a0\u2009\u202f]+", " ");
        Matcher metric = METRIC.matcher(text);
        if (metric.matches()) {
            return limited(typed, number(metric), Grammage::ofGsm);
        }
        Matcher pounds = POUNDS.matcher(text);
        if (!pounds.matches()) {
            return new Reading.Unreadable<>(typed, WANTED);
        }
        Optional<PoundKind> kind = kind(pounds.group(2));
        if (kind.isEmpty()) {
            return new Reading.Unreadable<>(typed, "say which kind of pound: " + kinds());
        }
        return limited(typed, number(pounds), number -> Grammage.ofPounds(number, kind.get()));
    }

    private static Reading<Grammage> limited(String typed, double number, DoubleFunction<Grammage> grammage) {
        if (number > HEAVIEST || grammage.apply(number).gsm() > HEAVIEST) {
            return new Reading.Unreadable<>(typed, "no paper weighs that much; " + WANTED);
        }
        return new Reading.Read<>(grammage.apply(number));
    }

    private static double number(Matcher matcher) {
        return Double.parseDouble(matcher.group(1).replace(',', '.'));
    }

    private static Optional<PoundKind> kind(String word) {
        if (word.equals("book") || word.equals("offset")) {
            return Optional.of(PoundKind.TEXT);
        }
        if (word.equals("writing") || word.equals("ledger")) {
            return Optional.of(PoundKind.BOND);
        }
        if (word.equals("watercolor")) {
            return Optional.of(PoundKind.WATERCOLOUR);
        }
        return Arrays.stream(PoundKind.values())
                .filter(kind -> kind.word().equals(word))
                .findFirst();
    }

    private static String kinds() {
        return Arrays.stream(PoundKind.values()).map(PoundKind::word).collect(Collectors.joining(", "));
    }
}
