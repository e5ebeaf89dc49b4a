package itomichi.course;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import itomichi.book.Books;
import itomichi.cover.CoverKind;
import itomichi.cover.CoverKinds;
import itomichi.cutting.Demand;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.Holes;
import itomichi.plan.PaperPlan;
import itomichi.plan.UsedUp;
import itomichi.punching.HoleGroup;
import itomichi.punching.Tool;
import itomichi.spec.BookSpec;
import itomichi.spec.UnfitValueException;
import itomichi.station.StationScheme;
import itomichi.structure.Hands;
import itomichi.structure.Structures;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Classes: who does what, whether it fits, what would make it fit, what lies in the envelopes. */
public class CourseTest {

    /** Words of a blade or a point; a paper punch and a blunt needle are none. */
    private static final Pattern SHARP = Pattern.compile(
            "\\b(cut|drill|awl|knife|pierce|saw|trim|blade|prick)\\b|punch through|punch plates|punch the holes of the boards");

    private static CourseWish wish(BookSpec book, int minutes, Hands hands, Ahead... ahead) {
        return new CourseWish(book, minutes, 8, 1, hands, 4, Set.of(ahead), 0, CourseWish.USUAL_YARN);
    }

    private static CourseWish pamphlets(int minutes, Hands hands, Ahead... ahead) {
        return wish(Books.sound(), minutes, hands, ahead);
    }

