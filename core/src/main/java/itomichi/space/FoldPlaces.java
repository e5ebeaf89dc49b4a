package itomichi.space;

import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.path.FoldFrame;
import itomichi.plan.WorkedBook;
import java.util.List;

/**
 * Where the folds of the signatures lie before the back is rounded, seen from the head: each goes by half a circle round the room that the
 * thread takes inside of it.
 *
 * @param frame that they are sewn on
 * @param signatures in the order of the book
 */
record FoldPlaces(FoldFrame frame, List<Signature> signatures) {

    FoldPlaces {
        signatures = List.copyOf(signatures);
    }

    /** Of a book whose sheets are folded. */
    static FoldPlaces of(WorkedBook book, FoldFrame frame) {
        return new FoldPlaces(
                frame,
                book.gathered()
                        .folded()
                        .map(Gathered.InSignatures::block)
                        .orElseThrow()
                        .signatures());
    }

    int count() {
        return signatures.size();
    }

    Signature signature(int number) {
        return signatures.get(number - 1);
    }

    /** Room for the thread inside a fold, from its middle. */
    double roomMm() {
        return frame.threadMm() / 2;
    }

    /** Its place across the spine, y. */
    double acrossMm(int number) {
        return frame.layer(number).fold().mm();
    }

    /** From the middle of a signature at the spine to its outside. */
    double reachMm(int number) {
        return roomMm() + signature(number).laidFlat().mm();
    }

    /** The middle of its half circle, z. */
    double centreMm(int number) {
        return -frame.layer(number).passed().mm() - roomMm();
    }

    /** What lies outside the fold and is sewn through with it. */
    double coverMm(int number) {
        return frame.layer(number).cover().mm();
    }
}
