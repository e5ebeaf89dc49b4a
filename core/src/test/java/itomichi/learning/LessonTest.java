package itomichi.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import itomichi.habit.Habit.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What readings of a habit teach. */
public class LessonTest {

    private static final int BINDERS = 1_000;
    private static final long SEED = Long.getLong("itomichi.seed", 20_261_127);

    /** The usual example of a median and a median deviation in handbooks: 2, and 1 (from memory). */
    @Test
    public void theMiddleIsTheMedian() {
        List<Double> example = List.of(1.0, 1.0, 2.0, 2.0, 4.0, 6.0, 9.0);
        assertEquals(Lesson.median(example), 2.0);
        assertEquals(
                Lesson.median(example.stream().map(value -> Math.abs(value - 2)).toList()), 1.0);
    }

    @Test
    public void threeReadingsAreEnoughAndTwoAreNot() {
        assertFalse(Lesson.of(Kind.SLACK, List.of(4.0, 4.2)).enough());
        assertTrue(Lesson.of(Kind.SLACK, List.of(4.0, 4.2, 3.9)).enough());
    }

    @Test
    public void oneSlippedPointMovesNothingAndIsPointedOut() {
        List<Double> readings = List.of(0.160, 0.161, 0.159, 0.162, 1.6);
        Lesson lesson = Lesson.of(Kind.BULK, readings);
        assertEquals(lesson.median(), 0.161);
        assertTrue(lesson.farOff(1.6));
        assertFalse(lesson.farOff(0.159));
    }

    /** Readings that happen to be alike say little of how far the next one strays. */
    @Test
    public void alikeReadingsLeaveARange() {
        Lesson lesson = Lesson.of(Kind.PACE, List.of(100.0, 100.0, 100.0));
        assertTrue(lesson.high() - lesson.low() > 10, lesson.toString());
        assertFalse(lesson.farOff(112));
    }

    @Test
    public void theRangeNarrowsAsReadingsCome() {
        for (Kind kind : List.of(Kind.SLACK, Kind.PACE)) {
            double wide = 0;
            double narrow = 0;
            for (Binder binder : binders(kind)) {
                wide += width(Lesson.of(kind, binder.readings().subList(0, Lesson.LEAST)));
                narrow += width(Lesson.of(kind, binder.readings()));
            }
            assertTrue(narrow < 0.9 * wide, kind + ": " + wide / BINDERS + " to " + narrow / BINDERS);
        }
    }

    private static double width(Lesson lesson) {
        return lesson.high() - lesson.low();
    }

    @DataProvider
    Object[][] kinds() {
        return new Object[][] {{Kind.BULK}, {Kind.SPRING}, {Kind.SINK}, {Kind.SLACK}, {Kind.PACE}};
    }

    /** Over made-up binders whose habits are known, eight of ten of their eleventh books come out within the range: 75 to 85 %. */
    @Test(dataProvider = "kinds")
    public void theNextBookComesOutWithinTheRangeEightTimesOfTen(Kind kind) {
        double inside = share(binders(kind), binder -> {
            Lesson lesson = Lesson.of(kind, binder.readings());
            return lesson.low() <= binder.next() && binder.next() <= lesson.high() ? 1 : 0;
        });
        assertTrue(inside >= 0.75 && inside <= 0.85, kind + ": " + inside + ", seed " + SEED);
    }

    /** A tenth of all readings with a slipped point does not spoil the range. */
    @Test
    public void slippedPointsDoNotSpoilTheRange() {
        SplittableRandom dice = new SplittableRandom(SEED);
        double inside = share(binders(Kind.SLACK), binder -> {
            List<Double> slipped = new ArrayList<>(binder.readings());
            slipped.set(dice.nextInt(slipped.size()), binder.habit() * 10);
            Lesson lesson = Lesson.of(Kind.SLACK, slipped);
            return lesson.low() <= binder.next() && binder.next() <= lesson.high() ? 1 : 0;
        });
        assertTrue(inside >= 0.75 && inside <= 0.9, inside + ", seed " + SEED);
    }

    /** After ten books half of the estimates of thread are less than 2 % off. */
    @Test
    public void threadIsEstimatedToTwoPercent() {
        List<Double> off = binders(Kind.SLACK).stream()
                .map(binder -> Math.abs(Lesson.of(Kind.SLACK, binder.readings()).median() - binder.next())
                        / (100 + binder.next()))
                .toList();
        assertTrue(Lesson.median(off) < 0.02, Lesson.median(off) + ", seed " + SEED);
    }

    /** A binder whose habit is known, with ten books read and the eleventh. */
    private record Binder(double habit, List<Double> readings, double next) {}

    /** Each has a habit of their own, and strays from it by their own measure: from seven tenths of what is usual to a third more. */
    private static List<Binder> binders(Kind kind) {
        SplittableRandom dice = new SplittableRandom(SEED + kind.ordinal());
        List<Binder> binders = new ArrayList<>();
        for (int i = 0; i < BINDERS; i++) {
            double habit = switch (kind) {
                case BULK -> 0.08 + dice.nextDouble() * 0.2;
                case SPRING -> 3 + dice.nextDouble() * 22;
                case SINK -> 30 + dice.nextDouble() * 50;
                case SLACK -> 1 + dice.nextDouble() * 8;
                case PACE -> 60 + dice.nextDouble() * 120;
            };
            double strays = kind.strays(habit) * (0.7 + dice.nextDouble() * 0.63);
            List<Double> readings = new ArrayList<>();
            for (int book = 0; book < 10; book++) {
                readings.add(habit + strays * normal(dice));
            }
            binders.add(new Binder(habit, readings, habit + strays * normal(dice)));
        }
        return binders;
    }

    /** Normally distributed (Box and Muller 1958). */
    private static double normal(SplittableRandom dice) {
        return Math.sqrt(-2 * Math.log(1 - dice.nextDouble())) * Math.cos(2 * Math.PI * dice.nextDouble());
    }

    private static double share(List<Binder> binders, ToDoubleFunction<Binder> of) {
        return binders.stream().mapToDouble(of).sum() / binders.size();
    }
}
