package itomichi.space;

import itomichi.path.Point3;
import itomichi.space.BookInSpace.Sheets;
import itomichi.space.Profile.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The closed block as that which a cover goes round: its two sides, and its back, flat or round.
 *
 * @param sheets of the block
 * @param round of its back; nothing of a flat one
 */
record Around(Sheets sheets, Optional<Rounded> round) {

    /** What goes round the block bends between these when it is opened, from the spine. */
    static final double BEND_BEGINS_MM = 10;

    static final double BEND_ENDS_MM = 24;

    /** What lies on paper does not lie in it: else neither is seen clearly. */
    static final double APART_MM = 0.1;

    /** The sides of the block: its front, then its back. */
    enum Side {
        FRONT,
        BACK;

        /** The number of the point where something parts that lies on this side as a whole, of so many points. */
        int turn(int points) {
            return this == FRONT ? points : -1;
        }
    }

    /** A point beside the block, so far off it. */
    Point3 beside(Side side, double zMm, double offMm) {
        double share = Math.max(0, Math.min(1, zMm / sheets.foreMm()));
        double yMm = side == Side.FRONT
                ? sheets.spineFrom() + (sheets.edgeFrom() - sheets.spineFrom()) * share - APART_MM - offMm
                : sheets.spineTo() + (sheets.edgeTo() - sheets.spineTo()) * share + APART_MM + offMm;
        return new Point3(0, yMm, zMm);
    }

    /**
     * The sheets with what is sewn on with them, its ends turned down along the sides of the block, as a case goes over them.
     *
     * @param offMm so far off the sides
     */
    List<Profile> turnedDown(double offMm) {
        return sheets.profiles().stream()
                .map(profile -> profile.part() == Part.TAPE ? turnedDown(profile, offMm) : profile)
                .toList();
    }

    private Profile turnedDown(Profile tape, double offMm) {
        List<Point3> straight = tape.across();
        int last = straight.size() - 1;
        double half = offMm + tape.thickMm() / 2;
        double endMm = -straight.get(0).distanceMm(straight.get(1));
        List<Point3> points = new ArrayList<>();
        points.add(beside(Side.FRONT, endMm, half));
        points.add(beside(Side.FRONT, 0, half));
        points.addAll(straight.subList(1, last));
        points.add(beside(Side.BACK, 0, half));
        points.add(beside(Side.BACK, endMm, half));
        return tape.lying(points, points.size() / 2);
    }

    /** How thick what is sewn on lies there. */
    double tapesMm() {
        return sheets.profiles().stream()
                .filter(profile -> profile.part() == Part.TAPE)
                .mapToDouble(Profile::thickMm)
                .max()
                .orElse(0);
    }

    /** From the middle of the back at the spine to what lies so far off either side. */
    double halfMm(double offMm) {
        return (sheets.spineTo() - sheets.spineFrom()) / 2 + APART_MM + offMm;
    }

    /** Over the back, so far off it, to so far off the two sides; the middle of it in the middle of the points. */
    List<Point3> over(double backMm, double halfMm) {
        return round.map(back -> back.over(backMm, back.longMm(backMm, halfMm)))
                .orElseGet(() -> straight(backMm, halfMm));
    }

    /** So much over the back, along its round. */
    List<Point3> along(double backMm, double wideMm) {
        return round.map(back -> back.over(backMm, wideMm)).orElseGet(() -> straight(backMm, wideMm / 2));
    }

    private List<Point3> straight(double backMm, double halfMm) {
        double middle = (sheets.spineFrom() + sheets.spineTo()) / 2;
        double zMm = sheets.backMm() + backMm;
        return List.of(
                new Point3(0, middle - halfMm, zMm), new Point3(0, middle, zMm), new Point3(0, middle + halfMm, zMm));
    }
}
