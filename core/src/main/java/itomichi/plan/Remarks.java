package itomichi.plan;

import itomichi.finding.Remark;
import itomichi.gathering.Gathered;
import itomichi.measure.Phrase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What a plan has to say for itself, stage by stage, the gravest first. */
final class Remarks {

    private Remarks() {}

    static List<Remark<BookSpec>> all(
            BookSpec spec,
            Gathered gathered,
            List<PaperPlan> papers,
            Optional<Holes> holes,
            Optional<SewingPlan> sewn) {
        List<Remark<BookSpec>> remarks = new ArrayList<>();
        remarks.addAll(PaperRemarks.of(spec, papers));
        remarks.addAll(GatherRemarks.of(spec, gathered));
        remarks.addAll(RecipeRemarks.of(spec, gathered));
        if (gathered instanceof Gathered.InSignatures folded
                && spec.bound().form().most() > 1) {
            remarks.addAll(WedgeRemarks.of(spec, folded));
        }
        holes.ifPresent(made -> {
            if (made instanceof Holes.InFolds folds) {
                remarks.addAll(StationRemarks.of(spec, folds));
                remarks.addAll(CoverRowRemarks.of(spec, folds));
            } else if (made instanceof Holes.ThroughSide side) {
                remarks.addAll(SideRemarks.of(spec, side));
            }
            remarks.addAll(CountRemarks.of(spec, Sewer.stations(spec)));
            if (Sewer.tooLarge(spec, gathered)) {
                remarks.add(Remark.stop(
                        "sewing-too-large",
                        Phrase.of(
                                "More than {} holes in all: a way through so many is not worked out.",
                                Sewer.MOST_HOLES)));
            }
        });
        sewn.ifPresent(sewing -> remarks.addAll(ThreadRemarks.of(spec, sewing)));
        // the gravest first; else in the order of the work
        remarks.sort(Comparator.comparing((Remark<BookSpec> remark) -> remark.weight())
                .reversed());
        return remarks;
    }
}
