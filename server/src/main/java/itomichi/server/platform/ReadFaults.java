package itomichi.server.platform;

import itomichi.spec.UnfitValueException;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Tells what is wrong with a JSON text: where, what was read, what is wanted. Never the words of the program that read it. */
public final class ReadFaults {

    private static final int SHOWN = 60;

    private ReadFaults() {}

    /** One line about why a JSON text could not be taken. */
    public static String line(JacksonException fault) {
        Optional<UnfitValueException> unfit = unfit(fault);
        if (unfit.isPresent()) {
            return "At “" + unfit.get().field() + "”: " + unfit.get().getMessage();
        }
        if (fault instanceof StreamReadException) {
            @Nullable TokenStreamLocation at = fault.getLocation();
            return at == null
                    ? "This is not JSON."
                    : "Line %d, column %d: this is not JSON.".formatted(at.getLineNr(), at.getColumnNr());
        }
        String place = place(fault);
        if (fault instanceof UnrecognizedPropertyException unknown) {
            return "At “%s”: “%s” is not known here.".formatted(place, shown(unknown.getPropertyName()));
        }
        if (fault instanceof InvalidFormatException format) {
            return "At “%s”: read “%s”; %s is wanted."
                    .formatted(place, shown(String.valueOf(format.getValue())), wanted(format.getTargetType()));
        }
        if (fault instanceof MismatchedInputException mismatched) {
            return "At “%s”: %s is wanted.".formatted(place, wanted(mismatched.getTargetType()));
        }
        return "At “%s”: this cannot be read.".formatted(place);
    }

    /** The unfit value that reading stopped at, if it did. */
    public static Optional<UnfitValueException> unfit(Throwable fault) {
        return causes(fault)
                .filter(UnfitValueException.class::isInstance)
                .map(UnfitValueException.class::cast)
                .findFirst();
    }

    /** A failure and, one after the other, what each came from. */
    static Stream<Throwable> causes(Throwable failure) {
        return Stream.iterate(failure, cause -> cause != null, Throwable::getCause);
    }

    /** The path to the fault, such as {@code gathering.unlike[0].heightMm}; the whole where there is none. */
    private static String place(JacksonException fault) {
        String path = fault.getPath().stream()
                .map(step -> step.getPropertyName() == null
                        ? "[" + step.getIndex() + "]"
                        : "." + shown(step.getPropertyName()))
                .collect(Collectors.joining());
        String place = path.startsWith(".") ? path.substring(1) : path;
        return place.isEmpty() ? "/" : shown(place);
    }

    private static String wanted(@Nullable Type type) {
        if (!(type instanceof Class<?> plain)) {
            return "something else";
        }
        if (plain.isEnum()) {
            return Arrays.stream(plain.getEnumConstants())
                    .map(String::valueOf)
                    .limit(20)
                    .collect(Collectors.joining(", ", "one of ", ""));
        }
        if (plain == int.class || plain == Integer.class || plain == long.class || plain == Long.class) {
            return "a whole number";
        }
        if (plain == double.class || plain == Double.class) {
            return "a number";
        }
        if (plain == boolean.class || plain == Boolean.class) {
            return "true or false";
        }
        if (plain == String.class) {
            return "a text of letters";
        }
        if (plain == UUID.class) {
            return "an id";
        }
        return Collection.class.isAssignableFrom(plain)
                ? "a list"
                : plain.isRecord() || Map.class.isAssignableFrom(plain) ? "an object with its parts" : "something else";
    }

    /** What was read, as far as it helps: short, and without what a screen cannot show. */
    public static String shown(String read) {
        String plain = read.codePoints()
                .limit(SHOWN)
                .map(letter -> Letters.kept(letter) && letter >= ' ' ? letter : '\uFFFD')
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
        return plain.length() < read.length() ? plain + "…" : plain;
    }
}
