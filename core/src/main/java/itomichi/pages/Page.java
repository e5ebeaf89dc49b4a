package itomichi.pages;

/**
 * A side of a leaf.
 *
 * @param kind what is on it
 * @param place where it stands among the pages of its reading, from 1; 0 of an endpaper
 * @param number as it is printed on it; empty where it has none
 */
public record Page(Kind kind, int place, String number) {

    /** What is on a page. */
    public enum Kind {
        TEXT,
        /** Nobody asked for it. */
        BLANK,
        ENDPAPER
    }

    static final Page ENDPAPER = new Page(Kind.ENDPAPER, 0, "");

    /** What it is called. */
    public String words() {
        return switch (kind) {
            case TEXT -> number.isEmpty() ? "not counted" : number;
            case BLANK -> "blank";
            case ENDPAPER -> "endpaper";
        };
    }
}
