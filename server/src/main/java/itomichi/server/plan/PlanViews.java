package itomichi.server.plan;

import itomichi.book.BookPlan;
import itomichi.book.Planner;
import itomichi.finding.Figure;
import itomichi.finding.Remark;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Unit;
import itomichi.path.Notation;
import itomichi.path.SewingStep;
import itomichi.plan.SewingPlan;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.plan.PlanView.FigureView;
import itomichi.server.plan.PlanView.MendView;
import itomichi.server.plan.PlanView.RangeView;
import itomichi.server.plan.PlanView.RemarkView;
import itomichi.server.plan.PlanView.TermView;
import itomichi.server.plan.PlanView.WorkingView;
import itomichi.spec.BookSpec;
import itomichi.structure.Holing;
import itomichi.structure.Structure;
import itomichi.structure.ThumbRule;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** Makes plans and their views from documents. */
public final class PlanViews {

    /** As many as a few windows look at. */
    private static final LatelyPlanned LATELY = new LatelyPlanned(6, Planner::planUnmended);

    private PlanViews() {}

    /** The plan of a document, for whoever does not offer to mend anything. */
    public static BookPlan plan(BookDocument document) {
        return LATELY.of(BookDocuments.spec(document));
    }

    /** The plan of a document with what mends its remarks. */
    public static BookPlan mendable(BookDocument document) {
        return Planner.plan(BookDocuments.spec(document));
    }

    /** The view of a document's plan. */
    public static PlanView of(BookDocument document) {
        return of(document, mendable(document));
    }

    /** The view of a plan that was made from this document. */
    public static PlanView of(BookDocument document, BookPlan plan) {
        BookSpec spec = plan.spec();
        return new PlanView(
                plan.gathered().pages(),
                plan.gathered().sheets(),
                plan.blanksNamed(),
                bound(spec),
                plan.figures().stream().map(PlanViews::figure).toList(),
                plan.remarks().stream().map(remark -> remark(document, remark)).toList(),
                new PlanView.LeafView(
                        spec.leaf().width().mm(), spec.leaf().height().mm()),
                BlockViews.of(plan),
                plan.papers().stream().map(PaperViews::of).toList(),
                plan.coverSize()
                        .map(size -> new PlanView.CoverView(
                                size.width().mm(),
                                size.height().mm(),
                                spec.cover().thickness().mm(),
                                plan.covering().closed().width().mm()))
                        .orElse(null),
                CoverViews.of(plan),
                plan.holes().map(holes -> HoleViews.of(plan, holes)).orElse(null),
                plan.sewing().map(sewing -> sewing(plan, sewing)).orElse(null),
                Measures.of(spec),
                spec.paper().grammage().shown(),
                tex(spec),
                new PlanView.Next(
                        plan.next().stage(),
                        plan.next().finished(),
                        InUnits.of(plan.next().words())),
                plan.stopped());
    }

    private static PlanView.BoundView bound(BookSpec spec) {
        Structure bound = spec.bound();
        return new PlanView.BoundView(
                bound.key(),
                bound.name(),
                bound.form().folded(),
                bound.form().most(),
                bound.holing().rows() != Holing.RowsFor.NOTHING,
                bound.sewn(),
                bound.mayBeRounded());
    }

    static FigureView figure(Figure figure) {
        return new FigureView(
                figure.key(), figure.stage(), figure.label(), InUnits.of(figure), working(figure.working()));
    }

    /** The view of how something came about. */
    public static WorkingView working(Working working) {
        // a term is told as finely as the sum above it writes it
        Working.Written mm = working.written(Unit.MM);
        Working.Written inch = working.written(Unit.INCH);
        return new WorkingView(
                working.formula().text(),
                new InUnits(mm.sum(), inch.sum()),
                working.terms().entrySet().stream()
                        .map(term -> new TermView(
                                term.getKey(),
                                term.getValue().meaning(),
                                new InUnits(
                                        mm.term(term.getKey()).in(Unit.MM),
                                        inch.term(term.getKey()).in(Unit.INCH))))
                        .toList(),
                working.source().words(),
                working.range()
                        .map(range -> new RangeView(InUnits.of(range.low()), InUnits.of(range.high())))
                        .orElse(null),
                working.notes().stream().map(InUnits::of).toList());
    }

    /** A remark on this document. */
    public static RemarkView remark(BookDocument document, Remark<BookSpec> remark) {
        return new RemarkView(
                remark.weight(),
                remark.stage(),
                remark.key(),
                InUnits.of(remark.words()),
                remark.mends().stream()
                        .map(mend ->
                                new MendView(InUnits.of(mend.words()), BookDocuments.changed(document, mend.change())))
                        .toList());
    }

    private static PlanView.SewingView sewing(BookPlan plan, SewingPlan sewing) {
        BookSpec spec = plan.spec();
        ThumbRule rule = sewing.rule();
        double ruledMm = spec.leaf().height().mm() * spec.thread().strands();
        List<Length> pieces = sewing.need().pieces();
        return new PlanView.SewingView(
                sewing.frame().threadMm(),
                plan.figure("thread").value().number(),
                rule.lowHeights() * ruledMm,
                rule.highHeights() * ruledMm,
                Notation.write(sewing.path()),
                SewingStep.of(sewing.path()).size(),
                sewing.choice().variant(),
                sewing.stitching().choosesKnot(),
                sewing.stitching().goesOn(),
                sewing.stitching().sewnOn(sewing.choice().variant()),
                IntStream.rangeClosed(1, pieces.size())
                        .mapToObj(number -> thread(
                                number, pieces.get(number - 1), spec.thread().strands()))
                        .toList());
    }

    static WayView.ThreadCut thread(int number, Length piece, int strands) {
        return new WayView.ThreadCut(number, InUnits.of(piece.at(Fineness.THREAD)), piece.mm(), piece.mm() / strands);
    }

    private static String tex(BookSpec spec) {
        double tex = spec.thread().thread().tex();
        return Double.isNaN(tex) ? "measured" : String.format(Locale.ROOT, "%.0f tex", tex);
    }
}
