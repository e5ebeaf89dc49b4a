package itomichi.learning;

import itomichi.habit.Habit.Kind;
import itomichi.habit.Taught;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.statistics.distribution.TDistribution;

/**
 * What readings of a habit teach.
 *
 * <p>The middle is their median, their spread the median deviation from it, made comparable with a standard deviation of a normal
 * distribution (times 1.4826, and for few readings Croux and Rousseeuw's factors, 1992, from memory): half of the readings may be wrong
 * before either is. The spread of few readings is little known; it is drawn towards what is usual for the habit, as if that came from
 * {@value #USUAL_WEIGHT} readings more (a scaled inverse chi-squared prior: Gelman and others, Bayesian Data Analysis, from memory), and the
 * range is that of Student's distribution for the next reading.
 *
 * @param count how many readings it is made from
 * @param median the middle
 * @param spread how much they stray, in their unit
 * @param low the least that eight of ten of the next come to
 * @param high the most that eight of ten of the next come to
 */
public record Lesson(int count, double median, double spread, double low, double high) {

    /** Fewer readings are shown, and nothing is offered from them. */
    public static final int LEAST = Taught.LEAST;

    static final int USUAL_WEIGHT = 4;

    /** Eight of ten lie inside, one above, one below. */
    private static final double INSIDE_BELOW = 0.9;
    /** Of a normal distribution's deviation, the half of the readings lie within that share. */
    private static final double NORMAL = 1.4826;

    private static final double[] FEW = {0, 0, 1.196, 1.495, 1.363, 1.206, 1.200, 1.140, 1.129, 1.107};
    /** A reading further off is pointed out (Iglewicz and Hoaglin 1993, from memory). */
    private static final double FAR = 3.5;
    /** A median is as sure as a mean of so many of its readings. */
    private static final double MEDIAN_WORTH = 2 / Math.PI;

    /**
     * What these readings teach.
     *
     * @param values in the unit of the habit's kind
     * @throws IllegalArgumentException if there is none
     */
    public static Lesson of(Kind kind, List<Double> values) {
        if (values.isEmpty()) {
            throw new IllegalArgumentException("A lesson needs a reading; read " + values);
        }
        double middle = median(values);
        int count = values.size();
        double usual = kind.strays(middle);
        double own = NORMAL
                * few(count)
                * median(values.stream().map(value -> Math.abs(value - middle)).toList());
        int free = count - 1;
        // a median deviation is worth about 0.37 of a standard deviation's readings
        double worth = 0.37 * free;
        double spread = Math.sqrt((USUAL_WEIGHT * usual * usual + worth * own * own) / (USUAL_WEIGHT + worth));
        double reach = TDistribution.of(USUAL_WEIGHT + worth).inverseCumulativeProbability(INSIDE_BELOW)
                * spread
                * Math.sqrt(1 + 1 / (MEDIAN_WORTH * count));
        return new Lesson(count, middle, spread, middle - reach, middle + reach);
    }

    private static double few(int count) {
        return count < FEW.length ? FEW[count] : count / (count - 0.8);
    }

    /** The middle one, or between the two in the middle. */
    static double median(List<Double> values) {
        List<Double> sorted = new ArrayList<>(values);
        sorted.sort(null);
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }

    /** Whether there are enough readings to plan by. */
    public boolean enough() {
        return count >= LEAST;
    }

    /** The same as it is taken into a book. */
    public Taught taught() {
        return new Taught(count, median, low, high);
    }

    /** Whether a reading is so far off that a point may have slipped; of too few none is. */
    public boolean farOff(double value) {
        return enough() && Math.abs(value - median) > FAR * spread;
    }
}
