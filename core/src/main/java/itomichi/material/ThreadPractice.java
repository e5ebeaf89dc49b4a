package itomichi.material;

import itomichi.measure.Length;

/** What practitioners say of thread in work. All of it is common practice, no published source. */
public final class ThreadPractice {

    /** A thread in work at once, in heights of the book: what it is parted to. */
    public static final double WORKABLE_HEIGHTS = 12;
    /** Longer than so many heights of the book, and it tangles. */
    public static final double TANGLES_HEIGHTS = 15;
    /** Shorter tails are hard to tie. */
    public static final Length TAIL_SHORT = Length.ofMm(50);
    /** Longer tails are wasted. */
    public static final Length TAIL_LONG = Length.ofMm(100);
    /** What is left where nothing else is said. */
    public static final Length TAIL_USUAL = Length.ofMm(75);
    /** What the tails of a knot that is tied are trimmed to. */
    public static final Length TAIL_TRIMMED = Length.ofMm(15);

    private ThreadPractice() {}
}
