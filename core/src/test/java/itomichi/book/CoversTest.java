package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.advice.Use;
import itomichi.cover.CoverChoices;
import itomichi.cover.CoverKind;
import itomichi.cover.CoverStock;
import itomichi.cover.CoverStuff;
import itomichi.cover.PieceStuff;
import itomichi.finding.Figure;
import itomichi.finding.Remark;
import itomichi.finding.Stage;
import itomichi.gathering.Back;
import itomichi.material.SheetGrain;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.CutList;
import itomichi.plan.UsedUp;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.spec.CoverWish;
import itomichi.station.StationScheme;
import itomichi.structure.Covering;
import itomichi.structure.Structure;
import itomichi.structure.Structures;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The cover of a whole book: from the plan, and from the block in the hand. */
public class CoversTest {

    private static BookSpec onTapes() {
        return Books.bound("tapes").withPages(160);
    }

    private static BookSpec measured(BookSpec spec, double spineMm) {
        return spec.withCovering(
                spec.covering().withMeasured(CoverWish.Measured.NOTHING.withSpine(Optional.of(Length.ofMm(spineMm)))));
    }

    private static BookSpec settled(BookSpec spec, Map<String, Double> numbers, Map<String, String> schools) {
        return spec.withCovering(spec.covering().withChoices(new CoverChoices(numbers, schools)));
    }

    private static BookSpec kind(BookSpec spec, String key) {
        return spec.withCovering(spec.covering().withKind(key));
    }

    private static double piece(BookPlan plan, String key) {
        return plan.covering().work().pieces().stream()
                .filter(piece -> piece.key().equals(key))
                .findFirst()
                .orElseThrow()
                .wide()
                .mm();
    }

    private static Optional<Remark<BookSpec>> remark(BookPlan plan, String key) {
        return plan.remarks().stream().filter(said -> said.key().equals(key)).findFirst();
    }

    @DataProvider
    Object[][] structures() {
        return Structures.all().stream()
                .flatMap(structure -> List.of(true, false).stream().map(cover -> new Object[] {structure, cover}))
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "structures")
    public void everyBookHasACoverOrIsLeftAsItIsSewn(Structure structure, boolean wanted) {
        BookSpec bound = Books.bound(structure.key());
        CoverKind kind = Planner.plan(bound.withCover(bound.cover().withWanted(wanted)))
                .covering()
                .kind();
        boolean through =
                structure.coverings().stream().anyMatch(covering -> covering.soft() || covering == Covering.SIDE);
        if (through) {
            assertEquals(kind.key().equals("bare"), !wanted, structure.name());
        }
    }

    @Test(dataProvider = "structures")
    public void theUsualCoverOfASoundBookIsSound(Structure structure, boolean wanted) {
        BookSpec bound = Books.bound(structure.key());
        BookPlan plan = Planner.plan(bound.withCover(bound.cover().withWanted(wanted)));
        assertEquals(plan.covering().work().faults(), List.of());
    }

    @Test
    public void aMeasuredSpineChangesTheSpinePiece() {
        assertEquals(piece(Planner.plan(measured(onTapes(), 24.5)), "spine-piece"), 24.5, 0.01);
    }

    @Test
    public void aMeasuredBlockChangesNothingBeforeTheCover() {
        List<String> planned = before(Planner.plan(onTapes()));
        assertEquals(before(Planner.plan(measured(onTapes(), 24.5))), planned);
    }

    private static List<String> before(BookPlan plan) {
        return plan.figures().stream()
                .filter(figure -> figure.stage().compareTo(Stage.COVER) < 0)
                .map(figure -> figure.label() + figure.in(Unit.MM))
                .toList();
    }

    /** Boards and cloth are not cut before they are needed: their figures belong to the cover. */
    @Test
    public void theCoverHasItsFiguresAtItsStage() {
        List<String> keys = Planner.plan(onTapes()).figures().stream()
                .filter(figure -> figure.stage() == Stage.COVER)
                .map(Figure::key)
                .toList();
        assertTrue(keys.containsAll(List.of("board", "joint", "spine-piece", "cloth")), keys.toString());
    }

    @Test
    public void aPointThatSlippedStopsTheCover() {
        double planned = Planner.plan(onTapes()).figure("spine").length().mm();
        BookPlan plan = Planner.plan(measured(onTapes(), planned * 10));
        assertEquals(remark(plan, "block-slipped").orElseThrow().weight(), Remark.Weight.STOP);
    }

