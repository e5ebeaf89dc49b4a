package itomichi.space;

import itomichi.path.Point3;
import java.util.List;

/**
 * Something flat that runs along the spine: a sheet, a board, a tape. It is told by its middle seen from the head, and where it is not as high
 * everywhere by how much is cut off it there.
 *
 * @param part what it is
 * @param signature which one it belongs to, from 1; 0 of what belongs to none
 * @param paper which of the book's papers it is, from 0
 * @param fromMm where it begins, from the head of the leaves
 * @param toMm where it ends
 * @param thickMm how thick it is
 * @param across its middle, from the front of the book to its back; along the spine the points are alike
 * @param turn the number of the point about which it parts when the book is opened there, from 0
 * @param cuts what is cut off at each point, as many as those are; none where it is as high everywhere
 */
public record Profile(
        Part part,
        int signature,
        int paper,
        double fromMm,
        double toMm,
        double thickMm,
        List<Point3> across,
        int turn,
        List<Cut> cuts) {

    public Profile {
        across = List.copyOf(across);
        cuts = List.copyOf(cuts);
    }

    /** One that is as high everywhere. */
    Profile(
            Part part,
            int signature,
            int paper,
            double fromMm,
            double toMm,
            double thickMm,
            List<Point3> across,
            int turn) {
        this(part, signature, paper, fromMm, toMm, thickMm, across, turn, List.of());
    }

    /**
     * What is cut off at a point.
     *
     * @param headMm from where it begins
     * @param tailMm up to where it ends
     */
    public record Cut(double headMm, double tailMm) {

        static final Cut NOTHING = new Cut(0, 0);
    }

    /** What is cut off at a point. */
    Cut cut(int point) {
        return cuts.isEmpty() ? Cut.NOTHING : cuts.get(point);
    }

    /** The same where it lies otherwise. */
    Profile lying(List<Point3> middle, int parts) {
        return new Profile(part, signature, paper, fromMm, toMm, thickMm, middle, parts);
    }

    /** The same cut so, at points of which more may be told. */
    Profile cut(List<Point3> middle, int parts, List<Cut> off) {
        return new Profile(part, signature, paper, fromMm, toMm, thickMm, middle, parts, off);
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
        /** Of paper, slipped over all others. */
        WRAPPER,
        TAPE,
        /** A cord along the fold. */
        CORD
    }
}
