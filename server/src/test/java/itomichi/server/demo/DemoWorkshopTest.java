package itomichi.server.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.gathering.Gathered;
import itomichi.material.Grain;
import itomichi.server.plan.PlanViews;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The theatre's larger books are what the demo says they are. */
public class DemoWorkshopTest {

    private static final List<BookPlan> PLANS = new DemoWorkshop(name -> new UUID(0, name.hashCode()))
            .all().stream().map(book -> PlanViews.plan(book.document())).toList();

    private static BookPlan plan(String name) {
        return PLANS.stream()
                .filter(plan -> plan.spec().title().name().startsWith(name))
                .findFirst()
                .orElseThrow();
    }

    @DataProvider
    Object[][] books() {
        return new Object[][] {
            {"Prompt book", "link-stitch", "9 of 6"},
            {"Fly-loft log", "tapes", "6 of 5 and 3 of 6"},
            {"Scene diary", "several-pamphlets", "5 of 6"},
            {"Costume swatches", "long-stitch", "7 of 4"},
        };
    }

    @Test(dataProvider = "books")
    public void eachIsBoundAndDividedAsTheTheatreDoes(String name, String structure, String divided) {
        BookPlan plan = plan(name);
        Gathered.InSignatures gathered = (Gathered.InSignatures) plan.gathered();
        assertEquals(plan.spec().structure() + ": " + gathered.sharing().words(), structure + ": " + divided);
    }

    @Test
    public void thePatternsLieSingly() {
        assertTrue(plan("Shadow figures").gathered() instanceof Gathered.Singly);
    }

    @Test
    public void everyOneCanBeMadeWithItsGrainRight() {
        for (BookPlan plan : PLANS) {
            assertFalse(plan.stopped(), plan.spec().title().name() + ": " + plan.remarks());
            plan.papers().forEach(paper -> assertEquals(paper.grain(), Grain.WITH_FOLD));
        }
    }

    @Test
    public void oneOfThemShowsAShortage() {
        assertTrue(plan("Fly-loft log").remarks().stream()
                .anyMatch(remark -> remark.key().equals("stock-short")));
    }

    @Test
    public void oneOfThemMixesPapersAndFoldsOut() {
        BookPlan swatches = plan("Costume swatches");
        assertEquals(swatches.papers().size(), 2);
        assertTrue(swatches.papers().get(0).demands().size() > 1);
    }
}
