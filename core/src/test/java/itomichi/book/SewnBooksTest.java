package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.finding.Remark;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.Edge;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Hole;
import itomichi.path.Run;
import itomichi.path.Spot;
import itomichi.pattern.OwnPattern;
import itomichi.pattern.PatternText;
import itomichi.plan.SewingPlan;
import itomichi.spec.Binding;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.spec.StitchWish;
import itomichi.station.StationScheme;
import itomichi.structure.OwnStitching;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Books with their thread: the work it lies in, patterns of one's own, what is said where it cannot be sewn. */
public class SewnBooksTest {

    private static SewingPlan sewn(BookSpec spec) {
        return Planner.plan(spec).sewn();
    }

    private static boolean says(BookSpec spec, String key) {
        return Planner.plan(spec).remarks().stream()
                .anyMatch(remark -> remark.key().equals(key));
    }

    private static BookSpec mended(BookSpec spec, String key) {
        return Planner.plan(spec).remarks().stream()
                .filter(remark -> remark.key().equals(key))
                .findFirst()
                .flatMap(Remark::mend)
                .orElseThrow()
                .change();
    }

    private static BookSpec gathered(String structure, int pages, int signatures) {
        BookSpec spec = Books.bound(structure).withPages(pages);
        return spec.withGathering(spec.gathering().withChosen(Optional.of(new GatherWish.Chosen(signatures, false))));
    }

    // the work

    @Test
    public void signaturesOfALongStitchLieInTheRowsOfTheCover() {
        BookSpec spec = gathered("long-stitch", 96, 6);
        FoldFrame frame = (FoldFrame) sewn(spec).frame();
        var rows = Planner.plan(spec)
                .foldHoles()
                .orElseThrow()
                .cover()
                .orElseThrow()
                .rows();
        for (int signature = 1; signature <= 6; signature++) {
            assertEquals(
                    frame.layer(signature).across(), rows.at(1).minus(rows.at(signature)), "signature " + signature);
        }
    }

    @Test
    public void aPairSharesARow() {
        FoldFrame frame = (FoldFrame) sewn(gathered("paired-rows", 192, 12)).frame();
        assertEquals(frame.layer(3).across(), frame.layer(4).across());
        assertTrue(frame.layer(4).across().isLessThan(frame.layer(5).across()));
    }

    @Test
    public void aNeedleThroughTheCoverPassesItToo() {
        BookSpec with = gathered("long-stitch", 96, 6);
        double coverMm = with.cover().thickness().mm();
        double thinMm = ((FoldFrame) sewn(gathered("link-stitch", 96, 6)).frame())
                .layer(1)
                .passed()
                .mm();
        assertEquals(((FoldFrame) sewn(with).frame()).layer(1).passed().mm(), thinMm + coverMm, 1e-6);
    }

    @Test
    public void aDoublePamphletIsPiercedThroughBothSectionsAndBothWallsOfThePleat() {
        BookSpec spec = gathered("double-pamphlet", 64, 2);
        double sheetsMm = 16 * 0.168;
        assertEquals(
                sewn(spec).frame().passedMm(new Hole(1, 1)),
                sheetsMm + 2 * spec.cover().thickness().mm(),
                1e-6);
    }

    @Test
    public void tapesLieBetweenTheStationsOfEveryPair() {
        SewingPlan plan = sewn(Books.bound("tapes").withPages(160));
        double liftMm = plan.frame().liftMm(new Run(new Hole(1, 2), new Hole(1, 3), Face.OUTSIDE));
        assertEquals(liftMm, plan.spec().stitch().tape().mm(), 1e-9);
        assertEquals(plan.frame().liftMm(new Run(new Hole(1, 3), new Hole(1, 4), Face.OUTSIDE)), 0.0);
    }

