package itomichi.remarks;

import static org.testng.Assert.assertEquals;

import itomichi.book.Books;
import itomichi.book.Planner;
import itomichi.finding.Stage;
import itomichi.measure.Unit;
import itomichi.path.Face;
import itomichi.spec.BookSpec;
import itomichi.steps.StepLine;
import itomichi.steps.StepLines;
import java.util.EnumSet;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the plan says to the hand. */
public class WordsTest {

    private static final List<StepLine> STEPS =
            StepLines.of(Planner.plan(Books.sound()).sewn());

    @DataProvider
    Object[][] moves() {
        return new Object[][] {
            {1, "Go out through hole 3, the centre. Leave a tail of 75 mm on the inside."},
            {2, "Along the outside towards the head, to the left, in through hole 2."},
            {3, "Along the inside towards the head, to the left, out through hole 1, nearest the head."},
            {4, "Along the outside towards the tail, to the right, in through hole 2."},
            {5, "Along the inside towards the tail, to the right, past hole 3 in one long stitch, out through hole 4."},
            {6, "Along the outside towards the tail, to the right, in through hole 5, nearest the tail."},
            {7, "Along the inside towards the head, to the left, out through hole 4."},
            {8, "Along the outside towards the head, to the left, in through hole 3, the centre."},
            {9, "Tie a square knot of 2 turns over the long stitch at hole 3, the centre, a tail on each side of it."},
        };
    }

    @Test(dataProvider = "moves")
    public void everyMoveOfFiveStationsIsSaidInTradeWords(int number, String words) {
        assertEquals(plain(STEPS.get(number - 1).plain().in(Unit.MM)), words);
    }

    @DataProvider
    Object[][] cares() {
        return new Object[][] {
            {1, "Hold the tail, or clip it, so that it does not pull through."},
            {2, ""},
            {
                4,
                "Hole 2 already holds thread: draw that aside, pass on its head side, and tug it to see that it was not pierced."
            },
            {
                7,
                "Hole 4 already holds thread: draw that aside, pass on its tail side, and tug it to see that it was not pierced."
            },
            {9, "Pull along the fold until the thread lies flat on both faces, then tie. Trim the tails to about 15 mm."
            },
        };
    }

    @Test(dataProvider = "cares")
    public void aMoveSaysWhatToLookOutFor(int number, String words) {
        assertEquals(plain(STEPS.get(number - 1).care().in(Unit.MM)), words);
    }

    @Test
    public void withTheKnotOutsideTheTailIsLeftOutside() {
        BookSpec.Sewing inside = Books.sewing(1, 75, 1.1);
        BookSpec.Sewing outside = new BookSpec.Sewing(
                inside.thread(), 1, inside.tail(), inside.slackPercent(), inside.needleEye(), Face.OUTSIDE, 2);
        String first = StepLines.of(
                        Planner.plan(Books.sound().withThread(outside)).sewn())
                .get(0)
                .plain()
                .in(Unit.MM);
        assertEquals(plain(first), "Go in through hole 3, the centre. Leave a tail of 75 mm on the outside.");
    }

    @DataProvider
    Object[][] next() {
        return new Object[][] {
            {Stage.PURPOSE, "Say what it is for"},
            {Stage.PAPER, "Cut 8 sheets of Book wove to 296 mm × 210 mm"},
            {Stage.GATHER, "Fold 8 sheets of Book wove and nest them"},
            {Stage.STATIONS, "Settle where the 5 holes go"},
            {Stage.TEMPLATE, "Print the template and punch 5 holes"},
            {Stage.THREAD, "Cut 586 mm of linen 30/3"},
            {Stage.SEW, "Sew it: 9 moves"},
        };
    }

    @Test(dataProvider = "next")
    public void theNextThingIsOneSentenceAtEveryStage(Stage stage, String words) {
        EnumSet<Stage> done = EnumSet.noneOf(Stage.class);
        for (Stage before : Stage.values()) {
            if (before.compareTo(stage) < 0) {
                done.add(before);
            }
        }
        assertEquals(
                plain(Planner.plan(Books.sound().withDone(done)).next().words().in(Unit.MM)), words);
    }

    @Test
    public void oneSheetIsFoldedAndNotNested() {
        BookSpec single = Books.sound().withPages(4).withDone(EnumSet.of(Stage.PURPOSE, Stage.PAPER));
        assertEquals(Planner.plan(single).next().words().in(Unit.MM), "Fold 1 sheet of Book wove");
    }

    @Test
    public void threadLeftOnlyGoesDown() {
        for (int i = 1; i < STEPS.size(); i++) {
            assertEquals(STEPS.get(i).left().isLessThan(STEPS.get(i - 1).left()), true, "move " + (i + 1));
        }
    }

    private static String plain(String text) {
        return text.replace('\u202f', ' ').replace('\u00a0', ' ');
    }
}
