package itomichi.cover;

/** What a piece of a cover is cut from. */
public enum PieceStuff {
    BOARD("board"),
    CARD("card"),
    CLOTH("cloth"),
    PAPER("paper"),
    /** Thin open cloth that glue goes through. */
    OPEN_CLOTH("open cloth"),
    CORD("cord");

    private final String words;

    PieceStuff(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
