package itomichi.steps;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.measure.Unit;
import itomichi.path.SewingStep.Kind;
import itomichi.plan.SewingPlan;
import itomichi.plan.ThreadNeed;
import itomichi.spec.BookSpec;
import itomichi.spec.StitchWish;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the hand is told, structure by structure. */
public class StepWordsTest {

    private static List<StepLine> steps(BookSpec spec) {
        return StepLines.of(Planner.plan(spec).sewn());
    }

    private static BookSpec bound(String structure, int pages) {
        return Books.bound(structure).withPages(pages);
    }

    private static String words(List<StepLine> steps) {
        return steps.stream().map(step -> step.plain().in(Unit.MM)).toList().toString();
    }

    @DataProvider
    Object[][] told() {
        return new Object[][] {
            {"corded-pamphlet", 32, "Over the cord, and back in through hole 3, the centre."},
            {"double-pamphlet", 48, "Along the inside of section 2 towards the head, to the left, in through hole 2."},
            {"several-pamphlets", 96, "Signature 2: go out through hole 3, the centre."},
            {"link-stitch", 160, "Go back in through hole 3 itself, the centre."},
            {"link-stitch", 160, "Pass behind the stitch of the signature below, and back in through hole 4."},
            {"link-stitch", 160, "Lay signature 2 on and climb to it outside, in through hole 5, nearest the tail."},
            {"link-stitch", 160, "Tie a square knot of 2 turns with the tail that hangs from signature 1"},
            {"link-stitch", 160, "Kettle stitch at hole 5, nearest the tail: down between the two signatures below"},
            {"french-link", 160, "on the way under the stitch of the signature below, in through hole"},
            {"tapes", 160, "Along the outside towards the tail, to the right, in through hole 3."},
            {"long-stitch", 96, "Along the outside towards the tail, to the right, in through hole 3."},
            {"paired-rows", 192, "Pass behind the stitch of the signature below, lay signature 4 on"},
            {"stab-four-hole", 60, "Round the spine to the front, and back down through hole 1."},
            {"stab-four-hole", 60, "Open the block at its middle; from inside it go up through hole 2 to the front."},
            {"stab-four-hole", 60, "only as far as the middle of the block"},
            {"stab-tortoise-shell", 60, "satellite"},
            {"stab-four-hole", 60, "Along the back towards the head, to the left. Go into hole 2 from the back"},
            {"stab-running", 60, "Round the spine to the back. Go into hole 3 from the back"},
            {"stab-tortoise-shell", 60, "Round the spine to the back. Go into hole"},
            {"stab-corners", 60, "Round the spine to the back. Go into hole 3 from the back"},
        };
    }

    @Test(dataProvider = "told")
    public void theHandIsToldInTheWordsOfTheTrade(String structure, int pages, String words) {
        String said = words(steps(bound(structure, pages)));
        assertTrue(said.contains(words), said);
    }

    @Test
    public void turnedOverLeftAndRightChangePlaces() {
        for (StepLine step : steps(bound("stab-four-hole", 60))) {
            String plain = step.plain().in(Unit.MM);
            String swapped = plain.replace("to the left", "to the *")
                    .replace("to the right", "to the left")
                    .replace("to the *", "to the right");
            assertEquals(step.turned().in(Unit.MM), swapped);
        }
    }

    @Test
    public void goingRoundTheCoverNamesItsEdge() {
        BookSpec book = bound("long-stitch", 96);
        String said = words(steps(book.withStitch(book.stitch().withVariant("pairs"))));
        assertTrue(said.contains("go round the tail edge of the cover into its fold"), said);
    }

    @Test
    public void boardsAreGoneRound() {
        BookSpec book = bound("link-stitch", 160);
        String said = words(steps(book.withStitch(book.stitch().withVariant("boards"))));
        assertTrue(said.contains("Round the board’s spine edge and out through its hole"), said);
    }

    @Test
    public void aJoinIsToldWithItsTail() {
        BookSpec book = bound("link-stitch", 160);
        BookSpec each = book.withStitch(book.stitch().withThreads(StitchWish.Threads.EACH));
        String said = words(steps(each)).replace('\u202f', ' ');
        assertTrue(said.contains("Cut the thread with a tail of 75 mm and tie the next one to it"), said);
    }

    @DataProvider
    Object[][] joined() {
        return new Object[][] {
            {"link-stitch", "usual", "on the outside at"},
            {"tapes", "usual", "on the outside at"},
            {"long-stitch", "pairs", "on the inside at"},
            {"long-stitch", "there-and-back", "on the inside at"},
        };
    }

    @Test(dataProvider = "joined")
    public void aJoinIsToldOnTheSideWhereTheThreadIs(String structure, String variant, String side) {
        BookSpec book = bound(structure, 160);
        BookSpec each = book.withStitch(
                book.stitch().withThreads(StitchWish.Threads.EACH).withVariant(variant));
        List<StepLine> joins = steps(each).stream()
                .filter(step -> step.step().kind() == Kind.JOIN)
                .toList();
        assertFalse(joins.isEmpty());
        assertTrue(words(joins).contains(side), words(joins));
    }

