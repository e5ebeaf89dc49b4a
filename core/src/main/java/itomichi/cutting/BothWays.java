package itomichi.cutting;

import itomichi.measure.Length;
import java.util.HashMap;
import java.util.Map;
import java.util.NavigableSet;
import java.util.TreeSet;

/**
 * The most pieces of one size out of a sheet by cuts from edge to edge, pieces lying either way.
 *
 * <p>By dynamic programming over the sizes that sums of the piece's edges can make (raster points); exact among cuts from edge to edge. Cost:
 * at most the cube of the number of raster points; sheets that would hold more than {@value #MOST_PIECES} pieces are not tried.
 */
final class BothWays {

    private static final int MOST_PIECES = 90;

    private final long pieceWidth;
    private final long pieceHeight;
    private final boolean turnedUpright;
    private final NavigableSet<Long> raster = new TreeSet<>();
    private final Map<Long, Map<Long, CutPart>> best = new HashMap<>();

    private BothWays(Demand piece, boolean turnedUpright, long largest) {
        this.pieceWidth = piece.width().micrometres();
        this.pieceHeight = piece.height().micrometres();
        this.turnedUpright = turnedUpright;
        for (long a = 0; a <= largest; a += pieceWidth) {
            for (long b = a; b <= largest; b += pieceHeight) {
                raster.add(b);
            }
        }
    }

    /**
     * The most pieces.
     *
     * @param turnedUpright whether a piece that stands upright on the sheet counts as turned
     */
    static CutPart most(Demand piece, Length width, Length height, boolean turnedUpright) {
        if (width.mm() * height.mm() / piece.areaMm2() > MOST_PIECES) {
            return new CutPart.Offcut();
        }
        long largest = Math.max(width.micrometres(), height.micrometres());
        return new BothWays(piece, turnedUpright, largest).most(width.micrometres(), height.micrometres());
    }

    private CutPart most(long width, long height) {
        Long w = raster.floor(width);
        Long h = raster.floor(height);
        if (w == null || h == null || w == 0 || h == 0) {
            return new CutPart.Offcut();
        }
        Map<Long, CutPart> column = best.computeIfAbsent(w, none -> new HashMap<>());
        CutPart known = column.get(h);
        if (known == null) {
            known = work(w, h);
            column.put(h, known);
        }
        return known;
    }

    private CutPart work(long w, long h) {
        CutPart found = one(w, h);
        int count = found.pieces();
        for (long at : raster.subSet(0L, false, w / 2, true)) {
            CutPart first = most(at, h);
            CutPart second = most(w - at, h);
            if (first.pieces() + second.pieces() > count) {
                count = first.pieces() + second.pieces();
                found = new CutPart.Parted(false, new Length(at), first, second);
            }
        }
        for (long at : raster.subSet(0L, false, h / 2, true)) {
            CutPart first = most(w, at);
            CutPart second = most(w, h - at);
            if (first.pieces() + second.pieces() > count) {
                count = first.pieces() + second.pieces();
                found = new CutPart.Parted(true, new Length(at), first, second);
            }
        }
        return found;
    }

    private CutPart one(long w, long h) {
        if (pieceWidth <= w && pieceHeight <= h) {
            return new CutPart.Wanted(0, new Length(pieceWidth), new Length(pieceHeight), turnedUpright);
        }
        if (pieceHeight <= w && pieceWidth <= h) {
            return new CutPart.Wanted(0, new Length(pieceHeight), new Length(pieceWidth), !turnedUpright);
        }
        return new CutPart.Offcut();
    }
}
