package itomichi.cutting;

import itomichi.measure.Length;
import java.util.ArrayList;
import java.util.List;

/** A part of a stock sheet on its way from the whole to pieces: parted by a cut from edge to edge, a piece, or an offcut. */
sealed interface CutPart {

    /**
     * A part that is cut through.
     *
     * @param level whether the cut runs level, so that the first part lies above the second; else the first lies left
     * @param at how far from the part's upper or left edge
     */
    record Parted(boolean level, Length at, CutPart first, CutPart second) implements CutPart {
        @Override
        public int pieces() {
            return first.pieces() + second.pieces();
        }

        @Override
        public void place(Length x, Length y, List<Layout.CutPiece> placed) {
            first.place(x, y, placed);
            second.place(level ? x : x.plus(at), level ? y.plus(at) : y, placed);
        }

        @Override
        public void left(Length x, Length y, Length width, Length height, List<StockPlan.Left> found) {
            first.left(x, y, level ? width : at, level ? at : height, found);
            second.left(
                    level ? x : x.plus(at),
                    level ? y.plus(at) : y,
                    level ? width : width.minus(at),
                    level ? height.minus(at) : height,
                    found);
        }

        @Override
        public CutPart atMost(int wanted) {
            CutPart kept = first.atMost(wanted);
            CutPart more = second.atMost(wanted - kept.pieces());
            return kept.pieces() + more.pieces() == 0 ? new Offcut() : new Parted(level, at, kept, more);
        }

        /** Whether another part is cut as this one is, and the same piece comes off. */
        boolean alike(Parted other) {
            return level == other.level && at.equals(other.at) && first.equals(other.first);
        }
    }

    /**
     * A piece that is wanted; what is left of its part to the right of it and below is cut away where it is larger.
     *
     * @param demand which of the demands it is, from 0
     * @param width as it lies on the stock sheet
     * @param height as it lies on the stock sheet
     * @param turned whether its fold lies level on the stock sheet
     */
    record Wanted(int demand, Length width, Length height, boolean turned) implements CutPart {
        @Override
        public int pieces() {
            return 1;
        }

        @Override
        public void left(Length x, Length y, Length width, Length height, List<StockPlan.Left> found) {
            // strips that are trimmed off a piece are not kept
        }

        @Override
        public CutPart atMost(int wanted) {
            return wanted > 0 ? this : new Offcut();
        }

        @Override
        public void place(Length x, Length y, List<Layout.CutPiece> placed) {
            placed.add(new Layout.CutPiece(demand, x, y, width, height, turned));
        }
    }

    /** What is left over. */
    record Offcut() implements CutPart {
        @Override
        public int pieces() {
            return 0;
        }

        @Override
        public void left(Length x, Length y, Length width, Length height, List<StockPlan.Left> found) {
            found.add(new StockPlan.Left(x, y, width, height));
        }

        @Override
        public CutPart atMost(int wanted) {
            return this;
        }

        @Override
        public void place(Length x, Length y, List<Layout.CutPiece> placed) {
            // nothing of it is wanted
        }
    }

    /**
     * Parts cut off one after the other.
     *
     * @param level whether the cuts run level
     * @param sizes how far each cut is from the one before
     * @param parts as many as sizes
     * @param room size of the whole along which it is parted
     */
    static CutPart chain(boolean level, List<Length> sizes, List<CutPart> parts, Length room) {
        return chain(level, sizes, parts, room, 0);
    }

    private static CutPart chain(boolean level, List<Length> sizes, List<CutPart> parts, Length room, int from) {
        if (from == sizes.size()) {
            return new Offcut();
        }
        Length size = sizes.get(from);
        if (!size.isLessThan(room)) {
            return parts.get(from);
        }
        return new Parted(level, size, parts.get(from), chain(level, sizes, parts, room.minus(size), from + 1));
    }

    /** How many wanted pieces it holds. */
    int pieces();

    /** The same, cut up no further than so many pieces want. */
    CutPart atMost(int wanted);

    /** Adds the pieces where they lie, the part's corner being at the given place. */
    void place(Length x, Length y, List<Layout.CutPiece> placed);

    /** Adds what is left whole of it, the part's corner and size being given. */
    void left(Length x, Length y, Length width, Length height, List<StockPlan.Left> found);

    /** What is left whole of it, the part's corner and size being given. */
    default List<StockPlan.Left> left(Length x, Length y, Length width, Length height) {
        List<StockPlan.Left> found = new ArrayList<>();
        left(x, y, width, height, found);
        return found;
    }

    /** The pieces where they lie, the part's corner being at the given place. */
    default List<Layout.CutPiece> placed(Length x, Length y) {
        List<Layout.CutPiece> placed = new ArrayList<>();
        place(x, y, placed);
        return placed;
    }
}
