package itomichi.material;

/** Kinds of paper by how much room a gram of them takes. Values are common practice, no published source. */
public enum BulkKind {
    COATED("coated", 0.80),
    TRACING("tracing", 0.95),
    SMOOTH("smooth writing", 1.15),
    CARDSTOCK("cardstock", 1.20),
    OFFICE("office copy", 1.30),
    BOOK_WOVE("book wove", 1.40),
    DRAWING("drawing", 1.40),
    WATERCOLOUR("watercolour", 1.50),
    BULKY_BOOK("bulky book", 1.80),
    THIN_KOZO("thin kozo", 2.20);

    private final String words;
    private final double cm3PerGram;

    BulkKind(String words, double cm3PerGram) {
        this.words = words;
        this.cm3PerGram = cm3PerGram;
    }

    public String words() {
        return words;
    }

    /** Bulk in cm3/g, as ISO 534 defines it. */
    public double cm3PerGram() {
        return cm3PerGram;
    }
}
