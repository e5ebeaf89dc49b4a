package itomichi.documents.imposing;

/** A file that cannot be printed. Its message is one line for whoever brought it. */
class TextFault extends Exception {

    private static final long serialVersionUID = 1;

    TextFault(String message) {
        super(message);
    }

    /** One that can be printed once its password is known. */
    static final class Locked extends TextFault {

        private static final long serialVersionUID = 1;

        Locked(String message) {
            super(message);
        }
    }
}