    @Test
    public void aThickerTapeTakesMoreThread() {
        BookSpec spec = Books.bound("tapes").withPages(160);
        StitchWish wish = spec.stitch();
        BookSpec thick = spec.withStitch(new StitchWish(
                wish.variant(),
                Length.ofMm(2.4),
                wish.cord(),
                wish.board(),
                wish.boardHole(),
                wish.threads(),
                wish.workHeights(),
                wish.own()));
        int signatures = sewn(spec).choice().signatures();
        double moreMm = sewn(thick).need().cut().result().number()
                - sewn(spec).need().cut().result().number();
        // up and down each of three tapes by 2 mm more, in every signature
        assertEquals(moreMm, signatures * 3 * 2 * 2.0 * 1.03, 0.5);
    }

    @Test
    public void theWayRoundACoverGoesPastItsSquare() {
        BookSpec spec = gathered("long-stitch", 96, 6);
        SewingPlan plan = sewn(spec.withStitch(spec.stitch().withVariant("pairs")));
        double lastMm = plan.frame().at(new Spot(new Hole(1, 4), Face.INSIDE)).xMm();
        assertEquals(
                plan.frame().toEdgeMm(new Hole(1, 4), Edge.TAIL),
                210 - lastMm + spec.cover().square().mm(),
                1e-6);
    }

    @Test
    public void holesAreAsWideAsTheThreadsThatEndUpInThem() {
        BookSpec spec = gathered("long-stitch", 96, 6);
        var once = Planner.plan(spec).foldHoles().orElseThrow().passes();
        var twice = Planner.plan(spec.withStitch(spec.stitch().withVariant("there-and-back")))
                .foldHoles()
                .orElseThrow()
                .passes();
        assertEquals(once, List.of(1, 1, 1, 1));
        assertEquals(twice, List.of(2, 2, 2, 1));
    }

    @Test
    public void anotherStructureBeginsInItsUsualWay() {
        BookSpec spec = Books.bound("long-stitch").withPages(96);
        BookSpec pairs = spec.withStitch(spec.stitch().withVariant("pairs"));
        BookSpec linked = Binding.as(
                pairs, itomichi.structure.Structures.keyed("link-stitch").orElseThrow());
        assertEquals(linked.variant(), "usual");
    }

    @Test
    public void aWayThatTheStructureDoesNotKnowIsItsUsualOne() {
        BookSpec spec = Books.linked(160);
        assertEquals(spec.withStitch(spec.stitch().withVariant("sideways")).variant(), "usual");
    }

    // what is said

    @Test
    public void anEvenPamphletSaysThatItHasNoCentre() {
        assertTrue(says(Books.sound().withStations(Books.margins(4, 20)), "no-centre"));
        assertFalse(says(Books.sound(), "no-centre"));
    }

    @Test
    public void aLongThreadIsPartedByItsMend() {
        BookSpec spec = Books.linked(480);
        assertTrue(says(spec, "thread-long"));
        assertTrue(sewn(mended(spec, "thread-long")).need().pieces().size() > 1);
        assertFalse(says(mended(spec, "thread-long"), "thread-long"));
    }

    @Test
    public void aCountThatCannotBeSewnIsMendedByOneMore() {
        BookSpec odd = Books.bound("long-stitch").withPages(96).withStations(Books.margins(5, 20));
        assertTrue(says(odd, "stations-unsewable"));
        assertEquals(mended(odd, "stations-unsewable").stations().count(), 6);
    }

    @Test
    public void tooManyHolesForAWayAreALimitThatIsTold() {
        BookSpec spec = gathered("link-stitch", 960, 120);
        BookSpec many = spec.withStations(new StationScheme.Equal(60));
        assertTrue(says(many, "sewing-too-large"));
        assertTrue(Planner.plan(many).sewing().isEmpty());
    }

    @Test
    public void fourHundredHolesInAFoldAreSewn() {
        BookSpec tall = Books.bound("link-stitch")
                .withPages(48)
                .withLeaf(new BookSpec.Leaf(Length.ofMm(300), Length.ofMm(1200), false));
        BookSpec many = tall.withStations(new StationScheme.Equal(400));
        assertEquals(sewn(many).pathFaults(), List.of());
    }

