package itomichi.book;

import itomichi.measure.Length;
import itomichi.measure.Phrase;
import java.util.List;
import java.util.Optional;

/**
 * What speaks for and against sewing a book with a thread.
 *
 * @param diameter of the thread
 * @param asFine whether it is as thick as the book’s, so that every figure of the book stays as it is
 * @param cut of it
 * @param weight all reasons added up
 * @param reasons what speaks for it, against it, or is to be known of it
 */
public record ThreadAdvice(Length diameter, boolean asFine, Length cut, int weight, List<Reason> reasons) {

    public ThreadAdvice {
        reasons = List.copyOf(reasons);
    }

    /**
     * A reason.
     *
     * @param weight what it adds to the thread's points, whole and without unit: positive, negative, or nought where it is only to be known
     */
    public record Reason(int weight, Phrase words) {}

    /**
     * What is known of a thread besides its count.
     *
     * @param left wound on its spool
     * @param snapN pull at which a piece snapped when tested, N
     * @param waxed whether it is waxed, where that is known
     * @param splits whether its strands split easily
     */
    public record Known(Optional<Length> left, Optional<Double> snapN, Optional<Boolean> waxed, boolean splits) {}
}
