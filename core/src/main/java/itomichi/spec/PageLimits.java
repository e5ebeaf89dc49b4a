package itomichi.spec;

/** What no pages are counted by. */
final class PageLimits {

    private static final int MOST = 4000;
    private static final int HIGHEST = 100_000;

    private PageLimits() {}

    static void check(PageWish wish) {
        Limits.number("pages.uncounted", "Pages before any is counted", wish.uncounted(), 0, MOST, "");
        Limits.number("pages.roman", "Pages counted in roman figures", wish.roman(), 0, MOST, "");
        Limits.number("pages.first", "A first number", wish.first(), 1, HIGHEST, "");
    }
}
