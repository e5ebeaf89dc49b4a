package itomichi.server.demo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.measure.Unit;
import itomichi.server.plan.PlanViews;
import java.util.HashSet;
import java.util.List;
import org.testng.annotations.Test;

public class DemoBooksTest {

    private static final List<BookPlan> PLANS = DemoBooks.all().stream()
            .map(book -> PlanViews.plan(book.document()))
            .toList();

    @Test
    public void everyDemoBookCanBeMade() {
        assertTrue(PLANS.size() >= 3);
        PLANS.forEach(plan -> assertFalse(plan.stopped(), plan.spec().title().name()));
    }

    @Test
    public void theyAreAtDifferentStages() {
        var stages = new HashSet<>(PLANS.stream()
                .map(plan -> plan.next().stage() + " " + plan.next().finished())
                .toList());
        assertEquals(stages.size(), PLANS.size());
    }

    @Test
    public void oneIsMeasuredInInches() {
        assertEquals(
                PLANS.stream()
                        .filter(plan -> plan.spec().title().unit() == Unit.INCH)
                        .count(),
                1L);
    }
}
