package itomichi.measure;

/** The unit a binder reads and types lengths in. It changes what is shown, never what is kept. */
public enum Unit {
    MM("mm"),
    INCH("in");

    private final String symbol;

    Unit(String symbol) {
        this.symbol = symbol;
    }

    /** The symbol written behind a number. */
    public String symbol() {
        return symbol;
    }
}
