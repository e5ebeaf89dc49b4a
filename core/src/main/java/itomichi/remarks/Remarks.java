package itomichi.remarks;

import itomichi.finding.Remark;
import itomichi.finding.Remark.Mend;
import itomichi.finding.Stage;
import itomichi.measure.Phrase;
import itomichi.plan.Holes;
import itomichi.plan.ThreadOrder;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** What a plan has to say for itself, stage by stage, the gravest first. */
public final class Remarks {

    /** Holes that all changes together may have, as far as they are planned. */
    private static final int HOLES_TRIED = 12_000;

    private static final int FEWEST_TRIALS = 3;

    private Remarks() {}

    /** All that is to be said of a book, with the changes that were tried and do help. */
    public static List<Remark<BookSpec>> of(WorkedBook worked) {
        Map<Stage, List<Draft>> byStage = byStage(worked);
        Trials trials = new Trials(all(byStage), changed -> all(byStage(WorkedBook.of(changed))), trials(worked));
        return sorted(byStage, trials::mends);
    }

    /** All that is to be said of a book, without what would mend it. */
    public static List<Remark<BookSpec>> unmended(WorkedBook worked) {
        return sorted(byStage(worked), draft -> List.of());
    }

    private static List<Remark<BookSpec>> sorted(
            Map<Stage, List<Draft>> byStage, Function<Draft, List<Mend<BookSpec>>> mends) {
        List<Remark<BookSpec>> remarks = new ArrayList<>();
        byStage.forEach((stage, said) -> said.forEach(draft -> remarks.add(draft.with(stage, mends.apply(draft)))));
        // the gravest first; else in the order of the work
        remarks.sort(Comparator.comparing((Remark<BookSpec> remark) -> remark.weight())
                .reversed());
        return remarks;
    }

    /** Of a book with thousands of holes few changes are planned: its plan must not keep anybody waiting. */
    private static int trials(WorkedBook worked) {
        int holes = worked.holes().map(made -> made.list().holes()).orElse(0);
        return Math.max(FEWEST_TRIALS, HOLES_TRIED / Math.max(1, holes));
    }

    private static List<Draft> all(Map<Stage, List<Draft>> byStage) {
        return byStage.values().stream().flatMap(List::stream).toList();
    }

    private static Map<Stage, List<Draft>> byStage(WorkedBook worked) {
        BookSpec spec = worked.spec();
        Map<Stage, List<Draft>> said = new EnumMap<>(Stage.class);
        said.put(Stage.PAPER, PaperRemarks.of(spec, worked.papers()));
        said.put(Stage.GATHER, gathered(worked));
        said.put(Stage.PAGES, PastedRemarks.of(worked));
        said.put(
                Stage.STATIONS,
                worked.holes().map(holes -> stations(worked, holes)).orElse(List.of()));
        said.put(
                Stage.THREAD,
                worked.sewing().map(sewing -> ThreadRemarks.of(spec, sewing)).orElse(List.of()));
        said.put(Stage.COVER, CoverRemarks.of(spec, worked.covering()));
        return said;
    }

    private static List<Draft> gathered(WorkedBook worked) {
        BookSpec spec = worked.spec();
        List<Draft> said = new ArrayList<>(GatherRemarks.of(spec, worked.gathered()));
        said.addAll(RecipeRemarks.of(spec, worked.gathered()));
        worked.gathered()
                .folded()
                .filter(folded -> spec.bound().form().most() > 1)
                .ifPresent(folded -> said.addAll(WedgeRemarks.of(spec, folded)));
        return said;
    }

    private static List<Draft> stations(WorkedBook worked, Holes holes) {
        List<Draft> said = new ArrayList<>(holes(worked.spec(), holes));
        said.addAll(CountRemarks.of(worked.spec(), worked.places().counted()));
        if (worked.order().tooLarge()) {
            said.add(Draft.stop(
                    "sewing-too-large",
                    Phrase.of(
                            "More than {} holes in all: a way through so many is not worked out.",
                            ThreadOrder.MOST_HOLES)));
        }
        return said;
    }

    private static List<Draft> holes(BookSpec spec, Holes holes) {
        return holes.match(
                folds -> {
                    List<Draft> remarks = new ArrayList<>(StationRemarks.of(spec, folds));
                    remarks.addAll(CoverRowRemarks.of(spec, folds));
                    return remarks;
                },
                side -> SideRemarks.of(spec, side));
    }
}
