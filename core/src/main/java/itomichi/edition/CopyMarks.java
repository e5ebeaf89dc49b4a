package itomichi.edition;

import java.util.Set;

/**
 * What a binder marked of a copy.
 *
 * @param done what is ticked
 * @param leftOut whether it is not made any more
 * @param anew whether it was spoilt and begun anew, so that what is done of the book as a whole is not done of it
 */
public record CopyMarks(Set<CopyStage> done, boolean leftOut, boolean anew) {

    /** Nothing was marked. */
    public static final CopyMarks NONE = new CopyMarks(Set.of(), false, false);

    public CopyMarks {
        done = Set.copyOf(done);
    }
}
