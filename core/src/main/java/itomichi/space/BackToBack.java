package itomichi.space;

import itomichi.measure.Length;
import itomichi.path.FoldFrame;
import itomichi.path.Point3;
import itomichi.plan.Holes;
import itomichi.plan.WorkedBook;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Two sections fold to fold, sewn at once through what lies between them: each opens by itself. It is told as it lies on the table, open and
 * flat, the sections closed: one to the left, one to the right.
 */
final class BackToBack {

    /** Between a section and what it lies on, so that neither is seen in the other. */
    private static final double APART_MM = 0.1;
    /** A cover bends round its section so far from the fold. */
    private static final double BEND_MM = 10;

    private final WorkedBook book;
    private final FoldPlaces places;
    private final FoldedInSpace folded;
    private final double allMm;

    /** @param frame that takes both as one */
    BackToBack(WorkedBook book, FoldFrame frame) {
        this.book = book;
        FoldPlaces both = FoldPlaces.of(book, frame);
        Length second = both.signature(2).laidFlat();
        FoldFrame apart = new FoldFrame(
                frame.stations(),
                List.of(frame.layer(1), new FoldFrame.Layer(second, Length.ZERO)),
                frame.edges(),
                frame.supports(),
                frame.thread(),
                frame.tail());
        this.places = new FoldPlaces(apart, both.signatures());
        this.folded = new FoldedInSpace(book, apart, places);
        this.allMm = frame.layer(1).passed().mm();
    }

    /** Both sections, and what they are sewn into. */
    List<Profile> profiles() {
        List<Profile> first = folded.nest(1, 0);
        List<Profile> second = folded.nest(2, 0);
        List<Profile> profiles = new ArrayList<>(first);
        second.forEach(sheet -> profiles.add(mirrored(sheet)));
        if (book.spec().cover().wanted()) {
            profiles.addAll(covers(FoldedInSpace.foreMm(first), FoldedInSpace.foreMm(second)));
        }
        return profiles;
    }

    /** From the middle of a section to its outside, of the thicker one. */
    private double widest() {
        return Math.max(places.reachMm(1), places.reachMm(2));
    }

    private double flatMm(int number) {
        return places.signature(number).laidFlat().mm();
    }

    /** A sheet of the second section, its fold towards the other's. */
    private Profile mirrored(Profile sheet) {
        return sheet.lying(
                sheet.across().stream()
                        .map(point -> at(point.yMm(), -point.zMm() - flatMm(2)))
                        .toList(),
                sheet.turn());
    }

    /** From the outside of what each fold is sewn into, or of the fold, to its inside. */
    List<Pierced> pierced() {
        Holes.InFolds holes = book.holes().flatMap(Holes::inFolds).orElseThrow();
        double coverMm =
                book.spec().cover().wanted() ? book.spec().cover().thickness().mm() : 0;
        List<Pierced> pierced = new ArrayList<>();
        for (int station : holes.folds().get(0).stations()) {
            double alongMm = holes.stations().at(station).mm();
            double wideMm = folded.wideMm(holes.passes().get(station - 1));
            pierced.add(hole(1, station, alongMm, flatMm(1) + coverMm - allMm, -allMm, wideMm));
            pierced.add(hole(2, station, alongMm, -flatMm(2) - coverMm, 0, wideMm));
        }
        return pierced;
    }

    private static Pierced hole(int section, int station, double alongMm, double fromMm, double toMm, double wideMm) {
        return new Pierced(section, station, new Point3(alongMm, 0, fromMm), new Point3(alongMm, 0, toMm), wideMm);
    }

    /** One strip with a pleat between the sections, or a cover round each. */
    private List<Profile> covers(double firstForeMm, double secondForeMm) {
        BookSpec.Cover cover = book.spec().cover();
        double thickMm = cover.thickness().mm();
        double outMm = cover.square().mm();
        double firstMm = -allMm + flatMm(1) + thickMm / 2;
        double secondMm = -flatMm(2) - thickMm / 2;
        double lowMm = -widest() - APART_MM - thickMm / 2;
        double leftMm = firstForeMm - outMm;
        double rightMm = -secondForeMm - flatMm(2) + outMm;
        Optional<Length> pleat = book.covering().choices().pleat();
        if (pleat.isPresent()) {
            double topMm = lowMm + pleat.get().mm();
            // the pleat stands up as high as it is deep
            List<Point3> across = List.of(
                    at(lowMm, leftMm),
                    at(lowMm, firstMm),
                    at(topMm, firstMm),
                    at(topMm, secondMm),
                    at(lowMm, secondMm),
                    at(lowMm, rightMm));
            return List.of(soft(across, thickMm, 2));
        }
        return List.of(
                soft(round(lowMm, leftMm, firstMm, -1), thickMm, 3),
                soft(round(lowMm, rightMm, secondMm, 1), thickMm, 3));
    }

    /** A cover goes round its section from the fore edge under it, over its fold, and back. */
    private static List<Point3> round(double lowMm, double foreMm, double foldMm, int away) {
        double bendMm = foldMm + away * Math.min(BEND_MM, Math.abs(foreMm - foldMm) / 2);
        List<Point3> half = List.of(at(lowMm, foreMm), at(lowMm, bendMm), at(lowMm / 2, foldMm));
        List<Point3> all = new ArrayList<>(half);
        all.add(at(0, foldMm));
        List<Point3> back = new ArrayList<>(
                half.stream().map(point -> at(-point.yMm(), point.zMm())).toList());
        Collections.reverse(back);
        all.addAll(back);
        return all;
    }

    private static Point3 at(double acrossMm, double outMm) {
        return new Point3(0, acrossMm, outMm);
    }

    private Profile soft(List<Point3> across, double thickMm, int turn) {
        FoldFrame.Edges edges = places.frame().edges();
        double highMm = book.spec().leaf().height().mm();
        return new Profile(
                Part.SOFT_COVER, 0, 0, -edges.head().mm(), highMm + edges.tail().mm(), thickMm, across, turn);
    }
}
