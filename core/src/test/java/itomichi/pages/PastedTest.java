package itomichi.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.book.WorkList;
import itomichi.finding.Remark;
import itomichi.imposition.Imposition;
import itomichi.imposition.PrintedSheet;
import itomichi.imposition.PrintedSide;
import itomichi.imposition.SourcePage;
import itomichi.imposition.StartingWish;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.pages.Leaf.Reach;
import itomichi.plan.CutList;
import itomichi.plan.WorkedBook;
import itomichi.schedule.Task;
import itomichi.spec.BookSpec;
import itomichi.spec.PastedOn;
import itomichi.spec.PastedOn.Kind;
import itomichi.spec.UnfitValueException;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

/** Leaves tipped on, and pockets. */
public class PastedTest {

    private static final BookSpec BOOK = Books.linked(96);

    private static PastedOn leaf(int page) {
        return PastedOn.starting(Kind.LEAF, page, BOOK);
    }

    private static PastedOn pocket(int page) {
        return PastedOn.starting(Kind.POCKET, page, BOOK);
    }

    private static BookSpec with(PastedOn... pasted) {
        return BOOK.withPageWish(BOOK.pageWish().withPasted(List.of(pasted)));
    }

    /** Each page as its opening shows it, a bar between left and right. */
    private static List<String> openings(BookSpec book) {
        return PagePlan.of(WorkedBook.of(book)).readings().get(0).stream()
                .map(opening -> words(opening.left().map(Leaf::back)) + "|"
                        + words(opening.right().map(Leaf::front)))
                .toList();
    }

    private static String words(Optional<Page> page) {
        return page.map(Page::words).orElse("cover");
    }

    /** Pasted to page 5 by its edge, it is turned before that page is reached. */
    @Test
    public void aLeafTippedOnIsTurnedLikeAnyOther() {
        assertEquals(openings(with(leaf(5))).subList(1, 5), List.of("2|3", "4|tipped on", "tipped on|5", "6|7"));
    }

    /** On a left-hand page it lies over the right-hand one. */
    @Test
    public void onALeftHandPageItComesAfterIt() {
        assertEquals(openings(with(leaf(4))).subList(2, 4), List.of("4|tipped on", "tipped on|5"));
    }

    @Test
    public void aPictureNoLongerRunsAcrossWhereALeafIsTippedOn() {
        long before = unbroken(BOOK);
        int middle = PagePlan.of(WorkedBook.of(BOOK)).readings().get(0).stream()
                .filter(Opening::unbroken)
                .findFirst()
                .flatMap(Opening::right)
                .orElseThrow()
                .front()
                .through();
        assertEquals(unbroken(with(leaf(middle))), before - 1);
    }

    private static long unbroken(BookSpec book) {
        return PagePlan.of(WorkedBook.of(book)).readings().get(0).stream()
                .filter(Opening::unbroken)
                .count();
    }

    @Test
    public void thePageOfAPocketSaysSo() {
        List<Leaf> leaves = PagePlan.of(WorkedBook.of(with(pocket(3)))).gatherings().stream()
                .flatMap(gathering -> gathering.leaves().stream())
                .filter(leaf -> leaf.front().pocket() || leaf.back().pocket())
                .toList();
        assertEquals(leaves.size(), 1);
        assertTrue(leaves.get(0).front().pocket());
        assertEquals(leaves.get(0).front().words(), "3");
    }

    private static double foreEdge(BookSpec book) {
        return WorkedBook.of(book)
                .gathered()
                .folded()
                .orElseThrow()
                .block()
                .foreEdge()
                .length()
                .mm();
    }

    /** A leaf adds its sheet, a pocket its front, its flaps and what it holds (geometry). */
    @Test
    public void theForeEdgeIsThickerByWhatIsPastedIn() {
        double sheet = WorkedBook.of(BOOK).papers().get(0).sheetThickness().mm();
        assertEquals(foreEdge(with(leaf(5), leaf(9))), foreEdge(BOOK) + 2 * sheet, 0.002);
        PastedOn full = pocket(3).withHolds(Length.ofMm(1.5));
        assertEquals(foreEdge(with(full)), foreEdge(BOOK) + 2 * sheet + 1.5, 0.002);
    }

    /** A pocket of 100 by 90 mm has flaps of 15 mm at both sides and below (common practice, no source). */
    @Test
    public void whatIsPastedOnIsCut() {
        PastedOn small = pocket(3).withWidth(Length.ofMm(100)).withHeight(Length.ofMm(90));
        List<CutList.Row> rows = CutList.of(WorkedBook.of(with(leaf(5), leaf(9), small))).stream()
                .filter(row -> row.key().startsWith("pasted"))
                .toList();
        assertEquals(
                rows.stream()
                        .map(row -> row.count() + " " + row.name() + " "
                                + row.width().number() + " by " + row.height().number())
                        .toList(),
                List.of("2 Leaves to tip on 148.0 by 210.0", "1 Pocket 130.0 by 105.0"));
    }

