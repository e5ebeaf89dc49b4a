package itomichi.space;

import itomichi.gathering.FoldedSheet;
import itomichi.gathering.Signature;
import itomichi.measure.Length;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Hole;
import itomichi.path.Point3;
import itomichi.path.Spot;
import itomichi.plan.Holes;
import itomichi.plan.WorkedBook;
import itomichi.punching.HoleGroup;
import itomichi.space.BookInSpace.Sheets;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Function;

/**
 * Folded sheets in space. Every sheet goes round those inside it by half a circle; its leaves lie from there to the fore edge, where
 * nothing but paper lies between them: what thread and folds add at the spine is the wedge.
 */
final class FoldedInSpace {

    /** A fold is told by so many chords. */
    private static final int CHORDS = 8;
    /** How far a tape goes on to either side: common practice. */
    private static final double TAPE_ON_MM = 30;

    private final WorkedBook book;
    private final FoldFrame frame;
    private final Holes.InFolds holes;
    private final FoldPlaces folds;

    FoldedInSpace(WorkedBook book, FoldFrame frame) {
        this(book, frame, FoldPlaces.of(book, frame));
    }

    FoldedInSpace(WorkedBook book, FoldFrame frame, FoldPlaces folds) {
        this.book = book;
        this.frame = frame;
        this.holes = book.holes().flatMap(Holes::inFolds).orElseThrow();
        this.folds = folds;
    }

    Sheets sheets() {
        List<Profile> profiles = new ArrayList<>();
        double allMm = folds.signatures().stream().mapToDouble(this::thickMm).sum();
        double firstMm = folds.acrossMm(1);
        double lastMm = folds.acrossMm(folds.count());
        double edgeMm = (firstMm + lastMm - allMm) / 2;
        double edgeFrom = edgeMm;
        for (int number = 1; number <= folds.count(); number++) {
            double thickMm = thickMm(folds.signature(number));
            profiles.addAll(nest(number, edgeMm + beforeMm(folds.signature(number))));
            edgeMm += thickMm;
        }
        profiles.addAll(tapes(firstMm, lastMm));
        return new Sheets(
                profiles,
                pierced(),
                firstMm - folds.reachMm(1),
                lastMm + folds.reachMm(folds.count()),
                edgeFrom,
                edgeMm,
                -folds.coverMm(1),
                foreMm(profiles),
                frame.edges().head().mm(),
                frame.edges().tail().mm());
    }

    /** Where the longest leaves end at the fore edge, z. */
    static double foreMm(List<Profile> profiles) {
        return profiles.stream()
                .filter(profile -> profile.part() == Part.SHEET)
                .flatMap(sheet -> sheet.across().stream())
                .mapToDouble(Point3::zMm)
                .min()
                .orElse(0);
    }

    /** Thickness of a signature where nothing but paper is. */
    private double thickMm(Signature signature) {
        return beforeMm(signature) + afterMm(signature);
    }

    /** Of that, the leaves before its middle. */
    private double beforeMm(Signature signature) {
        return layersMm(signature, FoldedSheet::first);
    }

    private double afterMm(Signature signature) {
        return layersMm(signature, FoldedSheet::second);
    }

    private double layersMm(Signature signature, Function<FoldedSheet, Length> half) {
        Length leaf = spec().leaf().width();
        return signature.sheets().stream()
                .mapToDouble(sheet -> LeafInSpace.layers(half.apply(sheet), leaf)
                        * sheet.thickness().mm())
                .sum();
    }

    private BookSpec spec() {
        return book.spec();
    }

