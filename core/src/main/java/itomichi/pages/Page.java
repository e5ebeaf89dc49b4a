package itomichi.pages;

/**
 * A side of a leaf.
 *
 * @param kind what is on it
 * @param place where it stands among the pages of its reading, from 1; 0 of an endpaper and of what is never seen
 * @param number as it is printed on it; empty where it has none
 * @param picture what was made on it beforehand; empty where nothing is said of that
 */
public record Page(Kind kind, int place, String number, String picture) {

    /** What is on a page. */
    public enum Kind {
        TEXT,
        /** Nobody asked for it. */
        BLANK,
        ENDPAPER,
        /** It lies inside a sheet that is folded at the fore edge. */
        HIDDEN,
        /** A side of a stub that only catches the fold. */
        STUB
    }

    static final Page ENDPAPER = new Page(Kind.ENDPAPER, 0, "", "");
    static final Page STUB = new Page(Kind.STUB, 0, "", "");
    static final Page HIDDEN = new Page(Kind.HIDDEN, 0, "", "");

    /** What it is called. */
    public String words() {
        return switch (kind) {
            case TEXT -> number.isEmpty() ? "not counted" : number;
            case BLANK -> "blank";
            case ENDPAPER -> "endpaper";
            case HIDDEN -> "never seen";
            case STUB -> "stub";
        };
    }
}
