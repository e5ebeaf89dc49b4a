package itomichi.server.document;

import itomichi.measure.Length;
import itomichi.server.platform.Sent;
import itomichi.spec.UnfitValueException;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Parts of a document, checked as they are taken: there at all, and a number that can be a length. */
public final class Checked {

    private Checked() {}

    static <T> List<T> whole(String field, List<T> values) {
        values.forEach(value -> Sent.given(field, value));
        return values;
    }

    /**
     * A length.
     *
     * @throws UnfitValueException if it is none
     */
    public static Length mm(String field, double mm) {
        if (!(Math.abs(mm) < 1e6)) {
            throw new UnfitValueException(field, "Read " + mm + " mm; a length is wanted.");
        }
        return Length.ofMm(mm);
    }

    static Optional<Length> mmIfAny(String field, @Nullable Double mm) {
        return mm == null ? Optional.empty() : Optional.of(mm(field, mm));
    }
}
