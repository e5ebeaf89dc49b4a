package itomichi.measure;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads paper weights as people type them: {@code 120}, {@code 120 gsm}, {@code 120 g/m2}, {@code 24 lb bond}. */
public final class GrammageText {

    private static final String WANTED = "a paper weight is wanted, such as 120 gsm or 80 lb text";
    private static final Pattern METRIC = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(?:gsm|g|g/m2|g/m\u00b2|g/sqm)?");
    private static final Pattern POUNDS =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(?:lb|lbs|#|pound|pounds)\\s*\\.?\\s*([a-z]*)");

    private GrammageText() {}

    /** Reads a paper weight; a bare number is g/m2, and pounds need their kind. */
    public static Reading<Grammage> parse(String typed) {
        String text = typed.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s\u00a0\u2009\u202f]+", " ");
        Matcher metric = METRIC.matcher(text);
        if (metric.matches()) {
            return limited(typed, Grammage.ofGsm(number(metric)));
        }
        Matcher pounds = POUNDS.matcher(text);
        if (!pounds.matches()) {
            return new Reading.Unreadable<>(typed, WANTED);
        }
        Optional<PoundKind> kind = kind(pounds.group(2));
        if (kind.isEmpty()) {
            return new Reading.Unreadable<>(typed, "say which kind of pound: " + kinds());
        }
        return limited(typed, Grammage.ofPounds(number(pounds), kind.get()));
    }

    private static Reading<Grammage> limited(String typed, Grammage grammage) {
        return grammage.gsm() > 100_000
                ? new Reading.Unreadable<>(typed, "no paper weighs that much; " + WANTED)
                : new Reading.Read<>(grammage);
    }

    private static double number(Matcher matcher) {
        return Double.parseDouble(matcher.group(1).replace(',', '.'));
    }

    private static Optional<PoundKind> kind(String word) {
        if (word.equals("book") || word.equals("offset")) {
            return Optional.of(PoundKind.TEXT);
        }
        return Arrays.stream(PoundKind.values())
                .filter(kind -> kind.word().equals(word))
                .findFirst();
    }

    private static String kinds() {
        return Arrays.stream(PoundKind.values()).map(PoundKind::word).collect(Collectors.joining(", "));
    }
}
