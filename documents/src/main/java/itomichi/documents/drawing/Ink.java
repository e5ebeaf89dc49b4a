package itomichi.documents.drawing;

/** What a line is printed in, so that those who share a card tell their marks apart. Hex digits of red, green and blue. */
public enum Ink {
    BLACK("000000"),
    MADDER("A83A2A"),
    INDIGO("2B4A86"),
    VERDIGRIS("1F6F5C"),
    PLUM("6B3157"),
    WELD("8A6A00");

    private final String hex;

    Ink(String hex) {
        this.hex = hex;
    }

    public String hex() {
        return hex;
    }

    /** What it is called. */
    public String words() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
