package itomichi.gathering;

/**
 * How long the book is to be, as its binder counts it.
 *
 * @param by what is counted
 * @param number how many, at least one
 */
public record Extent(By by, int number) {

    /** What a binder counts: sides to write on, leaves to turn, or sheets in the hand. */
    public enum By {
        PAGES("pages"),
        LEAVES("leaves"),
        SHEETS("sheets");

        private final String words;

        By(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** So many pages. */
    public static Extent ofPages(int number) {
        return new Extent(By.PAGES, number);
    }

    /**
     * Pages wanted.
     *
     * @param folded whether a sheet is folded once, which gives it two leaves instead of one
     */
    public int pages(boolean folded) {
        return switch (by) {
            case PAGES -> number;
            case LEAVES -> 2 * number;
            case SHEETS -> pagesPerSheet(folded) * number;
        };
    }

    /** Sheets that hold the pages wanted. */
    public int sheets(boolean folded) {
        int each = pagesPerSheet(folded);
        return (pages(folded) + each - 1) / each;
    }

    /** Pages of one sheet: four when it is folded once, else two. */
    public static int pagesPerSheet(boolean folded) {
        return folded ? 4 : 2;
    }
}