    @Test
    public void aBlockThatCameOutThickerIsANote() {
        double planned = Planner.plan(onTapes()).figure("spine").length().mm();
        BookPlan plan = Planner.plan(measured(onTapes(), planned * 1.6));
        assertEquals(remark(plan, "block-other").orElseThrow().weight(), Remark.Weight.NOTE);
    }

    @Test
    public void aBlockThatCameOutAsPlannedIsNotTalkedAbout() {
        double planned = Planner.plan(onTapes()).figure("spine").length().mm();
        BookPlan plan = Planner.plan(measured(onTapes(), planned + 0.2));
        assertFalse(plan.remarks().stream().anyMatch(said -> said.stage() == Stage.COVER));
    }

    @Test
    public void aTurnInThatIsTooWideIsMendedByTheUsualOne() {
        BookSpec wide = settled(onTapes(), Map.of("turn-in", 90.0), Map.of("joints", "BOARDS"));
        Remark<BookSpec> said = remark(Planner.plan(wide), "cover-turn-in").orElseThrow();
        CoverChoices mended = said.mend().orElseThrow().change().covering().choices();
        assertEquals(mended, new CoverChoices(Map.of(), Map.of("joints", "BOARDS")));
    }

    @Test
    public void aRoundedBackGetsARoundCase() {
        BookSpec round = onTapes().withGathering(onTapes().gathering().withBack(Back.ROUNDED));
        assertEquals(Planner.plan(round).covering().kind().key(), "case-round");
    }

    @Test
    public void aKindThatDoesNotFitCountsAsTheUsualOne() {
        assertEquals(Planner.plan(kind(onTapes(), "pleated")).covering().kind().key(), "case-flat");
    }

    @Test
    public void anotherStructureBeginsItsCoverAfresh() {
        BookSpec other = Binding.as(
                kind(measured(onTapes(), 24), "case-flat"),
                Structures.keyed("long-stitch").orElseThrow());
        assertEquals(other.covering(), CoverWish.USUAL);
    }

    @Test
    public void boardsThatAreSewnOnAreAsThickAsTheThreadGoesRound() {
        BookSpec linked = Books.linked(160);
        BookSpec boards =
                linked.withStitch(linked.stitch().withVariant("boards").withBoard(Length.ofMm(2.5)));
        BookPlan plan = Planner.plan(boards);
        assertEquals(plan.covering().kind().key(), "boards-sewn");
        assertEquals(plan.covering().base().block().board().planned(), Length.ofMm(2.5));
    }

    @Test
    public void aFlapMakesTheSoftCoverWiderAndLeavesItsRowsWhereTheyWere() {
        BookPlan plain = Planner.plan(Books.bound("long-stitch").withPages(160));
        BookPlan flap = Planner.plan(kind(plain.spec(), "soft-flap"));
        assertTrue(flap.coverSize()
                .orElseThrow()
                .width()
                .isMoreThan(plain.coverSize().orElseThrow().width()));
        assertEquals(
                flap.foldHoles().orElseThrow().cover().orElseThrow().rows(),
                plain.foldHoles().orElseThrow().cover().orElseThrow().rows());
    }

    private static BookSpec sewn(BookSpec spec, Stage... alsoDone) {
        EnumSet<Stage> done = EnumSet.range(Stage.PURPOSE, Stage.SEW);
        done.addAll(Arrays.asList(alsoDone));
        return spec.withDone(done);
    }

    @Test
    public void aSewnBookIsMeasuredAndItsCoverCut() {
        BookPlan.NextThing next = Planner.plan(sewn(onTapes())).next();
        assertEquals(next.stage(), Stage.COVER);
        assertEquals(
                next.words().in(Unit.MM),
                "Measure the sewn block, then cut the 9 pieces of its cover: case, flat back");
    }

    @Test
    public void theFirstStepOfFinishingThatIsNotTickedIsNext() {
        BookSpec covered = sewn(onTapes(), Stage.COVER);
        BookSpec nipped = covered.withCovering(covered.covering().withTicked(Set.of("nip")));
        assertTrue(Planner.plan(covered).next().words().in(Unit.MM).startsWith("Nip it"));
        assertTrue(Planner.plan(nipped).next().words().in(Unit.MM).startsWith("Press it"));
    }

    @Test
    public void aFinishedBookGoesOnTheShelf() {
        BookPlan.NextThing next =
                Planner.plan(sewn(onTapes(), Stage.COVER, Stage.FINISH)).next();
        assertTrue(next.finished());
        assertEquals(next.words().in(Unit.MM), "Finished. Put it on the shelf.");
    }

    private static List<CutList.Row> list(BookSpec spec) {
        return CutList.of(Planner.plan(spec).worked());
    }

