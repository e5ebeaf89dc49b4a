package itomichi.material;

import itomichi.measure.Length;

/** What a paper's thickness is worked out from. */
public sealed interface PaperThickness {

    /** From its weight, by the bulk of its kind. */
    record ByBulk(BulkKind kind) implements PaperThickness {}

    /**
     * From a stack of it.
     *
     * @param sheets sheets in the stack, at least one
     * @param total thickness of the stack
     */
    record MeasuredStack(int sheets, Length total) implements PaperThickness {}
}
