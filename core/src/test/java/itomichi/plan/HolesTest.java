package itomichi.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.advice.Use;
import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.finding.Remark;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.HoleSize;
import itomichi.punching.HoleGroup;
import itomichi.punching.Tool;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.spec.HoleWish;
import itomichi.spec.Papers;
import itomichi.station.Level;
import itomichi.station.RowScheme;
import itomichi.station.StationScheme;
import itomichi.structure.Hands;
import itomichi.structure.Structures;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The holes of whole books. */
public class HolesTest {

    /** Six signatures in a felt cover that is 232 mm high with a spine of 46 mm. */
    static BookSpec felt() {
        BookSpec spec = Books.bound("long-stitch")
                .withLeaf(new BookSpec.Leaf(Length.ofMm(148), Length.ofMm(220), false))
                .withPages(6 * 5 * 4);
        return spec.withGathering(spec.gathering().withChosen(Optional.of(new GatherWish.Chosen(6, false))))
                .withCover(new BookSpec.Cover(true, Length.ofMm(3), Length.ofMm(6))
                        .withHeight(Optional.of(Length.ofMm(232)))
                        .withSpine(Optional.of(Length.ofMm(46))));
    }

    @Test
    public void theFeltCoverIsDividedByFourSchools() {
        assertEquals(
                cover(felt()).schools().stream().map(Holes.School::key).toList(),
                List.of("EQUAL", "MARGIN", "PITCH", "THICKNESS"));
    }

    @Test
    public void aSchoolSaysItsSum() {
        assertEquals(
                cover(felt()).schools().get(0).words().in(Unit.MM).replace('\u202f', ' '),
                "46 mm ÷ (6 + 1) = 6.6 mm everywhere");
    }

    @Test
    public void signaturesSitLevelInACoverAtHand() {
        Holes.InCover cover = cover(felt());
        // (232 - 220) / 2 at head and tail
        assertEquals(List.of(cover.head().mm(), cover.tail().mm()), List.of(6.0, 6.0));
    }

    @Test
    public void theHolesOfSixSignaturesAndTheirCoverAreCounted() {
        // 4 stations in 6 signatures and in 6 rows
        assertEquals(Planner.plan(felt()).figure("holes").value().number(), 48.0);
    }

    @Test
    public void twelveSignaturesInPairsTakeSixRows() {
        // six rows for twelve signatures: common practice, no source
        BookSpec spec = Books.bound("paired-rows").withPages(12 * 4 * 4);
        BookSpec paired =
                spec.withGathering(spec.gathering().withChosen(Optional.of(new GatherWish.Chosen(12, false))));
        assertEquals(cover(paired).rows().count(), 6);
    }

    @Test
    public void twiceTheThreadsPassACoverHoleThatAPairShares() {
        BookSpec spec = Books.bound("paired-rows").withPages(96);
        List<Integer> through = folds(spec).groups().stream()
                .filter(group -> group.through() == HoleGroup.Through.COVER)
                .map(HoleGroup::passes)
                .toList();
        // once through each fold, so twice through the row of a pair
        assertEquals(through, List.of(2));
    }

    @Test
    public void theOwnThicknessOfTheSignaturesFillsTheNaturalSpine() {
        BookSpec natural = felt().withCover(new BookSpec.Cover(true, Length.ofMm(3), Length.ofMm(6)));
        Holes.InCover cover = cover(natural);
        assertEquals(cover.natural().mm(), cover.width().mm(), 0.01);
    }

    @Test
    public void roomForPasteInsWidensTheSpine() {
        BookSpec plain = felt().withCover(new BookSpec.Cover(true, Length.ofMm(3), Length.ofMm(6)));
        BookSpec filled = plain.withGathering(plain.gathering().withPasteIns(Length.ofMm(14)));
        assertEquals(cover(filled).width().minus(cover(plain).width()).mm(), 14, 0.001);
    }

