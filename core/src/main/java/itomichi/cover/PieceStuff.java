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
    /** Bought by the length. */
    CORD("cord"),
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
            case BOARD, OPEN_CLOTH, RIBBON, CORD, HEADBAND -> false;
            case CARD, CLOTH, LEATHER, PAPER -> true;
        };
    }

    /** Whether it comes in sheets; else it is bought by the length. */
    public boolean inSheets() {
        return this != RIBBON && this != CORD && this != HEADBAND;
    }

    /** Whether it has a grain, which belongs along the spine. */
    public boolean grained() {
        return inSheets() && this != LEATHER;
    }

    /** What happens to it, or by it, with the grain across the spine: common practice. */
    public String across() {
        return switch (this) {
            case BOARD, CARD -> "it gives from head to tail, and bows that way as soon as something is pasted on";
            case CLOTH, OPEN_CLOTH, PAPER ->
                "pasted, it stretches from head to tail, and pulls the board hollow that way as it dries";
            case LEATHER, RIBBON, CORD, HEADBAND -> "";
        };
    }

    public String words() {
        return words;
    }
}
