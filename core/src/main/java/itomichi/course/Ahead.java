package itomichi.course;

/** What the teacher may do before the class; sheets, covers and threads are always cut before. */
public enum Ahead {
    FOLDED("folded before"),
    PUNCHED("punched before");

    private final String words;

    Ahead(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
