package itomichi.material;

/**
 * Kinds of paper by how much room a gram of them takes, and by how far a thread sinks into them. Values are common practice, no published
 * source.
 */
public enum BulkKind {
    COATED("coated", 0.80, false),
    TRACING("tracing", 0.95, false),
    SMOOTH("smooth writing", 1.15, false),
    CARDSTOCK("cardstock", 1.20, false),
    OFFICE("office copy", 1.30, false),
    BOOK_WOVE("book wove", 1.40, true),
    DRAWING("drawing", 1.40, true),
    WATERCOLOUR("watercolour", 1.50, true),
    BULKY_BOOK("bulky book", 1.80, true),
    THIN_KOZO("thin kozo", 2.20, true);

    private static final double LEFT_IN_HARD = 0.8;
    private static final double LEFT_IN_SOFT = 0.5;

    private final String words;
    private final double cm3PerGram;
    private final boolean soft;

    BulkKind(String words, double cm3PerGram, boolean soft) {
        this.words = words;
        this.cm3PerGram = cm3PerGram;
        this.soft = soft;
    }

    public String words() {
        return words;
    }

    /** Bulk in cm3/g, as ISO 534 defines it. */
    public double cm3PerGram() {
        return cm3PerGram;
    }

    /** Soft or hard, which tells how far a thread sinks in. */
    public String hardness() {
        return soft ? "soft" : "hard";
    }

    /** Share of a thread's thickness that still stands out of a fold of this paper once it is sewn. */
    public double threadLeft() {
        return soft ? LEFT_IN_SOFT : LEFT_IN_HARD;
    }
}
