package itomichi.plan;

import itomichi.cover.AtSpine;
import itomichi.gathering.Block;
import itomichi.gathering.Gathered;
import itomichi.gathering.Signature;
import itomichi.measure.Length;
import itomichi.path.FoldFrame;
import itomichi.path.Frame;
import itomichi.path.StabFrame;
import itomichi.path.Supports;
import itomichi.spec.BookSpec;
import itomichi.spec.StitchWish;
import itomichi.station.Rows;
import itomichi.station.SidePosition;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Lays out the work that a thread goes through: where its holes are, how thick it is, what is sewn on with it. */
final class SewingFrame {

    private final BookSpec spec;
    private final ThreadOrder.Found order;
    private final AtSpine atSpine;
    private final Length thread;

    private SewingFrame(BookSpec spec, Length strand, ThreadOrder.Found order, AtSpine atSpine) {
        this.spec = spec;
        this.order = order;
        this.atSpine = atSpine;
        this.thread = strand.times(spec.thread().strands());
    }

    static Frame of(
            BookSpec spec, Gathered gathered, Holes holes, Length strand, ThreadOrder.Found order, AtSpine atSpine) {
        SewingFrame frame = new SewingFrame(spec, strand, order, atSpine);
        return holes.match(folds -> frame.folds(folds, blockOf(gathered)), frame::block);
    }

    private static Block blockOf(Gathered gathered) {
        return gathered.match(Gathered.InSignatures::block, singly -> {
            throw new IllegalStateException("Holes through folds, but " + singly.sheets() + " sheets lie singly");
        });
    }

    private Frame block(Holes.ThroughSide side) {
        return new StabFrame(
                side.holes().stream()
                        .map(hole -> new SidePosition(hole.fromHead(), hole.fromSpine()))
                        .toList(),
                side.height(),
                side.thickness(),
                thread,
                spec.thread().tail());
    }

    private Frame folds(Holes.InFolds folds, Block block) {
        Length square = spec.cover().wanted() ? spec.cover().square() : Length.ZERO;
        FoldFrame.Edges edges = folds.cover()
                .map(cover -> new FoldFrame.Edges(spec.leaf().height(), cover.head(), cover.tail()))
                .orElse(new FoldFrame.Edges(spec.leaf().height(), square, square));
        return new FoldFrame(
                folds.stations(),
                layers(block, folds),
                edges,
                supports(folds),
                thread,
                spec.thread().tail());
    }

    private List<FoldFrame.Layer> layers(Block block, Holes.InFolds holes) {
        List<Signature> signatures = block.signatures();
        boolean through = spec.cover().wanted() && spec.bound().inSoftCover();
        Length cover = through ? atSpine.covers(spec.cover().thickness()) : Length.ZERO;
        if (order.stitching().sewnAtOnce()) {
            Length all = cover.times(2);
            for (Signature signature : signatures) {
                all = all.plus(signature.laidFlat());
            }
            return List.of(new FoldFrame.Layer(all, Length.ZERO));
        }
        List<Length> folds = asTheyLie(CoverRows.thicknesses(block));
        List<Length> across = holes.cover()
                .map(made -> rows(made.rows(), made.pairs(), signatures.size()))
                .orElse(folds);
        boolean pairs = holes.cover().filter(Holes.InCover::pairs).isPresent();
        Length middle = between(across).minus(between(folds)).times(0.5);
        List<FoldFrame.Layer> layers = new ArrayList<>();
        for (int i = 0; i < signatures.size(); i++) {
            Length passed = signatures.get(i).laidFlat().plus(cover);
            // two that share a row cannot both lie in it: their folds lie as the block does, about the middle of the
            // rows
            Length aside = pairs ? folds.get(i).plus(middle).minus(across.get(i)) : Length.ZERO;
            layers.add(new FoldFrame.Layer(passed, across.get(i), cover, aside));
        }
        return layers;
    }

    /** From the first to the last. */
    private static Length between(List<Length> across) {
        return across.get(across.size() - 1).minus(across.get(0));
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

    private Supports supports(Holes.InFolds folds) {
        StitchWish wish = spec.stitch();
        return new Supports(
                order.stitching().tapedAfter(folds.stations().count(), spec.variant()),
                wish.tape(),
                wish.cord(),
                wish.board(),
                wish.boardHole(),
                plated(folds),
                atSpine.plate());
    }

    /** The stations under a plate: all, or those of the long stitches and between. */
    private Set<Integer> plated(Holes.InFolds folds) {
        if (atSpine.plate().equals(Length.ZERO) || folds.cover().isEmpty()) {
            return Set.of();
        }
        IntStream all = IntStream.rangeClosed(1, folds.stations().count());
        List<LongStitches> longs =
                LongStitches.of(order.path(), folds.cover().get().pairs());
        return (atSpine.grouped() && !longs.isEmpty()
                        ? all.filter(
                                station -> longs.stream().anyMatch(one -> one.from() <= station && station <= one.to()))
                        : all)
                .boxed()
                .collect(Collectors.toSet());
    }
}
