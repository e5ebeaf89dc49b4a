package itomichi.remarks;

import itomichi.finding.Remark;
import itomichi.measure.Phrase;
import itomichi.plan.Holes;
import itomichi.plan.ThreadOrder;
import itomichi.plan.WorkedBook;
import itomichi.spec.BookSpec;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What a plan has to say for itself, stage by stage, the gravest first. */
public final class Remarks {

    private Remarks() {}

    /** All that is to be said of a book. */
    public static List<Remark<BookSpec>> of(WorkedBook worked) {
        BookSpec spec = worked.spec();
        List<Remark<BookSpec>> remarks = new ArrayList<>();
        remarks.addAll(PaperRemarks.of(spec, worked.papers()));
        remarks.addAll(GatherRemarks.of(spec, worked.gathered()));
        remarks.addAll(RecipeRemarks.of(spec, worked.gathered()));
        worked.gathered()
                .folded()
                .filter(folded -> spec.bound().form().most() > 1)
                .ifPresent(folded -> remarks.addAll(WedgeRemarks.of(spec, folded)));
        worked.holes().ifPresent(holes -> {
            remarks.addAll(holes(spec, holes));
            remarks.addAll(CountRemarks.of(spec, worked.places().counted()));
        });
        if (worked.order().tooLarge()) {
            remarks.add(Remark.stop(
                    "sewing-too-large",
                    Phrase.of(
                            "More than {} holes in all: a way through so many is not worked out.",
                            ThreadOrder.MOST_HOLES)));
        }
        worked.sewing().ifPresent(sewing -> remarks.addAll(ThreadRemarks.of(spec, sewing)));
        // the gravest first; else in the order of the work
        remarks.sort(Comparator.comparing((Remark<BookSpec> remark) -> remark.weight())
                .reversed());
        return remarks;
    }

    private static List<Remark<BookSpec>> holes(BookSpec spec, Holes holes) {
        return holes.match(
                folds -> {
                    List<Remark<BookSpec>> remarks = new ArrayList<>(StationRemarks.of(spec, folds));
                    remarks.addAll(CoverRowRemarks.of(spec, folds));
                    return remarks;
                },
                side -> SideRemarks.of(spec, side));
    }
}
