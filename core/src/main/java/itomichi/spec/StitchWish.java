package itomichi.spec;

import io.soabase.recordbuilder.core.RecordBuilder;
import itomichi.material.ThreadPractice;
import itomichi.measure.Length;
import itomichi.structure.OwnStitching;
import itomichi.structure.Stitching;
import java.util.Optional;

/**
 * How a binder wants it sewn, where there is a choice.
 *
 * @param variant key of the way it is sewn; one the structure does not know counts as its usual one
 * @param tape thickness of a tape
 * @param cord diameter of a cord
 * @param board thickness of a board that is sewn on
 * @param boardHole from the spine edge of a board to its holes
 * @param threads how the thread is parted
 * @param workHeights a thread in work at once, in heights of the book
 * @param own a pattern of the binder's own, for the structures that are one
 */
@RecordBuilder
public record StitchWish(
        String variant,
        Length tape,
        Length cord,
        Length board,
        Length boardHole,
        Threads threads,
        double workHeights,
        Optional<OwnStitching> own)
        implements StitchWishBuilder.With {

    /** The usual way of everything; measures are common practice. */
    public static final StitchWish USUAL = new StitchWish(
            Stitching.USUAL,
            Length.ofMm(0.4),
            Length.ofMm(3),
            Length.ofMm(2),
            Length.ofMm(8),
            Threads.ONE,
            ThreadPractice.WORKABLE_HEIGHTS,
            Optional.empty());

    /** How a thread that goes on from signature to signature is parted. */
    public enum Threads {
        /** One length for the whole book. */
        ONE,
        /** As many as keep each no longer than a thread in work at once, evenly. */
        WORKABLE,
        /** One for each signature. */
        EACH
    }
}
