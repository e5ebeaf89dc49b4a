package itomichi.space;

import itomichi.path.Point3;
import java.util.List;

/**
 * Something flat that runs along the spine without changing: a sheet, a board, a tape. It is told by its middle seen from the head.
 *
 * @param part what it is
 * @param signature which one it belongs to, from 1; 0 of what belongs to none
 * @param paper which of the book's papers it is, from 0
 * @param fromMm where it begins, from the head of the leaves
 * @param toMm where it ends
 * @param thickMm how thick it is
 * @param across its middle, from the front of the book to its back; along the spine the points are alike
 * @param turn the number of the point about which it parts when the book is opened there, from 0
 */
public record Profile(
        Part part,
        int signature,
        int paper,
        double fromMm,
        double toMm,
        double thickMm,
        List<Point3> across,
        int turn) {

    public Profile {
        across = List.copyOf(across);
    }

    /** The same where it lies otherwise. */
    Profile lying(List<Point3> middle, int parts) {
        return new Profile(part, signature, paper, fromMm, toMm, thickMm, middle, parts);
    }

    /** What is flat in a book. */
    public enum Part {
        SHEET,
        /** A leaf or a pocket that is pasted to a page; it does not part, so that its turn lies before its first point or after its last. */
        PASTED,
        /** Tipped on to the block; what of it is pasted to a board is a pastedown. */
        ENDPAPER,
        PASTEDOWN,
        /** Cloth that holds two end leaves together. */
        CLOTH_JOINT,
        SOFT_COVER,
        /** What of a soft cover goes round the fore edge and over the front. */
        FLAP,
        /** On the spine of a soft cover, under the thread. */
        PLATE,
        BOARD_IN_CLOTH,
        BOARD_IN_PAPER,
        /** Of board in cloth, beside the spine: it stays down. */
        STRIP,
        SPINE_PIECE,
        /** What goes over boards and spine. */
        CLOTH,
        TAPE,
        /** A cord along the fold. */
        CORD
    }
}
