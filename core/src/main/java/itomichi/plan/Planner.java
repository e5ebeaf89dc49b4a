package itomichi.plan;

import itomichi.cover.SoftCover;
import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.measure.Length;
import itomichi.schedule.BenchTime;
import java.util.List;
import java.util.Optional;

/** Works out a plan. It has no state: the same spec gives the same plan. */
public final class Planner {

    private Planner() {}

    /**
     * Everything about a book, from what its binder wants.
     *
     * <p>Never fails for a spec that could be made: what cannot be made gets a remark of weight stop, and the plan is worked out as far
     * as it goes.
     */
    public static BookPlan plan(BookSpec spec) {
        List<Working> thicknesses = spec.papers().all().stream()
                .map(paper -> paper.paper().thickness())
                .toList();
        Working diameter = spec.thread().thread().diameter();
        Length strand = diameter.length();
        Gathered gathered =
                Gatherer.gather(spec, thicknesses.stream().map(Working::length).toList(), strand);
        List<PaperPlan> papers = PaperPlan.of(spec, gathered, thicknesses);
        Optional<Sewer.Sewn> sewn = Sewer.sew(spec, gathered, strand);
        Optional<SoftCover> cover = cover(spec, gathered);

        Figures figures = new Figures(spec).addSheets(gathered, papers).addThickness(gathered, papers);
        sewn.ifPresent(sewing -> figures.addStations(sewing.plan().stations()));
        sewn.ifPresentOrElse(
                sewing -> figures.add("thread-thickness", "Thread thickness", diameter)
                        .add("hole", "Hole width", sewing.hole())
                        .add("thread", "Thread to cut", sewing.thread().cut()),
                () -> figures.addThreadByRule(gathered));
        cover.ifPresent(figures::addCover);
        figures.add("time", "At the bench", time(spec, gathered, sewn));

        return new BookPlan(
                spec,
                gathered,
                papers,
                cover.map(soft -> new BookPlan.CoverSize(soft.width().length(), soft.height())),
                sewn.map(Sewer.Sewn::plan),
                figures.all(),
                Remarks.all(spec, gathered, papers, sewn),
                NextThings.of(spec, gathered, papers, sewn));
    }

    private static Working time(BookSpec spec, Gathered gathered, Optional<Sewer.Sewn> sewn) {
        if (sewn.isPresent()) {
            SewingPlan plan = sewn.get().plan();
            int passes = plan.path().passes().values().stream()
                    .mapToInt(Integer::intValue)
                    .sum();
            return BenchTime.of(gathered.sheets(), plan.stations().count(), passes);
        }
        int stations = spec.stations().count();
        if (gathered instanceof Gathered.InSignatures folded) {
            int holes = folded.block().signatures().size() * stations;
            return BenchTime.of(folded.block().sheets(), holes, holes);
        }
        return BenchTime.of(0, stations, 3 * stations);
    }

    /** A soft cover goes round the one fold, or round the spine of the whole block. */
    private static Optional<SoftCover> cover(BookSpec spec, Gathered gathered) {
        if (!spec.cover().wanted() || !(gathered instanceof Gathered.InSignatures folded)) {
            return Optional.empty();
        }
        Signature thickest = folded.thickest();
        boolean one = folded.block().signatures().size() == 1;
        return Optional.of(new SoftCover(
                spec.leaf().width(),
                spec.leaf().height(),
                spec.leaf().trimmed() ? Length.ZERO : thickest.creep().length(),
                one
                        ? thickest.foldThickness(spec.bound().form().comfort()).length()
                        : folded.block().spine().length(),
                spec.cover().square()));
    }
}
