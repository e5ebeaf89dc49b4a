package itomichi.documents.sheets;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Lays pieces together on pages so that little paper is wasted: each in turn goes to the highest place where it fits, as far left as it
 * goes, on the first page that has one. Places are tried where the right and lower edges of pieces already laid meet.
 */
final class Packing {

    /** Room between two pieces to cut in. */
    private static final double APART_MM = 6;
    /** More find no room on any paper. */
    private static final int MOST_PIECES = 60;

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

    /**
     * The same, and more where they find room.
     *
     * @param again what is laid once more in turn, all parts of a thing or none, as long as that takes no page more
     */
    static List<List<Laid>> pages(List<Piece> pieces, List<List<Piece>> again, double widthMm, double heightMm) {
        Packing packing = new Packing(widthMm, heightMm);
        pieces.forEach(packing::lay);
        int laid = pieces.size();
        boolean found = true;
        while (found && laid < MOST_PIECES) {
            found = false;
            for (List<Piece> parts : again) {
                if (packing.layOnPages(parts)) {
                    found = true;
                    laid++;
                }
            }
        }
        return packing.pages;
    }

    private void lay(Piece piece) {
        if (pageFor(piece).isEmpty()) {
            List<Laid> page = new ArrayList<>();
            page.add(new Laid(piece, 0, 0));
            pages.add(page);
        }
    }

    /** Lays all of them on pages that are there, or none. */
    private boolean layOnPages(List<Piece> parts) {
        List<List<Laid>> on = new ArrayList<>();
        for (Piece part : parts) {
            Optional<List<Laid>> page = pageFor(part);
            if (page.isEmpty()) {
                on.forEach(taken -> taken.remove(taken.size() - 1));
                return false;
            }
            on.add(page.get());
        }
        return true;
    }

    /** The first page that it finds room on, laid there. */
    private Optional<List<Laid>> pageFor(Piece piece) {
        return pages.stream().filter(page -> lay(piece, page)).findFirst();
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
