package itomichi.server.plan;

import itomichi.finding.Figure;
import itomichi.finding.Remark;
import itomichi.finding.Working;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.path.Hole;
import itomichi.path.Notation;
import itomichi.path.Run;
import itomichi.path.Spot;
import itomichi.plan.BookPlan;
import itomichi.plan.BookSpec;
import itomichi.plan.Planner;
import itomichi.plan.StepLine;
import itomichi.server.document.BookDocument;
import itomichi.server.document.BookDocuments;
import itomichi.server.plan.PlanView.FigureView;
import itomichi.server.plan.PlanView.MendView;
import itomichi.server.plan.PlanView.NestedView;
import itomichi.server.plan.PlanView.RangeView;
import itomichi.server.plan.PlanView.RemarkView;
import itomichi.server.plan.PlanView.StationView;
import itomichi.server.plan.PlanView.StepView;
import itomichi.server.plan.PlanView.StitchView;
import itomichi.server.plan.PlanView.TermView;
import itomichi.server.plan.PlanView.WorkingView;
import itomichi.structure.Structure;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;

/** Makes plans and their views from documents. */
public final class PlanViews {

    private PlanViews() {}

    /** The plan of a document. */
    public static BookPlan plan(BookDocument document) {
        return Planner.plan(BookDocuments.spec(document));
    }

    /** The view of a document's plan. */
    public static PlanView of(BookDocument document) {
        return of(document, plan(document));
    }

    /** The view of a plan that was made from this document. */
    public static PlanView of(BookDocument document, BookPlan plan) {
        return new PlanView(
                plan.signature().pages(),
                plan.signature().sheets(),
                plan.signature().blanksNamed(),
                plan.figures().stream().map(PlanViews::figure).toList(),
                plan.remarks().stream().map(remark -> remark(document, remark)).toList(),
                shape(plan),
                stations(plan),
                plan.steps().stream().map(PlanViews::step).toList(),
                Notation.write(plan.path()),
                measures(plan.spec()),
                plan.spec().paper().grammage().shown(),
                tex(plan.spec()),
                new PlanView.Next(
                        plan.next().stage(),
                        plan.next().finished(),
                        InUnits.of(plan.next().words())),
                plan.stopped());
    }

    private static FigureView figure(Figure figure) {
        return new FigureView(figure.key(), figure.label(), InUnits.of(figure), working(figure.working()));
    }

    private static WorkingView working(Working working) {
        return new WorkingView(
                working.formula().text(),
                new InUnits(working.sum(itomichi.measure.Unit.MM), working.sum(itomichi.measure.Unit.INCH)),
                working.terms().entrySet().stream()
                        .map(term -> new TermView(
                                term.getKey(),
                                term.getValue().meaning(),
                                InUnits.of(term.getValue().value())))
                        .toList(),
                working.source().words(),
                working.range()
                        .map(range -> new RangeView(InUnits.of(range.low()), InUnits.of(range.high())))
                        .orElse(null),
                working.notes().stream().map(InUnits::of).toList());
    }

    private static RemarkView remark(BookDocument document, Remark<BookSpec> remark) {
        return new RemarkView(
                remark.weight(),
                remark.key(),
                InUnits.of(remark.words()),
                remark.mend()
                        .map(mend ->
                                new MendView(InUnits.of(mend.words()), BookDocuments.changed(document, mend.change())))
                        .orElse(null));
    }

