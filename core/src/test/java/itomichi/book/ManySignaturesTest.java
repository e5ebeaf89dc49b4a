package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.finding.Remark;
import itomichi.finding.Stage;
import itomichi.gathering.Extent;
import itomichi.gathering.Gathered;
import itomichi.gathering.Pressing;
import itomichi.gathering.Sharing;
import itomichi.gathering.SplitWish;
import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.Gatherer;
import itomichi.property.Draw;
import itomichi.property.Property;
import itomichi.spec.Binding;
import itomichi.spec.BookPaper;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.spec.GatherWish.RecipeSheet;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Books of many signatures, of single sheets, of mixed papers. */
public class ManySignaturesTest {

    private static Gathered.InSignatures folded(BookSpec spec) {
        return (Gathered.InSignatures) Planner.plan(spec).gathered();
    }

    private static BookSpec with(BookSpec spec, GatherWish gathering) {
        return spec.withGathering(gathering);
    }

    private static GatherWish chosen(int signatures, boolean filled) {
        return GatherWish.PLAIN.withChosen(Optional.of(new GatherWish.Chosen(signatures, filled)));
    }

    private static RecipeSheet sheet(int paper) {
        return new RecipeSheet(paper, Optional.empty(), Optional.empty());
    }

    private static RecipeSheet sheet(double firstMm, double secondMm) {
        return new RecipeSheet(0, Optional.of(Length.ofMm(firstMm)), Optional.of(Length.ofMm(secondMm)));
    }

    @Test
    public void untilASplitIsSettledTheBestIsTaken() {
        BookSpec spec = Books.linked(240);
        assertEquals(folded(spec).sharing(), Gatherer.splits(spec).get(0).sharing());
    }

    @Test
    public void aSettledSplitStaysWhenPagesChange() {
        BookSpec settled = with(Books.linked(240), chosen(12, false));
        assertEquals(folded(settled.withPages(264)).sharing().signatures(), 12);
    }

    @Test
    public void aFilledSplitHasBlanksAndAnUnevenOneHasNone() {
        assertEquals(folded(with(Books.linked(250), chosen(10, true))).sharing(), Sharing.of(70, 10));
        assertEquals(folded(with(Books.linked(250), chosen(10, false))).sharing(), Sharing.of(63, 10));
    }

    @Test
    public void endpapersAreSewnButHoldNoPages() {
        SplitWish apart = new SplitWish(false, Optional.empty(), Optional.empty(), Optional.empty(), true);
        Gathered.InSignatures gathered =
                folded(with(Books.linked(240), chosen(10, false).withWish(apart)));
        assertEquals(gathered.pages() + " " + gathered.block().signatures().size(), "240 12");
    }

    @Test
    public void everyPageCountIsHeldByItsSignatures() {
        Property.holdsFor(60).of(Draw.between(1, 2000), pages -> {
            Gathered.InSignatures gathered = folded(Books.linked(pages));
            return gathered.pages() >= pages
                    && gathered.sharing().sheets()
                            == gathered.block().signatures().stream()
                                    .mapToInt(signature -> signature.count())
                                    .sum();
        });
    }

    @Test
    public void theSpineGrowsWithEverySheet() {
        Property.holdsFor(60)
                .of(
                        Draw.between(40, 400),
                        pages -> spine(with(Books.linked(pages * 4 + 40), chosen(8, false)))
                                > spine(with(Books.linked(pages * 4), chosen(8, false))));
    }

    private static double spine(BookSpec spec) {
        return Planner.plan(spec).figure("spine").value().number();
    }

    @Test
    public void theUnitChangesNoThickness() {
        BookSpec spec = Books.linked(240);
        BookSpec inches = spec.withTitle(new BookSpec.Title("Lines", "", Unit.INCH));
        assertEquals(spine(inches), spine(spec));
    }

    @DataProvider
    Object[][] leaves() {
        return new Object[][] {
            // about 80 pages cased flat, 130 cased round, with 120 g/m2: common practice, no source; both close well
            // when sewn on tapes
            {"tapes", 80}, {"tapes", 130},
        };
    }

    @Test(dataProvider = "leaves")
    public void usualCasedBooksMakeNoStop(String structure, int pages) {
        assertFalse(Planner.plan(Books.bound(structure).withPages(pages)).stopped());
    }

