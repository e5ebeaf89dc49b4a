package itomichi.course;

import static itomichi.course.Classes.pamphlets;
import static itomichi.course.Classes.step;
import static itomichi.course.Classes.wish;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import itomichi.book.Books;
import itomichi.cutting.Demand;
import itomichi.measure.Fineness;
import itomichi.measure.Unit;
import itomichi.plan.PaperPlan;
import itomichi.plan.UsedUp;
import itomichi.spec.BookSpec;
import itomichi.spec.UnfitValueException;
import itomichi.structure.Hands;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Classes: who does what, whether it fits, what would make it fit, what lies in the envelopes. */
public class CourseTest {

    // who does what

    @Test
    public void sheetsAndThreadsAreCutBefore() {
        Course course = Course.of(pamphlets(180, Hands.NEW));
        assertEquals(step(course, "cut").who(), Who.TEACHER);
        assertEquals(step(course, "wax").who(), Who.TEACHER);
        assertEquals(step(course, "fold").who(), Who.EACH);
    }

    @Test
    public void whatIsFoldedBeforeIsTheTeachers() {
        assertEquals(
                step(Course.of(pamphlets(180, Hands.NEW, Ahead.FOLDED)), "fold").who(), Who.TEACHER);
    }

    /** Nobody presses overnight in an afternoon. */
    @Test
    public void whatIsFoldedInClassIsNotPressedOvernight() {
        assertTrue(Course.of(pamphlets(180, Hands.NEW)).steps().stream()
                .noneMatch(step -> step.key().equals("press")));
        assertEquals(
                step(Course.of(pamphlets(180, Hands.NEW, Ahead.FOLDED)), "press")
                        .who(),
                Who.TEACHER);
    }

    // whether it fits

    @Test
    public void newHandsTakeLongerThanPractisedOnes() {
        assertTrue(Course.of(pamphlets(180, Hands.NEW)).minutes().usual()
                > Course.of(pamphlets(180, Hands.PRACTISED)).minutes().usual());
    }

    @Test
    public void aLongAfternoonIsEnoughForAPamphletAndTenMinutesAreNot() {
        assertEquals(Course.of(pamphlets(400, Hands.NEW)).fit(), Course.Fit.ALL);
        assertEquals(Course.of(pamphlets(10, Hands.NEW)).fit(), Course.Fit.NONE);
    }

    @Test
    public void whoComesToTheEndIsSaidByQuickUsualAndSlowHands() {
        Course.Minutes minutes = Course.of(pamphlets(400, Hands.NEW)).minutes();
        assertEquals(Course.of(pamphlets(minutes.slow(), Hands.NEW)).fit(), Course.Fit.ALL);
        assertEquals(Course.of(pamphlets(minutes.slow() - 1, Hands.NEW)).fit(), Course.Fit.MOST);
        assertEquals(Course.of(pamphlets(minutes.usual() - 1, Hands.NEW)).fit(), Course.Fit.FEW);
        assertEquals(Course.of(pamphlets(minutes.quick() - 1, Hands.NEW)).fit(), Course.Fit.NONE);
    }

    /** A case dries under weights before it is hung in: that is waited for, or nothing comes of it. */
    @Test
    public void aClassShorterThanItsGlueNeedsDoesNotFit() {
        Course cased = Course.of(wish(Books.bound("tapes"), 120, Hands.PRACTISED, Ahead.FOLDED, Ahead.PUNCHED));
        assertTrue(cased.waited() >= 60, "waited " + cased.waited());
        assertFalse(cased.fit().fits());
    }

    @DataProvider
    Object[][] none() {
        return new Object[][] {
            {"minutes", 5, 8, 4, 0},
            {"people", 180, 0, 4, 0},
            {"people", 180, 201, 4, 0},
            {"atTable", 180, 8, 0, 0},
            {"sparePercent", 180, 8, 4, 101},
        };
    }

    @Test(dataProvider = "none")
    public void aClassThatNobodyCanHoldIsRefused(String field, int minutes, int people, int atTable, int spare) {
        UnfitValueException unfit = org.testng.Assert.expectThrows(
                UnfitValueException.class,
                () -> new CourseWish(
                        Books.sound(), minutes, people, 0, Hands.NEW, atTable, Set.of(), spare, CourseWish.USUAL_YARN));
        assertEquals(unfit.field(), field);
    }

    @Test
    public void helpersLessThanNoneAreRefused() {
        assertThrows(
                UnfitValueException.class,
                () -> new CourseWish(Books.sound(), 60, 8, -1, Hands.NEW, 4, Set.of(), 0, CourseWish.USUAL_YARN));
    }

    // what would make it fit

    @Test
    public void whatFitsIsNotChanged() {
        assertTrue(CourseChange.of(Course.of(pamphlets(400, Hands.NEW))).isEmpty());
    }

    @Test
    public void everyChangeThatIsOfferedMakesItFit() {
        int usual = Course.of(pamphlets(400, Hands.NEW)).minutes().usual();
        List<CourseChange> changes = CourseChange.of(Course.of(pamphlets(usual - 5, Hands.NEW)));
        assertFalse(changes.isEmpty());
        for (CourseChange change : changes) {
            assertTrue(Course.of(change.wish()).fit().fits(), change.words().in(Unit.MM));
        }
    }

