package itomichi.space;

import itomichi.gathering.Gathered;
import itomichi.path.Point3;
import itomichi.path.StabFrame;
import itomichi.plan.Holes;
import itomichi.plan.WorkedBook;
import itomichi.space.BookInSpace.Sheets;
import itomichi.space.Profile.Part;
import itomichi.station.SideHole;
import java.util.ArrayList;
import java.util.List;

/** Single sheets in space, one on the other, with the covers that are pierced with them. */
final class SingleInSpace {

    /** Leaves bend past their holes when the book is opened. From the spine edge, in leaves. */
    private static final double[] BENDS = {0, 0.06, 0.09, 0.12, 0.15, 0.18, 0.22, 0.28, 0.4, 1};

    private SingleInSpace() {}

    static Sheets of(WorkedBook book, StabFrame frame) {
        Gathered.Singly block = book.gathered()
                .match(
                        folded -> {
                            throw new IllegalStateException("A block of single sheets, but they are folded into "
                                    + folded.block().signatures().size() + " signatures");
                        },
                        singly -> singly);
        double wideMm = book.spec().leaf().width().mm();
        double highMm = book.spec().leaf().height().mm();
        double coverMm =
                book.spec().cover().wanted() ? book.spec().cover().thickness().mm() : 0;
        double allMm = frame.thickness().mm();
        int layers = block.doubled() ? 2 * block.sheets() : block.sheets();
        // what is pasted in lies between them
        double apartMm = (allMm - 2 * coverMm) / layers;
        double sheetMm = Math.min(apartMm, block.sheet().mm());
        List<Profile> profiles = new ArrayList<>();
        for (int layer = 0; layer < layers; layer++) {
            profiles.add(leaf(Part.SHEET, coverMm + (layer + 0.5) * apartMm, sheetMm, wideMm, highMm));
        }
        boolean boards = book.covering().work().shape().match(() -> false, soft -> false, hinged -> true);
        if (coverMm > 0 && !boards) {
            profiles.add(leaf(Part.SOFT_COVER, coverMm / 2, coverMm, wideMm, highMm));
            profiles.add(leaf(Part.SOFT_COVER, allMm - coverMm / 2, coverMm, wideMm, highMm));
        }
        return new Sheets(
                profiles, pierced(book, allMm), coverMm, allMm - coverMm, coverMm, allMm - coverMm, 0, -wideMm, 0, 0);
    }

    private static Profile leaf(Part part, double yMm, double thickMm, double wideMm, double highMm) {
        List<Point3> points = new ArrayList<>();
        for (double bend : BENDS) {
            points.add(new Point3(0, yMm, -wideMm * bend));
        }
        return new Profile(part, 1, 0, 0, highMm, thickMm, points, 0);
    }

    private static List<Pierced> pierced(WorkedBook book, double allMm) {
        Holes.ThroughSide side = book.holes().flatMap(Holes::throughSide).orElseThrow();
        List<Pierced> pierced = new ArrayList<>();
        for (int i = 0; i < side.holes().size(); i++) {
            SideHole hole = side.holes().get(i);
            double xMm = hole.fromHead().mm();
            double zMm = -hole.fromSpine().mm();
            pierced.add(new Pierced(
                    1,
                    i + 1,
                    new Point3(xMm, 0, zMm),
                    new Point3(xMm, allMm, zMm),
                    side.hole().mm()));
        }
        return pierced;
    }
}
