package itomichi.server.plan;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;

import itomichi.book.Planner;
import itomichi.measure.Unit;
import itomichi.server.document.BookDocuments;
import itomichi.server.document.StartingBook;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A plan is made once for a book as it is, and anew for one that was changed. */
public class LatelyPlannedTest {

    private final List<Integer> made = new ArrayList<>();
    private LatelyPlanned lately = new LatelyPlanned(2, Planner::plan);

    @BeforeMethod
    public void begin() {
        made.clear();
        lately = new LatelyPlanned(2, spec -> {
            made.add(spec.extent().number());
            return Planner.planUnmended(spec);
        });
    }

    private static BookSpec pages(int number) {
        return BookDocuments.spec(StartingBook.in(Unit.MM)).withPages(number);
    }

    @Test
    public void theSameBookIsPlannedOnce() {
        assertSame(lately.of(pages(32)), lately.of(pages(32)));
        assertEquals(made, List.of(32));
    }

    @Test
    public void aChangedBookIsAnother() {
        assertEquals(lately.of(pages(48)).spec().extent().number(), 48);
        assertEquals(lately.of(pages(32)).spec().extent().number(), 32);
    }

    @Test
    public void theOneThatWasAskedForLongestAgoIsForgotten() {
        for (int number : new int[] {32, 48, 32, 64, 32, 48}) {
            lately.of(pages(number));
        }
        assertEquals(made, List.of(32, 48, 64, 48));
    }
}