    @Test
    public void aHundredAndTwentySignaturesAreSewn() {
        SewingPlan plan = sewn(gathered("link-stitch", 960, 120));
        assertEquals(plan.choice().signatures(), 120);
        assertEquals(plan.pathFaults(), List.of());
    }

    // patterns of one's own

    private static final String THREE = "pattern Three\nfold 200\nhole 40\nhole 100\nhole 160\noutside 1-2 2-3\n";
    private static final String BLOCK =
            "pattern Block\nside 200\nhole 40 12\nhole 160 12\nfront 1-2\nback 1-2\nwrap 1 spine\nwrap 2 spine\n";

    private static BookSpec own(String text) {
        OwnPattern pattern = ((PatternText.Parsed.Read) PatternText.parse(text)).pattern();
        BookSpec spec = Books.bound(pattern.side() ? "own-side" : "own-fold");
        return spec.withStitch(spec.stitch().withOwn(Optional.of(new OwnStitching(pattern))));
    }

    @Test
    public void withoutAPatternItSaysThatOneIsWanted() {
        assertTrue(says(Books.bound("own-fold"), "pattern-wanted"));
    }

    @Test
    public void aPatternPlacesItsStationsInProportion() {
        BookSpec spec = own(THREE + "inside 1-2 2-3\n");
        assertEquals(
                spec.stations().along(Length.ofMm(210)).fromHead(),
                List.of(Length.ofMm(42), Length.ofMm(105), Length.ofMm(168)));
    }

    @Test
    public void stationsMovedByHandStayWhereTheyArePut() {
        BookSpec moved = own(THREE + "inside 1-2 2-3\n").withStations(Books.placed(30, 100, 170));
        assertEquals(moved.stations().along(Length.ofMm(210)).at(1), Length.ofMm(30));
    }

    @Test
    public void aPatternThroughTheSidePlacesItsHoles() {
        BookPlan plan = Planner.plan(own(BLOCK));
        assertEquals(plan.sideHoles().orElseThrow().holes().size(), 2);
        assertEquals(plan.sewn().pathFaults(), List.of());
    }

    @Test
    public void aPatternForTheOtherKindOfBookIsNotSewn() {
        OwnPattern side = ((PatternText.Parsed.Read) PatternText.parse(BLOCK)).pattern();
        BookSpec fold = Books.bound("own-fold");
        BookSpec wrong = fold.withStitch(fold.stitch().withOwn(Optional.of(new OwnStitching(side))));
        assertTrue(says(wrong, "pattern-wanted"));
    }

    @DataProvider
    Object[][] lacking() {
        return new Object[][] {
            {THREE + "inside 1-2\n", "inside 2–3"},
            {THREE + "inside 2-3\n", "inside 1–2"},
        };
    }

    @Test(dataProvider = "lacking")
    public void whatAPatternLacksIsNamedAndMended(String text, String stitches) {
        BookSpec spec = own(text);
        String said = Planner.plan(spec).remarks().stream()
                .filter(remark -> remark.key().equals("pattern-lacks"))
                .map(remark -> remark.words().in(Unit.MM))
                .findFirst()
                .orElse("");
        assertTrue(Planner.plan(spec).stopped() && said.contains(stitches), said);
        assertFalse(says(mended(spec, "pattern-lacks"), "pattern-lacks"));
    }

    @Test
    public void aLoneHoleStopsTheBookWithTheReason() {
        BookSpec spec = own(THREE.replace("outside 1-2 2-3", "outside 1-2\ninside 1-2"));
        assertTrue(says(spec, "pattern-unsewable"));
        assertTrue(Planner.plan(spec).stopped());
    }

    @Test
    public void everySignatureOfAnOwnPatternHasItsThread() {
        BookSpec spec = own(THREE + "inside 1-2 2-3\n").withPages(96);
        SewingPlan plan = sewn(spec);
        assertEquals(plan.need().pieces().size(), plan.choice().signatures());
    }
}
