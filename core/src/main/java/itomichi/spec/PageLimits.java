package itomichi.spec;

import itomichi.gathering.Form;
import itomichi.measure.Unit;

/** What no pages are counted by. */
final class PageLimits {

    private static final int MOST = 4000;
    private static final int MOST_FACING = 12;
    private static final int MOST_FACING_IN_ALL = 120;
    private static final int MOST_PICTURES = 480;
    private static final int MOST_PASTED = 60;
    private static final int LONGEST_PICTURE = 60;
    private static final int HIGHEST = 100_000;

    private PageLimits() {}

    private static void check(Artwork artwork) {
        Limits.number(
                "pages.artwork.pictures", "A book", artwork.pictures().size(), 0, MOST_PICTURES, " painted halves");
        Limits.number(
                "pages.artwork.facing", "A book", artwork.facing().size(), 0, MOST_FACING_IN_ALL, " halves facing");
        artwork.pictures().forEach((spot, words) -> {
            check(spot);
            Limits.text("pages.artwork.pictures", "What is on a half", words, 1, LONGEST_PICTURE);
        });
        artwork.facing().forEach(facing -> {
            check(facing.one());
            check(facing.other());
            if (facing.one().signature() != facing.other().signature()) {
                throw new UnfitValueException(
                        "pages.artwork.facing",
                        facing.one().named() + " and " + facing.other().named()
                                + " are of two signatures; only what is nested is brought to face.");
            }
            int together = artwork.facing(facing.one().signature()).size();
            Limits.number("pages.artwork.facing", "A nesting", together, 0, MOST_FACING, " halves facing");
        });
    }

    private static void check(Artwork.Spot spot) {
        Limits.number("pages.artwork", "A sheet made beforehand", spot.sheet(), 1, Artwork.MOST_SHEETS, "");
        Limits.number("pages.artwork", "A signature\u2019s number", spot.signature(), 1, Form.MOST_SIGNATURES, "");
    }

    /** @param number which of the things pasted on, from 0 */
    private static void check(int number, PastedOn pasted, int papers, Unit unit) {
        String field = "pages.pasted." + number;
        Limits.number(field + ".page", "A page\u2019s number", pasted.page(), 1, MOST, "");
        Limits.paper(field + ".paper", "What is pasted on", pasted.paper(), papers);
        double least = PastedOn.LEAST.mm();
        Limits.length(field + ".widthMm", "A width", pasted.width(), least, 1200, unit);
        Limits.length(field + ".heightMm", "A height", pasted.height(), least, 1200, unit);
        Limits.length(field + ".holdsMm", "A thickness", pasted.holds(), 0, 50, unit);
    }

    static void check(PageWish wish, int papers, Unit unit) {
        Limits.number("pages.pasted", "A book", wish.pasted().size(), 0, MOST_PASTED, " things pasted to pages");
        for (int i = 0; i < wish.pasted().size(); i++) {
            check(i, wish.pasted().get(i), papers, unit);
        }
        Limits.number("pages.uncounted", "Pages before any is counted", wish.uncounted(), 0, MOST, "");
        Limits.number("pages.roman", "Pages counted in roman figures", wish.roman(), 0, MOST, "");
        check(wish.artwork());
        Limits.number("pages.first", "A first number", wish.first(), 1, HIGHEST, "");
    }
}
