package itomichi.edition;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import itomichi.book.BookPlan;
import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.book.WorkList;
import itomichi.cover.PieceStuff;
import itomichi.finding.Stage;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.plan.UsedUp;
import itomichi.schedule.Task;
import itomichi.spec.BookSpec;
import itomichi.spec.EditionWish;
import itomichi.spec.EditionWish.Kind;
import itomichi.spec.UnfitValueException;
import itomichi.structure.Structures;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Copies of a book: which is made of what, what all of them take, what is done of each, what spoilt ones need anew. */
public class EditionTest {

    private static final EditionWish FIVE_RED =
            EditionWish.ALIKE.withKinds(List.of(new Kind("red", 5, Optional.of("Linen 30/3, red"), Map.of())));

    private static BookSpec twelve(EditionWish wish) {
        return Books.bound("tapes").madeIn(12, wish);
    }

    private static Edition edition(BookSpec spec) {
        return Edition.of(Planner.planUnmended(spec));
    }

    private static UsedUp used(BookSpec spec) {
        return UsedUp.of(Planner.planUnmended(spec).worked());
    }

    private static List<Copy> copies(BookSpec spec, Map<Integer, CopyMarks> marks) {
        return edition(spec).copies(marks, List.of());
    }

    // which copy is made of what

    @Test
    public void copiesAsTheBookIsAreNumberedFirst() {
        assertEquals(
                edition(twelve(FIVE_RED)).runs().stream()
                        .map(EditionWish.CopyRun::numbers)
                        .toList(),
                List.of("1 to 7", "8 to 12"));
    }

    @Test
    public void whereAllAreUnlikeNoneIsAsTheBookIs() {
        EditionWish all = EditionWish.ALIKE.withKinds(List.of(
                new Kind("red", 5, Optional.empty(), Map.of()), new Kind("blue", 7, Optional.empty(), Map.of())));
        assertEquals(
                edition(twelve(all)).runs().stream()
                        .map(EditionWish.CopyRun::name)
                        .toList(),
                List.of("red", "blue"));
    }

    @Test
    public void everyCopyIsOfOneRun() {
        Edition edition = edition(twelve(FIVE_RED));
        assertEquals(edition.run(7).name(), "");
        assertEquals(edition.run(8).name(), "red");
    }

    @Test
    public void moreCopiesOfKindsThanThereAreAreRefused() {
        assertThrows(UnfitValueException.class, () -> Books.sound().madeIn(4, FIVE_RED));
    }

    @Test
    public void whatIsSpareIsRoundedUpKindByKind() {
        List<EditionWish.CopyRun> runs = twelve(FIVE_RED.withSparePercent(10)).copyRuns();
        assertEquals(runs.stream().map(EditionWish.CopyRun::spares).toList(), List.of(1, 1));
    }

    // what all of them take

    /** Whatever kinds and spares: the lengths of thread, kind by kind, are as many copies' as are cut. */
    @Test
    public void threadIsThatOfOneCopyForEachThatIsCut() {
        Random random = new Random(20261128);
        Length one =
                used(Books.bound("tapes").madeIn(1, EditionWish.ALIKE)).thread().orElseThrow();
        for (int i = 0; i < 25; i++) {
            BookSpec spec = any(random);
            assertEquals(used(spec).thread().orElseThrow().mm(), one.mm() * spec.copiesCut(), 0.5);
        }
    }

    private static BookSpec any(Random random) {
        int copies = 1 + random.nextInt(40);
        List<Kind> kinds = new ArrayList<>();
        int left = copies;
        while (left > 0 && kinds.size() < 4 && random.nextInt(3) > 0) {
            int of = 1 + random.nextInt(left);
            kinds.add(new Kind("kind " + kinds.size(), of, Optional.of("thread " + kinds.size()), Map.of()));
            left -= of;
        }
        EditionWish wish = EditionWish.ALIKE.withKinds(kinds).withSparePercent(random.nextInt(40));
        return Books.bound("tapes").madeIn(copies, wish);
    }

    @Test
    public void boardsAreCountedKindByKind() {
        List<UsedUp.PieceUse> boards = used(twelve(FIVE_RED)).pieces().get(PieceStuff.BOARD);
        int alike = of(boards, 0);
        int red = of(boards, 1);
        assertEquals(alike * 5, red * 7);
        assertEquals(alike + red, of(used(twelve(EditionWish.ALIKE)).pieces().get(PieceStuff.BOARD), 0));
    }

