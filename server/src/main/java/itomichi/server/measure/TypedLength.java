package itomichi.server.measure;

import itomichi.measure.Length;
import itomichi.measure.LengthText;
import itomichi.measure.Unit;
import itomichi.spec.UnfitValueException;

/** Lengths as they were typed, with a request. */
public final class TypedLength {

    private TypedLength() {}

    /**
     * A length that was typed into a field.
     *
     * @param unit the unit of a bare number
     * @throws UnfitValueException with the field and one line, if it cannot be read
     */
    public static Length read(String field, String typed, Unit unit) {
        return LengthText.parse(typed, unit).orElseGet(unreadable -> {
            throw new UnfitValueException(field, unreadable.message() + ".");
        });
    }
}
