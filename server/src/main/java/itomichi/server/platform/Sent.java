package itomichi.server.platform;

import itomichi.spec.UnfitValueException;
import org.jspecify.annotations.Nullable;

/** Parts of what is sent, checked as they are taken. */
public final class Sent {

    private Sent() {}

    /**
     * A part that must be there.
     *
     * @throws UnfitValueException if it is not
     */
    public static <T> T given(String field, @Nullable T part) {
        if (part == null) {
            throw new UnfitValueException(field, "“" + field + "” is missing.");
        }
        return part;
    }
}
