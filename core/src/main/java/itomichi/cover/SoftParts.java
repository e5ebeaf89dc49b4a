package itomichi.cover;

import itomichi.cover.CoverStep.Part;
import itomichi.cover.Outline.Role;
import itomichi.finding.Figure;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.schedule.Lying;
import java.util.ArrayList;
import java.util.List;

/** What soft covers have in common: one piece round the spine, with or without something past its back. */
final class SoftParts {

    static final CoverStep GRAIN = CoverStep.of("grain", Part.DRY, "Bend it both ways: its grain runs with the spine.");
    static final CoverStep FOLD =
            CoverStep.of("fold", Part.MAKE, "Score and fold it along both edges of the spine before it is punched.");
    static final CoverStep PRESS = CoverStep.of("press", Part.FINISH, "Close it and lay it under a weight.")
            .lies(Lying.OVERNIGHT);

    private final CoverBase base;
    private final SoftCover soft;
    private final Length width;
    private final Length height;
    private final Length left;
    private final Length right;
    private final Length spine;

    /**
     * @param width of the whole, as it is sewn on
     * @param height of the whole, as it is sewn on
     * @param left what lies past the back, at its left seen from outside
     * @param right what lies past the front, at its right
     */
    SoftParts(CoverBase base, SoftCover soft, Length width, Length height, Length left, Length right) {
        this(base, soft, width, height, left, right, soft.spine());
    }

    /** @param spine what lies between front and back */
    SoftParts(CoverBase base, SoftCover soft, Length width, Length height, Length left, Length right, Length spine) {
        this.base = base;
        this.soft = soft;
        this.width = width;
        this.height = height;
        this.left = left;
        this.right = right;
        this.spine = spine;
    }

    private double frontMm() {
        return (width.mm() - left.mm() - right.mm() - spine.mm()) / 2;
    }

    CoverSize size() {
        return new CoverSize(width, height, Length.ofMm(left.mm() + frontMm()));
    }

    /** Its folds at the spine; one where the spine is no wider than a fold needs. */
    private List<Double> spineFoldsMm() {
        double begins = left.mm() + frontMm();
        return base.oneFold() ? List.of(begins + spine.mm() / 2) : List.of(begins, begins + spine.mm());
    }

    /**
     * The piece to cut.
     *
     * @param edge what is turned in or hemmed at each edge
     */
    CoverPiece piece(Working cutWidth, Working cutHeight, Length edge) {
        List<Outline> folds = new ArrayList<>();
        double e = edge.mm();
        for (double x : spineFoldsMm()) {
            folds.add(Outline.line(
                    Role.FOLD, "", e + x, 0, e + x, cutHeight.length().mm()));
        }
        return CoverPiece.rectangle("cover", "Cover", PieceStuff.of(soft.stuff()), 1, cutWidth, cutHeight)
                .folded(folds);
    }

    static Figure figure(Working cutWidth, Working cutHeight) {
        return Sizes.sized("cover", "Soft cover, flat", cutWidth, cutHeight);
    }

    List<CoverLook> looks() {
        return looks(List.of(), List.of());
    }

    /**
     * All its drawings.
     *
     * @param flat what more is drawn on the cover opened flat, seen from outside
     * @param front what more is drawn on the closed book, from the front
     */
    List<CoverLook> looks(List<Outline> flat, List<Outline> front) {
        return looks(flat, front, 0);
    }

    /** The same with a flap so long over the front, mm. */
    List<CoverLook> looks(List<Outline> flat, List<Outline> front, double flapMm, Grip... grips) {
        return looks(flat, List.of(), front, flapMm, grips);
    }

    /**
     * The same with what is seen from inside only, as it lies seen from outside; the thread on the spine is seen from outside only.
     */
    List<CoverLook> looks(List<Outline> flat, List<Outline> inside, List<Outline> front, double flapMm, Grip... grips) {
        List<Outline> within = new ArrayList<>(
                flat.stream().filter(one -> one.role() != Role.THREAD).toList());
        // what is folded in lies over the rest, over a flap too
        within.addAll(inside);
        return List.of(opened(true, flat).moved(grips), opened(false, within), head(flapMm), closed(front));
    }

    /** The same drawings, with parts that are moved from inside. */
    static List<CoverLook> heldInside(List<CoverLook> looks, Grip... grips) {
        return looks.stream()
                .map(look -> look.view() == CoverLook.View.OPENED_INSIDE ? look.moved(grips) : look)
                .toList();
    }

