package itomichi.plan;

import itomichi.gathering.Gathered;
import itomichi.measure.Length;
import itomichi.path.FoldFrame;
import itomichi.path.PathCheck;
import itomichi.path.PathFault;
import itomichi.path.ThreadPath;
import itomichi.structure.Stitching;
import java.util.List;
import java.util.Optional;

/** Works out the thread of a single fold, where its structure says how it is sewn. */
final class Sewer {

    private Sewer() {}

    /**
     * What comes of it.
     *
     * @param plan path and steps
     * @param thread what thread is needed
     */
    record Sewn(SewingPlan plan, ThreadNeed thread) {}

    static Optional<Sewn> sew(BookSpec spec, Gathered gathered, Length strand) {
        return spec.bound()
                .stitching()
                .filter(stitching -> gathered instanceof Gathered.InSignatures)
                .filter(stitching -> stitching.takesStations(spec.stations().count()))
                .map(stitching -> sewn(spec, (Gathered.InSignatures) gathered, stitching, strand));
    }

    private static Sewn sewn(BookSpec spec, Gathered.InSignatures folded, Stitching stitching, Length strand) {
        FoldFrame fold = fold(spec, folded, strand);
        Stitching.Choice choice = new Stitching.Choice(
                fold.stations().count(), spec.thread().knot(), spec.thread().turns());
        ThreadPath path = stitching.stitch(choice);
        List<PathFault> faults = PathCheck.faults(path, stitching.pattern(choice), fold, stitching.mostPasses());
        ThreadNeed thread = ThreadNeed.of(spec, path, fold);
        return new Sewn(new SewingPlan(fold, path, faults, thread.steps()), thread);
    }

    private static FoldFrame fold(BookSpec spec, Gathered.InSignatures folded, Length strand) {
        Length passed = folded.thickest().laidFlat();
        if (spec.cover().wanted()) {
            passed = passed.plus(spec.cover().thickness());
        }
        return new FoldFrame(
                FoldHoles.stations(spec),
                passed,
                Length.ZERO,
                strand.times(spec.thread().strands()),
                spec.thread().tail());
    }
}