    @DataProvider
    Object[][] stopped() {
        HoleWish wish = felt().holes();
        return new Object[][] {
            {felt().withHoles(wish.withRows(new RowScheme.Pitch(Length.ofMm(12)))), "rows-off-spine"},
            {felt().withHoles(wish.withRows(new RowScheme.EdgeMargin(Length.ofMm(23)))), "rows-unfit"},
            {felt().withHoles(wish.withRows(new RowScheme.Placed(List.of(Length.ofMm(9))))), "rows-unfit"},
            {felt().withCover(felt().cover().withSpine(Optional.of(Length.ofMm(5)))), "rows-run-together"},
            {felt().withCover(felt().cover().withHeight(Optional.of(Length.ofMm(210)))), "cover-short"},
            {felt().withCover(felt().cover().withHeadSquare(Optional.of(Length.ofMm(20)))), "cover-short"},
            {
                Books.bound("tapes").withStations(new StationScheme.Pairs(8, Length.ofMm(25), Length.ofMm(12))),
                "margins-too-wide"
            },
            {
                Books.bound("stab-four-hole")
                        .withHoles(Books.bound("stab-four-hole")
                                .holes()
                                .withSide(HoleWish.Side.USUAL.withEdge(Length.ofMm(2)))),
                "hole-tears-out-1"
            },
        };
    }

    @Test(dataProvider = "stopped")
    public void holesThatCannotBeMadeAreStopped(BookSpec spec, String key) {
        assertEquals(remark(spec, key).weight(), Remark.Weight.STOP);
    }

    @Test(dataProvider = "stopped")
    public void theMendLeavesNothingOfItToSay(BookSpec spec, String key) {
        remark(spec, key)
                .mend()
                .ifPresent(mend -> assertFalse(keys(mend.change()).contains(key), key));
    }

    @Test
    public void aShorterSignatureIsPunchedThroughTheStationsThatFallOnIt() {
        BookSpec spec = felt().withHoles(felt().holes()
                        .withStations(new StationScheme.Placed(
                                List.of(Length.ofMm(20), Length.ofMm(80), Length.ofMm(140), Length.ofMm(200))))
                        .withLevel(Level.HEAD))
                .withGathering(felt().gathering().withHeights(Map.of(3, Length.ofMm(160))));
        assertEquals(folds(spec).folds().get(2).stations(), List.of(1, 2, 3));
    }

    @Test
    public void levelAtTheTailItIsTheLowerStations() {
        BookSpec spec = felt().withHoles(felt().holes()
                        .withStations(new StationScheme.Placed(
                                List.of(Length.ofMm(20), Length.ofMm(80), Length.ofMm(140), Length.ofMm(200))))
                        .withLevel(Level.TAIL))
                .withGathering(felt().gathering().withHeights(Map.of(3, Length.ofMm(160))));
        assertEquals(folds(spec).folds().get(2).stations(), List.of(2, 3, 4));
    }

    @Test
    public void sheetsOfAShorterSignatureAreCutShorter() {
        BookSpec spec = felt().withGathering(felt().gathering().withHeights(Map.of(3, Length.ofMm(160))));
        assertTrue(Planner.plan(spec).papers().get(0).demands().stream()
                .anyMatch(demand -> demand.height().equals(Length.ofMm(160)) && demand.number() == 5));
    }

    @Test
    public void theFoldIsPunchedLongerByTheTrim() {
        BookSpec trimmed = Books.sound()
                .withPapers(new Papers(
                        Books.sound().papers().all(), Books.sound().papers().cutting(), Length.ofMm(4)));
        Holes.InFolds folds = folds(trimmed);
        // 20 mm from the trimmed head is 24 mm from the head as it is punched
        assertEquals(List.of(folds.punchedHeight().mm(), folds.punched().at(1).mm()), List.of(218.0, 24.0));
    }

    @Test
    public void aHoleIsAsWideAsTheNeedleOrItsThreads() {
        BookSpec thin = Books.sound().withThread(Books.sewing(2, 75, 0.6));
        double strand = thin.thread().thread().diameter().result().number();
        // four threads, 0.85 d R with R = 2.4142: computation.md, circle packing from memory
        assertEquals(folds(thin).groups().get(1).size().result().number(), 0.85 * strand * HoleSize.packing(4), 1e-3);
    }

