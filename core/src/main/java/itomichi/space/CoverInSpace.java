package itomichi.space;

import itomichi.cover.CoverPiece;
import itomichi.cover.PieceStuff;
import itomichi.path.Point3;
import itomichi.plan.WorkedBook;
import itomichi.space.BookInSpace.Sheets;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The cover in space, closed round the block: a soft one that is sewn on with it, or boards with what joins them. */
final class CoverInSpace {

    /** A spine piece of card, and cloth: common practice. */
    private static final double CARD_MM = 0.5;

    private static final double CLOTH_MM = 0.3;
    /** An endpaper is a little thicker than a leaf: common practice. */
    private static final double END_MM = 0.15;
    /** What lies on paper does not lie in it: else neither is seen clearly. */
    private static final double APART_MM = 0.1;
    /** What goes round the block bends between these when it is opened, from the spine. */
    private static final double BEND_BEGINS_MM = 10;

    private static final double BEND_ENDS_MM = 24;

    private final WorkedBook book;
    private final Sheets sheets;
    private final Optional<Rounded> round;
    private final double highMm;

    CoverInSpace(WorkedBook book, Sheets sheets, Optional<Rounded> round) {
        this.book = book;
        this.sheets = sheets;
        this.round = round;
        this.highMm = book.spec().leaf().height().mm();
    }

    List<Profile> profiles() {
        BookSpec spec = book.spec();
        Optional<CoverPiece> board = piece("board");
        if (board.isPresent()) {
            return boards(board.get());
        }
        return spec.cover().wanted() && spec.bound().inSoftCover() ? List.of(soft()) : List.of();
    }

    private Optional<CoverPiece> piece(String key) {
        return book.covering().work().pieces().stream()
                .filter(piece -> piece.key().equals(key))
                .findFirst();
    }

    /** Sewn through, so that it lies close at the spine. */
    private Profile soft() {
        BookSpec.Cover cover = book.spec().cover();
        double thickMm = cover.thickness().mm();
        double half = thickMm / 2;
        double foreMm = sheets.foreMm() - cover.square().mm();
        return around(Part.SOFT_COVER, -sheets.headMm(), highMm + sheets.tailMm(), thickMm, half, half, foreMm);
    }

    /**
     * Round the block, from the fore edge at the front to the fore edge at the back.
     *
     * @param outMm so far outside its sides
     * @param backMm so far outside its spine
     */
    private Profile around(
            Part part, double fromMm, double toMm, double thickMm, double outMm, double backMm, double foreMm) {
        List<Point3> points = new ArrayList<>();
        for (double zMm : new double[] {foreMm, -BEND_ENDS_MM, -BEND_BEGINS_MM}) {
            points.add(new Point3(0, front(zMm) - outMm, zMm));
        }
        points.addAll(over(outMm, backMm));
        for (double zMm : new double[] {-BEND_BEGINS_MM, -BEND_ENDS_MM, foreMm}) {
            points.add(new Point3(0, back(zMm) + outMm, zMm));
        }
        return new Profile(part, 0, 0, fromMm, toMm, thickMm, points, points.size() / 2);
    }

    /** Over the spine, the middle of it in the middle of the points. */
    private List<Point3> over(double outMm, double backMm) {
        double half = (back(0) - front(0)) / 2 + outMm;
        return round.map(back -> back.over(backMm, back.longMm(backMm, half)))
                .orElseGet(() -> straight(half, sheets.backMm() + backMm));
    }

    /** Straight over a flat back, so far to either side of its middle. */
    private List<Point3> straight(double halfMm, double zMm) {
        double middle = (sheets.spineFrom() + sheets.spineTo()) / 2;
        return List.of(
                new Point3(0, middle - halfMm, zMm), new Point3(0, middle, zMm), new Point3(0, middle + halfMm, zMm));
    }

    /** The front of the block so far out of its spine. */
    private double front(double zMm) {
        return sheets.spineFrom() + (sheets.edgeFrom() - sheets.spineFrom()) * share(zMm) - APART_MM;
    }

