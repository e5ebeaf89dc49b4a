package itomichi.space;

import itomichi.cover.CoverPiece;
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
    /** What lies on paper does not lie in it: else neither is seen clearly. */
    private static final double APART_MM = 0.1;

    private final WorkedBook book;
    private final Sheets sheets;

    CoverInSpace(WorkedBook book, Sheets sheets) {
        this.book = book;
        this.sheets = sheets;
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
        double high = book.spec().leaf().height().mm();
        double head = cover.headSquare().orElse(cover.square()).mm();
        double tail = cover.height()
                .map(all -> all.mm() - high - head)
                .orElse(2 * cover.square().mm() - head);
        double foreMm = sheets.foreMm() - cover.square().mm();
        return new Profile(
                Part.SOFT_COVER, 0, 0, -head, high + tail, thickMm, around(half, sheets.backMm() + half, foreMm), 4);
    }

    /** Round the block, so far outside it: from the fore edge at the front to the fore edge at the back. */
    private List<Point3> around(double outMm, double backMm, double foreMm) {
        List<Point3> points = new ArrayList<>();
        points.add(new Point3(0, front(foreMm) - outMm, foreMm));
        points.add(new Point3(0, front(-24) - outMm, -24));
        points.add(new Point3(0, front(-10) - outMm, -10));
        points.add(new Point3(0, front(0) - outMm, backMm));
        points.add(new Point3(0, (front(0) + back(0)) / 2, backMm));
        points.add(new Point3(0, back(0) + outMm, backMm));
        points.add(new Point3(0, back(-10) + outMm, -10));
        points.add(new Point3(0, back(-24) + outMm, -24));
        points.add(new Point3(0, back(foreMm) + outMm, foreMm));
        return points;
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
        double high = book.spec().leaf().height().mm();
        double square = Math.max(0, (board.high().mm() - high) / 2);
        double thickMm = book.covering().base().block().board().length().mm();
        double foreMm = sheets.foreMm() - square;
        double hingeMm = foreMm + board.wide().mm();
        List<Profile> all = new ArrayList<>();
        double far = Math.min(0, hingeMm);
        double half = thickMm / 2;
        all.add(board(foreMm, front(foreMm) - half, far, front(far) - half, square, thickMm));
        all.add(board(foreMm, back(foreMm) + half, far, back(far) + half, square, thickMm));
        piece("spine-piece").ifPresent(piece -> all.add(spine(piece, high, square, thickMm)));
        if (piece("cloth").isPresent() || piece("spine-cloth").isPresent()) {
            all.add(new Profile(
                    Part.CLOTH,
                    0,
                    0,
                    -square,
                    high + square,
                    CLOTH_MM,
                    around(thickMm + CLOTH_MM, spineOutMm(thickMm) + CLOTH_MM, foreMm),
                    4));
        }
        return all;
    }

    private Profile board(double foreMm, double atFore, double hingeMm, double atHinge, double square, double thickMm) {
        return new Profile(
                Part.BOARD,
                0,
                0,
                -square,
                book.spec().leaf().height().mm() + square,
                thickMm,
                List.of(new Point3(0, atFore, foreMm), new Point3(0, atHinge, hingeMm)),
                0);
    }

    private double spineOutMm(double boardMm) {
        return piece("spine-piece").isPresent() ? spineThickMm(boardMm) + CARD_MM : CARD_MM;
    }

    private double spineThickMm(double boardMm) {
        return piece("spine-piece")
                .filter(piece -> piece.stuff() == itomichi.cover.PieceStuff.BOARD)
                .map(piece -> boardMm)
                .orElse(CARD_MM);
    }

    /** Outside the folds, and whatever is glued on them. */
    private Profile spine(CoverPiece piece, double high, double square, double boardMm) {
        double thick = spineThickMm(boardMm);
        double middle = (sheets.spineFrom() + sheets.spineTo()) / 2;
        double half = piece.wide().mm() / 2;
        double zMm = CARD_MM + thick / 2;
        return new Profile(
                Part.SPINE_PIECE,
                0,
                0,
                -square,
                high + square,
                thick,
                List.of(
                        new Point3(0, middle - half, zMm),
                        new Point3(0, middle, zMm),
                        new Point3(0, middle + half, zMm)),
                1);
    }
}
