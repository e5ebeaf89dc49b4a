package itomichi.plan;

import itomichi.cover.SoftCover;
import itomichi.finding.Figure;
import itomichi.finding.Working;
import itomichi.gathering.Signature;
import itomichi.measure.Length;
import itomichi.path.FoldFrame;
import itomichi.path.HoleSize;
import itomichi.path.PathCheck;
import itomichi.path.PathFault;
import itomichi.path.ThreadPath;
import itomichi.schedule.BenchTime;
import itomichi.station.StationFault;
import itomichi.station.StationScheme;
import itomichi.station.Stations;
import itomichi.structure.Structure;
import java.util.List;

/** Works out a plan. It has no state: the same spec gives the same plan. */
public final class Planner {

    private Planner() {}

    /**
     * Everything about a book, from what its binder wants.
     *
     * <p>Never fails for a spec that could be made: what cannot be sewn gets a remark of weight stop, and the plan is worked out as far
     * as it goes.
     */
    public static BookPlan plan(BookSpec spec) {
        Working thickness = spec.paper().thickness();
        Length sheet = length("paper-thickness", thickness);
        Signature signature = new Signature(spec.pages(), sheet);
        Length foldThickness = length("fold", signature.foldThickness());
        Length creep = length("creep", signature.creep());
        SoftCover cover = new SoftCover(
                spec.leaf().width(),
                spec.leaf().height(),
                spec.leaf().trimmed() ? Length.ZERO : creep,
                foldThickness,
                spec.cover().square());

        Working diameter = spec.thread().thread().diameter();
        Length strand = length("thread-thickness", diameter);
        FoldFrame fold = fold(spec, signature, strand);
        Structure structure = spec.sewn();
        Structure.Choice choice = new Structure.Choice(
                fold.stations().count(), spec.thread().knot(), spec.thread().turns());
        ThreadPath path = structure.stitch(choice);
        List<PathFault> faults = PathCheck.faults(path, structure.pattern(choice), fold, structure.mostPasses());
        Working hole = HoleSize.of(
                structure.mostPasses() * spec.thread().strands(),
                strand,
                spec.thread().needleEye());
        ThreadNeed thread = ThreadNeed.of(spec, path, fold);

        Figures figures = new Figures(spec, signature)
                .add("sheets", "Sheets to fold", signature.sheetsWorking())
                .addSheetSize()
                .add("paper-thickness", "Sheet thickness", thickness)
                .add("fold", "Folded thickness", signature.foldThickness())
                .add("creep", "Creep", signature.creep())
                .addStations(fold.stations())
                .add("thread-thickness", "Thread thickness", diameter)
                .add("hole", "Hole width", hole)
                .add("thread", "Thread to cut", thread.cut());
        if (spec.cover().wanted()) {
            figures.addCover(cover);
        }
        figures.add(
                "time",
                "At the bench",
                BenchTime.of(
                        signature.sheets(),
                        fold.stations().count(),
                        path.passes().values().stream()
                                .mapToInt(Integer::intValue)
                                .sum()));

        List<StationFault> stationFaults =
                StationFault.judge(fold.stations(), spec.leaf().height());
        return new BookPlan(
                spec,
                signature,
                sheet,
                new BookPlan.CoverSize(length("cover", cover.width()), cover.height()),
                fold,
                length("hole", hole),
                path,
                faults,
                thread.steps(),
                figures.all(),
                new Remarks(spec, signature, stationFaults).all(length("thread", thread.cut()), faults),
                NextThings.of(spec, signature, fold.stations(), thread));
    }

    private static Length length(String key, Working working) {
        return new Figure(key, key, working).length();
    }

    private static FoldFrame fold(BookSpec spec, Signature signature, Length strand) {
        Length passed = signature.sheetThickness().times(signature.sheets());
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
        if (Remarks.marginsFit(spec)) {
            return spec.stations().along(spec.leaf().height());
        }
        return new StationScheme.Share(spec.stations().count(), 0.1)
                .along(spec.leaf().height());
    }
}
