package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.finding.Remark;
import itomichi.finding.Stage;
import itomichi.gathering.Back;
import itomichi.gathering.Pressing;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.ThreadParting;
import itomichi.spec.BookSpec;
import itomichi.spec.GatherWish;
import itomichi.spec.HoleWish;
import itomichi.spec.StitchWish;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is said of a book and what would mend it, as a practised binder would: all of it common practice, no source. */
public class AdviceAndMendsTest {

    private static Optional<Remark<BookSpec>> said(BookSpec spec, String key) {
        return Planner.plan(spec).remarks().stream()
                .filter(remark -> remark.key().equals(key))
                .findFirst();
    }

    private static BookSpec signatures(String structure, int pages, int signatures) {
        BookSpec bound = Books.bound(structure).withPages(pages);
        return bound.withGathering(bound.gathering().withChosen(Optional.of(new GatherWish.Chosen(signatures, false))));
    }

    @Test
    public void aThickPamphletIsToBeBoundInSignaturesAndNotCutShort() {
        Remark<BookSpec> springs = said(Books.sound().withPages(240), "fold-unsewable")
                .or(() -> said(Books.sound().withPages(240), "fold-springs"))
                .orElseThrow();
        List<String> mends =
                springs.mends().stream().map(mend -> mend.words().in(Unit.MM)).toList();
        assertEquals(mends.size(), 2);
        assertTrue(mends.stream().allMatch(words -> words.startsWith("Bind it in signatures: ")), mends.toString());
    }

    @Test
    public void aSettledNumberThatTheStructureCannotTakeIsSaid() {
        Remark<BookSpec> replaced =
                said(signatures("tapes", 96, 2), "signatures-replaced").orElseThrow();
        assertEquals(replaced.weight(), Remark.Weight.STOP);
        assertTrue(
                replaced.words().in(Unit.MM).contains("2 signatures were settled on; sewn on tapes takes 3 or more"));
        assertTrue(said(replaced.mend().orElseThrow().change(), "signatures-replaced")
                .isEmpty());
    }

    @Test
    public void whatIsNotFeltInAThinBookIsNotSaid() {
        // 2 signatures of 4 sheets: 2.7 mm in all, a wedge of much more than 20 %, and not half a millimetre of it
        BookSpec thin = Books.bound("double-pamphlet").withPages(32);
        assertTrue(Planner.plan(thin).figure("wedge").value().number() > 10);
        assertTrue(said(thin, "wedge").isEmpty());
    }

    @DataProvider
    Object[][] backs() {
        return new Object[][] {
            // doubled or single, flat or rounded: what is said of the wedge
            {1, Back.FLAT, "wedge", Remark.Weight.NOTE},
            {2, Back.FLAT, "wedge", Remark.Weight.CAUTION},
            {2, Back.ROUNDED, "", null},
        };
    }

    @Test(dataProvider = "backs")
    public void aWedgeIsJudgedByTheBack(int strands, Back back, String key, Remark.Weight weight) {
        BookSpec tapes = signatures("tapes", 240, 10);
        BookSpec book = tapes.withThread(tapes.thread().withStrands(strands))
                .withGathering(tapes.gathering().withBack(back));
        Optional<Remark<BookSpec>> wedge = Planner.plan(book).remarks().stream()
                .filter(remark -> remark.key().startsWith("wedge"))
                .findFirst();
        assertEquals(wedge.map(Remark::key).orElse(""), key);
        assertEquals(wedge.map(Remark::weight).orElse(null), weight);
    }

    @Test
    public void whatCannotBeRoundedIsJudgedFlat() {
        BookSpec link = signatures("link-stitch", 240, 10);
        BookSpec rounded = link.withGathering(link.gathering().withBack(Back.ROUNDED));
        assertEquals(
                Planner.plan(rounded).remarks().stream().map(Remark::key).toList(),
                Planner.plan(link).remarks().stream().map(Remark::key).toList());
    }

    @Test
    public void everyMendHelpsAndCausesNothingGraver() {
        for (BookSpec spec : List.of(
                Books.sound().withPages(240),
                signatures("tapes", 240, 15).withThread(Books.sewing(2, 75, 1.1)),
                signatures("link-stitch", 240, 3),
                signatures("long-stitch", 240, 20))) {
            BookPlan plan = Planner.plan(spec);
            for (Remark<BookSpec> remark : plan.remarks()) {
                for (Remark.Mend<BookSpec> mend : remark.mends()) {
                    BookPlan after = Planner.plan(mend.change());
                    assertTrue(
                            after.remarks().stream()
                                    .filter(said -> said.weight().compareTo(remark.weight()) > 0)
                                    .allMatch(said -> plan.remarks().stream()
                                            .anyMatch(before -> before.key().equals(said.key()))),
                            mend.words().in(Unit.MM));
                }
            }
        }
    }

