package itomichi.space;

import itomichi.gathering.FoldedSheet;
import itomichi.measure.Length;
import itomichi.path.Point3;
import java.util.ArrayList;
import java.util.List;

/**
 * A leaf of a folded sheet, from its fold to where it ends; one that is wider than the book is folded back over itself, away from the middle
 * of its signature.
 *
 * @param width of the leaf, unfolded
 * @param usual width of the book's leaves
 * @param paperMm how thick it is
 * @param spineMm where it leaves the fold, y
 * @param edgeMm where it lies at the fore edge, y
 * @param away which way the outside of its signature is: -1 before its middle, 1 after it
 */
record LeafInSpace(Length width, Length usual, double paperMm, double spineMm, double edgeMm, int away) {

    /** Leaves bend near the spine when the book is opened: there they are told by more points. From the fold, mm. */
    private static final double[] BENDS = {2, 5, 8, 12, 16, 21, 27, 34};

    /** How often such a leaf lies over itself: once where it is not folded back. */
    static int layers(Length width, Length usual) {
        return 1 + FoldedSheet.folds(width, usual);
    }

    /** Paper that it lays at the fore edge. */
    double layersMm() {
        return layers(width, usual) * paperMm;
    }

    /**
     * Its middle, from the fold to where it ends, those parts that are folded back too.
     *
     * @param centreMm where the fold's half circle has its middle, z
     * @param radiusMm of that half circle: a quarter of the circle is spent on it
     * @param trimMm where the fore edge is trimmed, z
     */
    List<Point3> points(double centreMm, double radiusMm, double trimMm) {
        double spentMm = Math.PI / 2 * radiusMm;
        double endMm = Math.max(trimMm, centreMm - Math.max(1, firstMm() - spentMm));
        List<Point3> points = new ArrayList<>();
        points.add(at(centreMm, centreMm, 0));
        for (double bend : BENDS) {
            if (bend < centreMm - endMm - 1) {
                points.add(at(centreMm, centreMm - bend, 0));
            }
        }
        points.add(at(centreMm, endMm, 0));
        points.addAll(foldedBack(centreMm, endMm));
        return points;
    }

    /** Of these points, those up to where it is folded back: each part that is folded back is told by two. */
    List<Point3> leg(List<Point3> points) {
        return points.subList(0, points.size() - 2 * (layers(width, usual) - 1));
    }

    /** How wide it is up to where it ends or is folded back. */
    private double firstMm() {
        Length first = layers(width, usual) > 1 ? FoldedSheet.foldedBackAt(usual) : width;
        return first.mm();
    }

    /** To the fold and from it in turn, each time over what lies there already. */
    private List<Point3> foldedBack(double centreMm, double endMm) {
        List<Point3> points = new ArrayList<>();
        double restMm = width.mm() - firstMm();
        double panelMm = FoldedSheet.foldedBackAt(usual).mm();
        double zMm = endMm;
        int way = 1;
        for (int layer = 1; restMm > 1e-9; layer++) {
            double longMm = Math.min(restMm, panelMm);
            points.add(at(centreMm, zMm, layer));
            zMm += way * longMm;
            points.add(at(centreMm, zMm, layer));
            restMm -= longMm;
            way = -way;
        }
        return points;
    }

    /** So far out of the spine, on so many layers of itself. */
    private Point3 at(double centreMm, double zMm, int layer) {
        double asideMm = spineMm + (edgeMm - spineMm) * Math.min(1, (centreMm - zMm) / usual.mm());
        return new Point3(0, asideMm + away * layer * paperMm, zMm);
    }
}
