package itomichi.structure;

/** Whose hands make the book. */
public enum Hands {
    PRACTISED("practised"),
    NEW("new to it"),
    CHILDREN("children\u2019s");

    private final String words;

    Hands(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
