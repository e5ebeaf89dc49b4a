package itomichi.measure;

/** The kinds of paper whose weight is told in pounds, each with its own basic sheet, so that "24 lb" alone says nothing. */
public enum PoundKind {
    BOND(17, 22),
    TEXT(25, 38),
    COVER(20, 26),
    BRISTOL(22.5, 28.5),
    INDEX(25.5, 30.5),
    TAG(24, 36),
    /** The imperial sheet of drawing and watercolour papers. */
    WATERCOLOUR(22, 30);

    /** Grams in an avoirdupois pound: the definition of 1959, exact. */
    static final double GRAMS_PER_POUND = 453.59237;
    /** Sheets in the ream that the pounds weigh. */
    static final int SHEETS = 500;

    private final double widthInches;
    private final double heightInches;

    PoundKind(double widthInches, double heightInches) {
        this.widthInches = widthInches;
        this.heightInches = heightInches;
    }

    double basicSheetM2() {
        return Length.ofInches(widthInches).mm() * Length.ofInches(heightInches).mm() / 1e6;
    }

    /** The word typed behind "lb". */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
