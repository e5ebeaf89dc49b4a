package itomichi.documents.sheets;

import itomichi.documents.drawing.Shape;
import itomichi.path.FoldFrame;
import itomichi.path.StabFrame;
import itomichi.path.Strand;
import itomichi.plan.SewingPlan;
import itomichi.steps.StepLine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A picture of the work on a step sheet: the views one below the other, drawn smaller by one scale. */
final class Picture {

    private static final double NAME_MM = 3.6;
    private static final double STRIP_MM = 9;
    /** Rows of a spine shown on either side of the one in hand. */
    private static final int ROWS_AROUND = 2;

    private final Ground ground;
    private final List<Band> bands;
    private final Map<Integer, List<Shape>> works = new HashMap<>();

    /**
     * How it is drawn.
     *
     * @param headRight whether the head lies to the right, for left hands
     * @param told whether the picture tells by itself: arrows, whether the needle goes in or out, the tail; in black, so that it copies well
     * @param large how much larger than life at the most, and how much wider the bands than usual
     */
    record Manner(boolean headRight, boolean told, double large) {
        /** Head to the left, in colours, never larger than life. */
        static final Manner USUAL = new Manner(false, false, 1);
    }

    /**
     * What all views have in common.
     *
     * @param scale of the paper to the work
     * @param headMm from the head of what is drawn to where the work counts from
     * @param lengthMm of what is drawn, along the fold or the spine
     */
    record Ground(SewingPlan sewing, double scale, double headMm, double lengthMm, Manner manner) {}

    /**
     * A view.
     *
     * @param view which
     * @param name what it is called
     * @param heightMm room it takes on the paper
     * @param zeroMm where nothing across lies in that room
     * @param down 1 where across runs down the paper, -1 where up
     */
    record Band(Strand.View view, String name, double heightMm, double zeroMm, int down) {}

    private Picture(Ground ground, List<Band> bands) {
        this.ground = ground;
        this.bands = bands;
    }

    static Picture of(SewingPlan sewing, double widthMm) {
        return of(sewing, widthMm, Manner.USUAL);
    }

    static Picture of(SewingPlan sewing, double widthMm, Manner manner) {
        return sewing.frame()
                .match(
                        fold -> ofFolds(sewing, fold, widthMm, manner),
                        block -> ofBlock(sewing, block, widthMm, manner));
    }

    private static Picture ofBlock(SewingPlan sewing, StabFrame block, double widthMm, Manner manner) {
        double farMm = block.holes().stream()
                .mapToDouble(hole -> hole.fromSpine().mm())
                .max()
                .orElse(10);
        double scale = Math.min(manner.large(), widthMm / block.height().mm());
        double depth = 1.5 * farMm * scale;
        double thick = Math.max(4, block.thickness().mm() * scale);
        return new Picture(
                new Ground(sewing, scale, 0, block.height().mm(), manner),
                List.of(
                        new Band(Strand.View.FRONT, "Front", depth, depth, -1),
                        new Band(Strand.View.SPINE, "Spine", thick, 0, 1),
                        new Band(Strand.View.BACK, "Back, seen through", depth, depth, -1)));
    }

    private static Picture ofFolds(SewingPlan sewing, FoldFrame fold, double widthMm, Manner manner) {
        double whole = fold.edges()
                .height()
                .plus(fold.edges().head())
                .plus(fold.edges().tail())
                .mm();
        double scale = Math.min(manner.large(), widthMm / whole);
        double strip = STRIP_MM * manner.large();
        boolean atOnce = sewing.stitching().sewnAtOnce();
        double acrossMm =
                Math.min(fold.layers().get(fold.layers().size() - 1).across().mm(), 2 * ROWS_AROUND * pitchMm(fold));
        double spine = strip + acrossMm * scale;
        return new Picture(
                new Ground(sewing, scale, fold.edges().head().mm(), whole, manner),
                List.of(
                        new Band(Strand.View.INSIDE, atOnce ? "Inside of section 1" : "Inside", strip, strip / 2, 1),
                        new Band(
                                Strand.View.OUTSIDE,
                                atOnce ? "Inside of section 2" : "Outside, seen through",
                                spine,
                                spine / 2,
                                -1)));
    }

    private static double pitchMm(FoldFrame fold) {
        int last = fold.layers().size() - 1;
        return last == 0 ? 0 : fold.layers().get(last).across().mm() / last;
    }

    double scale() {
        return ground.scale();
    }

    double heightMm() {
        return bands.stream().mapToDouble(band -> band.heightMm + NAME_MM + 2).sum();
    }

    void draw(
            List<Shape> shapes,
            double leftMm,
            double topMm,
            int signature,
            List<StepLine> steps,
            List<List<Strand>> strands,
            int from,
            int to) {
        shapes.add(new Shape.Again(works.computeIfAbsent(signature, this::work), leftMm, topMm));
        double y = topMm;
        for (Band band : bands) {
            PictureBand place = new PictureBand(ground, band, leftMm, y + NAME_MM, rowMm(band, signature));
            for (int i = 0; i < to; i++) {
                boolean now = i >= from;
                for (Strand strand : strands.get(i)) {
                    if (strand.view() == band.view
                            && (band.view != Strand.View.INSIDE || strand.signature() == signature)) {
                        place.strand(shapes, strand, now);
                        if (now && ground.manner().told() && strand.points().size() > 1) {
                            place.arrow(shapes, strand);
                        }
                    }
                }
            }
            boolean first = band.equals(bands.get(0));
            if (ground.manner().told()) {
                place.tails(shapes, steps.subList(0, to), signature);
                if (first) {
                    place.needle(shapes, steps.get(to - 1));
                }
            } else if (first) {
                numbers(shapes, place, steps, from, to);
            }
            y += band.heightMm + NAME_MM + 2;
        }
    }

    /** The work before anything is sewn, which is the same in every picture of a signature. */
    private List<Shape> work(int signature) {
        List<Shape> shapes = new ArrayList<>();
        double y = 0;
        for (Band band : bands) {
            PictureBand place = new PictureBand(ground, band, 0, y + NAME_MM, rowMm(band, signature));
            shapes.add(new Shape.Words(0, y + NAME_MM - 0.9, band.name, 2.8, false, false));
            place.work(shapes);
            place.holes(shapes, signature);
            y += band.heightMm + NAME_MM + 2;
        }
        return shapes;
    }

    /** What lies in the middle of a band: the row in hand, but for the first and the last rows, beyond which there is nothing to see. */
    private double rowMm(Band band, int signature) {
        if (band.view != Strand.View.OUTSIDE) {
            return 0;
        }
        FoldFrame fold = (FoldFrame) ground.sewing().frame();
        double lastMm = fold.layers().get(fold.layers().size() - 1).across().mm();
        double halfMm = (band.heightMm - STRIP_MM * ground.manner().large()) / ground.scale() / 2;
        return Math.max(
                halfMm, Math.min(lastMm - halfMm, fold.layer(signature).across().mm()));
    }

    /** The moves' numbers at the holes they end at. */
    private static void numbers(List<Shape> shapes, PictureBand place, List<StepLine> steps, int from, int to) {
        for (int i = from; i < to; i++) {
            StepLine step = steps.get(i);
            int station = step.step().target().station();
            long before = steps.subList(from, i).stream()
                    .filter(other -> other.step().target().station() == station)
                    .count();
            place.number(shapes, station, step.step().number(), (int) before);
        }
    }
}
