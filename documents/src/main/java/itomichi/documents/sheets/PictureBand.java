package itomichi.documents.sheets;

import itomichi.documents.drawing.Ink;
import itomichi.documents.drawing.Pen;
import itomichi.documents.drawing.Shape;
import itomichi.path.Face;
import itomichi.path.FoldFrame;
import itomichi.path.Frame;
import itomichi.path.Pass;
import itomichi.path.StabFrame;
import itomichi.path.Strand;
import itomichi.path.Tail;
import itomichi.path.ThreadPath;
import itomichi.steps.StepLine;
import java.util.ArrayList;
import java.util.List;

/** One view of a picture where it lies on the paper. */
final class PictureBand {

    /** Parts of a bent strand: no longer than this on the paper, and no more than so many. */
    private static final double CURVE_MM = 1.2;

    private static final int MOST_PARTS = 8;
    private static final double NUMBER_MM = 2.6;
    private static final double ARROW_MM = 2.2;
    private static final double RING_MM = 2.2;

    private final Picture.Ground ground;
    private final Picture.Band band;
    private final double leftMm;
    private final double topMm;
    private final double rowMm;

    PictureBand(Picture.Ground ground, Picture.Band band, double leftMm, double topMm, double rowMm) {
        this.ground = ground;
        this.band = band;
        this.leftMm = leftMm;
        this.topMm = topMm;
        this.rowMm = rowMm;
    }

    private double x(double alongMm) {
        double fromHead = (alongMm + ground.headMm()) * ground.scale();
        return leftMm + (ground.manner().headRight() ? ground.lengthMm() * ground.scale() - fromHead : fromHead);
    }

    private double y(double acrossMm) {
        return topMm + band.zeroMm() + band.down() * (acrossMm - rowMm) * ground.scale();
    }

    private boolean inside(double yMm) {
        return yMm >= topMm - 0.01 && yMm <= topMm + band.heightMm() + 0.01;
    }

    void work(List<Shape> shapes) {
        double right = leftMm + ground.lengthMm() * ground.scale();
        double bottom = topMm + band.heightMm();
        shapes.add(new Shape.Line(leftMm, topMm, right, topMm, Pen.HOLE));
        shapes.add(new Shape.Line(leftMm, bottom, right, bottom, Pen.HOLE));
        shapes.add(new Shape.Line(leftMm, topMm, leftMm, bottom, Pen.HOLE));
        shapes.add(new Shape.Line(right, topMm, right, bottom, Pen.HOLE));
    }

    void holes(List<Shape> shapes, int signature) {
        ground.sewing().frame().match(fold -> foldHoles(shapes, fold, signature), block -> blockHoles(shapes, block));
    }

    private List<Shape> blockHoles(List<Shape> shapes, StabFrame block) {
        if (band.view() != Strand.View.SPINE) {
            block.holes()
                    .forEach(hole ->
                            hole(shapes, hole.fromHead().mm(), hole.fromSpine().mm()));
        }
        return shapes;
    }

    private List<Shape> foldHoles(List<Shape> shapes, FoldFrame fold, int signature) {
        for (int row = 1; row <= fold.layers().size(); row++) {
            if (band.view() == Strand.View.INSIDE && row != signature) {
                continue;
            }
            double across = band.view() == Strand.View.INSIDE
                    ? 0
                    : fold.layer(row).across().mm();
            if (inside(y(across))) {
                shapes.add(
                        new Shape.Line(x(0), y(across), x(fold.edges().height().mm()), y(across), Pen.HOLE));
                fold.stations().fromHead().forEach(station -> hole(shapes, station.mm(), across));
            }
        }
        return shapes;
    }

    private void hole(List<Shape> shapes, double alongMm, double acrossMm) {
        shapes.add(new Shape.Circle(x(alongMm), y(acrossMm), 0.7, Pen.HOLE, Ink.BLACK));
    }

    void strand(List<Shape> shapes, Strand strand, boolean now) {
        Pen pen = now ? StepSheet.pen(band.view()) : Pen.THREAD_BEFORE;
        Ink ink = ground.manner().told() ? Ink.BLACK : now ? Ink.MADDER : Ink.INDIGO;
        List<Strand.Point> points = strand.points().size() == 3 ? curve(strand.points()) : strand.points();
        for (int i = 1; i < points.size(); i++) {
            double y1 = y(points.get(i - 1).acrossMm());
            double y2 = y(points.get(i).acrossMm());
            if (inside(y1) && inside(y2)) {
                shapes.add(new Shape.Line(
                        x(points.get(i - 1).alongMm()), y1, x(points.get(i).alongMm()), y2, pen, ink));
            }
        }
        if (strand.kind() == Strand.Kind.KNOT && now) {
            double x = x(points.get(0).alongMm());
            double y = y(points.get(0).acrossMm());
            shapes.add(new Shape.Line(x - 1.2, y - 1.2, x + 1.2, y + 1.2, Pen.THREAD, ink));
            shapes.add(new Shape.Line(x - 1.2, y + 1.2, x + 1.2, y - 1.2, Pen.THREAD, ink));
        }
    }

