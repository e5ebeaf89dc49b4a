package itomichi.path;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The thread goes round the spine edge of a board, in through the board's hole, and back to its hole in the fold.
 *
 * @param hole the hole in the fold that it came out of
 */
public record Board(Hole hole) implements OutsideTurn {

    @Override
    public <T> T match(Cases<T> cases) {
        return cases.board(this);
    }

    @Override
    public Move at(UnaryOperator<Hole> hole) {
        return new Board(hole.apply(this.hole));
    }

    @Override
    public boolean holdsBelow() {
        return false;
    }

    @Override
    public double lengthMm(Frame frame) {
        return 2 * (frame.supports().boardHole().mm() + frame.supports().board().mm());
    }

    @Override
    public List<Point3> trace(Frame frame) {
        Point3 here = frame.at(start());
        double thickMm = frame.supports().board().mm();
        double inMm = frame.supports().boardHole().mm();
        return List.of(
                here,
                here.raised(thickMm),
                new Point3(here.xMm(), here.yMm() - inMm, here.zMm() + thickMm),
                new Point3(here.xMm(), here.yMm() - inMm, here.zMm()),
                here);
    }
}
