package itomichi.book;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.spec.BookSpec;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What lies at a spine that is sewn through takes thread: what it takes more is cut, with its slack. Closed geometry. */
public class AtSpineTest {

    private static BookSpec covered(String structure, String kind, Map<String, String> schools) {
        return Books.covered(Books.bound(structure), kind, Map.of(), schools);
    }

    private static double cutMm(BookSpec spec) {
        return Planner.plan(spec).sewn().need().cut().length().mm();
    }

    /** What so much more at every pass, there and back, takes of the thread that is cut. */
    private static double moreMm(BookSpec spec, double perPassMm) {
        return Planner.plan(spec).sewn().passes()
                * perPassMm
                * spec.thread().strands()
                * (1 + spec.thread().slackPercent() / 100);
    }

    @Test
    public void aThreadThatGoesThroughPlatesIsCutLonger() {
        BookSpec without = covered("long-stitch", "limp", Map.of());
        BookSpec with = Books.covered(without, "limp", Map.of("limp-plate-thick", 2.0), Map.of("limp-plates", "ONE"));
        assertEquals(cutMm(with) - cutMm(without), moreMm(with, 2), 0.5);
    }

    /** A plate under each group of long stitches leaves the stations at head and tail free. */
    @Test
    public void aPlateForEachGroupTakesLessThreadThanOneAlongTheSpine() {
        double none = cutMm(covered("long-stitch", "limp", Map.of()));
        double one = cutMm(covered("long-stitch", "limp", Map.of("limp-plates", "ONE")));
        double each = cutMm(covered("long-stitch", "limp", Map.of("limp-plates", "EACH")));
        assertTrue(each < one, each + " mm for each group, " + one + " mm along the spine");
        assertTrue(each > none, each + " mm with plates, " + none + " mm without");
    }

    @DataProvider
    public Object[][] edges() {
        return new Object[][] {
            {"long-stitch", "limp", "limp-turns", "NONE", "FOUR", 1},
            {"long-stitch", "limp", "limp-turns", "NONE", "THREE", 1},
            {"long-stitch", "soft-flap", "edges", "RAW", "TURNED", 1},
            {"long-stitch", "soft-flap", "edges", "RAW", "HEMMED", 2},
            {"pamphlet", "soft-flap", "edges", "RAW", "HEMMED", 2},
        };
    }

    /** Edges folded in at head and tail hold the spine off the block by as many thicknesses of the cover. */
    @Test(dataProvider = "edges")
    public void aCoverWithItsEdgesFoldedInTakesMoreThread(
            String structure, String kind, String school, String flat, String folded, int layers) {
        BookSpec without = covered(structure, kind, Map.of(school, flat));
        BookSpec with = covered(structure, kind, Map.of(school, folded));
        double thickMm = with.cover().thickness().mm();
        assertEquals(cutMm(with) - cutMm(without), moreMm(with, layers * thickMm), 0.5);
    }
}
