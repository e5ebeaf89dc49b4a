package itomichi.documents.sheets;

import java.util.ArrayList;
import java.util.List;

/**
 * Lays pieces together on pages so that little paper is wasted: each in turn goes to the highest place where it fits, as far left as it
 * goes, on the first page that has one. Places are tried where the right and lower edges of pieces already laid meet.
 */
final class Packing {

    /** Room between two pieces to cut in. */
    private static final double APART_MM = 6;

    private final double widthMm;
    private final double heightMm;
    private final List<List<Laid>> pages = new ArrayList<>();

    private Packing(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    /** A piece where it lies on its page. */
    record Laid(Piece piece, double xMm, double yMm) {
        boolean near(double x, double y, Piece other) {
            return x < xMm + piece.widthMm() + APART_MM - 1e-9
                    && xMm < x + other.widthMm() + APART_MM - 1e-9
                    && y < yMm + piece.heightMm() + APART_MM - 1e-9
                    && yMm < y + other.heightMm() + APART_MM - 1e-9;
        }
    }

    /**
     * Pages with the pieces laid on them.
     *
     * @param pieces none larger than a page
     */
    static List<List<Laid>> pages(List<Piece> pieces, double widthMm, double heightMm) {
        Packing packing = new Packing(widthMm, heightMm);
        pieces.forEach(packing::lay);
        return packing.pages;
    }

    private void lay(Piece piece) {
        for (List<Laid> page : pages) {
            if (lay(piece, page)) {
                return;
            }
        }
        List<Laid> page = new ArrayList<>();
        page.add(new Laid(piece, 0, 0));
        pages.add(page);
    }

    private boolean lay(Piece piece, List<Laid> page) {
        Laid best = null;
        for (double y : edges(page, false)) {
            for (double x : edges(page, true)) {
                boolean inside = x + piece.widthMm() <= widthMm + 1e-9 && y + piece.heightMm() <= heightMm + 1e-9;
                boolean better = best == null || y < best.yMm() || (y == best.yMm() && x < best.xMm());
                if (inside && better && page.stream().noneMatch(laid -> laid.near(x, y, piece))) {
                    best = new Laid(piece, x, y);
                }
            }
        }
        if (best != null) {
            page.add(best);
        }
        return best != null;
    }

    private static List<Double> edges(List<Laid> page, boolean across) {
        List<Double> edges = new ArrayList<>();
        edges.add(0.0);
        for (Laid laid : page) {
            edges.add(APART_MM
                    + (across
                            ? laid.xMm() + laid.piece().widthMm()
                            : laid.yMm() + laid.piece().heightMm()));
        }
        return edges;
    }
}