    private static PlanView.Shape shape(BookPlan plan) {
        BookSpec spec = plan.spec();
        Structure.ThumbRule rule = spec.sewn().threadRule(plan.stations().count());
        double ruledMm = spec.leaf().height().mm() * spec.thread().strands();
        return new PlanView.Shape(
                spec.leaf().width().mm(),
                spec.leaf().height().mm(),
                plan.sheetThickness().mm(),
                plan.figure("fold").value().number(),
                plan.figure("creep").value().number(),
                plan.hole().mm(),
                plan.fold().thread().mm(),
                plan.figure("thread").value().number(),
                rule.lowHeights() * ruledMm,
                rule.highHeights() * ruledMm,
                spec.cover().wanted(),
                plan.coverSize().width().mm(),
                plan.coverSize().height().mm(),
                spec.cover().thickness().mm(),
                plan.signature().nested().stream()
                        .map(sheet -> new NestedView(sheet.innerRadiusMm(), sheet.fallsBackMm()))
                        .toList());
    }

    private static List<StationView> stations(BookPlan plan) {
        Map<Hole, Integer> passes = plan.path().passes();
        Length height = plan.spec().leaf().height();
        return IntStream.rangeClosed(1, plan.stations().count())
                .mapToObj(number -> {
                    Length place = plan.stations().at(number);
                    return new StationView(
                            number,
                            place.mm(),
                            InUnits.of(place.at(Fineness.MARK)),
                            InUnits.of(height.minus(place).at(Fineness.MARK)),
                            InUnits.of(place.minus(
                                            number == 1
                                                    ? Length.ZERO
                                                    : plan.stations().at(number - 1))
                                    .at(Fineness.MARK)),
                            passes.getOrDefault(new Hole(1, number), 0));
                })
                .toList();
    }

    private static StepView step(StepLine line) {
        Spot end = line.step().moves().get(line.step().moves().size() - 1).end();
        return new StepView(
                line.step().number(),
                line.notation(),
                InUnits.of(line.insideUp()),
                InUnits.of(line.outsideUp()),
                line.care().equals(Phrase.EMPTY) ? null : InUnits.of(line.care()),
                InUnits.of(line.used().at(Fineness.THREAD)),
                InUnits.of(line.left().at(Fineness.THREAD)),
                line.left().mm(),
                end.hole().station(),
                end.face(),
                line.step().ties(),
                line.step().moves().stream()
                        .filter(Run.class::isInstance)
                        .map(Run.class::cast)
                        .map(run -> new StitchView(
                                run.face(), run.from().station(), run.to().station()))
                        .toList());
    }

    private static Map<String, InUnits> measures(BookSpec spec) {
        Map<String, InUnits> measures = new LinkedHashMap<>();
        measures.put("leaf.widthMm", InUnits.of(spec.leaf().width().at(Fineness.CUT)));
        measures.put("leaf.heightMm", InUnits.of(spec.leaf().height().at(Fineness.CUT)));
        measures.put("cover.thicknessMm", InUnits.of(spec.cover().thickness().at(Fineness.CALIPER)));
        measures.put("cover.squareMm", InUnits.of(spec.cover().square().at(Fineness.CUT)));
        measures.put("thread.tailMm", InUnits.of(spec.thread().tail().at(Fineness.THREAD)));
        measures.put("thread.needleEyeMm", InUnits.of(spec.thread().needleEye().at(Fineness.CALIPER)));
        if (spec.stations() instanceof itomichi.station.StationScheme.Margins margins) {
            measures.put("stations.headMm", InUnits.of(margins.headMargin().at(Fineness.MARK)));
            measures.put("stations.tailMm", InUnits.of(margins.tailMargin().at(Fineness.MARK)));
        }
        if (spec.paper().basis() instanceof itomichi.material.PaperThickness.MeasuredStack stack) {
            measures.put("paper.stack.totalMm", InUnits.of(stack.total().at(Fineness.CALIPER)));
        }
        if (spec.thread().thread().count() instanceof itomichi.material.ThreadCount.Wound wound) {
            measures.put("thread.count.widthMm", InUnits.of(wound.width().at(Fineness.MARK)));
        }
        return measures;
    }

    private static String tex(BookSpec spec) {
        double tex = spec.thread().thread().tex();
        return Double.isNaN(tex) ? "measured" : String.format(Locale.ROOT, "%.0f tex", tex);
    }
}