    private static CourseStep step(Course course, String key) {
        return course.steps().stream()
                .filter(step -> step.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /** Hinged boards: corners are cut, and all of it is drilled. */
    private static BookSpec hinged() {
        return covered("stab-plain", "stab-hinged");
    }

    /** Single sheets have a cover where one is wanted. */
    private static BookSpec covered(String structure, String kind) {
        BookSpec book = Books.bound(structure);
        boolean stab = !book.bound().form().folded();
        return book.withCover(book.cover().withWanted(stab || book.cover().wanted()))
                .withCovering(book.covering().withKind(kind));
    }

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

    @DataProvider
    Object[][] booksAndCovers() {
        List<Object[]> all = new ArrayList<>();
        Structures.all().stream().filter(structure -> structure.holing().any()).forEach(structure -> {
            BookSpec book = Books.bound(structure.key());
            for (CoverKind kind : CoverKinds.all()) {
                all.add(new Object[] {
                    structure.key(),
                    kind.key(),
                    book.withCovering(book.covering().withKind(kind.key()))
                });
            }
        });
        return all.toArray(Object[][]::new);
    }

    /** No step that is given to a child has a blade or a point in it. */
    @Test(dataProvider = "booksAndCovers")
    public void childrenTakeNeitherBladeNorPoint(String structure, String cover, BookSpec book) {
        Course course = Course.of(wish(book, 600, Hands.CHILDREN));
        for (CourseStep step : course.steps()) {
            if (step.who() == Who.EACH) {
                String words = step.words().in(Unit.MM).toLowerCase(java.util.Locale.ROOT);
                assertFalse(SHARP.matcher(words).find(), structure + ", " + cover + ": " + words);
            }
        }
        course.plan()
                .holes()
                .ifPresent(holes -> holes.groups().stream()
                        .filter(group -> group.through() != HoleGroup.Through.COVER)
                        .map(HoleGroup::tool)
                        .forEach(tool -> assertEquals(tool, Tool.PAPER_PUNCH)));
    }

    // the safe way for children

    @Test
    public void cautionsAreOfWhatIsInHandAndDeferToLocalRules() {
        String children = Course.of(pamphlets(300, Hands.CHILDREN)).caution();
        assertTrue(children.contains("children the punch"), children);
        assertTrue(children.endsWith("Local rules and trained practice come first."), children);
        String punched =
                Course.of(pamphlets(300, Hands.CHILDREN, Ahead.PUNCHED)).caution();
        assertEquals(punched, "Local rules and trained practice come first.");
    }

    @Test
    public void childrenSewWithAYarnAndItsThicknessIsPlanned() {
        Course thin = Course.of(pamphlets(300, Hands.CHILDREN).withYarn(Length.ofMm(1)));
        Course thick = Course.of(pamphlets(300, Hands.CHILDREN).withYarn(Length.ofMm(2.5)));
        assertEquals(thick.plan().spec().thread().thread().diameter().length(), Length.ofMm(2.5));
        assertTrue(thick.plan()
                .spec()
                .thread()
                .needleEye()
                .isMoreThan(thin.plan().spec().thread().needleEye()));
        assertTrue(thick.kit().envelope().stream()
                .anyMatch(item -> item.what().in(Unit.MM).matches(".* of yarn, 2\\.5.mm thick")));
    }

    /** Width of a paper punch: ISO 838, from memory. */
    @Test
    public void aPaperPunchMakesHolesOfSixMillimetres() {
        Course course = Course.of(pamphlets(300, Hands.CHILDREN));
        course.plan()
                .holes()
                .orElseThrow()
                .groups()
                .forEach(group -> assertEquals(group.size().length(), Length.ofMm(6)));
    }

    /** Who punches before has an awl, and makes the hole that yarn and needle need. */
    @Test
    public void whatIsPunchedBeforeIsNotPunchedByChildren() {
        Course course = Course.of(pamphlets(300, Hands.CHILDREN, Ahead.PUNCHED));
        HoleGroup group = course.plan().holes().orElseThrow().groups().get(0);
        assertEquals(group.tool(), Tool.AWL);
        assertTrue(group.size().length().isLessThan(Length.ofMm(6)));
    }

    @DataProvider
    Object[][] crowded() {
        return new Object[][] {
            {Books.sound().withStations(new StationScheme.Equal(9)).withLeaf(small(80))},
            {Books.sound().withStations(Books.placed(5, 40, 100))},
            {Books.bound("tapes").withStations(new StationScheme.Pairs(3, Length.ofMm(6), Length.ofMm(12)))},
            {Books.bound("stab-running").withStations(new StationScheme.Margins(13, Length.ofMm(6), Length.ofMm(6)))},
        };
    }

    private static BookSpec.Leaf small(double heightMm) {
        return new BookSpec.Leaf(Length.ofMm(60), Length.ofMm(heightMm), false);
    }

    /** 10 mm from hole to hole, 8 mm to an edge: common practice, no source. */
    @Test(dataProvider = "crowded")
    public void holesLieSoThatAPaperPunchHasRoom(BookSpec book) {
        Course course = Course.of(wish(book, 600, Hands.CHILDREN));
        double height = course.plan().spec().leaf().height().mm();
        double[] at = course.plan()
                .holes()
                .orElseThrow()
                .match(
                        folds -> folds.stations().fromHead().stream()
                                .mapToDouble(Length::mm)
                                .toArray(),
                        side -> side.main().fromHead().stream()
                                .mapToDouble(Length::mm)
                                .toArray());
        assertTrue(at[0] >= 8 && at[at.length - 1] <= height - 8, java.util.Arrays.toString(at));
        for (int i = 1; i < at.length; i++) {
            assertTrue(at[i] - at[i - 1] >= 10, java.util.Arrays.toString(at));
        }
        assertEquals(course.unfit(), Optional.empty());
        assertTrue(
                course.otherwise().stream().anyMatch(words -> words.in(Unit.MM).contains("has room")),
                course.otherwise().toString());
    }

    @Test
    public void whereTheBookHasRoomItsHolesStayWhereTheyAre() {
        Course course = Course.of(pamphlets(300, Hands.CHILDREN));
        assertEquals(course.plan().spec().stations(), Books.sound().stations());
    }

    @Test
    public void whatChildrenCannotMakeSaysWhyAndNamesTheNearestThatTheyCan() {
        Course hard = Course.of(wish(Books.bound("stab-hemp-leaf"), 600, Hands.CHILDREN));
        assertTrue(hard.unfit().orElseThrow().in(Unit.MM).contains("much practice"));
        assertFalse(hard.fits());
        Course nearest = CourseChange.of(hard).get(0).course();
        assertEquals(nearest.unfit(), Optional.empty());
        assertEquals(nearest.atBlade(), 0);
    }

    @Test
    public void othersSewWithTheBooksOwnThread() {
        Course course = Course.of(pamphlets(300, Hands.NEW).withYarn(Length.ofMm(2)));
        assertEquals(
                course.plan().spec().thread().thread(), Books.sound().thread().thread());
        assertTrue(course.otherwise().isEmpty());
    }

    /** Rows across a spine lie too near each other for a paper punch. */
    @Test
    public void holesOfACoverArePiercedBeforeForChildren() {
        BookSpec book = Books.bound("long-stitch").withPages(96);
        Course course = Course.of(wish(book, 600, Hands.CHILDREN));
        Holes.InFolds holes = course.plan().foldHoles().orElseThrow();
        int cover =
                holes.cover().orElseThrow().rows().count() * holes.stations().count();
        assertEquals(step(course, "punch-cover").who(), Who.TEACHER);
        assertEquals(
                step(course, "punch").words().in(Unit.MM),
                "Punch " + (holes.list().holes() - cover) + " holes by the template");
    }

    @DataProvider
    Object[][] yarns() {
        return new Object[][] {{0.3}, {4.0}};
    }

    @Test(dataProvider = "yarns")
    public void aYarnThatNoPunchedHoleTakesIsRefused(double mm) {
        UnfitValueException unfit = org.testng.Assert.expectThrows(
                UnfitValueException.class, () -> pamphlets(300, Hands.CHILDREN).withYarn(Length.ofMm(mm)));
        assertEquals(unfit.field(), "yarnMm");
    }

    @Test
    public void anAdultIsAtTheBladeForEachInTurn() {
        BookSpec book = hinged();
        Course one = Course.of(new CourseWish(book, 600, 8, 0, Hands.CHILDREN, 4, Set.of(), 0, CourseWish.USUAL_YARN));
        Course four = Course.of(new CourseWish(book, 600, 8, 3, Hands.CHILDREN, 4, Set.of(), 0, CourseWish.USUAL_YARN));
        List<CourseStep> adults =
                one.steps().stream().filter(step -> step.who() == Who.ADULT).toList();
        assertFalse(adults.isEmpty());
        for (CourseStep step : adults) {
            assertEquals(
                    step.minutes().result().number(),
                    4 * step(four, step.key()).minutes().result().number(),
                    1e-9);
        }
    }

    @Test
    public void whereChildrenWaitAtABladeTheNearestWithoutOneIsNamed() {
        Course stab = Course.of(wish(hinged().withPages(40), 600, Hands.CHILDREN));
        assertTrue(stab.atBlade() > 0, stab.steps().toString());
        CourseChange first = CourseChange.of(stab).get(0);
        assertEquals(first.course().atBlade(), 0);
        assertTrue(first.words().in(Unit.MM).endsWith("no blade and no point in class"));
    }

    @Test
    public void newHandsTakeTheBladeThemselves() {
        assertEquals(Course.of(wish(hinged(), 600, Hands.NEW)).atBlade(), 0);
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
    public void yarnIsStiffenedAtAnEndInsteadOfWaxed() {
        String cut =
                step(Course.of(pamphlets(300, Hands.CHILDREN)), "wax").words().in(Unit.MM);
        assertTrue(cut.contains("stiffen an end") && !cut.contains("wax"), cut);
    }

    @Test
    public void aChildsNeedleIsBlunt() {
        assertTrue(Course.of(pamphlets(300, Hands.CHILDREN)).kit().envelope().stream()
                .anyMatch(item -> item.what().in(Unit.MM).equals("blunt needle")));
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