    @Test
    public void aRemarkBelongsToTheStageWhereItIsPutRight() {
        assertEquals(
                said(Books.sound().withPages(240), "creep-seen").orElseThrow().stage(), Stage.GATHER);
        assertEquals(
                said(Books.sound().withStations(Books.placed(2, 105, 190)), "station-tears-out-1")
                        .orElseThrow()
                        .stage(),
                Stage.STATIONS);
        assertEquals(
                said(Books.sound().withThread(Books.sewing(1, 30, 1.1)), "tail-short")
                        .orElseThrow()
                        .stage(),
                Stage.THREAD);
    }

    @Test
    public void noThreadInWorkIsLongerThanIsHandledWellTailsAndNeedleWithIt() {
        BookSpec link = signatures("link-stitch", 400, 20);
        BookSpec parted = link.withStitch(link.stitch().withThreads(StitchWish.Threads.WORKABLE));
        List<Length> pieces = Planner.plan(parted).sewn().need().pieces();
        assertTrue(pieces.size() > 1);
        pieces.forEach(piece -> assertFalse(piece.isMoreThan(ThreadParting.workable(parted)), piece.toString()));
    }

    @Test
    public void aStabBindingsThreadCannotBePartedAndSaysSo() {
        BookSpec stab = Books.bound("stab-hemp-leaf").withPages(400);
        BookSpec parted = stab.withStitch(
                stab.stitch().withThreads(StitchWish.Threads.WORKABLE).withWorkHeights(4));
        assertTrue(said(parted, "thread-long").orElseThrow().words().in(Unit.MM).contains("It cannot be parted"));
    }

    @Test
    public void boardsOfAStabBindingAreSewnThroughToo() {
        BookSpec bare = Books.bound("stab-four-hole").withPages(60);
        BookSpec boards = bare.withCover(new BookSpec.Cover(true, Length.ofMm(2), Length.ZERO));
        double more = Planner.plan(boards).figure("thread").value().number()
                - Planner.plan(bare).figure("thread").value().number();
        // twelve passes and four wraps round the spine, two round head and tail: eighteen times 4 mm, and the slack
        assertEquals(more, 18 * 4 * 1.03, 0.5);
    }

    @Test
    public void theNoteOfTheHoleCountsTheThreadsOfTheFullest() {
        // a link station is passed twice, a kettle once: common practice, no source
        String note = Planner.plan(Books.linked(160))
                .figure("hole")
                .working()
                .notes()
                .get(0)
                .in(Unit.MM);
        assertTrue(note.contains("the 2 threads"), note);
    }

    @Test
    public void ofALeafThatIsAllInTheSpineNothingCanBeRead() {
        BookSpec narrow = Books.bound("stab-four-hole")
                .withPages(400)
                .withLeaf(new BookSpec.Leaf(Length.ofMm(40), Length.ofMm(210), false))
                .withHoles(
                        Books.bound("stab-four-hole").holes().withSide(HoleWish.Side.USUAL.withEdge(Length.ofMm(38))));
        String words = said(narrow, "crease-far").orElseThrow().words().in(Unit.MM);
        assertTrue(words.endsWith("nothing can be read."), words);
    }

    @Test
    public void pressingComesBeforeAThinnerThread() {
        BookSpec fresh = signatures("link-stitch", 240, 10);
        List<String> mends = said(fresh.withGathering(fresh.gathering().withPressing(Pressing.FRESH)), "wedge")
                .orElseThrow()
                .mends()
                .stream()
                .map(mend -> mend.words().in(Unit.MM))
                .toList();
        assertTrue(mends.get(0).startsWith("Press the signatures overnight"), mends.toString());
    }

    @Test
    public void theSpineOfAnAlbumMayBeMadeToTheLooseStack() {
        BookSpec album = signatures("long-stitch", 112, 7);
        BookSpec loose = album.withCover(album.cover().withLoose(Optional.of(Length.ofMm(24))));
        assertEquals(
                Planner.plan(loose)
                        .holes()
                        .flatMap(itomichi.plan.Holes::inFolds)
                        .flatMap(itomichi.plan.Holes.InFolds::cover)
                        .orElseThrow()
                        .width(),
                Length.ofMm(30));
        assertTrue(Planner.plan(loose)
                .figure("cover-spine")
                .working()
                .notes()
                .get(0)
                .in(Unit.MM)
                .contains("Made to the pressed block"));
    }
}