    @Test
    public void theNearestIsThatTheTeacherDoesMoreBefore() {
        int usual = Course.of(pamphlets(400, Hands.NEW)).minutes().usual();
        CourseChange first =
                CourseChange.of(Course.of(pamphlets(usual - 5, Hands.NEW))).get(0);
        assertEquals(first.wish().book(), Books.sound());
        assertEquals(first.wish().ahead().size(), 1);
    }

    @Test
    public void whereNothingElseHelpsAnotherStructureDoes() {
        List<CourseChange> changes = CourseChange.of(Course.of(wish(Books.bound("link-stitch"), 150, Hands.NEW)));
        assertTrue(
                changes.stream()
                        .anyMatch(change -> !change.wish().book().structure().equals("link-stitch")),
                changes.toString());
    }

    // kits

    @Test
    public void sheetsInAllEnvelopesAreThoseThatAreCut() {
        Random random = new Random(20261128);
        for (int i = 0; i < 12; i++) {
            int people = 1 + random.nextInt(30);
            CourseWish wish = new CourseWish(
                    Books.sound().withPages(4 * (1 + random.nextInt(12))),
                    180,
                    people,
                    0,
                    Hands.NEW,
                    1 + random.nextInt(6),
                    EnumSet.noneOf(Ahead.class),
                    random.nextInt(40),
                    CourseWish.USUAL_YARN);
            Course course = Course.of(wish);
            int each = course.plan().papers().stream()
                    .flatMap(paper -> paper.demands().stream())
                    .mapToInt(Demand::number)
                    .sum();
            int inEnvelope = course.kit().envelope().stream()
                    .filter(item -> item.what().in(Unit.MM).startsWith("sheet"))
                    .mapToInt(Kit.Item::number)
                    .sum();
            assertEquals(inEnvelope, each);
            UsedUp used = course.used();
            assertEquals(
                    used.thread().orElseThrow().mm(),
                    course.plan().sewn().need().cut().length().mm() * wish.kits(),
                    0.5 * wish.kits());
        }
    }

    /** The length in the envelope is the one the teacher cuts, and the one the plan says. */
    @Test
    public void newHandsHaveMoreThread() {
        Course practised = Course.of(pamphlets(180, Hands.PRACTISED));
        Course fresh = Course.of(pamphlets(180, Hands.NEW));
        double more = fresh.plan().sewn().need().cut().length().mm()
                - practised.plan().sewn().need().cut().length().mm();
        assertTrue(more > 0, "more " + more);
        String length =
                fresh.plan().sewn().need().pieces().get(0).at(Fineness.THREAD).in(Unit.MM);
        assertTrue(step(fresh, "wax").words().in(Unit.MM).contains(length));
        assertTrue(fresh.kit().envelope().stream()
                .anyMatch(item -> item.what().in(Unit.MM).startsWith(length)));
    }

    @Test
    public void stockForAllKitsIsThatOfAsManyCopies() {
        Course course = Course.of(pamphlets(180, Hands.NEW));
        assertEquals(
                course.used().papers(),
                UsedUp.of(
                                course.plan().worked(),
                                List.of(new UsedUp.Copies(0, course.wish().kits())))
                        .papers());
        assertEquals(
                course.plan().papers().stream().map(PaperPlan::sheets).toList().size(), 1);
    }

    /** Whoever has no stock to cut from wants as many sheets of that size as lie in all envelopes. */
    @Test
    public void sheetsThatAreCutFromNothingAreWantedAtTheirSize() {
        BookSpec book = Books.sound();
        BookSpec unstocked =
                book.withPapers(book.papers().withMain(book.papers().main().withSupply(Optional.empty())));
        Course course = Course.of(wish(unstocked, 300, Hands.NEW));
        Kit.Item each = course.kit().envelope().get(0);
        assertEquals(course.uncut().get(0), new Kit.Item(each.what(), 8 * each.number()));
        assertTrue(course.used().papers().isEmpty());
    }

    @Test
    public void whoPunchesHasATemplate() {
        assertTrue(holds(Course.of(pamphlets(300, Hands.NEW)), "template"));
        assertFalse(holds(Course.of(pamphlets(300, Hands.NEW, Ahead.PUNCHED)), "template"));
    }

    private static boolean holds(Course course, String what) {
        return course.kit().envelope().stream()
                .anyMatch(item -> item.what().in(Unit.MM).equals(what));
    }

    @DataProvider
    Object[][] tables() {
        // people, at a table, one for two: seven at tables of four sit 4 + 3
        return new Object[][] {{8, 4, 4}, {7, 4, 4}, {5, 4, 3}, {1, 4, 1}, {9, 3, 6}};
    }

    @Test(dataProvider = "tables")
    public void twoAtATableShareATool(int people, int atTable, int tools) {
        Course course = Course.of(
                new CourseWish(Books.sound(), 180, people, 0, Hands.NEW, atTable, Set.of(), 0, CourseWish.USUAL_YARN));
        Kit.Item bone = course.kit().tables().stream()
                .filter(item -> item.what().in(Unit.MM).equals("bone folder"))
                .findFirst()
                .orElseThrow();
        assertEquals(bone.number(), tools);
    }

    @Test
    public void sparesAreRoundedUp() {
        assertEquals(
                new CourseWish(Books.sound(), 180, 8, 0, Hands.NEW, 4, Set.of(), 10, CourseWish.USUAL_YARN).kits(), 9);
    }

    @Test
    public void theTeacherMakesAllKitsReady() {
        Course few = Course.of(pamphlets(180, Hands.NEW));
        Course many = Course.of(pamphlets(180, Hands.NEW).withPeople(40));
        assertTrue(many.before() > few.before());
    }
}
