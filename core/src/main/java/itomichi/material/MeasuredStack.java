package itomichi.material;

import itomichi.measure.Length;

/**
 * A stack that was measured.
 *
 * @param sheets sheets in the stack, at least one
 * @param total thickness of the stack
 */
public record MeasuredStack(int sheets, Length total) {

    /** How far a caliper's reading may be off, either way: common practice for a hand-held one. */
    static final Length READING_SPREAD = Length.ofMm(0.02);
}