    /** The sheets of a signature, the innermost first, with the middle of its fore edge there. */
    List<Profile> nest(int number, double edgeMm) {
        Signature signature = folds.signature(number);
        Holes.Fold fold = holes.folds().get(number - 1);
        double centreMm = folds.centreMm(number);
        double trimMm = trimmedMm(signature, centreMm);
        Length usual = spec().leaf().width();
        List<Profile> profiles = new ArrayList<>();
        // what lies between the middle of the signature and the next leaf, at the fore edge, before it and after it
        double beforeMm = 0;
        double afterMm = 0;
        for (Signature.Nested nested : signature.nested()) {
            FoldedSheet sheet = nested.sheet();
            double paperMm = sheet.thickness().mm();
            double radiusMm = folds.roomMm() + nested.innerRadiusMm() + paperMm / 2;
            double acrossMm = folds.acrossMm(number);
            LeafInSpace first = new LeafInSpace(
                    sheet.first(), usual, paperMm, acrossMm - radiusMm, edgeMm - beforeMm - paperMm / 2, -1);
            LeafInSpace second = new LeafInSpace(
                    sheet.second(), usual, paperMm, acrossMm + radiusMm, edgeMm + afterMm + paperMm / 2, 1);
            List<Point3> points = new ArrayList<>(first.points(centreMm, radiusMm, trimMm));
            Collections.reverse(points);
            int turn = points.size() - 1 + CHORDS / 2;
            for (int chord = 1; chord < CHORDS; chord++) {
                double angle = Math.PI * chord / CHORDS;
                points.add(new Point3(0, acrossMm - radiusMm * Math.cos(angle), centreMm + radiusMm * Math.sin(angle)));
            }
            points.addAll(second.points(centreMm, radiusMm, trimMm));
            beforeMm += first.layersMm();
            afterMm += second.layersMm();
            profiles.add(new Profile(
                    Part.SHEET,
                    number,
                    sheet.paper(),
                    fold.head().mm(),
                    fold.head().plus(fold.height()).mm(),
                    paperMm,
                    points,
                    turn));
        }
        return profiles;
    }

    /** Where the fore edge is trimmed to the outermost leaf; far out where it is left as it stands. */
    private double trimmedMm(Signature signature, double centreMm) {
        if (!spec().leaf().trimmed()) {
            return Double.NEGATIVE_INFINITY;
        }
        double outermost = folds.roomMm()
                + signature.laidFlat().mm()
                - signature.sheets().get(0).thickness().mm() / 2;
        return centreMm - (spec().leaf().width().mm() - Math.PI / 2 * outermost);
    }

    private List<Pierced> pierced() {
        List<Pierced> pierced = new ArrayList<>();
        for (int signature = 1; signature <= folds.count(); signature++) {
            for (int station : holes.folds().get(signature - 1).stations()) {
                Hole hole = new Hole(signature, station);
                pierced.add(new Pierced(
                        signature,
                        station,
                        mouth(hole),
                        frame.at(new Spot(hole, Face.INSIDE)),
                        wideMm(holes.passes().get(station - 1))));
            }
        }
        return pierced;
    }

    /** Where the hole of a fold begins: in its cover, or in the fold where that lies beside its row. */
    private Point3 mouth(Hole hole) {
        List<Point3> within = frame.within(hole);
        return within.isEmpty() ? frame.at(new Spot(hole, Face.OUTSIDE)) : within.get(within.size() - 1);
    }

    /** Holes that are passed equally often are made alike. */
    double wideMm(int passes) {
        return holes.groups().stream()
                .filter(group -> group.through() == HoleGroup.Through.FOLDS && group.passes() == passes)
                .findFirst()
                .map(group -> group.size().length().mm())
                .orElse(holes.hole().mm());
    }

    private List<Profile> tapes(double firstMm, double lastMm) {
        List<Profile> tapes = new ArrayList<>();
        double thickMm = frame.supports().tape().mm();
        for (int after : frame.supports().taped()) {
            double fromMm = frame.stations().at(after).mm();
            double toMm = frame.stations().at(after + 1).mm();
            // the thread goes down on either side of it
            double clearMm = Math.min(frame.threadMm(), (toMm - fromMm) / 4);
            List<Point3> points = new ArrayList<>();
            points.add(new Point3(0, firstMm - TAPE_ON_MM, thickMm / 2));
            points.add(new Point3(0, firstMm, thickMm / 2));
            points.add(new Point3(0, lastMm, thickMm / 2));
            points.add(new Point3(0, lastMm + TAPE_ON_MM, thickMm / 2));
            tapes.add(new Profile(Part.TAPE, 0, 0, fromMm + clearMm, toMm - clearMm, thickMm, points, 1));
        }
        return tapes;
    }
}
