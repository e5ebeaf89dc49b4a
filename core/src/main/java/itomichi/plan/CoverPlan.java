package itomichi.plan;

import itomichi.cover.AtSpine;
import itomichi.cover.ClosedSize;
import itomichi.cover.CoverBase;
import itomichi.cover.CoverChoices;
import itomichi.cover.CoverKind;
import itomichi.cover.CoverKinds;
import itomichi.cover.CoverWork;
import itomichi.cover.Dimension;
import itomichi.cover.PieceStuff;
import itomichi.cover.SewnBlock;
import itomichi.cover.SoftCover;
import itomichi.cover.SpineSewing;
import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.spec.BookSpec;
import itomichi.spec.CoverWish;
import itomichi.structure.Stitching;
import java.util.Optional;

/**
 * How the sewn block is covered.
 *
 * @param base the block, in the hand or as planned, and what may come on to it
 * @param kind the kind of cover
 * @param choices what is settled of it
 * @param work the cover worked out
 */
public record CoverPlan(CoverBase base, CoverKind kind, CoverChoices choices, CoverWork work) {

    /** Leaves are cut and folded as truly as this: common practice. */
    private static final Length CUT_TRUE = Length.ofMm(1);
    /** Boards and stacks are as thick as said to this share: common practice. */
    private static final double THICK_TRUE = 0.1;

    /**
     * What is settled of a cover before the block is sewn.
     *
     * @param base the block, nothing of its sewing yet
     * @param kind the kind of cover
     * @param choices what is settled of it
     */
    record Begun(CoverBase base, CoverKind kind, CoverChoices choices) {
        /** What the thread goes through besides. */
        AtSpine atSpine() {
            return kind.atSpine(choices);
        }

        /** The cover of the block that is sewn so. */
        CoverPlan over(SpineSewing sewing) {
            CoverBase sewn = base.sewn(sewing);
            return new CoverPlan(sewn, kind, choices, kind.work(sewn, choices));
        }
    }

    static Begun begin(BookSpec spec, Gathered gathered, Optional<SoftCover> soft) {
        CoverBase base = new CoverBase(
                block(spec, gathered),
                spec.bound().coverings(),
                spec.back(),
                spec.stitching().map(sewn -> sewn.sewnOn(spec.variant())).orElse(Stitching.SewnOn.NOTHING),
                soft,
                pierced(spec, gathered),
                spec.holes().side().edge(),
                spec.gathering().wish().endpapersApart(),
                SpineSewing.NONE);
        return new Begun(
                base,
                CoverKinds.chosen(spec.covering().kind(), base),
                spec.covering().choices());
    }

    /**
     * The closed book in its cover.
     *
     * @param width of its front
     * @param height of its front
     * @param thickness at its thickest, covers included
     * @param stuff what is seen of the cover; nothing where the block is left as it is sewn
     * @param spineSeen whether its sewing is seen on the spine
     */
    public record Closed(
            Length width, Length height, Length thickness, Optional<PieceStuff> stuff, boolean spineSeen) {}

    /** The closed book in its cover. */
    public Closed closed() {
        ClosedSize size = work.closed(base);
        return new Closed(
                size.front(),
                size.height(),
                size.thickness(),
                work.seen(),
                // a case and a wrapper hide the spine; a soft cover is sewn through, and what is bare or between boards
                // shows it
                kind.spineSeen() && !work.isSlipped());
    }

    private static SewnBlock block(BookSpec spec, Gathered gathered) {
        CoverWish.Measured measured = spec.covering().measured();
        Length height = spec.leaf().height();
        Length width = spec.leaf().width();
        Length creep = gathered.folded()
                .filter(folded -> !spec.leaf().trimmed())
                .map(folded -> folded.thickest().creep().length())
                .orElse(Length.ZERO);
        Length fore = gathered.match(
                folded -> folded.block().foreEdge().length(),
                singly -> singly.thickness().length());
        return new SewnBlock(
                new Dimension(
                        "height of the block",
                        Fineness.CUT,
                        height,
                        height.minus(CUT_TRUE),
                        height.plus(CUT_TRUE),
                        measured.height()),
                new Dimension(
                        "width of the block",
                        Fineness.CUT,
                        width,
                        width.minus(CUT_TRUE),
                        width.plus(creep).plus(CUT_TRUE),
                        measured.width()),
                spine(spec, gathered),
                about("thickness at the fore edge", Fineness.BUNDLE, fore, measured.foreEdge()),
                about("thickness of a board", Fineness.CALIPER, board(spec, gathered), measured.board()));
    }

    /** Whether covers are pierced together with single sheets. */
    private static boolean pierced(BookSpec spec, Gathered gathered) {
        return spec.cover().wanted() && gathered.folded().isEmpty();
    }

    /** Covers that are pierced with single sheets are as thick as the thread goes through. */
    private static Length board(BookSpec spec, Gathered gathered) {
        return pierced(spec, gathered)
                ? spec.cover().thickness()
                : spec.stitch().board();
    }

    private static Dimension about(String name, Fineness fineness, Length planned, Optional<Length> measured) {
        return new Dimension(
                name, fineness, planned, planned.times(1 - THICK_TRUE), planned.times(1 + THICK_TRUE), measured);
    }

    private static Dimension spine(BookSpec spec, Gathered gathered) {
        Working planned = gathered.match(
                folded -> folded.block().signatures().size() == 1
                        ? folded.thickest().foldThickness(spec.bound().form().comfort())
                        : folded.block().spine(),
                Gathered.Singly::thickness);
        Dimension about = about(
                "thickness at the spine",
                Fineness.BUNDLE,
                planned.length(),
                spec.covering().measured().spine());
        return planned.range()
                .map(range -> new Dimension(
                        about.name(),
                        about.fineness(),
                        about.planned(),
                        lesser(Length.ofMm(range.low().number()), about.low()),
                        Length.ofMm(range.high().number()).isMoreThan(about.high())
                                ? Length.ofMm(range.high().number())
                                : about.high(),
                        about.measured()))
                .orElse(about);
    }

    private static Length lesser(Length one, Length other) {
        return one.isMoreThan(other) ? other : one;
    }
}
