package itomichi.plan;

import itomichi.finding.Working;
import itomichi.gathering.Gathered;
import itomichi.measure.Length;
import itomichi.path.FoldFrame;
import itomichi.path.HoleSize;
import itomichi.path.PathCheck;
import itomichi.path.PathFault;
import itomichi.path.ThreadPath;
import itomichi.station.StationScheme;
import itomichi.station.Stations;
import itomichi.structure.Stitching;
import java.util.List;
import java.util.Optional;

/** Works out holes and thread of a single fold, where its structure says how it is sewn. */
final class Sewer {

    private Sewer() {}

    /**
     * What comes of it.
     *
     * @param plan holes, path and steps
     * @param hole width of the holes, with its working
     * @param thread what thread is needed
     */
    record Sewn(SewingPlan plan, Working hole, ThreadNeed thread) {}

    static Optional<Sewn> sew(BookSpec spec, Gathered gathered, Length strand) {
        return spec.bound()
                .stitching()
                .filter(stitching -> gathered instanceof Gathered.InSignatures)
                .map(stitching -> sewn(spec, (Gathered.InSignatures) gathered, stitching, strand));
    }

    private static Sewn sewn(BookSpec spec, Gathered.InSignatures folded, Stitching stitching, Length strand) {
        FoldFrame fold = fold(spec, folded, strand);
        Stitching.Choice choice = new Stitching.Choice(
                fold.stations().count(), spec.thread().knot(), spec.thread().turns());
        ThreadPath path = stitching.stitch(choice);
        List<PathFault> faults = PathCheck.faults(path, stitching.pattern(choice), fold, stitching.mostPasses());
        Working hole = HoleSize.of(
                stitching.mostPasses() * spec.thread().strands(),
                strand,
                spec.thread().needleEye());
        ThreadNeed thread = ThreadNeed.of(spec, path, fold);
        return new Sewn(new SewingPlan(fold, hole.length(), path, faults, thread.steps()), hole, thread);
    }

    private static FoldFrame fold(BookSpec spec, Gathered.InSignatures folded, Length strand) {
        Length passed = folded.thickest().laidFlat();
        if (spec.cover().wanted()) {
            passed = passed.plus(spec.cover().thickness());
        }
        return new FoldFrame(
                stations(spec),
                passed,
                Length.ZERO,
                strand.times(spec.thread().strands()),
                spec.thread().tail());
    }

    /** The stations wanted, or where margins leave no room for them, as many on the whole fold; a remark then says so. */
    private static Stations stations(BookSpec spec) {
        if (StationRemarks.marginsFit(spec)) {
            return spec.stations().along(spec.leaf().height());
        }
        return new StationScheme.Share(spec.stations().count(), StationRemarks.FRESH_SHARE)
                .along(spec.leaf().height());
    }
}