    /** Its back there. */
    private double back(double zMm) {
        return sheets.spineTo() + (sheets.edgeTo() - sheets.spineTo()) * share(zMm) + APART_MM;
    }

    private double share(double zMm) {
        return Math.max(0, Math.min(1, zMm / sheets.foreMm()));
    }

    private List<Profile> boards(CoverPiece board) {
        double square = Math.max(0, (board.high().mm() - highMm) / 2);
        double thickMm = book.covering().base().block().board().length().mm();
        double foreMm = sheets.foreMm() - square;
        double hingeMm = Math.min(0, foreMm + board.wide().mm());
        List<Profile> all = new ArrayList<>(endpapers());
        // two leaves lie between the block and each board
        double off = thickMm / 2 + (all.isEmpty() ? 0 : 2 * END_MM);
        all.add(standing(
                Part.BOARD,
                square,
                thickMm,
                0,
                List.of(new Point3(0, front(foreMm) - off, foreMm), new Point3(0, front(hingeMm) - off, hingeMm))));
        all.add(standing(
                Part.BOARD,
                square,
                thickMm,
                0,
                List.of(new Point3(0, back(foreMm) + off, foreMm), new Point3(0, back(hingeMm) + off, hingeMm))));
        Optional<CoverPiece> spine = piece("spine-piece");
        double spineMm = spine.filter(piece -> piece.stuff() == PieceStuff.BOARD)
                .map(piece -> thickMm)
                .orElse(CARD_MM);
        spine.ifPresent(piece -> {
            List<Point3> across = spine(piece, spineMm);
            all.add(standing(Part.SPINE_PIECE, square, spineMm, across.size() / 2, across));
        });
        if (piece("cloth").isPresent() || piece("spine-cloth").isPresent()) {
            double backMm = CARD_MM + spine.map(piece -> spineMm).orElse(0.0) + CLOTH_MM;
            double outMm = off + thickMm / 2 + CLOTH_MM;
            all.add(around(Part.CLOTH, -square, highMm + square, CLOTH_MM, outMm, backMm, foreMm));
        }
        return all;
    }

    /** Folded once and tipped on to the first leaf and the last, their other halves on the boards; where there are such, two. */
    private List<Profile> endpapers() {
        return piece("endpaper")
                .map(piece -> {
                    double foreMm = Math.max(sheets.foreMm(), -piece.wide().mm() / 2);
                    return List.of(endpaper(foreMm, true), endpaper(foreMm, false));
                })
                .orElse(List.of());
    }

    private Profile endpaper(double foreMm, boolean first) {
        // from the fore edge on the block to the fold, and back on the board
        double[] depths = {foreMm, -BEND_ENDS_MM, -BEND_BEGINS_MM, -END_MM};
        List<Point3> across = new ArrayList<>();
        List<Point3> onBoard = new ArrayList<>();
        for (double zMm : depths) {
            across.add(new Point3(0, beside(zMm, END_MM / 2, first), zMm));
            onBoard.add(0, new Point3(0, beside(zMm, 1.5 * END_MM, first), zMm));
        }
        across.addAll(onBoard);
        return new Profile(Part.ENDPAPER, 0, 0, 0, highMm, END_MM, across, first ? across.size() : -1);
    }

    /** So far off the block, before it or after it. */
    private double beside(double zMm, double offMm, boolean first) {
        return first ? front(zMm) - offMm : back(zMm) + offMm;
    }

    /** What stands out past the leaves by a square at head and tail. */
    private Profile standing(Part part, double square, double thickMm, int turn, List<Point3> across) {
        return new Profile(part, 0, 0, -square, highMm + square, thickMm, across, turn);
    }

    /** Outside the folds, and whatever is glued on them. */
    private List<Point3> spine(CoverPiece piece, double thickMm) {
        double zMm = CARD_MM + thickMm / 2;
        double wideMm = piece.wide().mm();
        return round.map(back -> back.over(zMm, wideMm)).orElseGet(() -> straight(wideMm / 2, zMm));
    }
}
