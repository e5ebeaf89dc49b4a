package itomichi.course;

import static itomichi.course.Classes.pamphlets;
import static itomichi.course.Classes.step;
import static itomichi.course.Classes.wish;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.book.Books;
import itomichi.cover.CoverKind;
import itomichi.cover.CoverKinds;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.Holes;
import itomichi.punching.HoleGroup;
import itomichi.punching.Tool;
import itomichi.spec.BookSpec;
import itomichi.spec.UnfitValueException;
import itomichi.station.StationScheme;
import itomichi.structure.Hands;
import itomichi.structure.Structures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The safe way for children: no blade and no point, a paper punch, a yarn, and where an adult stands. */
public class ChildrenTest {

    /** Words of a blade or a point; a paper punch and a blunt needle are none. */
    private static final Pattern SHARP = Pattern.compile(
            "\\b(cut|drill|awl|knife|pierce|saw|trim|blade|prick)\\b|punch through|punch plates|punch the holes of the boards");

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
}
