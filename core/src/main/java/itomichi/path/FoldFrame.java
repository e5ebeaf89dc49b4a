package itomichi.path;

import itomichi.measure.Length;
import itomichi.station.Stations;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * Signatures lying side by side along a spine, sewn through their folds.
 *
 * @param stations stations along every fold
 * @param layers the signatures, in the order of the book
 * @param edges how far the edges of what is sewn lie past the ends of the leaves
 * @param supports what is sewn on with it
 * @param thread diameter of the thread as it is sewn
 * @param tail length of each tail
 */
public record FoldFrame(
        Stations stations, List<Layer> layers, Edges edges, Supports supports, Length thread, Length tail)
        implements Frame {

    /** @throws IllegalArgumentException if there is no signature */
    public FoldFrame {
        layers = List.copyOf(layers);
        if (layers.isEmpty()) {
            throw new IllegalArgumentException("A spine needs at least one signature; read none");
        }
    }

    /**
     * A signature where it lies.
     *
     * @param passed thickness at the fold: its sheets once, and the cover if it is sewn through
     * @param across the place of its row across the spine, from the first signature
     * @param cover of that, the cover
     * @param aside how far its fold lies from its row, where two signatures share one: the thread goes so far between cover and fold
     */
    public record Layer(Length passed, Length across, Length cover, Length aside) {

        /** One whose fold lies in its row, with nothing sewn through but its sheets. */
        public Layer(Length passed, Length across) {
            this(passed, across, Length.ZERO, Length.ZERO);
        }

        /** Where its fold lies across the spine. */
        public Length fold() {
            return across.plus(aside);
        }
    }

    /**
     * Where the work ends.
     *
     * @param height of the leaves
     * @param head how far the cover stands out at the head
     * @param tail how far at the tail
     */
    public record Edges(Length height, Length head, Length tail) {}

    /** Signatures that are all as thick, evenly spaced, with nothing sewn on; the leaves end as far below the last station as above the first. */
    public static FoldFrame even(
            Stations stations, int signatures, Length passed, Length pitch, Length thread, Length tail) {
        List<Layer> layers = new ArrayList<>();
        for (int signature = 0; signature < signatures; signature++) {
            layers.add(new Layer(passed, pitch.times(signature)));
        }
        Length height = stations.at(stations.count()).plus(stations.at(1));
        return new FoldFrame(
                stations, layers, new Edges(height, Length.ZERO, Length.ZERO), Supports.NONE, thread, tail);
    }

    /** The signature of that number, from 1. */
    public Layer layer(int signature) {
        return layers.get(signature - 1);
    }

    @Override
    public int signatures() {
        return layers.size();
    }

    @Override
    public <T> T match(Function<FoldFrame, T> folds, Function<StabFrame, T> block) {
        return folds.apply(this);
    }

    @Override
    public Point3 at(Spot spot) {
        Layer layer = layer(spot.hole().signature());
        double alongMm = stations.at(spot.hole().station()).mm();
        return spot.face() == Face.INSIDE
                ? new Point3(alongMm, layer.fold().mm(), -layer.passed.mm())
                : new Point3(
                        alongMm, layer.across.mm(), supports.plateMm(spot.hole().station()));
    }

    /** From its row through the cover, then between cover and fold to where the fold is. */
    @Override
    public List<Point3> within(Hole hole) {
        Layer layer = layer(hole.signature());
        if (layer.aside.mm() == 0) {
            return List.of();
        }
        double alongMm = stations.at(hole.station()).mm();
        return List.of(
                new Point3(alongMm, layer.across.mm(), -layer.cover.mm()),
                new Point3(alongMm, layer.fold().mm(), -layer.cover.mm()));
    }

    @Override
    public double passedMm(Hole hole) {
        Layer layer = layer(hole.signature());
        return layer.passed.mm() + Math.abs(layer.aside.mm()) + supports.plateMm(hole.station());
    }

    @Override
    public double toEdgeMm(Hole hole, Edge edge) {
        double fromHeadMm = stations.at(hole.station()).mm();
        return switch (edge) {
            case HEAD -> fromHeadMm + edges.head.mm();
            case TAIL -> edges.height.mm() - fromHeadMm + edges.tail.mm();
            case SPINE ->
                throw new IllegalArgumentException("A fold has no spine edge to wrap thread round at " + hole);
        };
    }

    /** To the row below. The lowest has none; what is sewn to a board there goes as far as the next pitch. */
    @Override
    public double pitchMm(Hole hole) {
        int upper = Math.max(2, hole.signature());
        if (layers.size() < upper) {
            return 0;
        }
        // two signatures of one row lie at one place
        for (int lower = upper - 1; lower >= 1; lower--) {
            double betweenMm = layer(upper).across.mm() - layer(lower).across.mm();
            if (betweenMm != 0) {
                return betweenMm;
            }
        }
        return 0;
    }

    @Override
    public double liftMm(Run run) {
        return supports.liftMm(run);
    }

    @Override
    public double threadMm() {
        return thread.mm();
    }

    @Override
    public double tailMm() {
        return tail.mm();
    }
}