    private static int of(List<UsedUp.PieceUse> pieces, int kind) {
        return pieces.stream()
                .filter(piece -> piece.kind() == kind)
                .mapToInt(piece -> piece.demand().number())
                .sum();
    }

    @Test
    public void lengthsToCutAreThoseThatAreUsedUp() {
        BookSpec spec = twelve(FIVE_RED.withSparePercent(10));
        double cut = edition(spec).threads().stream()
                .mapToDouble(lengths -> lengths.number() * lengths.length().mm())
                .sum();
        assertEquals(cut, used(spec).thread().orElseThrow().mm(), 1);
    }

    @DataProvider
    Object[][] structures() {
        return Structures.all().stream()
                .map(structure -> new Object[] {structure.key()})
                .toArray(Object[][]::new);
    }

    /** One copy of twelve is planned as the book is by itself. */
    @Test(dataProvider = "structures")
    public void oneCopysPlanIsTheBooksOwn(String structure) {
        BookPlan one = Planner.planUnmended(Books.bound(structure));
        BookPlan twelve = Planner.planUnmended(Books.bound(structure).madeIn(12, EditionWish.ALIKE));
        assertEquals(
                twelve.figures().stream().map(figure -> figure.value().number()).toList(),
                one.figures().stream().map(figure -> figure.value().number()).toList());
        assertEquals(
                twelve.sewing().map(sewn -> sewn.need().pieces()),
                one.sewing().map(sewn -> sewn.need().pieces()));
    }

    // batches

