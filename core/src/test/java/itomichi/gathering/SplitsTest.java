package itomichi.gathering;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.habit.Learned;
import itomichi.material.BulkKind;
import itomichi.measure.Length;
import itomichi.property.Draw;
import itomichi.property.Property;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SplitsTest {

    private static final Draw<Integer> PAGES = Draw.between(8, 2000);
    private static final Draw<Integer> SHEET_UM = Draw.between(60, 400);
    private static final SewnIn LINEN = SewnIn.of(Length.ofMm(0.48), 1, BulkKind.BOOK_WOVE, Learned.NONE);

    private static SplitQuestion question(int pages, double sheetMm, SplitWish wish) {
        return new SplitQuestion(
                pages,
                Length.ofMm(sheetMm),
                Form.from(2),
                wish,
                LINEN,
                Springs.usual(Pressing.OVERNIGHT),
                Back.FLAT,
                Length.ZERO,
                Optional.empty(),
                IntUnaryOperator.identity());
    }

    private static SplitWish wish(boolean odd, Integer signatures, Integer sheetsEach, Integer most) {
        return new SplitWish(
                odd,
                Optional.ofNullable(signatures),
                Optional.ofNullable(sheetsEach),
                Optional.ofNullable(most),
                false);
    }

    /**
     * Of every count of signatures there could be, none is better in all a binder looks at, whatever each is held to weigh: how far the
     * fold is from comfortable and from the middling one, the wedge, blank pages, evenness, signatures to sew.
     */
    @Test
    public void noSplitIsBetterThanTheBestInEveryWay() {
        Property.holdsFor(60).of(PAGES, SHEET_UM, (pages, um) -> {
            double sheetMm = um / 1000.0;
            Split best = Splits.rank(question(pages, sheetMm, SplitWish.NONE)).get(0);
            double[] of = looks(best);
            return all(pages, sheetMm, best.question().sheets()).stream()
                    .map(split -> looks(split))
                    .noneMatch(other -> betterInEveryWay(other, of));
        });
    }

    private static List<Split> all(int pages, double sheetMm, int sheets) {
        List<Split> all = new ArrayList<>();
        for (int n = 2; n <= Math.max(2, sheets); n++) {
            all.addAll(Splits.rank(question(pages, sheetMm, wish(false, n, null, null))));
        }
        return all;
    }

    /** What a binder looks at, the less the better; comfortable folds are 1.0 to 2.4 mm: common practice, no published source. */
    private static double[] looks(Split split) {
        double foldMm = split.fold().mm();
        int over = split.sheets() % split.signatures();
        return new double[] {
            Math.max(0, Math.log(foldMm / 2.4)),
            Math.max(0, Math.log(1.0 / foldMm)),
            Math.abs(Math.log(foldMm / Math.sqrt(2.4))),
            split.wedge().excess(),
            split.blanks(),
            over == 0 ? 0 : 1,
            over % 2 == 0 || split.signatures() % 2 == 1 ? 0 : 1,
            split.signatures(),
        };
    }

    private static boolean betterInEveryWay(double[] one, double[] other) {
        boolean somewhere = false;
        for (int i = 0; i < one.length; i++) {
            if (one[i] > other[i] + 1e-9) {
                return false;
            }
            somewhere |= one[i] < other[i] - 1e-6;
        }
        return somewhere;
    }

    @Test
    public void theListRunsFromTheBestToTheWorst() {
        List<Split> splits = Splits.rank(question(240, 0.168, SplitWish.NONE));
        assertEquals(
                splits.stream()
                        .sorted(Comparator.comparing(Split::place).thenComparingDouble(Split::drawback))
                        .toList(),
                splits);
    }

    @Test
    public void pagesAreNeverLost() {
        Property.holdsFor(80)
                .of(
                        PAGES,
                        SHEET_UM,
                        (pages, um) -> Splits.rank(question(pages, um / 1000.0, SplitWish.NONE)).stream()
                                .allMatch(split ->
                                        split.sharing().sheets() * 4 - split.blanks() == pages && split.blanks() >= 0));
    }

    @Test
    public void theBestFoldIsComfortableWhereverPaperAllowsIt() {
        Property.holdsFor(80).of(Draw.between(201, 2000), SHEET_UM, (pages, um) -> {
            double fold = Splits.rank(question(pages, um / 1000.0, SplitWish.NONE))
                    .get(0)
                    .fold()
                    .mm();
            return fold >= 0.9 && fold <= 2.6;
        });
    }

    @Test
    public void twoHundredAndFortyPagesOfBookWoveMakeSignaturesOfFourToSevenSheets() {
        // 120 g/m2 book wove; few sheets make much sewing, many gape: common practice, no source
        int sheets = Splits.rank(question(240, 0.168, SplitWish.NONE))
                .get(0)
                .sharing()
                .most();
        assertTrue(sheets >= 4 && sheets <= 7, sheets + " sheets");
    }

    @Test
    public void oddIsPreferredWhenAskedFor() {
        assertEquals(
                Splits.rank(question(240, 0.168, wish(true, null, null, null)))
                                .get(0)
                                .sharing()
                                .signatures()
                        % 2,
                1);
    }

    @DataProvider
    Object[][] fixed() {
        return new Object[][] {
            {wish(false, 7, null, null), "signatures 7"},
            {wish(false, null, 5, null), "sheets 5"},
            {wish(false, null, null, 4), "most 4"},
        };
    }

    @Test(dataProvider = "fixed")
    public void whatIsFixedIsKept(SplitWish wish, String what) {
        for (Split split : Splits.rank(question(250, 0.168, wish))) {
            assertEquals(
                    (int) wish.signatures().orElse(split.sharing().signatures()),
                    split.sharing().signatures());
            wish.sheetsEach()
                    .ifPresent(each -> assertEquals(
                            split.sharing().sheetsEach(),
                            Collections.nCopies(split.sharing().signatures(), each)));
            wish.mostSheets().ifPresent(most -> assertTrue(split.sharing().most() <= most, what));
        }
    }

    @Test(dataProvider = "fixed")
    public void whatIsFixedStillLeavesAChoice(SplitWish wish, String what) {
        assertTrue(!Splits.rank(question(250, 0.168, wish)).isEmpty(), what);
    }

    @Test
    public void wishesThatCannotMeetLeaveNothing() {
        assertEquals(Splits.rank(question(240, 0.168, wish(false, 3, 2, null))), List.of());
    }

    @Test
    public void aSplitsFiguresAreThoseOfItsBlock() {
        for (Split split : Splits.rank(question(236, 0.14, SplitWish.NONE))) {
            Block block = new Block(
                    split.sharing().sheetsEach().stream()
                            .map(sheets -> Signature.plain(sheets, Length.ofMm(0.14), Length.ofMm(148)))
                            .toList(),
                    Length.ofMm(148),
                    Springs.usual(Pressing.OVERNIGHT),
                    LINEN,
                    split.signatures(),
                    Length.ZERO);
            assertEquals(split.wedge().spineMm(), block.spine().result().number(), 0.002);
            assertEquals(split.wedge().percent(), block.wedge().result().number(), 0.02);
        }
    }

    @Test
    public void unevenSplitsNameTheFullerSignatures() {
        Split uneven = Splits.rank(question(248, 0.168, wish(false, 10, null, null))).stream()
                .filter(split -> !split.sharing().even())
                .findFirst()
                .orElseThrow();
        String reasons = uneven.reasons().toString();
        assertTrue(reasons.contains("the 5th and 6th have a sheet more"), reasons);
    }

    @Test
    public void theWeightsOfTheReasonsAreTheDrawback() {
        for (Split split : Splits.rank(question(236, 0.14, wish(true, null, null, null)))) {
            double weights =
                    split.reasons().stream().mapToDouble(Split.Reason::weight).sum();
            assertEquals(weights, split.drawback(), 1e-9, split.sharing().words());
        }
    }

    @DataProvider
    Object[][] asked() {
        return new Object[][] {
            // sheets of so thick a paper: 150 g/m2 book wove, 16 of 4 before 13 of 5
            {256, 0.21, "16 of 4"},
            {240, 0.168, "10 of 6"},
        };
    }

    @Test(dataProvider = "asked")
    public void anEvenSplitThatIsComfortableComesFirst(int pages, double sheetMm, String words) {
        assertEquals(
                Splits.rank(question(pages, sheetMm, SplitWish.NONE))
                        .get(0)
                        .sharing()
                        .words(),
                words);
    }

    @Test
    public void whatABinderLooksForIsAlwaysShown() {
        for (int pages = 160; pages <= 480; pages += 4) {
            List<Split> ranked = Splits.rank(question(pages, 0.14, SplitWish.NONE));
            List<Integer> shown =
                    Splits.shown(ranked, 6).stream().map(Split::most).toList();
            // folds of 1.1 to 2.3 mm
            assertTrue(shown.containsAll(List.of(4, 5, 6, 8)), pages + " pages: " + shown);
        }
    }
}
