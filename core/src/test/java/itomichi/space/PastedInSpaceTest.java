package itomichi.space;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.measure.Length;
import itomichi.path.Point3;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import itomichi.spec.PastedOn;
import java.util.List;
import org.testng.annotations.Test;

/** What is pasted to a page lies on it, and nothing lies in it. */
public class PastedInSpaceTest {

    private static final BookSpec BOOK = Books.bound("link-stitch").withPages(64);

    private static BookInSpace with(PastedOn... pasted) {
        BookPlan plan = Planner.plan(BOOK.withPageWish(BOOK.pageWish().withPasted(List.of(pasted))));
        return BookInSpace.of(plan.worked()).orElseThrow();
    }

    private static PastedOn pocket(int page) {
        return new PastedOn(PastedOn.Kind.POCKET, page, 0, Length.ofMm(100), Length.ofMm(120), Length.ofMm(1));
    }

    private static Profile pasted(BookInSpace book) {
        return book.profiles().stream()
                .filter(profile -> profile.part() == Part.PASTED)
                .findFirst()
                .orElseThrow();
    }

    private static List<Profile> sheets(BookInSpace book, int signature) {
        return book.profiles().stream()
                .filter(profile -> profile.part() == Part.SHEET && profile.signature() == signature)
                .toList();
    }

    @Test
    public void nothingIsPastedWhereNothingWasWanted() {
        assertTrue(with().profiles().stream().noneMatch(profile -> profile.part() == Part.PASTED));
    }

    /** As wide and as high as it is wanted; as thick as its front, its flaps and what it holds. */
    @Test
    public void aPocketHasItsSize() {
        Profile pocket = pasted(with(pocket(6)));
        List<Point3> across = pocket.across();
        assertEquals(pocket.toMm() - pocket.fromMm(), 120, 1e-6);
        assertEquals(
                Math.abs(across.get(across.size() - 1).zMm() - across.get(0).zMm()), 100, 1e-6);
        assertEquals(pocket.thickMm(), 1 + 2 * sheets(with(pocket(6)), 1).get(0).thickMm(), 1e-6);
    }

    /** The third page is the front of the second leaf, the fourth its back: common practice, no source. */
    @Test
    public void itLiesOnTheSideOfItsPage() {
        List<Profile> sheets = sheets(with(), 1);
        Profile second = sheets.get(sheets.size() - 2);
        double leafMm = second.across().get(0).yMm();
        assertTrue(pasted(with(pocket(3))).across().get(0).yMm() < leafMm + 1, "in front of its leaf");
        assertTrue(pasted(with(pocket(4))).across().get(0).yMm() > leafMm - 1, "behind its leaf");
        assertTrue(
                pasted(with(pocket(3))).across().get(0).yMm()
                        < pasted(with(pocket(4))).across().get(0).yMm(),
                "the front before the back");
    }

    /** Leaves lie as far from each other at the fore edge as what is pasted between them is thick. */
    @Test
    public void itCarriesTheLeavesBeyondIt() {
        double bare = foreEdgeMm(with());
        BookInSpace book = with(pocket(4), pocket(21));
        assertEquals(foreEdgeMm(book) - bare, 2 * pasted(book).thickMm(), 0.05);
    }

    private static double foreEdgeMm(BookInSpace book) {
        List<Profile> first = sheets(book, 1);
        List<Profile> last = sheets(book, book.signatures());
        Profile front = first.get(first.size() - 1);
        Profile back = last.get(last.size() - 1);
        return back.across().get(back.across().size() - 1).yMm()
                - front.across().get(0).yMm();
    }

    /** A leaf that is tipped on lies from the fold, whole. */
    @Test
    public void aTippedLeafLiesFromTheFold() {
        PastedOn leaf = PastedOn.starting(PastedOn.Kind.LEAF, 5, BOOK);
        BookInSpace book = with(leaf);
        Profile tipped = pasted(book);
        double foldMm = sheets(book, 1)
                .get(0)
                .across()
                .get(sheets(book, 1).get(0).turn())
                .zMm();
        assertTrue(Math.abs(tipped.across().get(0).zMm() - foldMm) < 2, "at the fold");
    }
}