    @Test
    public void aRecipeIsRepeatedUntilThePagesAreHeld() {
        BookSpec mixed =
                with(Books.linked(100), GatherWish.PLAIN.withRecipes(List.of(List.of(sheet(0), sheet(0), sheet(0)))));
        // 25 sheets in signatures of three
        assertEquals(folded(mixed).sharing(), Sharing.of(27, 9));
    }

    @Test
    public void differingRecipesAreTakenInTurn() {
        BookSpec mixed = with(
                Books.linked(64),
                GatherWish.PLAIN.withRecipes(
                        List.of(List.of(sheet(0), sheet(0)), List.of(sheet(0), sheet(0), sheet(0)))));
        assertEquals(folded(mixed).sharing().sheetsEach(), List.of(2, 3, 2, 3, 2, 3, 2));
    }

    @Test
    public void everyPaperOfARecipeIsCountedAndMeasured() {
        BookSpec spec = Books.linked(96);
        BookSpec mixed = with(
                spec.withPapers(Books.papers(
                        new BookPaper(spec.paper(), Optional.empty()),
                        new BookPaper(Books.paper(300, Grain.WITH_FOLD), Optional.empty()))),
                GatherWish.PLAIN.withRecipes(List.of(List.of(sheet(1), sheet(0), sheet(0)))));
        BookPlan plan = Planner.plan(mixed);
        assertEquals(plan.papers().get(0).sheets() + " " + plan.papers().get(1).sheets(), "16 8");
        // 2 x (0.42 + 2 x 0.168), with the pencil
        assertEquals(plan.figure("fold").value().number(), 1.512, 1e-6);
    }

    @Test
    public void aFoldOutSaysWhereItIsFoldedBack() {
        BookSpec mixed =
                with(Books.linked(96), GatherWish.PLAIN.withRecipes(List.of(List.of(sheet(0), sheet(148, 250)))));
        assertTrue(said(mixed, "leaf-1-2-second").contains("overhangs by 102 mm. Fold it back 143 mm from the fold"));
    }

    @Test
    public void aNarrowLeafSaysHowFarItFallsShort() {
        BookSpec mixed =
                with(Books.linked(96), GatherWish.PLAIN.withRecipes(List.of(List.of(sheet(0), sheet(60, 148)))));
        assertTrue(said(mixed, "leaf-1-2-first").contains("ends 88 mm short of the fore edge"));
    }

    @Test
    public void aStubTooNarrowForTheFoldIsACaution() {
        BookSpec mixed =
                with(Books.linked(96), GatherWish.PLAIN.withRecipes(List.of(List.of(sheet(0), sheet(12, 148)))));
        assertEquals(remark(mixed, "leaf-1-2-first").weight(), Remark.Weight.CAUTION);
    }

    @Test
    public void aWedgeIsMendedByAChangeThatHelps() {
        BookSpec doubled = Books.linked(240).withThread(Books.sewing(2, 75, 1.1));
        Remark<BookSpec> wedge = remark(doubled, "wedge");
        double before = wedge(doubled);
        double after = wedge(wedge.mend().orElseThrow().change());
        assertTrue(after < before - 0.5, before + " to " + after);
        assertTrue(wedge.mend().orElseThrow().words().in(Unit.MM).contains(Math.round(after * 10) / 10.0 + "\u202f%"));
    }

    /** Another split, pressing, thinner thread, another way of sewing: the order is common practice, no source. */
    @Test
    public void changesComeInTheOrderThatABinderTriesThem() {
        BookSpec doubled = with(
                Books.bound("tapes").withPages(240).withThread(Books.sewing(2, 75, 1.1)),
                chosen(15, false).withPressing(Pressing.FRESH));
        List<String> mends = remark(doubled, "wedge").mends().stream()
                .map(mend -> mend.words().in(Unit.MM).replaceAll(":.*", ""))
                .toList();
        assertEquals(
                mends, List.of("Take 10 of 6 sheets", "Press the signatures overnight", "Sew with a single thread"));
    }

    private static double wedge(BookSpec spec) {
        return Planner.plan(spec).figure("wedge").value().number();
    }

    @Test
    public void aFullAlbumIsToldHowMuchRoomItsSpineNeeds() {
        BookSpec album =
                with(Books.bound("long-stitch").withPages(112), GatherWish.PLAIN.withPasteIns(Length.ofMm(14)));
        BookPlan plan = Planner.plan(album);
        double lacking = plan.figure("fore-edge").value().number()
                - plan.figure("spine").value().number();
        assertTrue(said(album, "wedge-fore-edge").contains(Math.round(lacking * 10) / 10.0 + " mm"));
    }

