package itomichi.spec;

/** A value that no book can have. The message is one line: what was read, what limit it broke, what is wanted. */
public final class UnfitValueException extends IllegalArgumentException {

    private final String field;

    /**
     * @param field the field's name as it stands in the book file, for instance {@code leaf.widthMm}
     * @param message one line for the screen
     */
    public UnfitValueException(String field, String message) {
        super(message);
        this.field = field;
    }

    /** The field's name as it stands in the book file. */
    public String field() {
        return field;
    }
}
