package itomichi.space;

import itomichi.cover.CoverShape;
import itomichi.cover.CoverWork;
import itomichi.measure.Length;
import itomichi.path.Point3;
import itomichi.plan.WorkedBook;
import itomichi.space.Profile.Part;
import itomichi.spec.BookSpec;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The cover in space, closed round the block: a soft one that is sewn on with it, or boards with what joins them; and what is slipped over all
 * of it.
 */
final class CoverInSpace {

    /** What of the block has corners that are cut round. */
    private static final Set<Part> LEAVES = EnumSet.of(Part.SHEET, Part.PASTED);

    private CoverInSpace() {}

    /**
     * A block and its cover.
     *
     * @param thread where it lies
     * @param outMm how far it stands out of the spine
     * @param threadMm how thick it is
     */
    static List<Profile> bound(WorkedBook book, Around around, List<Laid> thread, double outMm, double threadMm) {
        CoverWork work = book.covering().work();
        double slippedMm = work.isSlipped() ? WrapperInSpace.PAPER_MM : 0;
        Covered covered = work.shape()
                .match(
                        () -> new Covered(around.sheets().profiles(), 0),
                        soft -> soft(book, around, soft, slippedMm),
                        boards -> boards(book, around, boards, outMm, slippedMm));
        return work.slipFlap()
                .map(Length::mm)
                .map(flapMm -> both(
                        covered.profiles(),
                        List.of(new WrapperInSpace(around, covered.profiles(), thread)
                                .profile(threadMm, flapMm, covered.firstLeafMm()))))
                .orElse(covered.profiles());
    }

    /**
     * The block in its cover.
     *
     * @param firstLeafMm how far off the block what is slipped in between them lies
     */
    private record Covered(List<Profile> profiles, double firstLeafMm) {}

    private static List<Profile> both(List<Profile> block, List<Profile> cover) {
        return Stream.concat(block.stream(), cover.stream()).toList();
    }

    private static Covered boards(
            WorkedBook book, Around around, CoverShape.Boards boards, double outMm, double slippedMm) {
        List<Profile> block = around.sheets().profiles();
        if (!boards.board().real()) {
            return new Covered(block, 0);
        }
        double highMm = book.spec().leaf().height().mm();
        BoardsInSpace made = new BoardsInSpace(around, boards, highMm, outMm, slippedMm);
        List<Profile> all = both(boards.madeApart() ? around.turnedDown(made.endsMm()) : block, made.profiles());
        CoverShape.Round round = boards.round();
        return new Covered(
                round.leaves()
                        ? all.stream()
                                .map(profile -> rounded(
                                        profile, around, highMm, round.radius().mm()))
                                .toList()
                        : all,
                made.firstLeafMm());
    }

    /** A leaf whose corners are cut by a gauge that is laid on its own edges; what does not reach them stays as it is. */
    private static Profile rounded(Profile leaf, Around around, double highMm, double radiusMm) {
        double edgeMm = leaf.across().stream().mapToDouble(Point3::zMm).min().orElseThrow();
        if (!LEAVES.contains(leaf.part()) || edgeMm > around.sheets().foreMm() + radiusMm) {
            return leaf;
        }
        Corners corners = leaf.part() == Part.SHEET
                ? new Corners(edgeMm, leaf.fromMm(), leaf.toMm(), radiusMm)
                : new Corners(edgeMm, 0, highMm, radiusMm);
        return corners.cut(leaf);
    }

    private static Covered soft(WorkedBook book, Around around, CoverShape.Soft soft, double slippedMm) {
        BookSpec spec = book.spec();
        List<Profile> block = around.sheets().profiles();
        // not every book that may be sewn into a cover is
        if (!spec.cover().wanted() || !spec.bound().inSoftCover()) {
            return new Covered(block, 0);
        }
        double fromMm = -around.sheets().headMm();
        double toMm = spec.leaf().height().mm() + around.sheets().tailMm();
        double thickMm = spec.cover().thickness().mm();
        return new Covered(both(block, new SoftInSpace(around, soft, thickMm, fromMm, toMm, slippedMm).profiles()), 0);
    }
}