    private static Task task(BookSpec spec, String key) {
        return WorkList.of(Planner.planUnmended(spec)).tasks().stream()
                .filter(task -> task.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /** Before they are rounded up. */
    private static double minutes(BookSpec spec, String key) {
        return task(spec, key).working().orElseThrow().result().number();
    }

    @Test
    public void theGrainIsTriedOnceForAll() {
        assertEquals(
                task(twelve(EditionWish.ALIKE), "grain").minutes(),
                task(Books.bound("tapes"), "grain").minutes());
    }

    @Test
    public void everyCopyHasItsKnot() {
        BookSpec steady = twelve(EditionWish.ALIKE.withPracticePercent(100));
        assertEquals(minutes(steady, "sew"), 12 * minutes(Books.bound("tapes"), "sew"), 1e-9);
    }

    @Test
    public void withPracticeTwelveAreSewnInLessThanTwelveTimes() {
        double share = minutes(twelve(EditionWish.ALIKE), "sew") / (12 * minutes(Books.bound("tapes"), "sew"));
        // units 1 to 12 at 90 % add up to 9.374 (tables of the power law, from memory)
        assertEquals(share, 9.374 / 12, 0.0001);
    }

    @Test
    public void whatOneGoTakesOfSeveralCopiesIsPunchedTogether() {
        BookSpec thin = Books.sound().withPages(4);
        assertTrue(task(thin.madeIn(12, EditionWish.ALIKE.withPracticePercent(100)), "punch")
                        .minutes()
                < 4 * task(thin, "punch").minutes());
        assertTrue(task(thin.madeIn(12, EditionWish.ALIKE), "punch")
                .words()
                .in(Unit.MM)
                .contains("laid together at a time"));
    }

    @Test
    public void glueOfSeveralCopiesCanBeLeftBetweenTwo() {
        assertTrue(WorkList.of(Planner.planUnmended(twelve(EditionWish.ALIKE))).tasks().stream()
                .noneMatch(Task::inOneGo));
    }

    @Test
    public void oneMoreCopyTakesLessThanOneByItself() {
        Edition.Minutes minutes = edition(twelve(EditionWish.ALIKE)).minutes();
        assertTrue(minutes.more() < minutes.one(), minutes.toString());
        assertTrue(minutes.inAll() < minutes.without(), minutes.toString());
    }

    @Test
    public void threadsAreCutAsAListOfLengths() {
        assertTrue(task(Books.sound().madeIn(12, EditionWish.ALIKE.withSparePercent(10)), "wax")
                .words()
                .in(Unit.MM)
                .startsWith("Cut 14 lengths of "));
    }

    // what is done of each

    @Test
    public void whatIsDoneOfTheBookIsDoneOfEveryCopy() {
        BookSpec cut = twelve(EditionWish.ALIKE).withDone(EnumSet.of(Stage.PAPER));
        assertTrue(copies(cut, Map.of()).stream().allMatch(copy -> copy.done().equals(Set.of(CopyStage.CUT))));
    }

    @Test
    public void ofACopyBegunAnewItIsNot() {
        BookSpec cut = twelve(EditionWish.ALIKE).withDone(EnumSet.of(Stage.PAPER));
        Copy third =
                copies(cut, Map.of(3, new CopyMarks(Set.of(), false, true))).get(2);
        assertEquals(third.done(), Set.of());
        assertEquals(edition(cut).at(third), CopyStage.CUT);
    }

    @Test
    public void copiesHaveTheirNames() {
        BookSpec named = twelve(EditionWish.ALIKE.withNames(List.of("Prompt corner", "", "Fly left")));
        assertEquals(
                copies(named, Map.of()).stream().limit(4).map(Copy::name).toList(),
                List.of("Prompt corner", "", "Fly left", ""));
    }

    @Test
    public void singleSheetsThatAreNotFoldedAreNotTickedAsFolded() {
        assertFalse(edition(Books.bound("stab-plain")).stages().contains(CopyStage.FOLDED));
    }

    @Test
    public void noMoreThanAThousandAreToldApart() {
        assertEquals(
                copies(Books.sound().madeIn(100_000, EditionWish.ALIKE), Map.of())
                        .size(),
                1000);
    }

    // what spoilt ones need anew

    private static UsedUp anew(EditionWish wish, SpoiltCopy... spoilt) {
        return edition(twelve(wish)).anew(List.of(), List.of(spoilt));
    }

    @Test
    public void aCopySpoiltInSewingNeedsItsThreadAnew() {
        UsedUp anew = anew(FIVE_RED, new SpoiltCopy(9, CopyStage.SEWN));
        assertEquals(anew.threads().stream().map(UsedUp.ThreadUse::kind).toList(), List.of(1));
        assertTrue(anew.pieces().isEmpty(), anew.toString());
    }

    @Test
    public void oneSpoiltBeforeItWasSewnNeedsNoThread() {
        assertTrue(anew(FIVE_RED, new SpoiltCopy(9, CopyStage.FOLDED)).threads().isEmpty());
    }

    @Test
    public void whatIsSpareServesFirst() {
        EditionWish spare = FIVE_RED.withSparePercent(10);
        SpoiltCopy red = new SpoiltCopy(9, CopyStage.FINISHED);
        assertTrue(anew(spare, red).threads().isEmpty());
        assertEquals(anew(spare, red, red).threads().size(), 1);
    }

    @Test
    public void aSpareOfAnotherKindDoesNotServe() {
        EditionWish spare = FIVE_RED.withSparePercent(10);
        SpoiltCopy red = new SpoiltCopy(9, CopyStage.SEWN);
        SpoiltCopy plain = new SpoiltCopy(1, CopyStage.SEWN);
        assertEquals(
                anew(spare, red, red, plain).threads().stream()
                        .map(UsedUp.ThreadUse::kind)
                        .toList(),
                List.of(1));
    }

    @Test
    public void whatWasTakenForThoseBeforeIsNotTakenAgain() {
        SpoiltCopy one = new SpoiltCopy(2, CopyStage.COVERED);
        UsedUp both = edition(twelve(EditionWish.ALIKE)).anew(List.of(), List.of(one, one));
        UsedUp second = edition(twelve(EditionWish.ALIKE)).anew(List.of(one), List.of(one));
        assertEquals(
                second.thread().orElseThrow().mm(), both.thread().orElseThrow().mm() / 2, 0.1);
    }

    /** A soft cover is sewn through: it goes with the sheets. */
    @Test
    public void aSoftCoverIsLostWithWhatIsSewnThroughIt() {
        Edition pamphlets = edition(Books.sound().madeIn(12, EditionWish.ALIKE));
        assertFalse(pamphlets
                .anew(List.of(), List.of(new SpoiltCopy(1, CopyStage.SEWN)))
                .pieces()
                .isEmpty());
    }
}
