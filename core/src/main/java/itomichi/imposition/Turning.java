package itomichi.imposition;

/**
 * How a printer gives sheets back, and what therefore becomes of the backs when its stack is laid in again as it came out.
 *
 * @param backsReversed whether the back of the last sheet is printed first
 * @param backsUpsideDown whether a back comes to stand on its head against its front, turned over as a leaf is, where it is printed as
 *     it is
 */
public record Turning(boolean backsReversed, boolean backsUpsideDown) {

    /** Nothing has to be done for it. */
    public static final Turning STRAIGHT = new Turning(false, false);
}
