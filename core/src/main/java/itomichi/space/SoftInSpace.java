package itomichi.space;

import itomichi.cover.CoverShape;
import itomichi.cover.CoverShape.FoldedIn;
import itomichi.path.Point3;
import itomichi.space.Around.Side;
import itomichi.space.Profile.Part;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * A soft cover in space: one piece round the spine, with what of it is folded in, goes over the front, or lies on its spine.
 *
 * <p>Head and tail are folded in first, then the ends. So the ends lie next to the block, what is folded in at head and tail on them, the cover
 * on that; the spine has no ends. Everything is counted in layers of the cover, from the block.
 */
final class SoftInSpace {

    private final Around around;
    private final CoverShape.Soft shape;
    private final double thickMm;
    private final double fromMm;
    private final double toMm;
    private final double foreMm;
    private final double slippedMm;

    /**
     * @param thickMm of the cover
     * @param fromMm where it begins, from the head of the leaves
     * @param toMm where it ends
     * @param slippedMm how thick what is slipped in between block and cover is
     */
    SoftInSpace(Around around, CoverShape.Soft shape, double thickMm, double fromMm, double toMm, double slippedMm) {
        this.around = around;
        this.shape = shape;
        this.thickMm = thickMm;
        this.fromMm = fromMm;
        this.toMm = toMm;
        this.slippedMm = slippedMm;
        this.foreMm = around.sheets().foreMm() - shape.past().mm();
    }

    List<Profile> profiles() {
        List<Profile> all = new ArrayList<>(turnedIn(this::round));
        for (Side side : Side.values()) {
            for (int turn = 0; turn < end(side).turns(); turn++) {
                all.add(end(side, turn));
            }
        }
        if (shape.flap().real()) {
            all.addAll(flap());
        }
        shape.plates().forEach(plate -> all.add(plate(plate)));
        return all;
    }

    /** A layer of something, where it begins and ends along the spine. */
    private interface Layer {
        Profile at(double beginsMm, double endsMm, int number);
    }

    /** Something from head to tail, and under it what of it is folded in there; a half each where they would meet. */
    private List<Profile> turnedIn(Layer layer) {
        int turns = shape.turned().turns();
        double wideMm = Math.min(shape.turned().wide().mm(), (toMm - fromMm) / 2);
        List<Profile> all = new ArrayList<>();
        all.add(layer.at(fromMm, toMm, turns));
        for (int turn = 0; turn < turns; turn++) {
            all.add(layer.at(fromMm, fromMm + wideMm, turn));
            all.add(layer.at(toMm - wideMm, toMm, turn));
        }
        return all;
    }

    private FoldedIn end(Side side) {
        return side == Side.FRONT ? shape.front() : shape.back();
    }

    /** The middle of a layer on a side, from the block. */
    private double offMm(Side side, int layer) {
        return slippedMm + middleMm(end(side).turns() + layer);
    }

    private double middleMm(int layer) {
        return (layer + 0.5) * thickMm;
    }

    /** From the fore edge of the front round the spine to that of the back; sewn through, so that it lies close there. */
    private Profile round(double beginsMm, double endsMm, int layer) {
        double atSpineMm = middleMm(layer);
        List<Point3> points = new ArrayList<>(side(Side.FRONT, layer));
        points.addAll(around.over(atSpineMm, around.halfMm(atSpineMm)));
        List<Point3> back = side(Side.BACK, layer);
        Collections.reverse(back);
        points.addAll(back);
        return part(Part.SOFT_COVER, beginsMm, endsMm, thickMm, points, points.size() / 2);
    }

    /** From the fore edge to the spine. */
    private List<Point3> side(Side side, int layer) {
        List<Point3> points = new ArrayList<>();
        points.add(around.beside(side, foreMm, offMm(side, layer)));
        points.add(around.beside(side, -Around.BEND_ENDS_MM, offMm(side, layer)));
        points.add(around.beside(side, -Around.BEND_BEGINS_MM, middleMm(layer)));
        return points;
    }

    /** What is folded in at the fore edge; it ends before the spine. */
    private Profile end(Side side, int turn) {
        double offMm = slippedMm + middleMm(turn);
        double innerMm =
                Math.min(-Around.BEND_ENDS_MM, foreMm + end(side).wide().mm());
        List<Point3> points = List.of(around.beside(side, foreMm, offMm), around.beside(side, innerMm, offMm));
        return part(Part.SOFT_COVER, fromMm, toMm, thickMm, points, side.turn(points.size()));
    }

    /** From the fore edge of the back, round that of the front, and over the front; what is folded in of it lies between. */
    private List<Profile> flap() {
        List<Profile> all = new ArrayList<>(turnedIn(this::flap));
        FoldedIn end = shape.flap().end();
        for (int turn = 0; turn < end.turns(); turn++) {
            double offMm = onFrontMm() + middleMm(turn);
            double beginsMm = Math.max(foreMm, flapEndMm() - end.wide().mm());
            List<Point3> points =
                    List.of(around.beside(Side.FRONT, beginsMm, offMm), around.beside(Side.FRONT, flapEndMm(), offMm));
            all.add(part(Part.FLAP, fromMm, toMm, thickMm, points, Side.BACK.turn(points.size())));
        }
        return all;
    }

    private Profile flap(double beginsMm, double endsMm, int layer) {
        double overMm = onFrontMm() + middleMm(shape.flap().end().turns() + layer);
        double wrapMm = foreMm - middleMm(layer);
        List<Point3> points = List.of(
                around.beside(Side.BACK, foreMm, offMm(Side.BACK, layer)),
                around.beside(Side.BACK, wrapMm, offMm(Side.BACK, layer)),
                around.beside(Side.FRONT, wrapMm, overMm),
                around.beside(Side.FRONT, flapEndMm(), overMm));
        return part(Part.FLAP, beginsMm, endsMm, thickMm, points, Side.BACK.turn(points.size()));
    }

    /** The outer face of the front, from the block. */
    private double onFrontMm() {
        return offMm(Side.FRONT, shape.turned().turns()) + thickMm / 2;
    }

    private double flapEndMm() {
        return Math.min(-Around.BEND_ENDS_MM, foreMm + shape.flap().over().mm());
    }

    /** Outside the spine of the cover. */
    private Profile plate(CoverShape.Plate plate) {
        double plateMm = plate.thick().mm();
        double beginsMm = fromMm + plate.from().mm();
        double coverMm = (shape.turned().turns() + 1) * thickMm;
        List<Point3> points = around.over(coverMm + plateMm / 2, around.halfMm(coverMm));
        return part(Part.PLATE, beginsMm, beginsMm + plate.high().mm(), plateMm, points, points.size() / 2);
    }

    private static Profile part(Part part, double fromMm, double toMm, double thickMm, List<Point3> points, int turn) {
        return new Profile(part, 0, 0, fromMm, toMm, thickMm, points, turn);
    }
}