    private static CutList.Row row(List<CutList.Row> rows, String key) {
        return rows.stream().filter(one -> one.key().equals(key)).findFirst().orElseThrow();
    }

    @Test
    public void theCutListBeginsWithTheSheets() {
        CutList.Row sheets = list(onTapes()).get(0);
        assertEquals(sheets.count(), 40);
        assertEquals(sheets.width().number(), 296, 1e-9);
        assertEquals(sheets.height().number(), 210, 1e-9);
    }

    /** Three tapes of 12 mm for an A5 book (common practice, no source); each reaches 30 mm on to both boards. */
    @Test
    public void tapesReachOnToBothBoards() {
        BookPlan plan = Planner.plan(onTapes());
        CutList.Row tapes = row(CutList.of(plan.worked()), "tape");
        assertEquals(tapes.count(), 3);
        assertEquals(tapes.width().number(), 12, 1e-9);
        assertEquals(tapes.height().number(), plan.figure("spine").length().mm() + 60, 0.01);
    }

    /** Where pairs have no room they are placed afresh for the drawing, and a remark says so; the list is there all the same. */
    @Test
    public void pairsThatHaveNoRoomLeaveACutList() {
        BookSpec low = onTapes()
                .withLeaf(new BookSpec.Leaf(Length.ofMm(60), Length.ofMm(41.7), false))
                .withStations(new StationScheme.Pairs(3, Length.ofMm(12), Length.ofMm(12)));
        assertTrue(Planner.plan(low).stopped());
        assertEquals(row(list(low), "board").height().number(), 45.7, 0.01);
    }

    @Test
    public void theListSaysWhatItWasMeasuredFrom() {
        assertEquals(row(list(onTapes()), "board").from(), CutList.From.PLAN);
        assertEquals(row(list(measured(onTapes(), 24)), "board").from(), CutList.From.PART);
        assertEquals(row(list(measured(onTapes(), 24)), "sheets-1").from(), CutList.From.PLAN);
    }

    @Test
    public void aSoftCoverIsCutBeforeThereIsABlock() {
        assertEquals(row(list(measured(Books.sound(), 3)), "cover").from(), CutList.From.PLAN);
    }

    @Test
    public void theListAndTheFiguresSayTheSame() {
        BookPlan plan = Planner.plan(onTapes());
        CutList.Row cloth = row(CutList.of(plan.worked()), "cloth");
        assertEquals(plan.figure("cloth").value(), cloth.width());
    }

    @Test
    public void aBlockThickerThanTheSpineOfItsSoftCoverIsToldAndTheCoverMadeWider() {
        BookSpec sewn = Books.bound("long-stitch").withPages(160);
        double spine = Planner.plan(sewn)
                .foldHoles()
                .orElseThrow()
                .cover()
                .orElseThrow()
                .width()
                .mm();
        Remark<BookSpec> said = remark(Planner.plan(measured(sewn, spine + 3)), "cover-spine-narrow")
                .orElseThrow();
        BookSpec wider = said.mend().orElseThrow().change();
        assertEquals(wider.cover().spine().orElseThrow().mm(), spine + 3, 0.01);
        assertTrue(remark(Planner.plan(measured(sewn, spine + 1)), "cover-spine-narrow")
                .isEmpty());
    }

    @Test
    public void onceItIsSewnNoWiderCoverIsOffered() {
        BookSpec sewn = sewn(Books.bound("long-stitch").withPages(160));
        Remark<BookSpec> said =
                remark(Planner.plan(measured(sewn, 60)), "cover-spine-narrow").orElseThrow();
        assertTrue(said.mends().isEmpty());
    }

    /** A flat back closes badly from a wedge of 20 % on. Common practice, no source. */
    @Test
    public void aMeasuredWedgeIsToldBeforeTheBookIsCovered() {
        double fore = Planner.plan(onTapes()).figure("block").length().mm();
        assertTrue(remark(Planner.plan(measured(onTapes(), fore * 1.6)), "block-wedge")
                .isPresent());
        assertTrue(remark(Planner.plan(measured(onTapes(), fore * 1.15)), "block-wedge")
                .isEmpty());
    }

    private static BookSpec cutFrom(BookSpec spec, PieceStuff stuff, double wideMm, double highMm, SheetGrain grain) {
        return spec.withCovering(spec.covering()
                .withStocks(Map.of(stuff, new CoverStock("Sheet", Length.ofMm(wideMm), Length.ofMm(highMm), grain))));
    }

