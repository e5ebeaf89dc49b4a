package itomichi.space;

import itomichi.gathering.Back;
import itomichi.path.FoldFrame;
import itomichi.path.Point3;
import itomichi.plan.WorkedBook;
import itomichi.space.BookInSpace.Sheets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A back that was hammered round after it was sewn: signatures slide past each other until their folds lie on an arc, and the fore edge is as
 * hollow as the back is round. What lies on the folds lies round them.
 */
final class Rounded {

    /** What goes from fold to fold is told by a point in so many mm: it lies on folds that are narrower than this is long. */
    private static final double STEP_MM = 0.4;
    /** A thread that is no further from the middle of a fold than so many diameters comes out of its hole, beside two others at most. */
    private static final double AT_HOLE = 0.62;
    /** The arc of a cover is told by so many chords, which is even: its middle is a point. */
    private static final int CHORDS = 12;

    private final FoldPlaces folds;
    private final double middleMm;
    private final double riseMm;
    private final double radiusMm;
    /** From the middle of a signature to its outside, of the thickest. */
    private final double reachMm;

    private Rounded(FoldPlaces folds, Sheets flat, double riseMm) {
        this.folds = folds;
        double half = (flat.spineTo() - flat.spineFrom()) / 2;
        this.middleMm = (flat.spineFrom() + flat.spineTo()) / 2;
        this.riseMm = riseMm;
        // of the circle through both ends of a chord and the end of its rise
        this.radiusMm = (half * half + riseMm * riseMm) / (2 * riseMm);
        this.reachMm = IntStream.rangeClosed(1, folds.count())
                .mapToDouble(folds::reachMm)
                .max()
                .orElseThrow();
    }

    /** The round of a book; nothing of one that keeps a flat back. Its rise is the one that its cover is made for. */
    static Optional<Rounded> of(WorkedBook book, FoldFrame frame, Sheets flat) {
        if (book.spec().back() != Back.ROUNDED || frame.signatures() < 2) {
            return Optional.empty();
        }
        FoldPlaces folds = FoldPlaces.of(book, frame);
        return book.covering()
                .work()
                .figure("rise")
                .map(figure -> figure.working().length().mm())
                .filter(riseMm -> riseMm > 0)
                .map(riseMm -> new Rounded(folds, flat, riseMm));
    }

    /** How far a fold slides out that lies there. */
    private double slidMm(double acrossMm) {
        double off = acrossMm - middleMm;
        return Math.max(0, Math.sqrt(Math.max(0, radiusMm * radiusMm - off * off)) - (radiusMm - riseMm));
    }

    /** How far what lies there goes with the folds beside it. */
    private double carriedMm(double acrossMm) {
        int after = 1;
        while (after <= folds.count() && folds.acrossMm(after) < acrossMm) {
            after++;
        }
        double before = folds.acrossMm(Math.max(1, after - 1));
        double next = folds.acrossMm(Math.min(folds.count(), after));
        double share = next - before < 1e-9 ? 0 : (acrossMm - before) / (next - before);
        return slidMm(before) + (slidMm(next) - slidMm(before)) * share;
    }

    Sheets sheets(Sheets flat) {
        List<Profile> profiles = flat.profiles().stream()
                .map(profile -> profile.signature() > 0 ? sheet(profile) : tape(profile))
                .toList();
        List<Pierced> holes = flat.holes().stream()
                .map(hole -> new Pierced(
                        hole.signature(), hole.station(), slid(hole.from()), slid(hole.to()), hole.wideMm()))
                .toList();
        return new Sheets(
                profiles,
                holes,
                flat.spineFrom(),
                flat.spineTo(),
                flat.edgeFrom(),
                flat.edgeTo(),
                flat.backMm(),
                FoldedInSpace.foreMm(profiles),
                flat.headMm(),
                flat.tailMm());
    }

    /** A sheet slides whole, with its signature. */
    private Profile sheet(Profile flat) {
        double mm = slidMm(folds.acrossMm(flat.signature()));
        return flat.lying(flat.across().stream().map(point -> point.raised(mm)).toList(), flat.turn());
    }

    /** What is sewn on lies over the folds, and on the boards as it did. */
    private Profile tape(Profile flat) {
        List<Point3> points = new ArrayList<>();
        points.add(flat.across().get(0));
        points.addAll(draped(flat.across().subList(1, 3), flat.thickMm() / 2));
        points.add(flat.across().get(3));
        return flat.lying(points, points.size() / 2);
    }

    private Point3 slid(Point3 flat) {
        return flat.raised(carriedMm(flat.yMm()));
    }

    List<Laid> thread(List<Laid> flat) {
        return flat.stream()
                .map(laid -> new Laid(laid.step(), draped(laid.points(), folds.roomMm())))
                .toList();
    }

    /** What goes from fold to fold, so far off them; what is in a fold goes with it. */
    private List<Point3> draped(List<Point3> flat, double offMm) {
        List<Point3> points = new ArrayList<>();
        points.add(off(flat.get(0), offMm));
        for (int i = 1; i < flat.size(); i++) {
            Point3 from = flat.get(i - 1);
            Point3 to = flat.get(i);
            int parts = Math.max(1, (int) Math.ceil(Math.abs(to.yMm() - from.yMm()) / STEP_MM));
            for (int part = 1; part <= parts; part++) {
                points.add(off(from.toward(to, (double) part / parts), offMm));
            }
        }
        return points;
    }

    /** Carried with the folds, and out of any that it would lie in. */
    private Point3 off(Point3 flat, double offMm) {
        Point3 at = slid(flat);
        for (int number = 1; number <= folds.count(); number++) {
            double aside = at.yMm() - folds.acrossMm(number);
            double clear = folds.reachMm(number) + offMm;
            if (Math.abs(aside) < AT_HOLE * folds.frame().threadMm() || Math.abs(aside) > clear) {
                continue;
            }
            double centreMm = slidMm(folds.acrossMm(number)) + folds.centreMm(number);
            double far = Math.hypot(aside, at.zMm() - centreMm);
            if (far < clear && at.zMm() > centreMm) {
                at = new Point3(at.xMm(), at.yMm(), centreMm + Math.sqrt(clear * clear - aside * aside));
            }
        }
        return at;
    }

    /**
     * An arc over all folds, so far off them, from the front to the back.
     *
     * @param wideMm how much of it, along it; no more than half a circle is told
     */
    List<Point3> over(double offMm, double wideMm) {
        double outMm = radiusMm + reachMm + offMm;
        double half = Math.min(Math.PI / 2, wideMm / (2 * outMm));
        double centreMm = riseMm - radiusMm - reachMm;
        List<Point3> points = new ArrayList<>();
        for (int chord = 0; chord <= CHORDS; chord++) {
            double angle = half * (2.0 * chord / CHORDS - 1);
            points.add(new Point3(0, middleMm + outMm * Math.sin(angle), centreMm + outMm * Math.cos(angle)));
        }
        return points;
    }

    /** How long that arc is where it spans so much from the middle to either side. */
    double longMm(double offMm, double halfMm) {
        double outMm = radiusMm + reachMm + offMm;
        return 2 * outMm * Math.asin(Math.min(1, halfMm / outMm));
    }
}
