package itomichi.cover;

import itomichi.cover.Outline.Role;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/**
 * The closed book as it is drawn from its head: the block in the middle, what lies on its two faces, what lies behind its spine. The spine
 * of the block lies at x 0, and the faces lean as the block is a wedge.
 */
final class HeadSection {

    private final SewnBlock block;
    private final double behindMm;
    private final double middleMm;
    private final List<Outline> outlines = new ArrayList<>();

    /**
     * @param behindMm what lies behind the spine of the block, mm
     * @param onFaceMm what lies on each of its faces, mm
     */
    HeadSection(SewnBlock block, double behindMm, double onFaceMm) {
        this.block = block;
        this.behindMm = behindMm;
        this.middleMm = onFaceMm + block.thickestMm() / 2;
        double spine = block.spine().length().mm() / 2;
        double fore = block.foreEdge().length().mm() / 2;
        double wide = block.width().length().mm();
        add(
                Role.BLOCK,
                "block",
                List.of(
                        new FlatPoint(0, -spine),
                        new FlatPoint(wide, -fore),
                        new FlatPoint(wide, fore),
                        new FlatPoint(0, spine)));
    }

    /** Adds a shape, its points from the spine of the block and from the middle of its thickness, mm. */
    HeadSection add(Role role, String name, List<FlatPoint> points) {
        outlines.add(new Outline(role, name, points, false).at(behindMm, middleMm));
        return this;
    }

    /** Half the thickness of the block so far from its spine, mm; it goes on in the same way past its fore edge. */
    double faceMm(double x) {
        double spine = block.spine().length().mm() / 2;
        double fore = block.foreEdge().length().mm() / 2;
        return spine + (fore - spine) * x / block.width().length().mm();
    }

    /** Boards on both faces, so far from the spine and so wide. */
    HeadSection boards(double from, double wide) {
        double thick = block.board().length().mm();
        for (int side : new int[] {-1, 1}) {
            add(
                    Role.BOARD,
                    side < 0 ? "front board" : "back board",
                    List.of(
                            new FlatPoint(from, side * faceMm(from)),
                            new FlatPoint(from + wide, side * faceMm(from + wide)),
                            new FlatPoint(from + wide, side * (faceMm(from + wide) + thick)),
                            new FlatPoint(from, side * (faceMm(from) + thick))));
        }
        return this;
    }

    CoverLook look(Phrase words) {
        return new CoverLook(
                CoverLook.View.CLOSED_HEAD, behindMm + block.width().length().mm(), 2 * middleMm, outlines, words);
    }
}
