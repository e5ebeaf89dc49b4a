package itomichi.space;

import itomichi.cover.CoverWork;
import itomichi.path.FoldFrame;
import itomichi.path.Frame;
import itomichi.path.Over;
import itomichi.path.Point3;
import itomichi.plan.CutList;
import itomichi.plan.SewingPlan;
import itomichi.plan.WorkedBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A book in space, closed. In mm: x along the spine from the head of the leaves, y through the book from the front to the back, z out of the
 * spine: the leaves lie where it is negative. With its head up and its front to the left x goes down, y to the right and z away: the axes of a
 * left hand, which what draws them by a right one has to turn round.
 *
 * @param heightMm of a leaf
 * @param widthMm of a leaf
 * @param signatures that are sewn; 1 of a block
 * @param folded whether the sheets are folded at the spine
 * @param backToBack whether it is two sections, fold to fold, that open each by itself
 * @param profiles what is flat
 * @param holes what is pierced
 * @param threadMm how thick the thread is as it is sewn
 * @param thread where it lies, step by step
 */
public record BookInSpace(
        double heightMm,
        double widthMm,
        int signatures,
        boolean folded,
        boolean backToBack,
        List<Profile> profiles,
        List<Pierced> holes,
        double threadMm,
        List<Laid> thread) {

    private static final int CORD_SIDES = 12;

    public BookInSpace {
        profiles = List.copyOf(profiles);
        holes = List.copyOf(holes);
        thread = List.copyOf(thread);
    }

    /**
     * A book that is worked out.
     *
     * @return nothing where it cannot be sewn as it is
     */
    public static Optional<BookInSpace> of(WorkedBook book) {
        return book.sewing()
                .map(sewing -> sewing.stitching().sewnAtOnce()
                        ? sewing.frame().match(fold -> backToBack(book, sewing, fold), block -> of(book, sewing))
                        : of(book, sewing));
    }

    /** Along the fold, as far off it as the thread that goes round it is thick: a ring that is filled. */
    private static Profile cord(WorkedBook book, Frame frame) {
        double thickMm = frame.supports().cord().mm();
        double middleMm = frame.threadMm() + thickMm / 2;
        double outMm = CutList.CORD_OUT.mm();
        List<Point3> ring = new ArrayList<>();
        for (int side = 0; side <= CORD_SIDES; side++) {
            double angle = 2 * Math.PI * side / CORD_SIDES;
            ring.add(new Point3(0, thickMm / 4 * Math.sin(angle), middleMm - thickMm / 4 * Math.cos(angle)));
        }
        return new Profile(
                Profile.Part.CORD,
                0,
                0,
                -outMm,
                book.spec().leaf().height().mm() + outMm,
                thickMm / 2,
                ring,
                CORD_SIDES / 2);
    }

    /** How far out of the spine the middle of the thread comes. */
    private static double outMm(List<Laid> thread) {
        return thread.stream()
                .flatMap(laid -> laid.points().stream())
                .mapToDouble(Point3::zMm)
                .max()
                .orElse(0);
    }

    private static BookInSpace backToBack(WorkedBook book, SewingPlan sewing, FoldFrame frame) {
        BackToBack sections = new BackToBack(book, frame);
        return new BookInSpace(
                book.spec().leaf().height().mm(),
                book.spec().leaf().width().mm(),
                2,
                true,
                true,
                sections.profiles(),
                sections.pierced(),
                frame.threadMm(),
                ThreadInSpace.of(sewing, OptionalDouble.empty()));
    }

    private static BookInSpace of(WorkedBook book, SewingPlan sewing) {
        Frame frame = sewing.frame();
        Sheets flat =
                frame.match(fold -> new FoldedInSpace(book, fold).sheets(), block -> SingleInSpace.of(book, block));
        Optional<Rounded> round = frame.match(fold -> Rounded.of(book, fold, flat), block -> Optional.empty());
        Sheets sheets = round.map(back -> back.sheets(flat)).orElse(flat);
        CoverWork cover = book.covering().work();
        double highMm = book.spec().leaf().height().mm();
        List<Laid> sewn = ThreadInSpace.of(
                sewing,
                cover.shape().madeApart() || cover.isSlipped() ? OptionalDouble.of(highMm) : OptionalDouble.empty());
        List<Laid> thread = round.map(back -> back.thread(sewn)).orElse(sewn);
        double threadMm = frame.threadMm();
        List<Profile> profiles = new ArrayList<>(
                CoverInSpace.bound(book, new Around(sheets, round), thread, outMm(sewn) + threadMm / 2, threadMm));
        if (!sewing.path().moves(Over.class).isEmpty()) {
            profiles.add(cord(book, frame));
        }
        return new BookInSpace(
                highMm,
                book.spec().leaf().width().mm(),
                frame.signatures(),
                frame.match(fold -> true, block -> false),
                false,
                profiles,
                sheets.holes(),
                threadMm,
                thread);
    }

    /**
     * The sheets, and what a cover is laid round.
     *
     * @param profiles of the sheets, and of what is sewn on with them
     * @param holes through them
     * @param spineFrom the front of the block at the spine, y
     * @param spineTo its back there
     * @param edgeFrom the front of the block at the fore edge
     * @param edgeTo its back there
     * @param backMm where the outermost sheets end at the spine, z
     * @param foreMm where the longest leaves end at the fore edge, z
     * @param headMm how far what is sewn on with them stands out at the head
     * @param tailMm how far at the tail
     */
    record Sheets(
            List<Profile> profiles,
            List<Pierced> holes,
            double spineFrom,
            double spineTo,
            double edgeFrom,
            double edgeTo,
            double backMm,
            double foreMm,
            double headMm,
            double tailMm) {}
}
