package itomichi.remarks;

import itomichi.cutting.CutWish;
import itomichi.cutting.Cutter;
import itomichi.cutting.CuttingPlan;
import itomichi.material.Grain;
import itomichi.material.SheetGrain;
import itomichi.measure.Fineness;
import itomichi.measure.Phrase;
import itomichi.plan.PaperPlan;
import itomichi.spec.BookPaper;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is to be said about paper: its grain, and whether there is enough of it. */
final class PaperRemarks {

    private final BookSpec spec;
    private final List<Draft> remarks = new ArrayList<>();

    private PaperRemarks(BookSpec spec) {
        this.spec = spec;
    }

    static List<Draft> of(BookSpec spec, List<PaperPlan> papers) {
        PaperRemarks said = new PaperRemarks(spec);
        for (int i = 0; i < papers.size(); i++) {
            said.paper(i, papers.get(i));
        }
        return said.remarks;
    }

    private void paper(int number, PaperPlan plan) {
        if (plan.demands().isEmpty()) {
            return;
        }
        String end = number == 0 ? "" : "-" + (number + 1);
        String of = spec.papers().all().size() == 1
                ? ""
                : " of " + plan.paper().paper().name();
        plan.cutting()
                .ifPresentOrElse(
                        cutting -> stock(number, plan, cutting, end, of), () -> cutToSize(number, plan, end, of));
    }

    /** Sheets that come cut to size. */
    private void cutToSize(int number, PaperPlan plan, String end, String of) {
        BookSpec mended =
                with(number, plan.paper().withPaper(plan.paper().paper().withGrain(Grain.WITH_FOLD)));
        if (plan.grain() == Grain.ACROSS_FOLD) {
            remarks.add(Draft.caution("grain-across" + end, across(of))
                    .mendedBy(Phrase.of("Cut the sheets with the grain along the fold"), mended));
        } else if (plan.grain() == Grain.UNKNOWN) {
            remarks.add(Draft.note("grain-unknown" + end, unknown(of))
                    .mendedBy(Phrase.of("Tested: it runs along the fold"), mended));
        }
    }

    private Phrase across(String of) {
        return Phrase.of(
                "The grain{} runs across the fold: it cracks, and the pages stand stiff. Lay the {} side of the cut along the grain.",
                of,
                spec.leaf().height().at(Fineness.CUT));
    }

    private static Phrase unknown(String of) {
        return Phrase.of(
                "The grain{} is not tested: cut a strip each way and see which droops; the stiff one lies along the grain.",
                of);
    }

    private void stock(int number, PaperPlan plan, CuttingPlan cutting, String end, String of) {
        if (!cutting.possible()) {
            nothingFits(plan, cutting, end, of);
            return;
        }
        if (cutting.grain() == Grain.UNKNOWN) {
            SheetGrain longer =
                    cutting.supply().width().isMoreThan(cutting.supply().height())
                            ? SheetGrain.ALONG_WIDTH
                            : SheetGrain.ALONG_HEIGHT;
            remarks.add(Draft.note("grain-unknown" + end, unknown(of))
                    .mendedBy(
                            Phrase.of("Tested: it runs along the longer side"),
                            with(
                                    number,
                                    plan.paper()
                                            .withSupply(
                                                    Optional.of(cutting.supply().withGrain(longer))))));
        } else if (cutting.grain() == Grain.ACROSS_FOLD) {
            acrossInStock(cutting, end, of);
        }
        int lacking = cutting.shortOf();
        if (lacking > 0) {
            remarks.add(Draft.caution(
                    "stock-short" + end,
                    Phrase.of(
                            "{} stock sheet{}{} wanted, {} in the drawer: {} short{}.",
                            cutting.stockSheets(),
                            cutting.stockSheets() == 1 ? "" : "s",
                            of,
                            cutting.supply().have().orElse(0),
                            lacking,
                            price(cutting, lacking))));
        }
    }

    private static String price(CuttingPlan cutting, int sheets) {
        return cutting.supply()
                .price()
                .map(price -> String.format(Locale.ROOT, ", %.2f to buy", price * sheets))
                .orElse("");
    }

    /** What it costs to put the grain right. */
    private void acrossInStock(CuttingPlan cutting, String end, String of) {
        CutWish right = new CutWish(CutWish.Manner.CUT, true);
        CuttingPlan mended = Cutter.plan(cutting.supply(), cutting.demands(), right);
        Draft remark = Draft.caution("grain-across" + end, across(of));
        if (!mended.possible()) {
            remarks.add(remark);
            return;
        }
        int more = mended.stockSheets() - cutting.stockSheets();
        remarks.add(remark.mendedBy(
                more > 0
                        ? Phrase.of(
                                "Cut it with the grain right: {} stock sheet{} more{}",
                                more,
                                more == 1 ? "" : "s",
                                price(cutting, more))
                        : Phrase.of("Cut it with the grain right, for no more paper"),
                spec.withPapers(spec.papers().withCutting(right))));
    }

    private void nothingFits(PaperPlan plan, CuttingPlan cutting, String end, String of) {
        Phrase size = Phrase.of(
                "{} × {}",
                plan.demands().get(0).width().at(Fineness.CUT),
                plan.demands().get(0).height().at(Fineness.CUT));
        Phrase stock = Phrase.of(
                "{} × {}",
                cutting.supply().width().at(Fineness.CUT),
                cutting.supply().height().at(Fineness.CUT));
        if (cutting.perSheet().eitherWay() > 0 && spec.papers().cutting().grainFirst()) {
            remarks.add(Draft.stop(
                            "stock-too-small" + end,
                            Phrase.of(
                                    "With the grain along the fold, no sheet of {} comes out of stock{} of {}.",
                                    size,
                                    of,
                                    stock))
                    .mendedBy(
                            Phrase.of(
                                    "Let the grain run across the fold: {} out of each",
                                    cutting.perSheet().eitherWay()),
                            spec.withPapers(spec.papers()
                                    .withCutting(
                                            new CutWish(spec.papers().cutting().manner(), false)))));
        } else {
            remarks.add(Draft.stop(
                    "stock-too-small" + end, Phrase.of("No sheet of {} comes out of stock{} of {}.", size, of, stock)));
        }
    }

    private BookSpec with(int number, BookPaper paper) {
        return spec.withPapers(spec.papers().with(number, paper));
    }
}