    @DataProvider
    Object[][] structures() {
        return Stream.of(
                        bound("pamphlet", 32),
                        bound("corded-pamphlet", 32),
                        bound("several-pamphlets", 96),
                        bound("double-pamphlet", 48),
                        bound("link-stitch", 160),
                        bound("french-link", 160),
                        bound("tapes", 160),
                        bound("long-stitch", 96),
                        bound("paired-rows", 192),
                        bound("stab-running", 60),
                        bound("stab-corners", 60),
                        bound("stab-tortoise-shell", 60),
                        bound("stab-hemp-leaf", 60))
                .map(spec -> new Object[] {spec})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "structures")
    public void everyStepIsASentence(BookSpec spec) {
        for (StepLine step : steps(spec)) {
            for (String said : List.of(step.plain().in(Unit.MM), step.turned().in(Unit.INCH))) {
                assertTrue(said.endsWith(".") && Character.isUpperCase(said.charAt(0)), said);
                assertFalse(said.contains("  ") || said.contains(" ,") || said.contains("null"), said);
            }
        }
    }

    @Test(dataProvider = "structures")
    public void theThreadLeftGoesDownAndALastTailIsLeft(BookSpec spec) {
        List<StepLine> steps = steps(spec);
        for (int i = 1; i < steps.size(); i++) {
            boolean same = steps.get(i).thread() == steps.get(i - 1).thread();
            assertTrue(!same || steps.get(i).left().isLessThan(steps.get(i - 1).left()), "step " + (i + 1));
        }
        assertTrue(
                steps.get(steps.size() - 1).left().mm() >= spec.thread().tail().mm());
    }

    @Test(dataProvider = "structures")
    public void whatTheStepsUseIsWhatIsCut(BookSpec spec) {
        SewingPlan plan = Planner.plan(spec).sewn();
        double usedMm = StepLines.of(plan).stream()
                .mapToDouble(step -> step.used().mm())
                .sum();
        int threads = plan.need().pieces().size();
        double restMm = threads * (spec.thread().tail().mm() + ThreadNeed.NEEDLE.mm());
        assertEquals(
                usedMm + restMm,
                plan.need().cut().result().number(),
                0.1 + 0.001 * StepLines.of(plan).size());
    }

    @Test(dataProvider = "structures")
    public void everyMoveSaysHowLongItIs(BookSpec spec) {
        for (StepLine step : steps(spec)) {
            assertTrue(
                    step.lengths().stream()
                            .allMatch(length -> length.in(Unit.MM).endsWith("mm")),
                    "" + step.lengths());
        }
    }

    @Test
    public void tensionIsCheckedWhereASignatureEnds() {
        Predicate<StepLine> end =
                step -> step.step().kind() == Kind.KETTLE || step.step().kind() == Kind.TIE;
        List<StepLine> ends =
                steps(bound("link-stitch", 160)).stream().filter(end).toList();
        assertTrue(ends.stream().allMatch(step -> step.care().in(Unit.MM).contains("ull along the fold")));
    }

    @Test
    public void aTailThatNoKnotHoldsIsTiedAtTheEnd() {
        BookSpec book = bound("long-stitch", 96);
        List<StepLine> round = steps(book.withStitch(book.stitch().withVariant("pairs")));
        String said = round.get(round.size() - 1).care().in(Unit.MM);
        assertTrue(said.contains("Tie the tail left inside in signature 1 to its nearest stitch too"), said);
    }

    @Test
    public void aTailThatIsKnottedIsNotTiedTwice() {
        for (String structure : List.of("pamphlet", "link-stitch", "tapes", "long-stitch", "paired-rows")) {
            List<StepLine> steps = steps(bound(structure, structure.equals("pamphlet") ? 32 : 160));
            assertFalse(steps.get(steps.size() - 1).care().in(Unit.MM).contains("Tie the tail"), structure);
        }
    }

    /** The thread crosses from one of a pair to the other and back; the second length is knotted to the tail of the first. */
    @Test
    public void twoOnALengthAreToldBySignature() {
        BookSpec tapes = bound("tapes", 96);
        List<StepLine> steps = steps(tapes.withStitch(tapes.stitch().withVariant("two-on")));
        String said = words(steps);
        assertTrue(
                said.contains(
                        "Lay signature 2 on, across the tape towards the tail, to the right, into signature 2, in through hole 3."),
                said);
        assertTrue(said.contains("Across the tape towards the tail, to the right, into signature 1, in through"), said);
        assertFalse(steps.stream().anyMatch(step -> step.care().in(Unit.MM).contains("Tie the tail left")));
    }

    @Test
    public void aLoopIsLeftForTheNextSignature() {
        StepLine third = steps(bound("link-stitch", 160)).get(2);
        assertTrue(third.care().in(Unit.MM).contains("small loop"), third.care().in(Unit.MM));
    }
}
