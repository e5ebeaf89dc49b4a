package itomichi.cover;

/** What a piece of a cover is cut from. */
public enum PieceStuff {
    BOARD("board"),
    CARD("card"),
    CLOTH("cloth"),
    LEATHER("leather"),
    PAPER("paper"),
    /** Thin open cloth that glue goes through. */
    OPEN_CLOTH("open cloth"),
    /** Bought by the length. */
    RIBBON("ribbon"),
    HEADBAND("headband, bought");

    /** What a cover that is sewn through is cut from. */
    static PieceStuff of(CoverStuff stuff) {
        return switch (stuff) {
            case THIN_PAPER -> PAPER;
            case CARD -> CARD;
            case CLOTH -> CLOTH;
            case LEATHER -> LEATHER;
        };
    }

    private final String words;

    PieceStuff(String words) {
        this.words = words;
    }

    /** Whether it lies outside. */
    boolean seen() {
        return switch (this) {
            case BOARD, OPEN_CLOTH, RIBBON, HEADBAND -> false;
            case CARD, CLOTH, LEATHER, PAPER -> true;
        };
    }

    public String words() {
        return words;
    }
}
