package itomichi.space;

import itomichi.measure.Length;
import itomichi.pages.Gathering;
import itomichi.pages.Leaf;
import itomichi.pages.Leaf.Half;
import itomichi.pages.PagePlan;
import itomichi.pages.SheetSides;
import itomichi.path.Point3;
import itomichi.plan.WorkedBook;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import itomichi.spec.PastedOn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is pasted to the pages of a folded book: it lies on its page, and carries what lies beyond it so much further out. */
final class PastedInSpace {

    private final BookSpec spec;
    private final List<Gathering> gatherings;

    PastedInSpace(WorkedBook book) {
        this.spec = book.spec();
        this.gatherings = spec.pageWish().pasted().isEmpty()
                ? List.of()
                : PagePlan.of(book).gatherings();
    }

    /** Which side of a leaf. */
    enum Side {
        /** Towards the front of the book. */
        FRONT(-1),
        BACK(1);

        private final int way;

        Side(int way) {
            this.way = way;
        }
    }

    /** How much is pasted to a leaf, in thickness. */
    double thickMm(int signature, int sheet, Half half, Side side) {
        return pasted(signature, sheet, half, side).stream()
                .mapToDouble(this::thickMm)
                .sum();
    }

    /** What is pasted to a side of a leaf of a folded sheet. */
    private List<PastedOn> pasted(int signature, int sheet, Half half, Side side) {
        if (gatherings.isEmpty()) {
            return List.of();
        }
        SheetSides sides = gatherings.get(signature - 1).sheets().get(sheet - 1);
        Optional<Leaf> leaf = half == Half.FIRST ? Optional.of(sides.first()) : sides.second();
        return leaf.map(one -> (side == Side.FRONT ? one.front() : one.back()).pasted())
                .orElse(List.of());
    }

    private double thickMm(PastedOn pasted) {
        Length sheet =
                spec.thickness(spec.papers().all().get(pasted.paper()).paper()).length();
        return pasted.thickness(sheet).mm();
    }

    /**
     * What is pasted to a leaf.
     *
     * @param leg the middle of the leaf, from its fold to its fore edge
     * @param paperMm how thick it is
     * @param headMm where it begins, from the head of the leaves
     * @param highMm how high it is
     */
    List<Profile> on(
            int signature, int sheet, Half half, List<Point3> leg, double paperMm, double headMm, double highMm) {
        List<Profile> all = new ArrayList<>();
        for (Side side : Side.values()) {
            double offMm = paperMm / 2;
            for (PastedOn pasted : pasted(signature, sheet, half, side)) {
                double thickMm = thickMm(pasted);
                double fromMm = headMm + (highMm - pasted.height().mm()) / 2;
                List<Point3> points = lying(leg, pasted, side.way * (offMm + thickMm / 2));
                // all of it goes with its leaf
                all.add(new Profile(
                        Part.PASTED,
                        signature,
                        pasted.paper(),
                        fromMm,
                        fromMm + pasted.height().mm(),
                        thickMm,
                        points,
                        half == Half.FIRST ? points.size() : -1));
                offMm += thickMm;
            }
        }
        return all;
    }

    /** A leaf lies from the fold; a pocket in the middle of its leaf. So far aside of it. */
    private List<Point3> lying(List<Point3> leg, PastedOn pasted, double asideMm) {
        double foldMm = leg.get(0).zMm();
        double leafMm = Math.abs(leg.get(leg.size() - 1).zMm() - foldMm);
        double wideMm = Math.min(leafMm, pasted.width().mm());
        double fromMm = pasted.kind() == PastedOn.Kind.LEAF ? 0 : (leafMm - wideMm) / 2;
        double toMm = fromMm + wideMm;
        List<Point3> points = new ArrayList<>();
        points.add(along(leg, fromMm, asideMm));
        leg.stream()
                .map(point -> Math.abs(point.zMm() - foldMm))
                .filter(mm -> mm > fromMm && mm < toMm)
                .forEach(mm -> points.add(along(leg, mm, asideMm)));
        points.add(along(leg, toMm, asideMm));
        return points;
    }

    /** On the leaf so far from its fold. */
    private static Point3 along(List<Point3> leg, double mm, double asideMm) {
        double foldMm = leg.get(0).zMm();
        for (int i = 1; i < leg.size(); i++) {
            double before = Math.abs(leg.get(i - 1).zMm() - foldMm);
            double after = Math.abs(leg.get(i).zMm() - foldMm);
            if (mm <= after || i == leg.size() - 1) {
                Point3 at =
                        leg.get(i - 1).toward(leg.get(i), after - before < 1e-9 ? 0 : (mm - before) / (after - before));
                return new Point3(0, at.yMm() + asideMm, at.zMm());
            }
        }
        return leg.get(0);
    }
}