    private List<Strand.Point> curve(List<Strand.Point> bent) {
        List<Strand.Point> points = new ArrayList<>();
        int parts = (int) Math.max(3, Math.min(MOST_PARTS, Math.ceil(lengthMm(bent) * ground.scale() / CURVE_MM)));
        for (int i = 0; i <= parts; i++) {
            double t = (double) i / parts;
            double a = (1 - t) * (1 - t);
            double b = 2 * t * (1 - t);
            double c = t * t;
            points.add(new Strand.Point(
                    a * bent.get(0).alongMm()
                            + b * bent.get(1).alongMm()
                            + c * bent.get(2).alongMm(),
                    a * bent.get(0).acrossMm()
                            + b * bent.get(1).acrossMm()
                            + c * bent.get(2).acrossMm()));
        }
        return points;
    }

    /** Along the corners: no bend between them is longer. */
    private double lengthMm(List<Strand.Point> bent) {
        double lengthMm = 0;
        for (int i = 1; i < bent.size(); i++) {
            lengthMm += Math.hypot(
                    bent.get(i).alongMm() - bent.get(i - 1).alongMm(),
                    bent.get(i).acrossMm() - bent.get(i - 1).acrossMm());
        }
        return lengthMm;
    }

    void number(List<Shape> shapes, int station, int number, int before) {
        shapes.add(new Shape.Words(
                holeX(station) + 1.2 + 4 * before,
                holeY(station) - 1.3,
                Integer.toString(number),
                NUMBER_MM,
                false,
                false,
                Ink.MADDER));
    }

    private double holeX(int station) {
        Frame frame = ground.sewing().frame();
        return x(frame.match(
                fold -> fold.stations().at(station).mm(),
                block -> block.holes().get(station - 1).fromHead().mm()));
    }

    private double holeY(int station) {
        Frame frame = ground.sewing().frame();
        return y(frame.match(
                fold -> 0.0, block -> block.holes().get(station - 1).fromSpine().mm()));
    }

    /** A ring about the hole that the needle goes through: a cross in it where it goes away from the eye, a dot where it comes. */
    void needle(List<Shape> shapes, StepLine step) {
        List<Pass> passes = new ThreadPath(step.step().moves()).moves(Pass.class);
        if (passes.isEmpty()) {
            return;
        }
        Pass last = passes.get(passes.size() - 1);
        double x = holeX(last.hole().station());
        double y = holeY(last.hole().station());
        shapes.add(new Shape.Circle(x, y, RING_MM, Pen.HOLE, Ink.BLACK));
        double inner = RING_MM * 0.6;
        if (last.to() == Face.OUTSIDE || last.to() == Face.BACK) {
            shapes.add(new Shape.Line(x - inner, y - inner, x + inner, y + inner, Pen.HOLE, Ink.BLACK));
            shapes.add(new Shape.Line(x - inner, y + inner, x + inner, y - inner, Pen.HOLE, Ink.BLACK));
        } else {
            shapes.add(new Shape.Block(x - inner / 2, y - inner / 2, inner, inner));
        }
    }

    /** Tails that hang on this face. */
    void tails(List<Shape> shapes, List<StepLine> steps, int signature) {
        for (StepLine step : steps) {
            for (Tail tail : new ThreadPath(step.step().moves()).moves(Tail.class)) {
                boolean here = (band.view() == Strand.View.INSIDE && tail.face() == Face.INSIDE)
                        || (band.view() == Strand.View.FRONT && tail.face() == Face.FRONT);
                if (here && tail.hole().signature() == signature) {
                    double x = holeX(tail.hole().station());
                    double y = holeY(tail.hole().station());
                    double down = band.heightMm() / 2 - 1;
                    shapes.add(new Shape.Line(x, y, x + down / 2, y + down / 2, Pen.THREAD_BEFORE, Ink.BLACK));
                    shapes.add(new Shape.Line(
                            x + down / 2, y + down / 2, x + down / 3, y + down, Pen.THREAD_BEFORE, Ink.BLACK));
                }
            }
        }
    }

    /** Where a move ends, on the face on which it does: in the middle of its last straight part, pointing on. */
    void arrow(List<Shape> shapes, Strand strand) {
        List<Strand.Point> points = strand.points();
        double x1 = x(points.get(points.size() - 2).alongMm());
        double y1 = y(points.get(points.size() - 2).acrossMm());
        double x2 = x(points.get(points.size() - 1).alongMm());
        double y2 = y(points.get(points.size() - 1).acrossMm());
        double lengthMm = Math.hypot(x2 - x1, y2 - y1);
        if (lengthMm > ARROW_MM && inside(y1) && inside(y2)) {
            double ux = (x2 - x1) / lengthMm;
            double uy = (y2 - y1) / lengthMm;
            double x = (x1 + x2) / 2 + ux * ARROW_MM / 2;
            double y = (y1 + y2) / 2 + uy * ARROW_MM / 2;
            for (int side : new int[] {-1, 1}) {
                shapes.add(new Shape.Line(
                        x,
                        y,
                        x - ARROW_MM * (ux - side * 0.6 * uy),
                        y - ARROW_MM * (uy + side * 0.6 * ux),
                        Pen.THREAD,
                        Ink.BLACK));
            }
        }
    }
}
