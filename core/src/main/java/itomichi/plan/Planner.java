package itomichi.plan;

import itomichi.cover.SoftCover;
import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.measure.Length;
import itomichi.schedule.BenchTime;
import itomichi.station.Role;
import itomichi.station.Stations;
import itomichi.structure.Holing;
import java.util.List;
import java.util.Map;
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
        Optional<Sewer.Route> route = Sewer.route(spec, gathered);
        Optional<Holes> holes = holes(spec, gathered, strand, route);
        Optional<SewingPlan> sewn =
                holes.flatMap(made -> route.map(way -> Sewer.plan(spec, gathered, made, strand, way)));
        Optional<SoftCover> cover = cover(spec, gathered);

        Figures figures = new Figures(spec).addSheets(gathered, papers).addThickness(gathered, papers);
        holes.ifPresent(made -> new HoleFigures(spec, figures).add(made));
        sewn.ifPresentOrElse(
                sewing -> figures.add("thread-thickness", "Thread thickness", diameter)
                        .add("thread", "Thread to cut", sewing.need().cut()),
                () -> figures.addThreadByRule(gathered));
        cover.ifPresent(figures::addCover);
        figures.add("time", "At the bench", time(gathered, holes, sewn));

        return new BookPlan(
                spec,
                gathered,
                papers,
                cover.map(soft -> new BookPlan.CoverSize(soft.width().length(), soft.height())),
                holes,
                sewn,
                figures.all(),
                Remarks.all(spec, gathered, papers, holes, sewn),
                NextThings.of(spec, gathered, papers, holes, sewn));
    }

    private static Working time(Gathered gathered, Optional<Holes> holes, Optional<SewingPlan> sewn) {
        int punched = holes.map(made -> made.list().holes()).orElse(0);
        // what is folded: endpaper sections too, but never a single sheet
        int folded = gathered instanceof Gathered.InSignatures signatures
                ? signatures.block().sheets()
                : 0;
        int passes = sewn.map(SewingPlan::passes).orElse(gathered instanceof Gathered.Singly ? 3 * punched : punched);
        return BenchTime.of(folded, punched, passes);
    }

    private static Optional<Holes> holes(BookSpec spec, Gathered gathered, Length strand, Optional<Sewer.Route> route) {
        Holing holing = spec.bound().holing();
        if (!holing.any()) {
            return Optional.empty();
        }
        Map<Integer, Integer> passes = route.map(Sewer.Route::passes).orElse(Map.of());
        if (gathered instanceof Gathered.Singly singly) {
            return Optional.of(SideHoles.of(spec, singly, strand, passes));
        }
        Stations stations = FoldHoles.stations(spec);
        List<Role> roles = holing.roles(stations.count());
        return Optional.of(FoldHoles.of(
                spec,
                (Gathered.InSignatures) gathered,
                strand,
                stations,
                number -> passes.getOrDefault(number, holing.passes(roles.get(number - 1)))));
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
                        : spec.cover().spine().orElse(CoverRows.width(folded.block())),
                spec.cover().square(),
                spec.cover().height()));
    }
}
