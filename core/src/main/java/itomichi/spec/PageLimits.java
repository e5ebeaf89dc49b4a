package itomichi.spec;

/** What no pages are counted by. */
final class PageLimits {

    private static final int MOST = 4000;
    private static final int MOST_FACING = 12;
    private static final int LONGEST_PICTURE = 60;
    private static final int HIGHEST = 100_000;

    private PageLimits() {}

    private static void check(Artwork artwork) {
        Limits.number("pages.artwork.facing", "A nesting", artwork.facing().size(), 0, MOST_FACING, " halves facing");
        artwork.pictures().forEach((spot, words) -> {
            check(spot);
            Limits.text("pages.artwork.pictures", "What is on a half", words, 1, LONGEST_PICTURE);
        });
        artwork.facing().forEach(facing -> {
            check(facing.one());
            check(facing.other());
        });
    }

    private static void check(Artwork.Spot spot) {
        Limits.number("pages.artwork", "A sheet made beforehand", spot.sheet(), 1, Artwork.MOST_SHEETS, "");
    }

    static void check(PageWish wish) {
        Limits.number("pages.uncounted", "Pages before any is counted", wish.uncounted(), 0, MOST, "");
        Limits.number("pages.roman", "Pages counted in roman figures", wish.roman(), 0, MOST, "");
        check(wish.artwork());
        Limits.number("pages.first", "A first number", wish.first(), 1, HIGHEST, "");
    }
}
