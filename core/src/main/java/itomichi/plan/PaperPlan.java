package itomichi.plan;

import itomichi.cutting.Cutter;
import itomichi.cutting.CuttingPlan;
import itomichi.cutting.Demand;
import itomichi.finding.Working;
import itomichi.gathering.FoldedSheet;
import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.material.Grain;
import itomichi.measure.Length;
import itomichi.spec.BookPaper;
import itomichi.spec.BookSpec;
import itomichi.spec.PastedOn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One of a book's papers.
 *
 * @param paper the paper
 * @param thickness of a sheet, with how it was found
 * @param forSheets what is wanted of it for the sheets of the book, the most wanted size first
 * @param pasted what is wanted of it to be pasted to pages, of each size
 * @param cutting how its stock is cut; nothing where it comes cut to size or is not used
 */
public record PaperPlan(
        BookPaper paper,
        Working thickness,
        List<Demand> forSheets,
        List<Pasted> pasted,
        Optional<CuttingPlan> cutting) {

    public PaperPlan {
        forSheets = List.copyOf(forSheets);
        pasted = List.copyOf(pasted);
    }

    /** Things of one kind and size that are pasted to pages. */
    public record Pasted(PastedOn.Kind kind, Demand demand) {}

    /** All that is wanted of it, what is pasted to pages last; empty where the book does not use it. */
    public List<Demand> demands() {
        return demands(forSheets, pasted);
    }

    private static List<Demand> demands(List<Demand> forSheets, List<Pasted> pasted) {
        return Stream.concat(forSheets.stream(), pasted.stream().map(Pasted::demand))
                .toList();
    }

    /** Sheets wanted of it. */
    public int sheets() {
        return demands().stream().mapToInt(Demand::number).sum();
    }

    /** Which way its grain ends up lying in the book. */
    public Grain grain() {
        return cutting.map(CuttingPlan::grain).orElse(paper.paper().grain());
    }

    /** Thickness of a sheet. */
    public Length sheetThickness() {
        return thickness.length();
    }

    /** The papers of a book whose sheets are gathered so. */
    static List<PaperPlan> of(BookSpec spec, Gathered gathered, Thicknesses thicknesses) {
        List<PaperPlan> plans = new ArrayList<>();
        for (int i = 0; i < spec.papers().all().size(); i++) {
            BookPaper paper = spec.papers().all().get(i);
            List<Pasted> pasted = pasted(spec, i);
            List<Demand> forSheets = forSheets(spec, gathered, i);
            List<Demand> demands = demands(forSheets, pasted);
            Optional<CuttingPlan> cutting = demands.isEmpty()
                    ? Optional.empty()
                    : paper.supply()
                            .map(supply ->
                                    Cutter.plan(supply, demands, spec.papers().cutting()));
            plans.add(new PaperPlan(paper, thicknesses.papers().get(i), forSheets, pasted, cutting));
        }
        return plans;
    }

    private static List<Pasted> pasted(BookSpec spec, int paper) {
        Map<PastedOn.Kind, Map<Size, Integer>> sizes = new EnumMap<>(PastedOn.Kind.class);
        for (PastedOn one : spec.pageWish().pasted()) {
            if (one.paper() == paper) {
                sizes.computeIfAbsent(one.kind(), any -> new LinkedHashMap<>())
                        .merge(new Size(one.cutWidth(), one.cutHeight()), 1, Integer::sum);
            }
        }
        List<Pasted> pasted = new ArrayList<>();
        sizes.forEach((kind, own) -> own.forEach(
                (size, number) -> pasted.add(new Pasted(kind, new Demand(size.width(), size.height(), number)))));
        return pasted;
    }

    private static List<Demand> forSheets(BookSpec spec, Gathered gathered, int paper) {
        return gathered.match(folded -> forSheets(spec, folded, paper), singly -> forSheets(spec, singly, paper));
    }

    /** Single sheets are all of the first paper. */
    private static List<Demand> forSheets(BookSpec spec, Gathered.Singly singly, int paper) {
        Length trim = spec.papers().trim();
        Length height = spec.leaf().height().plus(trim.times(2));
        Length wide = spec.leaf().width().plus(trim);
        return paper == 0
                ? List.of(new Demand(singly.doubled() ? wide.times(2) : wide, height, singly.sheets()))
                : List.of();
    }

    private static List<Demand> forSheets(BookSpec spec, Gathered.InSignatures folded, int paper) {
        Length trim = spec.papers().trim();
        Map<Size, Integer> sizes = new LinkedHashMap<>();
        List<Signature> signatures = folded.block().signatures();
        for (int i = 0; i < signatures.size(); i++) {
            Length own = spec.height(i + 1).plus(trim.times(2));
            for (FoldedSheet sheet : signatures.get(i).sheets()) {
                if (sheet.paper() == paper) {
                    sizes.merge(new Size(sheet.unfolded().plus(trim.times(2)), own), 1, Integer::sum);
                }
            }
        }
        return sizes.entrySet().stream()
                .map(entry -> new Demand(entry.getKey().width(), entry.getKey().height(), entry.getValue()))
                .sorted(Comparator.comparing(Demand::number).reversed())
                .toList();
    }

    private record Size(Length width, Length height) {}
}
