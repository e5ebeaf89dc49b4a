package itomichi.pages;

import itomichi.spec.PastedOn;
import java.util.List;

/**
 * A side of a leaf.
 *
 * @param kind what is on it
 * @param place where it stands among the pages of its reading, from 1; 0 of an endpaper and of what is never seen
 * @param through where it stands among all pages as they are sewn, from 1; 0 where it has no place
 * @param number as it is printed on it; empty where it has none
 * @param picture what was made on it beforehand; empty where nothing is said of that
 * @param pasted what is pasted to it
 */
public record Page(Kind kind, int place, int through, String number, String picture, List<PastedOn> pasted) {

    public Page {
        pasted = List.copyOf(pasted);
    }

    /** What is on a page. */
    public enum Kind {
        TEXT,
        /** Nobody asked for it. */
        BLANK,
        ENDPAPER,
        /** A side of a leaf that is tipped on: nothing of the text comes on it, and it is not counted. */
        TIPPED,
        /** It lies inside a sheet that is folded at the fore edge. */
        HIDDEN,
        /** A side of a stub that only catches the fold. */
        STUB
    }

    static final Page ENDPAPER = none(Kind.ENDPAPER);
    static final Page STUB = none(Kind.STUB);
    static final Page HIDDEN = none(Kind.HIDDEN);
    static final Page TIPPED = none(Kind.TIPPED);

    private static Page none(Kind kind) {
        return new Page(kind, 0, 0, "", "", List.of());
    }

    /** Whether a pocket is pasted to it. */
    public boolean pocket() {
        return pasted.stream().anyMatch(one -> one.kind() == PastedOn.Kind.POCKET);
    }

    /** What it is called. */
    public String words() {
        return switch (kind) {
            case TEXT -> number.isEmpty() ? "not counted" : number;
            case BLANK -> "blank";
            case ENDPAPER -> "endpaper";
            case TIPPED -> "tipped on";
            case HIDDEN -> "never seen";
            case STUB -> "stub";
        };
    }
}
