package itomichi.space;

import itomichi.path.Point3;
import itomichi.space.Profile.Cut;
import java.util.ArrayList;
import java.util.List;

/**
 * A gauge laid on two corners at the fore edge, at head and tail, to cut them round.
 *
 * @param edgeMm where the fore edge is, z
 * @param fromMm where the head is, from that of the leaves
 * @param toMm where the tail is
 * @param radiusMm of the corners; not more than 0 where they stay square
 */
record Corners(double edgeMm, double fromMm, double toMm, double radiusMm) {

    /** An arc is told by so many straight pieces. */
    private static final int PIECES = 8;

    private static final double NEAR_MM = 1e-6;

    /** So far inside its edges, on something that is smaller by that all round. */
    Corners inside(double mm) {
        return new Corners(edgeMm + mm, fromMm + mm, toMm - mm, radiusMm - mm);
    }

    /**
     * What lies between those edges or ends at one of them, with its corners cut.
     *
     * @return the same where nothing of it reaches a corner
     */
    Profile cut(Profile square) {
        if (radiusMm <= 0 || square.across().stream().noneMatch(point -> offMm(point.zMm()) > NEAR_MM)) {
            return square;
        }
        List<Point3> points = new ArrayList<>();
        List<Cut> cuts = new ArrayList<>();
        int turn = square.turn();
        for (int i = 0; i < square.across().size(); i++) {
            if (i > 0) {
                between(square, i, points, cuts);
            }
            if (i == square.turn()) {
                turn = points.size();
            }
            Point3 point = square.across().get(i);
            points.add(point);
            cuts.add(cut(square, point, square.cut(i)));
        }
        return square.cut(points, square.turn() < square.across().size() ? turn : points.size(), cuts);
    }

    /** Adds where the arc is told between a point and the one before it. */
    private void between(Profile square, int next, List<Point3> points, List<Cut> cuts) {
        Point3 from = square.across().get(next - 1);
        Point3 to = square.across().get(next);
        boolean inwards = to.zMm() > from.zMm();
        for (int k = 1; k <= PIECES; k++) {
            int piece = inwards ? k : PIECES - k;
            double zMm = edgeMm + radiusMm * (1 - Math.cos(Math.PI / 2 * piece / PIECES));
            double share = (zMm - from.zMm()) / (to.zMm() - from.zMm());
            if (share > NEAR_MM && share < 1 - NEAR_MM) {
                Point3 point = from.toward(to, share);
                Cut before = square.cut(next - 1);
                Cut after = square.cut(next);
                points.add(point);
                cuts.add(cut(
                        square,
                        point,
                        new Cut(
                                before.headMm() + share * (after.headMm() - before.headMm()),
                                before.tailMm() + share * (after.tailMm() - before.tailMm()))));
            }
        }
    }

    private Cut cut(Profile square, Point3 point, Cut already) {
        double offMm = offMm(point.zMm());
        return new Cut(
                Math.max(already.headMm(), fromMm + offMm - square.fromMm()),
                Math.max(already.tailMm(), square.toMm() - toMm + offMm));
    }

    /** How much is cut off there: nothing past the arc. */
    private double offMm(double zMm) {
        double left = Math.min(radiusMm, Math.max(0, edgeMm + radiusMm - zMm));
        return radiusMm - Math.sqrt(radiusMm * radiusMm - left * left);
    }
}
