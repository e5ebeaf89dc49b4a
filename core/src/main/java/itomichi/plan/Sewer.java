package itomichi.plan;

import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.measure.Length;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Frame;
import itomichi.path.PathCheck;
import itomichi.path.PathFault;
import itomichi.path.StabFrame;
import itomichi.path.StitchPattern;
import itomichi.path.Supports;
import itomichi.path.ThreadPath;
import itomichi.station.Role;
import itomichi.station.Rows;
import itomichi.station.SideHole;
import itomichi.station.Stations;
import itomichi.structure.Stitching;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** Works out the thread, where its structure says how it is sewn: first its way, which the holes follow from, then its lengths. */
final class Sewer {

    /** Holes of one book, all its signatures together; a way through more could not be looked over. */
    static final int MOST_HOLES = 6_000;

    private Sewer() {}

    /**
     * The thread's way, before anything is known of its lengths.
     *
     * @param stitching how it is sewn
     * @param choice what was chosen of it
     * @param path the way of one thread, or of each signature's
     */
    record Route(Stitching stitching, Stitching.Choice choice, ThreadPath path) {

        /** Passes of the needle through the fullest hole of that number, over all signatures. */
        Map<Integer, Integer> passes() {
            Map<Integer, Integer> most = new HashMap<>();
            path.passes().forEach((hole, passes) -> most.merge(hole.station(), passes, Math::max));
            return most;
        }
    }

    /** Holes that the sewing counts: stations of a fold, main holes through the side, every hole of an own pattern. */
    static int stations(BookSpec spec) {
        if (!spec.bound().holing().throughSide()) {
            return FoldHoles.stations(spec).count();
        }
        List<SideHole> holes = SideHoles.places(spec);
        return spec.bound().own()
                ? holes.size()
                : (int) holes.stream()
                        .filter(hole -> hole.role() == Role.MAIN || hole.role() == Role.BY_HAND)
                        .count();
    }

    /** Signatures that are sewn one by one; 1 where all are pierced at once. */
    private static int signatures(Stitching stitching, Gathered gathered) {
        return gathered instanceof Gathered.InSignatures folded && !stitching.sewnAtOnce()
                ? folded.block().signatures().size()
                : 1;
    }

    static boolean tooLarge(BookSpec spec, Gathered gathered) {
        return spec.stitching()
                .filter(stitching -> signatures(stitching, gathered) * stations(spec) > MOST_HOLES)
                .isPresent();
    }

    static Optional<Route> route(BookSpec spec, Gathered gathered) {
        return spec.stitching()
                .filter(stitching -> stitching.takesStations(stations(spec), spec.variant()))
                .filter(stitching -> !tooLarge(spec, gathered))
                .map(stitching -> {
                    Stitching.Choice choice = choice(spec, gathered, stitching);
                    return new Route(stitching, choice, stitching.stitch(choice));
                });
    }

    private static Stitching.Choice choice(BookSpec spec, Gathered gathered, Stitching stitching) {
        boolean side = spec.bound().holing().throughSide();
        return new Stitching.Choice(
                signatures(stitching, gathered),
                stations(spec),
                side ? SideHoles.places(spec) : List.of(),
                spec.variant(),
                stitching.choosesKnot() ? spec.thread().knot() : Face.INSIDE,
                spec.thread().turns());
    }

    static SewingPlan plan(BookSpec spec, Gathered gathered, Holes holes, Length strand, Route route) {
        Frame frame = frame(spec, gathered, holes, strand, route.stitching);
        Joins joins = Joins.of(spec, route, frame);
        StitchPattern pattern = route.stitching.pattern(route.choice).joinedAt(joins.at());
        List<PathFault> faults =
                PathCheck.faults(joins.path(), pattern, frame, route.stitching.mostPasses(route.choice));
        return new SewingPlan(
                spec,
                route.stitching,
                route.choice,
                frame,
                joins.path(),
                faults,
                ThreadNeed.of(spec, joins.path(), frame));
    }

    private static Frame frame(BookSpec spec, Gathered gathered, Holes holes, Length strand, Stitching stitching) {
        Length thread = strand.times(spec.thread().strands());
        Length tail = spec.thread().tail();
        if (holes instanceof Holes.ThroughSide side) {
            return new StabFrame(
                    side.holes().stream()
                            .map(hole -> new StabFrame.Place(hole.fromHead(), hole.fromSpine()))
                            .toList(),
                    side.height(),
                    side.thickness(),
                    thread,
                    tail);
        }
        Holes.InFolds folds = (Holes.InFolds) holes;
        Length square = spec.cover().wanted() ? spec.cover().square() : Length.ZERO;
        FoldFrame.Edges edges = folds.cover()
                .map(cover -> new FoldFrame.Edges(spec.leaf().height(), cover.head(), cover.tail()))
                .orElse(new FoldFrame.Edges(spec.leaf().height(), square, square));
        return new FoldFrame(
                folds.stations(),
                layers(spec, (Gathered.InSignatures) gathered, folds, stitching),
                edges,
                supports(spec, stitching, folds.stations()),
                thread,
                tail);
    }

    private static List<FoldFrame.Layer> layers(
            BookSpec spec, Gathered.InSignatures folded, Holes.InFolds holes, Stitching stitching) {
        List<Signature> signatures = folded.block().signatures();
        boolean through = spec.cover().wanted() && spec.bound().inSoftCover();
        Length cover = through ? spec.cover().thickness() : Length.ZERO;
        if (stitching.sewnAtOnce()) {
            Length all = cover.times(2);
            for (Signature signature : signatures) {
                all = all.plus(signature.laidFlat());
            }
            return List.of(new FoldFrame.Layer(all, Length.ZERO));
        }
        List<Length> across = holes.cover()
                .map(made -> rows(made.rows(), made.pairs(), signatures.size()))
                .orElseGet(() -> asTheyLie(CoverRows.thicknesses(folded.block())));
        List<FoldFrame.Layer> layers = new ArrayList<>();
        for (int i = 0; i < signatures.size(); i++) {
            layers.add(new FoldFrame.Layer(signatures.get(i).laidFlat().plus(cover), across.get(i)));
        }
        return layers;
    }

    /** Where each signature's row lies, from the first; a row for each, or for each pair. */
    private static List<Length> rows(Rows rows, boolean pairs, int signatures) {
        List<Length> across = new ArrayList<>();
        for (int signature = 1; signature <= signatures; signature++) {
            int row = pairs ? (signature + 1) / 2 : signature;
            across.add(rows.at(1).minus(rows.at(row)));
        }
        return across;
    }

    /** From the middle of the first signature to the middle of each. */
    private static List<Length> asTheyLie(List<Length> thicknesses) {
        List<Length> across = new ArrayList<>();
        Length at = Length.ZERO;
        for (int i = 0; i < thicknesses.size(); i++) {
            at = i == 0
                    ? at
                    : at.plus(thicknesses.get(i - 1).plus(thicknesses.get(i)).times(0.5));
            across.add(at);
        }
        return across;
    }

    private static Supports supports(BookSpec spec, Stitching stitching, Stations stations) {
        StitchWish wish = spec.stitch();
        Stitching.SewnOn sewnOn = stitching.sewnOn(spec.variant());
        Set<Integer> taped = new TreeSet<>();
        for (int station = 2; sewnOn == Stitching.SewnOn.TAPES && station < stations.count() - 1; station += 2) {
            taped.add(station);
        }
        return new Supports(taped, wish.tape(), wish.cord(), wish.board(), wish.boardHole());
    }
}
