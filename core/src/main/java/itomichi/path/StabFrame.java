package itomichi.path;

import itomichi.measure.Length;
import itomichi.station.SidePosition;
import java.util.List;
import java.util.function.Function;

/**
 * A block sewn from front to back near its spine edge.
 *
 * @param holes each hole's place: along the spine from the head, and from the spine edge
 * @param height of the block, head to tail
 * @param thickness of the block
 * @param thread diameter of the thread
 * @param tail length of each tail
 */
public record StabFrame(List<SidePosition> holes, Length height, Length thickness, Length thread, Length tail)
        implements Frame {

    public StabFrame {
        holes = List.copyOf(holes);
    }

    @Override
    public int signatures() {
        return 1;
    }

    @Override
    public <T> T match(Function<FoldFrame, T> folds, Function<StabFrame, T> block) {
        return block.apply(this);
    }

    private SidePosition place(Hole hole) {
        return holes.get(hole.station() - 1);
    }

    @Override
    public Point3 at(Spot spot) {
        SidePosition place = place(spot.hole());
        return new Point3(
                place.fromHead().mm(), place.fromSpine().mm(), spot.face() == Face.BACK ? -thickness.mm() : 0);
    }

    @Override
    public double passedMm(Hole hole) {
        return thickness.mm();
    }

    @Override
    public double toEdgeMm(Hole hole, Edge edge) {
        SidePosition place = place(hole);
        return switch (edge) {
            case SPINE -> place.fromSpine().mm();
            case HEAD -> place.fromHead().mm();
            case TAIL -> height.minus(place.fromHead()).mm();
        };
    }

    @Override
    public double pitchMm(Hole hole) {
        return 0;
    }

    @Override
    public double liftMm(Run run) {
        return 0;
    }

    @Override
    public Supports supports() {
        return Supports.NONE;
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
