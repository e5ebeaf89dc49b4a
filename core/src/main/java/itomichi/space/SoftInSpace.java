package itomichi.space;

import itomichi.cover.CoverShape;
import itomichi.path.Point3;
import itomichi.space.Around.Side;
import itomichi.space.Profile.Part;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** A soft cover in space: one piece round the spine, with what of it is folded in, goes over the front, or lies on its spine. */
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
        List<Profile> all = new ArrayList<>();
        all.add(cover());
        for (Side side : Side.values()) {
            if (turned()) {
                double turnedMm = shape.turned().mm();
                all.add(inside(side, fromMm, fromMm + turnedMm, 0, Double.MAX_VALUE));
                all.add(inside(side, toMm - turnedMm, toMm, 0, Double.MAX_VALUE));
            }
            double endMm =
                    side == Side.FRONT ? shape.frontEnd().mm() : shape.backEnd().mm();
            if (endMm > 0) {
                all.add(inside(side, fromMm, toMm, turned() ? 1 : 0, endMm));
            }
        }
        if (shape.flap().mm() > 0) {
            all.add(flap());
        }
        shape.plates().forEach(plate -> all.add(plate(plate)));
        return all;
    }

    private boolean turned() {
        return shape.turned().mm() > 0;
    }

    /** How many layers of itself lie between it and the block. */
    private int layers() {
        boolean ends = shape.frontEnd().mm() > 0 || shape.backEnd().mm() > 0;
        return (turned() ? 1 : 0) + (ends ? 1 : 0);
    }

    private double offMm() {
        return slippedMm + (layers() + 0.5) * thickMm;
    }

    /** Sewn through, so that it lies close at the spine. */
    private Profile cover() {
        double half = thickMm / 2;
        List<Point3> points = new ArrayList<>(side(Side.FRONT, half));
        points.addAll(around.over(half, around.halfMm(half)));
        List<Point3> back = side(Side.BACK, half);
        Collections.reverse(back);
        points.addAll(back);
        return part(Part.SOFT_COVER, fromMm, toMm, thickMm, points, points.size() / 2);
    }

    /** From the fore edge to the spine. */
    private List<Point3> side(Side side, double atSpineMm) {
        List<Point3> points = new ArrayList<>();
        points.add(around.beside(side, foreMm, offMm()));
        points.add(around.beside(side, -Around.BEND_ENDS_MM, offMm()));
        points.add(around.beside(side, -Around.BEND_BEGINS_MM, atSpineMm));
        return points;
    }

    /** What is folded in, so many layers off the block; at the spine it is pressed flat and not told. */
    private Profile inside(Side side, double beginsMm, double endsMm, int layer, double wideMm) {
        double offMm = slippedMm + (layer + 0.5) * thickMm;
        double innerMm = Math.min(-Around.BEND_ENDS_MM, foreMm + wideMm);
        List<Point3> points = List.of(around.beside(side, foreMm, offMm), around.beside(side, innerMm, offMm));
        return part(Part.SOFT_COVER, beginsMm, endsMm, thickMm, points, side.turn(points.size()));
    }

    /** From the fore edge of the back, round that, and over the front. */
    private Profile flap() {
        double overMm = offMm() + thickMm;
        double endMm = Math.min(-Around.BEND_ENDS_MM, foreMm + shape.flap().mm());
        List<Point3> points = List.of(
                around.beside(Side.BACK, foreMm, offMm()),
                around.beside(Side.FRONT, foreMm, overMm),
                around.beside(Side.FRONT, endMm, overMm));
        return part(Part.FLAP, fromMm, toMm, thickMm, points, Side.BACK.turn(points.size()));
    }

    /** Outside the spine of the cover. */
    private Profile plate(CoverShape.Plate plate) {
        double plateMm = plate.thick().mm();
        double beginsMm = fromMm + plate.from().mm();
        List<Point3> points = around.over(thickMm + plateMm / 2, around.halfMm(thickMm));
        return part(Part.PLATE, beginsMm, beginsMm + plate.high().mm(), plateMm, points, points.size() / 2);
    }

    private static Profile part(Part part, double fromMm, double toMm, double thickMm, List<Point3> points, int turn) {
        return new Profile(part, 0, 0, fromMm, toMm, thickMm, points, turn);
    }
}
