package itomichi.documents.imposing;

/** A file that cannot be printed. Its message is one line for whoever brought it. */
final class TextFault extends Exception {

    private static final long serialVersionUID = 1;

    TextFault(String message) {
        super(message);
    }
}
