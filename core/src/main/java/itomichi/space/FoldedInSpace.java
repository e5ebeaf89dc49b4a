package itomichi.space;

import itomichi.gathering.FoldedSheet;
import itomichi.gathering.Signature;
import itomichi.measure.Length;
import itomichi.pages.Leaf.Half;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Hole;
import itomichi.path.Point3;
import itomichi.path.Spot;
import itomichi.plan.Holes;
import itomichi.plan.WorkedBook;
import itomichi.punching.HoleGroup;
import itomichi.space.BookInSpace.Sheets;
import itomichi.space.PastedInSpace.Side;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;

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
    private final PastedInSpace pasted;

    FoldedInSpace(WorkedBook book, FoldFrame frame) {
        this(book, frame, FoldPlaces.of(book, frame));
    }

    FoldedInSpace(WorkedBook book, FoldFrame frame, FoldPlaces folds) {
        this.book = book;
        this.frame = frame;
        this.holes = book.holes().flatMap(Holes::inFolds).orElseThrow();
        this.folds = folds;
        this.pasted = new PastedInSpace(book);
    }

    Sheets sheets() {
        List<Profile> profiles = new ArrayList<>();
        double allMm = IntStream.rangeClosed(1, folds.count())
                .mapToDouble(this::thickMm)
                .sum();
        double firstMm = folds.acrossMm(1);
        double lastMm = folds.acrossMm(folds.count());
        double edgeMm = (firstMm + lastMm - allMm) / 2;
        double edgeFrom = edgeMm;
        for (int number = 1; number <= folds.count(); number++) {
            double thickMm = thickMm(number);
            profiles.addAll(nest(number, edgeMm + beforeMm(number)));
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

    /** Thickness of a signature away from the spine: its paper and what is pasted to it. */
    private double thickMm(int number) {
        return beforeMm(number) + layersMm(number, Half.SECOND, FoldedSheet::second);
    }

    /** Of that, the leaves before its middle. */
    private double beforeMm(int number) {
        return layersMm(number, Half.FIRST, FoldedSheet::first);
    }

    private double layersMm(int number, Half half, Function<FoldedSheet, Length> width) {
        double allMm = 0;
        int sheetNumber = 1;
        for (FoldedSheet sheet : folds.signature(number).sheets()) {
            allMm += LeafInSpace.layers(width.apply(sheet), spec().leaf().width())
                    * sheet.thickness().mm();
            for (Side side : Side.values()) {
                allMm += pasted.thickMm(number, sheetNumber, half, side);
            }
            sheetNumber++;
        }
        return allMm;
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
        List<Profile> onPages = new ArrayList<>();
        // what lies between the middle of the signature and the next leaf, at the fore edge, before it and after it
        double beforeMm = 0;
        double afterMm = 0;
        int sheetNumber = signature.count();
        for (Signature.Nested nested : signature.nested()) {
            FoldedSheet sheet = nested.sheet();
            double paperMm = sheet.thickness().mm();
            double radiusMm = folds.roomMm() + nested.innerRadiusMm() + paperMm / 2;
            double acrossMm = folds.acrossMm(number);
            beforeMm += pasted.thickMm(number, sheetNumber, Half.FIRST, Side.BACK);
            afterMm += pasted.thickMm(number, sheetNumber, Half.SECOND, Side.FRONT);
            LeafInSpace first = new LeafInSpace(
                    sheet.first(), usual, paperMm, acrossMm - radiusMm, edgeMm - beforeMm - paperMm / 2, -1);
            LeafInSpace second = new LeafInSpace(
                    sheet.second(), usual, paperMm, acrossMm + radiusMm, edgeMm + afterMm + paperMm / 2, 1);
            List<Point3> before = first.points(centreMm, radiusMm, trimMm);
            List<Point3> after = second.points(centreMm, radiusMm, trimMm);
            List<Point3> points = new ArrayList<>(before);
            Collections.reverse(points);
            int turn = points.size() - 1 + CHORDS / 2;
            for (int chord = 1; chord < CHORDS; chord++) {
                double angle = Math.PI * chord / CHORDS;
                points.add(new Point3(0, acrossMm - radiusMm * Math.cos(angle), centreMm + radiusMm * Math.sin(angle)));
            }
            points.addAll(after);
            double headMm = fold.head().mm();
            double highMm = fold.height().mm();
            onPages.addAll(pasted.on(number, sheetNumber, Half.FIRST, first.leg(before), paperMm, headMm, highMm));
            onPages.addAll(pasted.on(number, sheetNumber, Half.SECOND, second.leg(after), paperMm, headMm, highMm));
            beforeMm += first.layersMm() + pasted.thickMm(number, sheetNumber, Half.FIRST, Side.FRONT);
            afterMm += second.layersMm() + pasted.thickMm(number, sheetNumber, Half.SECOND, Side.BACK);
            sheetNumber--;
            profiles.add(
                    new Profile(Part.SHEET, number, sheet.paper(), headMm, headMm + highMm, paperMm, points, turn));
        }
        profiles.addAll(onPages);
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
