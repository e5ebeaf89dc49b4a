package itomichi.spec;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import itomichi.book.Books;
import itomichi.cover.CoverChoices;
import itomichi.measure.Length;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What no cover can be: refused with the field and one line. */
public class CoverLimitsTest {

    private static CoverWish number(String key, double number) {
        return CoverWish.USUAL.withChoices(new CoverChoices(Map.of(key, number), Map.of()));
    }

    private static CoverWish way(String key, String way) {
        return CoverWish.USUAL.withChoices(new CoverChoices(Map.of(), Map.of(key, way)));
    }

    private static CoverWish board(double mm) {
        return CoverWish.USUAL.withMeasured(CoverWish.Measured.NOTHING.withBoard(Optional.of(Length.ofMm(mm))));
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {
                board(0.2),
                "covering.block.boardMm",
                "A board of 0.200\u202fmm: from 0.300\u202fmm to 10\u202fmm is taken."
            },
            {board(11), "covering.block.boardMm", "A board of 11\u202fmm: from 0.300\u202fmm to 10\u202fmm is taken."},
            {
                number("turn-in", 300),
                "covering.numbers.turn-in",
                "Turn-in of 300\u202fmm: from 5\u202fmm to 100\u202fmm is taken."
            },
            {
                number("turn-in", Double.NaN),
                "covering.numbers.turn-in",
                "Turn-in of NaN\u202fmm: from 5 to 100\u202fmm is taken."
            },
            {number("flap", 400), "covering.numbers.flap", "Flap of 400\u202f%: from 10 to 200\u202f% is taken."},
            {number("joints", 3), "covering.numbers.joints", "Read a number; “The joint” is one of its ways."},
            {number("wings", 3), "covering.numbers.wings", "Read “wings”; no cover is settled by that."},
            {way("joints", "GLUE"), "covering.schools.joints", "Read “GLUE”; a cover is not made so."},
            {way("turn-in", "FIXED"), "covering.schools.turn-in", "Read “FIXED”; a cover is not made so."},
            {CoverWish.USUAL.withKind("tin"), "covering.kind", "Read “tin”; no cover has that name."},
            {CoverWish.USUAL.withTicked(Set.of("A step")), "covering.ticked", "Read “A step”; no step has that name."}
        };
    }

    @Test(dataProvider = "unfit")
    public void isRefusedInOneLine(CoverWish wish, String field, String line) {
        UnfitValueException refused =
                expectThrows(UnfitValueException.class, () -> Books.sound().withCovering(wish));
        assertEquals(refused.field(), field);
        assertEquals(refused.getMessage(), line);
    }

    @DataProvider
    Object[][] fit() {
        return new Object[][] {
            {board(0.3)}, {board(10)}, {number("turn-in", 5)}, {number("turn-in", 100)}, {way("joints", "BOARDS")}
        };
    }

    @Test(dataProvider = "fit")
    public void theEndsOfARangeAreTaken(CoverWish wish) {
        assertEquals(Books.sound().withCovering(wish).covering(), wish);
    }
}
