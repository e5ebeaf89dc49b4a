package itomichi.spec;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.expectThrows;

import itomichi.advice.Use;
import itomichi.book.Books;
import itomichi.gathering.Extent;
import itomichi.gathering.SplitWish;
import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.material.Supply;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.structure.Hands;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class UnfitValuesTest {

    private interface Attempt {
        BookSpec make(BookSpec sound);
    }

    @DataProvider
    Object[][] unfit() {
        return new Object[][] {
            {"extent.number", (Attempt) sound -> sound.withPages(0)},
            {"extent.number", (Attempt) sound -> sound.withPages(40_000)},
            {
                "leaf.widthMm",
                (Attempt) sound -> sound.withLeaf(new BookSpec.Leaf(Length.ofMm(5), Length.ofMm(210), false))
            },
            {
                "leaf.heightMm",
                (Attempt) sound -> sound.withLeaf(new BookSpec.Leaf(Length.ofMm(148), Length.ofMm(2000), false))
            },
            {"paper.grammageGsm", (Attempt) sound -> sound.withPaper(Books.paper(5, Grain.UNKNOWN))},
            {"extent.number", (Attempt) sound -> sound.withExtent(new Extent(Extent.By.SHEETS, 1500))},
            {"use.copies", (Attempt) sound -> sound.withUse(new Use(Set.of(), 0, Hands.NEW))},
            {"paper.stock.widthMm", (Attempt) sound -> Books.from(sound, Books.stock(5, 900, SheetGrain.UNKNOWN, 1))},
            {"paper.stock.have", (Attempt) sound -> Books.from(sound, Books.stock(640, 900, SheetGrain.UNKNOWN, -1))},
            {"paper.stock.deckleMm", (Attempt) sound -> Books.from(sound, deckle(25, 30))},
            {"cutting.trimMm", (Attempt) sound -> sound.withPapers(trimmed(sound.papers(), 80))},
            {
                "otherPapers",
                (Attempt) sound ->
                        sound.withPapers(Books.papers(nine(sound.papers().main())))
            },
            {
                "gathering.pasteInsMm",
                (Attempt) sound -> sound.withGathering(GatherWish.PLAIN.withPasteIns(Length.ofMm(900)))
            },
            {
                "gathering.signatures",
                (Attempt) sound ->
                        sound.withGathering(GatherWish.PLAIN.withChosen(Optional.of(new GatherWish.Chosen(0, false))))
            },
            {
                "gathering.wish.sheetsEach",
                (Attempt) sound -> sound.withGathering(GatherWish.PLAIN.withWish(
                        new SplitWish(false, Optional.empty(), Optional.of(0), Optional.empty(), false)))
            },
            {
                "gathering.recipes",
                (Attempt) sound -> sound.withGathering(GatherWish.PLAIN.withRecipes(List.of(Books.mixedRecipe())))
            },
            {
                "gathering.recipes",
                (Attempt) sound -> sound.withGathering(GatherWish.PLAIN.withRecipes(List.of(List.of())))
            },
            {"stations.count", (Attempt) sound -> sound.withStations(Books.margins(401, 0.6))},
            {"stitch.cordMm", (Attempt) sound -> sound.withStitch(stitch("usual", 0, 12))},
            {"stitch.workHeights", (Attempt) sound -> sound.withStitch(stitch("usual", 3, 0.5))},
            {"stitch.variant", (Attempt) sound -> sound.withStitch(stitch("", 3, 12))},
            {"stations.placedMm", (Attempt) sound -> sound.withStations(Books.placed(20, 10, 30))},
            {"stations.headMm", (Attempt) sound -> sound.withStations(Books.margins(3, 0))},
            {"thread.tailMm", (Attempt) sound -> sound.withThread(Books.sewing(1, 5, 1))},
            {"thread.strands", (Attempt) sound -> sound.withThread(Books.sewing(3, 75, 1))},
            {"name", (Attempt) sound -> sound.withTitle(new BookSpec.Title("   ", "", Unit.MM))},
            {"name", (Attempt) sound -> sound.withTitle(new BookSpec.Title("x".repeat(81), "", Unit.MM))},
        };
    }

    private static Supply deckle(double deckleMm, double edgeMm) {
        return new Supply(
                Length.ofMm(edgeMm),
                Length.ofMm(900),
                SheetGrain.UNKNOWN,
                Length.ofMm(deckleMm),
                Optional.empty(),
                Optional.empty());
    }

    private static Papers trimmed(Papers papers, double mm) {
        return new Papers(papers.all(), papers.cutting(), Length.ofMm(mm));
    }

    private static BookPaper[] nine(BookPaper paper) {
        return Collections.nCopies(9, paper).toArray(new BookPaper[0]);
    }

    @Test(dataProvider = "unfit")
    public void aValueNoBookCanHaveIsRefusedByItsField(String field, Attempt attempt) {
        assertEquals(
                expectThrows(UnfitValueException.class, () -> attempt.make(Books.sound()))
                        .field(),
                field);
    }

    @Test(dataProvider = "unfit")
    public void theRefusalIsOneLine(String field, Attempt attempt) {
        String message = expectThrows(UnfitValueException.class, () -> attempt.make(Books.sound()))
                .getMessage();
        assertFalse(message.isBlank() || message.contains("\n"), message);
    }

    private static StitchWish stitch(String variant, double cordMm, double heights) {
        StitchWish usual = StitchWish.USUAL;
        return new StitchWish(
                variant,
                usual.tape(),
                Length.ofMm(cordMm),
                usual.board(),
                usual.boardHole(),
                usual.threads(),
                heights,
                usual.own());
    }
}
