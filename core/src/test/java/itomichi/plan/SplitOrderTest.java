package itomichi.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.fail;

import itomichi.book.Books;
import itomichi.finding.Remark;
import itomichi.gathering.Split;
import itomichi.material.BulkKind;
import itomichi.material.Grain;
import itomichi.material.Paper;
import itomichi.measure.Grammage;
import itomichi.remarks.Remarks;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Books of 40 to 1,200 pages over nine papers and all structures with signatures: which split is put before which. */
public class SplitOrderTest {

    @DataProvider
    Object[][] books() {
        return Structures.all().stream()
                .filter(structure -> structure.form().most() > 1 && !structure.wantsPattern())
                .flatMap(structure -> papers().map(paper -> new Object[] {structure, paper}))
                .toArray(Object[][]::new);
    }

    private static Stream<Paper> papers() {
        return Stream.of(
                        new Object[] {60.0, BulkKind.SMOOTH},
                        new Object[] {80.0, BulkKind.OFFICE},
                        new Object[] {90.0, BulkKind.BOOK_WOVE},
                        new Object[] {100.0, BulkKind.BULKY_BOOK},
                        new Object[] {120.0, BulkKind.BOOK_WOVE},
                        new Object[] {150.0, BulkKind.BOOK_WOVE},
                        new Object[] {160.0, BulkKind.CARDSTOCK},
                        new Object[] {200.0, BulkKind.WATERCOLOUR},
                        new Object[] {45.0, BulkKind.THIN_KOZO})
                .map(told -> new Paper(
                        "Paper",
                        Grammage.ofGsm((Double) told[0]),
                        (BulkKind) told[1],
                        Optional.empty(),
                        Grain.WITH_FOLD));
    }

    private static Stream<BookSpec> lengths(Structure structure, Paper paper) {
        BookSpec bound = Binding.as(Books.sound().withPaper(paper), structure);
        return Stream.iterate(40, pages -> pages <= 1200, pages -> pages + 4)
                .filter(pages -> pages % 40 == 0 || pages % 32 == 0)
                .map(bound::withPages);
    }

    /** By the limits themselves: a fold over what is comfortable, a spine thicker by 20 % and by 1.5 mm (common practice, no source). */
    private static boolean cautioned(Split split) {
        double spineMm = split.wedge().spineMm();
        double foreMm = split.wedge().foreEdgeMm();
        boolean rowsTear =
                split.place() == Split.Place.CAUTION && split.question().rows().isPresent();
        boolean wedged = (spineMm - foreMm) / foreMm * 100 >= 20 && spineMm - foreMm >= 1.5;
        return rowsTear
                || wedged
                || split.fold().isMoreThan(split.question().form().comfort().most());
    }

    private static boolean thin(Split split) {
        return split.fold().isLessThan(split.question().form().comfort().least());
    }

    private static boolean pure(Split split) {
        return split.even() && split.blanks() == 0;
    }

    @Test(dataProvider = "books")
    public void noSplitWithACautionStandsBeforeOneWithout(Structure structure, Paper paper) {
        lengths(structure, paper)
                .forEach(spec -> noneBefore(spec, SplitOrderTest::cautioned, split -> !cautioned(split)));
    }

    @Test(dataProvider = "books")
    public void noImpureSplitStandsBeforeAComfortableEvenOne(Structure structure, Paper paper) {
        lengths(structure, paper)
                .forEach(spec -> noneBefore(
                        spec, split -> !pure(split), split -> pure(split) && !cautioned(split) && !thin(split)));
    }

    private static void noneBefore(BookSpec spec, Predicate<Split> worse, Predicate<Split> better) {
        List<Split> ranked = Gatherer.splits(spec);
        boolean worseSeen = false;
        for (Split split : ranked) {
            worseSeen |= worse.test(split);
            if (worseSeen && better.test(split)) {
                fail(spec.bound().name() + ", " + spec.pages() + " pages: "
                        + split.sharing().words() + " comes too late");
            }
        }
    }

    @Test(dataProvider = "books")
    public void whatTheRankingCallsACautionThePlanDoesToo(Structure structure, Paper paper) {
        BookSpec spec = Binding.as(Books.sound().withPaper(paper), structure).withPages(240);
        for (PlannedSplit planned : PlannedSplit.of(spec)) {
            BookSpec taken =
                    spec.withGathering(spec.gathering().withChosen(Optional.of(GatherWish.Chosen.of(planned.split()))));
            boolean said = Remarks.unmended(WorkedBook.of(taken)).stream()
                    .filter(remark -> remark.weight() != Remark.Weight.NOTE)
                    .anyMatch(remark -> remark.key().startsWith("fold-")
                            || remark.key().equals("wedge")
                            || remark.key().matches("rows-(tears-between|run-together)"));
            assertEquals(
                    said,
                    planned.split().place() == Split.Place.CAUTION,
                    structure.key() + " " + planned.split().sharing().words());
        }
    }
}