    /** Round the fore edge from the back and over the front: its way outside, and one thickness of the cover further out. */
    private void flap(HeadSection section, double flapMm) {
        double t = soft.thickness().mm();
        double edge = frontMm();
        double end = section.faceMm(edge) + t;
        double reached = edge - Math.min(flapMm, edge);
        double there = section.faceMm(reached) + t;
        section.add(
                Role.COVERING,
                "",
                List.of(
                        new FlatPoint(edge, end),
                        new FlatPoint(edge, -end),
                        new FlatPoint(reached, -there),
                        new FlatPoint(reached, -there - t),
                        new FlatPoint(edge + t, -end - t),
                        new FlatPoint(edge + t, end)));
    }

    private CoverLook opened(boolean outside, List<Outline> more) {
        List<Outline> outlines = new ArrayList<>();
        outlines.add(Outline.rectangle(Role.COVERING, "", 0, 0, width.mm(), height.mm()));
        double back = left.mm();
        outlines.add(Outline.rectangle(Role.COVERING, "back", back, 0, frontMm(), height.mm()));
        if (!base.oneFold()) {
            // where the thread lies a name would be crossed out
            boolean sewn = more.stream().anyMatch(one -> one.role() == Role.THREAD);
            outlines.add(Outline.rectangle(
                    Role.COVERING,
                    base.pleated() ? "pleat" : sewn ? "" : "spine",
                    back + frontMm(),
                    0,
                    spine.mm(),
                    height.mm()));
        }
        outlines.add(
                Outline.rectangle(Role.COVERING, "front", back + frontMm() + spine.mm(), 0, frontMm(), height.mm()));
        for (double x : spineFoldsMm()) {
            outlines.add(Outline.line(Role.FOLD, "", x, 0, x, height.mm()));
        }
        outlines.addAll(more);
        return new CoverLook(
                outside ? CoverLook.View.OPENED_OUTSIDE : CoverLook.View.OPENED_INSIDE,
                width.mm(),
                height.mm(),
                outside
                        ? outlines
                        : outlines.stream().map(one -> one.mirrored(width.mm())).toList(),
                Phrase.of(
                        "The cover opened flat, {} × {}, its spine {} wide.",
                        width.at(Fineness.CUT),
                        height.at(Fineness.CUT),
                        spine.at(Fineness.BUNDLE)));
    }

    private CoverLook head(double flapMm) {
        double t = soft.thickness().mm();
        HeadSection section = new HeadSection(base.block(), t, t);
        double edge = frontMm();
        double spineY = section.faceMm(0);
        double edgeY = section.faceMm(edge);
        section.add(
                Role.COVERING,
                "",
                List.of(
                        new FlatPoint(edge, -edgeY),
                        new FlatPoint(0, -spineY),
                        new FlatPoint(0, spineY),
                        new FlatPoint(edge, edgeY),
                        new FlatPoint(edge, edgeY + t),
                        new FlatPoint(-t, spineY + t),
                        new FlatPoint(-t, -spineY - t),
                        new FlatPoint(edge, -edgeY - t)));
        if (flapMm > 0) {
            flap(section, flapMm);
        }
        return section.look(Phrase.of(
                "The closed book from its head: {} thick at the spine, {} at the fore edge, in a cover of {}.",
                base.block().spine().length().at(Fineness.BUNDLE),
                base.block().foreEdge().length().at(Fineness.BUNDLE),
                soft.thickness().at(Fineness.CALIPER)));
    }

    private CoverLook closed(List<Outline> more) {
        List<Outline> outlines = new ArrayList<>();
        // the edge of a flap goes through the middle, where names would stand
        boolean bare = more.isEmpty();
        outlines.add(Outline.rectangle(Role.COVERING, bare ? "front" : "", 0, 0, frontMm(), height.mm()));
        outlines.add(Outline.rectangle(
                        Role.BLOCK,
                        bare ? "leaves" : "",
                        0,
                        (height.mm() - soft.pageHeight().mm()) / 2,
                        soft.pageWidth().mm(),
                        soft.pageHeight().mm())
                .underneath());
        outlines.addAll(more);
        return new CoverLook(
                CoverLook.View.CLOSED_FRONT,
                frontMm(),
                height.mm(),
                outlines,
                Phrase.of(
                        "The closed book from the front, {} × {}.",
                        Length.ofMm(frontMm()).at(Fineness.CUT),
                        height.at(Fineness.CUT)));
    }
}
