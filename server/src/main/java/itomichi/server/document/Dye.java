package itomichi.server.document;

/** The colour of a stuff, as near as one of a few is to it: how a book in it stands on the bench. */
public enum Dye {
    UNDYED("undyed"),
    MADDER("madder red"),
    WELD("weld yellow"),
    VERDIGRIS("verdigris green"),
    INDIGO("indigo blue"),
    PLUM("plum"),
    ASH("ash grey"),
    SOOT("black");

    private final String words;

    Dye(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