    /** Common practice, no source: a board with its grain across the spine bows from head to tail. */
    @Test
    public void aSheetThatForcesTheGrainAcrossTheSpineIsCautioned() {
        BookSpec book = cutFrom(onTapes(), PieceStuff.BOARD, 250, 160, SheetGrain.ALONG_HEIGHT);
        Remark<BookSpec> said = remark(Planner.plan(book), "cover-stock-grain").orElseThrow();
        assertTrue(
                said.words().in(Unit.MM).contains("bows that way"), said.words().in(Unit.MM));
    }

    @Test
    public void aSheetTurnedSoThatTheGrainIsRightIsNot() {
        BookSpec book = cutFrom(onTapes(), PieceStuff.BOARD, 250, 160, SheetGrain.ALONG_WIDTH);
        assertTrue(remark(Planner.plan(book), "cover-stock-grain").isEmpty());
    }

    @Test
    public void aPieceLargerThanItsSheetIsSaidToBe() {
        BookSpec book = cutFrom(onTapes(), PieceStuff.CLOTH, 300, 200, SheetGrain.UNKNOWN);
        assertTrue(remark(Planner.plan(book), "cover-stock-small").isPresent());
    }

    private static UsedUp used(BookSpec book) {
        return UsedUp.of(Planner.plan(book).worked());
    }

    @Test
    public void twelveCopiesUseTwelveTimesTheThreadAndTheBoards() {
        UsedUp one = used(onTapes());
        UsedUp twelve = used(onTapes()
                .withUse(new Use(onTapes().use().needs(), 12, onTapes().use().hands())));
        assertEquals(
                twelve.thread().orElseThrow().mm(),
                12 * one.thread().orElseThrow().mm(),
                0.01);
        assertEquals(
                twelve.pieces().get(PieceStuff.BOARD).get(0).demand().number(),
                12 * one.pieces().get(PieceStuff.BOARD).get(0).demand().number());
    }

    /** What is used up and what is cut are the same pieces. */
    @Test
    public void whatIsUsedUpIsWhatTheCutListSays() {
        BookPlan plan = Planner.plan(settled(onTapes(), Map.of(), Map.of("ribbon", "ONE")));
        UsedUp used = UsedUp.of(plan.worked());
        int pieces = used.pieces().values().stream()
                        .flatMap(List::stream)
                        .mapToInt(piece -> piece.demand().number())
                        .sum()
                + used.lengths().size();
        int listed = CutList.of(plan.worked()).stream()
                .filter(row -> !row.key().startsWith("sheets") && !row.key().equals("tape"))
                .mapToInt(CutList.Row::count)
                .sum();
        // tapes are one length, however many they are cut into
        assertEquals(pieces, listed + 1);
    }

    @Test
    public void theLongStitchesOfTheSpineAreWovenAsTheyAreSewn() {
        BookPlan plan = Planner.plan(
                settled(kind(Books.bound("long-stitch"), "limp"), Map.of(), Map.of("limp-stitches", "WOVEN")));
        assertEquals(plan.covering().kind().key(), "limp");
        assertFalse(plan.covering().base().sewing().longs().isEmpty());
        assertTrue(plan.figures().stream().anyMatch(figure -> figure.key().startsWith("woven")));
    }

    /** The rows of a cover that is made to the block follow it. */
    @Test
    public void aBlockThinnerThanTheSpineOfItsSoftCoverIsToldAndTheRowsFollow() {
        BookSpec bound = Books.bound("paired-rows").withPages(160);
        BookSpec sewn = bound.withCover(bound.cover().withStuff(CoverStuff.LEATHER));
        double thin =
                Planner.plan(sewn).covering().base().block().spine().planned().mm() * 0.8;
        Remark<BookSpec> said =
                remark(Planner.plan(measured(sewn, thin)), "cover-spine-loose").orElseThrow();
        BookPlan narrower = Planner.plan(said.mend().orElseThrow().change());
        assertEquals(
                narrower.foldHoles().orElseThrow().cover().orElseThrow().width().mm(), thin, 0.01);
        assertTrue(narrower.covering().base().sewing().rows().stream().allMatch(row -> row.mm() < thin));
    }

    @Test
    public void twoSignaturesOfARowAreOneStitchToWeave() {
        BookPlan plan = Planner.plan(kind(Books.bound("paired-rows"), "limp"));
        int rows = plan.covering().base().sewing().rows().size();
        assertTrue(plan.covering().base().sewing().longs().stream().allMatch(group -> group.number() <= rows));
        assertFalse(plan.covering().base().sewing().longs().isEmpty());
    }
}