    @Test
    public void aKerfReachesTheInnermostSheet() {
        BookSpec spec = Books.bound("french-link").withPages(120);
        Holes.InFolds folds = folds(spec);
        double sheets = ((itomichi.gathering.Gathered.InSignatures)
                        Planner.plan(spec).gathered())
                .thickest()
                .laidFlat()
                .mm();
        assertTrue(folds.kerf().orElseThrow().result().number() > sheets);
    }

    @DataProvider
    Object[][] structures() {
        return Structures.all().stream()
                .filter(structure -> structure.holing().any())
                .map(structure -> new Object[] {structure.key()})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "structures")
    public void everyStructureBeginsWithSoundHoles(String structure) {
        List<String> stops = Planner.plan(Books.bound(structure).withPages(96)).remarks().stream()
                .filter(remark -> remark.weight() == Remark.Weight.STOP)
                .map(Remark::key)
                .filter(key -> key.startsWith("station") || key.startsWith("rows") || key.startsWith("hole"))
                .toList();
        assertEquals(stops, List.of());
    }

    @Test(dataProvider = "structures")
    public void everyHoleOfTheListIsInAGroup(String structure) {
        Holes holes = Planner.plan(Books.bound(structure).withPages(96)).holes().orElseThrow();
        int grouped = holes.groups().stream().mapToInt(HoleGroup::number).sum();
        int times = holes instanceof Holes.ThroughSide ? holes.list().ticks().size() : 1;
        assertEquals(holes.list().holes(), grouped * times);
    }

    @Test
    public void aGluedSpineHasNoHoles() {
        assertTrue(Planner.plan(Books.bound("glued-spine")).holes().isEmpty());
    }

    @Test
    public void childrenTakeAPaperPunch() {
        // a paper punch in small batches, the safe way for children: common practice, no source
        BookSpec spec = Books.sound().withUse(new Use(Set.of(), 12, Hands.CHILDREN));
        assertEquals(folds(spec).groups().get(0).tool(), Tool.PAPER_PUNCH);
    }

    @Test
    public void aThickBlockIsDrilledInBatches() {
        BookSpec thick = Books.bound("stab-running").withPages(800);
        Holes.ThroughSide side = Planner.plan(thick).sideHoles().orElseThrow();
        assertEquals(
                side.list().ticks().size(), (int) Math.ceil(side.thickness().mm() / 25), "batches");
    }

    @Test
    public void anOddNumberOfALongStitchIsPlannedToTheHolesAndSaysSo() {
        BookPlan plan = Planner.plan(
                Books.bound("long-stitch").withPages(96).withStations(Books.placed(20, 60, 120, 150, 190)));
        assertTrue(plan.sewing().isEmpty()
                && plan.holes().isPresent()
                && plan.remarks().stream().anyMatch(remark -> remark.key().equals("stations-unsewable")));
    }

    @Test
    public void pagesOfAStabBookCreaseAtItsHoles() {
        BookPlan plan = Planner.plan(Books.bound("stab-running"));
        double thickness = plan.sideHoles().orElseThrow().thickness().mm();
        assertEquals(plan.figure("crease").value().number(), 12 + thickness / 2, 0.01);
    }

    private static Holes.InFolds folds(BookSpec spec) {
        return Planner.plan(spec).foldHoles().orElseThrow();
    }

    private static Holes.InCover cover(BookSpec spec) {
        return folds(spec).cover().orElseThrow();
    }

    private static List<String> keys(BookSpec spec) {
        return Planner.plan(spec).remarks().stream().map(Remark::key).toList();
    }

    private static Remark<BookSpec> remark(BookSpec spec, String key) {
        return Planner.plan(spec).remarks().stream()
                .filter(remark -> remark.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError(key + " is not among " + keys(spec)));
    }
}
