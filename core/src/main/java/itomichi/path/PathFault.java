package itomichi.path;

/**
 * Something wrong with a path.
 *
 * @param kind what
 * @param words what and where, in one sentence
 */
public record PathFault(Kind kind, String words) {

    /** The kinds of fault. */
    public enum Kind {
        BROKEN_CHAIN,
        SIDES_DO_NOT_ALTERNATE,
        STITCH_MISSING,
        STITCH_NOT_WANTED,
        HOLD_MISSING,
        HOLD_NOT_WANTED,
        HOLE_UNUSED,
        SIGNATURE_LOOSE,
        HOLE_TOO_FULL,
        KNOT_ENDS_APART,
        TAILS_ON_ONE_SIDE,
        LENGTH_DISAGREES
    }
}
