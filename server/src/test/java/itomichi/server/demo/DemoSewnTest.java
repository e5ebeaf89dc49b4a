package itomichi.server.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.pattern.PatternOrder;
import itomichi.plan.SewingPlan;
import itomichi.server.document.BookDocument;
import itomichi.server.document.StitchDocuments;
import itomichi.server.plan.PlanViews;
import itomichi.structure.OwnStitching;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every book and every pattern of the demo can be sewn to its end. */
public class DemoSewnTest {

    private static Stream<BookDocument> books() {
        return Stream.concat(
                        DemoBooks.all().stream(),
                        new DemoWorkshop(name ->
                                        UUID.nameUUIDFromBytes(name.getBytes(java.nio.charset.StandardCharsets.UTF_8)))
                                .all().stream())
                .map(DemoBooks.DemoBook::document);
    }

    @DataProvider
    Object[][] demos() {
        return books().map(book -> new Object[] {book}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "demos")
    public void everyBookIsSewnToItsEndWithoutAFault(BookDocument book) {
        BookPlan plan = PlanViews.plan(book);
        assertEquals(plan.sewn().pathFaults(), List.of(), book.name());
    }

    @Test(dataProvider = "demos")
    public void noBookIsStopped(BookDocument book) {
        assertTrue(!PlanViews.plan(book).stopped(), book.name());
    }

    @Test
    public void theBooksAreThoseOfTheTheatre() {
        List<String> structures =
                books().map(BookDocument::structure).distinct().sorted().toList();
        assertTrue(
                structures.containsAll(List.of(
                        "double-pamphlet",
                        "link-stitch",
                        "long-stitch",
                        "pamphlet",
                        "several-pamphlets",
                        "stab-tortoise-shell",
                        "tapes")),
                structures.toString());
    }

    @Test
    public void thePromptBookHasNineSignatures() {
        SewingPlan plan = books().filter(book -> book.name().startsWith("Prompt book"))
                .map(PlanViews::plan)
                .map(BookPlan::sewn)
                .findFirst()
                .orElseThrow();
        assertEquals(plan.choice().signatures(), 9);
    }

    @Test
    public void cueSlipsHaveThreeStations() {
        SewingPlan plan = books().filter(book -> book.name().startsWith("Cue slips"))
                .map(PlanViews::plan)
                .map(BookPlan::sewn)
                .findFirst()
                .orElseThrow();
        assertEquals(plan.choice().stations(), 3);
    }

    @DataProvider
    Object[][] patterns() {
        return DemoPatterns.all().stream()
                .map(demo -> new Object[] {demo.pattern()})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "patterns")
    public void everyPatternIsSewnByOneThread(BookDocument.Pattern pattern) {
        OwnStitching own = new OwnStitching(StitchDocuments.pattern(pattern));
        assertTrue(own.order() instanceof PatternOrder.Sewn, pattern.name() + ": " + own.order());
    }
}
