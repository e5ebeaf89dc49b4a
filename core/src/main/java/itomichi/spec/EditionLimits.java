package itomichi.spec;

import itomichi.advice.Use;
import itomichi.measure.Unit;

/** What no copies can be. */
final class EditionLimits {

    private static final int MOST_KINDS = 12;
    private static final int MOST_SPARE = 100;
    private static final int LEAST_PRACTICE = 50;
    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_COLOPHON = 400;

    private EditionLimits() {}

    static void check(EditionWish wish, Use use, Unit unit) {
        Limits.number("edition.kinds", "A book", wish.kinds().size(), 0, MOST_KINDS, " kinds of copies");
        long unlike = 0;
        for (int i = 0; i < wish.kinds().size(); i++) {
            EditionWish.Kind kind = wish.kinds().get(i);
            String field = "edition.kinds." + i;
            Limits.text(field + ".name", "A name of a kind", kind.name(), 1, LONGEST_NAME);
            Limits.number(field + ".copies", "A kind", kind.copies(), 1, BookLimits.MOST_COPIES, " copies");
            kind.thread().ifPresent(name -> Limits.text(field + ".thread", "The name of a thread", name, 1, 80));
            CoverLimits.checkStocks(field + ".stocks", kind.stocks(), unit);
            unlike += kind.copies();
        }
        if (unlike > use.copies()) {
            throw new UnfitValueException(
                    "use.copies",
                    "The kinds come to " + unlike + " copies together; the book has " + use.copies() + ".");
        }
        Limits.number("edition.sparePercent", "Spare", wish.sparePercent(), 0, MOST_SPARE, " %");
        Limits.number(
                "edition.practicePercent",
                "What is left of the time at twice the number",
                wish.practicePercent(),
                LEAST_PRACTICE,
                100,
                " %");
        Limits.number("edition.names", "A book", wish.names().size(), 0, BookLimits.MOST_NAMED, " copies with a name");
        for (int i = 0; i < wish.names().size(); i++) {
            Limits.text(
                    "edition.names." + i,
                    "The name of copy " + (i + 1),
                    wish.names().get(i),
                    0,
                    LONGEST_NAME);
        }
        Limits.text("edition.colophon", "A line for every copy", wish.colophon(), 0, LONGEST_COLOPHON);
    }
}
