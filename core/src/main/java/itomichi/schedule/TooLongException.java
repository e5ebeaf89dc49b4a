package itomichi.schedule;

/** The work would take longer than is planned ahead. */
public final class TooLongException extends IllegalArgumentException {

    TooLongException() {
        super("With these hours the work takes more than ten years: nothing is planned.");
    }
}
