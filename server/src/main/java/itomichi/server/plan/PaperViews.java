package itomichi.server.plan;

import itomichi.cutting.CuttingPlan;
import itomichi.cutting.Demand;
import itomichi.cutting.Halving;
import itomichi.cutting.Layout;
import itomichi.material.Supply;
import itomichi.measure.Fineness;
import itomichi.measure.Length;
import itomichi.measure.Phrase;
import itomichi.plan.PaperPlan;
import java.util.List;

/** Shows papers and how their stock is cut. */
public final class PaperViews {

    private PaperViews() {}

    static PlanView.PaperView of(PaperPlan plan) {
        return new PlanView.PaperView(
                plan.paper().paper().name(),
                plan.sheetThickness().mm(),
                InUnits.of(plan.thickness().result()),
                plan.paper().paper().grammage().shown(),
                plan.grain(),
                plan.demands().stream().map(PaperViews::demand).toList(),
                plan.cutting().map(PaperViews::cutting).orElse(null),
                plan.paper().supply().map(PaperViews::halvings).orElse(List.of()));
    }

    private static PlanView.DemandView demand(Demand demand) {
        return new PlanView.DemandView(
                demand.width().mm(), demand.height().mm(), size(demand.width(), demand.height()), demand.number());
    }

    /** A size, width first. */
    public static InUnits size(Length width, Length height) {
        return InUnits.of(Phrase.of("{} × {}", width.at(Fineness.CUT), height.at(Fineness.CUT)));
    }

    private static PlanView.CuttingView cutting(CuttingPlan plan) {
        Supply supply = plan.supply();
        return new PlanView.CuttingView(
                supply.width().mm(),
                supply.height().mm(),
                size(supply.width(), supply.height()),
                supply.grain(),
                plan.possible(),
                plan.layouts().stream().map(PaperViews::layout).toList(),
                plan.perSheet().right(),
                plan.perSheet().wrong(),
                plan.perSheet().eitherWay(),
                plan.stockSheets(),
                plan.stockSheetsAcross(),
                plan.shortOf(),
                supply.have().orElse(null),
                (int) Math.round(plan.waste() * 100));
    }

    /** How a sheet is parted. */
    public static PlanView.LayoutView layout(Layout layout) {
        return new PlanView.LayoutView(
                layout.sheets(),
                layout.pieces().stream()
                        .map(piece -> new PlanView.PieceView(
                                piece.demand(),
                                piece.x().mm(),
                                piece.y().mm(),
                                piece.width().mm(),
                                piece.height().mm(),
                                piece.turned()))
                        .toList(),
                layout.cuts().stream()
                        .map(cut -> new PlanView.CutView(
                                cut.step(),
                                cut.x1().mm(),
                                cut.y1().mm(),
                                cut.x2().mm(),
                                cut.y2().mm()))
                        .toList(),
                layout.steps().stream().map(InUnits::of).toList());
    }

    private static List<PlanView.HalvingView> halvings(Supply supply) {
        return Halving.of(supply).stream()
                .map(halving -> new PlanView.HalvingView(
                        halving.times(),
                        halving.sheetsEach(),
                        halving.leafWidth().mm(),
                        halving.leafHeight().mm(),
                        size(halving.leafWidth(), halving.leafHeight()),
                        halving.grain()))
                .toList();
    }
}