    /** Cut together with the sheets of the same paper, so that the list of sheets and the plan of the stock agree. */
    @Test
    public void thePaperHoldsWhatIsPastedOn() {
        WorkedBook plain = WorkedBook.of(BOOK);
        WorkedBook pasted = WorkedBook.of(with(leaf(5), pocket(3)));
        assertEquals(pasted.papers().get(0).sheets(), plain.papers().get(0).sheets() + 2);
        assertEquals(pasted.papers().get(0).forSheets(), plain.papers().get(0).demands());
    }

    @Test
    public void itIsPastedBeforeItIsGatheredAndLiesAnHour() {
        List<Task> tasks =
                WorkList.of(Planner.plan(with(leaf(5), leaf(9), pocket(3)))).tasks();
        Task paste = tasks.stream()
                .filter(task -> task.key().equals("paste"))
                .findFirst()
                .orElseThrow();
        assertEquals(
                paste.words().in(Unit.MM),
                "Paste to pages: 2 leaves to tip on (page 5, 9), 1 pocket (page 3); a leaf by 4\u202fmm along the fold, waste paper beside it, under a weight");
        Task gather = tasks.get(tasks.indexOf(paste) + 1);
        assertEquals(gather.key(), "collate");
        assertEquals(gather.after(), List.of("paste"));
    }

    @Test
    public void theGatheringListSaysWhereItIs() {
        String first =
                GatherList.of(WorkedBook.of(with(leaf(5)))).lines().get(0).holds();
        assertTrue(first.endsWith("; a leaf tipped on at page 5"), first);
    }

    private static Remark<BookSpec> remark(BookSpec book, String key) {
        return Planner.plan(book).remarks().stream()
                .filter(one -> one.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void aPageThatIsNotThereIsToldAndMended() {
        Remark<BookSpec> remark = remark(with(leaf(200)), "pasted-1-beyond");
        assertEquals(remark.words().in(Unit.MM), "The leaf tipped on to page 200: the book ends with page 96.");
        BookSpec mended = remark.mend().orElseThrow().change();
        assertEquals(mended.pageWish().pasted().get(0).page(), 96);
    }

    @Test
    public void whatGoesOverTheEdgesOfItsPageIsToldAndMended() {
        PastedOn wide = pocket(3).withWidth(Length.ofMm(200));
        BookSpec mended =
                remark(with(wide), "pasted-1-size").mend().orElseThrow().change();
        assertEquals(mended.pageWish().pasted().get(0).width(), Length.ofMm(138));
        assertTrue(Planner.plan(mended).remarks().stream()
                .noneMatch(one -> one.key().startsWith("pasted")));
    }

    @Test
    public void aLeafOverTheThreadIsToldAndMoved() {
        Leaf middle = PagePlan.of(WorkedBook.of(BOOK)).readings().get(0).stream()
                .filter(Opening::unbroken)
                .findFirst()
                .flatMap(Opening::right)
                .orElseThrow();
        int page = middle.front().through();
        BookSpec moved =
                remark(with(leaf(page)), "pasted-1-middle").mend().orElseThrow().change();
        assertEquals(moved.pageWish().pasted().get(0).page(), page + 1);
    }

    /** What starts off is remarked on by nobody. */
    @Test
    public void whatIsBegunWithIsSound() {
        BookPlan plan = Planner.plan(with(leaf(1), pocket(1)));
        assertTrue(plan.remarks().stream().noneMatch(one -> one.key().startsWith("pasted")), "" + plan.remarks());
    }

    /** Text is printed on the sheets alone, in the order it had. */
    @Test
    public void noTextComesOnWhatIsPastedIn() {
        List<SourcePage> text = Collections.nCopies(96, new SourcePage(Length.ofMm(148), Length.ofMm(210)));
        Imposition plain = Imposition.of(WorkedBook.of(BOOK), text, StartingWish.of(BOOK));
        Imposition pasted = Imposition.of(WorkedBook.of(with(leaf(5), pocket(3))), text, StartingWish.of(BOOK));
        assertTrue(fronts(pasted).equals(fronts(plain)));
        assertFalse(pasted.proof().isEmpty());
    }

    private static List<PrintedSide> fronts(Imposition imposed) {
        return imposed.groups().get(0).sheets().stream()
                .map(PrintedSheet::front)
                .toList();
    }

    @Test
    public void ofAPaperThatIsNotThereNothingIsPasted() {
        UnfitValueException refused =
                org.testng.Assert.expectThrows(UnfitValueException.class, () -> with(leaf(3).withPaper(1)));
        assertEquals(refused.getMessage(), "What is pasted on is of paper 2; the book has 1.");
    }

    @Test
    public void aTippedLeafKnowsThatItIsNoHalfOfASheet() {
        Leaf tipped = PagePlan.of(WorkedBook.of(with(leaf(5)))).readings().get(0).stream()
                .flatMap(opening -> opening.right().stream())
                .filter(one -> one.reach() == Reach.TIPPED)
                .findFirst()
                .orElseThrow();
        assertEquals(tipped.named(), "not counted, no text on it");
    }
}