    @Test
    public void whenNoSplitMeetsTheWishesTheyAreDroppedByAPress() {
        SplitWish narrow = new SplitWish(false, Optional.of(3), Optional.of(2), Optional.empty(), false);
        BookSpec spec = with(Books.linked(240), GatherWish.PLAIN.withWish(narrow));
        BookSpec mended = remark(spec, "wishes-too-narrow").mend().orElseThrow().change();
        assertEquals(mended.gathering().wish(), SplitWish.NONE);
    }

    @Test
    public void aThickSettledSplitIsMendedByTheBest() {
        BookSpec thick = with(Books.linked(240), chosen(3, false));
        assertEquals(remark(thick, "fold-thick").weight(), Remark.Weight.CAUTION);
        assertEquals(
                folded(remark(thick, "fold-thick").mend().orElseThrow().change())
                        .sharing(),
                Gatherer.splits(thick).get(0).sharing());
    }

    @Test
    public void singleSheetsAreStackedAndNotFolded() {
        BookPlan plan = Planner.plan(Books.bound("stab-four-hole").withExtent(new Extent(Extent.By.SHEETS, 40)));
        assertEquals(plan.gathered().sheets() + " " + plan.gathered().pages(), "40 80");
        assertEquals(plan.figure("block").value().number(), 40 * 0.168, 1e-6);
    }

    @Test
    public void anotherStructureBeginsAfreshButKeepsThePages() {
        BookSpec done = Books.sound().withDone(EnumSet.of(Stage.PURPOSE, Stage.PAPER, Stage.GATHER));
        BookSpec bound =
                Binding.as(done, itomichi.structure.Structures.keyed("tapes").orElseThrow());
        assertEquals(bound.extent(), done.extent());
        assertEquals(bound.done(), EnumSet.of(Stage.PURPOSE));
    }

    @Test
    public void aCountThatCannotBeSewnSaysSoWhenItsTurnComes() {
        BookSpec punched = Books.bound("long-stitch")
                .withPages(96)
                .withStations(Books.margins(5, 20))
                .withDone(EnumSet.range(Stage.PURPOSE, Stage.TEMPLATE));
        assertTrue(Planner.plan(punched).next().words().in(Unit.MM).contains("cannot be sewn through them"));
    }

    @Test
    public void stockThatIsShortIsToldWithItsPrice() {
        BookSpec spec = Books.from(Books.linked(240), Books.stock(640, 900, SheetGrain.ALONG_HEIGHT, 5));
        // 60 sheets, eight out of each: eight stock sheets, three short at 1.50
        assertTrue(said(spec, "stock-short").contains("8 stock sheets wanted, 5 in the drawer: 3 short, 4.50 to buy"));
    }

    @Test
    public void grainAcrossIsPutRightAtACostInPaper() {
        BookSpec spec = Books.from(Books.sound(), Books.stock(297, 420, SheetGrain.ALONG_WIDTH, 20));
        BookSpec most = spec.withPapers(
                spec.papers().withCutting(new itomichi.cutting.CutWish(itomichi.cutting.CutWish.Manner.CUT, false)));
        Remark<BookSpec> across = remark(most, "grain-across");
        // eight sheets of A4: two out of an A3 across the grain, one with it
        assertTrue(across.mend().orElseThrow().words().in(Unit.MM).contains("4 stock sheets more"));
        assertEquals(
                Planner.plan(across.mend().orElseThrow().change())
                        .papers()
                        .get(0)
                        .grain(),
                Grain.WITH_FOLD);
    }

    @Test
    public void stockTooSmallWithTheGrainRightIsAStopThatCanBeMended() {
        BookSpec spec = Books.from(Books.sound(), Books.stock(220, 300, SheetGrain.ALONG_HEIGHT, 20));
        Remark<BookSpec> small = remark(spec, "stock-too-small");
        assertEquals(small.weight(), Remark.Weight.STOP);
        assertFalse(Planner.plan(small.mend().orElseThrow().change()).stopped());
    }

    private static String said(BookSpec spec, String key) {
        return remark(spec, key).words().in(Unit.MM).replace('\u202f', ' ');
    }

    private static Remark<BookSpec> remark(BookSpec spec, String key) {
        List<Remark<BookSpec>> remarks = Planner.plan(spec).remarks();
        return remarks.stream()
                .filter(remark -> remark.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError(key + " is not among "
                        + remarks.stream().map(Remark::key).toList()));
    }
}
